import type { Book } from '../../book/index.ts';
import type { Block } from '../../house/index.ts';
import type { CirclePiece, DayLine, Placement, Thing, UnitId } from '../../unit/index.ts';
import { answer } from '../ground/answer.ts';
import { memoised, stableGroups } from '../ground/memo.ts';
import { specialDaysIn } from '../plan/copies.ts';
import { frameOf, type Frame } from '../plan/plan.ts';
import { withSpecialSongs } from '../plan/special.ts';
import { groupPatience, type GroupPatience } from './patience.ts';
import { circleBlocks, runOn, runsOf, type CircleRun, type CircleStuff } from './run.ts';
import { standInsOf } from './stand-ins.ts';

/** What a unit says of its circles. */
export interface Circles {
  /** The blocks of the home that are kept for circle time. */
  readonly blocks: readonly Block[];
  readonly stuff: CircleStuff;
  /** Every circle and seam that has a piece. */
  readonly runs: readonly CircleRun[];
  readonly patience: GroupPatience;
  /** A circle, or the seam after a block, on a numbered day; null for a day that the unit does not have. */
  on(day: number, block: Block, moment: CirclePiece['moment']): CircleRun | null;
}

const NONE: readonly never[] = [];
const piecesOf = stableGroups((piece: CirclePiece) => piece.unitId);
const thingsOf = stableGroups((thing: Thing) => thing.unitId);
const linesOf = stableGroups((line: DayLine) => line.unitId);

const stuffIn = answer((look, unitId: UnitId): CircleStuff => ({
  pieces: withSpecialSongs(
    piecesOf(look.table('circlePieces')).get(unitId) ?? NONE,
    specialDaysIn(look, unitId),
  ),
  specials: specialDaysIn(look, unitId),
  things: thingsOf(look.table('things')).get(unitId) ?? NONE,
  lines: linesOf(look.table('dayLines')).get(unitId) ?? NONE,
  songs: look.table('songs'),
  books: look.table('bookTitles'),
}));

/** The circles of a unit. */
export function circlesOf(book: Book, unitId: UnitId): Circles {
  const frame = frameOf(book, unitId);
  const stuff = stuffIn(book, unitId);
  return circles(stuff, frame, groupPatience(book.circleRecords, frame.home));
}

const circles = memoised((stuff: CircleStuff, frame: Frame, patience: GroupPatience): Circles => ({
  blocks: circleBlocks(frame.home),
  stuff,
  get runs() {
    return runsOf(stuff, frame);
  },
  patience,
  on(number, block, moment) {
    const day = frame.calendar.days[number - 1];
    return day ? runOn(stuff, frame, day, block, moment) : null;
  },
}));

/** What circles need and play, as if it were placed. */
export const circleStandIns = (book: Book, unitId: UnitId): readonly Placement[] => {
  const stuff = stuffIn(book, unitId);
  return stuff.pieces.length > 0 ? standInsOf(runsOf(stuff, frameOf(book, unitId))) : NONE;
};

/** Two lists as one: the first itself where the second has nothing. */
export const together = memoised(
  (placements: readonly Placement[], standIns: readonly Placement[]): readonly Placement[] =>
    standIns.length === 0 ? placements : [...placements, ...standIns],
);
