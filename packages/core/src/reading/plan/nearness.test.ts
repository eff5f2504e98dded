import { expect, test } from 'vitest';
import { plainDay } from '../../calendar/index.ts';
import type { ChangeInput } from '../../changes/index.ts';
import { testBook } from '../../testing/home.ts';
import { unitsByNearness } from './plan.ts';

const unit = (id: string, start: string | null): ChangeInput =>
  ({ type: 'unit/start', unit: { id, title: id, style: 'theme', start, dayCount: 3 } }) as never;

test('what runs, what comes next, what was last, then ideas', () => {
  const book = {
    ...testBook(
      unit('later', '2027-05-03'),
      unit('idea', null),
      unit('old', '2027-01-04'),
      unit('next', '2027-04-05'),
      unit('last', '2027-02-01'),
    ),
  };
  const order = unitsByNearness(book, plainDay('2027-03-09')).map((one) => `${one.unit.id} ${one.phase}`);
  expect(order.slice(1)).toEqual(['next to-come', 'later to-come', 'last over', 'old over', 'idea idea']);
  expect(order[0]).toContain(' now');
});
