import type { Table } from '../../book/index.ts';
import { unique } from '../../book/index.ts';
import { formatDay, type PlainDay } from '../../calendar/index.ts';
import { arrivalIdOf, type Arrival } from '../../daybook/index.ts';
import type { Supply } from '../../cupboard/index.ts';
import type { Placement } from '../../unit/index.ts';
import { isFiller } from '../amounts/filling.ts';
import { inRoomOf } from '../amounts/uses.ts';
import { answer, answerFlat, type Look } from '../ground/answer.ts';
import { aboutPlacement, fingerprint, formatDays, listed, type Finding } from '../ground/finding.ts';
import { memoised } from '../ground/memo.ts';
import { batchStates, keptOf } from '../kitchen/batches.ts';
import { recipesByProduct } from '../kitchen/products.ts';
import { sessionsOf, type Frame } from '../plan/plan.ts';

/**
 * Who fell ill on which day, by the ids of the lines about who came. The same list until somebody else does: children come and
 * go all day.
 */
export const illIn = answer((look): readonly string[] => illIds(look.table('arrivals')));

const illIds = memoised((arrivals: Table<Arrival>): readonly string[] =>
  Object.values(arrivals)
    .filter(({ ill }) => ill)
    .map(({ id }) => id)
    .toSorted(),
);

/**
 * Row 48: a bin or a dough that stays out, and was out when somebody who was at it fell ill. A stop on the days after, until it
 * is made new; a dough made new since then is another one. Who it was is not told: only that somebody did.
 */
export const illnessFindings = answerFlat(
  (look, placement: Placement, frame: Frame, today: PlainDay, ill: readonly string[]): readonly Finding[] => {
    if (ill.length === 0) return [];
    const sessions = sessionsOf(placement, frame);
    const fell = sessions
      .filter(({ day, seats }) => seats.some(({ child }) => ill.includes(arrivalIdOf(day.date, child.id))))
      .map(({ day }) => day.date)
      .toSorted();
    const last = fell.at(-1);
    if (last === undefined) return [];
    const days = sessions
      .filter(({ day, seats }) => last < day.date && today <= day.date && seats.length > 0)
      .map(({ day }) => day.number);
    const shared = sharedIn(look, placement, frame, last, today);
    if (days.length === 0 || shared.length === 0) return [];
    return [
      {
        key: `illness:${placement.id}:${last}`,
        rule: 'keep-by',
        row: 48,
        level: 'stop',
        title: `After illness: ${placement.content.title}`,
        detail: `${listed(shared.map(({ name }) => name))} was out on ${formatDay(last)}, when somebody who was there fell ill. It is planned again, ${formatDays(days)}.`,
        instead: 'Throw it away or wash it, wash the tub and the tools, and fill it anew.',
        basis: 'shared by small hands: it is not kept longer',
        days,
        ...aboutPlacement(placement),
        supplyIds: shared.map(({ id }) => id),
        facts: fingerprint([placement.id, last, shared.map(({ id }) => id)]),
      },
    ];
  },
);

// What hands share and cannot be wiped: fillers, doughs and mixes; what was made since is another one.
function sharedIn(
  look: Look,
  placement: Placement,
  frame: Frame,
  ill: PlainDay,
  today: PlainDay,
): readonly Supply[] {
  const products = recipesByProduct(look.table('recipes'));
  return unique(inRoomOf(look, placement, frame).map(({ supplyId }) => supplyId)).flatMap((id) => {
    const supply = look.one('supplies', id);
    const recipe = products.get(id);
    if (!supply || !(supply.category === 'made' || recipe || isFiller(supply))) return [];
    if (!recipe) return [supply];
    const [newest] = keptOf(recipe, batchStates(look.table('batches'), look.table('recipes'), today));
    const isNew = newest !== undefined && ill < newest.batch.madeOn;
    // Told of the batch itself already.
    return isNew || newest?.state === 'ill' ? [] : [supply];
  });
}
