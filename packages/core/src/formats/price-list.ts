import type { Book } from '../book/index.ts';
import type { PlainDay } from '../calendar/index.ts';
import type { ChangeInput } from '../changes/index.ts';
import { priceOfferSchema, type Pack, type PriceOffer, type Supply } from '../cupboard/index.ts';
import { asName, parseAmount } from '../measure/index.ts';
import { readTable } from './read-table.ts';
import { noPreview, type ImportPreview, type ImportRow } from './rows.ts';
import { priceIn } from './supply-table.ts';

/** What taking an offer would do to a supply. */
export interface PriceProposal {
  readonly supply: Supply;
  readonly offer: PriceOffer;
  /** The pack as the cupboard has it; null where it does not know this one. */
  readonly was: Pack | null;
  /** What such a pack costs elsewhere, the cheapest; null where nobody said. */
  readonly elsewhere: Pack | null;
  readonly becomes: Pack;
}

/**
 * What offers of a shop mean for the supplies of this house. An offer is for the supply of that name, or for the one supply all
 * of whose words stand in the offer's; where two would do, or what is in the pack is not counted as the supply is, the row says so.
 * What the house does not keep is passed over. Nothing is taken by asking.
 */
export function proposePrices(
  offers: readonly PriceOffer[],
  shop: string,
  book: Book,
  today: PlainDay,
): ImportPreview<PriceProposal> {
  const kept = Object.values(book.supplies).filter(({ retired, got }) => !retired && got !== 'tap');
  const rows = offers.flatMap((offer, i): ImportRow<PriceProposal>[] => {
    const at = { line: i + 1, text: `${offer.name}, ${offer.pack}` };
    const meant = suppliesFor(offer.name, kept);
    if (meant.length === 0) return [];
    const read = meant.map((supply) => ({ supply, amount: amountFor(offer, supply) }));
    const fit = read.flatMap(({ supply, amount }) =>
      amount.ok ? [{ supply, amount: amount.quantity.amount }] : [],
    );
    const [first, second] = fit;
    if (second)
      return [{ ...at, ok: false, why: `It may be ${fit.map(({ supply }) => supply.name).join(' or ')}` }];
    if (!first) {
      const [{ amount, supply }] = read as [(typeof read)[number]];
      return [{ ...at, ok: false, why: `${supply.name}: ${amount.ok ? '' : amount.message}` }];
    }
    const was = packLike(first.supply, first.amount, shop);
    const becomes: Pack = { amount: first.amount, price: offer.price, pricedOn: today, shop };
    return [
      {
        ...at,
        ok: true,
        value: { supply: first.supply, offer, was, elsewhere: was ? null : cheapestLike(first), becomes },
        hints: [],
      },
    ];
  });
  return rows.length > 0 ? { problem: null, rows } : noPreview('Nothing in it is kept in this house.');
}

/** Offers from a table with the columns name, pack and price, and a unit where the pack is a bare number. */
export function readPriceList(text: string, book: Book): ImportPreview<PriceOffer> {
  return readTable(text, {
    columns: ['name', 'pack', 'unit', 'price'],
    needs: ['name', 'pack', 'price'],
    row: (cells, at) => {
      const hints: string[] = [];
      const price = priceIn(cells.get('price') ?? '', book, hints);
      const offer = priceOfferSchema.safeParse({
        name: cells.get('name'),
        pack: [cells.get('pack'), cells.get('unit')].filter(Boolean).join(' '),
        price,
      });
      if (offer.success) return { ...at, ok: true, value: offer.data, hints };
      const field = String(offer.error.issues[0]!.path[0]);
      return {
        ...at,
        ok: false,
        why: hints[0] ?? `${field}: ${field === 'price' ? 'there is none' : offer.error.issues[0]!.message}`,
      };
    },
    keyOf: ({ name, pack }) => `${asName(name)} ${asName(pack)}`,
    already: 'This pack stands in the list already',
  });
}

/** What a price list means for the supplies of this house: the rows of it that cannot be read, and what the others propose. */
export function readPriceProposals(
  text: string,
  shop: string,
  book: Book,
  today: PlainDay,
): ImportPreview<PriceProposal> {
  const list = readPriceList(text, book);
  if (list.problem) return noPreview(list.problem);
  const bad = list.rows.flatMap((row): ImportRow<PriceProposal>[] => (row.ok ? [] : [row]));
  const offers = list.rows.flatMap((row) => (row.ok ? [row.value] : []));
  const { rows, problem } = proposePrices(offers, shop, book, today);
  return { problem: bad.length > 0 ? null : problem, rows: [...bad, ...rows] };
}

function suppliesFor(name: string, kept: readonly Supply[]): readonly Supply[] {
  const same = kept.filter((one) => asName(one.name) === asName(name));
  if (same.length > 0) return same;
  const words = new Set(wordsOf(name));
  const within = kept.filter((one) => wordsOf(one.name).every((word) => words.has(word)));
  const most = Math.max(0, ...within.map((one) => wordsOf(one.name).length));
  // The one that says most: “wheat flour” before “flour”.
  return within.filter((one) => wordsOf(one.name).length === most);
}
const wordsOf = (name: string): readonly string[] => asName(name).match(/[\p{L}\p{N}]+/gu) ?? [];

const amountFor = (offer: PriceOffer, { unit, gramsPerMl }: Supply): ReturnType<typeof parseAmount> =>
  parseAmount(offer.pack, unit, gramsPerMl);

const ofSize = ({ packs }: Supply, amount: number): readonly Pack[] =>
  packs.filter((pack) => Math.abs(pack.amount - amount) <= amount * 0.001);

const cheapestLike = ({
  supply,
  amount,
}: {
  readonly supply: Supply;
  readonly amount: number;
}): Pack | null =>
  ofSize(supply, amount)
    .filter(({ price }) => price !== null)
    .toSorted((a, b) => a.price! - b.price!)[0] ?? null;

// The pack of that size at that shop, or one of which nobody said at which.
const packLike = (supply: Supply, amount: number, shop: string): Pack | null => {
  const like = ofSize(supply, amount);
  return (
    like.find((pack) => pack.shop !== null && asName(pack.shop) === asName(shop)) ??
    like.find((pack) => pack.shop === null) ??
    null
  );
};

/** The most packs that a supply has. */
const MOST_PACKS = 12;

/** The changes that take proposals: a price with its day on a pack that is known, or one more pack. */
export function priceChanges(taken: readonly PriceProposal[], book: Book): readonly ChangeInput[] {
  const packs = new Map<string, readonly Pack[]>();
  for (const { supply, was, becomes } of taken) {
    const now = packs.get(supply.id) ?? book.supplies[supply.id]?.packs ?? [];
    const at =
      was === null ? -1 : now.findIndex((pack) => pack.amount === was.amount && pack.shop === was.shop);
    if (at < 0 && now.length >= MOST_PACKS) continue;
    packs.set(supply.id, at < 0 ? [...now, becomes] : now.map((pack, i) => (i === at ? becomes : pack)));
  }
  return [...packs].flatMap(([id, list]): ChangeInput[] => {
    const supply = book.supplies[id];
    return supply ? [{ type: 'cupboard/put-supply', supply: { ...supply, packs: [...list] } }] : [];
  });
}
