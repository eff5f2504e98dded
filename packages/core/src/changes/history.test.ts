import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { KINDS, type Book } from '../book/index.ts';
import { aCorner, anActivity, gesture, inCorner, MARA, onDay, testBook, WREN } from '../testing/home.ts';
import {
  advance,
  applyGesture,
  EMPTY_HISTORY,
  foldHistory,
  withSeenVersions,
  type Actor,
  type ChangeInput,
  type History,
  type HistoryEntry,
  type Step,
} from './index.ts';

const start = testBook(aCorner('a'), aCorner('b'), anActivity('build'));

/** A book with somebody's history, as the browser keeps it. */
class Desk {
  book: Book = start;
  history: History = EMPTY_HISTORY;
  readonly journal: HistoryEntry[] = [];

  act(changes: ChangeInput[], actor: Actor = MARA, step?: Step): boolean {
    const made = gesture(changes);
    const ready = step
      ? { ...made, bases: step.bases, undoes: step.entry.id }
      : withSeenVersions(this.book, made, actor);
    const outcome = applyGesture(this.book, ready, actor);
    if (outcome.outcome !== 'kept') return false;
    this.book = outcome.book;
    if (actor === MARA && outcome.touched.length > 0) {
      const { touched, inverse } = outcome;
      const entry = { id: ready.id, label: 'x', touched, inverse, undoes: ready.undoes ?? null };
      this.journal.push(entry);
      this.history = advance(this.history, entry);
    }
    return true;
  }

  step(side: 'undo' | 'redo'): boolean {
    const step = this.history[side].at(-1);
    return step ? this.act([step.entry.inverse as ChangeInput], MARA, step) : false;
  }
}

/** A book without versions, its tables in the order of their ids: what people mean by "the same". */
const content = (book: Book): unknown =>
  KINDS.map((kind) =>
    Object.entries(book[kind])
      .toSorted(([a], [b]) => (a < b ? -1 : 1))
      .map(([, entity]) => ({ ...entity, version: 0 })),
  );

const move = (id: string, toDay: number): ChangeInput => ({
  type: 'unit/move',
  placementId: id,
  where: { kind: 'corner', cornerId: 'a', fromDay: 1, toDay },
});

describe('undo', () => {
  test('goes back step by step over the same entity, and forward again', () => {
    const desk = new Desk();
    desk.act([inCorner('p1', 'build', 'a', 1, 10)]);
    desk.act([move('p1', 5)]);
    desk.act([move('p1', 3)]);
    expect([desk.step('undo'), desk.step('undo'), desk.step('undo')]).toEqual([true, true, true]);
    expect(content(desk.book)).toEqual(content(start));
    expect([desk.step('redo'), desk.step('redo')]).toEqual([true, true]);
    expect(desk.book.placements.p1?.where).toEqual({ kind: 'corner', cornerId: 'a', fromDay: 1, toDay: 5 });
    expect(desk.step('undo')).toBe(true);
    expect(desk.book.placements.p1?.where).toEqual({ kind: 'corner', cornerId: 'a', fromDay: 1, toDay: 10 });
  });

  test('is refused when somebody else has touched the same, and leaves their work alone', () => {
    const desk = new Desk();
    desk.act([inCorner('p1', 'build', 'a', 1, 10)]);
    desk.act([move('p1', 5)], WREN);
    expect(desk.step('undo')).toBe(false);
    expect(desk.book.placements.p1?.where).toMatchObject({ toDay: 5 });
  });

  test('passes over what somebody else did elsewhere', () => {
    const desk = new Desk();
    desk.act([inCorner('p1', 'build', 'a', 1, 10)]);
    desk.act([inCorner('p2', 'build', 'b', 1, 10)], WREN);
    expect(desk.step('undo')).toBe(true);
    expect(Object.keys(desk.book.placements)).toEqual(['p2']);
  });

  test('a new act ends what could be done again', () => {
    const desk = new Desk();
    desk.act([inCorner('p1', 'build', 'a', 1, 10)]);
    desk.step('undo');
    desk.act([inCorner('p2', 'build', 'a', 1, 10)]);
    expect(desk.history.redo).toEqual([]);
  });

  test('ticks are not undone: the step before them is, when they are not in its way', () => {
    const desk = new Desk();
    desk.act([inCorner('p1', 'build', 'a', 1, 10)]);
    desk.act([inCorner('p2', 'build', 'b', 1, 10)]);
    desk.act([{ type: 'daybook/tick', subject: { placementId: 'p1', day: 1, supplyId: null } }]);
    expect(desk.step('undo')).toBe(true);
    expect(Object.keys(desk.book.placements)).toEqual(['p1']);
    expect(desk.step('undo')).toBe(false);
    expect(Object.keys(desk.book.ticks)).toHaveLength(1);
  });
});

test('any sequence, undone to its beginning, restores the exact state; redone, the end; and the journal tells the same history', () => {
  const id = fc.constantFrom('p1', 'p2', 'p3');
  const act = fc.oneof<fc.Arbitrary<ChangeInput>[]>(
    fc.tuple(id, fc.integer({ min: 1, max: 12 })).map(([p, day]) => onDay(p, 'build', day)),
    fc.tuple(id, fc.integer({ min: 1, max: 12 })).map(([p, day]) => inCorner(p, 'build', 'a', 1, day)),
    fc.tuple(id, fc.integer({ min: 1, max: 12 })).map(([p, day]) => move(p, day)),
    id.map((placementId): ChangeInput => ({ type: 'unit/unplace', placementId })),
    fc
      .integer({ min: 1, max: 60 })
      .map((dayCount): ChangeInput => ({ type: 'unit/revise', unit: { ...start.units.kites!, dayCount } })),
  );
  const step = fc.oneof(
    { weight: 4, arbitrary: fc.array(act, { minLength: 1, maxLength: 3 }) },
    { weight: 1, arbitrary: fc.constantFrom('undo' as const, 'redo' as const) },
  );
  fc.assert(
    fc.property(fc.array(step, { maxLength: 25 }), (steps) => {
      const desk = new Desk();
      for (const one of steps) {
        if (typeof one === 'string') desk.step(one);
        else desk.act(one);
      }
      expect(foldHistory(desk.journal)).toEqual(desk.history);
      const end = content(desk.book);
      const depth = desk.history.undo.length;
      while (desk.history.undo.length > 0) expect(desk.step('undo')).toBe(true);
      expect(content(desk.book)).toEqual(content(start));
      for (let i = 0; i < depth; i++) expect(desk.step('redo')).toBe(true);
      expect(content(desk.book)).toEqual(end);
    }),
  );
});
