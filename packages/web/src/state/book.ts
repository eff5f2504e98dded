import { forOthers, HOME_ID, homeOf, instantOn, type Book } from '@kobby/core';
import { defineStore } from 'pinia';
import { computed, watch } from 'vue';
import { BookSync } from './sync.ts';

/** The book in this browser, for all screens. */
export const useBook = defineStore('book', () => {
  const sync = new BookSync();
  const book = computed<Book>(() => sync.replica.value.shown);

  // A page that is left may be kept asleep by the browser with its connections: it must let go of them itself.
  window.addEventListener('pagehide', () => sync.stopListening());
  window.addEventListener('offline', () => sync.cutOff());
  window.addEventListener('online', () => sync.back());
  window.addEventListener('pageshow', (event) => event.persisted && void sync.load());

  return {
    book,
    /** The book as others may see it: for what is printed or sent. */
    forOthers: computed(() => forOthers(book.value)),
    history: sync.history,
    me: sync.me,
    today: sync.today,
    publicAddress: sync.publicAddress,
    connection: sync.connection,
    refused: sync.refused,
    keptAt: sync.keptAt,
    notice: sync.notice,
    trouble: sync.trouble,
    isOnDevice: sync.isOnDevice,
    isReady: computed(() => sync.me.value !== null && HOME_ID in book.value.homes),
    waitingCount: computed(() => sync.replica.value.waiting.length),
    /** The instant by the home's clock, for lines of the stock ledger. */
    instant: () => instantOn(sync.today.value!, Date.now(), homeOf(book.value).zone),
    load: () => sync.load(),
    perform: sync.perform.bind(sync),
    would: sync.would.bind(sync),
    /** Waits until all that was done is kept by the server; false when that takes longer than some seconds. */
    settled: () => arrived(() => sync.replica.value.waiting.length === 0),
    undo: () => sync.undo(),
    redo: () => sync.redo(),
    forgetCopy: () => sync.forgetCopy(),
    leave: () => sync.leave(),
  };
});

const SETTLED_MS = 6000;

/** Waits until something is true; false when it takes too long. */
const arrived = (isTrue: () => boolean): Promise<boolean> =>
  new Promise((done) => {
    const end = (answer: boolean): void => {
      clearTimeout(timer);
      stop();
      done(answer);
    };
    const timer = setTimeout(() => end(false), SETTLED_MS);
    const stop = watch(isTrue, (now) => now && end(true), { flush: 'sync' });
    if (isTrue()) end(true);
  });
