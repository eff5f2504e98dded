import type { z } from 'zod';
import { stockMoveSchema, supplySchema, wishSchema } from '../cupboard/index.ts';
import {
  arrivalSchema,
  batchSchema,
  circleRecordSchema,
  errandSchema,
  keepsakeSchema,
  noteSchema,
  pickupSchema,
  recordSchema,
  tickSchema,
  timerSchema,
  usedDaySchema,
} from '../daybook/index.ts';
import { leadingSchema, letterSchema, shareSchema } from '../handover/index.ts';
import {
  absenceSchema,
  childSchema,
  closureSchema,
  cornerSchema,
  extraSchema,
  HOME_ID,
  homeSchema,
  personSchema,
  prepTimeSchema,
  type Home,
} from '../house/index.ts';
import { activitySchema, bookTitleSchema, recipeSchema, sheetSchema, songSchema } from '../library/index.ts';
import {
  circlePieceSchema,
  dayLineSchema,
  eventSchema,
  keepingSchema,
  omissionSchema,
  ownTaskSchema,
  placementSchema,
  prepChoiceSchema,
  prepMarkSchema,
  prepPlanSchema,
  readyUnitSchema,
  thingSchema,
  unitSchema,
} from '../unit/index.ts';
import { observationSchema, sightingSchema, watchPatternSchema } from '../watch/index.ts';

/** The schema of every kind of entity, by the name of its table in the book. */
export const ENTITY_SCHEMAS = {
  homes: homeSchema,
  people: personSchema,
  children: childSchema,
  absences: absenceSchema,
  extras: extraSchema,
  closures: closureSchema,
  prepTimes: prepTimeSchema,
  supplies: supplySchema,
  stockMoves: stockMoveSchema,
  wishes: wishSchema,
  corners: cornerSchema,
  sheets: sheetSchema,
  activities: activitySchema,
  recipes: recipeSchema,
  songs: songSchema,
  bookTitles: bookTitleSchema,
  readyUnits: readyUnitSchema,
  watchPatterns: watchPatternSchema,
  units: unitSchema,
  things: thingSchema,
  events: eventSchema,
  dayLines: dayLineSchema,
  circlePieces: circlePieceSchema,
  omissions: omissionSchema,
  placements: placementSchema,
  keepings: keepingSchema,
  prepChoices: prepChoiceSchema,
  ownTasks: ownTaskSchema,
  prepPlans: prepPlanSchema,
  prepMarks: prepMarkSchema,
  observations: observationSchema,
  sightings: sightingSchema,
  errands: errandSchema,
  pickups: pickupSchema,
  usedDays: usedDaySchema,
  circleRecords: circleRecordSchema,
  batches: batchSchema,
  ticks: tickSchema,
  shares: shareSchema,
  timers: timerSchema,
  leadings: leadingSchema,
  letters: letterSchema,
  arrivals: arrivalSchema,
  records: recordSchema,
  notes: noteSchema,
  keepsakes: keepsakeSchema,
} as const;

/** The name of a table of the book. */
export type Kind = keyof typeof ENTITY_SCHEMAS;
/** Every table of the book; a table comes after those that it refers to. */
export const KINDS = Object.keys(ENTITY_SCHEMAS) as readonly Kind[];

/** An entity of a kind. */
export type EntityOf<K extends Kind> = z.infer<(typeof ENTITY_SCHEMAS)[K]>;
export type Entity = EntityOf<Kind>;
/** Entities of a kind by their ids. */
export type Table<E> = Readonly<Record<string, E>>;

/**
 * Everything a home owns, as one value. It is frozen: a change makes a new book that shares all that
 * stayed as it was, so that identity tells what a change touched.
 */
export type Book = { readonly [K in Kind]: Table<EntityOf<K>> };

/** Names one entity of the book. */
export interface EntityRef {
  readonly kind: Kind;
  readonly id: string;
}

/** `units/abc`: a reference as text, for keys on the wire and in maps. */
export const refKey = (ref: EntityRef): string => `${ref.kind}/${ref.id}`;

/** A book without anything in it. */
export const EMPTY_BOOK: Book = freezeDeep(Object.fromEntries(KINDS.map((kind) => [kind, {}])) as Book);

/**
 * The home of a book.
 * @throws {Error} for a book that has none yet: setting up a home makes one before anything else.
 */
export function homeOf(book: Book): Home {
  const home = book.homes[HOME_ID];
  if (!home) throw new Error('this book has no home yet');
  return home;
}

/** An entity by its reference; null when it is not there. */
export const entityAt = (book: Book, ref: EntityRef): Entity | null => book[ref.kind][ref.id] ?? null;

/** Freezes a value and all that it holds; the same value back. */
export function freezeDeep<T>(value: T): T {
  if (typeof value === 'object' && value !== null && !Object.isFrozen(value)) {
    Object.freeze(value);
    for (const inner of Object.values(value)) freezeDeep(inner);
  }
  return value;
}
