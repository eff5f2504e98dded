import { followsInTime, heldUntil, type Goals, type Laid, type ScheduleProblem } from './problem.ts';

/** A goal as a sum over the variables of a model, and the constant that was left out of it. */
interface Sum {
  readonly terms: readonly Term[];
  readonly constant: number;
}

type Term = readonly [weight: number, variable: string];

/** A problem as a mixed-integer model: what always holds, and its goals as sums. */
export interface Model {
  readonly rows: readonly string[];
  readonly binaries: readonly string[];
  readonly goals: { readonly [G in keyof Goals]: Sum };
}

const x = (t: number, s: number): string => `x${t}_${s}`;
const over = (s: number): string => `o${s}`;

/**
 * The model of a problem: one binary `x<t>_<s>` for each slot that a task may be in, one `o<s>` for the minutes by which
 * a slot runs over. Waits, gaps, needs and places are rows that always hold.
 */
export function modelOf(problem: ScheduleProblem): Model {
  const { tasks } = problem;
  const loads = loadsOf(problem);
  return {
    rows: [
      ...tasks.flatMap(({ options }, t) =>
        options.length > 1
          ? [
              row(
                options.map((s) => [1, x(t, s)] as const),
                '<=',
                1,
              ),
            ]
          : [],
      ),
      ...needRows(problem),
      ...placeRows(problem),
      ...loads.map(({ terms, limit, s }) => row([...terms, [-1, over(s)]], '<=', limit)),
      ...loads.map(({ s }) => row([[1, over(s)]], '<=', problem.mostOver)),
    ],
    binaries: tasks.flatMap(({ options }, t) => options.map((s) => x(t, s))),
    goals: {
      unplaced: {
        constant: tasks.length,
        terms: tasks.flatMap(({ options }, t) => options.map((s) => [-1, x(t, s)] as const)),
      },
      over: { constant: 0, terms: loads.map(({ s }) => [1, over(s)] as const) },
      last: {
        constant: 0,
        terms: tasks.flatMap(({ options, lastFrom, minutes }, t) =>
          options.flatMap((s) => (s >= lastFrom && minutes > 0 ? [[minutes, x(t, s)] as const] : [])),
        ),
      },
      moved: {
        constant: tasks.filter(({ shown }) => shown !== null).length,
        terms: tasks.flatMap(({ shown, options }, t) =>
          shown !== null && options.includes(shown) ? [[-1, x(t, shown)] as const] : [],
        ),
      },
    },
  };
}

interface Load {
  readonly s: number;
  readonly limit: number;
  readonly terms: readonly Term[];
}

// Only the slots that could run over at all.
function loadsOf({ tasks, slots }: ScheduleProblem): readonly Load[] {
  const terms = slots.map((): Term[] => []);
  const sums = slots.map(() => 0);
  tasks.forEach(({ options, minutes }, t) => {
    if (minutes === 0) return;
    for (const s of options) {
      terms[s]!.push([minutes, x(t, s)]);
      sums[s]! += minutes;
    }
  });
  return slots.flatMap(({ minutes: limit }, s) =>
    limit !== null && sums[s]! > limit ? [{ s, limit, terms: terms[s]! }] : [],
  );
}

function needRows({ tasks, slots }: ScheduleProblem): readonly string[] {
  const index = new Map(tasks.map(({ id }, t) => [id, t]));
  return tasks.flatMap(({ needs, options }, t) =>
    needs.flatMap((need) => {
      const before = index.get(need.taskId);
      if (before === undefined) return [];
      return options.map((s) => {
        const inTime = tasks[before]!.options.filter((b) => followsInTime(need, slots[b]!, slots[s]!));
        return row([[1, x(t, s)], ...inTime.map((b) => [-1, x(before, b)] as const)], '<=', 0);
      });
    }),
  );
}

function placeRows({ tasks, slots, places, taken }: ScheduleProblem): readonly string[] {
  return Object.entries(places).flatMap(([place, room]) => {
    const holders = tasks.flatMap(({ hold, options }, t) =>
      hold?.place === place
        ? options.map((s) => ({
            term: [hold.units, x(t, s)] as const,
            from: slots[s]!.to,
            to: heldUntil(hold, slots[s]!),
          }))
        : [],
    );
    const already = taken.filter((one) => one.place === place);
    // The most is in a place when something comes in.
    const moments = [...new Set([...holders, ...already].map(({ from }) => from))];
    return moments.flatMap((at) => {
      const inside = holders.filter(({ from, to }) => from <= at && at <= to).map(({ term }) => term);
      const units = already.reduce((sum, one) => sum + (one.from <= at && at <= one.to ? one.units : 0), 0);
      return inside.length > 0 ? [row(inside, '<=', Math.max(0, room - units))] : [];
    });
  });
}

const MOST_TERMS_A_LINE = 8;

// A line of the format may not be long.
function sumText(terms: readonly Term[]): string {
  const texts = terms.map(
    ([weight, variable]) => `${weight < 0 ? '-' : '+'} ${Math.abs(weight)} ${variable}`,
  );
  const lines: string[] = [];
  for (let i = 0; i < texts.length; i += MOST_TERMS_A_LINE)
    lines.push(texts.slice(i, i + MOST_TERMS_A_LINE).join(' '));
  return lines.join('\n ');
}

const row = (terms: readonly Term[], sign: '<=' | '>=' | '=', bound: number): string =>
  `${sumText(terms)} ${sign} ${bound}`;

/** Goals, each with what it may be at most. */
export type Limits = Partial<Goals>;

/**
 * A model as text in the LP format: minimise a weighted sum of goals, with limits on others, and extra terms beside
 * them.
 */
export function lpText(
  { rows, binaries, goals }: Model,
  weights: Partial<Goals>,
  limits: Limits,
  beside: readonly (readonly [weight: number, task: number, slot: number])[] = [],
): string {
  const entries = Object.entries(weights) as [keyof Goals, number][];
  const objective = [
    ...entries.flatMap(([goal, weight]) => goals[goal].terms.map(([w, v]) => [w * weight, v] as const)),
    ...beside.map(([weight, t, s]) => [weight, x(t, s)] as const),
  ];
  const summed = new Map<string, number>();
  for (const [weight, variable] of objective) summed.set(variable, (summed.get(variable) ?? 0) + weight);
  const kept = (Object.entries(limits) as [keyof Goals, number][]).flatMap(([goal, most]) => {
    const { terms, constant } = goals[goal];
    return terms.length > 0 ? [row(terms, '<=', most - constant)] : [];
  });
  const named = [...rows, ...kept].map((text, i) => ` r${i}: ${text}`);
  return [
    'Minimize',
    ` goal: ${sumText([...summed].map(([variable, weight]) => [weight, variable] as const))}`,
    'Subject To',
    ...named,
    'Binary',
    ...binaries.map((name) => ` ${name}`),
    'End',
    '',
  ].join('\n');
}

/** What the values of a model's variables mean: the slot of each task, null for none. */
export const laidFrom = (problem: ScheduleProblem, valueOf: (variable: string) => number): Laid =>
  problem.tasks.map(({ options }, t) => options.find((s) => valueOf(x(t, s)) > 1 / 2) ?? null);
