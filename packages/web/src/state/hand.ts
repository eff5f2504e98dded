import { nextTick, onBeforeUnmount, onMounted, ref, shallowRef, watch } from 'vue';
import { drag } from './drag.ts';

/**
 * The hand of a person: takes one thing of a page and puts it into a place there. A mouse drags; a finger drags by the grip;
 * whoever taps the grip, or presses it by key, has the thing in hand and then presses where it goes; Alt and an arrow moves
 * what has the focus. Every page that arranges something has one of its own kind: what the things are and what putting them
 * somewhere means differs, how a hand works does not.
 */
export abstract class Hand<T extends object> {
  readonly held = shallowRef<T | null>(null);
  /** The key of the spot that is pointed at, as it stands in `data-spot`. */
  readonly over = ref<string | null>(null);
  /** Where the pointer is while something is dragged. */
  readonly point = shallowRef<{ readonly x: number; readonly y: number } | null>(null);
  /** What was just done, for those who cannot see it. */
  readonly said = ref('');

  abstract nameOf(thing: T): string;
  /** What tells a thing from others while both change. */
  protected abstract idOf(thing: T): string;
  /** Selects what shows a thing on the page: it has the focus again after it was put. */
  protected abstract shownBy(thing: T): string;
  /** Puts what is in hand into the spot with this key; false when nothing can be put there. */
  protected abstract drop(spot: string): boolean;
  /** Moves something by one place, on or back; nothing at the ends. */
  abstract nudge(thing: T, by: 1 | -1): void;
  /** What to do next with what was taken. */
  protected readonly next: string = 'Choose where it goes, or press Escape.';

  isHeld(thing: T): boolean {
    return this.held.value !== null && this.idOf(this.held.value) === this.idOf(thing);
  }

  /** Takes something, or puts it back when it is in hand already. */
  take(thing: T): void {
    if (this.isHeld(thing)) return this.letGo();
    this.over.value = null;
    this.held.value = thing;
    this.said.value = `${this.nameOf(thing)} is picked up. ${this.next}`;
  }

  letGo(): void {
    this.held.value = null;
    this.over.value = null;
    this.point.value = null;
  }

  /** Begins to drag once the pointer wanders. Anything but a mouse scrolls, except by a grip. */
  grab(event: PointerEvent, thing: T): void {
    drag(event, {
      move: (spot, point) => {
        this.held.value = thing;
        this.point.value = point;
        this.over.value = spot;
      },
      end: (spot) => {
        if (spot === null || !this.drop(spot)) this.letGo();
      },
    });
  }

  /** The keys of a thing that has the focus: Alt and an arrow move it. */
  onKey(event: KeyboardEvent, thing: T): void {
    const by = STEPS[event.key];
    if (!event.altKey || by === undefined) return;
    event.preventDefault();
    this.nudge(thing, by);
  }

  /** Empties the hand, for putting what was in it. */
  protected release(): T | null {
    const thing = this.held.value;
    this.letGo();
    return thing;
  }

  /** Says what became of a thing, and gives it back the focus where it is shown now. */
  protected settled(thing: T, text: string): void {
    this.said.value = text;
    void nextTick(() =>
      document.querySelector<HTMLElement>(this.shownBy(thing))?.focus({ preventScroll: true }),
    );
  }
}

const STEPS: Readonly<Record<string, 1 | -1>> = { ArrowLeft: -1, ArrowUp: -1, ArrowRight: 1, ArrowDown: 1 };

/** Lets a hand live with its page: Escape puts back what is in it, and what is gone meanwhile is in it no more. */
export function withPage<T extends object>(hand: Hand<T>, isThere: (thing: T) => boolean): void {
  const onKey = (event: KeyboardEvent): void => {
    if (event.key === 'Escape' && hand.held.value) hand.letGo();
  };
  onMounted(() => window.addEventListener('keydown', onKey));
  onBeforeUnmount(() => window.removeEventListener('keydown', onKey));
  watch(
    () => hand.held.value === null || isThere(hand.held.value),
    (there) => {
      if (!there) hand.letGo();
    },
  );
}
