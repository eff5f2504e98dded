import { cord, part, type StarterSupply, fabric, paper, piece, print, tool } from './builders.ts';

const DISCOUNT = 'Discount shop';
const CRAFT = 'Craft shop';

const PAPERS: readonly StarterSupply[] = [
  paper('easel-paper', 'Easel paper, sheets', 'C3', 60, { low: 20, packs: [[50, 490, CRAFT]] }),
  paper('light-card', 'Light card, sheets', 'C3', 25, { low: 20, packs: [[50, 420, CRAFT]] }),
  paper('dark-paper', 'Dark paper, sheets', 'C3', 30, { packs: [[40, 390, CRAFT]] }),
  paper('copy-paper', 'Copy paper, sheets', 'C3', 300, { low: 100, packs: [[500, 520, DISCOUNT]] }),
  paper('tissue-paper', 'Tissue paper, sheets', 'C3', 10, { low: 6, packs: [[20, 250, DISCOUNT]] }),
  paper('contact-paper', 'Clear sticky film', 'C3', 4000, {
    unit: 'mm',
    packs: [[2000, 380, CRAFT]],
    props: { film: true },
  }),
  paper('paper-bags', 'Paper bags, small', 'C3', 30, { packs: [[40, 290, DISCOUNT]] }),
  paper('paper-plates', 'Paper plates', 'C3', 12, { packs: [[20, 180, DISCOUNT]] }),
  paper('paper-cups', 'Paper cups', 'C3', 25, { packs: [[25, 170, DISCOUNT]] }),
  paper('envelopes', 'Envelopes', 'C3', 45, { low: 15, packs: [[50, 210, DISCOUNT]] }),
  paper('cardboard-tubes', 'Cardboard tubes', 'C3', 18, {
    got: 'families',
    from: 'all families',
    props: part(45, 100, 'paper'),
  }),
  paper('cardboard-boxes', 'Cardboard boxes', 'Shed', 9, { got: 'families', from: 'all families' }),
  paper('newspaper', 'Newspaper, sheets', 'Shed', 80, { got: 'families' }),
  paper('stickers-dots', 'Dot stickers', 'B1', 240, {
    packs: [[200, 190, DISCOUNT]],
    props: part(19, 19, 'paper'),
  }),
  paper('laminating-pouches', 'Laminating pouches', 'C3', 40, {
    low: 20,
    packs: [[50, 690, CRAFT]],
    days: 5,
    props: { film: true },
  }),
];

const FABRICS: readonly StarterSupply[] = [
  fabric('ribbon', 'Ribbon, any colour', 'B2', 9000, {
    unit: 'mm',
    low: 3000,
    packs: [[5000, 240, CRAFT]],
    props: cord(600),
  }),
  fabric('ribbon-short', 'Ribbon, cut to 20 cm', 'B2', 9000, {
    unit: 'mm',
    low: 2000,
    packs: [[5000, 240, CRAFT]],
    props: cord(200),
    notes: 'Shorter than what goes round a neck, also for the youngest.',
  }),
  fabric('wool-yarn', 'Wool yarn', 'B2', 40000, {
    unit: 'mm',
    allergens: ['wool'],
    packs: [[80000, 350, CRAFT]],
    props: { ...part(3, 300, 'yarn'), ...cord(300) },
  }),
  fabric('cotton-string', 'Cotton string', 'B2', 30000, {
    unit: 'mm',
    packs: [[50000, 260, DISCOUNT]],
    props: cord(1000),
  }),
  fabric('felt-squares', 'Felt squares', 'B2', 14, { packs: [[10, 450, CRAFT]] }),
  fabric('scarves', 'Light scarves', 'D1', 8, {
    kept: true,
    packs: [[4, 690, CRAFT]],
    props: { roundNeck: true },
  }),
  fabric('aprons', 'Aprons', 'B3', 8, {
    kept: true,
    packs: [[1, 520, CRAFT]],
    props: { roundNeck: true },
    notes: 'A neck that opens by hook and loop, no ties: nothing that a head gets caught in.',
  }),
  fabric('dress-up-capes', 'Capes with a hook-and-loop neck', 'A2', 3, {
    kept: true,
    got: 'families',
    props: { roundNeck: true },
  }),
  fabric('blankets', 'Blankets', 'D1', 6, { kept: true, got: 'families' }),
  fabric('sponge-cloths', 'Sponge cloths', 'Kitchen, side', 10, { low: 4, packs: [[5, 190, DISCOUNT]] }),
];

