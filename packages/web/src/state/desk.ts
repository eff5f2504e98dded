import type { CornerId, Placement, Spot } from '@kobby/core';
import { inject, provide, type InjectionKey } from 'vue';

/** What something is picked for: a corner, a day, a child's bin, the reserve, or something that bad weather may stop. */
export type PickTarget =
  | { readonly cornerId: CornerId }
  | { readonly day: number }
  | { readonly childId: string }
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

const DESK: InjectionKey<Desk> = Symbol('desk');

export const provideDesk = (desk: Desk): void => provide(DESK, desk);

/**
 * The desk that the page lies on.
 * @throws {Error} when the part stands outside of a unit's page.
 */
export function useDesk(): Desk {
  const desk = inject(DESK);
  if (!desk) throw new Error('this part needs the unit page (views/Unit) above it');
  return desk;
}
