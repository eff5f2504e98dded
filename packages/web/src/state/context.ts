import { inject, provide, type InjectionKey } from 'vue';

/**
 * Something that a page makes once and hands to every part below it, however deep: `[provide, use]`. Why not props: what
 * stands between would have to pass it on without any use for it. `above` names the page in the error that a part throws when
 * it stands outside of one.
 */
export function createContext<T>(
  name: string,
  above: string,
): readonly [provideIt: (value: T) => T, useIt: () => T] {
  const key: InjectionKey<T> = Symbol(name);
  return [
    (value) => {
      provide(key, value);
      return value;
    },
    () => {
      const value = inject(key);
      if (value === undefined) throw new Error(`this part needs ${above} above it`);
      return value;
    },
  ];
}
