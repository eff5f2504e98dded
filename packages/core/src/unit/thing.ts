import { z } from 'zod';
import { supplyIdSchema } from '../cupboard/index.ts';
import { entityKind } from '../kind/index.ts';
import { thingRoleSchema } from '../library/index.ts';
import { idSchema, lineSchema, orderKeySchema, pictureSchema, versionSchema } from '../measure/index.ts';
import { firstSoundOf, spokenSchema, syllablesSpoken } from '../spoken/index.ts';
import { unitIdSchema } from './unit.ts';

const wordSchema = lineSchema.nullable().default(null);

/** What may be filled in for somebody who takes a member that is offered. */
const GUESSABLE = ['kind', 'role', 'rank', 'sizeMm', 'many'] as const;

/** A property that a home thought of itself: what the column is called, and what stands in it. */
export const furtherPropertySchema = z.object({ column: lineSchema, value: lineSchema });

/** One member of a unit's theme, with the properties by which it is matched, sorted, ordered and compared. */
export const thingSchema = z.object({
  id: idSchema.brand<'ThingId'>(),
  version: versionSchema,
  unitId: unitIdSchema,
  name: lineSchema,
  kind: wordSchema,
  role: thingRoleSchema.nullable().default(null),
  place: wordSchema,
  colour: wordSchema,
  /** Its place when the members are put in order: 1 comes first. */
  rank: z.int('A whole number is needed here').min(1, 'The first is 1').max(999).nullable().default(null),
  /** The name of the member that goes with it. */
  pair: wordSchema,
  parts: z.array(lineSchema).max(20, 'At most 20').default([]),
  /** How large the real one is, in millimetres. */
  sizeMm: z
    .number('A number is needed here')
    .gt(0, 'A size above zero is needed here')
    .max(1e11, 'This is larger than Kobby can count')
    .nullable()
    .default(null),
  /** How its name is spoken, as it was looked up: first sound, syllables, beat and rhymes follow from it; null when nothing is known. */
  spoken: spokenSchema.nullable().default(null),
  /** What rhymes with it, as it was looked up. */
  rhymes: z.array(lineSchema).max(20, 'At most 20').default([]),
  /** Many of it, where that is not the rule's: `mice`, `sand`. */
  many: wordSchema,
  /** As somebody corrected it; null where it follows from how the name is spoken. */
  firstSound: wordSchema,
  /** As somebody corrected them; null where they follow from how the name is spoken. */
  syllables: z
    .int('A whole number is needed here')
    .min(1, 'At least one')
    .max(20, 'At most 20')
    .nullable()
    .default(null),
  picture: pictureSchema,
  /** What stands for it in the room: a toy tram, a real key. Its amount in the house is that supply's. */
  supplyId: supplyIdSchema.nullable().default(null),
  /** The ordered set to which its place in the order belongs, where a theme has several: `life of a bean`. */
  series: wordSchema,
  /** Properties in columns of the home's own. */
  further: z.array(furtherPropertySchema).max(12, 'At most 12 columns of your own').default([]),
  /** Properties that were filled in for somebody, and not looked at since: shown pale. */
  guessed: z.array(z.enum(GUESSABLE)).max(GUESSABLE.length).default([]),
  order: orderKeySchema,
});
export type Thing = z.infer<typeof thingSchema>;

/** The sound that its name begins with, as it is spoken of: as somebody said, else as it is spoken; null when neither is known. */
export const soundOf = ({ firstSound, spoken }: Pick<Thing, 'firstSound' | 'spoken'>): string | null =>
  firstSound ?? (spoken && firstSoundOf(spoken));

/** The syllables of its name: as somebody said, else as it is spoken; null when neither is known. */
export const syllablesOf = ({ syllables, spoken }: Pick<Thing, 'syllables' | 'spoken'>): number | null =>
  syllables ?? (spoken && syllablesSpoken(spoken));

/** What a member of the theme is to the book. */
export const thingKind = entityKind({
  schema: thingSchema,
  word: 'a member of the theme',
  name: ({ name }) => name,
});

