import { z } from 'zod';
import { plainDaySchema } from '../calendar/index.ts';
import { allergenIdSchema, isOwnAllergen, withImplied, type AllergenId } from '../house/index.ts';
import { entityKind, idOf } from '../kind/index.ts';
import {
  amountSchema,
  idSchema,
  lineSchema,
  measureSchema,
  moneySchema,
  pictureSchema,
  textSchema,
  versionSchema,
} from '../measure/index.ts';
import { categorySchema, propertiesSchema } from './properties.ts';

export const supplyIdSchema = idOf('supplies').brand<'SupplyId'>();
export type SupplyId = z.infer<typeof supplyIdSchema>;

/** Used up, or taken out and put back. */
export const supplyUseSchema = z.enum(['consumable', 'reusable'], 'A supply is consumable or reusable');
export type SupplyUse = z.infer<typeof supplyUseSchema>;

/** How a supply comes into the house. */
export const WAYS_TO_GET = {
  bought: 'bought',
  families: 'asked from families',
  borrowed: 'borrowed',
  collected: 'collected',
  printed: 'printed',
  made: 'made here',
  tap: 'always there',
} as const;
export type WayToGet = keyof typeof WAYS_TO_GET;
const wayToGetSchema = z.enum(
  Object.keys(WAYS_TO_GET) as [WayToGet, ...WayToGet[]],
  'This is not a way to get something',
);

/** A pack as a shop sells it. */
export const packSchema = z.object({
  /** How much is in it, in the unit of the supply. */
  amount: amountSchema.gt(0, 'An amount above zero is needed here'),
  price: moneySchema.nullable().default(null),
  /** The day on which somebody noted the price; null when nobody said. */
  pricedOn: plainDaySchema.nullable().default(null),
  shop: lineSchema.nullable().default(null),
});
export type Pack = z.infer<typeof packSchema>;

const insideMm = (what: string) =>
  z
    .number(`${what} in millimetres is needed here`)
    .gt(0, 'A length above zero is needed here')
    .max(5000, 'At most five metres');

/** The inside of a tub, in millimetres: straight walls, with four corners or round. */
export const insideSchema = z.discriminatedUnion('kind', [
  z.object({
    kind: z.literal('box'),
    lengthMm: insideMm('The length'),
    widthMm: insideMm('The width'),
    heightMm: insideMm('The height'),
  }),
  z.object({ kind: z.literal('round'), acrossMm: insideMm('The width'), heightMm: insideMm('The height') }),
]);
export type Inside = z.infer<typeof insideSchema>;

const pieceCountSchema = z
  .int('A whole number is needed here')
  .min(0, 'This cannot be below zero')
  .max(1000, 'At most 1000');

/** A made or bought set: its pieces, what has become of them, and how it is played. */
export const setSchema = z.object({
  pieces: z
    .array(
      z.object({
        name: lineSchema,
        count: pieceCountSchema,
        missing: pieceCountSchema.default(0),
        worn: pieceCountSchema.default(0),
      }),
    )
    .max(60, 'At most 60 kinds of pieces')
    .default([]),
  waysToPlay: z.array(textSchema.min(1, 'This cannot be empty')).max(20, 'At most 20').default([]),
  /** Kept where the youngest cannot reach it. */
  outOfReach: z.boolean().default(false),
});
export type SupplySet = z.infer<typeof setSchema>;

