import type { Block, ChildId, Corner, CornerId, Home } from '../../house/index.ts';
import type { Activity, ActivityContent } from '../../library/index.ts';
import type { EventId, Placement, SpecialEvent, Where } from '../../unit/index.ts';
import { clockSpan, clockTimeSchema, minutesSinceMidnight, type ClockTime } from '../../calendar/index.ts';
import { freeBlock, freeSpan, type Cubby } from '../balance/shelf.ts';
import type { Frame } from '../plan/plan.ts';
import { movedTo } from './order.ts';

/** A place of a unit into which something can be put by hand. */
export type PutSpot =
  | { readonly kind: 'corner'; readonly cornerId: CornerId }
  | { readonly kind: 'day'; readonly day: number }
  | { readonly kind: 'bin'; readonly childId: ChildId }
  | { readonly kind: 'event'; readonly eventId: EventId }
  | { readonly kind: 'reserve' };

/** A key for a spot, the same for equal spots: `day:3`. */
export function spotKey(spot: PutSpot): string {
  if (spot.kind === 'corner') return `corner:${spot.cornerId}`;
  if (spot.kind === 'day') return `day:${spot.day}`;
  if (spot.kind === 'event') return `event:${spot.eventId}`;
  return spot.kind === 'bin' ? `bin:${spot.childId}` : spot.kind;
}

/** What of a reading decides where something comes to stand. */
interface Room {
  readonly frame: Frame;
  readonly placements: readonly Placement[];
  readonly shelf: readonly Cubby[];
  readonly events: readonly SpecialEvent[];
}

/**
 * Where exactly something comes to stand that is put into a place: what has days of its own keeps their number, and
 * what has a block keeps it; anything else gets what is free there. `was` is where it stood before; null for something
 * new.
 */
export function whereAt(spot: PutSpot, was: Where | null, { frame, placements, shelf, events }: Room): Where {
  if (spot.kind === 'reserve') return spot;
  if (spot.kind === 'event') {
    if (was?.kind === 'event' && was.eventId === spot.eventId) return was;
    const event = events.find(({ id }) => id === spot.eventId);
    return { ...spot, start: event ? lastStart(event) : EVENT_BEGINS };
  }
  if (spot.kind === 'day')
    return was?.kind === 'day'
      ? movedTo(was, spot.day, frame)
      : { ...spot, blockId: freeBlock(placements, spot.day, frame).id };
  const spanned = was?.kind === 'corner' || was?.kind === 'bin' ? was : null;
  if (spot.kind === 'bin')
    return { ...spot, fromDay: spanned?.fromDay ?? 1, toDay: spanned?.toDay ?? frame.unit.dayCount };
  const cubby = shelf.find(({ corner }) => corner.id === spot.cornerId);
  const free = cubby ? freeSpan(cubby, frame) : { fromDay: 1, toDay: frame.unit.dayCount };
  return { ...spot, fromDay: spanned?.fromDay ?? free.fromDay, toDay: spanned?.toDay ?? free.toDay };
}

// Where nobody said when, in the last part of what is planned; at this time where nothing is.
const EVENT_BEGINS = clockTimeSchema.parse('09:30');
const lastStart = ({ plan }: SpecialEvent): ClockTime =>
  plan
    .map(({ start }) => start)
    .toSorted()
    .at(-1) ?? EVENT_BEGINS;

/** The block of the day that is on at a time, or else the last that began before it; the first of all for what is sooner. */
export function blockAt({ blocks }: Home, time: ClockTime): Block {
  const at = minutesSinceMidnight(time);
  const byTime = blocks.toSorted((a, b) => (a.start < b.start ? -1 : 1));
  const on = byTime.findLast(({ start, minutes }) => start <= time && at < clockSpan(start, minutes).to);
  return on ?? byTime.findLast(({ start }) => start <= time) ?? byTime[0]!;
}

/** What speaks against a corner for an activity: `It is made for blocks or floor games`; null when nothing does. */
export function cornerDoubt({ cornerKinds }: ActivityContent, { kind }: Pick<Corner, 'kind'>): string | null {
  if (cornerKinds.length === 0 || cornerKinds.includes(kind)) return null;
  return `It is made for ${cornerKinds.map((one) => one.replaceAll('-', ' ')).join(' or ')}`;
}

/** An activity of the library as it would be placed: for asking what would become of it before it is. */
export const asPlaced = ({ id, version, content }: Activity, { unit }: Frame): Placement => ({
  id: `would-be-${id}` as Placement['id'],
  version: 0,
  unitId: unit.id,
  originId: id,
  originVersion: version,
  content,
  shownBy: { name: content.title, picture: content.picture },
  where: { kind: 'reserve' },
  pinned: false,
  choices: [],
  leadId: null,
  bin: null,
  aboutId: null,
  outSince: null,
});
