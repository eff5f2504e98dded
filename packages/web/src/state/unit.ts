import { read, type Reading, type UnitId } from '@kobby/core';
import { computed, type ComputedRef } from 'vue';
import { useBook } from './book.ts';
import { createContext } from './context.ts';

const [provideIt, useIt] = createContext<ComputedRef<Reading>>('reading', 'the unit page (views/Unit)');

/** Makes the reading of a unit, and hands it to every part below. */
export function provideReading(unitId: () => UnitId): ComputedRef<Reading> {
  const store = useBook();
  return provideIt(computed(() => read(store.book, unitId(), store.today!)));
}

/** The reading of the unit that the page is about. */
export const useReading = useIt;