const PIECES: readonly StarterSupply[] = [
  piece('paper-straws', 'Paper straws', 'B1', 4, {
    low: 10,
    packs: [[50, 220, DISCOUNT]],
    props: { ...part(6, 200, 'paper'), intoMouth: true },
  }),
  piece('wooden-dowels', 'Wooden dowels, 30 cm', 'C2', 2, {
    packs: [[10, 390, 'Hardware shop']],
    days: 2,
    props: { ...part(8, 300), stick: 'blunt' },
  }),
  piece('craft-sticks', 'Craft sticks', 'B1', 80, {
    low: 30,
    packs: [[100, 250, CRAFT]],
    props: { ...part(10, 114), stick: 'blunt' },
  }),
  piece('wire-stems', 'Fuzzy wire stems', 'B1', 60, {
    packs: [[50, 280, CRAFT]],
    props: { ...part(6, 300), stick: 'pointed' },
  }),
  piece('wooden-beads-large', 'Wooden beads, 4 cm', 'B1', 36, {
    kept: true,
    packs: [[24, 890, CRAFT]],
    props: part(40, 40),
  }),
  piece('pony-beads', 'Plastic beads, 9 mm', 'High shelf', 300, {
    packs: [[250, 390, CRAFT]],
    props: { ...part(9, 9), filler: 'fine' },
  }),
  piece('buttons-large', 'Buttons, 4 cm', 'B1', 40, { kept: true, got: 'families', props: part(40, 40) }),
  piece('buttons-small', 'Buttons, 1 to 2 cm', 'High shelf', 120, { got: 'families', props: part(12, 12) }),
  piece('paper-fasteners', 'Paper fasteners', 'High shelf', 60, {
    packs: [[100, 230, CRAFT]],
    props: { ...part(9, 20), hardware: true },
  }),
  piece('hook-dots', 'Hook-and-loop dots', 'High shelf', 80, {
    packs: [[100, 590, CRAFT]],
    days: 3,
    props: part(10, 10, 'fabric'),
  }),
  // A strip of rubber is weak: it is small, not strong.
  piece('craft-magnets', 'Magnet strip', 'High shelf', 1000, {
    unit: 'mm',
    packs: [[1000, 410, CRAFT]],
    props: { ...part(12, 25), magnet: 'encased' },
  }),
  piece('masking-tape', 'Masking tape', 'B2', 18000, {
    unit: 'mm',
    low: 5000,
    packs: [[25000, 210, DISCOUNT]],
  }),
  piece('rubber-bands', 'Rubber bands', 'High shelf', 100, {
    packs: [[100, 150, DISCOUNT]],
    allergens: ['latex'],
    props: { ...part(3, 60), latex: true },
  }),
  piece('balloons', 'Balloons', 'High shelf', 10, {
    packs: [[20, 190, DISCOUNT]],
    allergens: ['latex'],
    props: { ...part(30, 60), latex: true, balloon: true },
  }),
  piece('feathers', 'Craft feathers, large', 'D2', 24, {
    kept: true,
    allergens: ['feather'],
    packs: [[20, 360, CRAFT]],
    props: part(30, 150, 'fabric'),
  }),
  piece('clothes-pegs', 'Clothes pegs', 'A3', 60, {
    kept: true,
    low: 40,
    packs: [[36, 240, DISCOUNT]],
    props: part(12, 72),
  }),
  piece('crayons-spare', 'Wax crayons, loose', 'B1', 70, {
    low: 30,
    packs: [[24, 180, DISCOUNT]],
    props: part(9, 80),
  }),
  piece('fat-crayons', 'Fat crayons', 'B1', 16, { low: 8, packs: [[8, 340, CRAFT]], props: part(33, 70) }),
  piece('washable-markers', 'Washable markers', 'B1', 20, {
    low: 8,
    packs: [[10, 420, CRAFT]],
    props: part(15, 140),
  }),
  // A point for drawing, no skewer.
  piece('pencils', 'Pencils', 'B1', 24, {
    low: 8,
    packs: [[12, 260, DISCOUNT]],
    props: part(7, 180),
  }),
];

