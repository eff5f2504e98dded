import type { Table } from '../../book/index.ts';
import { addDays, daysBetween } from '../../calendar/index.ts';
import type { Supply } from '../../cupboard/index.ts';
import type { Child } from '../../house/index.ts';
import { yieldOf, type Recipe } from '../../library/index.ts';
import { exact, EXACT_ZERO, toNumber, upTo, type Exact } from '../../measure/index.ts';
import { converted } from '../kitchen/convert.ts';
import { scaledTo } from '../kitchen/scale.ts';
import { AS_IT_IS, ownBowls, type OwnBowl } from '../kitchen/own-bowl.ts';
import { swappedRecipe, type Wanted } from '../kitchen/swapped.ts';
import { memoised } from '../ground/memo.ts';
import type { AllottedLine } from './allot.ts';
import type { Cooking, CookNeed } from './line.ts';

/** What is cooked for a line, and what goes into it. */
export interface CookPlan {
  readonly cooking: Cooking;
  readonly needs: readonly CookNeed[];
}

// Nobody cooks a third of a batch; half of one is done.
const STEP = exact(1).div(2);

/**
 * What the kitchen makes of a supply for a unit: batches in steps of a half, for what is missing. Children who must not meet
 * what is in it get a batch of their own, made with the swaps of the recipe; what is in the house does not count for them. For
 * whom the swaps do not do, nothing is made. `supplies` as the cautions look at them.
 * Null when nothing has to be made.
 */
export const cookPlanOf = memoised(
  (line: AllottedLine, recipe: Recipe, supplies: Table<Supply>): CookPlan | null => {
    const { supply, need, have, carried } = line;
    const everyone = ownBowls(recipe, supplies, AS_IT_IS, childrenOf(line));
    const shareOf = (children: readonly Child[]): number => amountFor(line, children);
    const apart = everyone.bowls.flatMap(({ children }) => children);
    const none = everyone.without.map(({ child }) => child);
    const missing = Math.max(0, need.amount - shareOf([...apart, ...none]) - have.amount - carried);
    if (missing <= 1e-9 && apart.length + none.length === 0) return null;
    const made = yieldOf(recipe);
    const perBatch = converted(exact(made.amount), made.unit, supply.unit, supply);
    const cooking = {
      recipe,
      batches: EXACT_ZERO,
      own: [],
      without: everyone.without,
      makeBy: addDays(line.shortOn ?? line.by.date, -Math.ceil(recipe.waitHours / 24)),
      times: timesMade(line, recipe),
    };
    if (!perBatch.ok) return { cooking: { ...cooking, problem: perBatch.why.message }, needs: [] };
    const batchesFor = (amount: number): Exact =>
      amount > 1e-9 ? upTo(exact(amount).div(perBatch.amount), STEP) : EXACT_ZERO;
    const own = everyone.bowls.map((bowl) => ({ ...bowl, batches: batchesFor(shareOf(bowl.children)) }));
    const mixes = [
      portionsFor(line, recipe, supplies, batchesFor(missing), null),
      ...own.map((batch) => portionsFor(line, recipe, supplies, batch.batches, batch)),
    ];
    return {
      cooking: {
        ...cooking,
        batches: batchesFor(missing),
        own,
        problem: mixes.find(({ problem }) => problem !== null)?.problem ?? null,
      },
      needs: mixes.flatMap(({ needs }) => needs),
    };
  },
);

const childrenOf = ({ uses }: AllottedLine): readonly Child[] => [
  ...new Set(uses.flatMap(({ children }) => children)),
];

/** What of a need falls to some children. */
const amountFor = ({ uses }: AllottedLine, children: readonly Child[]): number =>
  uses.reduce((sum, use) => {
    const theirs = use.children.filter((child) => children.includes(child)).length;
    return theirs === 0 ? sum : sum + (use.amount * theirs) / use.heads;
  }, 0);

interface Portions {
  readonly needs: readonly CookNeed[];
  readonly problem: string | null;
}
const NOTHING: Portions = { needs: [], problem: null };

function portionsFor(
  { unit, by }: AllottedLine,
  recipe: Recipe,
  supplies: Table<Supply>,
  batches: Exact,
  own: OwnBowl | null,
): Portions {
  if (batches.equals(0)) return NOTHING;
  const wanted: Wanted = { without: own?.without ?? [], onlyFood: false };
  const { ingredients } = swappedRecipe(recipe, supplies, wanted);
  const scaling = scaledTo(recipe, ingredients, supplies, { kind: 'batches', batches: toNumber(batches) });
  if (!scaling.ok) return { needs: [], problem: scaling.why.message };
  const needs = scaling.scaled.portions
    .filter(({ supply }) => supply.got !== 'tap')
    .map(({ supply, amount }) => ({
      unit,
      supply,
      amount: toNumber(amount),
      by,
      recipe,
      batches,
      ownOf: own?.children ?? [],
    }));
  return { needs, problem: null };
}

/** How often it has to be made for days that lie further apart than it keeps. */
function timesMade({ uses }: AllottedLine, { keepsDays }: Recipe): number {
  if (keepsDays === null) return 1;
  const dates = [...new Set(uses.map(({ day }) => day.date))].toSorted();
  let times = 0;
  let until: (typeof dates)[number] | null = null;
  for (const date of dates) {
    if (until !== null && daysBetween(date, until) >= 0) continue;
    times += 1;
    until = addDays(date, keepsDays);
  }
  return Math.max(1, times);
}
