import equal from 'fast-deep-equal';
import { ref, watch, type Ref } from 'vue';
import { copyOf } from './api.ts';
import { useBook } from './book.ts';

/** What became of two edits of the same thing: both, and whether they met in one place. */
export interface Merged<T> {
  readonly value: T;
  /** Both changed the same place differently: mine stands. */
  readonly met: boolean;
}

const isTable = (value: unknown): value is Record<string, unknown> =>
  typeof value === 'object' && value !== null && !Array.isArray(value);

/** What I and somebody else made of the same beginning, field by field; lists are taken whole. */
export function merged<T>(base: T, mine: T, theirs: T): Merged<T> {
  if (equal(mine, base)) return { value: theirs, met: false };
  if (equal(theirs, base) || equal(theirs, mine)) return { value: mine, met: false };
  if (!isTable(base) || !isTable(mine) || !isTable(theirs)) return { value: mine, met: true };
  const keys = [...new Set([...Object.keys(mine), ...Object.keys(theirs)])];
  const parts = keys.map((key) => [key, merged(base[key], mine[key], theirs[key])] as const);
  return {
    value: Object.fromEntries(parts.map(([key, part]) => [key, part.value])) as T,
    met: parts.some(([key, part]) => part.met && key !== 'version'),
  };
}

/**
 * A draft of something in the book, or of something new. While it is edited it takes in what others change of the
 * same thing, so that keeping it never takes their work back; where both changed one place, the person is told.
 * @param read how what is typed is read when it is kept; null for what cannot be yet. What was just kept comes back with all that a
 * schema adds by itself: nobody else wrote that.
 */
export function useDraft<D extends object>(
  known: () => object | undefined,
  blank: () => D,
  read: (draft: D) => D | null = (draft) => draft,
): Ref<D> {
  const store = useBook();
  let base = copyOf(known() as D | undefined);
  const draft = ref(copyOf(base) ?? blank()) as Ref<D>;
  watch(known, (now) => {
    const theirs = copyOf(now as D | undefined);
    if (!theirs || !base) return;
    const { value, met } = merged(base, read(copyOf(draft.value)!) ?? draft.value, theirs);
    base = theirs;
    if (met) store.notice = 'Somebody changed the same field meanwhile. What you typed stands there now.';
    for (const key of Object.keys(value) as (keyof D)[]) {
      if (!equal(draft.value[key], value[key])) draft.value[key] = value[key];
    }
  });
  return draft;
}
