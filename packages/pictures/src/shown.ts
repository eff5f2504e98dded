/**
 * The pictures of the open set that Kobby shows, each looked at: its id there, and the names under which it is found where these are
 * not the words of its id. A picture is found by a whole name and never by a keyword, so that nothing is shown as what it is not.
 */
const SHOWN = `
abacus; accordion; adhesive-bandage: plaster, sticking plaster, bandage, band
aerial-tramway: cable car, gondola; airplane-arrival: landing; airplane-departure: take-off
airplane: airplane, aeroplane, plane, aircraft, jet; alarm-clock; ambulance
american-football: american football; amphora: amphora, clay jar; anchor; angry-face: angry face, angry; ant
articulated-lorry: lorry, articulated lorry, truck, big truck, trailer truck, semi-truck; artist
artist-palette: palette, artist palette, paint palette; astonished-face: surprised, surprise; astronaut
auto-rickshaw: rickshaw, auto rickshaw; automobile: car, automobile; avocado; baby; baby-bottle
baby-chick: chick, baby chick; backpack: backpack, rucksack, school bag; badger
badminton: shuttlecock, badminton; bagel; baguette-bread: baguette, loaf, french bread
balance-scale: balance, balance scale, scales, pan balance; ballet-shoes: ballet shoe, dancing shoe; balloon
banana; banjo; barber-pole; baseball; basket; basketball; bat; bathtub: bathtub, bath, tub; battery
beach-with-umbrella: beach; beans: bean; bear; beaver; bed; beetle; bell
bell-pepper: bell pepper, sweet pepper, pepper; bento-box: lunch box
beverage-box: juice box, juice carton, drink carton; bicycle: bicycle, bike; billed-cap: cap, baseball cap
bird; birthday-cake: birthday cake, cake; bison; black-cat; blackbird; blossom: blossom
blowfish: puffer fish; blue-circle; blue-heart; blue-square; blueberries: blueberry; bone; bookmark
books: pile of books, stack of books; boomerang; bouquet: bouquet, bunch of flowers
bowl-with-spoon: bowl, porridge, cereal bowl; bowling: bowling ball, skittle; boy; brain
bread: bread, slice of bread, toast; brick; bridge-at-night: bridge, suspension bridge
briefcase: briefcase, suitcase; broccoli; broom; brown-circle; brown-heart; brown-mushroom; brown-square
bubbles: bubble, soap bubble; bucket: bucket, pail; bug: caterpillar
building-construction: building site, construction site; bullet-train; bullseye: target; burrito; bus
bus-stop; butter; butterfly; cactus; calendar; camera; camping: campsite; candle
canned-food: can, tin, tin can, canned food; canoe: canoe, rowing boat, rowboat
carousel-horse: carousel, merry-go-round, carousel horse; carp-streamer: fish streamer, carp streamer
carpentry-saw: saw, handsaw; carrot; castle; cat; cat-face: kitten; chains: chain; chair
cheese-wedge: cheese; cherries: cherry; cherry-blossom; chess-pawn: pawn; chestnut; chicken: hen, chicken
child; children-crossing; chipmunk; chocolate-bar: chocolate, chocolate bar; chopsticks: chopstick
christmas-tree; church; cinema; circus-tent: circus, circus tent; cityscape: city; clamp
clapping-hands: clap, clapping hands; classical-building: museum; clipboard; closed-book: red book
closed-umbrella: closed umbrella; cloud; cloud-with-lightning-and-rain: thunderstorm, storm
cloud-with-lightning: lightning cloud; cloud-with-rain: rain, rain cloud
cloud-with-snow: snow cloud, snowfall; clown-face: clown; coat: coat, jacket; coconut; coin; collision: bang
comet; compass; confetti-ball: confetti; construction-worker: builder, construction worker, bricklayer
construction: barrier, road works; control-knobs: knob; cook: cook, chef; cooked-rice: rice, bowl of rice
cookie: cookie, biscuit; cooking: fried egg, frying pan; coral; couch-and-lamp: couch, sofa; cow; cow-face
crab; crayon; crescent-moon; cricket; crocodile; croissant; crown; crutch; crying-face: sad face, sad
cucumber; cup-with-straw: cup with straw, paper cup; cupcake; curling-stone; custard: custard, pudding
cyclone: spiral, whirl; dashing-away: puff, puff of air; deciduous-tree: tree, deciduous tree, oak; deer
delivery-truck: delivery truck, van, delivery van, moving van; desert; desert-island: island, desert island
desktop-computer: computer; diving-mask: diving mask, snorkel; diya-lamp: oil lamp, clay lamp; dna; dog
dog-face: puppy; dollar-banknote: banknote, money, note of money; dolphin; donkey; door
doughnut: doughnut, donut; dove: dove, pigeon; dragon; dress; droplet: drop, water drop, droplet, raindrop
drum; duck; dumpling; eagle; ear; ear-of-corn: corn, maize, ear of corn, sweetcorn
ear-with-hearing-aid: hearing aid; egg; eggplant: aubergine, eggplant; eight-oclock: eight o’clock
electric-plug: plug, electric plug; elephant; elevator: elevator, lift; eleven-oclock: eleven o’clock
empty-nest: nest, empty nest; envelope
evergreen-tree: evergreen tree, fir tree, fir, pine, pine tree, spruce; ewe: sheep, ewe; eye
eyes: pair of eyes; factory; factory-worker: factory worker; falafel
fallen-leaf: autumn leaf, dry leaf, fallen leaf; farmer; fearful-face: scared, afraid; feather; ferris-wheel
ferry; field-hockey: hockey stick; file-folder: folder; fire-engine: fire engine, fire truck
fire-extinguisher; fire: fire, flame, campfire; firefighter; fireworks: firework
first-quarter-moon: half moon; fish; fishing-pole: fishing rod, fishing pole; five-oclock: five o’clock
flamingo; flashlight: torch, flashlight; flat-shoe; flatbread; flexed-biceps: muscle, arm
flute: flute, recorder; fly; flying-disc: flying disc, disc; fog: mist; foggy: fog; foot
footprints: footprint; fork-and-knife-with-plate: plate, place setting
fork-and-knife: knife and fork, cutlery; fortune-cookie; fountain; fountain-pen; four-leaf-clover
four-oclock: four o’clock; fox; framed-picture: picture, painting, framed picture
french-fries: french fries; fuel-pump: petrol pump, fuel pump, gas pump, filling station
full-moon: full moon, moon; game-die: die, dice; garlic; gear: gear, cog, cogwheel
gem-stone: gem, jewel, crystal, diamond, gemstone; ginger-root: ginger; giraffe; girl
glass-of-milk: milk, glass of milk; glasses: glasses, pair of glasses, spectacles
globe-showing-europe-africa: globe, earth, world; gloves: glove, mitten; glowing-star; goal-net: goal; goat
goggles; goose; gorilla; grapes: grape, bunch of grapes; green-apple; green-circle; green-heart
green-salad: salad; green-square; grinning-face: happy face, happy; guard; guide-dog; guitar
hair-pick: comb; hamburger: burger, hamburger; hammer; hammer-and-wrench: tools, hammer and wrench; hamster
hand-with-fingers-splayed: hand; handbag: handbag, bag; handshake; hatching-chick
headphone: headphones, headphone; health-worker: doctor, nurse, health worker; hedgehog; helicopter; herb
hibiscus; high-speed-train: express train, high-speed train; high-voltage: lightning, lightning bolt
hiking-boot: boot, walking boot, hiking boot; hindu-temple; hippopotamus: hippo, hippopotamus; hole: hole
honey-pot: honey, honey pot; honeybee: bee, honeybee; hook; horse; horse-face; hospital
hot-beverage: tea, hot drink, cup of tea, cocoa, coffee; hot-dog; hot-pepper: chilli, chili; hotel
hourglass-done: hourglass, sand timer; house; house-with-garden: garden house, home; houses: village; hut
hyacinth; ice-cream; ice-skate; ice: ice cube, ice; jar; jeans; jellyfish; kangaroo; key; keyboard
keycap-0: zero; keycap-10: ten; keycap-1: one; keycap-2: two; keycap-3: three; keycap-4: four
keycap-5: five; keycap-6: six; keycap-7: seven; keycap-8: eight; keycap-9: nine
kick-scooter: scooter, kick scooter; kimono; kite; kiwi-fruit: kiwi, kiwi fruit; knot; koala; lab-coat
label: label, tag; lacrosse; ladder; lady-beetle: ladybird, ladybug, lady beetle; laptop
large-blue-diamond: blue diamond; large-orange-diamond: orange diamond
leaf-fluttering-in-wind: leaf, green leaf; leafy-green: lettuce, spinach, cabbage, kale; leg; lemon; leopard
light-bulb: light bulb; light-rail; lime; link: paper chain link; lion; litter-in-bin-sign: litter bin
lizard; llama; lobster; locked-with-key: lock and key; locked: padlock, lock, closed lock
locomotive: locomotive, steam train, steam engine; lollipop; long-drum
lotion-bottle: lotion, lotion bottle, squeeze bottle; lotus; loudspeaker
luggage: suitcase on wheels, luggage; lungs; magic-wand: wand, magic wand; magnet: magnet, horseshoe magnet
magnifying-glass-tilted-left: magnifying glass, magnifier; mammoth; man-juggling: juggler; mango
mantelpiece-clock: mantel clock; manual-wheelchair: wheelchair; maple-leaf; maracas: maraca
martial-arts-uniform; meat-on-bone; mechanic; megaphone; melon; metro: metro, underground train, subway
microphone; microscope; milky-way: galaxy, milky way, night sky; minibus; mirror: mirror, hand mirror
mobile-phone: mobile phone, phone; money-bag: money bag; monkey; monorail; moose; mosque
motor-boat: motor boat, motorboat; motor-scooter: moped, motor scooter; motorcycle: motorcycle, motorbike
motorway: road, motorway; mountain; mountain-cableway: mountain cable car; mountain-railway; mouse
mouse-face; mouth; mushroom: toadstool, mushroom; musical-keyboard: piano, keyboard instrument, piano keys
musical-note: note, musical note; musical-notes: music, melody, tune; musical-score: sheet music
name-badge: name tag; national-park: park; nest-with-eggs; nesting-dolls: nesting doll; new-moon; newspaper
night-with-stars: night; nine-oclock: nine o’clock; no-littering; nose; notebook
notebook-with-decorative-cover: diary; nut-and-bolt: bolt, nut and bolt; octopus; office-building
oil-drum: barrel, drum of oil; old-key; old-man: grandfather, old man; old-woman: grandmother, old woman
olive; one-oclock: one o’clock; onion; open-book: book, open book, picture book; open-file-folder
orange-circle; orange-heart; orange-square; orangutan; otter; owl; ox; oyster
package: parcel, package, cardboard box, box; page-facing-up: sheet of paper, paper, page
paintbrush: paintbrush, brush, paint brush; palm-tree; pancakes: pancake; panda
paperclip: paper clip, paperclip; parachute; parrot; party-popper; passenger-ship: cruise ship
paw-prints: paw, paw print; pea-pod: pea, pea pod; peach; peacock; peanuts: peanut; pear; pen; pencil
penguin; performing-arts: mask, theatre mask; person-biking: cyclist; person-climbing: climber
person-in-bed: sleeper, person in bed; person-rowing-boat: rower; person-running: runner
person-swimming: swimmer; person-walking: walker; petri-dish; piata: piñata; pick: pickaxe; pickup-truck
pie; pig; pig-face; pilot; pineapple; ping-pong: table tennis bat, table tennis; pink-heart; pizza; placard
playground-slide: slide; plunger; polar-bear; police-car; police-car-light: siren, blue light
police-officer; poodle; popcorn; post-office; postal-horn; postbox: postbox, mailbox, letter box
pot-of-food: pot, saucepan, stew; potable-water: tap; potato
potted-plant: potted plant, pot plant, house plant; pouring-liquid: jug, juice jug; pretzel; prince
princess; printer; purple-circle; purple-heart; purple-square; purse; pushpin: pin, pushpin
puzzle-piece: puzzle piece, jigsaw piece, puzzle, jigsaw; rabbit; rabbit-face; raccoon; racing-car; radio
railway-car: railway carriage, railway car, carriage, wagon; railway-track: track, railway, railway track
rainbow; raised-hand; ram; receipt; red-apple: apple, red apple; red-circle; red-heart: heart, red heart
red-paper-lantern: lantern, paper lantern; red-square; red-triangle: triangle, red triangle
rescue-workers-helmet: helmet, hard hat; rhinoceros: rhino, rhinoceros; ribbon: bow, ribbon; rice-ball; ring
ring-buoy: lifebelt, life ring; ringed-planet: planet, ringed planet; roasted-sweet-potato: sweet potato
robot; rock: rock, stone, boulder, pebble; rocket; roll-of-paper: paper roll, toilet roll, toilet paper
roller-coaster; roller-skate; rooster: rooster, cockerel; rose; rosette; rugby-football; running-shirt: vest
running-shoe: shoe, trainer, running shoe, sneaker; sad-but-relieved-face: worried; safety-pin; safety-vest
sailboat: sailboat, sailing boat, yacht, boat; salt: salt, salt shaker; sandwich; sari; satellite
satellite-antenna: antenna, dish antenna; sauropod: long-necked dinosaur; saxophone; scarf
school: school, kindergarten; scientist; scissors: scissors, pair of scissors; scorpion; screwdriver; scroll
seal; seat: seat; seedling: seedling, sprout; seven-oclock: seven o’clock
sewing-needle: needle, sewing needle; shallow-pan-of-food: paella; shamrock: clover, shamrock; shark
shaved-ice; sheaf-of-rice: wheat, sheaf of wheat, rye; ship; shooting-star
shopping-bags: shopping bag, paper bag; shopping-cart: shopping cart, trolley, shopping trolley; shorts
shower: shower, shower head; shrimp: shrimp, prawn; singer; six-oclock: six o’clock; skateboard; skier
skis: ski; skunk; sled: sledge, sled, sleigh; sleeping-face: tired, sleepy
slightly-smiling-face: smile, content; sloth; snail; snake; snow-capped-mountain: snowy mountain
snowboarder; snowflake: snowflake, snow; snowman; soap: soap, bar of soap
soccer-ball: football, soccer ball, ball; socks: sock, pair of socks; soft-ice-cream: ice cream cone
spaghetti: spaghetti, pasta, noodle; sparkler; sparkles: glitter, sparkle; speech-balloon: speech bubble
speedboat; spider; spider-web: web, spider web, cobweb; spiral-calendar: wall calendar
spiral-notepad: notepad; spiral-shell: shell, seashell; sponge; spoon; sport-utility-vehicle: jeep
sports-medal: medal; spouting-whale: blowing whale; squid; stadium; star
station: railway station, train station, station; steaming-bowl: soup, bowl of soup, noodle soup
stethoscope; stop-sign; stopwatch; straight-ruler: ruler; strawberry; student; studio-microphone
stuffed-flatbread: pita; sun-behind-cloud: cloudy; sun: sun, sunshine; sunflower
sunglasses: sunglasses, pair of sunglasses; sunrise; sunset; sushi; swan; sweat-droplets: splash; synagogue
t-rex; t-shirt: T-shirt, shirt; taco; tangerine: tangerine, orange, mandarin, clementine; taxi; teacher
teacup-without-handle: teacup, tea bowl, cup; teapot; tear-off-calendar: day calendar
teddy-bear: teddy bear, teddy; telephone; telescope: telescope, spyglass; television: television, TV
ten-oclock: ten o’clock; tennis: tennis racket, racket; tent; test-tube; thermometer
thong-sandal: flip-flop; thread: thread, reel of thread, spool, spool of thread, cotton reel
three-oclock: three o’clock; thumbs-up; ticket; tiger; timer-clock: timer, kitchen timer; toilet; tomato
tongue; toolbox; tooth; toothbrush; top-hat; tornado: tornado, whirlwind; tractor; train; tram
triangular-ruler: set square; trolleybus; trophy; tropical-fish; trumpet; tulip
tumbler-glass: glass, tumbler; turkey; turtle: turtle, tortoise; twelve-oclock: twelve o’clock
two-hump-camel: camel; two-oclock: two o’clock; umbrella-with-rain-drops: umbrella; umbrella: open umbrella
unicorn; vertical-traffic-light: traffic light, traffic lights; video-camera; violin: violin, fiddle
volcano; volleyball; waffle; wastebasket: wastebasket, waste-paper basket, dustbin, trash can
watch: watch, wristwatch; water-buffalo: buffalo, water buffalo; water-wave: wave; watermelon; whale
wheel: wheel, tyre, tire; white-cane; white-circle; white-heart; white-large-square: white square
wind-chime; wind-face: wind; window; wing; wolf; woman-dancing: dancer; womans-hat: hat, sun hat
wood: log, wood, firewood; world-map: map, world map; worm: worm, earthworm; wrapped-gift: present, gift
wrench: spanner, wrench; writing-hand; yarn: yarn, wool, ball of wool; yellow-circle; yellow-heart
yellow-square; yo-yo; zebra
`;

/** Each picture of the open set that is shown: its id there, and its names where they are not the words of it. */
export const eachShown = (): readonly { readonly id: string; readonly names: string | undefined }[] =>
  SHOWN.trim()
    .split(/;\s|\n/)
    .map((entry) => {
      const [id = '', names] = entry.split(': ');
      return { id, names };
    });
