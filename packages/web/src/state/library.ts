import { LibrarySearch, type LibraryEntry, type LibraryWish } from '@kobby/core';
import { computed, type ComputedRef } from 'vue';
import { useBook } from './book.ts';

// One index for all screens: it is built when the library is first looked at, and follows the book from there.
const search = new LibrarySearch();

/** What the library has for a wish, as both change. */
export function useLibrary(wish: () => LibraryWish): ComputedRef<readonly LibraryEntry[]> {
  const store = useBook();
  return computed(() => {
    search.follow(store.book);
    return search.find(wish());
  });
}
