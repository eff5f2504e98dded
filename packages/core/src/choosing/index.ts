/** Choosing: places to be filled, what must hold, what would be nice; a quick search, and a model for a solver that is handed in. */
export {
  appraise,
  EPSILON,
  type Appraisal,
  type ChoiceProblem,
  type ChoiceOption,
  type Picks,
  type ChoiceRow,
  type Speaks,
  type Take,
  type Hope,
} from './problem.ts';
export { ChoiceBoard } from './board.ts';
export { Search, searchFor, type SearchPlan } from './search.ts';
export { boundOf, choiceModel, solveChoice, type Bound, type ChoiceSolver } from './model.ts';
