import { groupBy } from '../../book/index.ts';
import type { Supply } from '../../cupboard/index.ts';
import { CONTENT_COUNTS, yieldOf, type AmountFor, type Material } from '../../library/index.ts';
import { allergenName } from '../../house/index.ts';
import {
  formatMoney,
  formatQuantity,
  fractionText,
  quantity,
  toNumber,
  type CurrencyId,
  type Exact,
  type Quantity,
  type UnitSystem,
} from '../../measure/index.ts';
import { spanOfDays } from '../../unit/index.ts';
import { formatDays, listed } from '../ground/finding.ts';
import { noBowlText } from '../kitchen/own-bowl.ts';
import type { CookNeed, SupplyLine } from './line.ts';
import type { Use } from '../amounts/use.ts';

/**
 * How an amount came about, a sentence for each activity that has a part in it and one for the sum:
 * `Straw trails, Day 4: 6 children × 2 + 1 spare → 14`. Amounts are shown in the system given.
 */
export function explainLine(
  line: SupplyLine,
  system: UnitSystem,
  currency: CurrencyId = 'USD',
): readonly string[] {
  const shown = (q: Quantity): string => formatQuantity(q, system);
  const byPlacement = groupBy(line.uses, (use) => use.placement.id);
  const parts = [...byPlacement.values()].flatMap((uses) =>
    explainPlacement(uses, line.peak !== null, shown),
  );
  return [
    ...parts,
    ...line.cookNeeds.map((need) => cookSentence(need, shown)),
    ...standingSentences(line, shown),
    ...handSentences(line, shown),
    ...sharedSentences(line),
    sentenceOfSum(line, shown),
    ...packSentences(line, shown, currency),
    ...cookingSentences(line, shown),
  ];
}

/** How many batches, in halves: `2½ batches`. */
export const batchesText = (batches: Exact): string =>
  `${fractionText(toNumber(batches))} ${batches.gt(1) ? 'batches' : batches.equals(1) ? 'batch' : 'of a batch'}`;

function cookSentence({ recipe, batches, amount, supply, ownOf }: CookNeed, shown: Shown): string {
  const whose = ownOf.length > 0 ? `, the own one of ${listed(ownOf.map(({ shownAs }) => shownAs))}` : '';
  return `${recipe.title}, ${batchesText(batches)}${whose} → ${shown(quantity(amount, supply.unit))}`;
}

function handSentences({ errand, planned, isMoved, supply }: SupplyLine, shown: Shown): string[] {
  if (!errand?.amount) return [];
  const set = `Set by ${errand.by} to ${shown(quantity(errand.amount.set, supply.unit))}; the plan asks for ${shown(planned)}`;
  const moved = `, and asked for ${shown(quantity(errand.amount.instead, supply.unit))} when it was set`;
  return [`${set}${isMoved ? moved : ''}.`];
}

function sharedSentences({ sharedWith, peak }: SupplyLine): string[] {
  if (sharedWith.length === 0) return [];
  const others = listed(sharedWith.map(({ title }) => title));
  return [peak ? `${others} uses it at the same moment.` : `${others} takes of it before.`];
}

function packSentences({ packs, carried, supply }: SupplyLine, shown: Shown, currency: CurrencyId): string[] {
  const before =
    carried > 0 ? [`${shown(quantity(carried, supply.unit))} is left of packs for an earlier unit.`] : [];
  if (!packs) return before;
  const of = packs.packs.map(({ pack, count }) => `${count} × ${shown(quantity(pack.amount, supply.unit))}`);
  const cost = packs.cost === null ? '' : ` for ${formatMoney(packs.cost, currency)}`;
  const leaves = packs.leftOver > 0 ? `, leaves ${shown(quantity(packs.leftOver, supply.unit))}` : '';
  const unpriced =
    packs.unpriced.length > 0
      ? [
          `No price is known of ${listed(packs.unpriced.map((pack) => shown(quantity(pack.amount, supply.unit))))}.`,
        ]
      : [];
  return [...before, `Cheapest: ${of.join(' + ')}${cost}${leaves}.`, ...unpriced];
}

function cookingSentences({ cooking }: SupplyLine, shown: Shown): string[] {
  if (!cooking) return [];
  if (cooking.problem !== null) return [cooking.problem];
  const { own, without, times, recipe, batches } = cooking;
  const { amount, unit } = yieldOf(recipe);
  const sentences = [];
  if (batches.gt(0)) sentences.push(`${batchesText(batches)} of ${shown(quantity(amount, unit))}.`);
  for (const bowl of own)
    sentences.push(
      `${batchesText(bowl.batches)} without ${listed(bowl.without.map((id) => allergenName(id)))} for ${listed(bowl.children.map(({ shownAs }) => shownAs))}: own bowl, own tools, a label.`,
    );
  sentences.push(...without.map(noBowlText));
  if (times > 1) sentences.push(`It keeps ${recipe.keepsDays} days: made ${times} times, a part each time.`);
  return sentences;
}

