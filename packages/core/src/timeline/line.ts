/** A stretch of a line, in its minutes: from the first to before the second. */
export interface LineSpan {
  readonly from: number;
  readonly to: number;
}

/** One step of a process: hands for so long, then a wait by itself. */
export interface LineStep {
  /** Minutes of hands, above or at 0. */
  readonly hands: number;
  /** Adults who are tied meanwhile, 0 or more. */
  readonly adults: number;
  /** Where its hands may lie, whole: what children do lies where they have time for it; null for anywhere. */
  readonly within: readonly LineSpan[] | null;
  /** It waits at least so many minutes afterwards, and at most; null for as long as one likes. */
  readonly leastWait: number;
  readonly mostWait: number | null;
  /** Where it waits, by the name of a place of the line, and how much room it takes there; null where it needs none. */
  readonly hold: { readonly place: string; readonly room: number } | null;
}

/** Something that is made in steps, one after the other. */
export interface LineProcess {
  readonly id: string;
  readonly steps: readonly LineStep[];
  /** It begins no sooner, and is ready no later; ready is when its last least wait is over. */
  readonly from: number;
  readonly by: number;
  /** Whether it is best ready soon, which leaves time for what goes wrong, or fresh when it is wanted. */
  readonly aim: 'soon' | 'fresh';
}

/**
 * A stretch of time in which processes are laid, minute by minute. Why apart from the times for making ready: those are bags of minutes
 * on evenings; here it counts which minute it is, for children, adults and ovens are only there at some.
 */
export interface Line {
  /** Adults who are free in each of its minutes; their number is how long it is. */
  readonly adults: readonly number[];
  /** Room that is left in each place in each of its minutes. */
  readonly places: Readonly<Record<string, readonly number[]>>;
}

/** How a process lies: when each step begins, and what that costs. */
export interface LaidProcess {
  readonly starts: readonly number[];
  readonly ready: number;
  /** {@link OFF} for each minute between when it is ready and when it is best so, {@link OVERDUE} for each that a step waits longer than it has to. */
  readonly cost: number;
}

/** What a minute costs by which something is ready sooner or later than best, and in which it waits longer than it has to: dough goes on rising. */
export const OFF = 1;
export const OVERDUE = 2;

/** For how many minutes a step waits at the most. */
export const mostOf = ({ mostWait }: LineStep): number => mostWait ?? Infinity;

/** What nothing lays costs more than anything that is laid. */
export const UNPLACED = 1e7;
