import { z } from 'zod';
import { minutesSchema } from '../calendar/index.ts';
import { supplyIdSchema } from '../cupboard/index.ts';
import { allergenIdSchema, waitingPlaceKindSchema } from '../house/index.ts';
import { entityKind, idOf } from '../kind/index.ts';
import {
  amountSchema,
  idSchema,
  exact,
  lineSchema,
  measureSchema,
  sumOf,
  textSchema,
  toNumber,
  versionSchema,
} from '../measure/index.ts';
import { stepSchema } from './content.ts';

/** The kinds of things that are mixed, cooked or dyed. */
export const RECIPE_KINDS = {
  dough: 'dough or clay',
  paint: 'paint or ink',
  bubbles: 'bubbles or foam',
  slime: 'slime or gel',
  filler: 'filler',
  food: 'to eat',
  science: 'to show or to test',
  other: 'other',
} as const;
export type RecipeKind = keyof typeof RECIPE_KINDS;

/** What an ingredient is there for: colour and scent are what is left out first. */
export const INGREDIENT_ROLES = { base: 'the base', colour: 'for colour', scent: 'for scent' } as const;
export type IngredientRole = keyof typeof INGREDIENT_ROLES;

const aboveZero = amountSchema.gt(0, 'An amount above zero is needed here');
const minutesOrNone = minutesSchema.default(0 as never);

const ingredientFields = z.object({
  supplyId: supplyIdSchema,
  /** For one batch, in the unit of the supply; in a recipe of parts, how many parts by volume. */
  amount: aboveZero,
  /** How it goes in, in words. */
  goesIn: textSchema.default(''),
  role: z
    .enum(Object.keys(INGREDIENT_ROLES) as [IngredientRole, ...IngredientRole[]], 'This is not a role')
    .default('base'),
  /** In how many equal portions it goes in: three for a third at a time. */
  portions: z.int('A whole number is needed here').min(1, 'At least one').max(6, 'At most 6').default(1),
  /** Each portion is bagged or cupped beforehand. */
  bagged: z.boolean().default(false),
  /** The step at which it goes in, counted from 1; one for each portion where they go in at several. None: not said. */
  steps: z.array(z.int('A whole number is needed here').min(1).max(30)).max(6, 'At most 6').default([]),
  /** For what goes in a little at a time: the amount is where to begin, this where to stop. Null: all at once. */
  limit: aboveZero.nullable().default(null),
  /** What to feel or see for while it goes in. */
  feelFor: textSchema.default(''),
  /** Ground, melted, soaked or dissolved: nothing of its shape is left in the mix. */
  shapeless: z.boolean().default(false),
});
/** A part of a recipe. */
export const ingredientSchema = ingredientFields.refine(
  ({ steps, portions }) => steps.length <= 1 || steps.length === portions,
  { path: ['steps'], message: 'One step for all portions, or one for each' },
);
export type Ingredient = z.infer<typeof ingredientSchema>;

const stepFields = stepSchema.extend({
  /** Somebody's hands are busy for so long. */
  minutes: minutesOrNone,
  /** It rests, rises, bakes or cools by itself for so long afterwards. */
  waitMinutes: minutesOrNone,
  /** And at most so long, when it spoils then; null for as long as one likes. */
  mostWaitMinutes: minutesSchema.nullable().default(null),
  /** In which kind of place it waits meanwhile; null where it needs none. */
  waitsIn: waitingPlaceKindSchema.nullable().default(null),
  /** Or it waits so many hours in the cold instead, overnight; null when it cannot. */
  coldHours: z
    .number('A number of hours is needed here')
    .gt(0, 'A number above zero is needed here')
    .max(96, 'At most 96')
    .nullable()
    .default(null),
  /** What shows that it is done. */
  sign: textSchema.default(''),
});
/** One step of a recipe: who does it, how long it takes and waits, and the sign that it is done. */
export const recipeStepSchema = stepFields.refine(
  ({ waitMinutes, mostWaitMinutes }) => mostWaitMinutes === null || waitMinutes <= mostWaitMinutes,
  { path: ['mostWaitMinutes'], message: 'This cannot be shorter than the least above' },
);
export type RecipeStep = z.infer<typeof recipeStepSchema>;

/** What to feel for, what to add then, and where to stop. */
export const feelSchema = z.object({
  sign: lineSchema,
  then: textSchema.min(1, 'Say what to do'),
  /** The most that may be added of it to one batch. */
  limit: textSchema.default(''),
});

/** What is used instead when an allergen must stay out, or when it is to be made only of food. */
export const swapSchema = z.object({
  /** The allergen that stays out; null when the reason is that everything in it should be food. */
  allergen: allergenIdSchema.nullable(),
  supplyId: supplyIdSchema,
  /** What comes instead; null when it is left out. */
  insteadId: supplyIdSchema.nullable(),
  /** How much comes for one unit of what goes, in the unit of what comes. */
  times: z
    .number('A number is needed here')
    .gt(0, 'A number above zero is needed here')
    .max(100, 'At most 100')
    .default(1),
  /** Other ingredients of which more or less is needed then: their amounts times a number. */
  also: z
    .array(
      z.object({
        supplyId: supplyIdSchema,
        times: z.number('A number is needed here').min(0, 'This cannot be below zero').max(10, 'At most 10'),
      }),
    )
    .max(8, 'At most 8')
    .default([]),
  how: textSchema.default(''),
});
export type Swap = z.infer<typeof swapSchema>;

