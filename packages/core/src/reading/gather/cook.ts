import type { Table } from '../../book/index.ts';
import { addDays, daysBetween } from '../../calendar/index.ts';
import type { Supply } from '../../cupboard/index.ts';
import type { AllergenId, Child } from '../../house/index.ts';
import type { Recipe } from '../../library/index.ts';
import { exact, EXACT_ZERO, toNumber, upTo, type Exact } from '../../measure/index.ts';
import { converted } from '../kitchen/convert.ts';
import { scaledTo } from '../kitchen/scale.ts';
import { brings, swappedRecipe, type Wanted } from '../kitchen/swapped.ts';
import { memoised } from '../ground/memo.ts';
import type { AllottedLine } from './allot.ts';
import type { Cooking, CookNeed, OwnBatch } from './line.ts';

/** What is cooked for a line, and what goes into it. */
export interface CookPlan {
  readonly cooking: Cooking;
  readonly needs: readonly CookNeed[];
}

// Nobody cooks a third of a batch; half of one is done.
const STEP = exact(1).div(2);

/**
 * What the kitchen makes of a supply for a unit: batches in steps of a half, for what is missing. Children who must not meet
 * what is in it get a batch of their own, made with the swaps of the recipe; what is in the house does not count for them.
 * Null when nothing has to be made.
 */
export const cookPlanOf = memoised(
  (line: AllottedLine, recipe: Recipe, supplies: Table<Supply>): CookPlan | null => {
    const { supply, need, have, carried } = line;
    const own = ownShare(line, recipe, supplies);
    const missing = Math.max(0, need.amount - own.amount - have.amount - carried);
    if (missing <= 1e-9 && own.amount === 0) return null;
    const perBatch = converted(exact(recipe.yields.amount), recipe.yields.unit, supply.unit, supply);
    const makeBy = addDays(line.shortOn ?? line.by.date, -Math.ceil(recipe.waitHours / 24));
    const times = timesMade(line, recipe);
    if (!perBatch.ok) {
      const problem = perBatch.why.message;
      return { cooking: { recipe, batches: EXACT_ZERO, own: null, makeBy, times, problem }, needs: [] };
    }
    const batchesFor = (amount: number): Exact =>
      amount > 1e-9 ? upTo(exact(amount).div(perBatch.amount), STEP) : EXACT_ZERO;
    const ownBatch: OwnBatch | null = own.amount > 0 ? { ...own, batches: batchesFor(own.amount) } : null;
    const everyone = portionsFor(line, recipe, supplies, batchesFor(missing), null);
    const theirs = ownBatch ? portionsFor(line, recipe, supplies, ownBatch.batches, ownBatch) : NOTHING;
    return {
      cooking: {
        recipe,
        batches: batchesFor(missing),
        own: ownBatch,
        makeBy,
        times,
        problem: everyone.problem ?? theirs.problem,
      },
      needs: [...everyone.needs, ...theirs.needs],
    };
  },
);

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
  own: OwnBatch | null,
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

/** What of a need falls to children who must not meet what goes into the recipe as it is. */
function ownShare(
  { uses }: AllottedLine,
  recipe: Recipe,
  supplies: Table<Supply>,
): Omit<OwnBatch, 'batches'> & { readonly amount: number } {
  const children = new Map<string, Child>();
  const without = new Set<AllergenId>();
  let amount = 0;
  for (const use of uses) {
    const theirs = use.children.filter((child) => {
      const met = child.allergies.filter(({ allergen }) => isIn(recipe, supplies, allergen));
      for (const { allergen } of met) without.add(allergen);
      return met.length > 0;
    });
    for (const child of theirs) children.set(child.id, child);
    if (theirs.length > 0) amount += (use.amount * theirs.length) / use.heads;
  }
  const left =
    without.size === 0
      ? []
      : swappedRecipe(recipe, supplies, { without: [...without], onlyFood: false }).left;
  return { children: [...children.values()], without: [...without], amount, left };
}

const isIn = (recipe: Recipe, supplies: Table<Supply>, allergen: AllergenId): boolean =>
  recipe.ingredients.some(({ supplyId }) => {
    const supply = supplies[supplyId];
    return supply !== undefined && brings(supply, [allergen]);
  });

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
