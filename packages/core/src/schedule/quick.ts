import { Board } from './board.ts';
import { compareGoals, goalsOf, inOrderOfNeeds, type Laid, type ScheduleProblem } from './problem.ts';

/**
 * A schedule at once: never one that breaks a wait, a gap, a need, a place or a slot, and always the same for the same
 * problem. What people were shown stays where it can; of the rest, what has the least choice comes first, each with what
 * it needs, laid backwards into the slot that costs least by the goals, the latest of equal ones. Not always the best.
 */
export function quickSchedule(problem: ScheduleProblem): Laid {
  const laid = layAll(problem, 'while-it-fits');
  const isShown = problem.tasks.every(
    ({ shown, options }, t) => shown === null || shown === laid[t] || !options.includes(shown),
  );
  if (isShown) return laid;
  // What was shown may run over as it was shown: kept when nothing is gained by moving it.
  const other = layAll(problem, 'as-shown');
  return compareGoals(goalsOf(problem, other), goalsOf(problem, laid)) <= 0 ? other : laid;
}

type Keeping = 'while-it-fits' | 'as-shown';

function layAll(problem: ScheduleProblem, keeping: Keeping): Laid {
  const board = new Board(problem);
  const order = inOrderOfNeeds(problem.tasks);
  const chains = chainsOf(problem, board, order);
  for (const chain of chains) keepShown(problem, board, chain, keeping);
  for (const chain of chains) layChain(problem, board, chain);
  return board.laid;
}

/** Tasks that hang together by their needs, each in the order of needs; what has the least choice first. */
function chainsOf(
  problem: ScheduleProblem,
  board: Board,
  order: readonly number[],
): readonly (readonly number[])[] {
  const { tasks } = problem;
  const chainOf = new Map<number, number[]>();
  for (const t of order) {
    const joined = [...new Set(board.needsOf(t).flatMap((before) => chainOf.get(before) ?? []))];
    const chain = [...new Set([...joined.flatMap((before) => chainOf.get(before)!), t])];
    for (const member of chain) chainOf.set(member, chain);
  }
  const place = new Map(order.map((t, i) => [t, i]));
  const chains = [...new Set(chainOf.values())].map((chain) =>
    chain.toSorted((a, b) => place.get(a)! - place.get(b)!),
  );
  const choice = (chain: readonly number[]): number =>
    Math.min(...chain.map((t) => tasks[t]!.options.length));
  const due = (chain: readonly number[]): number =>
    Math.max(...chain.map((t) => tasks[t]!.options.at(-1) ?? -1));
  const minutes = (chain: readonly number[]): number => chain.reduce((sum, t) => sum + tasks[t]!.minutes, 0);
  return chains.toSorted(
    (a, b) =>
      choice(a) - choice(b) ||
      due(a) - due(b) ||
      minutes(b) - minutes(a) ||
      (tasks[a[0]!]!.id < tasks[b[0]!]!.id ? -1 : 1),
  );
}

/** Lays what was shown where it was shown, as far as that still holds. */
function keepShown(
  { tasks }: ScheduleProblem,
  board: Board,
  chain: readonly number[],
  keeping: Keeping,
): void {
  for (const t of chain) {
    const { shown, options } = tasks[t]!;
    if (shown === null || !options.includes(shown)) continue;
    const over = board.overWith(t, shown);
    if (over === null || (over > 0 && keeping === 'while-it-fits')) continue;
    if (board.fits(t, shown)) board.lay(t, shown);
  }
}

function layChain(problem: ScheduleProblem, board: Board, chain: readonly number[]): void {
  const open = chain.filter((t) => board.slotOf(t) === null);
  if (open.length === 0) return;
  let best = attempt(problem, board, open, 'cheapest');
  if (best.length < open.length) {
    const other = attempt(problem, board, open, 'latest');
    if (other.length > best.length) best = other;
  }
  // What was kept can stand in the way of what it needs: then the whole chain is laid anew.
  if (best.length < open.length && open.length < chain.length) {
    const kept = chain.flatMap((t) => {
      const s = board.slotOf(t);
      return s === null ? [] : [[t, s] as const];
    });
    for (const [t] of kept) board.lift(t);
    const anew = attempt(problem, board, chain, 'cheapest');
    if (anew.length > best.length + kept.length) best = anew;
    else for (const [t, s] of kept) board.lay(t, s);
  }
  for (const [t, s] of best) board.lay(t, s);
}

type Step = readonly [task: number, slot: number];

/** Lays a chain from its end to its beginning and takes it off again; what it could lay comes back. */
function attempt(
  problem: ScheduleProblem,
  board: Board,
  chain: readonly number[],
  wish: 'cheapest' | 'latest',
): readonly Step[] {
  const earliest = earliestOf(problem, board, chain);
  const lost = new Set<number>();
  for (const t of chain.toReversed()) {
    if (lost.has(t)) continue;
    const s = earliest.has(t) ? bestSlot(problem, board, t, earliest.get(t)!, wish, chain) : null;
    if (s === null) drop(board, t, chain, lost);
    else board.lay(t, s);
  }
  const steps = chain.flatMap((t): Step[] => {
    const s = board.slotOf(t);
    return s === null ? [] : [[t, s]];
  });
  for (const [t] of steps) board.lift(t);
  return steps;
}

// Nothing that needs it, through however many others, can be done either.
function drop(board: Board, t: number, chain: readonly number[], lost: Set<number>): void {
  if (lost.has(t)) return;
  lost.add(t);
  board.lift(t);
  for (const user of board.usersOf(t)) if (chain.includes(user)) drop(board, user, chain, lost);
}

/** The first slot that each task of a chain could be in, if what it needs came as early as it can; none for what never can. */
function earliestOf(
  { tasks, slots }: ScheduleProblem,
  board: Board,
  chain: readonly number[],
): ReadonlyMap<number, number> {
  const earliest = new Map<number, number>();
  for (const t of chain) {
    const { needs, options } = tasks[t]!;
    const befores = board.needsOf(t);
    const first = options.find((s) =>
      befores.every((before, i) => {
        const at = board.slotOf(before) ?? earliest.get(before);
        return at !== undefined && slots[s]!.to - slots[at]!.to >= needs[i]!.waitMinutes;
      }),
    );
    if (first !== undefined) earliest.set(t, first);
  }
  return earliest;
}

function bestSlot(
  { tasks }: ScheduleProblem,
  board: Board,
  t: number,
  from: number,
  wish: 'cheapest' | 'latest',
  chain: readonly number[],
): number | null {
  const { options, minutes, lastFrom, shown } = tasks[t]!;
  const outside = board.needsOf(t).some((before) => !chain.includes(before));
  let best: { readonly slot: number; readonly cost: readonly number[] } | null = null;
  for (const s of options.toReversed()) {
    if (s < from) break;
    const over = board.overWith(t, s);
    if (over === null || !board.fits(t, s, outside ? 'both' : 'users')) continue;
    if (wish === 'latest') return s;
    const cost = [over, s >= lastFrom ? minutes : 0, shown !== null && shown !== s ? 1 : 0];
    if (best === null || isLess(cost, best.cost)) best = { slot: s, cost };
  }
  return best?.slot ?? null;
}

function isLess(a: readonly number[], b: readonly number[]): boolean {
  for (const [i, one] of a.entries()) if (one !== b[i]) return one < b[i]!;
  return false;
}
