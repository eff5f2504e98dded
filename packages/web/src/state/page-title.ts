import { nextTick, onScopeDispose, shallowReactive, watch } from 'vue';

// Where one is, in the title of the window: the page, and what it belongs to.
const shown = shallowReactive({ page: '', place: '' });
watch(
  () => [shown.page, shown.place, 'Kobby'].filter(Boolean).join(' · '),
  (title) => {
    if (typeof document !== 'undefined') document.title = title;
  },
  { flush: 'sync' },
);

/** Says in the title of the window what page this is, or to what it belongs, for as long as it stands there. */
export function useTitle(part: keyof typeof shown, title: () => string): void {
  let own = '';
  watch(
    title,
    (now) => {
      own = now;
      shown[part] = now;
    },
    { immediate: true },
  );
  onScopeDispose(() => {
    // The next page may stand there already.
    if (shown[part] === own) shown[part] = '';
  });
}

const MOST_FRAMES = 60;
const frame = (): Promise<void> => new Promise((drawn) => requestAnimationFrame(() => drawn()));

/**
 * After a change of page: the focus goes to its heading, so that whoever listens hears where she is, and whoever goes on by key begins
 * there. A field that asks for it keeps it.
 */
export async function focusHeading(isStill: () => boolean): Promise<void> {
  await nextTick();
  const before = document.activeElement;
  let heading: HTMLElement | null = null;
  for (let frames = 0; frames < MOST_FRAMES && !heading; frames += 1) {
    await frame();
    heading = document.querySelector<HTMLElement>('main h1, h1');
  }
  const now = document.activeElement;
  if (!heading || !isStill() || (now !== before && now !== document.body)) return;
  if (now?.matches('input, textarea, select')) return;
  heading.tabIndex = -1;
  heading.focus({ preventScroll: true });
}
