import { doubtAt, type PersonId, type ReadyEntry, type ReadySlot } from '@kobby/core';
import { inject, nextTick, provide, ref, shallowRef, type InjectionKey } from 'vue';
import { useBook } from '../../state/book.ts';
import { drag } from '../../state/drag.ts';
import { choosing } from './deciding.ts';

/** The hand that lays tasks of making ready into times: dragged, or taken and put down by press or key. */
class TaskHand {
  readonly held = shallowRef<ReadyEntry | null>(null);
  /** The spot that is pointed at. */
  readonly over = ref<string | null>(null);
  /** What was just done, for those who cannot see it. */
  readonly said = ref('');
  readonly #store = useBook();
  readonly #slots: () => readonly ReadySlot[];

  constructor(slots: () => readonly ReadySlot[]) {
    this.#slots = slots;
  }

  letGo(): void {
    this.held.value = null;
    this.over.value = null;
  }

  take(entry: ReadyEntry): void {
    if (this.held.value?.task.id === entry.task.id) return this.letGo();
    this.held.value = entry;
    this.said.value = `${entry.task.text} is in hand. Choose a time, or press Escape.`;
  }

  grab(event: PointerEvent, entry: ReadyEntry): void {
    drag(event, {
      move: (spot) => {
        this.held.value = entry;
        this.over.value = spot;
      },
      end: (spot) => {
        const slot = this.#slots().find(({ id }) => `time:${id}` === spot);
        if (slot) this.put(slot);
        else if (spot?.startsWith(PERSON)) this.give((spot.slice(PERSON.length) || null) as PersonId | null);
        else this.letGo();
      },
    });
  }

  /** Lays what is in hand into a time. */
  put(slot: ReadySlot): void {
    const entry = this.held.value;
    this.letGo();
    if (entry) this.#lay(entry, slot);
  }

  /** Gives what is in hand to a person, in whichever time of theirs; null for whoever is there. */
  give(personId: PersonId | null): void {
    const entry = this.held.value;
    this.letGo();
    if (!entry) return;
    const whose = personId === null ? 'anybody' : (this.#store.book.people[personId]?.name ?? 'somebody');
    this.#decide(entry, { personId, slotId: null }, `is given to ${whose}`);
  }

  /** Moves a task to the time before or after the one that it is in. */
  nudge(entry: ReadyEntry, by: 1 | -1): void {
    const target = besides(this.#slots(), entry.slot, by);
    if (target) this.#lay(entry, target);
  }

  /** What speaks against a slot for what is in hand; null when nothing does. */
  doubt(slot: ReadySlot): string | null {
    return this.held.value ? doubtOf(this.held.value, slot, this.#store.today!) : null;
  }

  #lay(entry: ReadyEntry, slot: ReadySlot): void {
    this.#decide(entry, { slotId: slot.id }, `is laid into ${slot.name}`);
  }

  #decide({ task }: ReadyEntry, rest: Parameters<typeof choosing>[2], done: string): void {
    const result = this.#store.perform([choosing(this.#store.book, task, rest)]);
    this.said.value = result.done ? `${task.text} ${done}.` : (result.errors[0]?.message ?? '');
    void nextTick(() =>
      document
        .querySelector<HTMLElement>(`[data-task="${CSS.escape(task.id)}"]`)
        ?.focus({ preventScroll: true }),
    );
  }
}

const PERSON = 'person:';
const HAND: InjectionKey<TaskHand> = Symbol('task-hand');

/** Makes the hand of the page and hands it to every part below. `slots` are the times, by their ends. */
export function provideTaskHand(slots: () => readonly ReadySlot[]): TaskHand {
  const hand = new TaskHand(slots);
  provide(HAND, hand);
  return hand;
}

/** The time for making ready before or after the one that a task is in. */
function besides(slots: readonly ReadySlot[], now: ReadySlot | null, by: 1 | -1): ReadySlot | undefined {
  const at = slots.findIndex(({ id }) => id === now?.id);
  const real = ({ kind }: ReadySlot): boolean => kind === 'slot' || kind === 'extra';
  return by === 1
    ? slots.find((slot, s) => s > at && real(slot))
    : slots.findLast((slot, s) => (at < 0 || s < at) && real(slot));
}

/** What speaks against a task in a slot; null when nothing does. */
function doubtOf({ task }: ReadyEntry, slot: ReadySlot, today: string): string | null {
  const doubt = doubtAt(task, slot.to);
  if (doubt !== null) return doubt;
  if (slot.date < today) return 'over already';
  return task.where === 'children' && slot.kind !== 'children' ? 'meant for the children' : null;
}

/**
 * The hand of the page.
 * @throws {Error} when the part stands outside of Make ready.
 */
export function useTaskHand(): TaskHand {
  const hand = inject(HAND);
  if (!hand) throw new Error('this part needs Make ready (views/Ready) above it');
  return hand;
}
