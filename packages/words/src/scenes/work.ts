/** Jobs, tools, crafts and materials, written for Kobby: see `scene.ts` for how they are written down. */
export const WORK = `
woodworking; carpenter; wood; woodshop
tools: hammer~nail, saw, drill, screwdriver~screw, plane, ruler, clamp, sandpaper, chisel, square, pliers
materials: plank, dowel, glue, sawdust, varnish
people: carpenter, furniture maker, woodcarver
things made: box, birdhouse, stool, toy boat
places: workbench, workshop
clothes: apron, goggles
order: tree > log > plank > stool
later: furniture maker, box, dowel

tools; toolbox; tool box; fixing things
tools: hammer~nail, screwdriver~screw, wrench~bolt, pliers, saw, tape measure, level, drill, flashlight, clamp, file, paintbrush
containers: toolbox, nail box, tool belt
people: builder, plumber, mechanic, electrician
materials: glue, tape, wire
places: workbench
clothes: gloves, goggles
later: plumber

plumber; pipes; plumbing
tools: wrench, pipe, plunger, bucket, flashlight, pipe cutter, tape, pump, hose
parts: tap, drain, valve, elbow pipe, washer, plug
people: plumber, helper, homeowner
places: sink, bathtub, toilet, cellar, water tower
containers: toolbox
materials: water, copper
vehicles: van
sounds: drip
later: elbow pipe, pipe cutter

electrician; electricity; lights; flashlights
tools: flashlight(bulb+battery+switch+lens), lamp, lantern, switch, plug~socket, wire, bulb, battery, screwdriver, ladder
people: electrician, lighthouse keeper, inventor
machines: fan, toaster, radio, bell
places: power station, street light, fuse box
materials: copper, glass
sky: lightning, sun
containers: toolbox
later: copper, lighthouse keeper, power station

painter; painting; paint; house painter
tools: paintbrush, roller~tray, ladder, scraper, sponge, easel, palette, drop cloth, stencil
materials: paint, water, canvas, chalk, varnish
people: painter, artist, house painter, helper
places: wall, studio, fence, gallery
containers: bucket, paint can, cup
clothes: smock, painter's cap
things made: picture, mural
later: water, artist

artist; art; art studio; drawing
tools: paintbrush, easel, palette, pencil~eraser, crayon, scissors, sponge, stamp~ink pad, marker
materials: paint, paper, clay, chalk, glue, yarn, charcoal
people: artist, sculptor, model
things made: picture, statue, collage, mask, print
places: studio, gallery
clothes: smock
later: sculptor

clay; pottery; potter
tools: potter's wheel, rolling pin, wire cutter, sponge, stamp, brush, carving stick
materials: clay, water, glaze, slip
things made: bowl, mug, vase, tile, plate, bead, whistle
people: potter, painter, helper
places: kiln, workshop, drying shelf
clothes: apron
containers: bucket
order: lump > coil > bowl > kiln

weaving; weaver; threads; wool
tools: loom(frame+warp+shuttle+comb), spinning wheel, needle~thread, scissors, comb, spindle
materials: yarn, wool, cotton, ribbon, linen
things made: rug, blanket, scarf, basket, belt, cloth
people: weaver, spinner, dyer, shepherd
animals: sheep, silkworm
places: mill
order: sheep > wool > yarn > scarf
later: linen, silkworm

sewing; tailor; quilts; buttons
tools: needle~thread, scissors, pin~pincushion, thimble, tape measure, sewing machine, iron, chalk
materials: cloth, button, ribbon, lace, felt, zipper, yarn
things made: quilt, apron, dress, pillow, curtain
people: tailor, quilter, dressmaker
containers: sewing basket, button box
places: workroom
later: dress, lace

knitting; yarn; scarves
tools: knitting needle, crochet hook, scissors, stitch counter, tape measure, knitting spool
materials: yarn, wool, cotton, ball of wool
things made: scarf, mitten, hat, sock, sweater, blanket, doll
people: knitter, spinner, shepherd
animals: sheep, goat, alpaca, rabbit
containers: yarn basket, bag
colours: stripe, pattern
furniture: rocking chair
later: cotton

paper; paper making; folding paper
paper things: book, newspaper, card, envelope, bag, box, lantern, kite, paper plane, boat
tools: scissors, glue, hole punch, stapler, ruler, pencil~eraser
materials: cardboard, tissue paper, pulp, wood, crepe paper
people: printer, paper maker, bookbinder
machines: paper press
order: tree > wood > pulp > paper
later: printer, pulp, paper press

newspaper; printing; printing press; news
machines: printing press, computer, camera, copier, typewriter
people: reporter, printer, editor, photographer, paper carrier
paper things: newspaper, photo, poster, card, headline, page
tools: stamp~ink pad, roller, letter block, pencil, notebook
materials: ink, paper
places: newsroom, newsstand, doorstep
sounds: clack
later: copier, editor

photos; photographer; camera; cameras
tools: camera(lens+button+strap+flash), tripod, film, lamp, screen, album, frame, mirror
people: photographer, model, reporter, family
paper things: photo, postcard, poster, negative
places: studio, darkroom, gallery
props: hat, backdrop, umbrella
materials: light
containers: camera bag
sounds: click
later: negative, lamp

clocks; time; clocks and watches; watches
clocks: alarm clock, cuckoo clock, hourglass, sundial, wristwatch, grandfather clock, stopwatch, timer
parts: hand, face, gear, pendulum, spring, bell, number
people: clockmaker, timekeeper, conductor
tools: tweezers, magnifying glass, key, screwdriver
places: clock tower, station
sounds: tick-tock, ding-dong
later: tweezers

locks and keys; keys; locksmith; locks
locks: padlock~key, door lock, bicycle lock, combination lock, latch, bolt, chain
keys: house key, car key, skeleton key, key ring, key card
people: locksmith, doorkeeper, guard
containers: treasure chest, strongbox, piggy bank, diary, suitcase, locker
places: door, gate, key hook
materials: brass, iron
sounds: click
later: door lock

gears; wheels and gears; machines; simple machines
machines: gear, wheel, lever, pulley~rope, ramp, wedge, crank, spring
people: inventor, mechanic, engineer, clockmaker
things: clock, bicycle, wind-up toy, egg beater, scale, windmill
tools: wrench, screwdriver~screw, oil can, chain, belt
places: workshop, mill
materials: metal, oil
later: egg beater

inventors; inventions; robots
machines: robot(arm+head+battery+wheel), computer, light bulb, telephone, radio, engine, rocket
people: inventor, engineer, scientist, helper
tools: screwdriver, wrench, magnifying glass, notebook~pencil, battery, wire, magnet, switch
places: workshop, laboratory
materials: metal, cardboard
parts: gear, antenna
sounds: beep
later: metal

magnets; magnet
magnets: bar magnet, horseshoe magnet, wand magnet, fridge magnet, button magnet
things it draws: paper clip, nail, key, coin, spoon, bolt, bell, pin, can
things it leaves: button, cork, pencil, stone, feather
people: scientist, sorter, crane driver
machines: crane, compass
materials: iron, steel
parts: north~south
later: sorter

balance scales; scales; weighing; heavy and light
tools: balance scale(pan+beam+pointer+stand), kitchen scale, weight, spring scale, baby scale, bathroom scale
heavy things: stone, brick, hammer, pumpkin, book
light things: feather, cotton ball, leaf, paper, balloon
people: grocer, baker, jeweler, weigher
places: market stall, laboratory, weigh station
machines: seesaw, crane
later: pumpkin

mirrors; mirror; reflections
mirrors: hand mirror, wall mirror, car mirror, curved mirror, pocket mirror, dentist mirror
things that shine: spoon, window, puddle, pot lid, coin, foil, ornament
people: dancer, hairdresser, driver, dentist
tools: kaleidoscope, telescope, flashlight, periscope, prism
places: lake, dressing room
materials: glass, light
sky: moon
later: dancer, curved mirror

glass; windows and glass; glass blower
things made: window, bottle, jar, drinking glass, vase, marble, lens, bead, light bulb
people: glassblower, window washer, glazier, collector
tools: blowpipe, tongs, magnifying glass, squeegee, cutter
materials: sand, fire, light, color
places: furnace, greenhouse, workshop
containers: fish tank
later: tongs, glazier, blowpipe, fire

bricks; walls; bricklayer
materials: brick, mortar, sand, cement, clay, water, stone
tools: trowel, level, wheelbarrow, bucket, string, hammer, shovel
people: bricklayer, builder, mason, helper
things made: wall, chimney, arch, well, oven, path, house
vehicles: cement mixer
places: building site, kiln

cardboard; boxes; box; cardboard boxes
containers: shoebox, cereal box, gift box, egg carton, moving box, mailbox, jewelry box, oatmeal box
materials: cardboard, tape, paper, ribbon, string
tools: scissors, hole punch, glue stick, marker
things made: house, robot, boat, castle, tunnel, train
parts: lid, flap, corner
people: packer
later: hole punch

string; rope; ropes and knots; knots
materials: string, rope, yarn, ribbon, shoelace, wire, thread
tools: spool, pulley, hook, scissors, needle
knots: knot, bow, loop, braid, lasso, net, tassel
people: sailor, climber, rope maker, weaver
things: swing, jump rope, kite tail, clothesline, hammock, spiderweb
later: hook, swing

buttons and beads; beads; jewelry; jeweller
beads: bead, pearl, button, charm, shell, ring, bell
things made: necklace, bracelet, crown, brooch, key ring, earring
tools: needle~thread, pliers, tweezers, string, scale, magnifying glass
people: jeweler, collector, customer
materials: gold, silver, glass, wood
containers: jewelry box
later: crown, pliers

fabric; cloth; textures; feeling things
fabrics: silk, velvet, wool, cotton, felt, fur, lace, denim, burlap, corduroy
rough things: sandpaper, bark, brick, brush
smooth things: ribbon, pebble, glass, satin
soft things: cotton ball, feather, pillow
people: tailor, weaver
tools: scissors, blindfold
containers: feely bag
later: bark, brick

metal; blacksmith; tin
tools: hammer, anvil, tongs, bellows, file
things made: horseshoe, nail, key, bell, gate, hook, spoon, chain, coin
people: blacksmith, tinsmith, welder
materials: iron, gold, silver, copper, fire, coal
places: forge, workshop
clothes: leather apron, gloves
sounds: clang
later: tinsmith, file

candles; candle maker
candles: birthday candle, beeswax candle, tea light, floating candle, night light
parts: wick, flame, wax, stub
people: candle maker, lamplighter, beekeeper
tools: candle holder, mold, snuffer, match, pot, thermometer
things: lantern, cake, window, chandelier
containers: jar, box
materials: beeswax, string, light
later: lamplighter

soap; soap and bubbles; bubbles
things: bubble, foam, bar of soap, washcloth, sponge, towel
tools: bubble wand, straw, hoop, whisk, funnel, fan, bubble machine
people: bubble blower, soap maker, dishwasher, car washer
materials: water, soap, shampoo, glycerin, wind
containers: bucket, tub, soap dish, bottle
places: sink, bathtub
sounds: pop
later: whisk, hoop, straw

sand; sandbox; sand play
tools: shovel~bucket, rake, sieve, funnel, scoop, mold, hourglass, roller
vehicles: dump truck, digger, bulldozer
things made: castle, tunnel, road, hill, cake
materials: sand, water, pebble, shell
people: builder, glassblower
places: sandbox, desert, dune
animals: crab, lizard
later: road

rocks; stones; rocks and gems; geology
rocks: pebble, granite, marble, slate, sandstone, lava rock, flint
gems: crystal, diamond, ruby, amber, quartz
tools: hammer, magnifying glass, brush, goggles, scale, sieve
people: miner, geologist, stonemason, jeweler
places: mountain, cave, quarry, river
containers: egg carton
things: fossil

wheels; things with wheels; rolling
vehicles: bicycle, skateboard, wagon, scooter, wheelbarrow, tractor, train, roller skate, stroller, unicycle
things that roll: ball, marble, hoop, log, barrel, coin, tire
parts: axle, spoke, hub
people: wheelwright, rider, mechanic
places: ramp, road
machines: water wheel
later: wheelwright

ramps; sliding and rolling; slopes
places: ramp, slide, hill, stairs, loading dock, skate park, bridge
vehicles: toy car, wheelchair, sled, skateboard, cart, dump truck
things that roll: ball, marble, spool, can, ring
things that slide: block, box, book, ice cube
people: skater, mover, roller
materials: plank, cardboard
tools: tape measure
later: wheelchair, spool

shadows; light and shadow; shadow puppets
things: shadow, shadow puppet, silhouette, sundial, screen, hand bird
lights: sun, flashlight, lamp, candle, projector, moon, lantern
people: puppeteer, stargazer, dancer
tools: scissors, stick, mirror, tracing paper, chalk
places: wall, tent, sidewalk, stage
materials: light, cellophane, foil
sounds: hush
later: stargazer, screen

color; colors; colours; colour; mixing colors
colours: red, yellow, blue, green, orange, purple, pink, brown, black~white
tools: paintbrush, palette, eye dropper, crayon, marker
things: rainbow, prism, color wheel, flower, balloon
materials: paint, dye, chalk, cellophane
people: painter, dyer
containers: paint cup
order: yellow > orange > red
later: eye dropper

sounds; noises; listening; loud and quiet
loud things: drum, horn, siren, thunder, alarm clock, vacuum cleaner
quiet things: feather, whisper, clock, mouse, snow
tools: bell, whistle, shaker, telephone, headphones, microphone, tuning fork
people: singer, drummer, conductor, listener
body: ear
animals: rooster, cricket, owl
sounds: boom
later: feather

music; band; musical instruments; orchestra
instruments: drum~drumstick, guitar, violin~bow, trumpet, flute, piano, xylophone, tambourine, triangle, maracas, bell, harp
people: conductor, drummer, singer, dancer
tools: baton, music stand, microphone, metronome
places: stage, bandstand
paper things: sheet music
parts: string, key
sounds: boom
later: stage, metronome

dance; dancing; ballet
clothes: tutu, ballet slipper, tap shoe, costume, leotard, skirt
people: dancer, dance teacher, musician, audience
tools: ribbon stick, scarf, hoop, mirror, barre, music player, tambourine
places: stage, studio, dance floor
moves: twirl, leap, clap, stomp, bow
paper things: ticket
sounds: tap-tap
later: leap, barre

circus; acrobats; juggling
people: acrobat, juggler, clown, ringmaster, tightrope walker, musician
props: hoop, juggling ball, unicycle, stilts, balance pole, trampoline, trapeze, ribbon
clothes: costume, top hat, cape, big shoes
places: tent(pole+flag+rope+ring), ring, ticket booth
food: popcorn
animals: dog
paper things: ticket
sounds: ta-da
later: ringmaster
`;
