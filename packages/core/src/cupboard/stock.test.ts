import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { onHand, stockMoveSchema, supplySchema, allergensOf } from './index.ts';

const sticks = supplySchema.parse({
  id: 'sticks',
  name: 'Sticks',
  unit: 'piece',
  use: 'consumable',
  keptIn: null,
  allergens: [],
});
const move = (id: string, kind: string, amount: number, hour: number) =>
  stockMoveSchema.parse({
    id,
    supplyId: 'sticks',
    kind,
    amount,
    at: `2027-03-0${1 + Math.floor(hour / 24)}T${String(hour % 24).padStart(2, '0')}:00:00.000Z`,
  });

describe('on hand', () => {
  test('is the last count and what moved after it', () => {
    const ledger = [
      move('a', 'bought', 50, 1),
      move('b', 'counted', 20, 2),
      move('c', 'bought', 10, 3),
      move('d', 'used', 4, 4),
      move('e', 'thrown', 1, 5),
    ];
    expect(onHand(sticks, ledger).amount).toBe(25);
    expect(onHand(sticks, []).amount).toBe(0);
  });

  test('counts movements without any count from nothing, and never falls below it', () => {
    expect(onHand(sticks, [move('a', 'bought', 5, 1), move('b', 'used', 2, 2)]).amount).toBe(3);
    expect(onHand(sticks, [move('a', 'counted', 5, 1), move('b', 'used', 9, 2)]).amount).toBe(0);
  });

  test('leaves the lines of other supplies alone', () => {
    expect(onHand(sticks, [{ ...move('a', 'bought', 5, 1), supplyId: 'paint' as never }]).amount).toBe(0);
  });

  test('does not depend on the order in which lines arrive', () => {
    const line = fc.record({
      kind: fc.constantFrom('counted', 'bought', 'used', 'thrown'),
      amount: fc.integer({ min: 0, max: 99 }),
      hour: fc.integer({ min: 0, max: 30 }),
    });
    fc.assert(
      fc.property(fc.array(line, { maxLength: 12 }), fc.infiniteStream(fc.nat()), (lines, keys) => {
        const ledger = lines.map(({ kind, amount, hour }, i) => move(`m${i}`, kind, amount, hour));
        const shuffled = ledger
          .map((entry) => [keys.next().value, entry] as const)
          .toSorted(([a], [b]) => a - b)
          .map(([, entry]) => entry);
        expect(onHand(sticks, shuffled)).toEqual(onHand(sticks, ledger));
      }),
    );
  });
});

test('wheat always brings gluten', () => {
  expect([...allergensOf({ ...sticks, allergens: ['wheat'] })]).toEqual(['wheat', 'gluten']);
  expect([...allergensOf({ ...sticks, allergens: ['milk'] })]).toEqual(['milk']);
});

test.each([
  [{ kind: 'eaten' }, 'kind'],
  [{ amount: -1 }, 'amount'],
  [{ amount: Infinity }, 'amount'],
  [{ at: 'yesterday' }, 'at'],
])('a line with %o is refused at its field', (wrong, field) => {
  const line = { id: 'm', supplyId: 's', kind: 'used', amount: 1, at: '2027-03-01T00:00:00.000Z', ...wrong };
  expect(stockMoveSchema.safeParse(line).error?.issues[0]?.path).toEqual([field]);
});
