import {
  cord,
  part,
  type StarterSupply,
  container,
  electric,
  fabric,
  filler,
  food,
  music,
  nature,
  paint,
  paper,
  piece,
  print,
  room,
  science,
  tool,
  toy,
  yard,
} from './builders.ts';

const GROCER = 'Grocer';
const DISCOUNT = 'Discount shop';
const CRAFT = 'Craft shop';
const TOYS = 'Toy shop';
const GARDEN = 'Garden centre';
const HARDWARE = 'Hardware shop';

const KITCHEN: readonly StarterSupply[] = [
  food('pears', 'Pears, ripe', 'Fruit bowl', 0, { packs: [[5, 280, GROCER]], props: { foodForm: 'cut' } }),
  food('carrots', 'Carrots', 'Fridge', 0, { packs: [[8, 130, GROCER]], props: { foodForm: 'chokable' } }),
  food('cucumbers', 'Cucumbers', 'Fridge', 0, { packs: [[1, 90, GROCER]], props: { foodForm: 'cut' } }),
  food('lemons', 'Lemons', 'Fruit bowl', 0, {
    packs: [[4, 190, GROCER]],
    props: { foodForm: 'cut', ingredients: ['acid'] },
  }),
  food('potatoes', 'Potatoes', 'Kitchen, side', 0, {
    unit: 'g',
    packs: [[2000, 290, GROCER]],
    props: { grain: 'other' },
  }),
  food('pumpkin', 'Pumpkin', 'Kitchen, side', 0, { packs: [[1, 390, GROCER]], props: { foodForm: 'cut' } }),
  food('berries', 'Berries, soft', 'Fridge', 0, {
    unit: 'g',
    packs: [[250, 290, GROCER]],
    props: { foodForm: 'cut' },
  }),
  food('raisins', 'Raisins', 'Kitchen, top', 0, {
    unit: 'g',
    packs: [[250, 190, GROCER]],
    props: { foodForm: 'chokable' },
  }),
  food('bread-slices', 'Bread, slices', 'Kitchen, top', 0, {
    allergens: ['wheat'],
    packs: [[20, 190, GROCER]],
    props: { grain: 'gluten' },
  }),
  food('rice-cakes', 'Rice cakes, thin', 'Kitchen, top', 0, {
    packs: [[20, 150, GROCER]],
    props: { foodForm: 'cut', grain: 'other' },
  }),
  food('cream-cheese', 'Cream cheese', 'Fridge', 0, {
    unit: 'g',
    allergens: ['milk'],
    packs: [[200, 160, GROCER]],
  }),
  food('milk', 'Milk', 'Fridge', 0, {
    unit: 'mL',
    density: 1.03,
    allergens: ['milk'],
    packs: [[1000, 120, GROCER]],
  }),
  food('rice-drink', 'Rice drink', 'Kitchen, top', 0, {
    unit: 'mL',
    density: 1.02,
    packs: [[1000, 170, GROCER]],
    props: { grain: 'other' },
  }),
  food('buckwheat-flour', 'Buckwheat flour', 'Kitchen, top', 0, {
    unit: 'g',
    density: 0.6,
    packs: [[500, 310, GROCER]],
    props: { grain: 'other', dust: true },
  }),
  food('brown-sugar', 'Brown sugar', 'Kitchen, top', 0, {
    unit: 'g',
    density: 0.85,
    packs: [[500, 180, GROCER]],
  }),
  food('coconut-oil', 'Coconut oil', 'Kitchen, top', 0, {
    unit: 'g',
    density: 0.92,
    packs: [[300, 390, GROCER]],
  }),
  food('fresh-herbs', 'Fresh herbs, a pot', 'Window sill', 0, { packs: [[1, 190, GROCER]] }),
  food('red-cabbage', 'Red cabbage', 'Fridge', 0, { packs: [[1, 190, GROCER]], props: { foodForm: 'cut' } }),
  food('beetroot', 'Beetroot, cooked', 'Fridge', 0, { unit: 'g', packs: [[500, 140, GROCER]] }),
  food('turmeric', 'Ground turmeric', 'Kitchen, top', 0, {
    unit: 'g',
    density: 0.55,
    packs: [[40, 190, GROCER]],
    props: { dust: true },
  }),
  food('agar', 'Agar powder', 'Kitchen, top', 0, { unit: 'g', packs: [[30, 290, GROCER]] }),
  food('sparkling-water', 'Sparkling water', 'Kitchen, side', 0, {
    unit: 'mL',
    density: 1,
    packs: [[1500, 60, GROCER]],
  }),
];

