import { minutesSinceMidnight } from '../../calendar/index.ts';
import type { Block, Home, Part } from '../../house/index.ts';
import type { Line, LineSpan } from '../../timeline/index.ts';
import { roundsFor } from '../conduct/rounds.ts';
import type { DayStretch, RunBlock } from '../conduct/stretches.ts';
import { isMeal, isOutdoors, isRest } from '../plan/block-kinds.ts';
import { thereOn, type Frame, type Session } from '../plan/plan.ts';
import { roomOf } from '../readiness/waiting.ts';

/** A day as processes are laid into it. */
export interface DayLine {
  /** From when the home opens until it closes. */
  readonly line: Line;
  /** The minute of the day with which the line begins. */
  readonly opens: number;
  /** When each block really runs, where something is planned in it; the others as the home has them. */
  readonly spanOf: (block: Block) => LineSpan;
  /** The blocks in which children can do something indoors, in their order: no circles, meals or rests, and not when they are out. */
  readonly active: readonly Block[];
  /** What ties its adults besides what is made. */
  readonly ties: readonly Tie[];
}

const isOut = (block: Block, sessions: readonly Session[]): boolean =>
  isOutdoors(block) ||
  inBlock(sessions, block).some(({ placement: { content } }) => content.place === 'outdoors');

/** What ties an adult in the line of a day: from when to when, and what. */
export interface Tie extends LineSpan {
  readonly what: string;
}

/**
 * A day minute by minute: who is free to do something for a process, and the room of each place. An adult is tied by a circle, by what needs
 * one the whole time, and by children who are outdoors; what goes on beside others leaves its adult free to knead. Before and after the home's
 * hours nobody is there. Where nobody's work was entered somebody is there all day.
 */
export function dayLineOf(
  sessions: readonly Session[],
  stretches: readonly DayStretch[],
  sungSeconds: (block: Block) => number,
  frame: Frame,
  number: number,
): DayLine {
  const { home } = frame;
  const runs = new Map(stretches.flatMap(({ blocks }) => blocks.map((run) => [run.block.id as string, run])));
  const spanOf = (block: Block): LineSpan => spanFrom(runs.get(block.id), block);
  const { opens, adults } = adultsOn(frame, number);
  const ties = tiesOf(sessions, spanOf, sungSeconds, home);
  for (const { from, to } of ties)
    for (let minute = Math.max(0, from - opens); minute < Math.min(to - opens, adults.length); minute += 1)
      adults[minute] = Math.max(0, adults[minute]! - 1);
  const inOrder = home.blocks.toSorted((a, b) => (a.start < b.start ? -1 : 1));
  const places = Object.fromEntries(
    Object.entries(roomOf(home)).map(([kind, room]) => [kind, new Array<number>(adults.length).fill(room)]),
  );
  return {
    line: { adults, places },
    opens,
    spanOf,
    ties,
    active: inOrder.filter(
      (block) => !block.isCircle && !isMeal(block) && !isRest(block) && !isOut(block, sessions),
    ),
  };
}

const spanFrom = (run: RunBlock | undefined, { start, minutes }: Block): LineSpan => {
  const from = minutesSinceMidnight(start);
  return run ? { from: run.from, to: run.until } : { from, to: from + minutes };
};

const inBlock = (sessions: readonly Session[], block: Block): readonly Session[] =>
  sessions.filter(({ placement: { where } }) => where.kind === 'day' && where.blockId === block.id);

function adultsOn(frame: Frame, number: number): { readonly opens: number; readonly adults: number[] } {
  const parts = frame.home.parts.map(({ from, to }) => {
    const span = { from: minutesSinceMidnight(from), to: minutesSinceMidnight(to) };
    return { span, working: thereOn(frame, number, span).adults.length };
  });
  const opens = Math.min(...parts.map(({ span }) => span.from));
  const adults = new Array<number>(Math.max(...parts.map(({ span }) => span.to)) - opens).fill(0);
  const isUnknown = parts.every(({ working }) => working === 0);
  for (const { span, working } of parts)
    adults.fill(isUnknown ? 1 : working, span.from - opens, span.to - opens);
  return { opens, adults };
}

function tiesOf(
  sessions: readonly Session[],
  spanOf: (block: Block) => LineSpan,
  sungSeconds: (block: Block) => number,
  home: Home,
): readonly Tie[] {
  return home.blocks.flatMap((block): Tie[] => {
    const { from, to } = spanOf(block);
    const sung = Math.ceil(sungSeconds(block) / 60);
    const here = inBlock(sessions, block);
    const isOut = here.find(({ placement: { content } }) => content.place === 'outdoors');
    const tied = here.filter(
      ({ placement: { content } }) => content.adult === 'tied' && content.processes.length === 0,
    );
    return [
      ...(sung > 0 ? [{ from, to: from + sung, what: block.name }] : []),
      ...(isOut ? [{ from, to, what: isOut.placement.content.title }] : []),
      ...tied.map((session) => ({ from, to: from + minutesAt(session, to - from), what: titleOf(session) })),
    ];
  });
}

const titleOf = ({ placement }: Session): string => placement.content.title;

// As long as its turns take, else its block.
function minutesAt({ placement: { content }, seats }: Session, block: number): number {
  const doing = seats.filter(({ version }) => version !== null).length;
  return roundsFor(content, doing)?.minutes ?? block;
}

/** The part of the day in which a minute lies; the last one where none does. */
export const partAt = ({ parts }: Home, minute: number): Part =>
  parts.find(({ from, to }) => minutesSinceMidnight(from) <= minute && minute < minutesSinceMidnight(to)) ??
  parts.at(-1)!;
