// Figures of circle time: an edit of a circle with every answer about the unit, fitting a long circle, singing and scanning.
import { fitCircle, offBeat, read, sing, type Book, type FitPiece, type UnitId } from '@kobby/core';
import { DEMO_TODAY } from '@kobby/starter';
import { after, time } from './bench-planning.ts';
import { ms, show } from './figures.ts';

const UNIT = 'unit-kites' as UnitId;
const RUNS = 200;
const PIECES = 20;
const OPTIONS = 12;
const HOUR_SECONDS = 3600;

const told = ({ median, p95 }: ReturnType<typeof time>): string => `${ms(median)} median, ${ms(p95)} at 95 %`;

function readAll(book: Book): number {
  const { headsUps, supplies, circles, packing } = read(book, UNIT, DEMO_TODAY);
  return headsUps.length + supplies.length + circles.runs.length + packing.circle.length;
}

/** Prints the figures; `demo` is the demo home. */
export function benchCircle(demo: Book): void {
  let book = demo;
  const piece = Object.values(demo.circlePieces).find(({ songId }) => songId === 'kites-on-a-line')!;
  readAll(book);
  const edit = time(RUNS, (i) => {
    const singing = { ...piece.singing, count: (Math.abs(i) % 8) + 1 };
    book = after(book, [{ type: 'circle/put-piece', piece: { ...piece, version: 0, singing } }]);
    readAll(book);
  });
  show('one edit of a circle, with every answer about the unit', told(edit));
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
  const fit = time(10, (i) => void fitCircle({ pieces, atMostSeconds: HOUR_SECONDS - i }));
  show(`fitting ${PIECES} pieces with up to ${OPTIONS} verses to an hour`, told(fit));
  const songs = Object.values(demo.songs);
  const words = { what: ['kite', 'windsock', 'umbrella'], who: ['Bo', 'Ilse', 'Amelie'], colour: ['red'] };
  const sung = time(RUNS, () => songs.forEach((song) => sing(song, words)));
  show(`singing all ${songs.length} songs`, told(sung));
  const scanned = time(RUNS, () =>
    songs.forEach((song) => sing(song, words).forEach(({ lines }) => lines.forEach((line) => offBeat(line)))),
  );
  show('  and scanning every line', told(scanned));
}
