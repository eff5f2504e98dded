import { read, type Reading, type UnitId } from '@kobby/core';
import { computed, inject, provide, type ComputedRef, type InjectionKey } from 'vue';
import { useBook } from './book.ts';

const READING: InjectionKey<ComputedRef<Reading>> = Symbol('reading');

/** Makes the reading of a unit, and hands it to every part below. */
export function provideReading(unitId: () => UnitId): ComputedRef<Reading> {
  const store = useBook();
  const reading = computed(() => read(store.book, unitId(), store.today!));
  provide(READING, reading);
  return reading;
}

/**
 * The reading of the unit that the page is about.
 * @throws {Error} when the part stands outside of a unit's page.
 */
export function useReading(): ComputedRef<Reading> {
  const reading = inject(READING);
  if (!reading) throw new Error('this part needs the unit page (views/Unit) above it');
  return reading;
}
