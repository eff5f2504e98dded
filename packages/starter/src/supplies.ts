import type { AllergenId, MeasureId, SupplyUse } from '@kobby/core';

/** A supply of the starter cupboard; `stock` is what the demo home counted, in the supply's unit. */
export interface StarterSupply {
  readonly id: string;
  readonly name: string;
  readonly unit: MeasureId;
  readonly use: SupplyUse;
  readonly keptIn: string;
  readonly stock: number;
  readonly allergens: readonly AllergenId[];
}

const used = (
  id: string,
  name: string,
  unit: MeasureId,
  keptIn: string,
  stock: number,
  allergens: readonly AllergenId[] = [],
): StarterSupply => ({ id, name, unit, use: 'consumable', keptIn, stock, allergens });

const kept = (
  id: string,
  name: string,
  keptIn: string,
  stock: number,
  allergens: readonly AllergenId[] = [],
): StarterSupply => ({ id, name, unit: 'piece', use: 'reusable', keptIn, stock, allergens });

/** What a home is likely to have, with honest allergens. Amounts: pieces, mL, g or mm by unit. */
export const STARTER_SUPPLIES: readonly StarterSupply[] = [
  used('plain-flour', 'Plain flour', 'g', 'Kitchen, top', 600, ['wheat']),
  used('rice-flour', 'Rice flour, certified', 'g', 'Kitchen, top', 400),
  used('fine-salt', 'Fine salt', 'g', 'Kitchen, top', 750),
  used('vegetable-oil', 'Vegetable oil', 'mL', 'Kitchen, side', 500),
  used('cornstarch', 'Corn starch', 'g', 'Kitchen, top', 300),
  used('oat-rings', 'Oat cereal rings', 'g', 'Kitchen, top', 250, ['gluten']),
  used('milk-powder', 'Milk powder', 'g', 'Kitchen, top', 400, ['milk']),
  used('yogurt', 'Plain yogurt', 'g', 'Fridge', 0, ['milk']),
  used('food-colour', 'Food colouring', 'mL', 'Kitchen, side', 40),
  used('bubble-mix', 'Bubble mix', 'mL', 'Yard box', 500),
  used('paper-straws', 'Paper straws', 'piece', 'B1', 4),
  used('wooden-dowels', 'Wooden dowels, 30 cm', 'piece', 'C2', 2),
  used('white-glue', 'White glue', 'mL', 'B3', 400),
  used('washable-paint', 'Washable paint', 'mL', 'B3', 900),
  used('easel-paper', 'Easel paper, sheets', 'piece', 'C3', 60),
  used('light-card', 'Light card, sheets', 'piece', 'C3', 25),
  used('tissue-paper', 'Tissue paper, sheets', 'piece', 'C3', 10),
  used('ribbon', 'Ribbon, any colour', 'mm', 'B2', 9000),
  used('masking-tape', 'Masking tape', 'mm', 'B2', 18000),
  used('craft-sticks', 'Craft sticks', 'piece', 'B1', 80),
  used('paper-plates', 'Paper plates', 'piece', 'C3', 12),
  used('crinkled-paper', 'Crinkled paper', 'mL', 'D1', 6000),
  used('paper-bags', 'Paper bags, small', 'piece', 'C3', 30),
  used('nut-shells', 'Nut shells, halved', 'piece', 'D2', 40, ['tree-nuts']),
  used('envelopes', 'Envelopes', 'piece', 'C3', 45),
  used('crayons-spare', 'Wax crayons, loose', 'piece', 'B1', 70),
  used('chalk', 'Pavement chalk', 'piece', 'Yard box', 18),
  kept('small-trays', 'Small trays', 'B2', 10),
  kept('scoops-large', 'Scoops, large', 'A1', 4),
  kept('tubs-11l', 'Tubs, 11 L', 'A1', 2),
  kept('clothes-pegs', 'Clothes pegs', 'A3', 60),
  kept('desk-fan', 'Desk fan, caged', 'C1', 1),
  kept('scarves', 'Light scarves', 'D1', 8),
  kept('feathers', 'Craft feathers, large', 'D2', 24, ['feather']),
  kept('play-parachute', 'Play parachute', 'Shed', 1),
  kept('number-cards', 'Number cards 1 to 10', 'A3', 3),
  kept('felt-kites', 'Felt kites with tails', 'A3', 9),
  kept('wooden-blocks', 'Wooden blocks, basket', 'A2', 2),
  kept('toy-cars', 'Toy cars', 'A2', 8),
  kept('ramps', 'Ramp boards', 'A2', 2),
  kept('dough-rollers', 'Dough rollers', 'A1', 5),
  kept('brushes-wide', 'Wide brushes', 'B3', 8),
  kept('aprons', 'Aprons', 'B3', 8),
  kept('hand-bells', 'Hand bells', 'D1', 6),
  kept('ribbon-sticks', 'Ribbon sticks', 'D1', 6),
  kept('board-books', 'Board books, basket', 'Book rail', 1),
  kept('lacing-cards', 'Lacing cards', 'A3', 5),
  kept('torches', 'Torches, closed battery box', 'C1', 3),
  kept('colour-panels', 'See-through colour panels', 'C1', 12),
  kept('till', 'Toy till', 'A2', 1),
  kept('toy-tools', 'Toy tools, set', 'A2', 1),
  kept('cushions', 'Floor cushions', 'Book rail', 6),
  kept('clip-boards', 'Clip boards', 'B2', 5),
  kept('magnifiers', 'Big magnifiers', 'C1', 4),
];
