import { homeOf, valueIn, type StartingValueId } from '@kobby/core';
import { computed } from 'vue';
import { useBook } from './book.ts';

/** The values from which the home reckons, one of them changed where it is looked at. */
export function useStartingValues() {
  const store = useBook();
  const home = computed(() => homeOf(store.book));
  return {
    valueOf: (id: StartingValueId): number => valueIn(home.value, id),
    /** Takes what was typed or drawn; what is past the limits of the field is pointed out there, and nothing changes. */
    take(id: StartingValueId, event: Event): void {
      const field = event.target as HTMLInputElement;
      if (field.value === '' || !field.reportValidity()) return;
      const { values, ...rest } = home.value;
      const changed = { ...values, [id]: Number(field.value) };
      store.perform([{ type: 'house/put-home', home: { ...rest, values: changed } as never }]);
    },
  };
}
