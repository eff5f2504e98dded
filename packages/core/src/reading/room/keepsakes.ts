import type { Book } from '../../book/index.ts';
import type { PlainDay, ProgramDay } from '../../calendar/index.ts';
import { arrivalIdOf, keepsakeIdOf, recordIdOf } from '../../daybook/index.ts';
import type { Child } from '../../house/index.ts';
import { lastDayOf, type Placement } from '../../unit/index.ts';
import { sessionsOf, type Session } from '../plan/plan.ts';
import type { Reading } from '../answers/read.ts';

/** A child who still lacks a piece, and when it can be made up. */
export interface Lacking {
  readonly child: Child;
  /** The next program day from today on that the child comes; null when there is none in this unit. */
  readonly next: ProgramDay | null;
}

/** Something that goes into each child's folder: who has theirs and who lacks it. */
export interface KeepsakeState {
  readonly placement: Placement;
  /** It was made by now: its last day is over, or somebody said how it went. */
  readonly isMade: boolean;
  readonly has: readonly Child[];
  /** Only of what was made: the others will be made with the group. */
  readonly lacks: readonly Lacking[];
}

/** The keepsakes of a unit, in the order in which they are made. What has no day of its own is none yet. */
export function keepsakesOf(book: Book, reading: Reading, today: PlainDay): readonly KeepsakeState[] {
  return reading.placements
    .filter(({ content, where }) => content.keepsake && (where.kind === 'day' || where.kind === 'corner'))
    .toSorted((a, b) => lastDayOf(a) - lastDayOf(b))
    .map((placement) => stateOf(book, reading, placement, today));
}

function stateOf(book: Book, { frame }: Reading, placement: Placement, today: PlainDay): KeepsakeState {
  const sessions = sessionsOf(placement, frame);
  const made = sessions.filter((session) => wasMade(book, session, today));
  const wasThere = (child: Child): boolean => made.some((session) => tookPart(book, session, child));
  // Who belongs to the group during the unit, and could have had one.
  const group = Object.values(book.children).filter((child) =>
    frame.attendance.some(({ children, away }) => children.includes(child) || away.includes(child)),
  );
  const hasTheirs = (child: Child): boolean =>
    book.keepsakes[keepsakeIdOf(placement.id, child.id)]?.has ?? wasThere(child);
  const isMade = made.length > 0;
  return {
    placement,
    isMade,
    has: group.filter(hasTheirs),
    lacks: isMade
      ? group
          .filter((child) => !hasTheirs(child))
          .map((child) => ({
            child,
            next:
              frame.calendar.days.find(
                ({ date, number }) =>
                  date >= today && (frame.attendance[number - 1]?.children.includes(child) ?? false),
              ) ?? null,
          }))
      : [],
  };
}

// What nobody spoke of counts as made when its day is over; what was skipped does not.
function wasMade(book: Book, { placement, day }: Session, today: PlainDay): boolean {
  const record = book.records[recordIdOf(placement.id, day.number)];
  return record ? record.outcome !== 'skipped' : day.date < today;
}

function tookPart(book: Book, { seats, day, placement }: Session, child: Child): boolean {
  const arrival = book.arrivals[arrivalIdOf(day.date, child.id)];
  const own = book.records[recordIdOf(placement.id, day.number)]?.children.find(
    ({ childId }) => childId === child.id,
  );
  if (own) return own.outcome !== 'skipped';
  if (arrival) return arrival.inAt !== null;
  return seats.some((seat) => seat.child === child);
}
