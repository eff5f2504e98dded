import type { PlainDay } from '../calendar/index.ts';
import type { ChangeInput } from '../changes/index.ts';
import type { Home } from '../house/index.ts';
import type { Activity } from '../library/index.ts';
import type { Placement, Unit } from '../unit/index.ts';

/** What is worth remembering when something is done again, written to the activity in the library; loved is remembered apart. */
export const changeToRemember = (
  { content, ...rest }: Activity,
  note: { readonly text: string; readonly loved: boolean },
): ChangeInput => ({
  type: 'library/put-activity',
  activity: { ...rest, content: { ...content, notes: [...content.notes, note] } },
});

/** An activity that is proposed no more, or again; what was planned with it stays as it is. */
export const changeToRetire = (activity: Activity, retired: boolean): ChangeInput => ({
  type: 'library/put-activity',
  activity: { ...activity, retired },
});

/** Minutes of a turn as they are here, written into the library. */
export const changeToTurn = ({ content, ...rest }: Activity, minutes: number): ChangeInput => ({
  type: 'library/put-activity',
  activity: { ...rest, content: { ...content, turnMinutes: minutes as Activity['content']['turnMinutes'] } },
});

/** From now on turns are measured anew: no minutes that were recorded until then count. */
export const minutesAnew = (home: Home, now: string): ChangeInput => ({
  type: 'house/put-home',
  home: { ...home, minutesSince: now } as HomeInput,
});
type HomeInput = Extract<ChangeInput, { type: 'house/put-home' }>['home'];

const DAYS_OF_A_WEEK = 5;

/**
 * What stood in a corner stays out for the first week of another unit, and counts its weeks on from the day since which it is out.
 * @throws {Error} for what stands in no corner.
 */
export function changeToStay(
  { id, where }: Placement,
  since: PlainDay,
  { id: unitId, dayCount }: Pick<Unit, 'id' | 'dayCount'>,
  copyId: string,
): ChangeInput {
  if (where.kind !== 'corner') throw new Error('Only what stands in a corner stays out');
  return {
    type: 'unit/copy',
    id: copyId,
    unitId,
    placementId: id,
    where: { ...where, fromDay: 1, toDay: Math.min(DAYS_OF_A_WEEK, dayCount) },
    outSince: since,
  };
}
