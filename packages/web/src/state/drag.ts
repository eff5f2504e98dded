// A press that wanders less than this is a press.
const DRAG_PIXELS = 6;

/** What a drag tells: where it is, by the `data-spot` of what lies under it, and where it ended; null for nowhere. */
interface Drag {
  move(spot: string | null, point: { readonly x: number; readonly y: number }): void;
  end(spot: string | null): void;
}

/**
 * Follows the pointer from where it went down. Nothing is told until it wanders; the press that ends a drag is no press
 * on what lies there.
 */
export function drag(event: PointerEvent, told: Drag): void {
  if (event.button !== 0) return;
  const start = { x: event.clientX, y: event.clientY };
  let over: string | null = null;
  let isDragged = false;
  const move = ({ clientX: x, clientY: y }: PointerEvent): void => {
    if (!isDragged && Math.hypot(x - start.x, y - start.y) < DRAG_PIXELS) return;
    isDragged = true;
    over = document.elementFromPoint(x, y)?.closest<HTMLElement>('[data-spot]')?.dataset.spot ?? null;
    told.move(over, { x, y });
  };
  const stop = (click: Event): void => {
    click.stopPropagation();
    click.preventDefault();
  };
  const end = (last: Event): void => {
    window.removeEventListener('pointermove', move);
    window.removeEventListener('pointerup', end);
    window.removeEventListener('pointercancel', end);
    if (!isDragged) return;
    window.addEventListener('click', stop, { capture: true, once: true });
    setTimeout(() => window.removeEventListener('click', stop, { capture: true }));
    told.end(last.type === 'pointerup' ? over : null);
  };
  window.addEventListener('pointermove', move);
  window.addEventListener('pointerup', end);
  window.addEventListener('pointercancel', end);
}