/** Something the home keeps, buys or is lent. How much is there follows from the stock ledger. */
export const supplySchema = z.object({
  id: supplyIdSchema,
  version: versionSchema,
  name: lineSchema,
  picture: pictureSchema,
  category: categorySchema.default('room'),
  unit: measureSchema,
  use: supplyUseSchema,
  /** Where it is kept, in the home's own words; null when nobody said. */
  keptIn: lineSchema.nullable(),
  /** Below this it is time to get more; null when nobody said. In the unit of the supply. */
  lowMark: amountSchema.nullable().default(null),
  got: wayToGetSchema.default('bought'),
  /** From whom it is borrowed, or who is asked. */
  gotFrom: lineSchema.nullable().default(null),
  /** When what is borrowed goes back. */
  backBy: plainDaySchema.nullable().default(null),
  packs: z.array(packSchema).max(12, 'At most 12 packs').default([]),
  /** Days from ordering to having it; 0 for what a shop around the corner has. */
  arrivesInDays: z.int('Whole days are needed here').min(0, 'This cannot be below zero').max(365).default(0),
  bestBefore: plainDaySchema.nullable().default(null),
  /** Grams that one millilitre weighs; null when nobody weighed it. */
  gramsPerMl: z
    .number()
    .gt(0, 'This lies above zero')
    .max(25, 'Nothing here is that heavy')
    .nullable()
    .default(null),
  allergens: z.array(allergenIdSchema).max(20),
  /** What the label says it may contain. */
  mayContain: z.array(allergenIdSchema).max(20).default([]),
  /** What somebody looked for and did not find in it: allergens that only the home knows of. */
  freeOf: z.array(allergenIdSchema).max(30).default([]),
  /** When somebody last read the label; null when nobody did. */
  labelCheckedOn: plainDaySchema.nullable().default(null),
  /** Labelled gluten-free. */
  glutenFree: z.boolean().default(false),
  properties: propertiesSchema.default({}),
  /** The inside of a tub that can be filled; null for everything else, or when nobody measured it. */
  inside: insideSchema.nullable().default(null),
  /** Pieces and ways to play, where it is a set; null where it is not. */
  set: setSchema.nullable().default(null),
  /** What is broken about it: a crack, a lid that does not close, a loose piece. Set aside until mended; null when it is whole. */
  broken: lineSchema.nullable().default(null),
  notes: textSchema.default(''),
  /**
   * The name of a like supply from which what is said of this one was taken when it was begun from a line: nobody has looked at it
   * yet. Null once somebody has, and for what was written down as it is.
   */
  takenFrom: lineSchema.nullable().default(null),
  /** No longer kept: what was planned with it stays readable. */
  retired: z.boolean().default(false),
});
export type Supply = z.infer<typeof supplySchema>;

/** What a supply is to the book. */
export const supplyKind = entityKind({
  schema: supplySchema,
  word: 'a supply',
  name: ({ name }) => name,
});

/**
 * What a supply brings along: its allergens with those that they imply, and gluten with every grain that holds it. What is
 * labelled free of gluten brings none, whatever grain it is.
 */
export function allergensOf({ allergens, glutenFree, properties }: Supply): ReadonlySet<AllergenId> {
  const all = new Set(withImplied(allergens));
  if (properties.grain === 'gluten') all.add('gluten');
  if (glutenFree) all.delete('gluten');
  return all;
}

// What is kneaded, licked or worn on hands, whatever else it is.
const STUFF: ReadonlySet<string> = new Set(['food', 'made', 'paint-and-glue']);

/**
 * Whether a label has to be read before somebody with an allergy meets a supply: whatever can be eaten, licked or kneaded, and
 * what held food before.
 */
export const hasLabel = ({ category, got, properties }: Supply): boolean =>
  got !== 'tap' &&
  (STUFF.has(category) ||
    (category === 'filler' && properties.foodOnly !== undefined && properties.foodOnly !== 'no') ||
    properties.reused === 'food' ||
    (properties.ingredients ?? []).length > 0);

/** Whether a supply brings one of some allergens. Everybody who has to keep something from somebody asks here. */
export const brings = (supply: Supply, allergens: readonly AllergenId[]): boolean =>
  allergens.length > 0 && [...allergensOf(supply)].some((one) => allergens.includes(one));

/**
 * Whether a supply may bring an allergen although it is not made of it: its label says so, or it is grain without gluten of its
 * own, such as rice, that is not labelled free of it: it is milled where wheat is.
 */
export const mayBring = ({ mayContain, glutenFree, properties }: Supply, allergen: AllergenId): boolean =>
  mayContain.includes(allergen) || (allergen === 'gluten' && properties.grain === 'other' && !glutenFree);

/**
 * Whether nobody has looked at a supply for an allergen that only the home knows of: no label has to name it. Until somebody
 * has, it is in doubt whatever can be eaten, licked or kneaded.
 */
export const isUnlooked = (supply: Supply, allergen: AllergenId): boolean =>
  isOwnAllergen(allergen) &&
  hasLabel(supply) &&
  ![...supply.allergens, ...supply.mayContain, ...supply.freeOf].includes(allergen);

export const wishIdSchema = idSchema.brand<'WishId'>();
/** Something wanted for a later unit: collected for months, or bought when it turns up. */
export const wishSchema = z.object({
  id: wishIdSchema,
  version: versionSchema,
  words: lineSchema,
  /** The supply that it would fill up; null when the home has none of it yet. */
  supplyId: supplyIdSchema.nullable().default(null),
  /** What it is for, such as the idea of a unit. */
  forWhat: lineSchema.nullable().default(null),
});
export type Wish = z.infer<typeof wishSchema>;

/** What a wish is to the book. */
export const wishKind = entityKind({
  schema: wishSchema,
  word: 'a wish',
  name: ({ words }) => words,
});
