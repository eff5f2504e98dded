/** More themes of all sorts, written for Kobby: see `scene.ts` for how they are written down. */
export const MORE = `
lemonade stand; lemonade; juice bar
food: lemonade, lemon, orange, ice cube, sugar, mint, cookie
tools: juicer, pitcher, spoon, strainer, straw, knife~cutting board, price sign, till
people: lemonade seller, customer, neighbour
containers: cup, jar, cooler, bucket
money: coin, change
places: stand(table+sign+awning), sidewalk
order: lemon > juice > lemonade
later: orange

car wash; washing cars
tools: sponge, hose, bucket, brush, squeegee, towel, spray nozzle, vacuum cleaner, roller brush
vehicles: car, truck, bus, van, motorcycle
materials: soap, water, wax, foam
people: washer, driver, cashier
places: car wash, drain, drying lane, pay booth
clothes: rubber boots, apron
sounds: swish
later: wax

detectives; mystery; clues; spies
tools: magnifying glass, flashlight, notebook~pencil, camera, brush, map, code wheel, periscope, walkie-talkie
things: fingerprint, footprint, key, secret letter, riddle, clue, locked box
people: detective, witness, police officer, helper
clothes: hat, coat, sunglasses
animals: tracking dog
places: hiding place
materials: invisible ink
later: hat, witness

fossils; digging; archaeology; digging up the past
tools: brush, shovel, trowel, sieve, magnifying glass, bucket, measuring tape, map, label
things: fossil, bone, shell, pot, coin, footprint, bead, statue, mosaic
people: digger, researcher, museum guide
materials: plaster, sand, clay, rock
places: dig site, museum, cave
clothes: sun hat, gloves

towers; skyscrapers; tall buildings; building blocks
towers: lighthouse, clock tower, bell tower, castle tower, radio tower, water tower, skyscraper, control tower
parts: floor, stairs, elevator, roof, window, antenna
people: builder, architect, window washer
tools: block, crane, level, ladder, tape measure
materials: brick, steel
places: city
later: block, elevator

canals; dams; locks on a canal; beavers
places: canal, lock gate, dam, lake, bridge, bank, lodge, towpath
vehicles: barge, canal boat, rowboat, tugboat
people: lock keeper, boat captain, dam builder
animals: beaver, duck, heron, fish
tools: rope~post, crank, pole
materials: water, log, mud, stone
parts: gate, valve
later: post, duck

herbs and spices; herbs; spices; smells
plants: mint, basil, parsley, dill, thyme, rosemary, lavender, sage
food: cinnamon, pepper, ginger, vanilla, garlic, salt
tools: mortar~pestle, grater, scissors, watering can, label
people: cook, herb gardener, spice seller
containers: jar, pot
materials: soil
body: nose

gifts; presents; wrapping presents; giving
things: present, ribbon, bow, gift tag, wrapping paper, balloon, card, flower, surprise
containers: box~lid, gift bag, basket, envelope
tools: scissors, tape, pen, stamp, string
people: giver, friend, grandparent, shopkeeper, letter carrier
materials: tissue paper, paper
places: doorstep, gift shop
later: giver, scissors

umbrellas; umbrella; raincoats; staying dry
things: umbrella(handle+rib+cloth+tip), sunshade, tent, raincoat, rain boots, rain hat, roof, awning, puddle
animals: duck, snail, turtle
people: umbrella maker, walker, puddle jumper
materials: wax, rubber, cloth
places: bus stop, porch, gutter
sky: raindrop, cloud, rainbow
sounds: pitter-patter
later: wax, rubber

pockets and bags; bags; suitcases; packing
containers: suitcase, backpack, purse, pocket, basket, lunch box, shopping bag, tool bag, mail bag, drawstring bag
parts: zipper, strap, handle, wheel, buckle, lock~key, name tag
people: traveler, porter, tailor
clothes: coat, apron, trousers
things: ticket, map

cookies; cookie bakery; cakes; baking
food: cookie, cupcake, cake, muffin, gingerbread, frosting, sprinkles
tools: cookie cutter, rolling pin, whisk, spatula, oven mitt, measuring cup, piping bag
materials: flour, sugar, butter, dough, egg
machines: oven, mixer
people: baker, taster
containers: cookie jar, mixing bowl~spoon
order: flour > dough > cookie

chalk; boards and slates; sidewalk art
things: chalk, chalkboard, sponge, slate, stencil, rainbow picture, hopscotch, arrow, spiral, racetrack, handprint, shadow outline
people: sidewalk artist, teacher, sign painter
places: sidewalk, driveway, playground, wall
tools: bucket, brush, spray bottle, string
materials: water
later: teacher, bucket

gates and fences; fence; gate
things: gate, picket fence, stone wall, hedge, stile, garden gate, turnstile
parts: post, rail, hinge, latch, picket, lock~key
tools: hammer~nail, saw, level, paintbrush, spade
people: fence builder, farmer, gatekeeper
animals: goat, sheep, cow
materials: plank
later: latch, hammer

sleepover; blankets; cozy; quilts and pillows
things: sleeping bag, pillow, blanket, quilt, flashlight, night light, stuffed animal, story book, alarm clock
clothes: pajamas, slippers, bathrobe, cozy sock
food: popcorn, hot chocolate, cookie
people: sleeper, friend, storyteller
places: blanket fort, bunk bed, tent
sky: moon, star
sounds: yawn
later: sleeper
`;
