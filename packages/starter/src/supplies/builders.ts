import {
  withNothingElse,
  type AllergenId,
  type CategoryId,
  type ChangeInput,
  type MeasureId,
  type Properties,
  type WayToGet,
} from '@kobby/core';

type SupplyInput = Extract<ChangeInput, { type: 'cupboard/put-supply' }>['supply'];

/** A supply of the starter cupboard; `stock` is what the demo home counted, in the supply's unit. */
export interface StarterSupply {
  readonly supply: SupplyInput;
  readonly stock: number;
}

/** What is said about a supply beyond its name. Amounts are in its unit, prices in cents. */
interface Rest {
  readonly unit?: MeasureId;
  /** Taken out and put back. Left out: used up. */
  readonly kept?: true;
  readonly low?: number;
  /** `[how much is in a pack, price, shop]` */
  readonly packs?: readonly (readonly [number, number, string])[];
  readonly got?: WayToGet;
  readonly from?: string;
  readonly days?: number;
  /** Grams that a millilitre weighs. */
  readonly density?: number;
  readonly allergens?: readonly AllergenId[];
  readonly mayContain?: readonly AllergenId[];
  readonly glutenFree?: true;
  readonly set?: NonNullable<SupplyInput['set']>;
  readonly props?: Properties;
  readonly notes?: string;
  /** Inside of a tub in millimetres: long, wide, deep; or across and deep. */
  readonly inside?: readonly [number, number, number] | readonly [number, number];
}

/** Smallest loose part: across and long in millimetres. */
export const part = (
  acrossMm: number,
  longMm: number,
  material: 'firm' | 'paper' | 'fabric' | 'yarn' = 'firm',
): Pick<Properties, 'loosePart'> => ({ loosePart: { acrossMm, longMm, material } });

/** Cord or ribbon: its length in millimetres, and whether it is a loop that goes over a head. */
export const cord = (lengthMm: number, canLoop = false): Pick<Properties, 'cord'> => ({
  cord: { lengthMm, canLoop },
});

const insideOf = (sides: Rest['inside']): SupplyInput['inside'] => {
  if (!sides) return null;
  const [first, second, third] = sides;
  return third === undefined
    ? { kind: 'round', acrossMm: first, heightMm: second }
    : { kind: 'box', lengthMm: first, widthMm: second, heightMm: third };
};

type Builder = (id: string, name: string, keptIn: string, stock: number, rest?: Rest) => StarterSupply;

/** A builder for one category: `usual` is what most of its supplies are like, and each says where it differs. */
const ofCategory =
  (category: CategoryId, usual: Properties): Builder =>
  (id, name, keptIn, stock, rest = {}) => ({
    stock,
    supply: {
      id,
      name,
      category,
      unit: rest.unit ?? 'piece',
      use: rest.kept ? 'reusable' : 'consumable',
      keptIn,
      lowMark: rest.low ?? null,
      got: rest.got ?? 'bought',
      gotFrom: rest.from ?? null,
      packs: (rest.packs ?? []).map(([amount, price, shop]) => ({ amount, price: price as never, shop })),
      arrivesInDays: rest.days ?? 0,
      gramsPerMl: rest.density ?? null,
      allergens: [...(rest.allergens ?? [])],
      mayContain: [...(rest.mayContain ?? [])],
      labelCheckedOn: null,
      glutenFree: rest.glutenFree ?? false,
      // Each of them was looked at: what is not said here is a no.
      properties: withNothingElse(category, { ...usual, ...rest.props }),
      notes: rest.notes ?? '',
      set: rest.set ?? null,
      inside: insideOf(rest.inside),
    },
  });
// What most supplies of a category are like; each supply says where it differs.
export const toy = ofCategory('toys', {
  loosePart: 'none',
  ballMm: 'none',
  magnet: 'none',
  battery: 'none',
  makersMonths: 'none',
});
export const nature = ofCategory('nature', {
  loosePart: 'none',
  plant: 'none',
  animal: 'none',
  soil: false,
  stick: 'none',
});
export const container = ofCategory('containers', {
  loosePart: 'none',
  glass: false,
  reused: 'none',
  enclosed: false,
  forFood: false,
});
export const electric = ofCategory('electric', {
  loosePart: 'none',
  battery: 'none',
  heat: false,
  cord: 'none',
});
export const music = ofCategory('music', { loosePart: 'none', intoMouth: false, enclosed: false });
export const yard = ofCategory('outdoors', {
  loosePart: 'none',
  ballMm: 'none',
  cord: 'none',
  heightMm: 'none',
});
export const science = ofCategory('science', {
  loosePart: 'none',
  glass: false,
  magnet: 'none',
  ingredients: [],
  tablet: false,
});
export const room = ofCategory('room', { loosePart: 'none', heightMm: 'none', ingredients: [] });
export const paper = ofCategory('paper-and-card', {
  loosePart: { acrossMm: 200, longMm: 280, material: 'paper' },
  film: false,
});
export const fabric = ofCategory('fabric-and-yarn', { loosePart: 'none', cord: 'none', roundNeck: false });
export const piece = ofCategory('craft-pieces', {
  loosePart: 'none',
  stick: 'none',
  magnet: 'none',
  latex: false,
});
// What touched dough, glue or sand is kept away from food.
export const tool = ofCategory('tools', {
  loosePart: 'none',
  sharp: 'none',
  stick: 'none',
  heat: false,
  forFood: false,
});
export const print = ofCategory('print', { loosePart: 'none', film: false });
export const food = ofCategory('food', {
  foodForm: 'soft',
  filler: 'none',
  ingredients: [],
  foodOnly: 'all',
  grain: 'none',
});
export const filler = ofCategory('filler', {
  loosePart: 'none',
  filler: 'coarse',
  foodOnly: 'no',
  dust: false,
  grain: 'none',
});
export const paint = ofCategory('paint-and-glue', {
  ingredients: [],
  foodOnly: 'no',
  glitter: false,
  dust: false,
  grain: 'none',
});
export const made = ofCategory('made', {
  loosePart: 'none',
  ingredients: [],
  foodOnly: 'all',
  saltPercent: 'none',
});
