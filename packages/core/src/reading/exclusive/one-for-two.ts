import type { PlainDay } from '../../calendar/index.ts';
import type { Supply } from '../../cupboard/index.ts';
import { formatQuantity, quantity } from '../../measure/index.ts';
import type { Placement, Unit } from '../../unit/index.ts';
import { answer, answerFlat, type Look } from '../ground/answer.ts';
import { stockOf } from '../stock/ledger.ts';
import { amountAtOnce, peaksByDay } from '../amounts/peak.ts';
import type { Use } from '../amounts/use.ts';
import { usesOf } from '../amounts/uses.ts';
import { fewOf, formatDays, type Finding } from '../ground/finding.ts';
import { stableGroups } from '../ground/memo.ts';
import type { Frame } from '../plan/plan.ts';

/** The reusable things that a unit uses, with every use of each. */
export const reusablesOf = answer(
  (look, placements: readonly Placement[], frame: Frame): ReadonlyMap<Supply, readonly Use[]> =>
    bySupply(reusableUses(look, placements, frame)),
);

const reusableUses = answerFlat((look, placement: Placement, frame: Frame): readonly Use[] =>
  usesOf(look, placement, frame).filter(({ supply }) => supply.use === 'reusable'),
);
const bySupply = stableGroups((use: Use) => use.supply);

/**
 * The findings about a thing that is needed in two places at the same time while there is only enough for one: in this
 * unit, or in this one and one whose days overlap. Days before `today` are left out. What is missing even for one
 * place is not told here: it stands on the supply list.
 */
export const oneForTwoFindings = answer(
  (look, placements: readonly Placement[], frame: Frame, today: PlainDay): readonly Finding[] =>
    clashes(look, [...reusablesOf(look, placements, frame)], today),
);

/** The same for this unit and one whose days overlap, each with its {@link reusablesOf}: only what takes both to clash. */
export const acrossUnitsFindings = answer(
  (
    look,
    here: ReadonlyMap<Supply, readonly Use[]>,
    frame: Frame,
    other: { readonly unit: Unit; readonly uses: ReadonlyMap<Supply, readonly Use[]> },
    today: PlainDay,
  ): readonly Finding[] => {
    const numberOf = new Map(frame.calendar.days.map(({ date, number }) => [date, number]));
    const both = [...here].flatMap(([supply, uses]): [Supply, Use[]][] => {
      const others = (other.uses.get(supply) ?? []).filter(({ day }) => numberOf.has(day.date));
      if (others.length === 0) return [];
      // Days are told by the numbers of the unit that is read.
      const renumbered = others.map((use) => ({
        ...use,
        day: { date: use.day.date, number: numberOf.get(use.day.date)! },
      }));
      return [[supply, [...uses, ...renumbered]]];
    });
    return clashes(look, both, today, other.unit);
  },
);

function clashes(
  look: Look,
  bySupply: readonly (readonly [Supply, readonly Use[]])[],
  today: PlainDay,
  otherUnit: Unit | null = null,
): readonly Finding[] {
  return bySupply.flatMap(([, all]) => clashesOf(look, all, today, otherUnit));
}

// Of one thing, with all its uses.
const clashesOf = answer(
  (look, all: readonly Use[], today: PlainDay, otherUnit: Unit | null): readonly Finding[] => {
    const { supply } = all[0]!;
    const uses = all.filter(({ day }) => day.date >= today);
    if (new Set(uses.map(({ placement }) => placement.id)).size < 2) return [];
    const have = stockOf(supply, look.table('stockMoves')).amount;
    const days = [...peaksByDay(uses)].flatMap(([number, peak]) => {
      if (peak.amount <= have) return [];
      const places = new Set(peak.uses.map(({ placement }) => placement));
      const owners = new Set([...places].map(({ unitId }) => unitId));
      // Each place alone could be served; within one unit the unit itself says so.
      const one = Math.max(
        ...[...places].map((place) => amountAtOnce(peak.uses.filter((use) => use.placement === place))),
      );
      const isClash = places.size > 1 && one <= have;
      return isClash && (otherUnit === null || owners.size > 1) ? [{ number, peak, places }] : [];
    });
    if (days.length === 0) return [];
    const { peak } = days[0]!;
    const places = [...new Set(days.flatMap((one) => [...one.places]))];
    const here = places.filter(({ unitId }) => unitId !== otherUnit?.id);
    const titles = [...new Set(here.map(({ content }) => content.title))];
    const beside = otherUnit === null ? '' : ` while ${otherUnit.title} uses it too`;
    const shown = (amount: number): string => formatQuantity(quantity(amount, supply.unit), 'metric');
    return [
      {
        key: `one-for-two:${supply.id}:${otherUnit?.id ?? ''}`,
        rule: 'one-for-two',
        level: 'care',
        title: `${supply.name} in ${places.length} places`,
        detail: `${fewOf(titles)} ${titles.length === 1 ? 'needs' : 'need'} it at the same time on ${formatDays(days.map(({ number }) => number))}${beside}: ${shown(peak.amount)} at once, and ${shown(have)} here.`,
        basis: 'one thing cannot be in two corners',
        days: days.map(({ number }) => number),
        cornerIds: here.flatMap(({ where }) => (where.kind === 'corner' ? [where.cornerId] : [])),
        placementId: here[0]?.id ?? null,
        childIds: [],
      },
    ];
  },
);