const FILLERS_AND_COLOURS: readonly StarterSupply[] = [
  filler('oat-bran', 'Oat bran', 'D1', 0, {
    unit: 'g',
    density: 0.45,
    allergens: ['gluten'],
    packs: [[500, 190, GROCER]],
    props: { filler: 'fine', foodOnly: 'all', grain: 'gluten', dust: true },
  }),
  filler('bread-crumbs', 'Bread crumbs', 'D1', 0, {
    unit: 'g',
    density: 0.45,
    allergens: ['wheat'],
    packs: [[500, 160, GROCER]],
    props: { filler: 'fine', foodOnly: 'all', grain: 'gluten' },
  }),
  filler('felt-scraps', 'Felt scraps, large', 'D2', 0, {
    unit: 'mL',
    density: 0.05,
    got: 'collected',
    props: { ...part(60, 80, 'fabric') },
  }),
  filler('corks', 'Corks', 'D2', 0, { got: 'families', props: { ...part(24, 44) } }),
  filler('bark-pieces', 'Bark, large pieces', 'Shed', 0, {
    unit: 'mL',
    density: 0.25,
    packs: [[20000, 590, GARDEN]],
    props: { ...part(45, 80) },
  }),
  filler('hay', 'Hay, for little pets', 'Shed', 0, {
    unit: 'mL',
    density: 0.04,
    packs: [[10000, 390, DISCOUNT]],
    props: { filler: 'clinging', dust: true },
  }),
  paint('chalk-paint', 'Chalk paint, washable', 'B3', 0, {
    unit: 'mL',
    density: 1.3,
    packs: [[500, 690, CRAFT]],
  }),
  paint('plant-soap', 'Hard soap, no scent', 'Bathroom', 0, {
    packs: [[4, 320, DISCOUNT]],
    props: { ingredients: ['acid'] },
  }),
  paint('paint-sticks', 'Paint sticks, washable', 'B3', 0, { packs: [[12, 990, CRAFT]] }),
  paint('corn-glue', 'Starch glue', 'B2', 0, {
    unit: 'mL',
    density: 1.05,
    packs: [[250, 320, CRAFT]],
    props: { grain: 'other' },
  }),
];

const PAPER_AND_CLOTH: readonly StarterSupply[] = [
  paper('wallpaper-roll', 'Lining paper, a roll', 'C3', 0, { unit: 'mm', packs: [[10000, 490, HARDWARE]] }),
  paper('squared-paper', 'Squared paper, sheets', 'C3', 0, { packs: [[80, 240, DISCOUNT]] }),
  paper('sand-paper', 'Rough paper, fine grit, sheets', 'C3', 0, { packs: [[10, 390, HARDWARE]] }),
  paper('egg-boxes', 'Egg boxes, new', 'Shed', 0, { packs: [[10, 290, CRAFT]], props: { reused: 'none' } }),
  paper('paper-tape', 'Paper tape for children', 'B1', 0, { unit: 'mm', packs: [[20000, 350, CRAFT]] }),
  paper('baking-paper', 'Baking paper, sheets', 'Kitchen, top', 0, { packs: [[40, 220, GROCER]] }),
  paper('coffee-filters', 'Coffee filters, white', 'C3', 0, { packs: [[80, 140, GROCER]] }),
  paper('paper-napkins', 'Paper napkins', 'Kitchen, top', 0, { packs: [[50, 130, DISCOUNT]] }),
  paper('gift-tags', 'Tags of card', 'C3', 0, { packs: [[40, 250, CRAFT]], props: part(40, 80, 'paper') }),
  fabric('cotton-cloth', 'Cotton cloth, squares', 'D1', 0, { kept: true, packs: [[4, 590, CRAFT]] }),
  fabric('sheer-cloth', 'Sheer cloth, 1 m', 'D1', 0, { kept: true, packs: [[1, 690, CRAFT]] }),
  fabric('socks-odd', 'Odd socks, washed', 'D1', 0, { got: 'families', from: 'all families' }),
  fabric('elastic-band-wide', 'Elastic, 4 cm wide', 'B2', 0, {
    unit: 'mm',
    packs: [[3000, 350, CRAFT]],
    props: cord(300),
  }),
  fabric('fleece', 'Fleece, pieces', 'D1', 0, { packs: [[4, 490, CRAFT]] }),
  fabric('burlap', 'Coarse weave, squares', 'D1', 0, { packs: [[4, 390, CRAFT]] }),
  fabric('hats-sun', 'Sun hats, spare', 'Hall', 0, { kept: true, packs: [[1, 590, DISCOUNT]] }),
  fabric('rain-trousers', 'Rain trousers, spare', 'Hall', 0, { kept: true, got: 'families' }),
];

