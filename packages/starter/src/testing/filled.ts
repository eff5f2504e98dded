import {
  read,
  type Book,
  type ChangeInput,
  type Finding,
  type Placement,
  type Reading,
  type Suggestion,
  type UnitId,
} from '@kobby/core';
import { aChild, after, testBook } from '../../../core/src/testing/home.ts';
import { starterChanges } from '../library.ts';
import { themeChanges, type TriedTheme } from './themes.ts';

const bornBefore = (start: string, months: number): string => {
  const at = new Date(`${start}T00:00:00Z`);
  at.setUTCMonth(at.getUTCMonth() - months);
  return at.toISOString().slice(0, 10);
};

/** A home as it is tried: the ages of its children in months when a unit begins, and how many adults are there. */
export interface TriedHome {
  readonly name: string;
  readonly ages: readonly number[];
  readonly mouths: readonly number[];
  readonly allergies?: Readonly<Record<number, string>>;
  readonly adults: number;
}
export const TRIED_HOMES: readonly TriedHome[] = [
  { name: 'six, one adult', ages: [9, 20, 31, 38, 50, 62], mouths: [9, 20], adults: 1 },
  {
    name: 'seven, two adults',
    ages: [6, 14, 26, 33, 45, 58, 76],
    mouths: [6, 14, 26],
    adults: 2,
    allergies: { 33: 'milk' },
  },
  {
    name: 'four little ones',
    ages: [7, 12, 18, 29],
    mouths: [7, 12, 18, 29],
    adults: 1,
    allergies: { 18: 'wheat' },
  },
  {
    name: 'eight, most of them older',
    ages: [24, 37, 41, 48, 55, 63, 70, 76],
    mouths: [],
    adults: 2,
    allergies: { 41: 'tree-nuts' },
  },
];

/** A new home with its children, adults and everything that Kobby brings. */
export function newHome({ ages, mouths, allergies = {}, adults }: TriedHome, start: string): Book {
  const children = ages.map((months, i) =>
    aChild(`c${months}-${i}`, bornBefore(start, months), {
      mouthsThings: mouths.includes(months),
      allergies: allergies[months]
        ? [{ allergen: allergies[months] as never, words: 'as the family said' }]
        : [],
    }),
  );
  const people = Array.from({ length: adults }, (_, i): ChangeInput => ({
    type: 'house/put-person',
    person: {
      ...{ id: `adult-${i}`, name: `Adult ${i + 1}`, role: i === 0 ? 'provider' : 'assistant' },
      mayLead: ['water', 'heat', 'blades'],
    } as never,
  }));
  return starterChanges().reduce<Book>(
    (book, change) => after(book, change),
    testBook(...people, ...children),
  );
}

const DAYS = 10;
const HALF = 5;
// What a filled unit must not be told of, besides whatever stops.
const KEPT: ReadonlySet<Finding['rule']> = new Set(['mess', 'adults-short', 'left-out']);

/** A place of a unit to be filled, and what may stand there. */
interface Gap {
  readonly options: readonly Suggestion[];
  readonly where: Placement['where'];
}

function gapsOf(reading: Reading, book: Book): readonly Gap[] {
  const { suggestions, frame } = reading;
  const corners = Object.values(book.corners).flatMap((corner): Gap[] => {
    const options = suggestions({ corner });
    return [1, HALF + 1].map((fromDay) => ({
      options,
      where: { kind: 'corner', cornerId: corner.id, fromDay, toDay: fromDay + HALF - 1 } as never,
    }));
  });
  const onDays = suggestions({});
  const fitting = (test: (content: Suggestion['activity']['content']) => boolean): readonly Suggestion[] =>
    onDays.filter(({ activity: { content } }) => test(content));
  const together = fitting(({ mode, place }) => mode === 'whole-group' && place !== 'outdoors');
  const few = fitting(({ mode, place }) => mode === 'small-group' && place !== 'outdoors');
  const out = fitting(({ mode, place }) => mode !== 'reserve' && place !== 'indoors');
  const block = (id: string): string => frame.home.blocks.find((one) => one.id === id)!.id;
  const days = Array.from({ length: DAYS }, (_, i) => i + 1).flatMap((day): Gap[] => [
    {
      options: together,
      where: { kind: 'day', day, blockId: block('table') } as never,
    },
    {
      options: few,
      where: { kind: 'day', day, blockId: block('groups') } as never,
    },
    {
      options: out,
      where: { kind: 'day', day, blockId: block('late') } as never,
    },
  ]);
  return [...corners, ...days];
}

