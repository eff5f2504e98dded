import equal from 'fast-deep-equal';
import { inject, provide, ref, watch, type InjectionKey, type Ref } from 'vue';
import { copyOf } from './api.ts';
import { keepTyped, typedAt } from './typed.ts';

/** What stands in a form and is not in the book yet. */
interface Unkept {
  /** It was typed another time, and is there again. */
  readonly isBack: Readonly<Ref<boolean>>;
  /** It is in the book now, or not wanted any more. */
  done(): void;
  /** Throws away what was typed: the form is as it began. */
  anew(): void;
}

const KEY: InjectionKey<() => Unkept | null> = Symbol('unkept');

/**
 * Lets what is typed into a form outlive a press beside it, Escape, a step back, a reload, a closed tab and a lost session: the same
 * form has it again. To be called by a sheet that makes something new, with the fields that it begins with.
 * @param place names the form, and what it is for where the same form is for several things.
 */
export function keepsTyped(place: string, fields: Readonly<Record<string, Ref<unknown>>>): Unkept {
  const now = (): Record<string, unknown> =>
    Object.fromEntries(Object.entries(fields).map(([name, field]) => [name, copyOf(field.value)]));
  const begun = now();
  const set = (values: Readonly<Record<string, unknown>>): void => {
    for (const [name, field] of Object.entries(fields))
      if (name in values) field.value = copyOf(values[name]);
  };
  const typed = typedAt(place);
  const isBack = ref(typeof typed === 'object' && typed !== null);
  if (isBack.value) set(typed as Record<string, unknown>);
  const stop = watch(Object.values(fields), () => keepTyped(place, equal(now(), begun) ? undefined : now()), {
    deep: true,
  });
  const unkept: Unkept = {
    isBack,
    done: () => {
      stop();
      keepTyped(place, undefined);
    },
    anew: () => {
      set(begun);
      isBack.value = false;
    },
  };
  // Another form that is laid over this one is not what was typed here.
  let left: Unkept | null = unkept;
  provide(KEY, () => {
    const own = left;
    left = null;
    return own;
  });
  return unkept;
}

/** What is not kept yet of the form that one belongs to, to be asked once; null for one that keeps what is typed by itself. */
export const useUnkept = (): Unkept | null => inject(KEY, () => null)();