const TOOLS: readonly StarterSupply[] = [
  tool('child-scissors', 'Child scissors, blunt', 'B2', 6, {
    kept: true,
    packs: [[1, 260, CRAFT]],
    props: { sharp: 'blunt' },
  }),
  tool('adult-scissors', 'Scissors of the adults', 'High shelf', 2, {
    kept: true,
    packs: [[1, 590, CRAFT]],
    props: { sharp: 'blade' },
  }),
  tool('paper-trimmer', 'Paper trimmer', 'High shelf', 1, {
    kept: true,
    packs: [[1, 2900, CRAFT]],
    props: { sharp: 'blade' },
  }),
  tool('hole-punch', 'Hole punch', 'B2', 2, { kept: true, packs: [[1, 490, CRAFT]] }),
  tool('blunt-needles', 'Plastic needles, blunt', 'B2', 6, {
    kept: true,
    packs: [[6, 310, CRAFT]],
    props: { ...part(4, 75), sharp: 'blunt' },
  }),
  tool('push-pins', 'Push pins', 'High shelf', 40, {
    packs: [[50, 180, DISCOUNT]],
    props: { ...part(9, 22), sharp: 'pointed', hardware: true },
  }),
  tool('glue-gun', 'Hot-melt glue gun', 'High shelf', 1, {
    kept: true,
    packs: [[1, 1490, CRAFT]],
    props: { heat: true, ...cord(1500) },
  }),
  tool('laminator', 'Laminator', 'High shelf', 1, {
    kept: true,
    packs: [[1, 3900, CRAFT]],
    props: { heat: true, ...cord(1500) },
  }),
  tool('brushes-wide', 'Wide brushes', 'B3', 8, { kept: true, packs: [[4, 380, CRAFT]] }),
  tool('brushes-fine', 'Fine brushes', 'B3', 8, {
    kept: true,
    packs: [[6, 410, CRAFT]],
  }),
  tool('sponge-stamps', 'Sponge stamps', 'B3', 10, {
    kept: true,
    packs: [[5, 350, CRAFT]],
    props: part(50, 60),
  }),
  tool('dough-rollers', 'Dough rollers', 'A1', 5, { kept: true, packs: [[2, 440, CRAFT]] }),
  tool('dough-cutters', 'Dough cutters', 'A1', 14, {
    kept: true,
    packs: [[6, 390, DISCOUNT]],
    props: part(50, 60),
  }),
  tool('scoops-large', 'Scoops, large', 'A1', 4, { kept: true, packs: [[2, 290, DISCOUNT]] }),
  tool('funnels', 'Funnels', 'A1', 4, { kept: true, packs: [[2, 220, DISCOUNT]] }),
  tool('pipettes-large', 'Large droppers', 'A1', 6, {
    kept: true,
    packs: [[6, 480, CRAFT]],
    props: part(22, 160),
  }),
  tool('tongs', 'Wooden tongs', 'A1', 6, { kept: true, packs: [[4, 360, CRAFT]] }),
  tool('sieves', 'Small sieves', 'A1', 3, { kept: true, packs: [[1, 240, DISCOUNT]] }),
  tool('clip-boards', 'Clip boards', 'B2', 5, { kept: true, packs: [[1, 280, DISCOUNT]] }),
];

const PRINTS: readonly StarterSupply[] = [
  print('board-books', 'Board books, basket', 'Book rail', 1, { kept: true, got: 'families' }),
  print('number-cards', 'Number cards 1 to 10', 'A3', 3, {
    kept: true,
    got: 'printed',
    props: part(90, 120, 'paper'),
  }),
  print('letter-tiles', 'Letter tiles, 5 cm', 'A3', 80, {
    kept: true,
    packs: [[40, 1190, CRAFT]],
    props: part(50, 50),
  }),
  print('picture-cards', 'Picture cards, blank', 'C3', 60, {
    packs: [[50, 310, CRAFT]],
    props: part(70, 100, 'paper'),
  }),
  print('day-calendar', 'Day calendar with cards', 'Circle wall', 1, { kept: true, got: 'printed' }),
];

export const CRAFT_SUPPLIES = [...PAPERS, ...FABRICS, ...PIECES, ...TOOLS, ...PRINTS];
