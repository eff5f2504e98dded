import { groupBy } from '../book/index.ts';
import { EPSILON, type Picks } from '../choosing/index.ts';
import { formatMoney, type CurrencyId, type Money } from '../measure/index.ts';
import { listed, RULES, type Finding } from '../reading/index.ts';
import type { Drafting } from './drafting.ts';
import type { MustKind, MustRow } from './must-hold.ts';
import type { DraftSpot } from './spots.ts';

/** A place of a draft that stays empty. */
export interface Unfilled {
  readonly spot: DraftSpot;
  /** Why nothing came there, in words that follow the place and a colon. */
  readonly why: string;
  /** The smallest thing that would have to give way for something to come there; null where nothing can, or nobody has to. */
  readonly give: string | null;
}

interface Breach {
  readonly row: MustRow;
  /** How much too much it would be. */
  readonly by: number;
}

/** For each place that picks leave empty what stands against everything that could come there. What stands in may be missing. */
export function whyEmpty(drafting: Drafting, picks: Picks): readonly Unfilled[] {
  const { spots, options, currency } = drafting;
  const open = spots.flatMap((spot, s) => (picks[s] === null && spot.kind !== 'twin' ? [s] : []));
  if (open.length === 0) return [];
  const breaches = breachesOf(drafting.problem().rows, picks);
  const bySpot = groupBy([...options.keys()], (o) => options[o]!.spot);
  return open.map((s): Unfilled => {
    const spot = spots[s]!;
    const own = bySpot.get(s) ?? [];
    if (own.length === 0) return { spot, ...byStops(drafting.whatStops(spot)) };
    const [least] = own.map(breaches).toSorted(byHowMuch);
    return { spot, ...byBreaches(least!, currency) };
  });
}

// What an option would break if it came to the picks.
function breachesOf(rows: readonly MustRow[], picks: Picks): (option: number) => readonly Breach[] {
  const chosen = new Set(picks);
  const takers = new Map<
    number,
    { readonly row: MustRow; readonly left: number; readonly amount: number }[]
  >();
  for (const row of rows) {
    const used = row.takes.reduce((sum, [o, amount]) => sum + (chosen.has(o) ? amount : 0), 0);
    for (const [o, amount] of row.takes) {
      if (amount <= 0) continue;
      const own = takers.get(o) ?? [];
      own.push({ row, left: row.room - used, amount });
      takers.set(o, own);
    }
  }
  return (option) =>
    (takers.get(option) ?? []).flatMap(({ row, left, amount }): Breach[] =>
      amount > left + EPSILON ? [{ row, by: amount - left }] : [],
    );
}

// What gives way the most easily stands first: a limit of the home before what cannot be changed.
const GIVES: readonly MustKind[] = ['money', 'thing', 'mess', 'adults', 'once', 'refused', 'need', 'told'];
const hardness = (breaches: readonly Breach[]): number =>
  Math.max(-1, ...breaches.map(({ row }) => GIVES.indexOf(row.kind)));
const excess = (breaches: readonly Breach[]): number => breaches.reduce((sum, { by }) => sum + by, 0);
const byHowMuch = (a: readonly Breach[], b: readonly Breach[]): number =>
  a.length - b.length || hardness(a) - hardness(b) || excess(a) - excess(b);

interface Words {
  readonly why: string;
  readonly give: string | null;
}

const SAID: Readonly<Record<MustKind, (breach: Breach, currency: CurrencyId) => Words>> = {
  once: () => ({
    why: 'all that fits there stands elsewhere in this unit',
    give: 'something twice, or something new in the library',
  }),
  mess: () => ({ why: 'what fits is messy, and the day has its mess', give: 'one messy thing more a day' }),
  adults: ({ by }) => ({
    why: 'what fits needs somebody who stays with it, and all are busy',
    give: by <= 1 ? 'one adult more' : `${Math.ceil(by)} adults more`,
  }),
  thing: ({ row, by }) => ({
    why: `${row.about} would be in two places at once`,
    give: `${Math.ceil(by)} more of ${row.about}`,
  }),
  need: ({ row }) => ({ why: `${row.about} has no place before it`, give: null }),
  money: ({ by }, currency) => ({
    why: 'the budget is used up',
    give: `${formatMoney(Math.ceil(by) as Money, currency)} more to spend`,
  }),
  told: ({ row }) => ({ why: row.about, give: null }),
  refused: () => ({ why: 'what fits there was not wanted', give: 'something that was not wanted' }),
};

function byBreaches(breaches: readonly Breach[], currency: CurrencyId): Words {
  if (breaches.length === 0) return { why: 'what fits there is worth less than it takes', give: null };
  const said = breaches.map((breach) => SAID[breach.row.kind](breach, currency));
  const gives = said.map(({ give }) => give);
  return {
    why: listed([...new Set(said.map(({ why }) => why))]),
    give: gives.includes(null) ? null : listed([...new Set(gives as string[])]),
  };
}

function byStops(stops: readonly Finding[]): Words {
  if (stops.length === 0) return { why: 'nothing in the library fits there', give: null };
  const leads = stops.filter(({ lead }) => lead !== undefined);
  const rules = [...groupBy(stops, ({ rule }) => rule)].toSorted(([, a], [, b]) => b.length - a.length);
  return {
    why: `what fits there is stopped: ${listed(rules.slice(0, 2).map(([rule]) => RULES[rule].about))}`,
    give: leads.length > 0 ? 'somebody who may stay with it, and is there' : null,
  };
}

/** Places that stay empty in lines, those for one cause together, the most places first. */
export function unfilledLines(unfilled: readonly Unfilled[]): readonly string[] {
  return [...groupBy(unfilled, ({ why, give }) => `${why}|${give}`).values()]
    .toSorted((a, b) => b.length - a.length)
    .map((those) => {
      const { why, give } = those[0]!;
      const names = those.map(({ spot }) => spot.name);
      const places =
        names.length > MOST_NAMED ? `${names.length} places, ${names[0]} the first` : names.join('; ');
      return `${places}: ${why}${give === null ? '' : ` – what would do: ${give}`}`;
    });
}
const MOST_NAMED = 3;
