import { followsInTime, heldUntil, type Laid, type ScheduleProblem } from './problem.ts';

interface Held {
  readonly from: number;
  readonly to: number;
  readonly units: number;
}

/** What is laid so far, and what still fits beside it. */
export class Board {
  readonly #problem: ScheduleProblem;
  readonly #slot: (number | null)[];
  readonly #load: number[];
  readonly #held = new Map<string, Map<number, Held>>();
  readonly #before: readonly (readonly {
    readonly t: number;
    readonly need: ScheduleProblem['tasks'][number]['needs'][number];
  }[])[];
  readonly #after: readonly {
    readonly t: number;
    readonly need: ScheduleProblem['tasks'][number]['needs'][number];
  }[][];

  constructor(problem: ScheduleProblem) {
    this.#problem = problem;
    const { tasks, slots, taken } = problem;
    this.#slot = tasks.map(() => null);
    this.#load = slots.map(() => 0);
    const index = new Map(tasks.map(({ id }, t) => [id, t]));
    this.#after = tasks.map(() => []);
    this.#before = tasks.map(({ needs }, t) =>
      needs.flatMap((need) => {
        const before = index.get(need.taskId);
        if (before === undefined) return [];
        this.#after[before]!.push({ t, need });
        return [{ t: before, need }];
      }),
    );
    taken.forEach(({ place, ...held }, i) => this.#holdersOf(place).set(-1 - i, held));
  }

  /** The slot of each task as it stands; a copy. */
  get laid(): Laid {
    return [...this.#slot];
  }

  /** The slot in which a task is laid, by its index; null for none. */
  slotOf(t: number): number | null {
    return this.#slot[t]!;
  }

  /** The tasks that one needs, in the order of its needs. */
  needsOf(t: number): readonly number[] {
    return this.#before[t]!.map((one) => one.t);
  }

  /** The tasks that need one. */
  usersOf(t: number): readonly number[] {
    return this.#after[t]!.map((one) => one.t);
  }

  /** Lays a task into a slot, from wherever it stood. Asks nothing: see {@link Board.fits}. */
  lay(t: number, s: number): void {
    this.lift(t);
    const { minutes, hold } = this.#problem.tasks[t]!;
    this.#slot[t] = s;
    this.#load[s]! += minutes;
    if (hold === null) return;
    const slot = this.#problem.slots[s]!;
    this.#holdersOf(hold.place).set(t, { from: slot.to, to: heldUntil(hold, slot), units: hold.units });
  }

  /** Takes a task off the board; one that is not laid stays off. */
  lift(t: number): void {
    const s = this.#slot[t]!;
    if (s === null) return;
    const { minutes, hold } = this.#problem.tasks[t]!;
    this.#slot[t] = null;
    this.#load[s]! -= minutes;
    if (hold !== null) this.#holdersOf(hold.place).delete(t);
  }

  /** By how many minutes the slot runs over further when the task comes into it; null when that is too many. */
  overWith(t: number, s: number): number | null {
    const { slots, tasks, mostOver } = this.#problem;
    const limit = slots[s]!.minutes;
    if (limit === null) return 0;
    const now = Math.max(0, this.#load[s]! - limit);
    const then = Math.max(0, this.#load[s]! + tasks[t]!.minutes - limit);
    return then > mostOver ? null : then - now;
  }

  /** What the slot has left, before it runs over. */
  freeIn(s: number): number {
    const limit = this.#problem.slots[s]!.minutes;
    return limit === null ? Infinity : limit - this.#load[s]!;
  }

  /** Whether a task may stand in a slot beside all that is laid: waits, gaps, needs among what is laid, places. */
  fits(t: number, s: number, side: 'both' | 'users' = 'both'): boolean {
    const { slots } = this.#problem;
    const slot = slots[s]!;
    for (const { t: user, need } of this.#after[t]!) {
      const at = this.#slot[user]!;
      if (at !== null && !followsInTime(need, slot, slots[at]!)) return false;
    }
    if (side === 'both')
      for (const { t: before, need } of this.#before[t]!) {
        const at = this.#slot[before]!;
        if (at === null || !followsInTime(need, slots[at]!, slot)) return false;
      }
    return this.hasRoom(t, s);
  }

  /** Whether the place in which it waits has room all the while. */
  hasRoom(t: number, s: number): boolean {
    const { slots, tasks, places } = this.#problem;
    const { hold } = tasks[t]!;
    const room = hold === null ? undefined : places[hold.place];
    if (hold === null || room === undefined) return true;
    const from = slots[s]!.to;
    const to = heldUntil(hold, slots[s]!);
    const others = [...this.#holdersOf(hold.place)].filter(
      ([of, held]) => of !== t && held.from <= to && from <= held.to,
    );
    // The most is in there when something comes in: now, or when one of the others does.
    const moments = [from, ...others.map(([, held]) => held.from).filter((at) => at > from)];
    return moments.every((at) => {
      const inside = others.reduce(
        (sum, [, held]) => sum + (held.from <= at && at <= held.to ? held.units : 0),
        0,
      );
      return inside + hold.units <= room;
    });
  }

  #holdersOf(place: string): Map<number, Held> {
    const known = this.#held.get(place);
    if (known) return known;
    const made = new Map<number, Held>();
    this.#held.set(place, made);
    return made;
  }
}
