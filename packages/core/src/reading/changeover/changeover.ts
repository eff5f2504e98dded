import { groupBy, type Book } from '../../book/index.ts';
import { daysBetween, type PlainDay } from '../../calendar/index.ts';
import { valueIn, type Corner, type Home } from '../../house/index.ts';
import { firstDayOf, lastDayOf, type Placement, type UnitId } from '../../unit/index.ts';
import { answer, type Look } from '../ground/answer.ts';
import { memoised } from '../ground/memo.ts';
import { daysIn } from '../plan/days.ts';
import { frameOf, placedIn, type Frame } from '../plan/plan.ts';

/** Something that is put away, or set out with where its things are. */
export interface ChangeOverItem {
  readonly placement: Placement;
  readonly corner: Corner;
  readonly minutes: number;
  /** How the minutes came about. */
  readonly why: string;
  /** The things that are fetched or put back, and where from; what stands in the corner for good left out. */
  readonly things: readonly { readonly name: string; readonly keptIn: string | null }[];
}

/** The room before one program day: what goes away, what comes out, what stays out from before. */
export interface ChangeOver {
  readonly day: number;
  readonly goes: readonly ChangeOverItem[];
  readonly comes: readonly ChangeOverItem[];
  readonly stays: readonly Placement[];
  readonly minutes: number;
}

/** The unit after which the room is changed over for another one: the last that ended before it begins. */
interface Before {
  readonly frame: Frame;
  /** What stood in corners on its last day. */
  readonly left: readonly Placement[];
}

/** What stood in the room when a unit began; null when nothing is known of before, or for an idea. */
export function beforeUnit(book: Book, unitId: UnitId): Before | null {
  const first = daysIn(book, unitId).days[0]?.date;
  if (!first) return null;
  const ended = Object.values(book.units)
    .filter(({ id, start }) => id !== unitId && start !== null && start < first)
    .map(({ id }) => ({ id, last: daysIn(book, id).days.at(-1)?.date }))
    .filter((one): one is { id: UnitId; last: PlainDay } => one.last !== undefined && one.last < first)
    .toSorted((a, b) => (a.last < b.last ? 1 : -1))[0];
  if (!ended) return null;
  const frame = frameOf(book, ended.id);
  return { frame, left: leftOn(placedIn(book, ended.id).placements, frame) };
}

const leftOn = memoised((placements: readonly Placement[], { unit }: Frame): readonly Placement[] =>
  placements.filter(
    (placement) => placement.where.kind === 'corner' && lastDayOf(placement) >= unit.dayCount,
  ),
);

const NOTHING: readonly Placement[] = [];

/**
 * Every day before which the room changes, with minutes: putting away as each activity says, setting out by the
 * home's value for one thing. On Day 1 what stood at the end of the unit before goes, unless the same activity
 * stands in the same corner again. Standing kits stay. In the order of the days.
 */
export const changeOvers = answer(
  (
    look,
    placements: readonly Placement[],
    frame: Frame,
    left: readonly Placement[],
  ): readonly ChangeOver[] => {
    const setUps = placements.filter(({ where }) => where.kind === 'corner');
    const ending = groupBy(setUps, lastDayOf);
    const beginning = groupBy(setUps, firstDayOf);
    return frame.calendar.days.flatMap(({ number }) => {
      const before = number === 1 ? left : (ending.get(number - 1) ?? NOTHING);
      const after = beginning.get(number) ?? NOTHING;
      const stays = after.filter((one) => before.some((other) => isSame(one, other)));
      const goes = before.filter((one) => !after.some((other) => isSame(one, other)));
      const comes = after.filter((one) => !stays.includes(one));
      if (goes.length + comes.length === 0) return [];
      const away = goes.flatMap((one) => itemOf(look, one, 'away', frame.home));
      const out = comes.flatMap((one) => itemOf(look, one, 'out', frame.home));
      const minutes = [...away, ...out].reduce((sum, item) => sum + item.minutes, 0);
      return [{ day: number, goes: away, comes: out, stays, minutes }];
    });
  },
);

const isSame = (a: Placement, b: Placement): boolean =>
  a.originId === b.originId &&
  a.content.title === b.content.title &&
  a.where.kind === 'corner' &&
  b.where.kind === 'corner' &&
  a.where.cornerId === b.where.cornerId;

const SECONDS_A_MINUTE = 60;

function itemOf(look: Look, placement: Placement, way: 'away' | 'out', home: Home): ChangeOverItem[] {
  const { where, content } = placement;
  const corner = where.kind === 'corner' ? look.one('corners', where.cornerId) : null;
  if (!corner) return [];
  const standing = new Set(corner.standingKit.map(({ supplyId }) => supplyId));
  const ids = [...new Set(content.materials.map(({ supplyId }) => supplyId))].filter(
    (id) => !standing.has(id),
  );
  const things = ids.flatMap((id) => {
    const supply = look.one('supplies', id);
    // What is used up is not put back.
    if (!supply || (way === 'away' && supply.use === 'consumable')) return [];
    return [{ name: supply.name, keptIn: supply.keptIn }];
  });
  if (way === 'away')
    return [{ placement, corner, things, minutes: content.cleanUpMinutes, why: 'its clean-up, as it says' }];
  const seconds = valueIn(home, 'settingOutSeconds');
  const minutes = Math.ceil((things.length * seconds) / SECONDS_A_MINUTE);
  const why = `${things.length} ${things.length === 1 ? 'thing' : 'things'} × ${seconds} seconds`;
  return [{ placement, corner, things, minutes, why }];
}

/** Since when a placement has been out: from before when it was carried over, else its own first day; null without a date. */
export const outSince = (
  { outSince: since, ...placement }: Placement,
  { calendar }: Frame,
): PlainDay | null => since ?? calendar.days[firstDayOf(placement) - 1]?.date ?? null;

const DAYS_A_WEEK = 7;

/** In which week something is out on a date: 1 in its first seven days; 0 before it. */
export const weekOut = (since: PlainDay, on: PlainDay): number =>
  on < since ? 0 : Math.floor(daysBetween(since, on) / DAYS_A_WEEK) + 1;