/**
 * A variant of a recipe: for each of some ingredients, how much of it is another thing, or nothing, and what else changes then. Its name goes behind
 * the title.
 */
export const recipeVariantSchema = z.object({
  id: idSchema,
  name: lineSchema,
  changes: z
    .array(
      z.object({
        supplyId: supplyIdSchema,
        /** How much of it goes: an eighth, a half, all of it. */
        part: z
          .number('A number is needed here')
          .gt(0, 'A number above zero is needed here')
          .max(1, 'No more than all of it')
          .default(1),
        /** What comes instead; null for nothing. */
        insteadId: supplyIdSchema.nullable().default(null),
        /** How much comes for one unit of what goes. */
        times: z
          .number('A number is needed here')
          .gt(0, 'A number above zero is needed here')
          .max(100, 'At most 100')
          .default(1),
      }),
    )
    .max(8, 'At most 8')
    .default([]),
  /** Ingredients of which more or less is needed then. */
  also: z
    .array(
      z.object({
        supplyId: supplyIdSchema,
        times: z.number('A number is needed here').min(0, 'This cannot be below zero').max(10, 'At most 10'),
      }),
    )
    .max(8, 'At most 8')
    .default([]),
});
export type RecipeVariant = z.infer<typeof recipeVariantSchema>;

export const recipeIdSchema = idOf('recipes').brand<'RecipeId'>();
export type RecipeId = z.infer<typeof recipeIdSchema>;

/**
 * A recipe, a filler, or something to show or test: starting amounts for one batch (for one container), steps, what
 * to feel for, and how long it keeps.
 */
export const recipeSchema = z.object({
  id: recipeIdSchema,
  version: versionSchema,
  title: lineSchema,
  kind: z.enum(Object.keys(RECIPE_KINDS) as [RecipeKind, ...RecipeKind[]], 'This is not a kind of recipe'),
  summary: textSchema.default(''),
  ingredients: z.array(ingredientSchema).max(20, 'At most 20').default([]),
  /** One part in millilitres, where the amounts are parts by volume; null where they are amounts. */
  partMl: aboveZero.nullable().default(null),
  /** What one batch gives, as it is written down; ask {@link yieldOf}. */
  yields: z.object({
    amount: amountSchema.gt(0, 'An amount above zero is needed here'),
    unit: measureSchema,
  }),
  steps: z.array(recipeStepSchema).max(30, 'At most 30 steps').default([]),
  feels: z.array(feelSchema).max(12, 'At most 12').default([]),
  swaps: z.array(swapSchema).max(12, 'At most 12').default([]),
  variants: z.array(recipeVariantSchema).max(8, 'At most 8').default([]),
  minutes: minutesSchema,
  /** How often it should be ready to be done again, because children want it again. */
  repeats: z.int('A whole number is needed here').min(1, 'At least once').max(20, 'At most 20').default(1),
  /** What it shows: for something to show or to test. */
  shows: textSchema.default(''),
  /** Needs a stove, an oven or a microwave: an adult does it at preparation time. */
  cooked: z.boolean().default(false),
  /** How long it waits before it can be used. */
  waitHours: z
    .number('A number of hours is needed here')
    .min(0)
    .max(24 * 30)
    .default(0),
  /** In which kind of place it does so; null where it needs none. */
  waitsIn: waitingPlaceKindSchema.nullable().default(null),
  keepsDays: z.int('Whole days are needed here').min(0).max(365).nullable().default(null),
  keptHow: textSchema.default(''),
  notes: textSchema.default(''),
  source: textSchema.default(''),
  /** The supply that it makes, which brings along what goes into it; null when that is not kept as a supply. */
  makesId: supplyIdSchema.nullable().default(null),
  retired: z.boolean().default(false),
});
export type Recipe = z.infer<typeof recipeSchema>;

/** What one batch gives. Parts by volume add up to it themselves; else it is what somebody wrote down. */
export function yieldOf({
  partMl,
  ingredients,
  yields,
}: Pick<Recipe, 'partMl' | 'ingredients' | 'yields'>): Recipe['yields'] {
  if (partMl === null || ingredients.length === 0) return yields;
  const parts = sumOf(ingredients.map(({ amount }) => exact(amount)));
  return { amount: toNumber(parts.mul(exact(partMl))), unit: 'mL' };
}

/** What a recipe is to the book. */
export const recipeKind = entityKind({
  schema: recipeSchema,
  word: 'a recipe',
  name: ({ title }) => title,
});
