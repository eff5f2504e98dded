import { read, type Book, type CircleRun, type PlainDay, type Unit, type UnitId } from '@kobby/core';

/** The circle of a day as it is printed; null where there is no such unit, day or circle. */
export function printedRun(
  book: Book,
  today: PlainDay,
  unitId: UnitId,
  day: number,
  blockId: string,
): { readonly unit: Unit; readonly run: CircleRun; readonly factor: number } | null {
  const unit = book.units[unitId];
  if (!unit) return null;
  const { circles } = read(book, unitId, today);
  const block = circles.blocks.find(({ id }) => id === blockId);
  const run = block ? circles.on(day, block, 'in') : null;
  return run && { unit, run, factor: circles.patience.factor };
}