const PIECES_AND_TOOLS: readonly StarterSupply[] = [
  piece('wooden-rings', 'Wooden rings, 7 cm', 'A1', 0, {
    kept: true,
    packs: [[12, 690, CRAFT]],
    props: part(70, 70),
  }),
  piece('wooden-discs', 'Wooden discs, 6 cm', 'B1', 0, {
    kept: true,
    packs: [[20, 790, CRAFT]],
    props: part(60, 60),
  }),
  piece('jar-lids', 'Lids, 8 cm', 'B1', 0, { got: 'families', props: part(80, 80) }),
  piece('foam-shapes', 'Foam shapes, 6 cm', 'B1', 0, { packs: [[60, 450, CRAFT]], props: part(60, 60) }),
  piece('magnet-tiles', 'Building tiles with sealed magnets', 'A2', 0, {
    kept: true,
    packs: [[40, 3900, TOYS]],
    props: { ...part(75, 75), magnet: 'encased' },
  }),
  piece('wax-blocks', 'Wax blocks for drawing', 'B1', 0, { packs: [[8, 890, CRAFT]], props: part(22, 40) }),
  piece('sponge-letters', 'Sponge letters, 8 cm', 'B3', 0, {
    kept: true,
    packs: [[26, 990, CRAFT]],
    props: part(60, 80),
  }),
  tool('rulers', 'Wooden rulers, 30 cm', 'B1', 0, { kept: true, packs: [[4, 380, CRAFT]] }),
  tool('kitchen-spoons', 'Wooden spoons for cooking', 'Kitchen, side', 0, {
    kept: true,
    packs: [[3, 290, DISCOUNT]],
    props: { forFood: true },
  }),
  tool('spreaders', 'Wooden spreaders, blunt', 'Kitchen, side', 0, {
    kept: true,
    packs: [[4, 490, DISCOUNT]],
    props: { forFood: true },
  }),
  tool('wavy-cutters', 'Wavy cutters with two handles', 'High shelf', 0, {
    kept: true,
    packs: [[2, 690, TOYS]],
    props: { sharp: 'blunt', forFood: true },
  }),
  tool('mixing-bowls', 'Mixing bowls', 'Kitchen, side', 0, {
    kept: true,
    packs: [[3, 990, DISCOUNT]],
    props: { forFood: true },
  }),
  tool('kitchen-scales', 'Kitchen scales', 'Kitchen, side', 0, {
    kept: true,
    packs: [[1, 1290, DISCOUNT]],
    props: { forFood: true, battery: 'screwed' },
  }),
  tool('measuring-jugs', 'Measuring jugs', 'Kitchen, side', 0, {
    kept: true,
    packs: [[2, 390, DISCOUNT]],
    props: { forFood: true },
  }),
  tool('clay-tools', 'Wooden tools for modelling', 'B3', 0, { kept: true, packs: [[6, 590, CRAFT]] }),
  tool('paint-rollers', 'Small paint rollers', 'B3', 0, { kept: true, packs: [[4, 590, CRAFT]] }),
  tool('spray-bottles', 'Spray bottles', 'Bathroom', 0, { kept: true, packs: [[2, 390, DISCOUNT]] }),
  tool('wooden-mallets', 'Wooden mallets', 'High shelf', 0, { kept: true, packs: [[2, 990, TOYS]] }),
];

