import type { Table } from '../../book/index.ts';
import type { Supply } from '../../cupboard/index.ts';
import type { AllergenId, Child } from '../../house/index.ts';
import { yieldOf, type Recipe } from '../../library/index.ts';
import { ownBowls, type Apart, type OwnBowl, type WithoutBowl } from './own-bowl.ts';
import { scaledTo, type CannotScale, type Scaled, type Target } from './scale.ts';
import { swappedRecipe, type SwappedRecipe, type Wanted } from './swapped.ts';

/** How much of a recipe is mixed, of what, and for whom. */
export interface MixOrder {
  readonly target: Target;
  /** How much the bowl takes; null for one large enough. */
  readonly bowlMl: number | null;
  readonly wanted: Wanted;
  /** For whom it is made, when it is made for children: those who must not meet it get a bowl of their own. */
  readonly children: readonly Child[];
}

/** One mix with its amounts, exactly. */
export interface PlannedMix {
  readonly scaled: Scaled;
  readonly swapped: SwappedRecipe;
  /** Null for everyone, else those whose own bowl it is. */
  readonly own: OwnBowl | null;
  /** What was asked to stay out of it. */
  readonly keptOut: readonly AllergenId[];
}

/** The mixes of a recipe, and for whom nothing is made; or why it cannot be taken to what is wanted. */
export type PlannedMixes =
  | { readonly ok: true; readonly mixes: readonly PlannedMix[]; readonly without: readonly WithoutBowl[] }
  | { readonly ok: false; readonly why: CannotScale };

/**
 * What is mixed of a recipe: one for everyone and, where a child must not meet what is in it, one of its own with the swaps. Why apart
 * from the counter: a plan needs the amounts of every day, and nobody measures them out yet. `supplies` as the cautions look at them.
 */
export function mixesFor(recipe: Recipe, supplies: Table<Supply>, order: MixOrder): PlannedMixes {
  const { target, wanted } = order;
  const apart = ownBowls(recipe, supplies, wanted, target.kind === 'children' ? order.children : []);
  const plans = plansFor(target, wanted, apart);
  // What is shown or tested is measured out for one container, however often it is done.
  const each = yieldOf(recipe);
  const isEach = recipe.kind === 'science' && target.kind === 'batches' && each.unit === 'mL';
  const bowlMl = order.bowlMl ?? (isEach ? each.amount : null);
  const mixes: PlannedMix[] = [];
  for (const plan of plans) {
    const swapped = swappedRecipe(recipe, supplies, plan.wanted);
    const scaling = scaledTo(recipe, swapped.ingredients, supplies, plan.target, bowlMl);
    if (!scaling.ok) return scaling;
    mixes.push({ scaled: scaling.scaled, swapped, own: plan.own, keptOut: plan.wanted.without });
  }
  return { ok: true, mixes, without: apart.without };
}

interface MixPlan {
  readonly target: Target;
  readonly wanted: Wanted;
  readonly own: OwnBowl | null;
}

function plansFor(target: Target, wanted: Wanted, { bowls, without }: Apart): readonly MixPlan[] {
  if (target.kind !== 'children') return [{ target, wanted, own: null }];
  const apart = bowls.reduce((sum, bowl) => sum + bowl.children.length, without.length);
  const rest = Math.max(0, target.children - apart);
  const own = bowls.map((bowl) => ({
    target: { ...target, children: bowl.children.length, spareShares: 0 },
    wanted: { ...wanted, without: [...new Set([...wanted.without, ...bowl.without])] },
    own: bowl,
  }));
  // With nobody to make it for at all, the mix for everyone says so.
  const isForSome = rest > 0 || apart === 0;
  return [...(isForSome ? [{ target: { ...target, children: rest }, wanted, own: null }] : []), ...own];
}
