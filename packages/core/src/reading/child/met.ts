import { groupBy, unique, type Book, type Table } from '../../book/index.ts';
import { addDays, countByMonth, type Month, type PlainDay } from '../../calendar/index.ts';
import type { DayRecord, DoneOutcome } from '../../daybook/index.ts';
import type { Child, ChildId } from '../../house/index.ts';
import { versionsOf, type ActivityVersion } from '../../library/index.ts';
import { wholeWords } from '../../measure/index.ts';
import { areaOf, AREAS, rungOf, type Area, type Rung, type SkillId } from '../../skills/index.ts';
import type { Placement, Unit, UnitId } from '../../unit/index.ts';
import { answer, type Look } from '../ground/answer.ts';
import { memoised } from '../ground/memo.ts';
import { daysIn } from '../plan/days.ts';
import { frameOf, seatOn } from '../plan/plan.ts';
import { unitsRecorded, wentOf } from '../went/went.ts';

/** Something that a child met: what of it was hers, when, and how it went for her. */
export interface Met {
  readonly unit: Unit;
  readonly placement: Placement;
  readonly date: PlainDay;
  readonly version: ActivityVersion;
  /** Whether no version of it is for older ones. */
  readonly isHardest: boolean;
  readonly outcome: Exclude<DoneOutcome, 'skipped'>;
  /** What was noted of it; empty where that names another child. */
  readonly note: string;
}

/**
 * What a child met since a day by what was recorded, the latest first; since ever for null. On days on which she was there, in the
 * version that was done or was hers. What was not recorded is not known; what did not happen was not met.
 */
export const metBy = answer((look, childId: ChildId, since: PlainDay | null): readonly Met[] =>
  [...unitsRecorded(look)]
    // Of the years before nothing has to be read.
    .filter(([unitId]) => since === null || endsSince(look, unitId, since))
    .flatMap(([unitId, records]) => metIn(look, unitId, records, childId))
    .filter(({ date }) => since === null || date >= since)
    .toSorted((a, b) => (a.date < b.date ? 1 : a.date > b.date ? -1 : 0)),
);

const endsSince = (look: Look, unitId: UnitId, since: PlainDay): boolean =>
  look.one('units', unitId) !== null && (daysIn(look, unitId).days.at(-1)?.date ?? '') >= since;

// Each unit by itself: what is recorded in one leaves the others as they were.
const metIn = answer(
  (look, unitId: UnitId, records: readonly DayRecord[], childId: ChildId): readonly Met[] =>
    wentOf(look, unitId, records).flatMap(({ unit, placement, date, record }): readonly Met[] => {
      const outcome = record.children.find((one) => one.childId === childId)?.outcome ?? record.outcome;
      if (outcome === 'skipped') return [];
      const seat = seatOn(placement, frameOf(look, unitId), record.day, childId);
      if (!seat) return [];
      const all = versionsOf(placement.content);
      const version = all.find(({ id }) => id === record.versionId) ?? seat.version;
      if (!version) return [];
      const isHardest = all.every(({ fromMonths }) => fromMonths <= version.fromMonths);
      const note = namesAnother(look.table('children'), childId, record.note) ? '' : record.note;
      return [{ unit, placement, date, version, isHardest, outcome, note }];
    }),
);

/** Whether a text names a child of the home other than this one, by its first name or as it is shown: what is about one child says nothing of another. */
export function namesAnother(children: Table<Child>, childId: ChildId, said: string): boolean {
  if (said === '') return false;
  const pattern = othersIn(children, childId);
  return pattern !== null && said.search(pattern) >= 0;
}
const othersIn = memoised((children: Table<Child>, childId: ChildId): RegExp | null => {
  const names = Object.values(children)
    .filter(({ id }) => id !== childId)
    .flatMap(({ name, shownAs }) => [shownAs, name.split(' ')[0]!])
    .filter((one) => one.length > 1);
  return names.length === 0 ? null : wholeWords(names);
});

