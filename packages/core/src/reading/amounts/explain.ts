import { groupBy } from '../../book/index.ts';
import { formatQuantity, quantity } from '../../measure/index.ts';
import { formatDays } from '../finding.ts';
import type { SupplyLine } from './supply-list.ts';
import type { Use } from './uses.ts';

/**
 * How an amount came about, a sentence for each activity that has a part in it and one for the sum:
 * `Straw trails, Day 4: 6 children × 2 + 1 spare → 14`.
 */
export function explainLine(line: SupplyLine): readonly string[] {
  const byPlacement = groupBy(line.uses, (use) => use.placement.id);
  const parts = [...byPlacement.values()].flatMap((uses) => explainPlacement(uses, line.peak !== null));
  return [...parts, sentenceOfSum(line)];
}

// Days with the same sum are told together.
function explainPlacement(uses: readonly Use[], atPeak: boolean): string[] {
  const alike = groupBy(uses, (use) => `${use.line.amount}|${use.heads}|${use.shares}|${use.spares}`);
  return [...alike.values()].map((same) => {
    const use = same[0]!;
    const days = formatDays(same.map(({ day }) => day.number));
    const times = same.length > 1 && !atPeak ? ` × ${same.length} days` : '';
    const total = quantity(use.amount * same.length, use.supply.unit);
    return `${use.placement.content.title}, ${when(use, days, atPeak)}: ${sharesText(use)}${times} → ${formatQuantity(total)}`;
  });
}

function when(use: Use, days: string, atPeak: boolean): string {
  if (atPeak || use.line.every === 'day' || use.placement.where.kind === 'day') return days;
  const { fromDay, toDay } = use.placement.where;
  return fromDay === toDay ? days : `Day ${fromDay} to ${toDay}, once`;
}

function sharesText(use: Use): string {
  const each = formatQuantity(quantity(use.line.amount, use.supply.unit));
  const spares = use.spares > 0 ? ` + ${use.spares} spare` : '';
  const limit = use.limitedTo === null ? '' : ' at once';
  const children = `${use.heads} ${use.heads === 1 ? 'child' : 'children'}${limit}`;
  if (use.line.for.kind === 'all') return `${each} for all${spares}`;
  if (use.line.for.kind === 'child') return `${children} × ${each}${spares}`;
  const groups = `${use.shares} ${use.shares === 1 ? 'group' : 'groups'} of up to ${use.line.for.size}`;
  return `${children} in ${groups} × ${each}${spares}`;
}

function sentenceOfSum({ need, have, buy, peak }: SupplyLine): string {
  const sum = peak
    ? `Most at once: ${formatQuantity(need)} on Day ${peak.day.number}`
    : `Together ${formatQuantity(need)}`;
  const missing = buy.amount > 0 ? `${formatQuantity(buy)} missing` : 'enough';
  return `${sum}; on hand ${formatQuantity(have)}, ${missing}.`;
}
