import { expect, test } from 'vitest';
import { homeOf } from '../book/index.ts';
import { testBook } from '../testing/home.ts';
import { proposedWeek, type Home } from './index.ts';

const home = {
  ...homeOf(testBook()),
  parts: [
    { id: 'morning', name: 'Morning', from: '07:30', to: '12:30' },
    { id: 'afternoon', name: 'Afternoon', from: '12:30', to: '15:30' },
    { id: 'after-school', name: 'After school', from: '15:30', to: '17:30' },
  ],
} as Home;

test('the first of a group is proposed every working day, without what is for after school', () => {
  const ordinary = ['morning', 'afternoon'];
  expect(proposedWeek(home, [])).toEqual({
    ...{ '1': ordinary, '2': ordinary, '3': ordinary, '4': ordinary, '5': ordinary },
  });
});

test('each one after it as the one before', () => {
  const first = { '1': ['morning'] } as never;
  const last = { '2': ['morning'], '4': ['morning'] } as never;
  expect(proposedWeek(home, [first, last])).toBe(last);
});
