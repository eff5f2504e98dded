import type { Table } from '../../book/index.ts';
import { addDays, type PlainDay } from '../../calendar/index.ts';
import type { Batch } from '../../daybook/index.ts';
import type { Recipe } from '../../library/index.ts';
import { memoised, stableGroups } from '../ground/memo.ts';

/** What was made, and how it stands today. */
export interface BatchState {
  readonly batch: Batch;
  readonly recipe: Recipe;
  /** The last day on which it is used; null where the recipe does not say how long it keeps. */
  readonly keepUntil: PlainDay | null;
  /** `ill`: somebody who used it fell ill. */
  readonly state: 'fresh' | 'last-day' | 'past' | 'ill' | 'gone' | 'trial';
}

/** The last day on which something that was made keeps, counted from the day on which it was made; null for no limit. */
export const keepUntil = ({ madeOn }: Pick<Batch, 'madeOn'>, { keepsDays }: Recipe): PlainDay | null =>
  keepsDays === null ? null : addDays(madeOn, keepsDays);

function stateOf(batch: Batch, until: PlainDay | null, today: PlainDay): BatchState['state'] {
  if (batch.trial) return 'trial';
  if (batch.goneOn !== null && batch.goneOn <= today) return 'gone';
  if (batch.illSince !== null && batch.illSince <= today) return 'ill';
  if (until === null || today < until) return 'fresh';
  return today === until ? 'last-day' : 'past';
}

/** Everything that was made or tried out, the newest first. What a recipe that is gone made is left out. */
export const batchStates = memoised(
  (batches: Table<Batch>, recipes: Table<Recipe>, today: PlainDay): readonly BatchState[] =>
    Object.values(batches)
      .flatMap((batch): BatchState[] => {
        const recipe = recipes[batch.recipeId];
        if (!recipe) return [];
        const until = keepUntil(batch, recipe);
        return [{ batch, recipe, keepUntil: until, state: stateOf(batch, until, today) }];
      })
      .toSorted((a, b) =>
        a.batch.madeOn === b.batch.madeOn
          ? a.batch.id < b.batch.id
            ? 1
            : -1
          : a.batch.madeOn < b.batch.madeOn
            ? 1
            : -1,
      ),
);

/** Whether a batch is in the house and meant to be used. */
export const isKept = ({ state }: BatchState): boolean => state !== 'gone' && state !== 'trial';

const byRecipe = stableGroups((state: BatchState) => state.recipe.id);

/** What is in the house of a recipe, the newest first. */
export const keptOf = (recipe: Recipe, states: readonly BatchState[]): readonly BatchState[] =>
  (byRecipe(states).get(recipe.id) ?? []).filter(isKept);
