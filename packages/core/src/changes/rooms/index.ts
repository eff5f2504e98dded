/** The changes of each room: what they are written with, what they do, how they are called. */
import { BOOK_CHANGES } from './book.ts';
import { CIRCLE_CHANGES } from './circle.ts';
import { CUPBOARD_CHANGES } from './cupboard.ts';
import { DAYBOOK_CHANGES } from './daybook.ts';
import { GATHER_CHANGES } from './gather.ts';
import { HANDOVER_CHANGES } from './handover.ts';
import { HOUSE_CHANGES } from './house.ts';
import { KITCHEN_CHANGES } from './kitchen.ts';
import { LIBRARY_CHANGES } from './library.ts';
import { PLACING_CHANGES } from './placing.ts';
import { READY_CHANGES } from './ready.ts';
import { UNIT_CHANGES } from './unit.ts';
import { WATCH_CHANGES } from './watch.ts';

/** Every way to alter the book, by its name. A `put` makes an entity or replaces the one with its id. */
export const CHANGE_KINDS = {
  ...HOUSE_CHANGES,
  ...CUPBOARD_CHANGES,
  ...LIBRARY_CHANGES,
  ...UNIT_CHANGES,
  ...PLACING_CHANGES,
  ...CIRCLE_CHANGES,
  ...READY_CHANGES,
  ...WATCH_CHANGES,
  ...GATHER_CHANGES,
  ...KITCHEN_CHANGES,
  ...DAYBOOK_CHANGES,
  ...HANDOVER_CHANGES,
  ...BOOK_CHANGES,
} as const;
