import { z } from 'zod';
import { instantSchema, plainDaySchema } from '../calendar/index.ts';
import { supplyIdSchema } from '../cupboard/index.ts';
import { entityKind } from '../kind/index.ts';
import { amountSchema, lineSchema, textSchema, versionSchema } from '../measure/index.ts';
import { dayNumberSchema, unitIdSchema } from '../unit/index.ts';

/** The baskets: how something comes into the room. */
export const BASKETS = {
  buy: 'Buy',
  shelf: 'On the shelf',
  families: 'Ask families',
  borrow: 'Borrow',
  cook: 'Cook',
  make: 'Make',
  print: 'Print',
  collect: 'Collect',
} as const;
export type BasketId = keyof typeof BASKETS;
const basketSchema = z.enum(Object.keys(BASKETS) as [BasketId, ...BasketId[]], 'This is not a basket');

// Two ids with a separator: longer than other ids.
const subjectId = z.string('An id is needed here').regex(/^[A-Za-z0-9:._-]{1,130}$/, 'This is not an id');

/** A supply that a unit needs. */
export const pickupSubjectSchema = z.object({ unitId: unitIdSchema, supplyId: supplyIdSchema });
export type PickupSubject = z.infer<typeof pickupSubjectSchema>;

/** The id of what is said about a supply of a unit: there is one a subject, whoever says it. */
export const subjectIdOf = ({ unitId, supplyId }: PickupSubject): string => `${unitId}:${supplyId}`;

const ERRAND = {
  ...pickupSubjectSchema.shape,
  /** Another basket than the supply's own; null for its own. */
  basket: basketSchema.nullable().default(null),
  /**
   * The amount by hand, in the unit of the supply, with the amount that the plan asked for when it was set: when the
   * plan asks for another one, that is told. Null leaves it to the plan.
   */
  amount: z.object({ set: amountSchema, instead: amountSchema }).nullable().default(null),
  /** Who is asked, or from whom it is borrowed; null for what the cupboard says. */
  from: lineSchema.nullable().default(null),
  /** When it was asked for. */
  askedOn: plainDaySchema.nullable().default(null),
  /** When what is borrowed goes back. */
  backBy: plainDaySchema.nullable().default(null),
  note: textSchema.default(''),
};

/** What somebody decided about getting a supply for a unit, as it is asked for. */
export const errandOrderSchema = z.object(ERRAND);

/** What somebody decided about getting a supply for a unit: how, how much, from whom. */
export const errandSchema = z.object({
  id: subjectId.brand<'ErrandId'>(),
  version: versionSchema,
  ...ERRAND,
  by: lineSchema,
  at: instantSchema,
});
export type Errand = z.infer<typeof errandSchema>;

/** What an errand is to the book. */
export const errandKind = entityKind({
  schema: errandSchema,
  word: 'an errand',
  name: null,
});

/** Something is in the basket: ticked while shopping or looking for it, and not yet put away. */
export const pickupSchema = z.object({
  id: subjectId.brand<'PickupId'>(),
  version: versionSchema,
  ...pickupSubjectSchema.shape,
  by: lineSchema,
  at: instantSchema,
});
export type Pickup = z.infer<typeof pickupSchema>;

/** What a line of the shopping list is to the book. */
export const pickupKind = entityKind({
  schema: pickupSchema,
  word: 'a line of the shopping list',
  name: null,
  dropped: 'never',
  atOnce: 'commute',
});

/** A day of a unit that is done: what it used was taken out of the stock ledger. */
export const usedDaySchema = z
  .object({
    id: subjectId.brand<'UsedDayId'>(),
    version: versionSchema,
    unitId: unitIdSchema,
    day: dayNumberSchema,
  })
  .refine(({ id, unitId, day }) => id === usedDayIdOf(unitId, day), {
    path: ['id'],
    message: 'This is the id of another day',
  });
export type UsedDay = z.infer<typeof usedDaySchema>;

/** What a day that is done is to the book. */
export const usedDayKind = entityKind({
  schema: usedDaySchema,
  word: 'a day that is done',
  name: null,
});

/** The id of the one line about a day that is done. */
export const usedDayIdOf = (unitId: string, day: number): string => `${unitId}:${day}`;
