// The worked examples of docs/worked-examples.md, run: each block of figures with what is expected of it.
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { expect, test } from 'vitest';
import {
  cheapestPacks,
  childrenAround,
  clockTimeSchema,
  exact,
  fillingVolume,
  formatMinutes,
  homeOf,
  parseAmount,
  percentText,
  perBowl,
  printWork,
  read,
  recipeSchema,
  roundedTogether,
  roundsFor,
  saltShareOf,
  scaledTo,
  sheetSchema,
  surfaceMm2,
  stretchesOf,
  timetableOf,
  toNumber,
  type Book,
  type ChangeInput,
  type Inside,
  type MeasureId,
  type Target,
} from '../index.ts';
import {
  A_MONDAY,
  aChild,
  after,
  aMaterial,
  anActivity,
  aSupply,
  inReserve,
  onDay,
  revised,
  TEST_HOME,
  TEST_UNIT,
  testBook,
} from '../testing/home.ts';
import { CAUTION_RULES } from './index.ts';

const PAGE = readFileSync(join(import.meta.dirname, '../../../../docs/worked-examples.md'), 'utf8');
const headings: string[] = [];
type Example = Record<string, unknown> & { readonly expect: Record<string, unknown> };
const EXAMPLES = [...PAGE.matchAll(/^## (.+)$|^```json (\w+)\n([\s\S]*?)^```$/gm)].reduce<
  { readonly title: string; readonly kind: string; readonly example: Example }[]
>((found, [, heading, kind, body]) => {
  if (heading) headings.push(heading);
  else found.push({ title: headings.at(-1) ?? '', kind: kind!, example: JSON.parse(body!) as Example });
  return found;
}, []);
const home = homeOf(testBook());
const { supplies } = testBook(
  aSupply('flour', { unit: 'g', gramsPerMl: 0.53 }),
  aSupply('salt', { unit: 'g', gramsPerMl: 1.22, properties: { ingredients: ['salt'] } }),
  aSupply('oil', { unit: 'mL', gramsPerMl: 0.92 }),
  aSupply('water', { unit: 'mL', gramsPerMl: 1 }),
  aSupply('egg'),
);
const amountIn = (text: string, unit: MeasureId): number => {
  const parsed = parseAmount(text, unit);
  if (!parsed.ok) throw new Error(`${text}: ${parsed.message}`);
  return parsed.quantity.amount;
};

function targetOf(wanted: Record<string, number | string>): Target {
  if ('children' in wanted) {
    const [amount, unit] = String(wanted.share).split(' ');
    const share = { amount: Number(amount), unit: (unit ?? 'piece') as MeasureId };
    return { kind: 'children', spareShares: 0, ...wanted, share } as unknown as Target;
  }
  if ('leftOf' in wanted)
    return { kind: 'left-of', supplyId: String(wanted.leftOf), amount: Number(wanted.amount) };
  return { kind: 'batches', batches: Number(wanted.batches) };
}

const detailOf = (book: Book, rule: string): string | null =>
  read(book, TEST_UNIT, A_MONDAY).headsUps.find((one) => one.rule === rule)?.detail ?? null;

const RUN: Readonly<Record<string, (example: Example) => Record<string, unknown>>> = {
  scale({ batch, for: wanted, system = 'metric', way = 'kept', bowlMl = null }) {
    const { gives, ...parts } = batch as Record<string, string>;
    const recipe = recipeSchema.parse({
      id: 'r',
      title: 'r',
      kind: 'dough',
      minutes: 1,
      yields: gives!.endsWith('mL')
        ? { amount: amountIn(gives!, 'mL'), unit: 'mL' }
        : { amount: Number(gives), unit: 'piece' },
      ingredients: Object.entries(parts).map(([supplyId, text]) => ({
        supplyId,
        amount: amountIn(text, supplies[supplyId]!.unit),
      })),
    });
    const scaling = scaledTo(
      recipe,
      recipe.ingredients,
      supplies,
      targetOf(wanted as Record<string, number>),
      bowlMl as number | null,
    );
    if (!scaling.ok) throw new Error(scaling.why.message);
    const lines = roundedTogether(perBowl(scaling.scaled), system as 'us', way as 'kept');
    return {
      batches: scaling.scaled.factor.toFraction(),
      ...Object.fromEntries(lines.map(({ portion, text }) => [portion.supply.id, text])),
    };
  },
  packs({ need, packs }) {
    const offers = (packs as { amount: number; price: number }[]).map((one) => ({
      ...one,
      price: one.price as never,
      pricedOn: null,
      shop: null,
    }));
    const choice = cheapestPacks(Number(need), offers)!;
    return {
      counts: offers.map((offer) => choice.packs.find(({ pack }) => pack === offer)?.count ?? 0),
      cost: choice.cost,
      leftOver: choice.leftOver,
    };
  },
  bin({ inside, depthPercent, gramsPerMl }) {
    const tub = inside as Inside;
    const volumeMl = fillingVolume(tub, Number(depthPercent));
    return {
      volumeMl,
      weightG: toNumber(exact(volumeMl).mul(exact(Number(gramsPerMl)))),
      surfaceCm2: toNumber(surfaceMm2(tub).div(100)),
      children: childrenAround(tub, home),
    };
  },
  print({ sheet, copies }) {
    const work = printWork(
      sheetSchema.parse({ id: 's', title: 's', ...(sheet as object) }),
      Number(copies),
      home,
    );
    return {
      pages: work.pages,
      pouches: work.pouches,
      cards: work.cards,
      seconds: work.printSeconds + work.laminateSeconds + work.cutSeconds,
    };
  },
  timetable({ steps, readyBy, earliest }) {
    const recipe = recipeSchema.parse({
      id: 'r',
      title: 'r',
      kind: 'dough',
      minutes: 14,
      yields: { amount: 1, unit: 'mL' },
      steps: (steps as object[]).map((step) => ({ text: 'x', ...step })),
    });
    const [hours, minutes] = String(earliest).split(':').map(Number);
    const table = timetableOf(recipe, clockTimeSchema.parse(readyBy), hours! * 60 + minutes!);
    const { busyMinutes, waitMinutes, spareMinutes } = table;
    return { from: formatMinutes(table.from), busyMinutes, waitMinutes, spareMinutes };
  },
  stretches({ steps }) {
    const recipe = recipeSchema.parse({
      id: 'r',
      title: 'r',
      kind: 'food',
      minutes: 1,
      yields: { amount: 12, unit: 'piece' },
      steps: (steps as object[]).map((step) => ({ text: 'x', ...step })),
    });
    return {
      stretches: stretchesOf(recipe).map(
        (one) => `${one.minutes} of ${one.lastsMinutes}, then ${one.waitMinutes}`,
      ),
    };
  },
  press({ holds, children, days, pressed }) {
    const book = testBook(
      {
        type: 'house/put-home',
        home: {
          ...TEST_HOME,
          waitingPlaces: [{ id: 'p', name: 'Press', kind: 'press', holds: Number(holds) }],
        },
      },
      ...Array.from({ length: Number(children) }, (_, i) => aChild(`child-${i}`, '2023-01-01')),
      anActivity('leaves', {
        title: 'Leaves',
        makes: ['leaves'],
        makesAfterHours: Number(days) * 24,
        makesWaitsIn: 'press',
      }),
    );
    const long = after(book, revised(book, { dayCount: 20 as never }));
    const placed = after(long, ...(pressed as number[]).map((day) => onDay(`p-${day}`, 'leaves', day)));
    return { told: detailOf(placed, 'place-crowded') };
  },
  letter({ letter, activities, things }) {
    const book = testBook(
      ...Object.entries(activities as Record<string, string>).flatMap(([title, thing], i) => [
        aSupply(`s-${i}`, { name: thing }),
        anActivity(`a-${i}`, { title, materials: [aMaterial(`s-${i}`, 1)] }),
        onDay(`p-${i}`, `a-${i}`, i + 1),
        anActivity(`quiet-${i}`, { title: 'Rest' }),
        inReserve(`r-${i}`, `quiet-${i}`),
      ]),
      ...Object.entries(things as Record<string, string | null>).map(
        ([name, firstSound], i): ChangeInput => ({
          type: 'unit/put-thing',
          thing: { id: `t-${i}`, unitId: TEST_UNIT, name, firstSound, order: `a${i}` },
        }),
      ),
    );
    const featured = [{ kind: 'letter' as const, value: String(letter), span: 'unit' as const }];
    return { told: detailOf(after(book, revised(book, { featured })), 'feature-once') };
  },
  rounds({ children, turn, atOnce, reset }) {
    const turns = { turnMinutes: turn, atOnce, resetMinutes: reset } as never;
    const book = testBook(
      ...Array.from({ length: Number(children) }, (_, i) => aChild(`c-${i}`, '2023-01-01')),
      anActivity('dig', turns),
      onDay('p', 'dig', 2),
    );
    return { ...roundsFor(turns, Number(children)), told: detailOf(book, 'rounds') };
  },
  salt({ expect: _, ...parts }) {
    const found = saltShareOf(
      Object.entries(parts).map(([supplyId, amount]) => ({
        supplyId: supplyId as never,
        amount: Number(amount),
      })),
      supplies,
    );
    if (!found.known) throw new Error('not known');
    const rule = CAUTION_RULES.find(({ row }) => row === 15)!;
    return {
      percent: percentText(found.share),
      isMuch: rule.is({ saltPercent: toNumber(found.share.mul(100)) }),
    };
  },
};

test.each(EXAMPLES.map((one, i) => [`${i + 1}: ${one.title}`, one] as const))(
  '%s',
  (_, { kind, example }) => {
    expect(RUN[kind]!(example)).toEqual(example.expect);
  },
);

test('every kind of example is on the page', () => {
  expect([...new Set(EXAMPLES.map(({ kind }) => kind))].toSorted()).toEqual(Object.keys(RUN).toSorted());
});
