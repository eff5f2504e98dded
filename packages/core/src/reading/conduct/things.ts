import type { Table } from '../../book/index.ts';
import type { PlainDay } from '../../calendar/index.ts';
import type { Supply } from '../../cupboard/index.ts';
import type { Placement } from '../../unit/index.ts';
import type { SupplyLine } from '../gather/line.ts';
import { fewOf, formatDays, listed, type Finding } from '../finding.ts';
import { memoised } from '../memo.ts';
import { sessionsOf, type Frame } from '../plan/plan.ts';

/** The finding about things that are needed and of which nothing is in the house. */
export const stockFindings = memoised((supplies: readonly SupplyLine[]): readonly Finding[] => {
  // What is cooked is made from other things: those are told where they are missing.
  const out = supplies.filter(
    ({ have, buy, basket }) => have.amount === 0 && buy.amount > 0 && basket !== 'cook',
  );
  if (out.length === 0) return [];
  const placementIds = [...new Set(out.flatMap(({ uses }) => uses.map(({ placement }) => placement.id)))];
  return [
    {
      key: 'out-of-stock',
      rule: 'out-of-stock',
      level: 'note',
      title:
        out.length === 1
          ? `None in the house: ${out[0]!.supply.name}`
          : `${out.length} things are not in the house`,
      detail: `${fewOf(out.map(({ supply }) => supply.name))}, first needed on Day ${Math.min(...out.map(({ by }) => by.number))}.`,
      instead: 'They stand under Buy on the page of baskets.',
      basis: 'nothing is missing on the day',
      days: [...new Set(out.map(({ by }) => by.number))].toSorted((a, b) => a - b),
      cornerIds: [],
      placementId: placementIds[0] ?? null,
      placementIds,
      childIds: [],
      supplyIds: out.map(({ supply }) => supply.id),
    },
  ];
});

/** The finding about sets that are used although pieces of them are missing. */
export const pieceFindings = memoised(
  (
    placements: readonly Placement[],
    frame: Frame,
    supplies: Table<Supply>,
    today: PlainDay,
  ): readonly Finding[] => {
    const used = placements.flatMap((placement) =>
      placement.content.materials.flatMap(({ supplyId }) => {
        const supply = supplies[supplyId];
        const missing = supply?.set?.pieces.filter(({ missing: count }) => count > 0) ?? [];
        if (!supply || missing.length === 0) return [];
        const days = sessionsOf(placement, frame).flatMap(({ day }) =>
          day.date >= today ? [day.number] : [],
        );
        return days.length > 0 ? [{ supply, placement, days, missing }] : [];
      }),
    );
    if (used.length === 0) return [];
    const sets = [...new Map(used.map((one) => [one.supply, one])).values()];
    return [
      {
        key: 'pieces-missing',
        rule: 'pieces-missing',
        level: 'note',
        title:
          sets.length === 1
            ? `Pieces missing: ${sets[0]!.supply.name}`
            : `Pieces missing in ${sets.length} sets`,
        detail: `${fewOf(sets.map(({ supply, missing }) => `${supply.name}: ${listed(missing.map(({ name, missing: count }) => `${count} × ${name}`))}`))}, ${formatDays(used.flatMap(({ days }) => days).toSorted((a, b) => a - b))}.`,
        instead: 'Make or find them, or play it without.',
        basis: 'a set with a gap spoils the game',
        days: [...new Set(used.flatMap(({ days }) => days))].toSorted((a, b) => a - b),
        cornerIds: [],
        placementId: used[0]!.placement.id,
        placementIds: [...new Set(used.map(({ placement }) => placement.id))],
        childIds: [],
        supplyIds: sets.map(({ supply }) => supply.id),
      },
    ];
  },
);
