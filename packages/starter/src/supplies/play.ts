import {
  cord,
  part,
  type StarterSupply,
  container,
  electric,
  music,
  nature,
  room,
  science,
  toy,
  yard,
} from './builders.ts';

const DISCOUNT = 'Discount shop';
const TOYS = 'Toy shop';
const GARDEN = 'Garden centre';

const TOY_SHELF: readonly StarterSupply[] = [
  toy('wooden-blocks', 'Wooden blocks, basket', 'A2', 2, {
    kept: true,
    packs: [[1, 3900, TOYS]],
    props: { ...part(40, 60), makersMonths: 12 },
  }),
  toy('toy-cars', 'Toy cars', 'A2', 8, {
    kept: true,
    packs: [[4, 890, TOYS]],
    props: { ...part(35, 70), makersMonths: 18 },
  }),
  toy('ramps', 'Ramp boards', 'A2', 2, { kept: true, got: 'collected' }),
  toy('till', 'Toy till', 'A2', 1, {
    kept: true,
    packs: [[1, 2400, TOYS]],
    props: { ...part(30, 60), makersMonths: 36 },
  }),
  toy('toy-tools', 'Toy tools, set', 'A2', 1, {
    kept: true,
    packs: [[1, 1900, TOYS]],
    props: { ...part(35, 120), makersMonths: 24 },
    set: {
      pieces: [
        { name: 'Hammer', count: 1 },
        { name: 'Wrench', count: 1 },
        { name: 'Large wooden screws', count: 4 },
      ],
      waysToPlay: ['Mend whatever comes over the counter.', 'Sort the screws by colour.'],
    },
  }),
  toy('dolls', 'Dolls', 'A2', 3, { kept: true, got: 'families', props: { makersMonths: 18 } }),
  toy('play-dishes', 'Play dishes, set', 'A2', 1, {
    kept: true,
    packs: [[1, 1700, TOYS]],
    props: { ...part(40, 60), makersMonths: 18 },
  }),
  toy('peg-boards', 'Peg boards with fat pegs', 'A3', 2, {
    kept: true,
    packs: [[1, 1600, TOYS]],
    props: { ...part(33, 60), makersMonths: 18 },
    set: {
      pieces: [
        { name: 'Boards', count: 2 },
        { name: 'Fat pegs', count: 40 },
      ],
      waysToPlay: ['Put in and pull out.', 'Copy a row.', 'Make a row that repeats.'],
    },
  }),
  toy('lacing-cards', 'Lacing cards', 'A3', 5, {
    kept: true,
    got: 'printed',
    props: { ...part(120, 160, 'paper'), ...cord(200) },
  }),
  toy('felt-kites', 'Felt kites with tails', 'A3', 9, {
    kept: true,
    got: 'collected',
    props: { ...part(60, 90, 'fabric'), ...cord(200) },
    set: {
      pieces: [
        { name: 'Kites', count: 9 },
        { name: 'Tails', count: 9 },
      ],
      waysToPlay: [
        'Match a kite and its tail.',
        'Order from the shortest tail to the longest.',
        'Tell which kite flew away first.',
      ],
      outOfReach: true,
    },
  }),
  toy('puzzles-knob', 'Puzzles with large knobs', 'A3', 4, {
    kept: true,
    packs: [[1, 1200, TOYS]],
    props: { ...part(50, 80), makersMonths: 12 },
  }),
  toy('nesting-cups', 'Nesting cups', 'A1', 2, {
    kept: true,
    packs: [[1, 690, TOYS]],
    props: { makersMonths: 6 },
  }),
  toy('soft-balls', 'Soft balls, 12 cm', 'D1', 6, {
    kept: true,
    packs: [[3, 750, TOYS]],
    props: { ballMm: 120, makersMonths: 6 },
  }),
  toy('marbles', 'Marbles', 'High shelf', 40, {
    kept: true,
    packs: [[30, 390, TOYS]],
    props: { ...part(16, 16), ballMm: 16, makersMonths: 60 },
  }),
  toy('magnet-wands', 'Magnet wands, encased', 'C1', 3, {
    kept: true,
    packs: [[1, 650, TOYS]],
    props: { ...part(30, 190), magnet: 'encased', makersMonths: 36 },
  }),
  toy('big-dice', 'Foam dice, 10 cm', 'A3', 2, {
    kept: true,
    packs: [[1, 450, TOYS]],
    props: { makersMonths: 12 },
  }),
  toy('counting-bears', 'Counting animals, 4 cm', 'A3', 36, {
    kept: true,
    packs: [[36, 1490, TOYS]],
    props: { ...part(32, 40), makersMonths: 36 },
  }),
];

