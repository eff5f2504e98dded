import type { PlainDay } from '../../calendar/index.ts';
import type { Block } from '../../house/index.ts';
import type { ActivityContent } from '../../library/index.ts';
import type { Placement } from '../../unit/index.ts';
import { aboutPlacement, type Finding } from '../ground/finding.ts';
import { memoised } from '../ground/memo.ts';
import { blockOf, sessionsByDay, type Frame, type Session } from '../plan/plan.ts';

/** How often something is done until everybody had a turn, and how long that takes. */
export interface Rounds {
  readonly rounds: number;
  readonly minutes: number;
}

type Turns = Pick<ActivityContent, 'turnMinutes' | 'atOnce' | 'resetMinutes'>;

/**
 * The rounds for so many children: as many at once as there are places, each round a turn, and between two rounds the time to put it
 * back. Null when nobody said how long a turn takes, or when nobody is there.
 */
export function roundsFor({ turnMinutes, atOnce, resetMinutes }: Turns, children: number): Rounds | null {
  if (turnMinutes === null || children === 0) return null;
  const rounds = atOnce === null ? 1 : Math.ceil(children / atOnce);
  return { rounds, minutes: rounds * turnMinutes + (rounds - 1) * resetMinutes };
}

/** The findings about turns that do not fit into their block, with the smallest change that would do. */
export const roundFindings = memoised(
  (placements: readonly Placement[], frame: Frame, today: PlainDay): readonly Finding[] => {
    const sessions = sessionsByDay(placements, frame);
    return frame.calendar.days.flatMap(({ number, date }) =>
      date < today ? [] : overflowing(sessions.get(number) ?? NOTHING, number, frame),
    );
  },
);
const NOTHING: readonly Session[] = [];

const overflowing = memoised(
  (sessions: readonly Session[], number: number, frame: Frame): readonly Finding[] =>
    sessions.flatMap(({ placement, seats }) => {
      const { content, where } = placement;
      const block = blockOf(placement, frame.home);
      const children = seats.filter(({ version }) => version !== null).length;
      const takes = roundsFor(content, children);
      if (where.kind !== 'day' || !block || !takes || takes.minutes <= block.minutes) return [];
      const ways = waysToFit(content, children, block, freeBlocks(sessions, frame));
      return [
        {
          key: `rounds:${placement.id}`,
          rule: 'rounds' as const,
          level: 'note' as const,
          title: `${content.title} takes ${takes.minutes} min, ${block.name} has ${block.minutes}`,
          detail: `${explained(content, children, takes)}.${ways.length > 0 ? ` It fits with ${ways.join(', or with ')}.` : ''}`,
          basis: 'minutes for a turn, how many at once, and minutes to put it back',
          days: [number],
          ...aboutPlacement(placement),
        },
      ];
    }),
);

function explained(
  { turnMinutes, resetMinutes, atOnce }: Turns,
  children: number,
  { rounds }: Rounds,
): string {
  const who = `${children} ${children === 1 ? 'child' : 'children'}${atOnce === null ? '' : `, ${atOnce} at once`}`;
  const reset =
    rounds > 1 && resetMinutes > 0 ? ` and ${rounds - 1} × ${resetMinutes} min to put it back` : '';
  return `${who}: ${rounds} × ${turnMinutes} min${reset}`;
}

// The blocks of a day in which nothing else stands.
function freeBlocks(sessions: readonly Session[], { home }: Frame): readonly Block[] {
  const taken = new Set(sessions.map(({ placement }) => blockOf(placement, home)?.id));
  return home.blocks.filter(({ id, isCircle }) => !isCircle && !taken.has(id));
}

// From the smallest change on: more at once, two places, another block, half of them the day after.
function waysToFit(
  content: ActivityContent,
  children: number,
  block: Block,
  free: readonly Block[],
): string[] {
  const fits = (turns: Turns, count: number, minutes: number): boolean =>
    (roundsFor(turns, count)?.minutes ?? 0) <= minutes;
  const { atOnce } = content;
  const ways: string[] = [];
  if (atOnce !== null) {
    const more = Array.from({ length: children }, (_, i) => i + 1).find(
      (count) => count > atOnce && fits({ ...content, atOnce: count }, children, block.minutes),
    );
    if (more !== undefined) ways.push(more === atOnce * 2 ? `two places of ${atOnce}` : `${more} at once`);
  }
  const other = free.find(({ minutes }) => fits(content, children, minutes));
  if (other) ways.push(`${other.name}, which has ${other.minutes} min`);
  if (children > 1 && fits(content, Math.ceil(children / 2), block.minutes))
    ways.push('half of them the day after');
  return ways;
}
