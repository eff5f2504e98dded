import { placementAt, type Book } from '../../book/index.ts';
import type { Where } from '../../unit/index.ts';

/** What a supply is called, in what a change does. */
export const supplyName = (book: Book, id: string): string => book.supplies[id]?.name ?? 'a supply';

/** What something placed is called. */
export const titleOf = (book: Book, placementId: string): string =>
  placementAt(book, placementId)?.content.title ?? 'activity';

/** What a child is called where others may read it. */
export const childName = (book: Book, childId: string): string =>
  book.children[childId]?.shownAs ?? 'a child';

const WHERE_TEXTS: {
  readonly [K in Where['kind']]: (book: Book, where: Extract<Where, { kind: K }>) => string;
} = {
  corner: (book, { cornerId }) => book.corners[cornerId]?.name ?? 'a corner',
  day: (_, { day }) => `Day ${day}`,
  bin: (book, { childId }) => `the bin of ${childName(book, childId)}`,
  reserve: () => 'the reserve',
  twin: (book, { of }) => `in for ${titleOf(book, of)}`,
  event: (book, { eventId }) => book.events[eventId]?.title ?? 'an event',
};

/** Where something is put, in a few words. */
export const whereText = (book: Book, where: Where): string =>
  (WHERE_TEXTS[where.kind] as (book: Book, where: Where) => string)(book, where);
