import { isOfOneDay, type DayLine, type Placement } from '../unit/index.ts';
import type { ChangeInput } from './change.ts';

/**
 * The changes that swap two numbered days: what is planned on one and on the other changes places, each in its
 * block. What is pinned stays; what stands in a corner for several days stays too. None when nothing would move.
 */
export function swapDays(
  placements: readonly Placement[],
  lines: readonly DayLine[],
  one: number,
  other: number,
): ChangeInput[] {
  if (one === other) return [];
  const across = (day: number): number | null => (day === one ? other : day === other ? one : null);
  const moves = placements.flatMap((placement): ChangeInput[] => {
    const { id, where, pinned } = placement;
    const day = where.kind === 'day' && !pinned ? across(where.day) : null;
    return day === null || where.kind !== 'day'
      ? []
      : [{ type: 'unit/move', placementId: id, where: { ...where, day } }];
  });
  const rewritten = lines.flatMap((line): ChangeInput[] => {
    // What holds for several days goes on holding for them.
    const day = line.day === null || !isOfOneDay(line) ? null : across(line.day);
    return day === null ? [] : [{ type: 'unit/put-line', line: { ...line, day, toDay: null } }];
  });
  return [...moves, ...rewritten];
}
