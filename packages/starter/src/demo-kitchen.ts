import type { ChangeInput } from '@kobby/core';

type BatchInput = Extract<ChangeInput, { type: 'kitchen/put-batch' }>['batch'];

/** What was made in the demo home lately: one in use, one too old, and one that was tried. */
const BATCHES: readonly BatchInput[] = [
  {
    id: 'batch-pan',
    recipeId: 'cooked-dough',
    madeOn: '2027-03-07' as never,
    amount: 1440,
    unit: 'mL',
    keptHow: 'Fridge, lidded tub',
    own: [{ supplyId: 'water', amount: 900 }],
    note: 'Less water than written: the flour was fresh.',
  },
  {
    id: 'batch-cloud',
    recipeId: 'cloud-dough',
    madeOn: '2027-02-16' as never,
    amount: 900,
    unit: 'mL',
    keptHow: 'Lidded tub, B2',
  },
  {
    id: 'batch-fizz-trial',
    recipeId: 'fizz-that-lifts',
    madeOn: '2027-03-10' as never,
    amount: 150,
    unit: 'mL',
    trial: true,
    found: '14 seconds until it stops',
    note: 'A litre bag is large enough.',
  },
];

/** The kitchen and the errands of the current unit. */
export const demoKitchen = (): ChangeInput[][] => [
  [
    ...BATCHES.map((batch): ChangeInput => ({ type: 'kitchen/put-batch', batch })),
    {
      type: 'cupboard/record-stock',
      move: {
        id: 'made-pan',
        supplyId: 'lump-pan',
        kind: 'made',
        amount: 1440,
        at: '2027-03-07T19:00:00.000Z',
        forUnit: 'unit-kites',
      },
    },
    {
      type: 'cupboard/record-stock',
      move: {
        id: 'bought-crinkled',
        supplyId: 'crinkled-paper',
        kind: 'bought',
        amount: 4000,
        at: '2027-03-09T17:00:00.000Z',
        paid: 350,
        forUnit: 'unit-kites',
      },
    },
  ],
  [
    {
      type: 'gather/put-errand',
      errand: {
        unitId: 'unit-kites',
        supplyId: 'small-trays',
        basket: 'borrow',
        from: 'the reading group next door',
        backBy: '2027-03-22',
        note: 'Four are enough until the end of the unit.',
      },
    },
    {
      type: 'gather/put-errand',
      errand: {
        unitId: 'unit-kites',
        supplyId: 'paper-straws',
        basket: 'families',
        askedOn: '2027-03-09',
        from: 'all families',
        note: 'Paper ones only, please.',
      },
    },
    {
      type: 'gather/put-errand',
      errand: { unitId: 'unit-kites', supplyId: 'wooden-dowels', amount: { set: 8, instead: 5 } },
    },
  ],
];
