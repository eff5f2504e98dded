import type { Book } from '../../book/index.ts';
import { brings, cheapestPacks, type PackChoice, type Supply } from '../../cupboard/index.ts';
import type { PlainDay } from '../../calendar/index.ts';
import type { Child, Home } from '../../house/index.ts';
import type { Recipe } from '../../library/index.ts';
import { quantity, shortfall, type Quantity } from '../../measure/index.ts';
import type { BinFill } from '../../unit/index.ts';
import { stockOf } from '../stock/ledger.ts';
import { levelsFor } from '../cautions/cautions.ts';
import { suppliesAsMade } from '../kitchen/inherit.ts';
import { recipesByProduct } from '../kitchen/products.ts';
import { ageOn } from '../plan/plan.ts';
import { childrenAround, fillingOf, isFiller, type Filling } from '../amounts/filling.ts';

/** Fillers that come late on the path: fine and pourable ones, after coarse and clinging ones. */
export const isDemanding = ({ properties: { filler } }: Supply): boolean =>
  filler === 'fine' || filler === 'sand' || filler === 'foam-beads';

/** Fillers whose bulk is light and differs much: their densities are good to ±40 %, others to ±15 %. */
const LIGHT_BELOW = 0.16;

/** A filler for a tub, as it looks for the children who will be there. */
export interface FillerChoice {
  readonly filler: Supply;
  readonly filling: Filling;
  /** Children for whom a caution says stop or who must not meet an allergen in it, and for whom one says care. */
  readonly stops: readonly Child[];
  readonly cares: readonly Child[];
  /** What it is about for everyone in the room, such as dust. */
  readonly everyone: readonly string[];
  /** Children who have not met bins yet, where it is a demanding one. */
  readonly tooSoon: readonly Child[];
  readonly need: Quantity | null;
  readonly have: Quantity;
  readonly missing: Quantity | null;
  readonly packs: PackChoice | null;
  /** By how much a weight from its density may be off, in per cent. */
  readonly roughlyPercent: 15 | 40;
  /** The recipe that makes it, such as a dyed one: with its drying hours. */
  readonly recipe: Recipe | null;
}

/** What a tub is filled with is worked out for: which children, on which day. */
export interface AtTheBin {
  readonly children: readonly Child[];
  readonly day: PlainDay;
}

/**
 * Every filler of the home for a tub at a depth, those that suit everyone first: stops, then what comes too soon, then
 * cares; among equals what has to be bought least.
 */
export function fillerChoices(
  book: Book,
  { tubId, depthPercent }: Omit<BinFill, 'fillerId'>,
  { children, day }: AtTheBin,
): readonly FillerChoice[] {
  const products = recipesByProduct(book.recipes);
  return Object.values(suppliesAsMade(book))
    .filter((supply) => !supply.retired && isFiller(supply))
    .flatMap((filler): FillerChoice[] => {
      const filling = fillingOf({ tubId, fillerId: filler.id, depthPercent }, book.supplies);
      if (!filling) return [];
      const met = children.flatMap((child) =>
        levelsFor({ child, months: ageOn(child, day) }, filler, NOBODY_LEADS).map((one) => ({
          ...one,
          child,
        })),
      );
      const those = (level: 'stop' | 'care'): readonly Child[] => [
        ...new Set(met.flatMap((one) => (one.level === level && !one.rule.everyone ? [one.child] : []))),
      ];
      const isAllergic = ({ allergies }: Child): boolean =>
        brings(
          filler,
          allergies.map(({ allergen }) => allergen),
        );
      const stops = [...new Set([...those('stop'), ...children.filter(isAllergic)])];
      const need = filling.amount === null ? null : quantity(filling.amount, filler.unit);
      const have = stockOf(filler, book.stockMoves);
      const missing = need && shortfall(need, have);
      return [
        {
          filler,
          filling,
          stops,
          cares: those('care').filter((child) => !stops.includes(child)),
          everyone: [...new Set(met.flatMap(({ rule }) => (rule.everyone ? [rule.about] : [])))],
          tooSoon: isDemanding(filler) ? children.filter(({ knowsBins }) => !knowsBins) : [],
          need,
          have,
          missing,
          packs: missing && cheapestPacks(missing.amount, filler.packs),
          roughlyPercent: (filler.gramsPerMl ?? 1) < LIGHT_BELOW ? 40 : 15,
          recipe: products.get(filler.id) ?? null,
        },
      ];
    })
    .toSorted(
      (a, b) =>
        a.stops.length - b.stops.length ||
        a.tooSoon.length - b.tooSoon.length ||
        a.cares.length - b.cares.length ||
        (a.missing?.amount ?? Infinity) / (a.need?.amount || 1) -
          (b.missing?.amount ?? Infinity) / (b.need?.amount || 1) ||
        (a.filler.name < b.filler.name ? -1 : 1),
    );
}

const NOBODY_LEADS = {
  mode: 'open-corner',
  led: () => false,
  beside: [],
  outdoors: false,
  whereSomebodySleeps: false,
  atOnce: 1,
} as const;

/** What stands round a tub: by how many can use it, and the home's own rule for what leaves it. */
export const roundTheBin = (
  tub: Supply,
  home: Home,
): { readonly children: number; readonly rule: string } => ({
  children: tub.inside ? childrenAround(tub.inside, home) : 0,
  rule: home.binRule,
});
