import {
  formatQuantity,
  furtherColumns,
  furtherOf,
  parseAmount,
  propertyOf,
  quantity,
  THING_COLUMN_IDS,
  THING_COLUMNS,
  usedColumns,
  withFurther,
  type Thing,
  type ThingColumn,
  type UnitSystem,
} from '@kobby/core';

/** A column of the table of things: one that Kobby knows, one of the home's own, or what stands for a thing in the room. */
export type Column =
  | { readonly kind: 'known'; readonly id: ThingColumn }
  | { readonly kind: 'own'; readonly id: string }
  | { readonly kind: 'room'; readonly id: 'room' };

export const ROOM: Column = { kind: 'room', id: 'room' };
export const keyOf = ({ kind, id }: Column): string => `${kind}:${id}`;
export const titleOf = ({ kind, id }: Column): string =>
  kind === 'known' ? THING_COLUMNS[id] : kind === 'own' ? id : 'In the room as';

/** The columns that stand: what at least one of the things has, and what was asked for. */
export function columnsOf(things: readonly Thing[], asked: readonly Column[]): readonly Column[] {
  const used = usedColumns(things);
  const isAsked = (column: Column): boolean => asked.some((one) => keyOf(one) === keyOf(column));
  const known = THING_COLUMN_IDS.map((id): Column => ({ kind: 'known', id }));
  const own = furtherColumns(things).map((id): Column => ({ kind: 'own', id }));
  return [
    ...known.filter((column) => used.has(column.id as ThingColumn) || isAsked(column)),
    ...own,
    ...asked.filter((column) => column.kind === 'own' && !own.some((one) => keyOf(one) === keyOf(column))),
    ...(things.some(({ supplyId }) => supplyId !== null) || isAsked(ROOM) ? [ROOM] : []),
  ];
}

/** What stands in a place of the table, as people read and write it. */
export function textIn(thing: Thing, { kind, id }: Column, units: UnitSystem): string {
  if (kind === 'own') return furtherOf(thing, id) ?? '';
  if (kind === 'room') return thing.supplyId ?? '';
  const value = propertyOf(thing, id);
  if (id === 'sizeMm' && typeof value === 'number') return formatQuantity(quantity(value, 'mm'), units);
  return Array.isArray(value) ? value.join(', ') : value === null ? '' : String(value);
}

const LISTS: ReadonlySet<ThingColumn> = new Set(['parts', 'rhymes']);
const NUMBERS: ReadonlySet<ThingColumn> = new Set(['rank', 'syllables']);

function valueOf(column: ThingColumn, text: string): { value: unknown } | { message: string } {
  const words = text.trim();
  if (LISTS.has(column))
    return {
      value: words
        .split(',')
        .map((part) => part.trim())
        .filter(Boolean),
    };
  if (words === '') return { value: null };
  if (NUMBERS.has(column)) return { value: Number(words) };
  if (column !== 'sizeMm') return { value: words };
  const parsed = parseAmount(words, 'mm', null);
  return parsed.ok ? { value: parsed.quantity.amount } : { message: parsed.message };
}

/** A thing with what was typed into a place of the table; a message when that cannot be read. What somebody said is no guess any more. */
export function written(
  thing: Thing,
  { kind, id }: Column,
  text: string,
): { readonly thing: Thing } | { readonly message: string } {
  if (kind === 'own') return { thing: withFurther(thing, id, text.trim() || null) };
  if (kind === 'room') return { thing: { ...thing, supplyId: (text || null) as Thing['supplyId'] } };
  const said = valueOf(id, text);
  if ('message' in said) return said;
  return {
    thing: { ...thing, guessed: thing.guessed.filter((guess) => guess !== id), [id]: said.value },
  };
}

/** Whether it was filled in for somebody and nobody said it otherwise. */
export const isGuess = (thing: Thing, { kind, id }: Column): boolean =>
  kind === 'known' &&
  ((thing.guessed as readonly string[]).includes(id) ||
    id === 'rhymes' ||
    ((id === 'firstSound' || id === 'syllables') && thing[id] === null));

/** The things by what stands in a column, those with nothing there last; in their own order where no column is given. */
export function orderedBy(
  things: readonly Thing[],
  column: Column | null,
  units: UnitSystem,
): readonly Thing[] {
  if (!column) return things;
  const { kind, id } = column;
  const size = (thing: Thing): number => (kind === 'known' && id === 'sizeMm' ? (thing.sizeMm ?? 0) : 0);
  return things.toSorted((a, b) => {
    const [x, y] = [textIn(a, column, units), textIn(b, column, units)];
    if (x === '' || y === '') return Number(x === '') - Number(y === '');
    return size(a) - size(b) || x.localeCompare(y, 'en', { numeric: true, sensitivity: 'base' });
  });
}
