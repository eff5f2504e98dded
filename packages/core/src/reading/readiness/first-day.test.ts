import { expect, test } from 'vitest';
import { plainDay, type PlainDay } from '../../calendar/index.ts';
import { TEST_HOME, testBook, TEST_UNIT } from '../../testing/home.ts';
import type { Book, ChangeInput } from '../../index.ts';
import { firstDayFor } from './first-day.ts';

const home = (more: Partial<typeof TEST_HOME>): ChangeInput => ({
  type: 'house/put-home',
  home: { ...TEST_HOME, ...more },
});
const NAPS = {
  id: 'nap',
  name: 'Nap',
  start: '13:00',
  minutes: { '1': 40, '2': 40, '3': 40, '4': 40, '5': 40 },
};
const withNaps = home({ prepSlots: [NAPS] });
const planless = (...changes: ChangeInput[]): Book => ({ ...testBook(...changes), units: {} });
// 11 March 2027 is a Thursday.
const [thursday, friday] = [plainDay('2027-03-11'), plainDay('2027-03-12')];

test.each([
  [
    'there is time before the next week',
    thursday,
    [home({ prepSlots: [NAPS], values: { firstDayMinutes: 40 } })],
    '2027-03-15',
  ],
  ['there is too little before it', thursday, [withNaps], '2027-03-22'],
  [
    'more is asked than a week has',
    thursday,
    [home({ prepSlots: [NAPS], values: { firstDayMinutes: 241 } })],
    '2027-03-29',
  ],
  ['nothing is known of such times', friday, [], '2027-03-15'],
  [
    'the week begins closed',
    thursday,
    [{ type: 'house/put-closure', closure: { id: 'c', from: '2027-03-15', to: '2027-03-15', why: 'Visit' } }],
    '2027-03-16',
  ],
] satisfies readonly (readonly [string, PlainDay, readonly ChangeInput[], string])[])(
  'a new unit is proposed where %s',
  (_, today, changes, day) => {
    expect(firstDayFor(planless(...changes), today)).toBe(day);
  },
);

test('what is planned already comes first', () => {
  const book = testBook(withNaps);
  const { start, dayCount } = book.units[TEST_UNIT]!;
  // Its last day is Friday the 19th.
  expect([start, dayCount]).toEqual(['2027-03-08', 10]);
  expect(firstDayFor(book, plainDay('2027-03-05'))).toBe('2027-03-22');
});

test('a home that is closed for good is given the next day', () => {
  const closed: ChangeInput = {
    type: 'house/put-closure',
    closure: { id: 'c', from: '2027-03-01', to: '2037-03-01', why: 'Closed' },
  };
  expect(firstDayFor(planless(closed), thursday)).toBe('2027-03-12');
});
