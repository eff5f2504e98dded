import type { PlainDay, ProgramDay } from '../../calendar/index.ts';
import type { PackChoice, Supply } from '../../cupboard/index.ts';
import type { BasketId, Errand, Pickup } from '../../daybook/index.ts';
import type { Child } from '../../house/index.ts';
import type { Recipe } from '../../library/index.ts';
import type { Exact, Quantity } from '../../measure/index.ts';
import type { Unit } from '../../unit/index.ts';
import type { Peak } from '../amounts/peak.ts';
import type { Use } from '../amounts/use.ts';
import type { OwnBowl, WithoutBowl } from '../kitchen/own-bowl.ts';

/** What the kitchen makes of a supply for a unit. */
export interface Cooking {
  readonly recipe: Recipe;
  /** Batches for everyone, in steps of a half. */
  readonly batches: Exact;
  /** Batches of their own for children who must not meet what is in it: own bowl, own tools, a label. */
  readonly own: readonly OwnBatch[];
  /** For whom nothing is made: no swap is written for what they must not meet. */
  readonly without: readonly WithoutBowl[];
  /** The latest day on which it can be made, its waiting counted in. */
  readonly makeBy: PlainDay;
  /** It is used longer than it keeps: it has to be made so many times. */
  readonly times: number;
  /** What keeps it from being worked out; null when nothing does. */
  readonly problem: string | null;
}

export interface OwnBatch extends OwnBowl {
  readonly batches: Exact;
}

/** What one ingredient is needed for something that is cooked. */
export interface CookNeed {
  readonly unit: Unit;
  readonly supply: Supply;
  /** In the unit of the supply, rounded by nothing. */
  readonly amount: number;
  readonly by: ProgramDay;
  readonly recipe: Recipe;
  readonly batches: Exact;
  /** For the batch of these children only; empty for everyone's. */
  readonly ownOf: readonly Child[];
}

/** What a unit needs of one supply, what is there, and how the rest is got. */
export interface SupplyLine {
  readonly unit: Unit;
  readonly supply: Supply;
  /** What is needed: by hand where somebody said so. */
  readonly need: Quantity;
  /** What the plan asks for, whatever was said by hand. */
  readonly planned: Quantity;
  /** What is there for this unit, after what other units take before. */
  readonly have: Quantity;
  /** Left over from packs that are bought for an earlier unit; 0 for none. */
  readonly carried: number;
  /** What is missing; zero when enough is there. */
  readonly buy: Quantity;
  readonly basket: BasketId;
  /** The first day on which it is needed. */
  readonly by: ProgramDay;
  /** The first day on which what is there does not do; null when it does. */
  readonly shortOn: PlainDay | null;
  /** The day by which it is ordered, asked for or made: before it runs short, by the days that it takes to arrive. */
  readonly orderBy: PlainDay;
  /** What the need is made of: for a reusable, what uses it at its peak, in whichever unit. */
  readonly uses: readonly Use[];
  readonly cookNeeds: readonly CookNeed[];
  /** The moment of most use; null for a consumable. */
  readonly peak: Peak | null;
  /** Other units that use it at that moment, or take of it before. */
  readonly sharedWith: readonly Unit[];
  /** The packs to buy; null when nothing is bought or no pack is known. */
  readonly packs: PackChoice | null;
  readonly cooking: Cooking | null;
  readonly errand: Errand | null;
  /** The amount was set by hand, and the plan asks for another one than it did then. */
  readonly isMoved: boolean;
  /** Ticked while shopping. */
  readonly pickup: Pickup | null;
}
