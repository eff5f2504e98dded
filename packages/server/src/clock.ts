import { dayInZone, HOME_ID, type Book, type PlainDay } from '@kobby/core';

/** The home's date. Everything that depends on a day asks here; the machine's time serves only stamps and limits. */
export interface HomeClock {
  today(): PlainDay;
  /** Milliseconds since 1970. */
  now(): number;
}

/** The machine's clock in the zone of the home, or a date that stands still, as in the demo. */
export const dateOf = (book: Book, fixedToday: PlainDay | null): PlainDay =>
  fixedToday ?? dayInZone(Date.now(), book.homes[HOME_ID]?.zone ?? 'UTC');

/** The clock of the home whose book is asked for each time. */
export const homeClock = (bookNow: () => Book, fixedToday: PlainDay | null): HomeClock => ({
  now: () => Date.now(),
  today: () => dateOf(bookNow(), fixedToday),
});
