import { onceForAll, type Material, type Recipe } from '../../library/index.ts';
import { toNumber } from '../../measure/index.ts';
import type { SupplyId } from '../../cupboard/index.ts';
import type { Placement } from '../../unit/index.ts';
import { answer, type Look } from '../ground/answer.ts';
import { madeIn, type MadeIn } from '../kitchen/made-in.ts';
import type { PlannedMix } from '../kitchen/mixes.ts';
import { asVariant } from '../kitchen/variant.ts';
import type { Frame, Session } from '../plan/plan.ts';
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
 * What what is made in an activity brings along, for whoever asks what stands about: its parts, also those of the bowls of their own of
 * children of the home, and what it makes. Parts are there only for making it ready where it is not made with the children.
 */
export const stuffMadeIn = answer((look, placement: Placement): readonly Material[] =>
  placement.content.processes.flatMap(({ recipeId, variant, when, leaveOut }) => {
    const written = look.one('recipes', recipeId);
    if (!written) return [];
    const recipe = asVariant(written, variant);
    const left: readonly string[] = leaveOut;
    const parts = recipe.ingredients
      .filter(({ role }) => !left.includes(role))
      .map(({ supplyId, amount }): Material => onceForAll(supplyId, amount));
    return [
      ...[...parts, ...swappedIn(look, recipe)].map((line) => ({
        ...line,
        onlyPrep: when !== 'with-children',
      })),
      ...(recipe.makesId === null ? [] : [onceForAll(recipe.makesId, 1)]),
    ];
  }),
);

// What comes into the bowl of a child of the home.
function swappedIn(look: Look, { swaps, ingredients }: Recipe): readonly Material[] {
  if (!swaps.some(({ allergen }) => allergen !== null)) return [];
  const declared = new Set(
    Object.values(look.table('children')).flatMap(({ allergies }) =>
      allergies.map(({ allergen }) => allergen as string),
    ),
  );
  const there = new Set<SupplyId>(ingredients.map(({ supplyId }) => supplyId));
  return swaps
    .filter(({ allergen, insteadId }) => allergen !== null && insteadId !== null && declared.has(allergen))
    .filter(({ insteadId }) => !there.has(insteadId!))
    .map(({ insteadId }) => onceForAll(insteadId!, 1));
}
