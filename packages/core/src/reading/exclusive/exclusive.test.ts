import { describe, expect, test } from 'vitest';
import type { Book } from '../../book/index.ts';
import type { ChangeInput } from '../../changes/index.ts';
import {
  aChild,
  aCorner,
  after,
  aMaterial,
  anActivity,
  aSupply,
  A_MONDAY,
  inCorner,
  onDay,
  TEST_UNIT,
  testBook,
} from '../../testing/home.ts';
import { read } from '../answers/read.ts';

const counted = (amount: number): ChangeInput => ({
  type: 'cupboard/record-stock',
  move: { id: `count-${amount}`, supplyId: 'fan', kind: 'counted', amount, at: '2027-03-01T08:00:00.000Z' },
});
const fan = (amount: number) => ({ materials: [aMaterial('fan', amount, { for: { kind: 'all' } })] });

const book = testBook(
  aChild('bo', '2022-01-01'),
  aSupply('fan', { use: 'reusable' }),
  counted(1),
  aCorner('a'),
  aCorner('b'),
  anActivity('ramp', fan(1)),
  anActivity('lift', fan(1)),
  anActivity('storm', fan(3)),
);
const told = (base: Book, rule: string) =>
  read(base, TEST_UNIT, A_MONDAY)
    .headsUps.filter((finding) => finding.rule === rule)
    .map(({ title, detail }) => `${title}: ${detail}`);

describe('one thing for two places', () => {
  const both = after(book, inCorner('p', 'ramp', 'a', 1, 4), inCorner('q', 'lift', 'b', 3, 8));

  test('is told on the days on which both are out', () => {
    expect(told(both, 'one-for-two')).toEqual([
      'fan in 2 places: ramp and lift need it at the same time on Day 3 and 4: 2 at once, and 1 here.',
    ]);
  });

  test('is nothing when there is enough, when one follows the other, or when blocks differ', () => {
    expect(told(after(both, { ...counted(2) } as ChangeInput), 'one-for-two')).toEqual([]);
    expect(
      told(after(book, inCorner('p', 'ramp', 'a', 1, 4), inCorner('q', 'lift', 'b', 5, 8)), 'one-for-two'),
    ).toEqual([]);
    const blocks = after(book, onDay('p', 'ramp', 2, 'table'), onDay('q', 'lift', 2, 'late'));
    expect(told(blocks, 'one-for-two')).toEqual([]);
  });

  test('is a matter of the supply list when even one place would need more', () => {
    expect(told(after(book, inCorner('p', 'storm', 'a', 1, 4)), 'one-for-two')).toEqual([]);
  });

  test('is told across units whose days overlap, by the numbers of the unit that is read', () => {
    const across = after(
      book,
      {
        type: 'unit/start',
        unit: { id: 'paper', title: 'Paper', style: 'letter', start: '2027-03-10', dayCount: 5 },
      },
      inCorner('p', 'ramp', 'a', 1, 10),
      { ...inCorner('q', 'lift', 'b', 2, 3), unitId: 'paper' },
    );
    expect(told(across, 'one-for-two')).toEqual([
      'fan in 2 places: ramp needs it at the same time on Day 4 and 5 while Paper uses it too: 2 at once, and 1 here.',
    ]);
    const closed = after(across, {
      type: 'house/put-closure',
      closure: { id: 'c', from: '2027-03-11', to: '2027-03-12', why: 'Storm' },
    });
    // Both units go on at the Monday after: Day 4 and 5 again.
    expect(told(closed, 'one-for-two')[0]).toContain('Day 4 and 5');
  });
});

describe('a shared table', () => {
  const shared = after(book, aCorner('b', { sharesTableWith: 'a' }));
  test('is told once, on the days on which both corners are in use', () => {
    const used = after(shared, inCorner('p', 'ramp', 'a', 1, 4), inCorner('q', 'lift', 'b', 3, 8));
    expect(told(used, 'shared-table')).toEqual([
      'b and a share a table: Both have something out on Day 3 and 4. Let one follow the other, or clear half of the table.',
    ]);
    const each = after(used, aCorner('a', { sharesTableWith: 'b' }));
    expect(told(each, 'shared-table')).toHaveLength(1);
  });

  test('is nothing while one corner is empty', () => {
    expect(told(after(shared, inCorner('p', 'ramp', 'a', 1, 4)), 'shared-table')).toEqual([]);
  });
});
