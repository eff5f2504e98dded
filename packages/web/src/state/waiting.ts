import { gestureSchema, type Actor, type Gesture } from '@kobby/core';
import { z } from 'zod';

// Gestures outlive a reload or a flat battery until the server has kept them; their ids make sending them twice harmless.
const keyOf = (me: Actor): string => `kobby.waiting.${me.id}`;

/** Notes on this device what is still on its way. A full or forbidden store only means that a reload forgets it. */
export function rememberWaiting(me: Actor, waiting: readonly Gesture[]): void {
  try {
    if (waiting.length === 0) forgetWaiting(me);
    else localStorage.setItem(keyOf(me), JSON.stringify(waiting));
  } catch {
    // Shown as waiting in the page all the same.
  }
}

export const forgetWaiting = (me: Actor): void => localStorage.removeItem(keyOf(me));

/** What was still on its way when the page was last closed; what cannot be read any more is left out. */
export function waitingFromBefore(me: Actor): readonly Gesture[] {
  try {
    const list = z.array(z.unknown()).parse(JSON.parse(localStorage.getItem(keyOf(me)) ?? '[]'));
    return list.flatMap((one) => {
      const parsed = gestureSchema.safeParse(one);
      return parsed.success ? [parsed.data] : [];
    });
  } catch {
    return [];
  }
}
