import { addPiece, type PieceWish } from '../arranging/index.ts';
import type { Book } from '../book/index.ts';
import type { PlainDay } from '../calendar/index.ts';
import type { ChangeInput } from '../changes/index.ts';
import {
  circlesOf,
  fillerOf,
  missingIn,
  pieceIdeas,
  placeFor,
  read,
  type Finding,
  type CircleRun,
  type Frame,
} from '../reading/index.ts';
import type { PieceKindId, UnitId } from '../unit/index.ts';
import { afterwards } from './afterwards.ts';

/** Pieces of a circle that are proposed: those of every day of the unit, or of one day. */
export interface DraftedCircle {
  /** Null for what is the same every day. */
  readonly day: number | null;
  /** In the order in which they would stand. */
  readonly pieces: readonly { readonly title: string; readonly change: PutPiece }[];
}
type PutPiece = Extract<ChangeInput, { type: 'circle/put-piece' }>;

/** The same all week, with one thing changing: these are the same. */
const EVERY_DAY: readonly PieceKindId[] = ['welcome', 'attention', 'close'];
/** What is left out first where they sit too long. */
const LEFT_FIRST: readonly PieceKindId[] = ['story', 'song', 'moving'];

/**
 * Circles for the days that have none: a welcome, what gathers and a close for every day, and for each day something to sing, something
 * lively and a story, in what the children have patience for. What stands in a circle stays; a day on which something stands is left alone.
 */
export function draftCircles(
  book: Book,
  unitId: UnitId,
  today: PlainDay,
  days: readonly number[] | null,
): readonly DraftedCircle[] {
  return new CircleDraft(book, unitId, today, days).made();
}

/** The changes that put them into the unit, each piece with an id of its own. */
export const circleChanges = (
  circles: readonly DraftedCircle[],
  newId: () => string,
): readonly ChangeInput[] =>
  circles.flatMap(({ pieces }) =>
    pieces.map(({ change }): ChangeInput => ({
      ...change,
      piece: { ...change.piece, id: `piece-${newId()}` },
    })),
  );

class CircleDraft {
  readonly #unitId: UnitId;
  readonly #today: PlainDay;
  readonly #open: readonly number[];
  readonly #frame: Frame;
  readonly #put = new Map<
    string,
    { readonly day: number | null; readonly title: string; readonly change: PutPiece }
  >();
  #book: Book;

  constructor(book: Book, unitId: UnitId, today: PlainDay, days: readonly number[] | null) {
    this.#book = book;
    this.#unitId = unitId;
    this.#today = today;
    const { frame, specials } = read(book, unitId, today);
    this.#frame = frame;
    this.#open = frame.calendar.days
      .filter(({ date, number }) => date >= today && (days?.includes(number) ?? true))
      .map(({ number }) => number)
      .filter((day) => fillerOf(specials, day) === null && frame.attendance[day - 1]!.children.length > 0)
      .filter((day) => this.#run(day)?.parts.length === 0);
  }

  made(): readonly DraftedCircle[] {
    const [first] = this.#open;
    if (first === undefined) return [];
    // Where only some days are asked for, or others have circles of their own, nothing is put on every day.
    const isWhole = this.#open.length === this.#frame.calendar.days.length;
    if (isWhole) for (const kind of EVERY_DAY) this.#add(kind, first, 'every-day');
    for (const day of this.#open) {
      for (const { kind } of missingIn(this.#run(day)!, this.#frame)) this.#add(kind, day, 'day');
      this.#shorten(day);
    }
    const days = [null, ...this.#open];
    return days.flatMap((day): DraftedCircle[] => {
      const pieces = [...this.#put.values()].filter((one) => one.day === day).toSorted(byOrder);
      return pieces.length === 0 ? [] : [{ day, pieces }];
    });
  }

  #run(day: number): CircleRun | null {
    const circles = circlesOf(this.#book, this.#unitId);
    const [block] = circles.blocks;
    return block ? circles.on(day, block, 'in') : null;
  }

  #add(kind: PieceKindId, day: number, reach: 'day' | 'every-day'): void {
    const run = this.#run(day)!;
    const ideas = pieceIdeas(kind, run, circlesOf(this.#book, this.#unitId).stuff, this.#frame);
    const used = new Set(
      [...this.#put.values()].map(({ change }) => change.piece.songId ?? change.piece.bookId),
    );
    const idea = ideas.find(({ song, book }) => !used.has(song?.id ?? book?.id)) ?? ideas[0];
    if (!idea) return;
    const wish: PieceWish = { kind, songId: idea.song?.id ?? null, bookId: idea.book?.id ?? null };
    const id = `drafted-piece-${this.#put.size + 1}`;
    const [change] = addPiece(run, this.#unitId, wish, { index: placeFor(run, kind), reach, id });
    if (change?.type !== 'circle/put-piece') return;
    this.#book = afterwards(this.#book, [change]);
    const title = idea.song?.title ?? idea.book?.title ?? '';
    this.#put.set(id, { day: reach === 'day' ? day : null, title, change });
  }

  // Until nothing of it stops, and the plan no longer says that they sit too long or that it lasts into what follows.
  #shorten(day: number): void {
    const stopping = this.#headsUps()
      .filter(({ level, kept }) => level === 'stop' && !kept)
      .flatMap(({ pieceIds }) => pieceIds ?? []);
    for (const id of stopping) this.#drop(id);
    for (const kind of LEFT_FIRST) {
      const drags = this.#headsUps().some(
        ({ rule, days }) => (rule === 'circle-drags' || rule === 'circle-over') && days.includes(day),
      );
      if (!drags) return;
      const found = [...this.#put].find(([, one]) => one.day === day && one.change.piece.kind === kind);
      if (found) this.#drop(found[0]);
    }
  }

  #headsUps(): readonly Finding[] {
    return read(this.#book, this.#unitId, this.#today).headsUps;
  }

  #drop(id: string): void {
    if (!this.#put.delete(id)) return;
    this.#book = afterwards(this.#book, [{ type: 'book/drop', kind: 'circlePieces', id }]);
  }
}

const byOrder = (a: { readonly change: PutPiece }, b: { readonly change: PutPiece }): number =>
  a.change.piece.order < b.change.piece.order ? -1 : 1;
