import { describe, expect, test } from 'vitest';
import { plainDay } from '../../calendar/index.ts';
import type { ChangeInput } from '../../changes/index.ts';
import {
  aCorner,
  after,
  anActivity,
  aSupply,
  inCorner,
  inReserve,
  onDay,
  recorded,
  testBook,
  TEST_UNIT,
} from '../../testing/home.ts';
import { bySeason, yearOf } from './year.ts';
import { couldComeNext } from './could-come.ts';
import { overMonths } from './over-months.ts';

const book = testBook(
  aCorner('a'),
  aSupply('glue'),
  anActivity('sing', { mode: 'whole-group', skills: ['singing'] }),
  anActivity('count', { mode: 'whole-group', skills: ['counting'] }),
  anActivity('stand', { skills: ['counting'] }),
  onDay('p', 'sing', 2),
  onDay('q', 'count', 1),
  onDay('ahead', 'sing', 9),
  inCorner('s', 'stand', 'a', 1, 10),
  inReserve('r', 'sing'),
);
const WEDNESDAY = plainDay('2027-03-10');
const row = (base: typeof book, id: string, today = WEDNESDAY) =>
  overMonths(base, 'development', today).rows.find((one) => one.id === id)!;

const begun = (id: string, title: string, start: string | null): ChangeInput =>
  ({ type: 'unit/start', unit: { ...book.units[TEST_UNIT]!, id, title, start } }) as ChangeInput;

describe('a year month by month', () => {
  test('counts each thing once, in the month of its first day, up to today', () => {
    const { months } = overMonths(book, 'development', WEDNESDAY);
    expect([months.length, months[0], months.at(-1)]).toEqual([12, '2026-04', '2027-03']);
    expect(row(book, 'creative').byMonth.at(-1)).toBe(1);
    expect(row(book, 'thinking')).toMatchObject({ total: 2, lastOn: '2027-03-10', isLongAgo: false });
    expect(row(book, 'physical')).toMatchObject({ total: 0, lastOn: null, isLongAgo: true });
    expect(row(book, 'creative', plainDay('2027-04-01')).byMonth.slice(-2)).toEqual([2, 0]);
  });

  test('leaves out what was said to be skipped each time, and tells what has not been for two months', () => {
    const skipped = after(book, recorded('p', 2, 'skipped'));
    expect(row(skipped, 'creative')).toMatchObject({ total: 0, lastOn: null });
    const stood = after(book, recorded('s', 1, 'skipped'), recorded('s', 2, 'fine'));
    expect(row(stood, 'thinking').total).toBe(2);
    expect(row(book, 'creative', plainDay('2027-05-17')).isLongAgo).toBe(false);
    expect(row(book, 'creative', plainDay('2027-05-18'))).toMatchObject({
      isLongAgo: true,
      lastOn: '2027-03-18',
    });
  });

  test('counts what was done in an event on its day, and not what stepped back for it', () => {
    const market: ChangeInput = {
      type: 'unit/put-event',
      event: {
        ...{ id: 'market', unitId: TEST_UNIT, title: 'Market day', when: { kind: 'day', day: 1 } },
        ...{ fills: true, plan: [{ start: '09:30', text: 'Buy and sell' }] },
      },
    };
    const inIt: ChangeInput = {
      ...{ type: 'unit/place', id: 'e', unitId: TEST_UNIT, activityId: 'sing' },
      where: { kind: 'event', eventId: 'market', start: '09:30' },
    };
    const base = after(book, market, inIt);
    expect(row(base, 'creative').total).toBe(2);
    // “count” had its place on the day of the market.
    expect(row(base, 'thinking').total).toBe(1);
  });

  test('of more than a year ago only the last day is known', () => {
    const later = plainDay('2028-06-01');
    expect(row(book, 'thinking', later)).toMatchObject({ total: 0, lastOn: '2027-03-19', isLongAgo: true });
  });

  test('sums what was paid in its month', () => {
    const bought = (id: string, at: string, paid = 250): ChangeInput =>
      ({
        type: 'cupboard/record-stock',
        move: { id, supplyId: 'glue', kind: 'bought', amount: 1, at, paid },
      }) as ChangeInput;
    const base = after(
      book,
      bought('b-1', '2027-02-03T10:00:00.000Z'),
      bought('b-2', '2027-02-20T10:00:00.000Z'),
      bought('b-3', '2025-02-20T10:00:00.000Z'),
      // Eight in the evening of 31 January by the home's clock.
      bought('b-4', '2027-02-01T02:00:00.000Z', 40),
    );
    expect(overMonths(base, 'development', WEDNESDAY).paid).toEqual([
      { month: '2027-01', amount: 40 },
      { month: '2027-02', amount: 500 },
    ]);
  });

  test('an empty home has a year of nothing', () => {
    const { rows, paid } = overMonths(testBook(), 'subjects', WEDNESDAY);
    expect(rows.every(({ total, lastOn }) => total === 0 && lastOn === null)).toBe(true);
    expect(paid).toEqual([]);
  });
});

describe('what could come next', () => {
  const next = (base: typeof book, today: string) =>
    couldComeNext(base, 'development', plainDay(today)).map(
      ({ kind, title, why }) => `${kind} ${title}: ${why}`,
    );

  test('names ideas that wait, and what was here at this time of other years', () => {
    const base = after(
      book,
      begun('bridges', 'Bridges', null),
      begun('rain', 'Rain', '2027-06-07'),
      recorded('q', 1, 'loved'),
      recorded('p', 2, 'fine'),
      recorded('s', 1, 'skipped'),
    );
    expect(next(base, '2028-03-20')).toEqual([
      'idea Bridges: an idea that waits',
      'again Kites: was here in Mar 2027; loved 1 of 2 times',
    ]);
    expect(next(base, '2027-03-20')).toEqual(['idea Bridges: an idea that waits']);
    expect(next(base, '2029-06-30')).toContain('again Rain: was here in Jun 2027');
  });

  test('names a ready-made unit that brings what has not been for long, unless it was here', () => {
    const ready = (title: string): ChangeInput =>
      ({
        type: 'library/put-ready-unit',
        readyUnit: {
          ...{ id: title.toLowerCase(), title, style: 'theme', dayCount: 5 },
          placements: [{ activityId: 'sing', where: { kind: 'reserve' } }],
        },
      }) as ChangeInput;
    const base = after(book, ready('Bells'), ready('Kites'));
    expect(next(base, '2027-03-10')).toEqual([]);
    expect(next(base, '2027-07-10')).toEqual(['ready Bells: brings Creative, not out for long']);
  });
});

test('themes lie in the season of their first day, the latest year first', () => {
  const base = after(book, begun('rain', 'Rain', '2028-05-02'), begun('snow', 'Snow', '2028-01-10'));
  const seasons = bySeason(yearOf(base, WEDNESDAY).units, 'America/Chicago');
  expect(seasons.spring.map(({ unit }) => unit.title)).toEqual(['Rain', 'Kites']);
  expect(seasons.winter.map(({ unit }) => unit.title)).toEqual(['Snow']);
  expect(seasons.summer).toEqual([]);
});
