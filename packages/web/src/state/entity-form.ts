import { blankOf, kindOf, type BOOK_KINDS, type ChangeInput, type Kind } from '@kobby/core';
import { computed, type ComputedRef, type Ref } from 'vue';
import type { z } from 'zod';
import { useBook } from './book.ts';
import { useDraft } from './draft.ts';
import type { ActResult } from './sync.ts';
import { keepsTyped } from './unkept.ts';

/** An entity of a kind as a form holds it: what is typed is read by the schema when it is kept. */
export type DraftOf<K extends Kind> = Required<Omit<z.input<(typeof BOOK_KINDS)[K]['schema']>, 'version'>> & {
  version?: number;
};

interface EntityForm<K extends Kind> {
  /** The id of what is known; null for a new one. */
  id: () => string | null;
  /** What a new one has from the beginning, beside what its schema takes by itself; its id above all. */
  first: (blank: DraftOf<K>) => Partial<DraftOf<K>>;
  /** The changes that keep it. */
  put: (draft: DraftOf<K>) => readonly ChangeInput[];
  /** Lays the sheet aside. */
  close: () => void;
}

// Where a new one belongs: one for this unit is not one for another. What is made anew each time says nothing.
const ALWAYS_NEW = new Set(['id', 'order']);
function placeOf<K extends Kind>(kind: K, begun: DraftOf<K>, first: EntityForm<K>['first']): string {
  const at = Object.entries(first(begun)).filter(
    ([name, value]) => !ALWAYS_NEW.has(name) && typeof value !== 'object',
  );
  return `${kind} ${JSON.stringify(Object.fromEntries(at))}`;
}

/**
 * The form of an entity of a kind, for a sheet that makes a new one or goes on with a known one: what is known, the draft,
 * keeping it, and retiring it where its kind can be retired. Why one for all: a field that a schema gains is in every draft at once, and
 * what others change meanwhile is taken in everywhere alike.
 */
export const formOf =
  <K extends Kind>(kind: K) =>
  (form: EntityForm<K>) => {
    const store = useBook();
    const known = computed(() => {
      const at = form.id();
      return at === null ? undefined : store.book[kind][at];
    });
    const begun = (): DraftOf<K> => {
      const blank = blankOf(kindOf(kind).schema) as DraftOf<K>;
      return { ...blank, ...form.first(blank) };
    };
    const asRead = (typed: DraftOf<K>): DraftOf<K> | null =>
      (kindOf(kind).schema.safeParse(typed).data as DraftOf<K> | undefined) ?? null;
    const draft = useDraft<DraftOf<K>>(() => known.value, begun, asRead);
    const unkept = known.value ? null : keepsTyped(placeOf(kind, draft.value, form.first), { draft });
    const submit = (): ActResult => {
      const result = store.perform(form.put(draft.value));
      if (result.done) unkept?.done();
      return result;
    };
    const retire = (retired: boolean): void => {
      (draft.value as { retired?: boolean }).retired = retired;
      if (submit().done) form.close();
    };
    return { known, draft, submit, retire } as {
      readonly known: ComputedRef<(typeof store.book)[K][string] | undefined>;
      readonly draft: Ref<DraftOf<K>>;
      readonly submit: () => ActResult;
      readonly retire: (retired: boolean) => void;
    };
  };