const ON_THE_SHELF: readonly StarterSupply[] = [
  container('snack-plates', 'Snack plates', 'Kitchen, side', 0, {
    kept: true,
    packs: [[6, 890, DISCOUNT]],
    props: { forFood: true },
  }),
  container('snack-boards', 'Small boards', 'Kitchen, side', 0, {
    kept: true,
    packs: [[2, 690, DISCOUNT]],
    props: { forFood: true },
  }),
  container('baskets', 'Baskets, low', 'D1', 0, { kept: true, packs: [[2, 890, DISCOUNT]] }),
  container('ice-cube-trays', 'Ice trays, large', 'Kitchen, side', 0, {
    kept: true,
    packs: [[2, 490, DISCOUNT]],
    props: { forFood: true },
  }),
  container('drying-racks', 'Drying racks', 'B3', 0, { kept: true, packs: [[1, 1990, CRAFT]] }),
  container('crates', 'Wooden crates', 'Shed', 0, { kept: true, packs: [[2, 990, HARDWARE]] }),
  toy('animal-figures', 'Animals, 10 cm', 'A2', 0, {
    kept: true,
    packs: [[6, 1490, TOYS]],
    props: { ...part(45, 100), makersMonths: 12 },
  }),
  toy('people-figures', 'Wooden people, 9 cm', 'A2', 0, {
    kept: true,
    packs: [[6, 1690, TOYS]],
    props: { ...part(45, 90), makersMonths: 12 },
  }),
  toy('rainbow-arches', 'Wooden arches', 'A2', 0, {
    kept: true,
    packs: [[1, 2900, TOYS]],
    props: { makersMonths: 12 },
  }),
  toy('cloth-books', 'Cloth books', 'A1', 0, {
    kept: true,
    packs: [[2, 1190, TOYS]],
    props: { makersMonths: 3 },
  }),
  toy('roll-drums', 'Rolling drums for babies', 'A1', 0, {
    kept: true,
    packs: [[1, 1490, TOYS]],
    props: { makersMonths: 6 },
  }),
  toy('hand-puppets', 'Hand puppets', 'A2', 0, {
    kept: true,
    packs: [[3, 1990, TOYS]],
    props: { makersMonths: 12 },
  }),
  print('alphabet-line', 'Alphabet line for the wall', 'Circle wall', 0, { kept: true, got: 'printed' }),
  print('photo-cards', 'Photographs of the room and yard', 'A3', 0, {
    kept: true,
    got: 'printed',
    props: part(100, 150, 'paper'),
  }),
  print('name-cards', 'Name cards', 'A3', 0, { kept: true, got: 'printed', props: part(60, 180, 'paper') }),
  nature('large-shells-sea', 'Sea shells, fist-sized', 'C1', 0, { kept: true, got: 'collected' }),
  nature('wood-slices', 'Slices of a branch', 'Shed', 0, { kept: true, got: 'collected' }),
  nature('chestnuts', 'Chestnuts', 'High shelf', 0, {
    got: 'collected',
    props: { ...part(28, 34), plant: 'known' },
  }),
  nature('bulbs', 'Flower bulbs for planting', 'High shelf', 0, {
    packs: [[10, 490, GARDEN]],
    props: { ...part(30, 40), plant: 'poisonous' },
  }),
  electric('string-lights', 'Lights on a line, battery box screwed', 'High shelf', 0, {
    kept: true,
    packs: [[1, 790, DISCOUNT]],
    props: { battery: 'screwed', ...cord(3000) },
  }),
  music('triangles', 'Triangles with a beater', 'D3', 0, { kept: true, packs: [[1, 590, TOYS]] }),
  music('xylophone', 'Low xylophone', 'D3', 0, { kept: true, packs: [[1, 2490, TOYS]] }),
  music('rain-tube', 'Rain tube, closed', 'D3', 0, {
    kept: true,
    packs: [[1, 1290, TOYS]],
    props: { enclosed: true },
  }),
  yard('garden-spades', 'Children’s spades', 'Shed', 0, { kept: true, packs: [[2, 890, GARDEN]] }),
  yard('wheelbarrow', 'Small wheelbarrow', 'Shed', 0, { kept: true, packs: [[1, 2900, GARDEN]] }),
  yard('traffic-cones', 'Cones, 20 cm', 'Shed', 0, { kept: true, packs: [[6, 990, TOYS]] }),
  yard('crawl-tunnel', 'Crawling tunnel', 'Shed', 0, { kept: true, packs: [[1, 1990, TOYS]] }),
  yard('bean-bags', 'Bean bags, sewn shut', 'D1', 0, { kept: true, packs: [[6, 990, TOYS]] }),
  science('sieve-set', 'Sieves with three kinds of holes', 'C1', 0, { kept: true, packs: [[1, 1490, TOYS]] }),
  science('prism-block', 'Clear block that bends light', 'C1', 0, {
    kept: true,
    packs: [[1, 890, TOYS]],
    props: { sun: 'gathers' },
  }),
  room('drying-line', 'Drying line, above heads', 'Wall', 0, { kept: true, packs: [[1, 690, HARDWARE]] }),
  room('low-table', 'Low table, folding', 'Shed', 0, { kept: true, packs: [[1, 2900, DISCOUNT]] }),
];

/** What a home is likely to come by in a year besides: most of it is not there on the first day. */
export const MORE_SUPPLIES = [
  ...KITCHEN,
  ...FILLERS_AND_COLOURS,
  ...PAPER_AND_CLOTH,
  ...PIECES_AND_TOOLS,
  ...ON_THE_SHELF,
];