/** The properties that a member may have, as people read them. */
export const THING_COLUMNS = {
  kind: 'Kind',
  role: 'Role',
  place: 'Place',
  colour: 'Colour',
  rank: 'Order',
  series: 'Order of what',
  pair: 'Its partner',
  parts: 'Parts',
  sizeMm: 'Real size',
  firstSound: 'First sound',
  syllables: 'Syllables',
  rhymes: 'Rhymes with',
  many: 'More than one',
} as const satisfies Partial<Record<keyof Thing, string>>;
export type ThingColumn = keyof typeof THING_COLUMNS;
export const THING_COLUMN_IDS = Object.keys(THING_COLUMNS) as readonly ThingColumn[];

/** Something about the members that would spoil a game with them, at a member and a property of it. */
export interface ThingGap {
  readonly thingId: Thing['id'];
  readonly column: ThingColumn;
  readonly text: string;
}

// Not everything has a partner or parts that are worth naming.
const OPTIONAL: ReadonlySet<ThingColumn> = new Set(['pair', 'parts', 'role', 'rhymes', 'many', 'series']);

/** A property of a member as it is read: first sound and syllables follow from how its name is spoken unless somebody said otherwise. */
export function propertyOf(thing: Thing, column: ThingColumn): Thing[ThingColumn] {
  if (column === 'firstSound') return soundOf(thing);
  return column === 'syllables' ? syllablesOf(thing) : thing[column];
}

const isEmpty = (thing: Thing, column: ThingColumn): boolean => {
  const value = propertyOf(thing, column);
  return value === null || (Array.isArray(value) && value.length === 0);
};

const sameName = (a: string, b: string): boolean =>
  a.trim().toLocaleLowerCase('en') === b.trim().toLocaleLowerCase('en');

// What was only filled in for some is no promise that all have it.
const isSaid = (thing: Thing, column: ThingColumn): boolean =>
  !isEmpty({ ...thing, spoken: null }, column) && !(thing.guessed as readonly string[]).includes(column);

/** The properties that at least one of the members has. */
export const usedColumns = (things: readonly Thing[]): ReadonlySet<ThingColumn> =>
  new Set(THING_COLUMN_IDS.filter((column) => things.some((thing) => !isEmpty(thing, column))));

/**
 * What is missing among the members of a theme: a property that others have, a partner that is not there or goes
 * with another, two at the same place in the order, a place in the order that nobody has. Properties that no
 * member has are not asked for. In the order of the members.
 */
export function thingGaps(things: readonly Thing[]): readonly ThingGap[] {
  const used = THING_COLUMN_IDS.filter(
    (column) => !OPTIONAL.has(column) && things.some((thing) => isSaid(thing, column)),
  );
  return things.flatMap((thing) => [
    ...used
      .filter((column) => isEmpty(thing, column))
      .map((column) => ({
        thingId: thing.id,
        column,
        text: `${thing.name} has no ${THING_COLUMNS[column].toLowerCase()} yet`,
      })),
    ...partnerGap(thing, things),
    ...rankGap(thing, things),
  ]);
}

/** An ordered set among the members of a theme; it has no name where the theme has only one. */
export interface Series {
  readonly name: string | null;
  /** The first one first. */
  readonly members: readonly Thing[];
}

/**
 * The ordered sets of a theme: by the name of the order that the members give. Where they give none and several are first, each kind
 * is an order of its own: three life stories in one theme are three orders. In the order of their first members.
 */
export function seriesIn(things: readonly Thing[]): readonly Series[] {
  const ranked = things.filter(({ rank }) => rank !== null);
  const isByKind = ranked.filter(({ rank, series }) => rank === 1 && series === null).length > 1;
  const nameOf = ({ series, kind }: Thing): string | null => series ?? (isByKind ? kind : null);
  const sets = new Map<string, Thing[]>();
  for (const thing of ranked) {
    const key = (nameOf(thing) ?? '').trim().toLocaleLowerCase('en');
    sets.set(key, [...(sets.get(key) ?? []), thing]);
  }
  return [...sets.values()].map((members) => ({
    name: nameOf(members[0]!),
    members: members.toSorted((a, b) => a.rank! - b.rank!),
  }));
}

