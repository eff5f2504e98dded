/**
 * What was typed into a place and is not in the plan yet: it is there again after a reload, a step back, or a look elsewhere. It lies
 * in the tab alone, for it is nobody else's, and goes when it is written in.
 */
const keyOf = (place: string): string => `kobby-jotted:${place}`;

/** What is still to be written into a place; empty for nothing. */
export function jottedAt(place: string): string {
  try {
    return sessionStorage.getItem(keyOf(place)) ?? '';
  } catch {
    return '';
  }
}

/** Whoever signs out leaves nothing half written behind. */
export function forgetJotted(): void {
  try {
    for (const key of Object.keys(sessionStorage))
      if (key.startsWith(keyOf(''))) sessionStorage.removeItem(key);
  } catch {
    // Nothing was kept.
  }
}

/** Remembers what is typed into a place. Where the browser keeps nothing, it is only in the field. */
export function keepJotted(place: string, text: string): void {
  try {
    if (text === '') sessionStorage.removeItem(keyOf(place));
    else sessionStorage.setItem(keyOf(place), text);
  } catch {
    // The field itself still has it.
  }
}
