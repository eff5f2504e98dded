import type { TickSubject } from '../../daybook/index.ts';
import type { PlacementId, PrepTaskId } from '../../unit/index.ts';
import type { Handover } from './handover-schema.ts';

/** What the holder of a link ticks: something of a day, or something that is made ready. */
export type SharedSubject = TickSubject | { readonly taskId: PrepTaskId };

/** Whether a link lets its holder tick a subject: only what it shows can be ticked. */
export const mayTick = (handover: Handover, subject: SharedSubject): boolean =>
  handover.days.some((day) =>
    'taskId' in subject
      ? day.ready.some(({ taskId }) => taskId === subject.taskId)
      : day.number === subject.day &&
        day.items.some(
          (item) =>
            item.placementId === subject.placementId &&
            (subject.supplyId === null || item.things.some((thing) => thing.supplyId === subject.supplyId)),
        ),
  );

/** Whether a link lets its holder write about something on a day: the day itself, or what stands on it. */
export const mayWrite = (handover: Handover, day: number, placementId: PlacementId | null): boolean =>
  handover.days.some(
    ({ number, items }) =>
      number === day && (placementId === null || items.some((item) => item.placementId === placementId)),
  );
