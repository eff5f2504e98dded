import {
  formatMinutes,
  minutesSinceMidnight,
  type ClockTime,
  type Minutes,
  type PlainDay,
} from '../../calendar/index.ts';
import { presentDuring, type Block, type Child, type Part } from '../../house/index.ts';
import type { Placement } from '../../unit/index.ts';
import type { Circles } from '../circle/circle.ts';
import { patienceOf } from '../circle/patience.ts';
import { aboutPlacement, listed, type Finding } from '../ground/finding.ts';
import { memoised } from '../ground/memo.ts';
import { sessionsByDay, type Frame, type Session } from '../plan/plan.ts';
import { roundsFor } from './rounds.ts';

/** What bounds a part of the day at its end: a block in which nothing is planned, such as lunch, or the end of the part, when some go. */
interface Bound {
  readonly at: Minutes;
  readonly name: string;
}

/** A block as it runs: it begins when it should, or when the one before is done. */
export interface RunBlock {
  readonly block: Block;
  readonly from: Minutes;
  readonly until: Minutes;
}

/** A part of a day as it runs: one block after the other, each with its turns, its circle and its clean-up. */
export interface DayStretch {
  readonly part: Part;
  /** When its first block begins, and when the last of what is planned is done. */
  readonly from: Minutes;
  readonly until: Minutes;
  readonly bound: Bound;
  /** By how much it is too long; 0 when it fits. */
  readonly over: Minutes;
  /** Its blocks as they run, one after the other. */
  readonly blocks: readonly RunBlock[];
  /** The blocks that take longer than they have, with what they take. */
  readonly long: readonly { readonly block: Block; readonly takes: Minutes }[];
}

const SECONDS_A_MINUTE = 60;

// What is done with everyone comes one after the other; what a few do at a time goes on beside each other.
function minutesOf(sessions: readonly Session[], circleSeconds: number): number {
  const takes = sessions.map(({ placement: { content }, seats }) => ({
    isForAll: content.mode === 'whole-group',
    minutes: roundsFor(content, seats.filter(({ version }) => version !== null).length)?.minutes ?? 0,
  }));
  const together = takes.filter(({ isForAll }) => isForAll).reduce((sum, { minutes }) => sum + minutes, 0);
  const beside = Math.max(0, ...takes.filter(({ isForAll }) => !isForAll).map(({ minutes }) => minutes));
  const cleanUp = Math.max(0, ...sessions.map(({ placement }) => placement.content.cleanUpMinutes));
  const turns = together + beside;
  // Where nobody said how long something takes, it takes its block, and clean-up lies in it.
  return Math.ceil(circleSeconds / SECONDS_A_MINUTE) + turns + (turns > 0 ? cleanUp : 0);
}

/**
 * The parts of a numbered day as they run: a block begins when it should, or when the one before is done; it lasts as long as it has, or
 * as long as its turns and clean-up take. Parts in which nothing is planned are left out.
 */
export function stretchesOfDay(
  placements: readonly Placement[],
  circles: Pick<Circles, 'on'>,
  frame: Frame,
  number: number,
): readonly DayStretch[] {
  const { home } = frame;
  const sessions = (sessionsByDay(placements, frame).get(number) ?? []).filter(
    ({ placement }) => placement.where.kind === 'day',
  );
  const blocks = home.blocks.toSorted((a, b) => (a.start < b.start ? -1 : 1));
  const inBlock = (block: Block): readonly Session[] =>
    sessions.filter(({ placement: { where } }) => where.kind === 'day' && where.blockId === block.id);
  const sung = (block: Block): number =>
    block.isCircle ? (circles.on(number, block, 'in')?.seconds ?? 0) : 0;
  return home.parts.flatMap((part): DayStretch[] => {
    const own = blocks.filter(({ start }) => part.from <= start && start < part.to);
    const filled = own.filter((block) => inBlock(block).length > 0 || sung(block) > 0);
    const last = filled.at(-1);
    if (!last) return [];
    const long: { block: Block; takes: Minutes }[] = [];
    const run: RunBlock[] = [];
    let at = startOf(filled[0]!.start);
    for (const block of own.slice(own.indexOf(filled[0]!), own.indexOf(last) + 1)) {
      const takes = minutesOf(inBlock(block), sung(block));
      if (takes > block.minutes) long.push({ block, takes: takes as Minutes });
      const from = Math.max(at, startOf(block.start)) as Minutes;
      at = from + Math.max(takes, block.minutes);
      run.push({ block, from, until: at as Minutes });
    }
    const next = own[own.indexOf(last) + 1];
    const bound: Bound = next
      ? { at: startOf(next.start) as Minutes, name: next.name }
      : { at: startOf(part.to) as Minutes, name: whoGoes(frame, number, part) };
    const over = Math.max(0, at - bound.at) as Minutes;
    const from = startOf(filled[0]!.start) as Minutes;
    return [{ part, from, until: at as Minutes, bound, over, blocks: run, long }];
  });
}

