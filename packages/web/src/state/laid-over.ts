// What lies over the page, the newest last. Stepping back takes it off before it leaves the page: on a phone that is the gesture for it.
const over: (() => void)[] = [];

/** Says that something lies over the page, and how it is taken off. What comes back says that it is gone. */
export function layOver(takeOff: () => void): () => void {
  const own = (): void => takeOff();
  over.push(own);
  return () => {
    const at = over.indexOf(own);
    if (at >= 0) over.splice(at, 1);
  };
}

/** Takes off what lies on top; false when nothing does. */
export function takeOffTop(): boolean {
  const top = over.at(-1);
  top?.();
  return top !== undefined;
}

let stepping = false;
/** Whether the browser is going back or forward by itself, and nobody followed a link. */
export const isStep = (): boolean => stepping;

/** Watches for steps; to be called before anything else listens for them. */
export function watchSteps(): void {
  window.addEventListener('popstate', () => {
    stepping = true;
    // Whoever listens after this one asks before that.
    setTimeout(() => (stepping = false));
  });
}
