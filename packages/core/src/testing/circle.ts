import type { ChangeInput } from '../index.ts';
import { aChild, TEST_HOME, TEST_UNIT, testBook } from './home.ts';

type SongInput = Extract<ChangeInput, { type: 'library/put-song' }>['song'];
type PieceInput = Extract<ChangeInput, { type: 'circle/put-piece' }>['piece'];

/** A home that keeps its first block, of twenty minutes, for circle time; without settling, so that sums stay short. */
export const CIRCLE_HOME: typeof TEST_HOME = {
  ...TEST_HOME,
  blocks: [
    { id: 'circle', name: 'Circle', start: '09:00', minutes: 20, isCircle: true },
    ...TEST_HOME.blocks,
  ],
  values: { circleSettleSeconds: 0 },
};

/** A song of four lines, in which each line of each verse takes five seconds, unless told otherwise. */
export const aSong = (id: string, rest: Partial<SongInput> = {}): ChangeInput => ({
  type: 'library/put-song',
  song: { id, title: id, kind: 'song', purpose: 'look', verses: ['a\nb\nc\nd'], ...rest },
});

/** A piece of every day in the circle, in words, unless told otherwise. */
export const aPiece = (id: string, order: string, rest: Partial<PieceInput> = {}): ChangeInput => ({
  type: 'circle/put-piece',
  piece: { id, unitId: TEST_UNIT, blockId: 'circle', kind: 'talk', words: id, order, ...rest },
});

/** Three children of one, three and five years: on 8 March 2027 they sit three, nine and fifteen minutes. */
export const circleBook = (...changes: readonly ChangeInput[]) =>
  testBook(
    { type: 'house/put-home', home: CIRCLE_HOME },
    aChild('ada', '2026-03-08'),
    aChild('bo', '2024-03-08'),
    aChild('cy', '2022-03-08'),
    ...changes,
  );
