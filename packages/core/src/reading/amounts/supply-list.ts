import type { Table } from '../../book/index.ts';
import type { PlainDay, ProgramDay } from '../../calendar/index.ts';
import { type StockMove, type Supply } from '../../cupboard/index.ts';
import type { Corner } from '../../house/index.ts';
import { quantity, shortfall, type Quantity } from '../../measure/index.ts';
import type { Placement } from '../../unit/index.ts';
import { memoised, perMember, stableGroups } from '../memo.ts';
import type { Frame } from '../plan/plan.ts';
import { stockOf } from './ledger.ts';
import { peakOf, type Peak } from './peak.ts';
import { usesOf, type Use } from './uses.ts';

/** What a unit still needs of one supply. */
export interface SupplyLine {
  readonly supply: Supply;
  readonly need: Quantity;
  readonly have: Quantity;
  /** What is missing; zero when enough is there. */
  readonly buy: Quantity;
  /** The first day on which it is needed. */
  readonly by: ProgramDay;
  /** What the need is made of: for a reusable, what uses it at its peak. */
  readonly uses: readonly Use[];
  /** The moment of most use; null for a consumable. */
  readonly peak: Peak | null;
}

/**
 * Everything that a unit still needs from `today` on, by the day on which it is first needed, then by name.
 * Consumables are added up; reusables count at their peak of simultaneous use. Countable things are rounded
 * up to whole ones. What was needed on earlier days has been taken out by then and is in the stock ledger.
 */
export const supplyList = memoised(
  (
    placements: readonly Placement[],
    frame: Frame,
    supplies: Table<Supply>,
    corners: Table<Corner>,
    stockMoves: Table<StockMove>,
    today: PlainDay,
  ): readonly SupplyLine[] => {
    const uses = usesToCome(placements, frame, supplies, corners, today).flat();
    return (
      [...bySupply(uses).values()]
        .map((ofSupply) => lineOf(ofSupply, stockMoves))
        // What a corner's own kit covers is not asked of the cupboard.
        .filter((line) => line.need.amount > 0)
        .toSorted((a, b) => a.by.number - b.by.number || (a.supply.name < b.supply.name ? -1 : 1))
    );
  },
);

const usesToCome = perMember(
  (
    placement: Placement,
    frame: Frame,
    supplies: Table<Supply>,
    corners: Table<Corner>,
    today: PlainDay,
  ): readonly Use[] => usesOf(placement, frame, supplies, corners).filter((use) => use.day.date >= today),
);
const bySupply = stableGroups((use: Use) => use.supply.id);

const lineOf = memoised((uses: readonly Use[], stockMoves: Table<StockMove>): SupplyLine => {
  const { supply } = uses[0]!;
  const peak = supply.use === 'reusable' ? peakOf(uses) : null;
  const amount = peak ? peak.amount : uses.reduce((total, use) => total + use.amount, 0);
  // Sums of thirds end in dust: a need of 6.000000001 pieces is 6, not 7.
  const need = quantity(supply.unit === 'piece' ? Math.ceil(amount - 1e-6) : amount, supply.unit);
  const have = stockOf(supply, stockMoves);
  const by = uses.reduce((first, { day }) => (day.number < first.number ? day : first), uses[0]!.day);
  return { supply, need, have, buy: shortfall(need, have), by, uses: peak ? peak.uses : uses, peak };
});
