import { generateKeyBetween } from 'fractional-indexing';
import type { ChangeInput } from '../changes/index.ts';
import type { Home } from '../house/index.ts';
import type { Song } from '../library/index.ts';
import type { CircleRun, GroupPatience } from '../reading/index.ts';
import type { CirclePiece, Singing } from '../unit/index.ts';

/** What an act is meant for: this day, or every day of the unit. */
export type Reach = 'day' | 'every-day';

type PieceInput = Extract<ChangeInput, { type: 'circle/put-piece' }>['piece'];

/** What somebody decides about a new piece; where and when it stands follows from the circle. */
export type PieceWish = Pick<PieceInput, 'kind'> &
  Partial<Pick<PieceInput, 'songId' | 'bookId' | 'words' | 'singing' | 'minutes' | 'uses'>>;

const put = (piece: PieceInput): ChangeInput => ({ type: 'circle/put-piece', piece });
const drop = ({ id }: CirclePiece): ChangeInput => ({ type: 'book/drop', kind: 'circlePieces', id });

/** The order key of what stands before the part at `index`, or behind all of them. */
function keyAt(parts: CircleRun['parts'], index: number, behind: string | null = null): string {
  const keyOf = (at: number): string | null => {
    const part = parts[at];
    return part ? (part.insteadOf ?? part.piece).order : null;
  };
  const [before, after] = [behind ?? keyOf(index - 1), keyOf(index)];
  // Keys that are not in order come from two people at once: behind the first of them is good enough.
  return generateKeyBetween(before, before !== null && after !== null && after <= before ? null : after);
}

/** Where a new piece comes to stand: before the part at `index`; of several there, behind the one with the key `behind`. */
interface NewPlace {
  readonly index: number;
  readonly reach: Reach;
  readonly id: string;
  readonly behind?: string | null;
}

/** A new piece before the part at `index` of a circle, on its day or on every day. */
export const addPiece = (
  run: CircleRun,
  unitId: CirclePiece['unitId'],
  wish: PieceWish,
  at: NewPlace,
): readonly ChangeInput[] => [
  put({
    ...wish,
    id: at.id,
    unitId,
    blockId: run.block.id,
    moment: run.moment,
    day: at.reach === 'day' ? run.day.number : null,
    order: keyAt(run.parts, at.index, at.behind),
  }),
];

/** Moves the part at `from` so that it stands before the part which is at `to` now. What stands in for another moves that one. */
export function movePiece(run: CircleRun, from: number, to: number): readonly ChangeInput[] {
  const part = run.parts[from];
  if (!part || to === from || to === from + 1) return [];
  const others = run.parts.toSpliced(from, 1);
  const order = keyAt(others, to > from ? to - 1 : to);
  return [put({ ...(part.insteadOf ?? part.piece), order })];
}

/** Leaves a piece out, on the day or for good; what takes its place on some day goes with it. */
export function leaveOut(
  piece: CirclePiece,
  day: number,
  reach: Reach,
  pieces: readonly CirclePiece[],
): readonly ChangeInput[] {
  if (piece.day === null && reach === 'day') return [put({ ...piece, notOn: [...piece.notOn, day] })];
  if (piece.day === null)
    return [...pieces.filter(({ insteadOf }) => insteadOf === piece.id).map(drop), drop(piece)];
  // Without it the one of every day would come back.
  const original = pieces.find(({ id }) => id === piece.insteadOf);
  if (!original) return [drop(piece)];
  return reach === 'every-day'
    ? leaveOut(original, day, reach, pieces)
    : [drop(piece), put({ ...original, notOn: [...original.notOn, day] })];
}

/** On one day something else in the place of a piece of every day; what stood there on that day already goes. */
export function insteadOn(
  piece: CirclePiece,
  day: number,
  wish: PieceWish,
  pieces: readonly CirclePiece[],
  id: string,
): readonly ChangeInput[] {
  const before = pieces.filter((one) => one.day === day && one.insteadOf === piece.id);
  return [
    ...before.map(drop),
    put({
      ...wish,
      id,
      unitId: piece.unitId,
      blockId: piece.blockId,
      moment: piece.moment,
      day,
      insteadOf: piece.id,
      order: piece.order,
    }),
  ];
}

/** A piece sung, noted or pinned otherwise: on the day or on every day. */
export function changePiece(
  piece: CirclePiece,
  rest: Partial<
    Pick<CirclePiece, 'singing' | 'minutes' | 'pinned' | 'songId' | 'bookId' | 'words' | 'kind' | 'uses'>
  >,
  day: number,
  reach: Reach,
  id: string,
): readonly ChangeInput[] {
  if (piece.day !== null || reach === 'every-day') return [put({ ...piece, ...rest })];
  const { kind, songId, bookId, words, singing, minutes, pinned, uses } = { ...piece, ...rest };
  return insteadOn(
    piece,
    day,
    { kind, songId, bookId, words, singing, minutes, uses: [...uses] },
    [],
    id,
  ).map((change) => (change.type === 'circle/put-piece' ? put({ ...change.piece, pinned }) : change));
}

/** How a song is sung with so many verses. */
export const withVerses = (singing: Singing, count: number): Singing => ({ ...singing, count });

/** From now on the patience of the group is counted anew: nothing that was told until then counts any more. */
export function countAnew(home: Home, { steps }: GroupPatience, now: string): ChangeInput {
  // What was told last may bear a later time than this clock shows.
  const last = steps.at(-1)?.record.at ?? now;
  return { type: 'house/put-home', home: { ...home, patienceSince: last > now ? last : now } as HomeInput };
}
type HomeInput = Extract<ChangeInput, { type: 'house/put-home' }>['home'];

/** A song with a verse that somebody made up while singing: one more of a song that is as written, else a note at it. */
export const withMadeUp = (song: Song, verse: string): ChangeInput => ({
  type: 'library/put-song',
  song: {
    ...(structuredClone(song) as SongInput),
    ...(song.rule.kind === 'as-written'
      ? { verses: [...song.verses, verse] }
      : { notes: [song.notes, `Made up: ${verse}`].filter(Boolean).join('\n') }),
  },
});
type SongInput = Extract<ChangeInput, { type: 'library/put-song' }>['song'];
