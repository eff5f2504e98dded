/** Weather, seasons, animals, plants and food, written for Kobby: see `scene.ts` for how they are written down. */
export const NATURE = `
wind; wind and kites; windy day; kites; kite
things that fly: kite(tail+string+spar+bow), balloon, paper plane, flag, feather, bubble
things that turn: windmill, pinwheel, weathervane, spinner
tools: windsock, wind chime, fan, reel~string, sail, bellows
people: kite flyer, sailor, balloon pilot
places: hill, meadow, clothesline
sky: cloud, storm
vehicles: sailboat, glider
sounds: whoosh
later: reel

weather; weather forecast; sky and weather
sky: sun, cloud, rain, snow, fog, rainbow, lightning, wind
tools: thermometer, rain gauge, weathervane, windsock, barometer, umbrella
clothes: raincoat, rain boots, sun hat, mittens, scarf
people: weather reporter, farmer, sailor
places: weather station, puddle
things: icicle
sounds: drip

snow; winter; snow day; ice
sky: snowflake, snow cloud, icicle, frost
clothes: mitten, scarf, hat, snow boots, snow pants
tools: snow shovel, sled, ice skate, ski~ski pole, ice scraper
vehicles: snowplow
things: snowman(hat+carrot nose+button+scarf), snowball, igloo
people: skater, skier, shoveler
animals: rabbit, fox
places: hill, frozen pond
food: hot chocolate

spring; spring season
plants: tulip, daffodil, bud, blossom, grass, sprout, dandelion
animals: chick, lamb, robin, worm, calf, ladybird
things: nest, egg, puddle, rainbow
clothes: rain boots, raincoat, umbrella
tools: watering can, trowel, seed packet, kite
people: gardener, shepherd
places: meadow, garden
sky: shower

summer; summer season; heat
sky: sun, blue sky, thunder
clothes: sun hat, sunglasses, sandals, swimsuit, T-shirt
food: watermelon, popsicle, lemonade, corn, strawberry
tools: sunscreen, fan, sprinkler, hose, sunshade, ice cube
places: pool, lake, campsite, meadow
people: swimmer, lifeguard, ice cream seller
animals: cricket, firefly
plants: sunflower
later: thunder

autumn; fall; fall season
plants: maple tree, acorn, pinecone, chestnut, red leaf, mushroom, aster
food: apple, pear, squash, corn, nut, pie
clothes: sweater, jacket, scarf, boots
tools: rake~leaf pile, basket, wheelbarrow, lantern
animals: goose, hedgehog, deer
people: farmer, apple picker
places: orchard, barn
sky: fog

seasons; the year; months; calendar
seasons: spring, summer, autumn, winter
clothes: raincoat, swimsuit, sweater, mitten, sun hat
things: blossom, sun, leaf, snowflake, calendar, birthday cake
animals: chick, firefly, goose, rabbit
tools: umbrella, fan, rake, snow shovel
plants: tulip, sunflower, maple tree, evergreen
order: spring > summer > autumn > winter
later: firefly, chick

rain; clouds; puddles; rainbows
sky: raindrop, cloud, rainbow, thunder, lightning, fog, drizzle
clothes: rain boots, raincoat, rain hat
tools: umbrella, rain barrel, rain gauge, bucket, watering can
places: puddle, gutter, roof, window, creek, rain garden
animals: worm, snail, duck
things: paper boat, mud
sounds: drip
people: walker
later: rain barrel

sun; sunshine; the sun; day and night
sky: sun, moon, star, sunrise~sunset, shadow, cloud, rainbow
clothes: sun hat, sunglasses, sandals
tools: sundial, sunscreen, sunshade, magnifying glass, solar lamp, mirror
plants: sunflower, grass, tomato
animals: rooster, lizard, firefly
people: gardener, night watch, early riser
places: window, meadow
order: sunrise > noon > sunset > night
later: rooster

fire and ice; hot and cold; temperature
hot things: soup, stove, sun, tea, oven, campfire, bath
cold things: ice cube, snowball, ice cream, refrigerator, popsicle, frost
tools: thermometer, kettle, thermos, fan, hot-water bottle, cooler
clothes: mitten, sun hat, oven mitt
people: cook, skater, ice cream seller
materials: steam, water
later: thermos

trees; tree; woods; forest
trees: oak, maple, pine, birch, apple tree, willow
parts: root, trunk, branch, leaf, bark, crown, ring
fruit: acorn, pinecone, chestnut, seed
animals: woodpecker, deer, beetle, ant
people: forester, tree climber
places: forest, tree house, clearing
things made: chair, paper
order: seed > seedling > sapling > tree
later: woodpecker

seeds; plants; growing; seeds and sprouts
seeds: bean, sunflower seed, pea, corn kernel, apple seed, acorn, dandelion, pumpkin seed, lentil
parts: root, stem, leaf, flower, seed coat
tools: pot, watering can, trowel, label, spray bottle, magnifying glass
people: gardener, seed seller
materials: soil, water, sunlight
animals: worm
places: greenhouse
order: bean > root > sprout > plant > flower
later: gardener

grass; meadow; meadow animals; wildflowers
plants: grass, clover, dandelion, daisy, poppy, buttercup, thistle, cornflower
animals: grasshopper, rabbit, ladybird, lark, mole, beetle, snail, fox, mouse
people: shepherd, walker, mower
tools: lawn mower, scythe rake, net, magnifying glass
places: meadow, path, burrow
things: nest
later: lawn mower, shepherd

pond; pond life; lake; wetlands
animals: duck, dragonfly, fish, newt, swan, heron, snail, water strider, turtle, beaver
plants: water lily, reed, cattail, duckweed, willow
tools: net, bucket, magnifying glass, binoculars
places: bank, boardwalk, dock
people: fisher, ranger, paddler
vehicles: rowboat
order: egg > duckling > duck
later: bucket

insects; bugs; minibeasts; small animals
animals: ladybird, ant, beetle, grasshopper, cricket, firefly, dragonfly, snail, worm, centipede, caterpillar, moth
parts: wing, leg, feeler, shell
tools: magnifying glass, net, bug jar, brush
places: nest, log, garden, leaf, anthill
people: insect researcher, gardener
order: egg > larva > beetle
later: magnifying glass

birds; bird; bird feeder; nests
animals: robin, sparrow, pigeon, duck, parrot, swan, hen, woodpecker, swallow
parts: wing, beak, feather, tail, claw
things: nest, egg, birdhouse, bird feeder, birdbath
people: bird watcher, ranger
tools: binoculars, field guide
food: seed, worm
places: branch, pond
sounds: tweet
order: egg > chick > bird

eggs; eggs and nests; hatching
animals: hen, chick, duck, robin, ostrich, snake, crocodile, lizard, salmon
parts: shell, yolk, egg white, egg tooth
things: nest, egg, egg cup, egg carton, basket
people: farmer, baker, cook
tools: incubator, whisk, egg spoon, frying pan
places: hen house, barn
food: pancake, omelet
later: incubator

baby animals; animals and their young; farm babies
young: chick, lamb, calf, foal, piglet, puppy, kitten, duckling, kid, cub
grown: hen, sheep, cow, horse, pig, dog, cat, duck, goat, lion
people: farmer, vet, zookeeper
food: milk, hay
places: nest, barn
later: vet, milk

woodland; forest floor; woodland animals
animals: deer, fox, badger, hedgehog, woodpecker, rabbit, beetle, snail, mouse
plants: oak, pine, fern, moss, mushroom, blackberry
fruit: acorn, pinecone, hazelnut
people: ranger, forester, hiker
places: burrow, log, nest, path, stream
things: stick
tools: binoculars

jungle; rain forest; jungle animals
animals: monkey, parrot, toucan, tiger, sloth, snake, jaguar, leafcutter ant, gecko, tapir
plants: vine, palm tree, fern, orchid, banana plant, bamboo, cacao tree
people: explorer, river guide, plant researcher
places: river, treetop, waterfall, rope bridge
vehicles: canoe
tools: binoculars
sounds: squawk
later: orchid, river guide

savanna; safari; animals of africa
animals: lion, zebra, giraffe, elephant, rhinoceros, hippopotamus, ostrich, cheetah, antelope, meerkat, hyena
plants: acacia tree, grass, baobab
people: ranger, guide, photographer
tools: binoculars, camera, map, hat
vehicles: jeep, bus
places: water hole, plain, camp
later: jeep

desert; desert animals; cactus
animals: camel, lizard, snake, scorpion, tortoise, roadrunner, fox, beetle
plants: cactus, date palm, tumbleweed, aloe
places: dune, oasis, canyon, cave, well
people: traveler, guide, camel driver
materials: sand, rock, salt
tools: water bottle, tent, sun hat, scarf, map
sky: sun
later: aloe, scorpion

cats; dogs; cats and dogs
animals: cat, kitten, dog, puppy
parts: paw, whisker, tail, ear, fur, claw
tools: leash~collar, brush, food bowl, ball, scratching post, dog bed, basket, dog whistle
people: owner, vet, trainer, dog walker
food: bone, kibble, milk
places: kennel, yard
sounds: woof, meow

sheep; sheep and wool; shepherd; lambs
animals: sheep, lamb, ram, sheepdog, goat
people: shepherd, shearer, spinner, weaver, knitter
tools: shears, spinning wheel, comb, loom, knitting needle, bell
materials: wool, yarn, cloth, hay
things made: sweater, mitten, blanket, sock
places: meadow, pen, barn
sounds: baa
order: wool > yarn > sweater

worms; soil; dirt; mud; compost
animals: worm, beetle, snail, mole, ant, pill bug, centipede
materials: soil, mud, sand, clay, water, leaf
tools: spade, trowel, magnifying glass, sieve, bucket, rake
people: gardener, composter, potter
places: compost heap, garden bed, puddle, burrow
food: apple core, banana peel, eggshell
later: sand, composter, gardener

fruit and vegetables; vegetables; healthy food
vegetables: carrot, pea, corn, broccoli, pepper, cucumber, bean, beet, cabbage, onion
fruit: banana, orange, pear, grape, strawberry, melon, plum, kiwi
parts: peel, seed, stem
tools: peeler, basket
people: farmer, cook

apples and pears; fruit salad; fruit stand; berries
fruit: pear, banana, strawberry, blueberry, raspberry, grape, orange, kiwi, melon, cherry
parts: peel, core, seed, stem
tools: knife~cutting board, bowl, spoon, basket, juicer
people: picker, cook, fruit seller
food: juice, jam, smoothie
places: fruit stand

corn; harvest; harvest festival; wheat and bread
plants: corn, wheat, squash, potato, bean, sunflower
food: bread, popcorn, flour, oatmeal, pie, soup
people: farmer, miller, baker
vehicles: tractor, combine, wagon
tools: rake, basket, sack, scarecrow
places: field, barn, mill, silo
order: seed > wheat > flour > bread
later: combine, miller, soup

soup; stone soup; making soup
food: carrot, potato, onion, celery, bean, noodle, pea, tomato, corn, broth
tools: pot~lid, ladle, spoon, peeler, cutting board, stove, grater
dishes: bowl, mug, tray
people: cook, guest, neighbour
materials: salt, water, stone
places: table
sounds: bubble

sandwiches; lunch; lunch box; snack time
food: bread, cheese, tomato, lettuce, cucumber, jam, egg, pickle, apple, yogurt, cracker
tools: butter knife, toaster, cutting board, napkin
containers: lunch box, water bottle, jar, bag
dishes: plate, cup~straw
people: cook, helper, guest
places: table, picnic blanket
later: bag, cup

breakfast; pancakes; morning
food: pancake, cereal, egg, toast, oatmeal, fruit, waffle, jam, milk, juice, honey, yogurt
tools: spatula, frying pan, whisk, toaster, spoon, jug
dishes: plate, bowl, egg cup, mug
people: cook
places: table
order: batter > pancake > plate

noodles; pasta; rice; foods of the world
food: noodle, rice, dumpling, flatbread, soup, tortilla, pasta, sauce, bean, curry
tools: chopsticks, fork~spoon, rolling pin, steamer, wok, ladle, colander
dishes: bowl, plate, teapot~teacup
people: cook, noodle maker, guest
places: market, kitchen
materials: flour
clothes: apron
later: flatbread, tortilla, market, teapot

milk; dairy; cheese; cows
animals: cow, calf, goat, sheep
food: milk, cheese, butter, yogurt, cream, ice cream
people: farmer, milker, cheese maker, truck driver
tools: milk pail, churn, milking stool, bell
containers: carton, milk can, bottle, jar
vehicles: milk truck, tractor
places: barn, dairy, pasture
order: cow > milk > butter
materials: hay
later: sheep

honey; jam; jars and lids; canning
food: honey, jam, pickle, peach, tomato sauce, berry, syrup
containers: jar~lid, bottle, can, tin, barrel
tools: funnel, spoon, ladle, pot, label, tongs, sieve, scale, thermometer
people: jam maker, beekeeper, cook, picker
materials: sugar, water
places: pantry, market stall
later: funnel, peach, tomato sauce

tea; tea party; tea and cups
dishes: teapot~lid, teacup~saucer, sugar bowl, milk jug, teaspoon, plate, cake stand
food: tea, cookie, cake, sandwich, lemon, honey, scone, mint
people: host, guest
tools: kettle, strainer, tray, napkin, tablecloth, tongs
furniture: table, chair
plants: flower
paper things: invitation
places: garden
later: sandwich
`;
