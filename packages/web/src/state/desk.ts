import type { CornerId, EventId, Placement, Spot } from '@kobby/core';
import { createContext } from './context.ts';

/** What something is picked for: a corner, a day, a child's bin, the reserve, or something that bad weather may stop. */
export type PickTarget =
  | { readonly cornerId: CornerId }
  | { readonly day: number }
  | { readonly childId: string }
  | { readonly eventId: EventId }
  | { readonly twinOf: Placement['id'] };

/** What any part of a unit's page may ask its desk to lay open. */
export interface Desk {
  /** A closer look at something that is placed. */
  open(placementId: Placement['id']): void;
  /** A list to pick from for a place; `activityId` when it is chosen already and only its words are asked for. */
  pick(target: PickTarget, activityId?: string): void;
  /** The ledge, with what could fill a thin spot. */
  look(spot: Spot): void;
}

/** The desk that the page lies on. */
export const [provideDesk, useDesk] = createContext<Desk>('desk', 'the unit page (views/Unit)');
