import { part, type StarterSupply, filler, food, made, paint } from './builders.ts';

const GROCER = 'Grocer';
const DISCOUNT = 'Discount shop';
const CRAFT = 'Craft shop';

const GRAIN = { ...part(4, 8), filler: 'fine', foodOnly: 'all' } as const;

/** What comes from the kitchen: flours, salts, oils, and what goes into doughs, bins and snacks. */
const FOOD: readonly StarterSupply[] = [
  food('water', 'Water', 'Tap', 0, { unit: 'mL', density: 1, got: 'tap' }),
  food('plain-flour', 'Plain flour', 'Kitchen, top', 600, {
    unit: 'g',
    low: 500,
    density: 0.53,
    allergens: ['wheat'],
    packs: [
      [1000, 140, DISCOUNT],
      [2500, 310, GROCER],
    ],
    props: { grain: 'gluten', ingredients: ['raw-flour'], foodOnly: 'when-cooked', dust: true },
  }),
  food('rice-flour', 'Rice flour, certified', 'Kitchen, top', 400, {
    unit: 'g',
    low: 300,
    density: 0.67,
    glutenFree: true,
    packs: [[500, 260, GROCER]],
    props: { grain: 'other', ingredients: ['raw-flour'], foodOnly: 'when-cooked', dust: true },
  }),
  food('corn-starch', 'Corn starch', 'Kitchen, top', 300, {
    unit: 'g',
    low: 200,
    density: 0.54,
    packs: [[400, 150, GROCER]],
    props: { grain: 'other', dust: true },
  }),
  food('corn-meal', 'Corn meal', 'Kitchen, top', 500, {
    unit: 'g',
    density: 0.66,
    mayContain: ['gluten'],
    packs: [[1000, 220, GROCER]],
    props: { grain: 'other' },
  }),
  food('fine-salt', 'Fine salt', 'Kitchen, top', 750, {
    unit: 'g',
    low: 250,
    density: 1.22,
    packs: [[750, 70, DISCOUNT]],
    props: { ingredients: ['salt'] },
  }),
  food('cream-of-tartar', 'Cream of tartar', 'Kitchen, top', 90, {
    unit: 'g',
    low: 30,
    density: 0.63,
    packs: [[80, 290, GROCER]],
  }),
  food('dry-yeast', 'Dry yeast', 'Kitchen, top', 28, {
    unit: 'g',
    low: 7,
    packs: [[21, 160, GROCER]],
  }),
  food('baking-soda', 'Baking soda', 'Kitchen, top', 350, {
    unit: 'g',
    low: 150,
    density: 0.95,
    packs: [[450, 110, GROCER]],
  }),
  food('white-sugar', 'White sugar', 'Kitchen, top', 800, {
    unit: 'g',
    density: 0.85,
    packs: [[1000, 130, DISCOUNT]],
  }),
  food('cocoa', 'Cocoa powder', 'Kitchen, top', 120, {
    unit: 'g',
    density: 0.36,
    mayContain: ['milk', 'tree-nuts'],
    packs: [[200, 320, GROCER]],
    props: { dust: true },
  }),
  food('vegetable-oil', 'Vegetable oil', 'Kitchen, side', 500, {
    unit: 'mL',
    low: 150,
    density: 0.92,
    packs: [[1000, 240, GROCER]],
  }),
  food('vinegar', 'White vinegar', 'Kitchen, side', 700, {
    unit: 'mL',
    low: 300,
    density: 1.01,
    packs: [[1000, 120, GROCER]],
    props: { ingredients: ['acid'] },
  }),
  food('lemon-juice', 'Lemon juice', 'Fridge', 150, {
    unit: 'mL',
    packs: [[200, 160, GROCER]],
    props: { ingredients: ['acid'] },
  }),
  food('corn-syrup', 'Corn syrup', 'Kitchen, side', 250, {
    unit: 'mL',
    density: 1.38,
    packs: [[470, 330, GROCER]],
  }),
  food('vanilla', 'Vanilla extract', 'Kitchen, side', 40, {
    unit: 'mL',
    density: 0.9,
    packs: [[50, 420, GROCER]],
  }),
  food('cinnamon', 'Ground cinnamon', 'Kitchen, top', 45, {
    unit: 'g',
    packs: [[50, 150, GROCER]],
    props: { dust: true },
  }),
  food('oat-rings', 'Oat cereal rings', 'Kitchen, top', 250, {
    unit: 'g',
    allergens: ['gluten'],
    packs: [[375, 280, GROCER]],
    props: { grain: 'gluten', foodForm: 'cut', filler: 'coarse' },
  }),
  food('milk-powder', 'Milk powder', 'Kitchen, top', 400, {
    unit: 'g',
    allergens: ['milk'],
    packs: [[500, 390, GROCER]],
    props: { dust: true },
  }),
  food('yogurt', 'Plain yogurt', 'Fridge', 0, {
    unit: 'g',
    allergens: ['milk'],
    packs: [[500, 180, GROCER]],
  }),
  food('butter', 'Butter', 'Fridge', 200, {
    unit: 'g',
    density: 0.91,
    allergens: ['milk'],
    packs: [[250, 260, GROCER]],
  }),
  food('eggs', 'Eggs', 'Fridge', 8, {
    low: 4,
    allergens: ['egg'],
    packs: [[10, 290, GROCER]],
    props: { ingredients: ['raw-egg'], foodOnly: 'when-cooked' },
  }),
  food('honey', 'Honey', 'Kitchen, side', 200, {
    unit: 'g',
    density: 1.42,
    packs: [[350, 420, GROCER]],
    props: { ingredients: ['honey'] },
  }),
  food('bananas', 'Bananas', 'Fruit bowl', 5, { packs: [[6, 150, GROCER]] }),
  food('apples', 'Apples', 'Fruit bowl', 6, { packs: [[6, 240, GROCER]], props: { foodForm: 'chokable' } }),
  food('oranges', 'Oranges', 'Fruit bowl', 4, { packs: [[5, 260, GROCER]], props: { foodForm: 'cut' } }),
  food('chickpea-water', 'Water of tinned chickpeas', 'Fridge', 0, {
    unit: 'mL',
    packs: [[240, 90, GROCER]],
  }),
  food('gelatine', 'Gelatine powder', 'Kitchen, top', 30, {
    unit: 'g',
    packs: [[36, 210, GROCER]],
    props: { dust: true },
  }),
  food('psyllium', 'Psyllium husk', 'Kitchen, top', 100, {
    unit: 'g',
    packs: [[200, 480, GROCER]],
    props: { foodForm: 'chokable', dust: true },
  }),
  food('chia', 'Chia seeds', 'Kitchen, top', 150, {
    unit: 'g',
    density: 0.68,
    packs: [[300, 410, GROCER]],
    props: { foodForm: 'chokable', filler: 'fine' },
  }),
  food('food-colour', 'Food colouring', 'Kitchen, side', 40, {
    unit: 'mL',
    density: 1,
    low: 15,
    packs: [[40, 350, GROCER]],
  }),
];

