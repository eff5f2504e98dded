/** Places of a neighbourhood, written for Kobby: see `scene.ts` for how they are written down. */
export const PLACES = `
post office; mail; letters and parcels
paper things: letter, parcel(box+string+label), postcard, stamp, newspaper
people: letter carrier, mail sorter, customer
tools: rubber stamp~ink pad, scale, tape, pen
vehicles: mail van, cart, bicycle
places: counter, mailbox(slot+door+flag), sorting shelf, doorstep
containers: mail bag, envelope, pigeonhole, basket
sounds: thump
order: letter > envelope > stamp > mailbox > mail van > doorstep

bakery; baker; bread
food: bread, roll, pretzel, bun, pie, cookie
people: baker, helper, customer
tools: rolling pin, oven mitt, mixing bowl~spoon, whisk, scale, bread knife
machines: oven(door+rack+knob), mixer
materials: flour, yeast, dough, salt
places: counter, cooling rack, shop window
clothes: apron, baker's hat
order: flour > dough > roll
later: mixer

market; farmers market; market stall
food: tomato, carrot, cheese, egg, honey, melon, lettuce
people: stallholder, farmer, shopper
tools: scale(pan+pointer+hook), price tag, till, chalkboard
containers: basket, crate, paper bag, egg box
vehicles: cart, van, wheelbarrow
places: stall(table+awning+pole), market square
money: coin~purse, note, change
sounds: ding
later: till

grocery store; supermarket; shop; store
food: milk, bread, banana, cereal, noodles, apple
people: cashier, shopper, stocker, butcher
tools: scanner, scale, price tag, shopping list
vehicles: shopping cart(basket+wheel+handle), delivery truck
containers: basket, bag, carton, can, jar
places: aisle, checkout, shelf, cooler
money: coin, receipt
sounds: beep

library; books
paper things: book(cover+page+spine), map, magazine, library card, bookmark
people: librarian, reader, storyteller
tools: date stamp~ink pad, computer, reading lamp, magnifying glass
places: bookshelf, desk, reading corner, return slot
containers: book bag, book cart, card box
furniture: cushion, chair, ladder, stool
sounds: hush
events: story time

hospital; nurse
people: nurse, surgeon, patient, visitor, ambulance driver
tools: stethoscope, thermometer, syringe, bandage, scale, X-ray
vehicles: ambulance(siren+light+stretcher), wheelchair, hospital bed
places: ward, waiting room, operating room, front desk
clothes: mask, gown, gloves, name band
materials: gauze, cotton, plaster
sounds: beep
later: syringe

doctor; doctor's office; clinic; health center
people: doctor, nurse, patient, baby
tools: stethoscope~heart, thermometer, bandage, ear light, eye chart, scale, tongue stick, measuring tape
containers: doctor's bag, medicine bottle, pill box
places: waiting room, exam table, front desk
clothes: white coat, mask, gloves
materials: cotton ball, gauze, plaster
paper things: prescription, chart

dentist; teeth
people: dentist, helper, patient
tools: toothbrush~toothpaste, floss, small mirror, drill, lamp, timer, X-ray
parts: tooth, gum, tongue, jaw, molar
places: waiting room, dentist chair, sink
clothes: mask, gloves, bib, goggles
food: apple, carrot, milk, cheese
containers: cup, tooth box
later: patient, tongue

restaurant; café; cafe; diner
people: cook, waiter, guest, dishwasher
food: soup, salad, pasta, pancake, juice, dessert
tools: menu, tray, order pad~pencil, pan~lid, ladle, bell
dishes: plate, bowl, cup~saucer, fork~knife
places: kitchen, table, counter
clothes: apron, chef's hat
paper things: bill, napkin
sounds: sizzle
later: order pad

pizza shop; pizzeria; pizza
food: pizza(crust+sauce+cheese+topping), tomato, mushroom, olive, pepper, pineapple, basil
materials: dough, flour, cheese, sauce
people: pizza baker, waiter, delivery driver, guest
tools: pizza wheel, rolling pin, paddle, grater, ladle
machines: oven, mixer
containers: pizza box, pan
vehicles: scooter
places: counter, kitchen
order: flour > dough > sauce > cheese > pizza
later: waiter, pepper

ice cream shop; ice cream; ice cream parlour
food: ice cream, cone, scoop, sundae, popsicle, sprinkles, cherry
flavours: vanilla, chocolate, strawberry, mint, lemon
people: ice cream seller, customer
tools: scooper, spoon, blender, bell
containers: tub, cup, freezer, tall glass
vehicles: ice cream truck, cart
places: counter, window
sounds: ding-a-ling

fire station; firefighters; fire truck
people: firefighter, fire chief, driver, neighbour
vehicles: fire truck(ladder+hose+siren+wheel), fire boat, helicopter
tools: hose~hydrant, ladder, axe, ramp, flashlight, fire extinguisher, alarm bell, radio
clothes: helmet, boots, coat, mask, gloves
places: fire station, garage, pole
materials: water, foam
sounds: nee-naw
later: fire boat, driver

police station; police; police officer
people: police officer, driver, dispatcher, neighbour
vehicles: police car(siren+light+radio+wheel), motorcycle, bicycle, police boat
tools: radio, flashlight, whistle, notebook~pencil, badge, camera, magnifying glass, stop sign
clothes: uniform, cap, vest, boots
places: police station, front desk, crossing
animals: police dog, police horse
sounds: woo-woo
later: driver

school; classroom
people: teacher, pupil, principal, crossing guard
tools: pencil~eraser, scissors, ruler, chalk~chalkboard, glue stick, crayon
paper things: notebook, book, map, letter card
furniture: desk, chair, shelf, rug
containers: backpack, lunch box, pencil case
places: classroom, playground, gym, hall
vehicles: school bus
sounds: ring
later: principal

toy store; toys; toy shop
toys: ball, doll, puzzle, blocks, spinning top, jump rope, yo-yo, puppet, marble
vehicles: toy train, toy truck, scooter, tricycle
people: shopkeeper, toy maker, child, grandparent
places: shelf, counter, shop window
tools: price tag, till, wrapping paper, screwdriver
materials: wood, cloth, ribbon
later: price tag

shoe store; shoes; shoe shop
clothes: boot, sandal, slipper, sneaker, rain boot, sock, shoe(heel+sole+tongue+lace)
tools: foot measure, shoehorn, brush~polish, needle, hammer, mirror
people: shoe seller, customer, shoemaker
containers: shoebox, bag
materials: leather, rubber, cloth
places: bench, shelf, shop window
fasteners: buckle, lace, zipper
later: leather

clothing store; clothes; dressing up; getting dressed
clothes: shirt(collar+sleeve+button+pocket), trousers, dress, skirt, sweater, coat, scarf, sock~shoe, pajamas
fasteners: button, zipper, snap, belt
people: tailor, shopper, shopkeeper
tools: hanger, mirror, measuring tape, iron, needle
places: fitting room, rack, closet
materials: cotton, wool

flower shop; florist; flowers
flowers: rose, tulip, daisy, sunflower, lily, daffodil, carnation
parts: petal, stem, bud, root, thorn
people: florist, gardener, customer
containers: vase, pot, bucket, basket
tools: scissors, watering can, ribbon, wrapping paper
places: greenhouse, counter, garden
vehicles: delivery van
order: seed > bud > flower

pet shop; pets
animals: puppy, kitten, rabbit, hamster, goldfish, parrot, guinea pig, lizard
containers: cage, fish tank(pump+gravel+plant+lid), bowl, dog bed
tools: leash~collar, brush, food scoop, net, hamster wheel
food: kibble, hay, birdseed, bone
people: pet keeper, shopkeeper
places: kennel, shelf
sounds: woof, squeak

vet; animal hospital; veterinarian
people: vet, helper, owner
animals: puppy, kitten, rabbit, parrot, pony, hamster, tortoise
tools: stethoscope, thermometer, bandage, scale, leash, brush, cone collar, syringe
containers: carrier, cage, medicine bottle
places: waiting room, exam table, kennel
clothes: gloves, white coat
food: treat
sounds: meow

barber shop; hairdresser; hair; salon
people: hairdresser, barber, customer
tools: comb~brush, scissors, mirror, hair dryer, curler, clip, spray bottle, clippers
materials: shampoo, foam, water
clothes: cape, towel
furniture: turning chair, sink, waiting bench
hair: curl, braid, ponytail, fringe, bun
places: salon
fasteners: ribbon, hair band

laundry; laundromat; washing day
machines: washing machine(drum+door+knob+hose), dryer, iron
clothes: sock, shirt, towel, sheet, trousers
tools: clothespin~clothesline, ironing board, scrub brush, washboard, hanger
containers: laundry basket, bucket, soap box
materials: soap, water, starch, suds
people: washer, ironer
places: laundromat, yard, sink
order: dirty shirt > washing machine > clothesline > iron > closet

bank; money
money: coin, bill, penny, check, gold bar
containers: piggy bank, wallet, purse, strongbox(door+dial+handle+lock), vault
people: teller, guard, saver, manager
tools: counting machine, key, calculator, pen, stamp
places: counter, cash machine, front desk
paper things: coin roll, bank card, receipt, passbook
vehicles: money truck
sounds: clink

museum; gallery
exhibits: painting, statue, mask, vase, crown, fossil, coin, mosaic, model ship
people: guide, guard, visitor, curator
tools: magnifying glass, lamp, brush, map, audio guide
places: gallery, entrance, workshop, coat room
furniture: glass case, frame, bench, pedestal
paper things: ticket, label, postcard
later: magnifying glass, lamp, crown, guard

theater; theatre; puppet theater; stage
people: actor, dancer, musician, director, audience
tools: curtain, spotlight, script, rope, microphone, makeup brush
clothes: costume, mask, cape, crown, wig
places: stage, backstage, balcony, box office
props: puppet, sword of card, lantern, painted tree
paper things: ticket~program, poster
sounds: clap
later: sword of card, director

cinema; movies; film
people: film maker, actor, usher, guest
tools: projector(lens+lamp+reel+fan), screen, camera, loudspeaker, flashlight, clapper board
food: popcorn, juice, pretzel
places: ticket booth, lobby, aisle, dark hall
furniture: seat, curtain
paper things: ticket, poster, script
materials: film, light
containers: popcorn box, cup
later: pretzel, lobby, juice, clapper board

playground; park
equipment: slide(ladder+rail+chute), swing(seat+chain+frame), seesaw, climbing frame, sandbox, merry-go-round, spring rider, monkey bars
toys: ball, bucket~shovel, kite, jump rope
people: child, gardener, parent
places: path, lawn, bench, fountain, pond
animals: duck, pigeon
tools: rake, trash can
plants: tree
later: gardener, lawn, path

zoo; zoo animals
animals: monkey, lion, giraffe, zebra, camel, parrot, tortoise, flamingo, seal, kangaroo
people: zookeeper, visitor, vet
places: enclosure, aviary, pool, gate, monkey rock
food: hay, banana, fish
tools: bucket, broom, map, hose
vehicles: zoo train
sounds: roar
animal parts: trunk, mane
later: zoo train, banana

farm; farm animals; barn
animals: cow, pig, hen, sheep, goat, horse, duck
people: farmer, milker
vehicles: tractor(wheel+engine+seat+plough), trailer, wheelbarrow
places: barn, field, pasture, pond, sty
tools: pitchfork, milk pail, rake, trough
materials: hay, wool, milk
sounds: moo
containers: silo, egg basket
later: milker, trailer

garden; vegetable garden; gardening
plants: tomato, bean, carrot, lettuce, pea, radish, sunflower
tools: spade, rake, hoe, watering can, trowel~pot, hose
people: gardener
animals: worm, ladybird, snail
places: bed, greenhouse, compost heap, shed
materials: soil, mulch
vehicles: wheelbarrow
clothes: garden gloves, sun hat
order: seed > sprout > plant > flower > fruit

orchard; fruit
fruit: pear, plum, cherry, peach, apricot, grape, orange
tools: ladder, fruit picker, pruning shears, fruit press
people: picker, grower, juice maker
containers: basket, crate, jar, barrel
parts: peel, core, seed, stem
places: orchard, fruit stand, cellar
vehicles: tractor, cart
food: jam, juice

home; house; my home
rooms: kitchen, bedroom, bathroom, attic, cellar
parts: roof, door, window, wall, chimney, stairs
furniture: bed, table, chair, sofa, lamp
people: parent, grandparent, baby, neighbour
tools: key~lock, broom, doorbell, mailbox
places: porch, yard
sounds: ding-dong
materials: brick
later: cellar

kitchen; cooking
tools: pan~lid, wooden spoon, whisk, peeler, grater, measuring cup, ladle, cutting board, sieve
machines: stove(burner+knob+oven door), refrigerator, toaster, mixer, kettle
dishes: plate, bowl, cup, fork~spoon
people: cook
clothes: apron, oven mitt
materials: salt, oil, water
places: sink, pantry
sounds: bubble

bathroom; bath time; washing
materials: soap, shampoo, water, bubbles, toothpaste
tools: toothbrush, sponge, washcloth, comb, mirror, hair brush, plunger
places: bathtub(tap+drain+plug), sink, shower, toilet, shelf
toys: rubber duck, bath boat, cup
clothes: towel, bathrobe, slippers
containers: soap dish, laundry basket, toothbrush cup
sounds: splash

bedtime; night; sleep; pajamas
clothes: pajamas, slippers, nightgown
furniture: bed(mattress+pillow+blanket+frame), crib, night table
tools: night light, toothbrush, alarm clock, flashlight
sky: moon, star, dark
toys: stuffed animal, doll
paper things: bedtime book
people: sleeper, night nurse, night watch
sounds: snore
places: bedroom, bunk
materials: feather, wool
animals: moth, hedgehog
later: night table, dark

airport; airplanes; flying
vehicles: airplane(wing+tail+engine+wheel), helicopter, fuel truck, luggage cart, bus, glider
people: pilot, flight attendant, passenger, mechanic, controller
places: runway, control tower, gate, hangar, check-in desk
tools: scanner, windsock, radar, map, headset
paper things: ticket~passport
containers: suitcase, tray
sounds: whoosh
later: fuel truck, scanner

train station; trains; railway
vehicles: engine(wheel+whistle+cab+buffer), passenger car, freight car, caboose, handcar
people: conductor, engineer, passenger, signaller
places: platform, tunnel, ticket office, crossing, bridge
tools: whistle, signal, ticket punch~ticket, switch, clock, lantern
materials: rail, coal, steam
containers: suitcase
sounds: choo-choo
later: ticket punch, engineer

bus; bus stop; bus station
vehicles: bus(wheel+door+wiper+horn), double-decker, minibus, school bus
people: driver, passenger, inspector, mechanic
places: bus stop, depot, bench, shelter, route
tools: bell, ticket machine, mirror, timetable, wiper, fare box
paper things: ticket, map, pass
parts: seat, pole, strap, step
sounds: beep-beep
later: ticket machine

tram; streetcar
vehicles: tram(wheel+door+bell+window), horse tram, cable car
people: driver, conductor, passenger, track worker
places: tram stop, depot, crossing, terminus, street
materials: rail, wire, electricity, grease
tools: bell, ticket punch~ticket, lever, timetable, switch
parts: pole, seat, strap, step
sounds: ding-ding
paper things: map
later: electricity, ticket punch, wire

harbor; harbour; port; boats in the harbour
vehicles: ship, tugboat, ferry, sailboat(sail+mast+rudder+hull), barge, rowboat~oar
people: captain, sailor, dock worker, fisher
places: dock, lighthouse, pier, wharf
tools: crane, anchor~chain, rope, buoy, compass, net, bell
containers: cargo box, barrel
animals: seagull, fish
sounds: toot
later: cargo box, barrel

gas station; garage; car repair; mechanic
vehicles: car(wheel+hood+headlight+door), tow truck, motorcycle, van
people: mechanic, driver, washer
tools: wrench~nut, jack, air pump, oil can, screwdriver, funnel, jumper cable, creeper
materials: oil, fuel, water, rubber
places: pump, workshop, car lift, car wash
parts: tire, engine, spark plug, battery
sounds: vroom
later: washer, fuel
`;