/** A unit filled by the suggestions of the core, with what came of it. */
export interface Filled {
  readonly book: Book;
  readonly unitId: UnitId;
  /** What stands in each place, by the id of its entry; null where nothing could. */
  readonly picks: readonly { readonly id: string | null; readonly passedOver: number }[];
  /** Entries that stand twice although something fresh was there. */
  readonly twice: readonly string[];
  /** What it is told of all the same. */
  readonly told: readonly Finding[];
  readonly reading: Reading;
}

const wrongIn = (reading: Reading): readonly Finding[] =>
  reading.headsUps.filter(({ level, rule, kept }) => !kept && (level === 'stop' || KEPT.has(rule)));

/**
 * A unit of a theme, filled by taking for every place the first of what is suggested that does not stand in the unit yet; where a heads-up
 * says that one cannot stay, the next one is taken, and so on.
 */
export function filled(home: Book, theme: TriedTheme, unitId: UnitId, start: string): Filled {
  const empty = after(home, ...themeChanges(theme, unitId, start, DAYS));
  const today = start as never;
  const gaps = gapsOf(read(empty, unitId, today), empty);
  const refused = gaps.map(() => new Set<string>());
  let picks = gaps.map(() => null as string | null);
  let placed = { book: empty, reading: read(empty, unitId, today), told: [] as readonly Finding[] };
  for (let round = 0; round < 12; round += 1) {
    const used = new Set<string>();
    picks = gaps.map(({ options }, i) => {
      const free = options.filter(({ activity }) => !refused[i]!.has(activity.id));
      const pick = free.find(({ activity }) => !used.has(activity.id)) ?? free[0];
      if (pick) used.add(pick.activity.id);
      return pick?.activity.id ?? null;
    });
    placed = place(empty, unitId, gaps, picks, start);
    const bad = new Set(
      placed.told.flatMap(({ placementIds, placementId }) => [...(placementIds ?? []), placementId]),
    );
    const at = gaps.flatMap((_, i) => (bad.has(`${unitId}-p${i}` as never) ? [i] : []));
    if (at.length === 0) break;
    for (const i of at) refused[i]!.add(picks[i]!);
  }
  const counts = new Map<string, number>();
  for (const id of picks) if (id) counts.set(id, (counts.get(id) ?? 0) + 1);
  return {
    ...{ book: placed.book, unitId, reading: placed.reading, told: placed.told },
    // How many suggestions had to go because of a heads-up.
    picks: gaps.map((_, i) => ({ id: picks[i]!, passedOver: refused[i]!.size })),
    twice: [...counts].flatMap(([id, count]) => (count > 1 ? [id] : [])),
  };
}

function place(
  empty: Book,
  unitId: UnitId,
  gaps: readonly Gap[],
  picks: readonly (string | null)[],
  start: string,
): { book: Book; reading: Reading; told: readonly Finding[] } {
  const changes = gaps.flatMap(({ where }, i): ChangeInput[] =>
    picks[i] === null
      ? []
      : [{ type: 'unit/place', id: `${unitId}-p${i}`, unitId, activityId: picks[i]!, where }],
  );
  const leads = picks.flatMap((id, i): ChangeInput[] => {
    const content = id === null ? null : empty.activities[id as never]?.content;
    return content?.water
      ? [{ type: 'unit/assign', placementId: `${unitId}-p${i}`, personId: 'adult-0' }]
      : [];
  });
  const book = after(empty, ...changes, ...leads);
  const reading = read(book, unitId, start as never);
  return { book, reading, told: wrongIn(reading) };
}

const FORTNIGHT = 14;
const dayAfter = (start: string, days: number): string => {
  const at = new Date(`${start}T00:00:00Z`);
  at.setUTCDate(at.getUTCDate() + days);
  return at.toISOString().slice(0, 10);
};

/** Units one after the other in one home, each filled by what is suggested then; the themes in their order, again from the first. */
export function yearOf(
  home: Book,
  themes: readonly TriedTheme[],
  start: string,
  count: number,
): readonly Filled[] {
  const units: Filled[] = [];
  for (let i = 0; i < count; i += 1) {
    const book = units.at(-1)?.book ?? home;
    units.push(
      filled(book, themes[i % themes.length]!, `year-${i}` as UnitId, dayAfter(start, FORTNIGHT * i)),
    );
  }
  return units;
}

const LAST_UNITS = 3;
const idsOf = ({ picks }: Filled): readonly string[] => [
  ...new Set(picks.flatMap(({ id }) => (id === null ? [] : [id]))),
];

/** How much of a unit was in none of the three before it, from 0 to 1. */
export function freshIn(units: readonly Filled[], at: number): number {
  const before = new Set(units.slice(Math.max(0, at - LAST_UNITS), at).flatMap(idsOf));
  const ids = idsOf(units[at]!);
  return ids.filter((id) => !before.has(id)).length / ids.length;
}