/** What bins are filled with. */
const FILLERS: readonly StarterSupply[] = [
  filler('white-rice', 'White rice', 'D1', 2000, {
    unit: 'g',
    density: 0.8,
    packs: [
      [1000, 160, DISCOUNT],
      [5000, 690, GROCER],
    ],
    props: { ...GRAIN, grain: 'other' },
  }),
  filler('coloured-rice', 'Coloured rice', 'D1', 0, {
    unit: 'mL',
    density: 0.8,
    props: { ...GRAIN, grain: 'other' },
  }),
  filler('rolled-oats', 'Rolled oats', 'D1', 1000, {
    unit: 'g',
    density: 0.38,
    allergens: ['gluten'],
    packs: [[1000, 190, GROCER]],
    props: { ...GRAIN, grain: 'gluten', ...part(7, 9), dust: true },
  }),
  filler('lentils', 'Brown lentils', 'D1', 500, {
    unit: 'g',
    density: 0.82,
    packs: [[500, 180, GROCER]],
    props: { ...GRAIN, ...part(5, 5) },
  }),
  filler('chickpeas', 'Dried chickpeas', 'D1', 500, {
    unit: 'g',
    density: 0.8,
    packs: [[500, 190, GROCER]],
    props: { ...GRAIN, ...part(9, 10) },
  }),
  filler('split-peas', 'Split peas', 'D1', 500, {
    unit: 'g',
    density: 0.82,
    packs: [[500, 170, GROCER]],
    props: { ...GRAIN, ...part(6, 7) },
  }),
  filler('tube-pasta', 'Tube pasta', 'D1', 1000, {
    unit: 'g',
    density: 0.36,
    allergens: ['wheat'],
    packs: [[500, 110, DISCOUNT]],
    props: { ...GRAIN, grain: 'gluten', ...part(9, 40) },
  }),
  filler('large-shells', 'Large pasta shells', 'D1', 500, {
    unit: 'g',
    density: 0.28,
    allergens: ['wheat'],
    packs: [[500, 210, GROCER]],
    props: { grain: 'gluten', ...part(40, 60), foodOnly: 'all' },
  }),
  filler('popcorn-kernels', 'Popcorn kernels', 'D1', 400, {
    unit: 'g',
    density: 0.8,
    packs: [[500, 170, GROCER]],
    props: { ...GRAIN, grain: 'other', ...part(7, 9), foodForm: 'chokable' },
  }),
  // Washed and damp it does not dust; its grains are no small parts.
  filler('play-sand', 'Washed play sand', 'Shed', 12000, {
    unit: 'g',
    density: 1.6,
    packs: [[10000, 590, 'Hardware shop']],
    props: { filler: 'sand' },
  }),
  filler('coffee-grounds', 'Coffee grounds, dried', 'D1', 300, {
    unit: 'g',
    density: 0.32,
    got: 'families',
    props: { filler: 'sand', foodOnly: 'all' },
  }),
  filler('crinkled-paper', 'Crinkled paper', 'D1', 6000, {
    unit: 'mL',
    density: 0.03,
    packs: [[4000, 350, DISCOUNT]],
    props: { ...part(4, 200, 'paper'), filler: 'clinging' },
  }),
  filler('shredded-paper', 'Shredded paper', 'D1', 10000, {
    unit: 'mL',
    density: 0.05,
    got: 'collected',
    props: { ...part(5, 100, 'paper'), filler: 'clinging' },
  }),
  filler('pom-poms-large', 'Pom-poms, 5 cm', 'D2', 40, {
    packs: [[30, 490, CRAFT]],
    props: { ...part(50, 50, 'fabric'), filler: 'clinging', soft: 'pom-pom' },
  }),
  filler('pom-poms-small', 'Pom-poms, 1 cm', 'D2', 200, {
    packs: [[100, 250, CRAFT]],
    props: { ...part(10, 10, 'fabric'), filler: 'clinging', soft: 'pom-pom' },
  }),
  filler('cotton-balls', 'Cotton balls', 'D2', 150, {
    low: 50,
    packs: [[100, 140, DISCOUNT]],
    props: { ...part(30, 35, 'fabric'), filler: 'clinging', soft: 'loose' },
  }),
  filler('wood-shavings', 'Wood shavings', 'Shed', 15000, {
    unit: 'mL',
    density: 0.1,
    packs: [[20000, 520, 'Garden centre']],
    props: { ...part(15, 20), dust: true },
  }),
  filler('big-ice', 'Ice blocks, 10 cm', 'Freezer', 0, {
    got: 'collected',
    props: { loosePart: 'none', iceMm: 100, foodOnly: 'all' },
  }),
];