/** The columns of a home's own among members, in the order in which they first come; names that differ in capitals only are one. */
export function furtherColumns(things: readonly Pick<Thing, 'further'>[]): readonly string[] {
  const found = new Map<string, string>();
  for (const { further } of things)
    for (const { column } of further) {
      const key = column.trim().toLocaleLowerCase('en');
      if (!found.has(key)) found.set(key, column);
    }
  return [...found.values()];
}

/** What a member has in a column of the home's own; null when it has nothing there. */
export const furtherOf = (thing: Pick<Thing, 'further'>, column: string): string | null =>
  thing.further.find((one) => sameName(one.column, column))?.value ?? null;

/** A member with something else in a column of the home's own; null takes it out. */
export function withFurther<T extends Pick<Thing, 'further'>>(
  thing: T,
  column: string,
  value: string | null,
): T {
  const others = thing.further.filter((one) => !sameName(one.column, column));
  const at = thing.further.findIndex((one) => sameName(one.column, column));
  if (value === null) return { ...thing, further: others };
  return { ...thing, further: others.toSpliced(at === -1 ? others.length : at, 0, { column, value }) };
}

/** Members that are alike in a property: what they share, and who they are. Members without it come last, under null. */
export interface Alike {
  readonly value: string | null;
  readonly members: readonly Thing[];
}

/**
 * The members sorted into groups by a property of theirs, one that Kobby knows or a column of the home's own: as many bowls as there
 * are values. Numbers go from small to large, words by the first member that has them.
 */
export function sortedBy(
  things: readonly Thing[],
  column: ThingColumn | { readonly own: string },
): readonly Alike[] {
  const valueOf = (thing: Thing): string | null => {
    if (typeof column === 'object') return furtherOf(thing, column.own);
    const value = propertyOf(thing, column);
    return value === null || (Array.isArray(value) && value.length === 0) ? null : String(value);
  };
  const groups = new Map<string | null, { value: string | null; members: Thing[] }>();
  for (const thing of things) {
    const value = valueOf(thing);
    const key = value === null ? null : value.trim().toLocaleLowerCase('en');
    const group = groups.get(key) ?? { value, members: [] };
    group.members.push(thing);
    groups.set(key, group);
  }
  const all = [...groups.values()];
  const areNumbers = all.every(({ value }) => value === null || Number.isFinite(Number.parseFloat(value)));
  return all.toSorted((a, b) => {
    if (a.value === null || b.value === null) return Number(a.value === null) - Number(b.value === null);
    return areNumbers ? Number.parseFloat(a.value) - Number.parseFloat(b.value) : 0;
  });
}

function partnerGap(thing: Thing, things: readonly Thing[]): ThingGap[] {
  const { pair } = thing;
  if (pair === null) return [];
  const gap = (text: string): ThingGap[] => [{ thingId: thing.id, column: 'pair', text }];
  const partner = things.find((other) => sameName(other.name, pair));
  if (!partner) return gap(`${pair} goes with ${thing.name} and is missing`);
  if (partner === thing) return gap(`${thing.name} cannot go with itself`);
  const back = partner.pair;
  return back !== null && !sameName(back, thing.name)
    ? gap(`${thing.name} goes with ${partner.name}, which goes with ${back}`)
    : [];
}

function rankGap(thing: Thing, things: readonly Thing[]): ThingGap[] {
  const { rank } = thing;
  if (rank === null) return [];
  const gap = (text: string): ThingGap[] => [{ thingId: thing.id, column: 'rank', text }];
  const same = seriesIn(things).find(({ members }) => members.includes(thing))!.members;
  const twin = same.find((other) => other !== thing && other.rank === rank);
  if (twin) return gap(`${thing.name} and ${twin.name} are both number ${rank}`);
  const isReached = rank === 1 || same.some((other) => other.rank === rank - 1);
  return isReached ? [] : gap(`Nothing is number ${rank - 1}, just before ${thing.name}`);
}
