import { z } from 'zod';
import { minutesSchema } from '../calendar/index.ts';
import { supplyIdSchema } from '../cupboard/index.ts';
import { allergenIdSchema } from '../house/index.ts';
import {
  amountSchema,
  idSchema,
  lineSchema,
  measureSchema,
  textSchema,
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
  other: 'other',
} as const;
export type RecipeKind = keyof typeof RECIPE_KINDS;

/** A part of a recipe. */
export const ingredientSchema = z.object({
  supplyId: supplyIdSchema,
  /** For one batch, in the unit of the supply. */
  amount: amountSchema.gt(0, 'An amount above zero is needed here'),
  /** How much goes in when, such as a third at a time. */
  goesIn: textSchema.default(''),
});

/** What to feel for, what to add then, and where to stop. */
export const feelSchema = z.object({
  sign: lineSchema,
  then: textSchema.min(1, 'Say what to do'),
  /** The most that may be added of it to one batch. */
  limit: textSchema.default(''),
});

/** What is used instead when an allergen must stay out. */
export const swapSchema = z.object({
  allergen: allergenIdSchema,
  supplyId: supplyIdSchema,
  insteadId: supplyIdSchema,
  how: textSchema.default(''),
});

export const recipeIdSchema = idSchema.brand<'RecipeId'>();
export type RecipeId = z.infer<typeof recipeIdSchema>;

/** A recipe or a filler: starting amounts for one batch, steps, what to feel for, and how long it keeps. */
export const recipeSchema = z.object({
  id: recipeIdSchema,
  version: versionSchema,
  title: lineSchema,
  kind: z.enum(Object.keys(RECIPE_KINDS) as [RecipeKind, ...RecipeKind[]], 'This is not a kind of recipe'),
  summary: textSchema.default(''),
  ingredients: z.array(ingredientSchema).max(20, 'At most 20').default([]),
  /** What one batch gives. */
  yields: z.object({
    amount: amountSchema.gt(0, 'An amount above zero is needed here'),
    unit: measureSchema,
  }),
  steps: z.array(stepSchema).max(30, 'At most 30 steps').default([]),
  feels: z.array(feelSchema).max(12, 'At most 12').default([]),
  swaps: z.array(swapSchema).max(12, 'At most 12').default([]),
  minutes: minutesSchema,
  /** Needs a stove, an oven or a microwave: an adult does it at preparation time. */
  cooked: z.boolean().default(false),
  /** How long it waits before it can be used. */
  waitHours: z
    .number('A number of hours is needed here')
    .min(0)
    .max(24 * 30)
    .default(0),
  keepsDays: z.int('Whole days are needed here').min(0).max(365).nullable().default(null),
  keptHow: textSchema.default(''),
  notes: textSchema.default(''),
  source: textSchema.default(''),
  /** The supply that it makes, which brings along what goes into it; null when that is not kept as a supply. */
  makesId: supplyIdSchema.nullable().default(null),
  retired: z.boolean().default(false),
});
export type Recipe = z.infer<typeof recipeSchema>;