const OUT_AND_IN: readonly StarterSupply[] = [
  nature('nut-shells', 'Nut shells, halved', 'D2', 40, {
    got: 'collected',
    allergens: ['tree-nuts'],
    props: { ...part(25, 30), plant: 'known' },
  }),
  nature('pine-cones', 'Pine cones, large', 'D2', 20, {
    kept: true,
    got: 'collected',
    props: { ...part(45, 80), plant: 'known' },
  }),
  nature('smooth-stones', 'Smooth stones, fist-sized', 'D2', 18, {
    kept: true,
    got: 'collected',
    props: part(60, 70),
  }),
  nature('sticks-blunt', 'Sticks, blunt', 'Shed', 24, {
    kept: true,
    got: 'collected',
    props: { ...part(12, 200), plant: 'known', stick: 'blunt' },
  }),
  nature('leaves-pressed', 'Pressed leaves', 'D2', 60, {
    got: 'collected',
    props: { ...part(40, 60, 'paper'), plant: 'known' },
  }),
  nature('potting-mix', 'Potting mix, plain', 'Shed', 8000, {
    unit: 'mL',
    density: 0.4,
    packs: [[10000, 490, GARDEN]],
    props: { soil: true },
  }),
  nature('cress-seeds', 'Cress seeds', 'High shelf', 20, {
    unit: 'g',
    packs: [[20, 160, GARDEN]],
    props: { ...part(2, 3), plant: 'known' },
  }),
  nature('sunflower-seeds', 'Sunflower seeds for sowing', 'High shelf', 40, {
    packs: [[25, 210, GARDEN]],
    props: { ...part(7, 14), plant: 'known' },
  }),
  container('small-trays', 'Small trays', 'B2', 10, {
    kept: true,
    packs: [[5, 690, DISCOUNT]],
    inside: [320, 230, 30],
  }),
  container('tubs-11l', 'Tubs, 11 L', 'A1', 2, {
    kept: true,
    packs: [[1, 450, DISCOUNT]],
    inside: [420, 260, 100],
  }),
  container('tub-flat', 'Flat tub, 40 L', 'Shed', 1, {
    kept: true,
    packs: [[1, 1290, DISCOUNT]],
    inside: [720, 390, 145],
  }),
  container('wash-basins', 'Wash basins', 'Shed', 3, {
    kept: true,
    packs: [[1, 340, DISCOUNT]],
    inside: [340, 130],
  }),
  container('lidded-tubs', 'Lidded tubs, 1 L', 'Kitchen, side', 8, {
    kept: true,
    packs: [[4, 490, DISCOUNT]],
    inside: [160, 110, 60],
    props: { forFood: true },
  }),
  container('plastic-jars', 'Clear plastic jars', 'C1', 7, {
    kept: true,
    got: 'families',
    props: { reused: 'food' },
  }),
  container('sealed-bottles', 'Shake bottles, sealed', 'C1', 5, {
    kept: true,
    got: 'collected',
    props: { reused: 'food', enclosed: true },
  }),
  container('muffin-tins', 'Muffin tins', 'Kitchen, side', 3, {
    kept: true,
    packs: [[1, 390, DISCOUNT]],
    props: { forFood: true },
  }),
  container('glass-vase', 'Glass vase', 'High shelf', 1, {
    kept: true,
    got: 'families',
    props: { glass: true },
  }),
  electric('desk-fan', 'Desk fan, caged', 'C1', 1, {
    kept: true,
    packs: [[1, 2600, DISCOUNT]],
    props: cord(1500),
  }),
  electric('torches', 'Torches, closed battery box', 'C1', 3, {
    kept: true,
    packs: [[1, 690, DISCOUNT]],
    props: { battery: 'screwed' },
  }),
  // Runs on its battery: it is charged while nobody is there.
  electric('light-panel', 'Light panel', 'Light table', 1, {
    kept: true,
    packs: [[1, 4900, TOYS]],
    props: { battery: 'screwed' },
  }),
  electric('candle-lights', 'Candle lights, screwed shut', 'C1', 8, {
    kept: true,
    packs: [[4, 790, DISCOUNT]],
    props: { ...part(38, 45), battery: 'screwed' },
  }),
  music('hand-bells', 'Hand bells', 'D1', 6, { kept: true, packs: [[3, 890, TOYS]] }),
  music('ribbon-sticks', 'Ribbon sticks', 'D1', 6, {
    kept: true,
    got: 'collected',
    props: { stick: 'blunt', ...cord(200) },
    notes: 'Ribbons of 20 cm: shorter than what goes round a neck.',
  }),
  music('egg-shakers', 'Egg shakers, sealed', 'D1', 8, {
    kept: true,
    packs: [[4, 690, TOYS]],
    props: { enclosed: true, ...part(42, 60) },
  }),
  music('hand-drums', 'Hand drums', 'D1', 3, { kept: true, packs: [[1, 1290, TOYS]] }),
  music('wood-sticks', 'Rhythm sticks', 'D1', 12, {
    kept: true,
    packs: [[6, 890, TOYS]],
    props: { stick: 'blunt' },
  }),
  music('whistles', 'Slide whistles', 'High shelf', 2, {
    kept: true,
    packs: [[1, 390, TOYS]],
    props: { intoMouth: true },
  }),
  yard('play-parachute', 'Play parachute', 'Shed', 1, {
    kept: true,
    packs: [[1, 2900, TOYS]],
    props: { mostAtOnce: 12 },
  }),
  yard('chalk', 'Pavement chalk', 'Yard box', 18, {
    low: 8,
    packs: [[20, 360, DISCOUNT]],
    props: part(25, 100),
  }),
  yard('watering-cans', 'Watering cans', 'Shed', 3, { kept: true, packs: [[1, 490, GARDEN]] }),
  yard('balance-plank', 'Balance plank, 10 cm high', 'Shed', 1, {
    kept: true,
    got: 'collected',
    props: { heightMm: 100 },
  }),
  yard('hoops', 'Hoops', 'Shed', 5, { kept: true, packs: [[1, 350, TOYS]] }),
  yard('pulley-line', 'Pulley with a line', 'High shelf', 1, {
    kept: true,
    packs: [[1, 1290, 'Hardware shop']],
    props: cord(6000),
  }),
];

