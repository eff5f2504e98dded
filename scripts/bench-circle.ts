// Figures of circle time: an edit of a circle with every answer about the unit, fitting a long circle, singing and scanning.
import {
  applyGesture,
  fitCircle,
  gestureSchema,
  offBeat,
  read,
  sing,
  withSeenVersions,
  type Actor,
  type Book,
  type ChangeInput,
  type FitPiece,
  type UnitId,
} from '@kobby/core';
import { DEMO_TODAY } from '@kobby/starter';
import { ms, percentile, show } from './figures.ts';

const ACTOR: Actor = { kind: 'person', id: 'bench', name: 'Bench' };
const UNIT = 'unit-kites' as UnitId;
const RUNS = 200;
const PIECES = 20;
const OPTIONS = 12;
const HOUR_SECONDS = 3600;

function after(book: Book, changes: ChangeInput[], i: number): Book {
  const gesture = gestureSchema.parse({ id: `bench-circle-${i}`, at: '2027-03-05T18:00:00.000Z', changes });
  const outcome = applyGesture(book, withSeenVersions(book, gesture, ACTOR), ACTOR);
  if (outcome.outcome !== 'kept') throw new Error(JSON.stringify(outcome));
  return outcome.book;
}

/** Runs something many times, the first few uncounted. */
function timed(runs: number, work: (i: number) => void): string {
  const times: number[] = [];
  for (let i = 0; i < runs + 10; i += 1) {
    const start = performance.now();
    work(i);
    if (i >= 10) times.push(performance.now() - start);
  }
  times.sort((a, b) => a - b);
  return `${ms(percentile(times, 0.5))} median, ${ms(percentile(times, 0.95))} at 95 %`;
}

function readAll(book: Book): number {
  const { headsUps, supplies, circles, packing } = read(book, UNIT, DEMO_TODAY);
  return headsUps.length + supplies.length + circles.runs.length + packing.circle.length;
}

/** Prints the figures; `demo` is the demo home. */
export function benchCircle(demo: Book): void {
  let book = demo;
  const piece = Object.values(demo.circlePieces).find(({ songId }) => songId === 'kites-on-a-line')!;
  readAll(book);
  const edit = timed(RUNS, (i) => {
    const singing = { ...piece.singing, count: (i % 8) + 1 };
    book = after(book, [{ type: 'circle/put-piece', piece: { ...piece, version: 0, singing } }], i);
    readAll(book);
  });
  show('one edit of a circle, with every answer about the unit', edit);
  const pieces = Array.from({ length: PIECES }, (_, i): FitPiece => ({
    id: `p${i}`,
    options: Array.from({ length: OPTIONS }, (__, verses) => ({
      verses: verses + 1,
      seconds: 15 + (verses + 1) * (7 + (i % 5) * 5),
    })),
    now: i % 4 === 3 ? null : 4,
    pinned: i % 7 === 0 && i % 4 !== 3,
    lively: i % 5 === 2,
    frames: i === 0,
  }));
  const fit = timed(10, (i) => void fitCircle({ pieces, atMostSeconds: HOUR_SECONDS - i }));
  show(`fitting ${PIECES} pieces with up to ${OPTIONS} verses to an hour`, fit);
  const songs = Object.values(demo.songs);
  const words = { what: ['kite', 'windsock', 'umbrella'], who: ['Bo', 'Ilse', 'Amelie'], colour: ['red'] };
  const sung = timed(RUNS, () => songs.forEach((song) => sing(song, words)));
  show(`singing all ${songs.length} songs`, sung);
  const scanned = timed(RUNS, () =>
    songs.forEach((song) => sing(song, words).forEach(({ lines }) => lines.forEach(offBeat))),
  );
  show('  and scanning every line', scanned);
}
