import type { FieldProblem } from '@kobby/core';
import { computed, nextTick, onScopeDispose, ref, shallowRef } from 'vue';
import { createContext } from '../../state/context.ts';
import type { ActResult } from '../../state/sync.ts';

/** What every field of a form asks of it. */
interface Form {
  /** What is wrong with the value at a path within the thing that is edited, such as `content.versions.0.does`. */
  messagesAt(path: string): string[];
  /** Says that a field shows what is wrong at its path; what comes back takes that back. */
  claim(path: string): () => void;
  /** Something was chosen or switched: a text field says so by its own change event. */
  settle(): void;
}

const [provideIt, useIt] = createContext<Form>('form', 'a form (parts/fields/form.ts)');

// A gesture names a value by its change, what that puts, and the path in it: `changes, 0, child, birth`.
const innerPath = ({ path }: FieldProblem): string => path.slice(path[0] === 'changes' ? 3 : 0).join('.');

/**
 * Makes a form: what the fields below it need, and what it shows itself. `onSettled` is called, once a tick,
 * whenever a field was left or something was chosen.
 */
export function provideForm(onSettled: () => void) {
  const errors = shallowRef<readonly FieldProblem[]>([]);
  const claimed = ref(new Map<string, number>());
  const form: Form = {
    messagesAt: (path) =>
      errors.value
        .filter((error) => innerPath(error) === path)
        .slice(0, 1)
        .map((error) => error.message),
    claim: (path) => {
      claimed.value.set(path, (claimed.value.get(path) ?? 0) + 1);
      return () => claimed.value.set(path, (claimed.value.get(path) ?? 1) - 1);
    },
    settle: () => void nextTick(onSettled),
  };
  provideIt(form);
  return {
    errors,
    settle: form.settle,
    /** Takes what became of an act; true when it was done. */
    took: (result: ActResult): boolean => {
      errors.value = result.done ? [] : result.errors;
      return result.done;
    },
    /** What is wrong and stands at no field. */
    unclaimed: computed(() =>
      errors.value.filter((error) => !claimed.value.get(innerPath(error))).map((error) => error.message),
    ),
  };
}

/** A field's side of its form. */
export function useField(path: () => string) {
  const form = useIt();
  let release = form.claim(path());
  let at = path();
  onScopeDispose(() => release());
  const messages = computed(() => {
    // Rows that move take their fields along to another path.
    if (at !== path()) {
      release();
      at = path();
      release = form.claim(at);
    }
    return form.messagesAt(at);
  });
  return { messages, settle: () => form.settle() };
}
