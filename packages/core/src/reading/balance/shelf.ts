import type { PlainDay } from '../../calendar/index.ts';
import { inShelfOrder, type Block, type Corner } from '../../house/index.ts';
import { firstDayOf, lastDayOf, STYLES, type Omission, type Placement } from '../../unit/index.ts';
import { omissionsIn } from '../plan/of-unit.ts';
import { answer } from '../ground/answer.ts';
import { listed, type Finding } from '../ground/finding.ts';
import { memoised, stableGroups } from '../ground/memo.ts';
import { phaseOf } from '../plan/days.ts';
import { reachOf, sessionsOf, type Frame } from '../plan/plan.ts';

/** A learning centre in a unit: what stands in it and on which days it is empty. */
export interface Cubby {
  readonly corner: Corner;
  /** In the order of their first days. */
  readonly setUps: readonly Placement[];
  readonly emptyDays: readonly number[];
  /** Why it is left empty on purpose; null when it is not. */
  readonly omission: Omission | null;
  /** Whether this style of unit, and the home, expect something in it. */
  readonly expected: boolean;
  /** How many of the children who come during the unit find a version at their age. */
  readonly fits: number;
}

const NOTHING: readonly Placement[] = [];
const byCorner = stableGroups(({ where }: Placement) => (where.kind === 'corner' ? where.cornerId : null));

/** The shelf of a unit: a cubby for every corner of the home that is not retired, in the home's order. */
export const shelfOf = answer((look, placements: readonly Placement[], frame: Frame): readonly Cubby[] => {
  const corners = look.table('corners');
  const omissions = omissionsIn(look, frame.unit.id);
  const inCorner = byCorner(placements);
  // A corner that was retired since stays on the shelf of a unit in which something stands in it.
  const shown = Object.values(corners).filter((corner) => !corner.retired || inCorner.has(corner.id));
  return inShelfOrder(shown).map((corner) => ({
    corner,
    ...cubbyOf(inCorner.get(corner.id) ?? NOTHING, frame),
    omission: omissions.find(({ cornerId }) => cornerId === corner.id) ?? null,
    expected: isExpected(corner, frame),
  }));
});

/** Whether something is hoped for in a corner: the home expects it, and the unit's style does. */
function isExpected(corner: Corner, { unit }: Frame): boolean {
  const fills: readonly string[] | null = STYLES[unit.style].fills;
  return corner.expected && (fills === null || fills.includes(corner.kind));
}

const cubbyOf = memoised(
  (placements: readonly Placement[], frame: Frame): Pick<Cubby, 'setUps' | 'emptyDays' | 'fits'> => {
    const setUps = placements.toSorted((a, b) => firstDayOf(a) - firstDayOf(b));
    const filled = new Set(setUps.flatMap((setUp) => sessionsOf(setUp, frame).map(({ day }) => day.number)));
    const fitting = new Set(setUps.flatMap((setUp) => [...reachOf(setUp, frame)]));
    const emptyDays = frame.calendar.days.map(({ number }) => number).filter((number) => !filled.has(number));
    return { setUps, emptyDays, fits: fitting.size };
  },
);

/** The first stretch of days on which a cubby is empty; the whole unit when it never is. */
export function freeSpan({ emptyDays }: Cubby, { unit }: Frame): { fromDay: number; toDay: number } {
  const fromDay = emptyDays[0];
  if (fromDay === undefined) return { fromDay: 1, toDay: unit.dayCount };
  const length = emptyDays.findIndex((day, i) => day !== fromDay + i);
  return { fromDay, toDay: length < 0 ? emptyDays.at(-1)! : fromDay + length - 1 };
}

/** The first block of a day in which nothing stands yet and that is not kept for the circle; else the first there is. */
export function freeBlock(
  placements: readonly Pick<Placement, 'where'>[],
  day: number,
  { home }: Frame,
): Block {
  const taken = new Set(
    placements.map(({ where }) => (where.kind === 'day' && where.day === day ? where.blockId : null)),
  );
  const proposed = home.blocks.filter((block) => !block.isCircle);
  return proposed.find((block) => !taken.has(block.id)) ?? proposed[0] ?? home.blocks[0]!;
}

// More empty corners than this are told in one heads-up: at the start of planning they all are.
const SINGLE_EMPTY_CORNERS = 3;

/** The findings about corners that hold nothing on any day, and about what stands past the unit's end. */
export const shelfFindings = answer(
  (look, placements: readonly Placement[], frame: Frame, today: PlainDay): readonly Finding[] => {
    const phase = phaseOf(frame, today);
    const empty =
      phase === 'over' || phase === 'idea'
        ? []
        : shelfOf(look, placements, frame)
            .filter(({ expected, setUps, omission }) => expected && setUps.length === 0 && !omission)
            .map(({ corner }) => corner);
    const emptyFindings =
      empty.length > SINGLE_EMPTY_CORNERS
        ? [
            emptyFinding(
              'empty-corner',
              `${empty.length} corners are empty`,
              `${listed(empty.map((c) => c.name))}.`,
              empty,
            ),
          ]
        : empty.map((corner) =>
            emptyFinding(
              `empty-corner:${corner.id}`,
              `${corner.name} is empty`,
              'Nothing stands there on any day of this unit.',
              [corner],
            ),
          );
    return [...emptyFindings, ...pastTheEnd(placements, frame)];
  },
);

const emptyFinding = (key: string, title: string, detail: string, corners: readonly Corner[]): Finding => ({
  key,
  rule: 'empty-corner',
  level: 'note',
  title,
  detail,
  basis: 'every centre has something, or is closed on purpose',
  days: [],
  cornerIds: corners.map((corner) => corner.id),
  placementId: null,
  childIds: [],
});

const pastTheEnd = (placements: readonly Placement[], { unit }: Frame): readonly Finding[] =>
  placements
    .filter((placement) => lastDayOf(placement) > unit.dayCount)
    .map((placement) => ({
      key: `past-the-end:${placement.id}`,
      rule: 'past-the-end',
      level: 'note',
      title: `${placement.content.title} goes past the end`,
      detail: `It is planned to Day ${lastDayOf(placement)}, and the unit ends on Day ${unit.dayCount}. Move it, shorten it, or extend the unit.`,
      basis: 'nothing is dropped when a unit is cut short',
      days: [],
      cornerIds: placement.where.kind === 'corner' ? [placement.where.cornerId] : [],
      placementId: placement.id,
      childIds: [],
    }));
