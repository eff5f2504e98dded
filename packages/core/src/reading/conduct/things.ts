import type { PlainDay } from '../../calendar/index.ts';
import type { Supply } from '../../cupboard/index.ts';
import type { Quantity } from '../../measure/index.ts';
import type { Placement } from '../../unit/index.ts';
import { answer } from '../ground/answer.ts';
import type { SupplyLine } from '../gather/line.ts';
import { inDayOrder, fewOf, formatDays, listed, type Finding } from '../ground/finding.ts';
import { memoised } from '../ground/memo.ts';
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
      instead: 'They stand on the page of baskets.',
      basis: 'nothing is missing on the day',
      days: inDayOrder(out.map(({ by }) => by.number)),
      cornerIds: [],
      placementId: placementIds[0] ?? null,
      placementIds,
      childIds: [],
      supplyIds: out.map(({ supply }) => supply.id),
    },
  ];
});

/** The finding about amounts set by hand that are less than the plan asks for by now. */
export const byHandFindings = memoised((supplies: readonly SupplyLine[]): readonly Finding[] => {
  const short = supplies.filter(
    ({ errand, need, planned }) => errand?.amount && need.amount < planned.amount,
  );
  if (short.length === 0) return [];
  const placementIds = [...new Set(short.flatMap(({ uses }) => uses.map(({ placement }) => placement.id)))];
  const shown = ({ need }: SupplyLine, amount: Quantity): string =>
    need.unit === 'piece' ? String(amount.amount) : `${Math.round(amount.amount)} ${amount.unit}`;
  const days = inDayOrder(short.map(({ by }) => by.number));
  return [
    {
      key: 'by-hand',
      rule: 'by-hand',
      level: 'care',
      title:
        short.length === 1
          ? `Less than the plan needs: ${short[0]!.supply.name}`
          : `${short.length} amounts by hand are less than the plan needs`,
      detail: `${fewOf(short.map((line) => `${line.supply.name}: ${shown(line, line.need)} by hand, ${shown(line, line.planned)} planned`))}. First used on ${formatDays(days)}.`,
      instead: 'Take the amount of the plan, or plan for less.',
      basis: 'nothing is missing on the day',
      days,
      cornerIds: [],
      placementId: placementIds[0] ?? null,
      placementIds,
      childIds: [],
      supplyIds: short.map(({ supply }) => supply.id),
    },
  ];
});

// What is missing of a set needs no word for it; what is worn does.
const gapsIn = (
  supply: Supply | null,
): readonly { readonly how: 'missing' | 'worn'; readonly text: string }[] =>
  (supply?.set?.pieces ?? []).flatMap(({ name, count, missing, worn }) => [
    ...(missing > 0 ? [{ how: 'missing' as const, text: `${missing} of ${count} × ${name}` }] : []),
    ...(worn > 0 ? [{ how: 'worn' as const, text: `${worn} × ${name} worn` }] : []),
  ]);

/** The finding about sets that are used although pieces of them are missing or worn. */
export const pieceFindings = answer(
  (look, placements: readonly Placement[], frame: Frame, today: PlainDay): readonly Finding[] => {
    const used = placements.flatMap((placement) =>
      placement.content.materials.flatMap(({ supplyId }) => {
        const supply = look.one('supplies', supplyId);
        const gaps = gapsIn(supply);
        if (!supply || gaps.length === 0) return [];
        const days = sessionsOf(placement, frame).flatMap(({ day }) =>
          day.date >= today ? [day.number] : [],
        );
        return days.length > 0 ? [{ supply, placement, days, gaps }] : [];
      }),
    );
    if (used.length === 0) return [];
    const sets = [...new Map(used.map((one) => [one.supply, one])).values()];
    const all = sets.flatMap(({ gaps }) => gaps);
    const what = `Pieces ${(['missing', 'worn'] as const).filter((how) => all.some((gap) => gap.how === how)).join(' or ')}`;
    return [
      {
        key: 'pieces-missing',
        rule: 'pieces-missing',
        level: 'note',
        title: sets.length === 1 ? `${what}: ${sets[0]!.supply.name}` : `${what} in ${sets.length} sets`,
        detail: `${fewOf(sets.map(({ supply, gaps }) => `${supply.name}: ${listed(gaps.map(({ text }) => text))}`))}, ${formatDays(used.flatMap(({ days }) => days))}.`,
        instead: 'Make, mend or find them, or play it without.',
        basis: 'a set with a gap spoils the game',
        days: inDayOrder(used.flatMap(({ days }) => days)),
        cornerIds: [],
        placementId: used[0]!.placement.id,
        placementIds: [...new Set(used.map(({ placement }) => placement.id))],
        childIds: [],
        supplyIds: sets.map(({ supply }) => supply.id),
      },
    ];
  },
);
