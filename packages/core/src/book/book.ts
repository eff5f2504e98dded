import type { z } from 'zod';
import { stockMoveKind, supplyKind, wishKind } from '../cupboard/index.ts';
import {
  arrivalKind,
  batchKind,
  circleRecordKind,
  errandKind,
  keepsakeKind,
  noteKind,
  pickupKind,
  recordKind,
  tickKind,
  timerKind,
  usedDayKind,
} from '../daybook/index.ts';
import { leadingKind, letterKind, shareKind } from '../handover/index.ts';
import {
  absenceKind,
  childKind,
  closureKind,
  cornerKind,
  extraKind,
  type Home,
  HOME_ID,
  homeKind,
  personKind,
  prepTimeKind,
} from '../house/index.ts';
import type { EntityKind } from '../kind/index.ts';
import { activityKind, bookTitleKind, recipeKind, sheetKind, songKind } from '../library/index.ts';
import {
  circlePieceKind,
  dayLineKind,
  eventKind,
  keepingKind,
  omissionKind,
  ownTaskKind,
  placementKind,
  prepChoiceKind,
  prepMarkKind,
  prepPlanKind,
  readyUnitKind,
  thingKind,
  thingListKind,
  unitKind,
} from '../unit/index.ts';
import { observationKind, sightingKind, watchPatternKind } from '../watch/index.ts';

/**
 * Every kind of entity, by the name of its table in the book; a table comes after those that it refers to. What a kind is stands
 * beside its schema: this only says that the book holds it.
 */
export const BOOK_KINDS = {
  homes: homeKind,
  people: personKind,
  children: childKind,
  absences: absenceKind,
  extras: extraKind,
  closures: closureKind,
  prepTimes: prepTimeKind,
  supplies: supplyKind,
  stockMoves: stockMoveKind,
  wishes: wishKind,
  corners: cornerKind,
  sheets: sheetKind,
  recipes: recipeKind,
  activities: activityKind,
  songs: songKind,
  bookTitles: bookTitleKind,
  thingLists: thingListKind,
  readyUnits: readyUnitKind,
  watchPatterns: watchPatternKind,
  units: unitKind,
  things: thingKind,
  events: eventKind,
  dayLines: dayLineKind,
  circlePieces: circlePieceKind,
  omissions: omissionKind,
  placements: placementKind,
  keepings: keepingKind,
  prepChoices: prepChoiceKind,
  ownTasks: ownTaskKind,
  prepPlans: prepPlanKind,
  prepMarks: prepMarkKind,
  observations: observationKind,
  sightings: sightingKind,
  errands: errandKind,
  pickups: pickupKind,
  usedDays: usedDayKind,
  circleRecords: circleRecordKind,
  batches: batchKind,
  ticks: tickKind,
  shares: shareKind,
  timers: timerKind,
  leadings: leadingKind,
  letters: letterKind,
  arrivals: arrivalKind,
  records: recordKind,
  notes: noteKind,
  keepsakes: keepsakeKind,
} as const satisfies Readonly<Record<string, EntityKind>>;

/** The name of a table of the book. */
export type Kind = keyof typeof BOOK_KINDS;
/** Every table of the book. */
export const KINDS = Object.keys(BOOK_KINDS) as readonly Kind[];

/** An entity of a kind. */
export type EntityOf<K extends Kind> = z.infer<(typeof BOOK_KINDS)[K]['schema']>;
export type Entity = EntityOf<Kind>;

/** What a kind of entity is, for code that goes over all of them. */
export const kindOf = (kind: Kind): EntityKind => BOOK_KINDS[kind] as never;

/** The kinds of which one of the policies holds. */
type KindsWith<Policy> = { [K in Kind]: (typeof BOOK_KINDS)[K] extends Policy ? K : never }[Kind];
/** The kinds whose entries can be taken away when nothing uses them any more. */
export type DroppableKind = KindsWith<{ readonly dropped: 'when-unused' }>;
/** The kinds whose entries an inverse can bring back. */
export type RestorableKind = KindsWith<{ readonly undone: 'restored' }>;

export const DROPPABLE_KINDS = KINDS.filter(
  (kind) => kindOf(kind).dropped === 'when-unused',
) as readonly DroppableKind[];
export const RESTORABLE_KINDS = KINDS.filter(
  (kind) => kindOf(kind).undone === 'restored',
) as readonly RestorableKind[];
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

/**
 * A table with the same entities that can be written to. It inherits nothing: an id such as `constructor`, which every object
 * answers to, is there only when somebody put it there.
 */
export const copyOfTable = <E>(table: Table<E>): Record<string, E> =>
  Object.setPrototypeOf({ ...table }, null);

/** The book that holds some tables, as they come from a file or over the wire; a kind that is left out has nothing in it. */
export const bookOf = (tables: { readonly [K in Kind]?: Table<unknown> }): Book =>
  freezeDeep(Object.fromEntries(KINDS.map((kind) => [kind, copyOfTable(tables[kind] ?? {})])) as Book);

/** A book without anything in it. */
export const EMPTY_BOOK: Book = bookOf({});

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

/** What an entity is called; null when it is not there or its kind has no names. */
export function nameAt(book: Book, ref: EntityRef): string | null {
  const entity = entityAt(book, ref);
  return entity && kindOf(ref.kind).nameOf(entity);
}

/** Freezes a value and all that it holds; the same value back. */
export function freezeDeep<T>(value: T): T {
  if (typeof value === 'object' && value !== null && !Object.isFrozen(value)) {
    Object.freeze(value);
    for (const inner of Object.values(value)) freezeDeep(inner);
  }
  return value;
}