/** What colours, sticks and foams. */
const PAINTS: readonly StarterSupply[] = [
  paint('washable-paint', 'Washable paint', 'B3', 900, {
    unit: 'mL',
    low: 300,
    density: 1.25,
    packs: [[500, 390, CRAFT]],
  }),
  paint('finger-paint', 'Finger paint', 'B3', 400, { unit: 'mL', density: 1.25, packs: [[600, 520, CRAFT]] }),
  paint('water-colours', 'Water-colour boxes', 'B3', 4, { kept: true, packs: [[1, 350, CRAFT]] }),
  paint('white-glue', 'White glue', 'B3', 400, {
    unit: 'mL',
    low: 150,
    density: 1.05,
    packs: [[240, 260, CRAFT]],
  }),
  paint('glue-sticks', 'Glue sticks', 'B3', 9, { low: 4, packs: [[5, 320, DISCOUNT]] }),
  paint('flour-paste', 'Flour paste, cooked', 'Fridge', 0, {
    unit: 'mL',
    got: 'collected',
    allergens: ['wheat'],
    props: { grain: 'gluten', foodOnly: 'all' },
  }),
  paint('bubble-mix', 'Bubble mix', 'Yard box', 500, {
    unit: 'mL',
    density: 1,
    low: 200,
    packs: [[1000, 290, DISCOUNT]],
    props: { ingredients: ['acid'] },
  }),
  paint('dish-soap', 'Liquid dish soap', 'Kitchen, side', 600, {
    unit: 'mL',
    low: 200,
    density: 1.03,
    packs: [[750, 190, GROCER]],
    props: { ingredients: ['acid'] },
  }),
  paint('shaving-foam', 'Shaving foam, no scent', 'High shelf', 200, {
    unit: 'mL',
    packs: [[200, 180, DISCOUNT]],
    props: { ingredients: ['foam'] },
  }),
  paint('glitter-jar', 'Glitter', 'High shelf', 40, {
    unit: 'g',
    packs: [[50, 280, CRAFT]],
    props: { glitter: true },
  }),
  paint('plaster', 'Plaster powder', 'High shelf', 800, {
    unit: 'g',
    packs: [[1000, 340, 'Hardware shop']],
    props: { dust: true },
  }),
  paint('permanent-markers', 'Permanent markers', 'High shelf', 3, {
    kept: true,
    packs: [[2, 310, CRAFT]],
    props: { ingredients: ['solvent'] },
  }),
  paint('stamp-pads', 'Stamp pads, washable', 'B3', 4, { kept: true, packs: [[1, 290, CRAFT]] }),
];

/** What the kitchen makes: how salty it is and what is in it follows from the recipe. */
const MADE: readonly StarterSupply[] = [
  made('lump-pan', 'Dough from the pan', 'Fridge', 0, { unit: 'mL' }),
  made('lump-rice', 'Rice flour lump', 'Fridge', 0, { unit: 'mL' }),
];

export const KITCHEN_SUPPLIES = [...FOOD, ...FILLERS, ...PAINTS, ...MADE];
