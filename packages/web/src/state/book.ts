import { HOME_ID, homeOf, instantOn, type Book } from '@kobby/core';
import { defineStore } from 'pinia';
import { computed } from 'vue';
import { BookSync } from './sync.ts';

/** The book in this browser, for all screens. */
export const useBook = defineStore('book', () => {
  const sync = new BookSync();
  const book = computed<Book>(() => sync.replica.value.shown);

  // A page that is left may be kept asleep by the browser with its connections: it must let go of them itself.
  window.addEventListener('pagehide', () => sync.stopListening());
  window.addEventListener('pageshow', (event) => event.persisted && void sync.load());

  return {
    book,
    history: sync.history,
    me: sync.me,
    today: sync.today,
    publicAddress: sync.publicAddress,
    connection: sync.connection,
    keptAt: sync.keptAt,
    notice: sync.notice,
    isReady: computed(() => sync.me.value !== null && HOME_ID in book.value.homes),
    waitingCount: computed(() => sync.replica.value.waiting.length),
    /** The instant by the home's clock, for lines of the stock ledger. */
    instant: () => instantOn(sync.today.value!, Date.now(), homeOf(book.value).zone),
    load: () => sync.load(),
    perform: sync.perform.bind(sync),
    would: sync.would.bind(sync),
    undo: () => sync.undo(),
    redo: () => sync.redo(),
    leave: () => sync.leave(),
  };
});
