import { homeOf, type Book } from '../book/index.ts';
import type { ChangeInput } from '../changes/index.ts';
import { CATEGORIES, supplySchema, type Supply } from '../cupboard/index.ts';
import { allergenNamed, type AllergenId } from '../house/index.ts';
import { asName, parseMoney, type Money } from '../measure/index.ts';
import { fieldProblems } from '../wire/index.ts';
import { amountIn, partsOf, readTable, type Cells, type RowPlace } from './read-table.ts';
import { type ImportPreview, type ImportRow } from './rows.ts';
import { SUPPLY_COLUMNS } from './tables.ts';

/** A row of a table of supplies as it was understood. */
export interface SupplyRow {
  readonly supply: Supply;
  /** Whether it is new here; else it is what the house has, with what the row says otherwise. */
  readonly isNew: boolean;
  /** What was counted, in the unit of the supply; null when the row says nothing of it. */
  readonly counted: number | null;
}

/**
 * Reads a table of supplies back, as {@link supplyTable} wrote it or as a spreadsheet changed it. A row with an id, or the name
 * and unit of a supply that is here, changes that one; what has no column stays as it was. Anything else is new. Nothing is taken
 * in before somebody looked at it.
 */
export function readSupplyTable(text: string, book: Book, newId: () => string): ImportPreview<SupplyRow> {
  return readTable(text, {
    columns: SUPPLY_COLUMNS,
    needs: ['name'],
    row: (cells, at) => rowOf(cells, book, newId, at),
    keyOf: ({ supply: { id, name, unit }, isNew }) => (isNew ? `${asName(name)} in ${unit}` : id),
    already: 'This supply stands in the table already',
  });
}

function rowOf(cells: Cells, book: Book, newId: () => string, at: RowPlace): ImportRow<SupplyRow> {
  const hints: string[] = [];
  const own = ownSupply(cells, book);
  const said = fieldsOf(cells, book, hints);
  const blank = { id: newId(), unit: 'piece', use: 'consumable', keptIn: null, allergens: [] };
  const parsed = supplySchema.safeParse({ ...(own ?? blank), ...said, ...packOf(cells, own, book, hints) });
  if (!parsed.success) {
    const [first] = fieldProblems(parsed.error);
    return { ...at, ok: false, why: `${first!.path.join(' ')}: ${first!.message}` };
  }
  const counted = amountIn(cells.get('in stock'), 'in stock', hints);
  return { ...at, ok: true, value: { supply: parsed.data, isNew: own === null, counted }, hints };
}

function ownSupply(cells: Cells, book: Book): Supply | null {
  const byId = book.supplies[cells.get('id') ?? ''];
  if (byId) return byId;
  const [name, unit] = [asName(cells.get('name') ?? ''), cells.get('unit') ?? ''];
  const named = Object.values(book.supplies).filter((one) => asName(one.name) === name);
  return named.find((one) => unit === '' || one.unit === unit) ?? null;
}

// A column that is not there says nothing; an empty cell says that there is none.
function fieldsOf(cells: Cells, book: Book, hints: string[]): object {
  const said: Record<string, unknown> = {};
  const text = (column: string, field: string, empty: null | undefined): void => {
    const cell = cells.get(column);
    if (cell === undefined || (cell === '' && empty === undefined)) return;
    said[field] = cell === '' ? empty : cell;
  };
  said.name = cells.get('name');
  text('unit', 'unit', undefined);
  text('use', 'use', undefined);
  text('got', 'got', undefined);
  text('kept in', 'keptIn', null);
  text('from', 'gotFrom', null);
  text('best before', 'bestBefore', null);
  if (cells.has('low mark')) said.lowMark = amountIn(cells.get('low mark'), 'low mark', hints);
  const category = cells.get('category');
  if (category) {
    const found = Object.entries(CATEGORIES).find(
      ([id, { name }]) => id === category || asName(name) === asName(category),
    );
    if (found) [said.category] = found;
    else hints.push(`no category is called “${category}”`);
  }
  const allergens = cells.get('allergens');
  if (allergens !== undefined)
    said.allergens = partsOf(allergens).flatMap((one): AllergenId[] => {
      const id = allergenNamed(one);
      if (id === null) hints.push(`“${one}” is not an allergen that Kobby knows: write it in its form`);
      return id === null ? [] : [id];
    });
  return said;
}

// The table has the first pack; the others stay.
function packOf(cells: Cells, own: Supply | null, book: Book, hints: string[]): object {
  if (!cells.has('pack')) return {};
  const amount = amountIn(cells.get('pack'), 'pack', hints);
  const others = own?.packs.slice(1) ?? [];
  if (amount === null) return { packs: others };
  const price = priceIn(cells.get('price') ?? '', book, hints);
  // Of another price the table does not say since when.
  const pricedOn = price === own?.packs[0]?.price ? own.packs[0].pricedOn : null;
  const pack = { amount, price, pricedOn, shop: cells.get('shop') || null };
  return { packs: [pack, ...others] };
}

/** A price in a cell, whatever sign of a currency stands at it; null for an empty one, or with a hint for one that is none. */
export function priceIn(cell: string, book: Book, hints: string[]): Money | null {
  if (cell === '') return null;
  const digits = cell.replaceAll(/[^\d.,-]/g, '');
  // As prices above a thousand are shown: 1,234.50.
  const plain = /^\d{1,3}(?:,\d{3})+(?:\.\d+)?$/.test(digits) ? digits.replaceAll(',', '') : digits;
  const price = parseMoney(plain, homeOf(book).currency);
  if (price === null) hints.push(`“${cell}” is not a price`);
  return price;
}

/** The changes that take rows in: what they say of a supply, and what was counted where it is another amount than is known. */
export const supplyRowChanges = (
  rows: readonly SupplyRow[],
  {
    at,
    newId,
    onHand,
  }: { readonly at: string; readonly newId: () => string; readonly onHand: (supplyId: string) => number },
): readonly ChangeInput[] =>
  rows.flatMap(({ supply, counted, isNew }): ChangeInput[] => {
    const put: ChangeInput = { type: 'cupboard/put-supply', supply };
    if (counted === null || (!isNew && onHand(supply.id) === counted)) return [put];
    const move = { id: newId(), supplyId: supply.id, kind: 'counted' as const, amount: counted, at };
    return [put, { type: 'cupboard/record-stock', move }];
  });
