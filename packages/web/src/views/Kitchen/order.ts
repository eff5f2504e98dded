import {
  startingShare,
  yieldOf,
  type Child,
  type Home,
  type KitchenOrder,
  type Recipe,
  type Target,
} from '@kobby/core';
import type { LocationQuery } from 'vue-router';

const numberIn = (query: LocationQuery, field: string): number | null => {
  const value = Number(query[field]);
  return query[field] !== undefined && Number.isFinite(value) && value > 0 ? value : null;
};

/**
 * What the counter begins with: so many batches or so much where the address says so (a line of Gather leads here); what is
 * shown or tested, as often as it should be ready; else a share for everyone who is here today. What was chosen about bowl and measure before stays.
 */
export function startingOrder(
  home: Home,
  children: readonly Child[],
  query: LocationQuery,
  before: KitchenOrder | null = null,
  recipe: Recipe | null = null,
): KitchenOrder {
  const batches = numberIn(query, 'batches');
  const amount = numberIn(query, 'amount');
  const share = recipe ? startingShare(recipe, home) : null;
  const forChildren: Target = share
    ? { kind: 'children', children: children.length, share, spareShares: 0 }
    : { kind: 'batches', batches: 1 };
  const unit = recipe && yieldOf(recipe).unit;
  return {
    target:
      batches !== null
        ? { kind: 'batches', batches }
        : amount !== null
          ? { kind: 'volume', amount }
          : before?.target.kind === 'children' && recipe?.kind !== 'science'
            ? { ...before.target, ...(before.target.share.unit === unit || !share ? {} : { share }) }
            : recipe?.kind === 'science'
              ? { kind: 'batches', batches: recipe.repeats }
              : forChildren,
    // A bowl is for what is poured or kneaded: nobody knows what it takes of rolls.
    bowlMl: unit === 'piece' || unit === 'mm' ? null : (before?.bowlMl ?? null),
    wanted: { without: [], onlyFood: false },
    system: before?.system ?? home.units,
    way: before?.way ?? 'kept',
    children,
  };
}
