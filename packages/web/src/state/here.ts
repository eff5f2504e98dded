import { attendanceOn, homeOf, type Child } from '@kobby/core';
import { computed, type ComputedRef } from 'vue';
import { useBook } from './book.ts';

/** The children who are here today, by the home's date: the usual first guess for whom something is made. */
export function useHere(): ComputedRef<readonly Child[]> {
  const store = useBook();
  return computed(() => {
    const { children, absences, extras } = store.book;
    const exceptions = { absences: Object.values(absences), extras: Object.values(extras) };
    return attendanceOn(store.today!, homeOf(store.book), Object.values(children), exceptions).children;
  });
}
