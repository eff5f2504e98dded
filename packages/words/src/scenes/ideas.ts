/** People, feasts and ideas, written for Kobby: see `scene.ts` for how they are written down. */
export const IDEAS = `
lanterns; lantern festival; lights in the dark; lanterns and the night sky; festival of lights
lights: lantern(handle+frame+paper+candle), candle, flashlight, lamp, string of lights, street light, firefly, torch
sky: star, moon, night
people: lantern maker, lamplighter, musician, lighthouse keeper, neighbour
tools: stick, wire, battery, glue
materials: tissue paper, glass, wax, tin
places: parade, window, path, porch
later: lamplighter

new year; new year festival; fireworks
things: calendar, clock, paper lantern, drum, confetti, streamer, bell, balloon, noisemaker, red envelope, party hat
food: noodle, dumpling, orange, rice cake, cake
people: dancer, drummer, neighbour, grandparent
sky: star, moon, sparkle
places: parade, street
sounds: boom
later: rice cake, orange, star, sparkle

birthday; birthdays; party
food: birthday cake(candle+frosting+layer+plate), ice cream, juice, popcorn
things: balloon, present(paper+ribbon+bow+tag), party hat, streamer, candle, confetti, noisemaker, piñata
people: guest, birthday child, host, baker, grandparent
paper things: invitation, card, banner
tools: tablecloth, plate, camera, music player
containers: gift bag
numbers: number candle
later: juice

wedding; wedding party; celebrations
clothes: gown, suit, veil, ring, bow tie, flower crown
people: bride, groom, guest, musician, baker, photographer
things: bouquet, bell, ribbon, balloon, candle, confetti
food: cake, fruit, juice
paper things: invitation, photo, card
places: dance floor, hall, garden
vehicles: carriage
later: juice, fruit

parade; marching band; flags
people: drummer, baton twirler, flag carrier, marcher, audience
instruments: drum, trumpet, cymbal, whistle, tuba, bell
things: flag, banner, balloon, confetti, streamer, baton, drumstick
clothes: uniform, hat, cape, sash
vehicles: float, wagon
places: street, stand
sounds: boom
later: uniform

fair; carnival; fun fair
rides: Ferris wheel(seat+spoke+hub+light), merry-go-round, train, slide, bumper car, swing ride, boat
food: popcorn, pretzel, lemonade, cotton candy, caramel apple
people: ticket seller, juggler, ride operator, musician
things: prize ribbon, balloon, ring toss, bean bag, ticket
places: booth, stage, tent
animals: goat
later: train

family; families; my family; grandparents
people: mother, father, sister~brother, grandmother~grandfather, baby, aunt~uncle, cousin, neighbour
things: photo album, family tree, house, rocking chair, gift, quilt, letter, suitcase, table, photo frame
animals: dog, cat
food: cake, soup
order: baby > child > grown-up > grandparent
later: soup, bread

babies; baby; new baby; taking care of a baby
things: rattle, bottle~bib, crib, stroller, diaper, blanket, pacifier, high chair, teether, changing mat
people: baby, mother, father, nurse, sister~brother
toys: ball, soft block, doll, mobile
clothes: cap, bootie, sleepsuit, sock
tools: baby bath, scale, washcloth
sounds: goo-goo
later: ball, cap

feelings; emotions; faces; friends
feelings: happy~sad, angry~calm, brave~scared, proud, tired, surprised, shy, excited
things: mirror, cushion, picture card, puppet, hug, letter, stuffed animal
people: friend, helper, listener, neighbour
faces: smile, frown, tear, laugh
places: quiet corner
later: cushion, picture card

helping; community helpers; people who help us; jobs
people: firefighter, doctor, letter carrier, police officer, teacher, baker, builder, librarian, farmer, dentist, bus driver, gardener, street cleaner, cook
vehicles: fire truck, ambulance, garbage truck, mail van
tools: hose, stethoscope, hammer, broom, rolling pin
clothes: uniform, helmet
later: uniform

senses; five senses; see hear smell taste touch
body: eye, ear, nose, tongue, hand, finger
things to smell: flower, lemon, soap, mint
things to hear: bell, drum, shaker, whisper
things to touch: feather, sandpaper, ice cube, sponge
things to taste: honey, pickle, cracker
tools: magnifying glass, blindfold, mirror, glasses
people: musician, cook
later: shaker, soap

me; all about me; my body; growing up
body: head, hand, foot, knee, elbow, nose, eye, ear, shoulder, hair, toe
things: mirror, photo, birthday cake, growth chart, name tag, fingerprint, favorite toy
people: friend, family, teacher
clothes: shoe, shirt, hat
tools: scale, tape measure
places: home
later: birthday cake

hands; hands and feet; gloves; handprints
parts: thumb, finger, palm, wrist, nail, toe, heel
things: handprint, footprint, glove, mitten, sock, shoe, ring, bracelet
moves: clap, wave, point, tap, shake
tools: soap, towel, hand puppet, paint, brush
people: drummer, potter, signer
later: soap, point

letters; alphabet; abc; writing
tools: pencil~eraser, pen, chalk~chalkboard, brush, crayon, typewriter, stamp~ink pad, keyboard
paper things: letter, notebook, book, name tag, sign, card, envelope, poster, label
people: writer, sign painter, reader, letter carrier, teacher
things: magnet letter, letter block, letter tile, alphabet chart
places: desk
later: sign painter

numbers; counting; number; maths; math
things: dice with dots, domino, counter, number card, number line, ten frame, button, coin, bead string, abacus, calendar, clock
tools: ruler, calculator, timer, tape measure, tally sheet, measuring cup, scale, thermometer
places: hopscotch
people: scorekeeper, cashier, timekeeper
fingers: finger
order: one > two > three
later: scale, scorekeeper, cashier

shapes; shape; circles and squares; geometry
shapes: circle, square, triangle, rectangle, oval, star, diamond, heart, hexagon
solids: ball, cube, cone, cylinder, pyramid
things: wheel, window, kite, coin, egg, stop sign, envelope, honeycomb
tools: ruler, stencil, compass
people: builder, tile layer
later: ruler

big and small; opposites; sizes
big things: house, elephant, truck, tree, ship, whale, mountain
small things: mouse, ant, seed, button, pea, bead, pebble
opposites: up~down, open~closed, full~empty, fast~slow, wet~dry
tools: tape measure, magnifying glass, scale, ruler
people: giant, baby, builder
later: up, down, open

pairs; twos; matching; number two
pairs: shoe~sock, cup~saucer, lock~key, hammer~nail, brush~paint, needle~thread, mitten, pot~lid, salt~pepper
people: twin, dancer, friend
body: eye, ear, hand, foot
things: glasses, bicycle, scissors, tweezers
animals: dove
later: dancer, dove

inside and outside; open and closed; doors; hide and seek
things: door, window, gate, box~lid, jar, curtain, cupboard, drawer, tent, envelope, tunnel
tools: key~lock, hinge, doorbell, handle, latch
people: doorkeeper, seeker, neighbour, carpenter
places: house, porch, hallway
animals: snail, mole
clothes: pocket
later: doorkeeper, seeker

games; board games; play; game night
games: board game, card game, domino, puzzle, hopscotch, ring toss, marble run, memory game, bowling, tag
pieces: spinner, counter, card, marble, number cube, timer, score sheet
people: player, winner, scorekeeper, game maker
places: table, rug, yard
tools: chalk, bean bag, jump rope
prizes: medal
later: winner, card

sports; ball games; balls; games with balls
balls: soccer ball, basketball, tennis ball, beach ball, bowling ball, golf ball, volleyball
tools: net, racket, bat, whistle, goal, cone, hoop, stopwatch, scoreboard
clothes: jersey, sneakers, helmet, knee pad
people: player, coach, referee, fan, goalkeeper
places: field, court
later: jersey

exercise; moving; yoga; obstacle course; gymnastics
moves: jump, hop, crawl, balance, roll, stretch, climb, skip
tools: mat, balance beam, hoop, jump rope, tunnel, cone, ball, trampoline, ladder, stepping stone
people: gymnast, coach, runner, yoga teacher
places: gym, track
clothes: sneakers
prizes: medal
later: mat, coach

castles; castle; kings and queens; knights
people: king, queen, knight, cook, musician, guard, baker
parts: tower, gate, moat, drawbridge, wall, flag, window, staircase
things: crown, throne, shield, banner, candle, treasure chest, key
places: courtyard, hall, stable
animals: horse, dragon
clothes: helmet, cape
later: courtyard

dragons; fairy tales; make-believe; magic; stories
people: king, queen, giant, fairy, wizard, storyteller
animals: dragon, unicorn, talking bird
things: crown, magic wand, mirror, key, lantern, magic carpet, treasure chest, wishing well
places: castle, tower, forest, cave, bridge, cottage
paper things: story book, map
clothes: cape
materials: gold

puppets; puppet show; storytelling
puppets: hand puppet, finger puppet, sock puppet, shadow puppet, string puppet, stick puppet, spoon puppet
people: puppeteer, storyteller, audience, ticket seller, musician
things: curtain, stage, script, ticket, lamp, screen, felt board, story basket
materials: sock, felt, yarn, button
tools: needle~thread, glue
later: sock, felt

homes of animals; animal homes; houses around the world
homes: nest, burrow, den, web, shell, hive, anthill, lodge, kennel, barn, fish tank, birdhouse, stall
animals: robin, rabbit, fox, snail, ant, beaver, dog, hen, goldfish, horse, mole
people: zookeeper, birdhouse maker
later: zookeeper, shell

tracks; footprints; following tracks; animal tracks
tracks: footprint, paw print, hoof print, tire track, bird track, snail trail, ski track, handprint
animals: fox, deer, rabbit, duck, horse, dog, snail
people: ranger, tracker, hiker, skier
tools: magnifying glass, map, plaster, camera, stamp~ink pad
materials: mud, snow, sand

patterns; stripes and dots; pattern; spots and stripes
patterns: stripe, dot, check, zigzag, wave, star, flower, spiral
animals: zebra, ladybird, tiger, giraffe, leopard, goldfish
things: quilt, tile, necklace, scarf, wallpaper, fence, keyboard, brick wall, striped sock
people: weaver, tile layer, quilter
tools: stamp, loom, bead string
later: weaver, wave

air; balloons; breathing; wind power
things: balloon, bubble, feather, kite, paper fan, pinwheel, whistle, parachute, straw, beach ball, windsock
machines: pump, fan, windmill, hair dryer, vacuum cleaner, bellows, tire
people: balloon seller, glassblower, trumpet player, diver
instruments: flute, trumpet
sounds: whoosh
later: glassblower, hair dryer

science; science week; experiments; laboratory
tools: magnifying glass, dropper, funnel, test tube, beaker, balance scale, thermometer, magnet, timer, microscope
materials: water, ice, baking soda, vinegar, oil, food coloring, salt
people: scientist, helper, inventor
clothes: goggles, lab coat, gloves
things: prism, volcano model, notebook
later: ice, vinegar

float and sink; sink or float; floating
things that float: cork, leaf, boat, feather, sponge, stick, ball, ice cube, rubber duck
things that sink: stone, coin, key, spoon, marble, nail, shell
tools: tub, towel, net, tray
people: sailor, diver, boat builder
materials: water, foil, clay
vehicles: raft
later: sailor, sponge

baking soda; kitchen science; mixing; potions
materials: baking soda, vinegar, water, salt, sugar, flour, oil, food coloring, cornstarch, soap
tools: dropper, spoon, whisk, funnel, measuring cup, tray, sieve, cutter
containers: cup, jar, bowl, bottle
people: scientist, cook, baker
things: bubble, crystal, foam
later: salt, sugar

measuring; long and short; measure; how long how heavy
tools: ruler, tape measure, measuring cup, scale, thermometer, clock, timer, balance scale, measuring spoon, hourglass, growth chart
things: footprint, block, ribbon, rice, worm, scarf, string, stick
people: tailor, builder, baker, carpenter, weigher
materials: water
later: string, ribbon, builder

cleaning; cleaning up; tidy up; housework
tools: broom~dustpan, mop, bucket, sponge, vacuum cleaner, feather duster, cloth, spray bottle, scrub brush, laundry basket, squeegee, rake
materials: soap, water, vinegar
people: cleaner, window washer, helper, street sweeper
places: sink, floor, closet, trash can
clothes: gloves, apron
later: vinegar, sink

hotel; guests; travel hotel
people: guest, porter, receptionist, cook, cleaner, doorkeeper
things: bell, key card, suitcase, towel, pillow, map, registration book, menu, postcard, telephone
places: lobby, elevator, room, dining room, pool
vehicles: luggage cart, taxi
furniture: bed, lamp, desk
clothes: bathrobe
later: taxi

office; business; computers
tools: computer(screen+keyboard+mouse+cable), telephone, printer, stapler, pen, calculator, hole punch, tape, stamp~ink pad, lamp
people: office worker, manager, receptionist, messenger
paper things: letter, folder, envelope, notepad, calendar, mail
furniture: desk, chair
places: meeting room
sounds: ring
later: manager, meeting room

telephone; talking; messages; ways to send a message
things: telephone, letter, postcard, radio, computer, flag, drum, bell, note in a bottle, sign, walkie-talkie, lantern
people: letter carrier, messenger, operator, signer, reporter
animals: carrier pigeon
places: post office, radio tower, mailbox
tools: pen, stamp, code wheel
vehicles: mail van
sounds: beep
later: pen, operator

radio station; television; tv studio; broadcasting
people: announcer, reporter, singer, weather reporter, camera operator, listener
tools: microphone(stand+cable+switch+cover), camera, headphones, script, loudspeaker, clock, lamp, antenna, remote
places: studio, stage, newsroom, radio tower
props: curtain, desk, map
paper things: cue card, poster
vehicles: news van
sounds: hello
later: stage, curtain

water park; sprinklers; hoses; water tables
tools: sprinkler, hose, watering can, pump, funnel, bucket, sponge, pipe, sieve, water wheel, squirt bottle
places: pool, slide, fountain, water table, splash pad
people: lifeguard, swimmer, gardener
clothes: swimsuit, sun hat, sandals
toys: boat, rubber duck, ball
sounds: splash
later: funnel

windows and doors of a town; town; city; our street; neighbourhood
places: house, bakery, school, library, bridge, bank, fountain, market square, bus stop, tower
people: baker, letter carrier, street sweeper, bus driver, neighbour
vehicles: bus, tram, delivery van, bicycle
signs: traffic light, street name, crossing sign
things: lamp post, bench, mailbox

snails; snails and slugs; shells; slow animals
animals: snail, slug, tortoise, worm, sloth, crab, clam, starfish
parts: shell, feeler, foot, spiral
food: lettuce, cucumber, leaf
tools: magnifying glass, spray bottle, bug jar, brush
people: gardener, snail watcher, shell collector
places: garden, log, wall, pond
things: trail
later: sloth, lettuce

rainbow colors; rainbow colours; rainbows and light
things: rainbow, prism, bubble, crystal, puddle, soap film, ribbon, kite, stained glass
colours: red, orange, yellow, green, blue, purple
sky: sun, raindrop, cloud
tools: flashlight, mirror, paintbrush, spray bottle, color wheel
people: painter, dyer, window maker
order: red > orange > yellow > green > blue > purple
later: soap film
`;
