import type { ChangeInput } from '../changes/index.ts';
import { recipeSchema, yieldOf } from '../library/index.ts';
import { contentOfRecipe } from './recipe-in-plan.ts';

type RecipeInput = Extract<ChangeInput, { type: 'library/put-recipe' }>['recipe'];

/**
 * A new recipe and what is begun with it, as changes of one step: what it makes, as something in the cupboard, and an activity that can be put
 * into a plan. What is made follows the recipe: its allergens are those that go in.
 * @param also ids for the supply and the activity; null for what is not begun.
 */
export function recipeBegun(
  recipe: RecipeInput,
  also: { readonly supplyId: string | null; readonly activityId: string | null },
): readonly ChangeInput[] {
  const whole = also.supplyId === null ? recipe : { ...recipe, makesId: also.supplyId };
  const read = recipeSchema.safeParse({ version: 0, ...whole });
  const put: ChangeInput = { type: 'library/put-recipe', recipe: whole as RecipeInput };
  // What cannot be read is refused with the recipe, at its field.
  if (!read.success) return [put];
  const { title } = read.data;
  const { unit } = yieldOf(read.data);
  return [
    ...(also.supplyId === null
      ? []
      : [
          {
            type: 'cupboard/put-supply',
            supply: {
              ...{ id: also.supplyId, name: title, category: 'made', unit },
              ...{ use: 'consumable', keptIn: null, allergens: [] },
            },
          } as ChangeInput,
        ]),
    put,
    ...(also.activityId === null
      ? []
      : [
          {
            type: 'library/put-activity',
            activity: {
              id: also.activityId,
              content: contentOfRecipe(read.data, 'day'),
            },
          } as ChangeInput,
        ]),
  ];
}
