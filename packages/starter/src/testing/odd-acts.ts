import {
  changeSchema,
  homeOf,
  read,
  type Book,
  type Change,
  type Kind,
  type UnitId,
  unfilledContent,
} from '@kobby/core';
import type { z } from 'zod';
import { filledFrom } from '../../../core/src/testing/from-schema.ts';
import { seeded } from '../../../core/src/testing/problems.ts';
import { DEMO_TODAY } from '../index.ts';

const TABLE_OF: Readonly<Record<string, Kind>> = {
  unitId: 'units',
  placementId: 'placements',
  of: 'placements',
  insteadOf: 'circlePieces',
  childId: 'children',
  personId: 'people',
  leadId: 'people',
  supplyId: 'supplies',
  insteadId: 'supplies',
  tubId: 'supplies',
  fillerId: 'supplies',
  makesId: 'supplies',
  cornerId: 'corners',
  sharesTableWith: 'corners',
  activityId: 'activities',
  recipeId: 'recipes',
  songId: 'songs',
  bookId: 'bookTitles',
  sheetId: 'sheets',
  observationId: 'observations',
  shareId: 'shares',
  noteId: 'notes',
  letterId: 'letters',
  recordId: 'circleRecords',
  absenceId: 'absences',
  closureId: 'closures',
};
const LISTS_OF: Readonly<Record<string, Kind>> = {
  bookIds: 'bookTitles',
  sheetIds: 'sheets',
  childIds: 'children',
};
// What an entity in a change is of, by the name under which it stands there.
const WHOLE: Readonly<Record<string, Kind>> = {
  person: 'people',
  child: 'children',
  absence: 'absences',
  extra: 'extras',
  corner: 'corners',
  closure: 'closures',
  supply: 'supplies',
  move: 'stockMoves',
  activity: 'activities',
  recipe: 'recipes',
  song: 'songs',
  book: 'bookTitles',
  sheet: 'sheets',
  unit: 'units',
  thing: 'things',
  event: 'events',
  line: 'dayLines',
  piece: 'circlePieces',
  observation: 'observations',
  pattern: 'watchPatterns',
  readyUnit: 'readyUnits',
};

/** Changes of every type, each so many times, filled in by chance: most of what they are about is in the book, some is not. */
export function oddActs(book: Book, seed: number, each: number): readonly Change[] {
  const random = seeded(seed);
  const chance = (share: number): boolean => random() < share;
  const oneOf = <T>(list: readonly T[]): T => list[Math.floor(random() * list.length)]!;
  const idIn = (kind: Kind): string | undefined => oneOf(Object.keys(book[kind]));
  const tasks = read(book, 'unit-kites' as UnitId, DEMO_TODAY).ready.entries;

  const aimed = (value: unknown, name: string, around: string): unknown => {
    if (Array.isArray(value)) {
      const kind = LISTS_OF[name];
      return value.map((one) => (kind ? (idIn(kind) ?? one) : aimed(one, '', name)));
    }
    if (typeof value === 'object' && value !== null)
      return Object.fromEntries(
        Object.entries(value).map(([key, one]) => [key, aimed(one, key, name || around)]),
      );
    if (typeof value !== 'string' || chance(0.08)) return value;
    if (TABLE_OF[name]) return idIn(TABLE_OF[name]) ?? value;
    if (name === 'blockId') return oneOf(homeOf(book).blocks).id;
    if (name === 'taskId' || (name === 'id' && around === 'choice')) return oneOf(tasks).task.id;
    if (name === 'slotId') return oneOf(tasks).slot?.id ?? value;
    if (name === 'versionId')
      return unfilledContent(oneOf(Object.values(book.placements))).versions[0]?.id ?? value;
    if (name === 'id' && WHOLE[around] && chance(0.6)) return idIn(WHOLE[around]) ?? value;
    return value;
  };
  const withAnother = (change: Change): Change => aimed(change, '', '') as Change;
  // The id of a day that is done is made of what it is about.
  const doneDays = [1, 3, 4, 11].map((day) => ({
    type: 'gather/day-used' as const,
    usedDay: { id: `unit-kites:${day}`, version: 0, unitId: 'unit-kites', day } as never,
  }));
  const others = changeSchema.options.filter(({ shape }) => shape.type.value !== 'gather/day-used');
  const filled = others.flatMap((option) => {
    const made: Change[] = [];
    for (let i = 0; i < each; i += 1) {
      const parsed = changeSchema.safeParse(
        withAnother(filledFrom(option as never as z.ZodType<Change>, random)),
      );
      if (parsed.success) made.push(parsed.data as Change);
    }
    return made;
  });
  return [...filled, ...doneDays];
}

/** What every object answers to, whether somebody put it there or not. */
const OF_OBJECTS = ['constructor', '__proto__', 'toString', 'hasOwnProperty', 'valueOf'] as const;

/** Every way to name one thing of a change as what every object answers to, by the field that names it. */
export function namedLikeObjects(change: Change): ReadonlyMap<string, unknown> {
  const found = new Map<string, unknown>();
  const visit = (value: unknown, path: readonly (string | number)[]): void => {
    if (typeof value === 'object' && value !== null)
      for (const [key, inner] of Object.entries(value))
        visit(inner, [...path, Array.isArray(value) ? Number(key) : key]);
    const name = path.findLast((step) => typeof step === 'string') ?? '';
    if (typeof value !== 'string' || !/^id$|(?:Id|Ids)$/.test(name)) return;
    const copy = structuredClone(change) as unknown;
    const holder = path.slice(0, -1).reduce<unknown>((inner, step) => (inner as never)[step], copy);
    (holder as Record<string | number, unknown>)[path.at(-1)!] = OF_OBJECTS[found.size % OF_OBJECTS.length];
    found.set(path.filter((step) => typeof step === 'string').join('.'), copy);
  };
  visit(change, []);
  return found;
}