const SCIENCE_AND_ROOM: readonly StarterSupply[] = [
  science('magnifiers', 'Big magnifiers', 'C1', 4, {
    kept: true,
    packs: [[1, 450, TOYS]],
    props: { sun: 'gathers' },
  }),
  science('colour-panels', 'See-through colour panels', 'C1', 12, {
    kept: true,
    packs: [[6, 890, TOYS]],
    props: part(90, 120),
  }),
  science('kitchen-scale', 'Balance scale with pans', 'C1', 1, { kept: true, packs: [[1, 2400, TOYS]] }),
  science('mirrors-plastic', 'Plastic mirrors', 'C1', 4, {
    kept: true,
    packs: [[2, 690, TOYS]],
    props: { sun: 'gathers' },
  }),
  science('measuring-tape', 'Measuring tapes, soft', 'C1', 3, {
    kept: true,
    packs: [[1, 220, DISCOUNT]],
    props: cord(1500),
  }),
  science('sand-timers', 'Sand timers, sealed', 'C1', 3, {
    kept: true,
    packs: [[3, 990, TOYS]],
    props: { enclosed: true },
  }),
  science('thermometer', 'Room thermometer', 'C1', 1, { kept: true, packs: [[1, 590, DISCOUNT]] }),
  science('padlocks', 'Padlocks with their keys', 'High shelf', 4, {
    kept: true,
    got: 'families',
    props: part(20, 55),
  }),
  room('cushions', 'Floor cushions', 'Book rail', 6, { kept: true, packs: [[1, 790, DISCOUNT]] }),
  room('floor-mat', 'Wipe-clean mat', 'Shed', 2, { kept: true, packs: [[1, 1490, DISCOUNT]] }),
  room('hand-brush', 'Hand brush and pan', 'Kitchen, side', 2, { kept: true, packs: [[1, 350, DISCOUNT]] }),
  room('towels', 'Towels', 'Bathroom', 12, { kept: true, packs: [[2, 890, DISCOUNT]] }),
  room('wipes', 'Wipes', 'Bathroom', 160, { low: 60, packs: [[80, 190, DISCOUNT]] }),
  room('step-stool', 'Step stool', 'Bathroom', 1, {
    kept: true,
    packs: [[1, 1900, DISCOUNT]],
    props: { heightMm: 220 },
  }),
];

export const PLAY_SUPPLIES = [...TOY_SHELF, ...OUT_AND_IN, ...SCIENCE_AND_ROOM];
