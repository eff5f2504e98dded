import type { Book } from '../book/index.ts';
import type { PlainDay } from '../calendar/index.ts';
import type { ChangeInput } from '../changes/index.ts';
import type { Supply } from '../cupboard/index.ts';
import { asName, type Money } from '../measure/index.ts';
import { read } from '../reading/index.ts';
import type { UnitId } from '../unit/index.ts';
import { amountIn, readTable } from './read-table.ts';
import type { ImportPreview, ImportRow } from './rows.ts';
import { priceIn } from './supply-table.ts';

/** What was bought of one line of a shopping list. */
export interface BoughtRow {
  readonly supply: Supply;
  /** In the unit of the supply. */
  readonly amount: number;
  /** Whether it was ticked while shopping: the tick goes when it is put away. */
  readonly isTicked: boolean;
  readonly paid: Money | null;
}

/**
 * Reads a shopping list back that {@link shoppingTable} wrote and somebody filled in: how much was bought, and what it cost in all.
 * A line of which nothing was bought is passed over.
 */
export function readShoppingTable(
  text: string,
  book: Book,
  unitId: UnitId,
  today: PlainDay,
): ImportPreview<BoughtRow> {
  const needed = read(book, unitId, today).supplies;
  const preview = readTable<BoughtRow | null>(text, {
    columns: ['name', 'unit', 'bought', 'paid'],
    needs: ['name', 'bought'],
    row: (cells, at) => {
      const hints: string[] = [];
      const [name, unit] = [cells.get('name') ?? '', cells.get('unit') ?? ''];
      const named = needed.filter((one) => asName(one.supply.name) === asName(name));
      const line = named.find((one) => unit === '' || one.supply.unit === unit);
      const amount = amountIn(cells.get('bought'), 'bought', hints);
      if (amount === null && hints.length === 0) return { ...at, ok: true, value: null, hints };
      if (!line) return { ...at, ok: false, why: `“${name}” is not on this list` };
      if (amount === null || amount === 0) return { ...at, ok: false, why: hints[0] ?? 'bought: nothing' };
      const paid = priceIn(cells.get('paid') ?? '', book, hints);
      const value = { supply: line.supply, amount, isTicked: line.pickup !== null, paid };
      return { ...at, ok: true, value, hints };
    },
    keyOf: (value) => value?.supply.id ?? null,
    already: 'This stands in the list already',
  });
  return {
    ...preview,
    rows: preview.rows.flatMap((row): ImportRow<BoughtRow>[] => {
      if (!row.ok) return [row];
      return row.value ? [{ ...row, value: row.value }] : [];
    }),
  };
}

/** The changes that put what was bought for a unit into the cupboard. */
export const boughtRowChanges = (
  rows: readonly BoughtRow[],
  { at, unitId, newId }: { readonly at: string; readonly unitId: UnitId; readonly newId: () => string },
): readonly ChangeInput[] =>
  rows.flatMap(({ supply, amount, isTicked, paid }): ChangeInput[] => [
    {
      type: 'cupboard/record-stock',
      move: { id: newId(), supplyId: supply.id, kind: 'bought', amount, at, paid, forUnit: unitId },
    },
    ...(isTicked ? [{ type: 'gather/put-back' as const, subject: { unitId, supplyId: supply.id } }] : []),
  ]);
