import type { Book } from '../../book/index.ts';
import type { TickSubject } from '../../daybook/index.ts';
import type { ShareId } from '../../handover/index.ts';
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

/**
 * How much may stand in the home that was written with one link: far more than anybody writes in a unit of days. Whoever found a
 * link could fill the disk otherwise.
 */
export const LINK_QUOTAS = { notes: 500, timers: 20, acts: 600, actsWithinSeconds: 600 } as const;

/** Why nothing more of a kind can be written with a link; null when it can. */
export function quotaReached(book: Book, shareId: ShareId, kind: 'note' | 'start-timer'): string | null {
  const table = kind === 'note' ? 'notes' : 'timers';
  const written = Object.values(book[table]).filter((one) => one.shareId === shareId).length;
  if (written < LINK_QUOTAS[table]) return null;
  return kind === 'note'
    ? `With this link ${LINK_QUOTAS.notes} notes were written: ask for a new one`
    : `${LINK_QUOTAS.timers} timers run already: stop one first`;
}
