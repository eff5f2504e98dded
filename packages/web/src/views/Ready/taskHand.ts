import { type ChangeInput, type ReadyEntry, type ReadySlot } from '@kobby/core';
import {
  inject,
  nextTick,
  provide,
  ref,
  shallowRef,
  type InjectionKey,
  type Ref,
  type ShallowRef,
} from 'vue';
import { useBook } from '../../state/book.ts';
import { drag } from '../../state/drag.ts';
import { choosing } from './deciding.ts';

/** The hand that lays tasks of making ready into times: dragged, or taken and put down by press or key. */
interface TaskHand {
  readonly held: ShallowRef<ReadyEntry | null>;
  /** The slot that is pointed at. */
  readonly over: Ref<string | null>;
  /** What was just done, for those who cannot see it. */
  readonly said: Ref<string>;
  take(entry: ReadyEntry): void;
  grab(event: PointerEvent, entry: ReadyEntry): void;
  put(slot: ReadySlot): void;
  /** Moves a task to the time before or after the one that it is in. */
  nudge(entry: ReadyEntry, by: 1 | -1): void;
  letGo(): void;
  /** What speaks against a slot for what is in hand; null when nothing does. */
  doubt(slot: ReadySlot): string | null;
}

const HAND: InjectionKey<TaskHand> = Symbol('task-hand');

/** Makes the hand of the page and hands it to every part below. `slots` are the times, by their ends. */
export function provideTaskHand(slots: () => readonly ReadySlot[]): TaskHand {
  const store = useBook();
  const held = shallowRef<ReadyEntry | null>(null);
  const over = ref<string | null>(null);
  const said = ref('');

  const letGo = (): void => {
    held.value = null;
    over.value = null;
  };
  function lay(entry: ReadyEntry, slot: ReadySlot): void {
    const { task } = entry;
    const changes: ChangeInput[] = [choosing(store.book, task, { slotId: slot.id })];
    const result = store.perform(changes);
    said.value = result.done ? `${task.text} is laid into ${slot.name}.` : (result.errors[0]?.message ?? '');
    void nextTick(() =>
      document
        .querySelector<HTMLElement>(`[data-task="${CSS.escape(task.id)}"]`)
        ?.focus({ preventScroll: true }),
    );
  }
  const hand: TaskHand = {
    held,
    over,
    said,
    letGo,
    take(entry) {
      if (held.value?.task.id === entry.task.id) return letGo();
      held.value = entry;
      said.value = `${entry.task.text} is in hand. Choose a time, or press Escape.`;
    },
    grab(event, entry) {
      drag(event, {
        move: (spot) => {
          held.value = entry;
          over.value = spot;
        },
        end: (spot) => {
          const slot = slots().find(({ id }) => `time:${id}` === spot);
          letGo();
          if (slot) lay(entry, slot);
        },
      });
    },
    put(slot) {
      const entry = held.value;
      letGo();
      if (entry) lay(entry, slot);
    },
    nudge(entry, by) {
      const target = besides(slots(), entry.slot, by);
      if (target) lay(entry, target);
    },
    doubt: (slot) => (held.value ? doubtOf(held.value, slot, store.today!) : null),
  };
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
  const left = task.usedAt - slot.to;
  if (left < 0) return 'after it is used';
  if (left < task.waitMinutes) return 'too late for its waiting';
  if (task.mostMinutes !== null && left > task.mostMinutes) return 'too early, it spoils';
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
