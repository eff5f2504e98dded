import { describe, expect, test } from 'vitest';
import type { ChangeInput } from '../../changes/index.ts';
import { plainDay } from '../../calendar/index.ts';
import { aChild, after, TEST_HOME, testBook } from '../../testing/home.ts';
import { daysAhead } from './days-ahead.ts';

const bands = [
  { fromMonths: 0, perAdult: 3 },
  { fromMonths: 24, perAdult: 6 },
];
const rule = (ratio: object): ChangeInput => ({ type: 'house/put-home', home: { ...TEST_HOME, ratio } });
const mara: ChangeInput = {
  type: 'house/put-person',
  person: { id: 'mara', name: 'Mara', role: 'provider', work: { '4': ['morning'], '5': ['morning'] } },
};
// Ada is two on Friday 12 March.
const book = testBook(
  aChild('ada', '2025-03-12'),
  aChild('bo', '2022-01-01'),
  aChild('eli', '2021-01-01'),
  aChild('uma', '2021-01-01'),
  { type: 'house/put-closure', closure: { id: 'c', from: '2027-03-15', to: '2027-03-15', why: 'Cleaning' } },
);
const seen = (of: typeof book) =>
  daysAhead(of, plainDay('2027-03-11'), 5).map(({ date, closed, spans }) => [
    date,
    closed ?? spans.map((span) => [span.children, span.adults, span.needed, ...span.beyond].join(' ')).join(),
  ]);

describe('the days ahead', () => {
  test('are the working ones, closed ones named, with everybody counted', () => {
    expect(seen(book)).toEqual([
      ['2027-03-11', '4 0 0'],
      ['2027-03-12', '4 0 0'],
      ['2027-03-15', 'Cleaning'],
    ]);
  });

  test('leave out the hours without children', () => {
    const late: ChangeInput = {
      type: 'house/put-person',
      person: { id: 'mara', name: 'Mara', role: 'provider', work: { '4': ['morning', 'afternoon'] } },
    };
    const [day] = daysAhead(after(book, late), plainDay('2027-03-11'), 1);
    expect(day!.spans.map((span) => [span.from / 60, span.to / 60, span.adults, span.atWork])).toEqual([
      [7.5, 12.5, 1, ['Mara']],
    ]);
  });

  test("hold adults against the home's own rule, and follow a birthday", () => {
    expect(seen(after(book, rule({ bands }), mara)).slice(0, 2)).toEqual([
      ['2027-03-11', '4 1 2 2 adults by your rule'],
      ['2027-03-12', '4 1 1'],
    ]);
  });

  test('do not count adults against it before anybody entered work', () => {
    expect(seen(after(book, rule({ bands })))[0]).toEqual(['2027-03-11', '4 0 2']);
  });

  test.each<[string, object, string]>([
    ['a group at its largest', { largestGroup: 4 }, '4 0 0'],
    ['a larger one', { largestGroup: 3 }, '4 0 0 your largest group is 3'],
    ['as many young ones as may be', { young: { underMonths: 24, most: 1 } }, '4 0 0'],
    ['more of them', { young: { underMonths: 24, most: 1 } }, '5 0 0 2 under 24 months'],
  ])('say of %s', (name, ratio, text) => {
    const more = name === 'more of them' ? [aChild('ida', '2026-01-01')] : [];
    expect(seen(after(book, rule(ratio), ...more))[0]?.[1]).toBe(text);
  });
});
