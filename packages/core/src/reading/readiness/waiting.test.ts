import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import type { Book } from '../../book/index.ts';
import type { ChangeInput } from '../../changes/index.ts';
import { cases } from '../../testing/cases.ts';
import {
  A_MONDAY,
  aChild,
  after,
  aMaterial,
  anActivity,
  aSupply,
  aVersion,
  onDay,
  TEST_HOME,
  TEST_UNIT,
  testBook,
} from '../../testing/home.ts';
import { read } from '../answers/read.ts';

const home = (holds: number, kind = 'press'): ChangeInput => ({
  type: 'house/put-home',
  home: {
    ...TEST_HOME,
    waitingPlaces: [{ id: 'w', name: 'W', kind: kind as never, holds }],
    prepSlots: [
      {
        id: 'eve',
        name: 'Evening',
        start: '19:00',
        minutes: { '1': 60, '2': 60, '3': 60, '4': 60, '5': 60 },
      },
    ],
  },
});
const makes = (id: string, hours: number, rest: object = {}): ChangeInput =>
  anActivity(id, {
    mode: 'whole-group',
    makes: ['leaf cards'],
    makesAfterHours: hours,
    makesWaitsIn: 'press',
    ...rest,
  });
const children = ['ada', 'bo', 'cy'].map((id) => aChild(id, '2023-01-01'));
const told = (book: Book): string[] =>
  read(book, TEST_UNIT, A_MONDAY)
    .headsUps.filter(({ rule }) => rule === 'place-crowded')
    .map(({ level, title, detail }) => `${level} ${title} | ${detail}`);

describe('what children make takes up its place', () => {
  const one = testBook(...children, makes('leaves', 48), onDay('p', 'leaves', 2));

  test('one for each child who has a version', () => {
    expect(told(after(one, home(3)))).toEqual([]);
    expect(told(after(one, home(2)))).toEqual([
      'care The press is too full | It holds 2 at once; 3 would wait in it on Day 2: leaves of Day 2.',
    ]);
    const some = after(
      one,
      home(2),
      makes('older', 48, { versions: [aVersion(120)] }),
      onDay('q', 'older', 2),
    );
    expect(told(after(some, { type: 'unit/unplace', placementId: 'p' }))).toEqual([]);
  });

  test('with what else waits there then, until it is done', () => {
    const two = (day: number): Book => after(one, home(5), onDay('q', 'leaves', day));
    expect(told(two(3))).toEqual([
      'care The press is too full | It holds 5 at once; 6 would wait in it on Day 3: leaves of Day 2 and leaves of Day 3.',
    ]);
    expect(told(two(5))).toEqual([]);
  });

  test('in a home that names no such place nothing is said', () => {
    expect(told(after(one, home(1, 'freezer')))).toEqual([]);
    expect(
      told(after(one, home(1), makes('leaves', 48, { makesWaitsIn: null }), onDay('q', 'leaves', 3))),
    ).toHaveLength(1);
  });

  test('whatever is made when: it is told exactly where more would lie there than fits', () => {
    const making = fc.record({
      day: fc.integer({ min: 1, max: 10 }),
      hours: fc.integer({ min: 1, max: 120 }),
    });
    fc.assert(
      fc.property(
        fc.array(making, { minLength: 1, maxLength: 4 }),
        fc.integer({ min: 1, max: 12 }),
        (makings, holds) => {
          const book = after(
            testBook(...children, home(holds)),
            ...makings.flatMap(({ day, hours }, i) => [makes(`m${i}`, hours), onDay(`p${i}`, `m${i}`, day)]),
          );
          // Hour by hour: Day 1 is Monday 8 March, Day 6 the Monday after; a block ends before noon.
          const begins = ({ day }: { day: number }): number => (day + (day > 5 ? 2 : 0)) * 24 + 12;
          const hours = Array.from({ length: 24 * 30 }, (_, hour) => hour);
          const most = Math.max(
            0,
            ...hours.map(
              (hour) =>
                3 * makings.filter((one) => begins(one) <= hour && hour < begins(one) + one.hours).length,
            ),
          );
          expect(told(book).length > 0).toBe(most > holds);
        },
      ),
      { numRuns: cases(60, 600) },
    );
  });
});

test('what is cooked and waits takes up its place, and finds none where children fill it', () => {
  const recipe: ChangeInput = {
    type: 'library/put-recipe',
    recipe: {
      id: 'tiles',
      title: 'Salt tiles',
      kind: 'dough',
      ingredients: [{ supplyId: 'salt', amount: 100 }],
      yields: { amount: 500, unit: 'g' },
      minutes: 20,
      waitHours: 24,
      waitsIn: 'press',
      cooked: true,
      makesId: 'tile',
    },
  };
  const book = testBook(
    home(3),
    ...children,
    aSupply('salt', { unit: 'g' }),
    aSupply('tile', { unit: 'g' }),
    recipe,
    anActivity('paint', { mode: 'whole-group', materials: [aMaterial('tile', 100)] }),
    onDay('p', 'paint', 4),
  );
  const cook = (of: Book) =>
    read(of, TEST_UNIT, A_MONDAY).ready.entries.find(({ task }) => task.kind === 'cook');
  expect(cook(book)?.task.hold).toEqual({ kind: 'press', units: 1, forMinutes: 24 * 60 });
  expect(cook(book)?.state).toBe('laid');
  const full = after(book, makes('leaves', 96), onDay('q', 'leaves', 1));
  expect([cook(full)?.state, cook(full)?.why?.kind]).toEqual(['unplaced', 'place']);
});
