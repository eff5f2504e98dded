import {
  decideReady,
  doubtAt,
  type PersonId,
  type Readiness,
  type ReadyEntry,
  type ReadySlot,
} from '@kobby/core';
import type { ComputedRef } from 'vue';
import { useBook } from '../../state/book.ts';
import { createContext } from '../../state/context.ts';
import { Hand, withPage } from '../../state/hand.ts';

/** The hand that lays tasks of making ready into times: dragged, or taken and put down by press or key. */
class TaskHand extends Hand<ReadyEntry> {
  protected override readonly next = 'Choose a time, or press Escape.';
  readonly #store = useBook();
  readonly #slots: () => readonly ReadySlot[];

  constructor(slots: () => readonly ReadySlot[]) {
    super();
    this.#slots = slots;
  }

  nameOf({ task }: ReadyEntry): string {
    return task.text;
  }

  protected idOf({ task }: ReadyEntry): string {
    return task.id;
  }

  protected shownBy({ task }: ReadyEntry): string {
    return `[data-task="${CSS.escape(task.id)}"]`;
  }

  protected drop(spot: string): boolean {
    const slot = this.#slots().find(({ id }) => `time:${id}` === spot);
    if (slot) this.put(slot);
    else if (spot.startsWith(PERSON)) this.give((spot.slice(PERSON.length) || null) as PersonId | null);
    else return false;
    return true;
  }

  /** Lays what is in hand into a time. */
  put(slot: ReadySlot): void {
    const entry = this.release();
    if (entry) this.#lay(entry, slot);
  }

  /** Gives what is in hand to a person, in whichever time of theirs; null for whoever is there. */
  give(personId: PersonId | null): void {
    const entry = this.release();
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

  #decide(entry: ReadyEntry, rest: Parameters<typeof decideReady>[2], done: string): void {
    const { task } = entry;
    const result = this.#store.perform([decideReady(this.#store.book, task, rest)]);
    this.settled(entry, result.done ? `${task.text} ${done}.` : (result.errors[0]?.message ?? ''));
  }
}

const PERSON = 'person:';
const [provideIt, useIt] = createContext<TaskHand>('task-hand', 'Make ready (views/Ready)');

/** Makes the hand of the page and hands it to every part below. `ready` is what is made ready now. */
export function provideTaskHand(ready: ComputedRef<Readiness>): TaskHand {
  const hand = new TaskHand(() => ready.value.loads.map(({ slot }) => slot));
  const isThere = ({ task }: ReadyEntry): boolean =>
    ready.value.entries.some((one) => one.task.id === task.id);
  withPage(hand, isThere);
  return provideIt(hand);
}

/** The hand of the page. */
export const useTaskHand = useIt;

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
