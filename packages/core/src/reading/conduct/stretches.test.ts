import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import {
  A_MONDAY,
  aChild,
  after,
  anActivity,
  onDay,
  TEST_HOME,
  TEST_UNIT,
  testBook,
} from '../../testing/home.ts';
import type { ChangeInput } from '../../changes/index.ts';
import { read } from '../answers/read.ts';
import { stretchesOfDay, stretchText } from './stretches.ts';

const HOME: ChangeInput = {
  type: 'house/put-home',
  home: {
    ...TEST_HOME,
    blocks: [
      { id: 'table', name: 'Table time', start: '09:30', minutes: 30 },
      { id: 'groups', name: 'Small groups', start: '10:00', minutes: 30 },
      { id: 'yard', name: 'Yard', start: '11:00', minutes: 60 },
    ],
  },
};
const FOUR = ['ada', 'bo', 'cy', 'di'].map((id) => aChild(id, '2023-01-01'));
const paint = (turn: number, rest: object = {}): ChangeInput =>
  anActivity('paint', { mode: 'whole-group', turnMinutes: turn as never, atOnce: 2, ...rest });
const at = (id: string, blockId: string): ChangeInput =>
  ({
    type: 'unit/place',
    id,
    unitId: TEST_UNIT,
    activityId: 'paint',
    where: { kind: 'day', day: 2, blockId },
  }) as ChangeInput;
const bookWith = (...changes: ChangeInput[]) => testBook(HOME, ...FOUR, ...changes);
const stretches = (book: ReturnType<typeof testBook>) => {
  const { placements, circles, frame } = read(book, TEST_UNIT, A_MONDAY);
  return stretchesOfDay(placements, circles, frame, 2);
};
const told = (book: ReturnType<typeof testBook>, begins: string) =>
  read(book, TEST_UNIT, A_MONDAY).headsUps.filter(({ key }) => key.startsWith(begins));

describe('a morning as it runs', () => {
  test('is measured against the next thing in which nothing is planned, or pick-up', () => {
    expect(stretches(bookWith(paint(10), at('p', 'table'))).map(stretchText)).toEqual([
      'Morning: until 10:00, Small groups at 10:00',
    ]);
    expect(stretches(bookWith(paint(10), at('p', 'yard'))).map(stretchText)).toEqual([
      'Morning: until 12:00, pick-up of di, cy, bo and ada at 12:30',
    ]);
  });

  test('passes on what a block takes too long, as far as the next pause takes it up', () => {
    // Two rounds of 40 minutes and 5 of clean-up: 85 instead of 30 from half past nine.
    const book = bookWith(paint(40, { cleanUpMinutes: 5 as never }), at('p', 'table'), at('q', 'yard'));
    expect(stretches(book).map(stretchText)).toEqual([
      'Morning: until 12:50, pick-up of di, cy, bo and ada at 12:30: 20 min too long',
    ]);
    const [finding] = told(book, 'stretch:');
    expect(finding).toMatchObject({ title: 'Day 2: Morning is 20 min too long', level: 'note', days: [2] });
    expect(finding!.detail).toContain('Table time takes 85 min and has 30 and Yard takes 85 min and has 60.');
  });

  test('that fits, or in which nobody said how long anything takes, is told nothing of', () => {
    expect(told(bookWith(paint(10), at('p', 'table')), 'stretch:')).toEqual([]);
    expect(told(bookWith(anActivity('paint'), at('p', 'table')), 'stretch:')).toEqual([]);
  });

  test('lasts as long as walking through it minute by minute', () => {
    fc.assert(
      fc.property(fc.array(fc.integer({ min: 1, max: 70 }), { minLength: 3, maxLength: 3 }), (turns) => {
        const ids = ['table', 'groups', 'yard'];
        const book = bookWith(
          ...turns.flatMap((turn, i) => [
            anActivity(`a${i}`, { mode: 'whole-group', turnMinutes: turn as never, atOnce: 4 }),
            {
              type: 'unit/place',
              id: `p${i}`,
              unitId: TEST_UNIT,
              activityId: `a${i}`,
              where: { kind: 'day', day: 2, blockId: ids[i] },
            } as ChangeInput,
          ]),
        );
        let clock = 0;
        [570, 600, 660].forEach((start, i) => {
          while (clock < start) clock += 1;
          for (let minute = 0; minute < Math.max(turns[i]!, [30, 30, 60][i]!); minute += 1) clock += 1;
        });
        expect(stretches(book)[0]!.until).toBe(clock);
      }),
      { numRuns: 60 },
    );
  });
});

describe('waiting for a turn', () => {
  test('longer than they sit is told with who, and not where a few do it while the others play', () => {
    const [finding] = told(bookWith(paint(20), at('p', 'yard')), 'wait:');
    expect(finding!.title).toBe('paint: the last wait 20 min for their turn');
    expect(finding!.childIds).toEqual(['di', 'cy', 'bo', 'ada']);
    expect(told(bookWith(paint(20, { mode: 'small-group' }), at('p', 'yard')), 'wait:')).toEqual([]);
    expect(told(bookWith(paint(20, { atOnce: 4 }), at('p', 'yard')), 'wait:')).toEqual([]);
    expect(told(after(bookWith(paint(1), at('p', 'yard')), onDay('q', 'paint', 3)), 'wait:')).toEqual([]);
  });
});
