import { addPiece, fitRun, leaveOut, type Fitted } from '../arranging/index.ts';
import { pieceIdeas, placeFor, type CircleRun } from '../reading/index.ts';
import type { Bench, Mend } from './bench.ts';

const concerned = ({ reading, finding }: Bench): readonly CircleRun[] => {
  const days = new Set(finding.days);
  const blockId = finding.key.slice(finding.key.indexOf(':') + 1);
  return reading.circles.runs.filter(
    ({ day, block, moment }) => moment === 'in' && block.id === blockId && days.has(day.number),
  );
};

const contextOf = ({ reading, newId }: Bench) => ({
  stuff: reading.circles.stuff,
  frame: reading.frame,
  newId,
});

const asMend = (fitted: Fitted, label: (steps: string) => string): Mend[] =>
  fitted.outcome === 'fitted' && fitted.changes.length > 0
    ? [{ label: label(fitted.steps.join('; ')), changes: fitted.changes }]
    : [];

/** Shorter until it fits its block: on its day when it is only one, else on every day. */
export function byShortening(bench: Bench): Mend[] {
  const runs = concerned(bench);
  const longest = runs.reduce<CircleRun | null>((a, b) => (a && a.seconds >= b.seconds ? a : b), null);
  if (!longest) return [];
  const reach = runs.length === 1 ? 'day' : 'every-day';
  const fitted = fitRun(longest, longest.block.minutes * 60, { ...contextOf(bench), reach });
  return asMend(fitted, (steps) => steps);
}

// Whole minutes from long to short: the longest with which it works is offered.
const MINUTES_TRIED = [20, 15, 12, 10, 9, 8, 7, 6, 5, 4, 3] as const;

/** As long as more than half of them sit: the longest time that works. */
export function byPatience(bench: Bench): Mend[] {
  const [run] = concerned(bench);
  if (!run) return [];
  return MINUTES_TRIED.filter((minutes) => minutes * 60 < run.seconds).flatMap((minutes) =>
    asMend(
      fitRun(run, minutes * 60, { ...contextOf(bench), reach: 'every-day' }),
      (steps) => `${minutes} min: ${steps}`,
    ),
  );
}

const IDEAS_TRIED = 3;

/** Something lively in the middle. */
export function byMoving(bench: Bench): Mend[] {
  const { reading, newId } = bench;
  const [run] = concerned(bench);
  if (!run) return [];
  const { stuff } = reading.circles;
  return pieceIdeas('moving', run, stuff, reading.frame)
    .slice(0, IDEAS_TRIED)
    .flatMap(({ song }) => {
      if (!song) return [];
      const at = { index: placeFor(run, 'moving'), reach: 'every-day', id: `piece-${newId()}` } as const;
      const wish = { kind: 'moving', songId: song.id } as const;
      return [
        { label: `${song.title} in the middle`, changes: addPiece(run, reading.frame.unit.id, wish, at) },
      ];
    });
}

/** Without one of the pieces that it is about, on its day: the last one first; what is pinned stays. */
export function byPieceOut({ reading, finding }: Bench): Mend[] {
  const { runs, stuff } = reading.circles;
  const ids = new Set<string>(finding.pieceIds ?? []);
  const [day] = finding.days;
  if (day === undefined) return [];
  return runs
    .filter((run) => run.day.number === day)
    .flatMap(({ parts }) => parts)
    .filter(({ piece }) => ids.has(piece.id) && !piece.pinned)
    .toReversed()
    .map(({ piece, title }) => ({
      label: `Without ${title} on Day ${day}`,
      changes: leaveOut(piece, day, 'day', stuff.pieces),
    }));
}