/** How often a child met an area, in each of some months, and when last; null where never by what was recorded. */
export interface AreaMet {
  readonly area: Area;
  readonly times: number;
  readonly lastOn: PlainDay | null;
  readonly byMonth: readonly number[];
}

// By skill, or by what a skill belongs to: each thing met once under each.
const grouped = <K>(mets: readonly Met[], keyOf: (skill: SkillId) => K): ReadonlyMap<K, readonly Met[]> => {
  const pairs = mets.flatMap((met) =>
    unique(met.placement.content.skills.map(keyOf)).map((key) => ({ key, met })),
  );
  return new Map(
    [...groupBy(pairs, ({ key }) => key)].map(([key, list]) => [key, list.map(({ met }) => met)]),
  );
};

/** Every area with how often it was met, the one that was met longest ago first: those never met before all. */
export function areasMet(mets: readonly Met[], months: readonly Month[]): readonly AreaMet[] {
  const byArea = grouped(mets, areaOf);
  return AREAS.map((area): AreaMet => {
    const of = byArea.get(area) ?? [];
    const byMonth = countByMonth(
      of.map(({ date }) => date),
      months,
    );
    return { area, times: of.length, lastOn: of[0]?.date ?? null, byMonth };
  }).toSorted((a, b) => ((a.lastOn ?? '') < (b.lastOn ?? '') ? -1 : 1));
}

const ORDER: readonly Rung[] = ['not-met', 'met', 'practising', 'sure'];
/** Kobby's own starting points: how often something has to go well before a step is proposed. */
const OFTEN = 3;

/** A step of a child with a skill that speaks from what was recorded, and the days that it rests on. */
export interface NextRung {
  readonly skill: SkillId;
  readonly from: Rung | null;
  readonly to: Rung;
  readonly on: readonly PlainDay[];
  /** Whether all of them were in the hardest version there is. */
  readonly isHardest: boolean;
}

/**
 * Steps that the records speak for, and the rung noted so far does not say: met once, practising after it held her three times, sure
 * after the last three times in the hardest version went well. Only upward: that something was lost once has many reasons.
 */
export function nextRungs(child: Child, mets: readonly Met[]): readonly NextRung[] {
  return [...grouped(mets, (skill) => skill)].flatMap(([skill, all]): readonly NextRung[] => {
    const well = all.filter(({ outcome }) => outcome !== 'lost');
    const hardest = all.filter((met) => met.isHardest).slice(0, OFTEN);
    const isSure = hardest.length === OFTEN && hardest.every(({ outcome }) => outcome !== 'lost');
    const to: Rung = isSure ? 'sure' : well.length >= OFTEN ? 'practising' : 'met';
    const from = rungOf(child.rungs, skill);
    if (from !== null && ORDER.indexOf(to) <= ORDER.indexOf(from)) return [];
    // That it was met says nothing that is not seen in the list.
    if (to === 'met' && from === null) return [];
    const evidence = isSure ? hardest : well.length > 0 ? well.slice(0, OFTEN) : all.slice(0, 1);
    return [{ skill, from, to, on: evidence.map(({ date }) => date), isHardest: isSure }];
  });
}

/** Kobby's own starting points: what a step rests on is looked for in a year, and the last of it is fresh for a week. */
const YEAR_DAYS = 365;
const FRESH_DAYS = 7;

/** Steps of some children that speak from what was recorded within the last week, the newest first: what is noted while it is fresh. */
export const freshRungs = (
  book: Book,
  children: readonly Child[],
  today: PlainDay,
): readonly { readonly child: Child; readonly step: NextRung }[] =>
  children
    .flatMap((child) =>
      nextRungs(child, metBy(book, child.id, addDays(today, -YEAR_DAYS))).map((step) => ({ child, step })),
    )
    .filter(({ step }) => step.on[0]! >= addDays(today, -FRESH_DAYS))
    .toSorted((a, b) => (a.step.on[0]! < b.step.on[0]! ? 1 : a.step.on[0]! > b.step.on[0]! ? -1 : 0));
