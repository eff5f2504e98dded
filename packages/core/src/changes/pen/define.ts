import type { z } from 'zod';
import type { Book } from '../../book/index.ts';
import type { PlainDay } from '../../calendar/index.ts';
import type { Actor } from './actor.ts';
import type { Pen } from './pen.ts';
import type { Refusal } from './refusal.ts';

/** What a change sees besides the book. */
export interface Envelope {
  readonly at: string;
  readonly actor: Actor;
}

/** What is wrong with a change on the day on which it is made: a path in it and what to do. */
export interface DayProblem {
  readonly path: readonly (string | number)[];
  readonly message: string;
}

/** What the fields of a change hold once they were read. */
type FieldsOf<F extends z.core.$ZodLooseShape> = z.output<z.ZodObject<F>>;

/**
 * One way to alter the book, whole in one place: what it is written with, what it does, and how it is called. A room lists its own
 * (rooms/), change.ts puts them together into the one language that server, browser, journal and outbox speak.
 */
export interface ChangeKind<F extends z.core.$ZodLooseShape> {
  readonly fields: F;
  /** Writes with the pen, or says why the change cannot be represented: everything that a real home can be in is accepted. */
  apply(pen: Pen, change: FieldsOf<F>, envelope: Envelope): Refusal | void;
  /** What it does, in a few words for the undo button and the journal: `Ramp and fan run → Blocks`. */
  says(before: Book, change: FieldsOf<F>): string;
  /**
   * What cannot be on the day on which it is entered, such as a birthday still to come. Asked once, when a gesture is accepted:
   * what was kept is never judged by another day.
   */
  dayProblems?(change: FieldsOf<F>, today: PlainDay): readonly DayProblem[];
}

/** Says what a kind of change is. */
export const change = <F extends z.core.$ZodLooseShape>(kind: ChangeKind<F>): ChangeKind<F> => kind;

/** The problem of a day that is still to come, where it cannot be. */
export const stillToCome = (
  day: PlainDay,
  today: PlainDay,
  path: DayProblem['path'],
): readonly DayProblem[] => (day > today ? [{ path, message: 'This day is still to come' }] : []);