const startOf = (time: ClockTime): number => minutesSinceMidnight(time);

// Whoever is there until the end of a part and not after it is picked up then.
function whoGoes({ attendance, home }: Frame, number: number, part: Part): string {
  const there = attendance[number - 1]!;
  const end = startOf(part.to);
  const at = (from: number): readonly Child[] =>
    presentDuring(there, home, { from: from as Minutes, to: (from + 1) as Minutes });
  const stay = new Set(at(end));
  const go = at(end - 1).filter((child) => !stay.has(child));
  return go.length === 0
    ? `the end of ${part.name}`
    : `pick-up of ${listed(go.map(({ shownAs }) => shownAs))}`;
}

/** `Morning: until 12:10, pick-up of Ada at 12:30`. */
export const stretchText = ({ part, until, bound, over }: DayStretch): string =>
  `${part.name}: until ${formatMinutes(until)}, ${bound.name} at ${formatMinutes(bound.at)}${over > 0 ? `: ${over} min too long` : ''}`;

/** The findings about parts of a day that last into what comes after them, such as lunch or pick-up. */
export const stretchFindings = memoised(
  (placements: readonly Placement[], circles: Circles, frame: Frame, today: PlainDay): readonly Finding[] =>
    frame.calendar.days.flatMap(({ number, date }): Finding[] =>
      date < today
        ? []
        : stretchesOfDay(placements, circles, frame, number)
            // A block that ends with its part, as it is kept, is the home's own affair.
            .filter(({ over, long }) => over > 0 && long.length > 0)
            .map(({ part, until, bound, over, long }) => ({
              key: `stretch:${number}:${part.id}`,
              rule: 'rounds',
              level: 'note',
              title: `Day ${number}: ${part.name} is ${over} min too long`,
              detail: `It lasts until ${formatMinutes(until)}; ${bound.name} is at ${formatMinutes(bound.at)}. ${listed(long.map(({ block, takes }) => `${block.name} takes ${takes} min and has ${block.minutes}`))}.`,
              basis: 'turns, circle and clean-up, one block after the other',
              days: [number],
              cornerIds: [],
              placementId: null,
              childIds: [],
            })),
    ),
);

/** The findings about children who wait for their turn, all of them gathered, longer than they sit. */
export const waitFindings = memoised(
  (placements: readonly Placement[], factor: number, frame: Frame, today: PlainDay): readonly Finding[] => {
    const sessions = sessionsByDay(placements, frame);
    return frame.calendar.days.flatMap(({ number, date }) =>
      date < today
        ? []
        : (sessions.get(number) ?? []).flatMap(({ placement, seats }): Finding[] => {
            const { content } = placement;
            const children = seats.flatMap(({ child, version }) => (version === null ? [] : [child]));
            const rounds = content.mode === 'whole-group' ? roundsFor(content, children.length) : null;
            if (!rounds || rounds.rounds < 2) return [];
            const waits = rounds.minutes - content.turnMinutes!;
            const sits = children.map((child) => ({
              child,
              minutes: patienceOf(child, date, frame.home, factor).seconds / SECONDS_A_MINUTE,
            }));
            const less = sits.filter(({ minutes }) => minutes < waits);
            if (less.length === 0) return [];
            return [
              {
                key: `wait:${placement.id}`,
                rule: 'rounds',
                level: 'note',
                title: `${content.title}: the last wait ${waits} min for their turn`,
                detail: `${listed(less.map(({ child, minutes }) => `${child.shownAs} sits about ${Math.floor(minutes)} min`))}. Let a few do it while the others play, or more at once.`,
                basis: 'minutes for a turn against how long they sit',
                days: [number],
                ...aboutPlacement(placement),
                childIds: less.map(({ child }) => child.id),
              },
            ];
          }),
    );
  },
);