/** One line of what an activity needs, in words: `240 mL a child`, `2 for 4, with spares`. */
export function materialText(line: Material, supply: Supply, system: UnitSystem): string {
  const { for: who, times, spare } = line;
  if (line.spill)
    return `${formatQuantity(quantity(line.amount, supply.unit), system)}, in case something spills`;
  const shares: Readonly<Record<AmountFor['kind'], string>> = {
    child: 'a child',
    'group-of': `for ${who.kind === 'group-of' ? who.size : ''}`,
    adult: 'an adult',
    all: 'for all',
    run: 'each time',
  };
  const counted = times === 'once' ? '' : `, ${CONTENT_COUNTS[times]}`;
  const amount = formatQuantity(quantity(line.amount, supply.unit), system);
  return `${amount} ${shares[who.kind]}${counted}${spare === 'none' ? '' : ', with spares'}`;
}

type Shown = (q: Quantity) => string;

// Days with the same sum are told together.
function explainPlacement(uses: readonly Use[], atPeak: boolean, shown: Shown): string[] {
  const alike = groupBy(
    uses,
    (use) =>
      `${use.line.amount}|${use.heads}|${use.shares}|${use.spares}|${use.made ? madeText(use.made) : ''}`,
  );
  return [...alike.values()].map((same) => {
    const use = same[0]!;
    const days = formatDays(same.map(({ day }) => day.number));
    const times = same.length > 1 && !atPeak ? ` × ${same.length} days` : '';
    const total = quantity(use.amount * same.length, use.supply.unit);
    return `${use.placement.content.title}, ${when(use, days, atPeak)}: ${sharesText(use, shown)}${times} → ${shown(total)}`;
  });
}

function when(use: Use, days: string, atPeak: boolean): string {
  const span = spanOfDays(use.placement);
  if (atPeak || span === null || use.line.every === 'day' || use.line.for.kind === 'run') return days;
  return span.from === span.to ? days : `Day ${span.from} to ${span.to}, once`;
}

function sharesText(use: Use, shown: Shown): string {
  if (use.made) return madeText(use.made);
  const each = shown(quantity(use.line.amount, use.supply.unit));
  const spares = use.spares > 0 ? ` + ${use.spares} spare` : '';
  const limit = use.limitedTo === null ? '' : ' at once';
  const children = `${use.heads} ${use.heads === 1 ? 'child' : 'children'}${limit}`;
  const { for: who, times } = use.line;
  if (times === 'letters-of-name')
    return `${use.shares} letters in the names of ${children} × ${each}${spares}`;
  const counted = countedText(use);
  if (counted !== null) return `${use.shares} × ${each} (${counted})${spares}`;
  if (use.line.spill) return `${each} in case something spills`;
  if (who.kind === 'all') return `${each} for all${spares}`;
  if (who.kind === 'run')
    return use.shares === 1 ? `${each} each time${spares}` : `${use.shares} groups × ${each}${spares}`;
  if (who.kind === 'adult')
    return `${use.adults} ${use.adults === 1 ? 'adult' : 'adults'} × ${each}${spares}`;
  if (who.kind === 'child') return `${children} × ${each}${spares}`;
  const groups = `${use.shares} ${use.shares === 1 ? 'group' : 'groups'} of up to ${who.size}`;
  return `${children} in ${groups} × ${each}${spares}`;
}

function madeText({ recipe, how, own }: NonNullable<Use['made']>): string {
  const whose = own ? `, the own bowl of ${listed(own.children.map(({ shownAs }) => shownAs))}` : '';
  return `${recipe.title}, ${how}${whose}`;
}

// What the unit itself asks for: the heads are in the shares already.
function countedText({ line: { for: who, times }, heads }: Use): string | null {
  if (times === 'once' || times === 'letters-of-name') return null;
  const forWhom = who.kind === 'child' ? `${heads} children, each ` : '';
  return `${forWhom}${CONTENT_COUNTS[times]}`;
}

// Each kit is told once, whatever stands in that corner.
function standingSentences({ uses }: SupplyLine, shown: Shown): string[] {
  const texts = uses
    .filter((use) => use.standing > 0)
    .map((use) => `${shown(quantity(use.standing, use.supply.unit))} stand in that corner already`);
  return [...new Set(texts)];
}

function sentenceOfSum({ need, have, buy, peak }: SupplyLine, shown: Shown): string {
  const sum = peak ? `Most at once: ${shown(need)} on Day ${peak.day.number}` : `Together ${shown(need)}`;
  const missing = buy.amount > 0 ? `${shown(buy)} missing` : 'enough';
  return `${sum}; on hand ${shown(have)}, ${missing}.`;
}
