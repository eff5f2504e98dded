/**
 * Goes by the arrow keys through what is listed, from where the hands are: the next or the one before; from a field above the list down to
 * its first. Any other key is left alone.
 * @param stops what can be gone to, in its order.
 * @returns whether the key was one of them.
 */
export function walk(event: KeyboardEvent, stops: readonly HTMLElement[]): boolean {
  const by = { ArrowDown: 1, ArrowUp: -1 }[event.key];
  if (by === undefined || stops.length === 0) return false;
  event.preventDefault();
  const now = stops.findIndex(
    (stop) => stop === event.target || stop.closest('li')?.contains(event.target as Node),
  );
  stops[Math.min(Math.max(now + by, 0), stops.length - 1)]!.focus();
  return true;
}
