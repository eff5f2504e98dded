import type { RecipeInput } from './builders.ts';
import { DOUGHS } from './doughs.ts';
import { FILLERS } from './fillers.ts';
import { PAINTS } from './paints.ts';
import { OVER_TIME } from './over-time.ts';
import { SCIENCE } from './science.ts';
import { TO_EAT } from './to-eat.ts';
import { TO_MAKE } from './to-make.ts';
import { TO_SHOW } from './to-show.ts';

/** Recipes, fillers and demonstrations of the starter library. */
export const STARTER_RECIPES: readonly RecipeInput[] = [
  ...DOUGHS,
  ...PAINTS,
  ...FILLERS,
  ...SCIENCE,
  ...OVER_TIME,
  ...TO_EAT,
  ...TO_SHOW,
  ...TO_MAKE,
];
