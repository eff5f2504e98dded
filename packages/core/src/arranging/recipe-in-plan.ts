import type { ChangeInput } from '../changes/index.ts';
import {
  processSchema,
  type Activity,
  type ActivityContent,
  type MadeFor,
  type Recipe,
  type RecipeKind,
} from '../library/index.ts';
import type { Book } from '../book/index.ts';
import type { Block } from '../house/index.ts';
import { asPlaced, nightAfter, nightMinutes, processesOfDay, type Reading } from '../reading/index.ts';
import { contentWritten, type PlacementId, type UnitId, type Where } from '../unit/index.ts';

// Each child gets a share of what is kneaded or eaten; paint, bubbles and filler stand there for all; what is shown is shown to a group.
const MADE_FOR_KIND: Readonly<Record<RecipeKind, MadeFor>> = {
  ...{ dough: 'child', food: 'child', slime: 'child', paint: 'all', bubbles: 'all', filler: 'all' },
  ...{ science: 'group', other: 'all' },
};
const MODES: Readonly<Partial<Record<Where['kind'], ActivityContent['mode']>>> = {
  day: 'whole-group',
  event: 'whole-group',
  bin: 'bin',
  reserve: 'reserve',
};

// What freezes, dries or rises overnight is used on another day, by whatever uses it.
function overnight(
  recipe: Recipe,
): Partial<Pick<ActivityContent, 'makes' | 'makesAfterHours' | 'makesWaitsIn'>> {
  const night = nightAfter(recipe);
  if (night === null) return {};
  return {
    makes: [recipe.title.toLocaleLowerCase('en')],
    makesAfterHours: nightMinutes(recipe) / 60,
    makesWaitsIn: recipe.steps[night - 1]?.waitsIn ?? recipe.waitsIn,
  };
}

/** What stands in a plan of a recipe by itself: its title, what it is, and that it is made there with the children. */
export const contentOfRecipe = (recipe: Recipe, kind: Where['kind']): ActivityContent =>
  contentWritten(recipe.title, {
    mode: MODES[kind] ?? 'open-corner',
    summary: recipe.summary || recipe.shows,
    eaten: recipe.kind === 'food',
    adult: 'near',
    ...overnight(recipe),
    processes: [
      processSchema.parse({
        ...{ id: 'made', recipeId: recipe.id, for: MADE_FOR_KIND[recipe.kind], repeats: recipe.repeats },
      }),
    ],
  });

/** A recipe, process or demonstration put into a plan by itself. */
export const recipeInPlan = (recipe: Recipe, unitId: UnitId, where: Where, id: PlacementId): ChangeInput => ({
  type: 'unit/write',
  ...{ id, unitId, where },
  content: contentOfRecipe(recipe, where.kind) as never,
});

/**
 * Where on its day something to make by a recipe fits: in the block that is given, else in the first one in which nothing stands yet and it is
 * ready in time, else in any in which it is; where it fits nowhere it stays where it is, and is told.
 */
export function whereItFits(
  book: Book,
  { placements, circles, frame }: Pick<Reading, 'placements' | 'circles' | 'frame'>,
  recipe: Recipe,
  where: Where,
): Where {
  if (where.kind !== 'day') return where;
  const { day } = where;
  const isFree = ({ id }: Block): boolean =>
    !placements.some((one) => one.where.kind === 'day' && one.where.day === day && one.where.blockId === id);
  const fits = ({ id: blockId }: Block): boolean => {
    const content = contentOfRecipe(recipe, where.kind);
    const wouldBe = {
      ...asPlaced({ id: recipe.id as string, version: 0, content } as Activity, frame),
      where: { ...where, blockId },
    };
    const made = processesOfDay(book, [...placements, wouldBe], circles, frame, day).filter(
      ({ session }) => session.placement.id === wouldBe.id,
    );
    return made.length > 0 && made.every(({ ready }) => ready !== null);
  };
  const blocks = frame.home.blocks
    .filter(({ isCircle }) => !isCircle)
    .toSorted((a, b) => (a.start < b.start ? -1 : 1));
  const fitting = blocks.filter(fits);
  const own = fitting.find(({ id }) => id === where.blockId);
  const block = own ?? fitting.find(isFree) ?? fitting[0];
  return block ? { ...where, blockId: block.id } : where;
}
