import type { PlainDay } from '../../calendar/index.ts';
import { unique } from '../../book/index.ts';
import type { Recipe } from '../../library/index.ts';
import type { Placement } from '../../unit/index.ts';
import { stuffOf } from '../amounts/uses.ts';
import { answerFlat } from '../ground/answer.ts';
import { aboutPlacement, fingerprint, formatDays, type Finding } from '../ground/finding.ts';
import { recipesByProduct } from '../kitchen/products.ts';
import { sessionsOf, type Frame } from '../plan/plan.ts';

/** Whether a recipe says how long what it cooks cools before it is used: it waits as a whole, or after its last step. */
const saysHowLongItCools = ({ waitHours, steps }: Recipe): boolean =>
  waitHours > 0 || (steps.at(-1)?.waitMinutes ?? 0) > 0;

/**
 * Row 65: something that comes from the stove or the oven, by a recipe that does not say how long it cools. A care: an adult
 * only, until it was felt. Where the recipe says so, the timetable keeps that time and nothing is told.
 */
export const coolingFindings = answerFlat(
  (look, placement: Placement, frame: Frame, today: PlainDay): readonly Finding[] => {
    const products = recipesByProduct(look.table('recipes'));
    if (products.size === 0) return [];
    const recipes = unique(
      stuffOf(look, placement, frame).flatMap(({ supplyId }) => products.get(supplyId) ?? []),
    );
    const hot = recipes.filter((recipe) => recipe.cooked && !saysHowLongItCools(recipe));
    if (hot.length === 0) return [];
    const days = sessionsOf(placement, frame)
      .filter(({ day, seats }) => day.date >= today && seats.length > 0)
      .map(({ day }) => day.number);
    if (days.length === 0) return [];
    return hot.map((recipe) => ({
      key: `cooling:${placement.id}:${recipe.id}`,
      rule: 'cooling',
      row: 65,
      level: 'care',
      title: `Hot from the stove: ${recipe.title}`,
      detail: `${placement.content.title} uses it, ${formatDays(days)}. The recipe does not say how long it cools.`,
      instead:
        'Only an adult touches it until it is cool, felt on the inside of the wrist. Write into its last step how long that takes.',
      basis: 'scalds',
      days,
      recipeId: recipe.id,
      ...aboutPlacement(placement),
      supplyIds: recipe.makesId ? [recipe.makesId] : [],
      facts: fingerprint([recipe.id, placement.id]),
    }));
  },
);
