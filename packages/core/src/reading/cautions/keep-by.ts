import { formatDay, type PlainDay } from '../../calendar/index.ts';
import type { Placement } from '../../unit/index.ts';
import { answerFlat } from '../ground/answer.ts';
import { materialsOf } from '../amounts/uses.ts';
import { aboutPlacement, fingerprint, formatDays, type Finding } from '../ground/finding.ts';
import { recipesByProduct } from '../kitchen/products.ts';
import { batchStates, keptOf } from '../kitchen/batches.ts';
import { sessionsOf, type Frame } from '../plan/plan.ts';

/**
 * Row 48: what was made and is shared is used past its keep-by day, or after somebody who used it fell ill. The newest
 * that is in the house counts. What is past today is a stop; what will be past on a day to come is a care until then:
 * there is time to make it new. What was never made is not told here: it stands among what is cooked.
 */
export const keepByFindings = answerFlat(
  (look, placement: Placement, frame: Frame, today: PlainDay): readonly Finding[] => {
    const states = batchStates(look.table('batches'), look.table('recipes'), today);
    if (states.length === 0) return [];
    const products = recipesByProduct(look.table('recipes'));
    const ids = [...new Set(materialsOf(look, placement).map(({ supplyId }) => supplyId))];
    return ids.flatMap((id): readonly Finding[] => {
      const recipe = products.get(id);
      const [newest] = recipe ? keptOf(recipe, states) : [];
      if (!recipe || !newest) return [];
      const days = sessionsOf(placement, frame)
        .filter(({ day, seats }) => day.date >= today && seats.length > 0)
        .map(({ day }) => day);
      const isIll = newest.state === 'ill';
      const until = newest.keepUntil;
      const past = isIll ? days : days.filter(({ date }) => until !== null && until < date);
      if (past.length === 0) return [];
      const level = isIll || newest.state === 'past' ? 'stop' : 'care';
      const numbers = past.map(({ number }) => number);
      const made = `${recipe.title}, made on ${formatDay(newest.batch.madeOn)}`;
      return [
        {
          key: `keep-by:${level}:${placement.id}:${id}`,
          rule: 'keep-by',
          row: 48,
          level,
          title: isIll ? `After illness: ${recipe.title}` : `Past its day: ${recipe.title}`,
          detail: isIll
            ? `${made}, was used by somebody who fell ill. ${placement.content.title}, ${formatDays(numbers)}.`
            : `${made}, keeps until ${formatDay(until!)}. ${placement.content.title} uses it on ${formatDays(numbers)}.`,
          instead: 'Throw it away and make it new.',
          basis: 'shared by small hands: it is not kept longer',
          days: numbers,
          supplyIds: [id],
          ...aboutPlacement(placement),
          facts: fingerprint([newest.batch.id, newest.batch.illSince, until, level]),
        },
      ];
    });
  },
);
