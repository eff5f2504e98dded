import type { RecipeInput } from './builders.ts';
import { DOUGHS } from './doughs.ts';
import { FILLERS } from './fillers.ts';
import { PAINTS } from './paints.ts';
import { OVER_TIME } from './over-time.ts';
import { SCIENCE } from './science.ts';

/** Recipes, fillers and demonstrations of the starter library. */
export const STARTER_RECIPES: readonly RecipeInput[] = [
  ...DOUGHS,
  ...PAINTS,
  ...FILLERS,
  ...SCIENCE,
  ...OVER_TIME,
];
