import type { ChildId, Corner, CornerId } from '../../house/index.ts';
import type { Activity, ActivityContent } from '../../library/index.ts';
import type { Placement, Where } from '../../unit/index.ts';
import { freeBlock, freeSpan, type Cubby } from '../balance/shelf.ts';
import type { Frame } from '../plan/plan.ts';
import { movedTo } from './order.ts';

/** A place of a unit into which something can be put by hand. */
export type PutSpot =
  | { readonly kind: 'corner'; readonly cornerId: CornerId }
  | { readonly kind: 'day'; readonly day: number }
  | { readonly kind: 'bin'; readonly childId: ChildId }
  | { readonly kind: 'reserve' };

/** A key for a spot, the same for equal spots: `day:3`. */
export function spotKey(spot: PutSpot): string {
  if (spot.kind === 'corner') return `corner:${spot.cornerId}`;
  if (spot.kind === 'day') return `day:${spot.day}`;
  return spot.kind === 'bin' ? `bin:${spot.childId}` : spot.kind;
}

/** What of a reading decides where something comes to stand. */
interface Room {
  readonly frame: Frame;
  readonly placements: readonly Placement[];
  readonly shelf: readonly Cubby[];
}

/**
 * Where exactly something comes to stand that is put into a place: what has days of its own keeps their number, and
 * what has a block keeps it; anything else gets what is free there. `was` is where it stood before; null for something
 * new.
 */
export function whereAt(spot: PutSpot, was: Where | null, { frame, placements, shelf }: Room): Where {
  if (spot.kind === 'reserve') return spot;
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
  where: { kind: 'reserve' },
  pinned: false,
  choices: [],
  leadId: null,
  bin: null,
  outSince: null,
});
