import { onceForAll, type Material } from '../../library/index.ts';
import { toNumber } from '../../measure/index.ts';
import type { SupplyId } from '../../cupboard/index.ts';
import type { Placement } from '../../unit/index.ts';
import { answer, type Look } from '../ground/answer.ts';
import { madeIn, type MadeIn } from '../kitchen/made-in.ts';
import type { PlannedMix } from '../kitchen/mixes.ts';
import { sessionsOf, type Frame, type Session } from '../plan/plan.ts';
import type { Use } from './use.ts';

/** What goes on one day into what is made in an activity, a use for each part of each bowl. */
export const usesMadeIn = (look: Look, session: Session, frame: Frame): readonly Use[] =>
  madeIn(look, session, frame).flatMap((made) => made.mixes.flatMap((mix) => usesOfMix(made, mix, session)));

function usesOfMix(made: MadeIn, mix: PlannedMix, session: Session): readonly Use[] {
  const { placement, day, span, adults } = session;
  const apart = made.mixes.flatMap(({ own }) => own?.children ?? []);
  const children = mix.own?.children ?? made.children.filter((child) => !apart.includes(child));
  return mix.scaled.portions.map(({ supply, amount }) => {
    const total = toNumber(amount);
    const line: Material = { ...onceForAll(supply.id, total), every: 'day' };
    return {
      ...{ supply, line, placement, day, span, children, heads: children.length },
      ...{ adults: Math.max(1, adults.length), shares: 1, spares: 0, limitedTo: null, standing: 0 },
      amount: total,
      made: { recipe: made.recipe, how: made.how, own: mix.own },
    };
  });
}

/**
 * What is made in an activity brings along, for whoever asks what stands about: what goes into each of its bowls, and what it makes. What goes
 * in is there only for making it ready where it is not made with the children.
 */
export const stuffMadeIn = answer((look, placement: Placement, frame: Frame): readonly Material[] => {
  const made = sessionsOf(placement, frame)
    .flatMap((session) => madeIn(look, session, frame))
    .filter(({ children }) => children.length > 0);
  const lines = made.flatMap((one) => {
    const onlyPrep = one.process.when !== 'with-children';
    const { makesId } = one.recipe;
    return [
      ...partsOf(one).map((id) => ({ ...onceForAll(id, 1), onlyPrep })),
      ...(makesId === null ? [] : [onceForAll(makesId, 1)]),
    ];
  });
  return [...new Map(lines.map((line) => [`${line.supplyId} ${line.onlyPrep}`, line])).values()];
});

// What cannot be worked out brings along what is written down of it.
const partsOf = ({ mixes, recipe }: MadeIn): readonly SupplyId[] =>
  mixes.length === 0
    ? recipe.ingredients.map(({ supplyId }) => supplyId)
    : mixes.flatMap(({ scaled }) => scaled.portions.map(({ supply }) => supply.id));
