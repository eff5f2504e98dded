/** Ways to travel and what is built, written for Kobby: see `scene.ts` for how they are written down. */
export const TRAVEL = `
ferries; ferry; ferry boats
vehicles: ferry(ramp+deck+bridge+engine), car, truck, bicycle, lifeboat
people: captain, deckhand, passenger, ticket seller
places: pier, deck, harbor, island, waiting hall
tools: rope, life ring, anchor, horn, compass, chain, flag
parts: ramp, railing, funnel, propeller
paper things: ticket
sounds: toot
later: truck, railing

sailing boats; sailing; sailboats
vehicles: sailboat(sail+mast+rudder+hull), raft, dinghy, catamaran
people: sailor, captain, crew
tools: rope~knot, anchor, compass, tiller, flag, pulley, bucket, spyglass
places: harbor, lake, dock, boathouse
clothes: life vest, rain jacket, cap
parts: sail, deck, cabin, keel
materials: wind, canvas
later: crew

rowboats; canoes; boats
vehicles: rowboat~oar, canoe~paddle, raft, kayak, houseboat, motorboat, ferry
people: rower, paddler, fisher, captain
places: dock, river, lake, boathouse, bank
tools: anchor, rope, bucket, life ring, oarlock
clothes: life vest
materials: wood, water
parts: hull, seat, bow~stern
later: wood, fisher

cars; car; driving
vehicles: car(wheel+door+headlight+bumper+horn), race car, taxi, van, tow truck, electric car
people: driver, passenger, mechanic, traffic officer
places: garage, road, car wash, parking lot, bridge
tools: key, jack, air pump, map
parts: engine, tire, mirror, seat belt, steering wheel
sounds: honk
later: jack, air pump

race cars; racing; race track
vehicles: race car(wheel+wing+engine+number), go-kart, tow truck
people: driver, mechanic, flag waver, winner, timekeeper
places: track, start line~finish line, pit, stand, podium
tools: flag, stopwatch, jack, wrench, air pump
clothes: helmet, gloves, racing suit
prizes: trophy, medal, ribbon
parts: tire
sounds: vroom
later: flag waver

trucks; big trucks; lorries
vehicles: dump truck, tow truck, fire truck, milk truck, garbage truck, moving van, delivery truck
parts: cab, wheel, trailer, mirror, tailgate, horn
people: driver, loader, mechanic
places: road, loading dock, warehouse, weigh station
tools: hand truck, strap, forklift, ramp, map
materials: gravel, fuel, cargo
sounds: beep-beep
later: hand truck, tailgate

bicycles; bikes; cycling; wheels on the path
vehicles: bicycle(wheel+pedal+chain+saddle+handlebar), tricycle, balance bike, scooter, cargo bike, tandem
people: rider, bike mechanic, courier
tools: pump, bell, lock~key, wrench, patch, light
clothes: helmet, gloves, vest
places: path, bike rack, ramp
containers: basket, bike bag
parts: spoke, brake
later: courier, path

things that fly; flight; hot air balloons
vehicles: airplane, helicopter, hot air balloon(basket+burner+rope+envelope), glider, airship, drone, parachute
people: pilot, passenger, skydiver
toys: kite, paper plane, spinner, flying disc
places: sky, runway, hangar, launch field
animals: pigeon, dragonfly
tools: windsock, propeller, fan, sandbag
materials: wind, feather
later: sky, skydiver

space; space travel; astronauts
vehicles: rocket(nose+engine+fin+window), space shuttle, space station, rover, satellite
people: astronaut, engineer, controller, stargazer
sky: moon, planet, star, sun, comet, Earth
tools: telescope, robot arm, antenna, computer
clothes: space suit, helmet, gloves, moon boots
places: launch pad, crater
sounds: whoosh
food: space food
later: controller

moon; the moon; phases of the moon
sky: full moon, half moon, crescent, new moon, star, sun, Earth, cloud
people: astronaut, stargazer, night watch
tools: telescope, flashlight, lantern, calendar, mirror
places: crater, night sky, window, hill
vehicles: rocket, rover
animals: moth, wolf
materials: moon dust, silver
order: new moon > crescent > half moon > full moon
later: flashlight, night watch

night sky; stars; stars and planets
sky: star, moon, planet, comet, shooting star, constellation, cloud, Milky Way
people: stargazer, astronaut, camper
tools: telescope, flashlight, lantern, star map, binoculars, blanket
places: hill, observatory, porch, tent
animals: moth, firefly, fox
materials: starlight, chalk
clothes: jacket, mittens

construction site; building site; builders; construction
vehicles: excavator(bucket+arm+cab+track), dump truck, cement mixer, bulldozer, roller, forklift
people: builder, bricklayer, carpenter, crane driver, architect
tools: crane, hammer~nail, drill, level, tape measure, shovel, ladder
materials: brick, cement, beam, sand
clothes: hard hat, work boots
order: hole > wall > roof
later: carpenter

cranes; cranes and pulleys; lifting; pulleys
machines: crane(hook+boom+cab+cable), pulley~rope, hoist, forklift, winch, elevator, lever
people: crane driver, signaller, dock worker, builder
places: building site, harbor, well, flagpole, tower
tools: hook, chain, basket, bucket, magnet
materials: beam, load, steel
vehicles: tow truck, dump truck
toys: blocks
later: hoist, winch

bridges; bridge
bridges: arch bridge, drawbridge, rope bridge, beam bridge, footbridge, suspension bridge, covered bridge
parts: arch, pillar, cable, deck, railing, tower
people: bridge builder, engineer, toll taker, walker
vehicles: train, truck, barge
materials: stone, steel, rope, plank
places: river, valley, road
tools: crane
later: arch

tunnels; tunnel; under the ground
places: train tunnel, subway, cave, mine, burrow, cellar, entrance~exit
people: miner, tunnel builder, track worker, engineer
machines: drill, digger, fan, pump
tools: shovel, headlamp, pickaxe, lantern, rope
vehicles: train, mine cart, dump truck
animals: mole, worm, rabbit
materials: rock, soil, brick
later: mine

roads; road signs; traffic; streets
signs: stop sign, traffic light, arrow, crossing sign, street name, speed sign
vehicles: car, bus, truck, bicycle, street sweeper, steamroller
people: driver, crossing guard, road worker, walker
places: crossing, sidewalk, bridge, corner, roundabout
materials: asphalt, gravel, paint
tools: traffic cone, barrier, roller
sounds: honk
later: asphalt

maps; treasure maps; finding the way
tools: map, compass(needle+dial+cover+letters), globe, ruler, spyglass, magnifying glass, pencil
signs: arrow, signpost, cross, key of the map, dotted line, north~south
people: explorer, map maker, guide, sailor
places: island, mountain, river, path, bridge, lighthouse, town
containers: treasure chest, backpack
paper things: atlas

islands; island
places: island, bay, cliff, cave, lighthouse, harbor, lagoon, hill
vehicles: ferry, rowboat, raft, sailboat
people: lighthouse keeper, fisher, islander, captain
animals: seagull, crab, seal, goat
plants: palm tree, reed
tools: map, spyglass, net, fishing rod
food: coconut
materials: driftwood
later: islander, bay

lighthouses; lighthouse
parts: lamp, tower, lens, gallery, door, spiral stairs, window
people: lighthouse keeper, sailor, captain, fisher
vehicles: ship, rowboat, lifeboat, sailboat
places: cliff, island, harbor, rocks, storeroom
tools: foghorn, rope, spyglass, logbook, oil can
materials: light, fog
animals: seagull
sounds: toot
later: spiral stairs

elevators; escalators; up and down
machines: elevator(door+button+cable+cab), escalator, stairs, ramp, crane, seesaw, hoist, cable car
people: passenger, mechanic, porter, window washer
parts: button, rail, cable, step, handrail, bell
places: tower, floor, lobby, cellar, roof
signs: arrow, number
vehicles: luggage cart
sounds: ding
later: rail, mechanic, arrow

trailers; camper vans; road trip; travel
vehicles: camper van, car, trailer, motorcycle, bus
tools: map, compass, camera, flashlight, cooler, jack
people: driver, traveler, tour guide
places: road, campground, gas station, bridge, motel, beach
containers: suitcase, backpack, water bottle
paper things: postcard, ticket, travel book
clothes: sunglasses~sunglasses case, hat, rain jacket
later: driver, tour guide

camping; camp; campsite; tents
tools: tent(pole+peg+rope+flap), sleeping bag, flashlight, lantern, compass, map, cooking pot, mug, hammock
people: camper, ranger, cook
places: campfire, lake, trail, picnic table
food: toasted bread, trail mix, corn
containers: backpack, water bottle, cooler
materials: firewood, canvas
animals: raccoon, fox
vehicles: canoe
later: toasted bread

picnic; picnics
food: sandwich, grapes, watermelon, lemonade, cookie, egg, cheese, cucumber
containers: picnic basket, cooler, water bottle, jar
dishes: plate, cup, fork~spoon, napkin
tools: blanket, sunshade
places: meadow, park, riverbank, picnic table
animals: ant, sparrow, duck
toys: ball, kite, flying disc
clothes: sun hat
later: cooler

hiking; mountains; mountain climbing
places: mountain, trail, summit, cave, hut, waterfall, valley~peak
people: hiker, climber, ranger, guide, shepherd
tools: rope, map, compass, walking stick, binoculars, carabiner, whistle
clothes: boots, jacket, helmet, sun hat
containers: backpack, water bottle
animals: goat, marmot, eagle
materials: rock
vehicles: cable car

swimming pool; swimming; water play
tools: float, swim ring, kickboard, goggles, net, whistle, hose, funnel
people: swimmer, lifeguard, diver, swim teacher
places: pool, ladder, slide, shower, diving board, changing room
clothes: swimsuit, swim cap, towel, flip-flops
toys: ball, bucket, water wheel
materials: water, ice
sounds: splash

diving; under the sea; sea animals; ocean animals
animals: fish, whale, dolphin, octopus, seahorse, crab, starfish, sea turtle, jellyfish
people: diver, sea researcher, captain
vehicles: submarine, diving boat
clothes: mask~snorkel, flippers, wet suit
plants: seaweed, coral
tools: air tank, underwater camera, net
places: reef, wreck, cave
materials: shell, pearl

fishing; fish
tools: fishing rod(reel+line+hook+float), net, bait, bucket, anchor, tackle box, hook
animals: trout, crab, heron, worm, otter, minnow
people: fisher, boat builder, fish seller
vehicles: rowboat, fishing boat
places: river, pier, lake, dock, market stall
clothes: rubber boots, rain hat, vest
parts: fin, scale
containers: cooler
later: boat builder, fishing boat

horse riding; stable; ponies
animals: pony, foal, mare, donkey, barn cat
tools: saddle, bridle~bit, brush, hoof pick, pitchfork, horseshoe~hoof, bucket, rope
people: rider, stable hand, blacksmith, vet
places: stable, pasture, arena, hay loft
food: hay, oats, carrot
clothes: helmet, riding boots
parts: mane
later: barn cat

delivery; parcels; moving house
vehicles: moving van, delivery van, hand truck, cargo bike, cart
people: mover, driver, courier, neighbour, packer
containers: box, crate, suitcase, tool box
tools: tape, rope, label, marker, key, ramp, bubble wrap, strap
places: doorstep, warehouse, new house, old house
materials: cardboard, paper
paper things: address, list
later: tool box, tape, driver

recycling; garbage; trash; waste
containers: recycling bin, trash can, bottle, can, jar, carton, bag
vehicles: garbage truck(wheel+lift+hopper+light), street sweeper, barge
people: collector, sorter, gardener, driver
materials: paper, plastic, glass, metal, compost, cloth
places: dump, recycling center, compost heap
tools: gloves, broom~dustpan, magnet, picker
order: bottle > recycling bin > garbage truck > recycling center
later: plastic

water cycle; water; water works
materials: water, ice, steam, rain, snow, dew
places: river, sea, well, waterfall, lake, spring, water tower
tools: tap, pipe, hose, pump, bucket, funnel, sieve, watering can, water wheel
sky: cloud
parts: valve, drain
people: plumber, swimmer, well digger
order: sea > cloud > rain > river
later: valve, plumber

rivers; river; creek
places: spring, stream, river, waterfall, bank, bridge, lake, dam
animals: duck, otter, trout, beaver, dragonfly, heron
vehicles: canoe~paddle, raft, barge, ferry
people: fisher, ferry captain, paddler
plants: reed, willow
materials: pebble, water, mud
tools: net
order: spring > stream > river > sea
later: ferry captain

ships; big ships; cargo ships
vehicles: cargo ship, tugboat, cruise ship, tanker, lifeboat, sailing ship, icebreaker
parts: anchor, deck, funnel, rudder, propeller, bridge, cabin, mast
people: captain, sailor, cook, engineer, dock worker
tools: compass, rope, bell, spyglass, chart
places: harbor, lock
materials: cargo
sounds: toot
later: rudder, tanker

pirates; treasure; treasure hunt
vehicles: sailing ship, rowboat
people: captain, cook, lookout, sailor
tools: spyglass, map, compass, anchor, rope, shovel, key~lock, lantern
containers: treasure chest, barrel, sack
treasure: gold coin, pearl, jewel, crown
places: island, cave, harbor, crow's nest
animals: parrot, monkey
clothes: eye patch, hat, striped shirt
later: cook, sack

trains of the city; subway; underground trains
vehicles: subway train(door+wheel+window+headlight), escalator, elevator
people: driver, passenger, musician, track worker, ticket checker
places: platform, tunnel, stairs, entrance, ticket hall, station
tools: ticket gate, map, clock, loudspeaker, signal, bench
paper things: ticket, timetable, poster
materials: rail, tile
parts: seat, strap, pole
sounds: whoosh
later: musician
`;
