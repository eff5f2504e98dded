import type { ChangeInput } from '../changes/index.ts';
import { movedTo, type Frame } from '../reading/index.ts';
import type { Placement } from '../unit/index.ts';

/**
 * Something that was begun and not finished stays out: a day's activity comes again in its block on the next program day,
 * a set-up that would end stays a day longer. Nothing to change when there is no day after it, or when it is out then anyway.
 */
export function changesToCarryOn(
  placement: Placement,
  day: number,
  frame: Frame,
  newId: () => string,
): readonly ChangeInput[] {
  const { where, id } = placement;
  const { calendar, unit } = frame;
  if (!calendar.days[day]) return [];
  if (where.kind === 'day')
    return [
      {
        type: 'unit/copy',
        id: `carried-${newId()}`,
        unitId: unit.id,
        placementId: id,
        where: movedTo(where, day + 1, frame),
        outSince: calendar.days[day - 1]!.date,
      },
    ];
  if ((where.kind !== 'corner' && where.kind !== 'bin') || where.toDay > day) return [];
  return [{ type: 'unit/move', placementId: id, where: { ...where, toDay: day + 1 } }];
}
