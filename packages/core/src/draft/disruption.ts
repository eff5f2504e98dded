import type { PlainDay } from '../calendar/index.ts';
import type { SupplyId } from '../cupboard/index.ts';
import type { PersonId } from '../house/index.ts';

/**
 * What has happened to a plan that the house does not know of by itself. Who of the children is away, which dates are closed and how long the
 * unit is stands in the book.
 */
export interface Disruption {
  /** Dates on which nobody goes out. */
  readonly wet: readonly PlainDay[];
  /** Dates on which only easy things are done. */
  readonly tired: readonly PlainDay[];
  /** What is not there, until the unit ends: sold out, broken, lost. */
  readonly gone: readonly SupplyId[];
  readonly away: readonly { readonly personId: PersonId; readonly days: readonly PlainDay[] }[];
}
/** A plan that only the house's own facts are asked about. */
export const NOTHING_HAPPENED: Disruption = { wet: [], tired: [], gone: [], away: [] };

/** What a reshuffle weighs, in points: the one table of it. What stands stays, unless something worse than a move comes of it. */
export const MOVE_TERMS = {
  stays: { name: 'It stays where it is', points: 20, per: 'thing' },
  hour: { name: 'It keeps its day', points: 17, per: 'thing at another hour' },
  day: { name: 'It has a day', points: 15, per: 'thing on another day' },
  block: { name: 'It keeps its time of the day', points: 1.5, per: 'thing at another' },
  served: { name: 'It reaches as many children', points: 2, per: 'child fewer' },
  near: { name: 'It is not far from where it was', points: 0.3, per: 'day further away' },
  sooner: { name: 'It does not come sooner', points: 0.1, per: 'thing that has to be ready sooner' },
  shown: {
    name: 'What people were told stays',
    points: 2,
    per: 'thing that moves although somebody has it on a list',
  },
  keepsake: { name: 'Keepsakes have a full house', points: 8, per: 'child who would lack one' },
  tired: { name: 'Tired days are easy', points: 10, per: 'thing that is too much' },
  holds: { name: 'Nothing is pointed out', points: 12, per: 'thing that the plan would point out' },
  leftOut: { name: 'Nobody is left out', points: 40, per: 'day on which a child has nothing at all' },
  everyDay: {
    name: 'Each child has something on each day',
    points: 3,
    per: 'day without, beside the corners',
  },
  empty: { name: 'No day is left without a plan', points: 6, per: 'day' },
  pulled: { name: 'The reserve stays a reserve', points: 5, per: 'thing that is pulled' },
} as const satisfies Record<string, { readonly name: string; readonly points: number; readonly per: string }>;
export type MoveTerm = keyof typeof MOVE_TERMS;
