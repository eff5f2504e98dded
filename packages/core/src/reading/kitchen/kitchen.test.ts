import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import {
  exact,
  homeOf,
  inPortions,
  parseAmount,
  perBowl,
  recipeSchema,
  roundedTogether,
  scaledTo,
  startingShare,
  swappedRecipe,
  yieldOf,
  type Book,
  type Portion,
  type Recipe,
  type Target,
  type WayToMeasure,
} from '../../index.ts';
import { aSupply, testBook } from '../../testing/home.ts';

const KITCHEN: Book = testBook(
  aSupply('flour', { unit: 'g', gramsPerMl: 0.53, allergens: ['wheat'] }),
  aSupply('rice-flour', { unit: 'g', gramsPerMl: 0.67 }),
  aSupply('salt', { unit: 'g', gramsPerMl: 1.22, properties: { ingredients: ['salt'] } }),
  aSupply('oil', { unit: 'mL', gramsPerMl: 0.92 }),
  aSupply('water', { unit: 'mL', gramsPerMl: 1 }),
  aSupply('scent', { unit: 'mL' }),
  aSupply('egg', { unit: 'piece' }),
);
const { supplies } = KITCHEN;

type RecipeInput = Parameters<typeof recipeSchema.parse>[0] & object;
const aRecipe = (parts: readonly (readonly [string, number])[], rest: object = {}): Recipe =>
  recipeSchema.parse({
    id: 'dough',
    title: 'Dough',
    kind: 'dough',
    minutes: 20,
    yields: { amount: 560, unit: 'mL' },
    ingredients: parts.map(([supplyId, amount]) => ({ supplyId, amount })),
    ...rest,
  } satisfies RecipeInput);

function scaled(recipe: Recipe, target: Target, bowlMl: number | null = null) {
  const found = scaledTo(recipe, recipe.ingredients, supplies, target, bowlMl);
  if (!found.ok) throw new Error(found.why.message);
  return found.scaled;
}
const whyNot = (recipe: Recipe, target: Target, bowlMl: number | null = null) => {
  const found = scaledTo(recipe, recipe.ingredients, supplies, target, bowlMl);
  return found.ok ? null : found.why;
};

const ofBulk = fc.constantFrom('flour', 'rice-flour', 'salt', 'oil', 'water', 'scent');
const anyRecipe = fc
  .uniqueArray(fc.tuple(ofBulk, fc.integer({ min: 1, max: 90_000 })), {
    selector: ([id]) => id,
    minLength: 1,
    maxLength: 6,
  })
  .map((parts) => aRecipe(parts.map(([id, hundredths]) => [id, hundredths / 100] as const)));
const anyFactor = fc.tuple(fc.integer({ min: 1, max: 400 }), fc.integer({ min: 1, max: 40 }));

describe('scaling', () => {
  test('there and back is exact, whatever the factor', () => {
    fc.assert(
      fc.property(anyRecipe, fc.integer({ min: 1, max: 4000 }), (recipe, hundredths) => {
        const there = scaled(recipe, { kind: 'batches', batches: hundredths / 100 });
        // Back by what is left of the first ingredient: its own amount of one batch.
        const back = there.portions.map(({ amount }) => amount.div(there.factor));
        expect(back.map((amount) => amount.toFraction())).toEqual(
          recipe.ingredients.map(({ amount }) => exact(amount).toFraction()),
        );
      }),
      { numRuns: 300, seed: 1 },
    );
  });

  test('by children, by volume, by what is left and by batches meet in one factor', () => {
    fc.assert(
      fc.property(anyRecipe, anyFactor, (recipe, [children, spareShares]) => {
        const byChildren = scaled(recipe, {
          kind: 'children',
          children,
          share: { amount: 240, unit: 'mL' },
          spareShares,
        });
        const amount = (children + spareShares) * 240;
        const byVolume = scaled(recipe, { kind: 'volume', amount });
        expect(byVolume.factor.equals(byChildren.factor)).toBe(true);
        expect(byChildren.gives.valueOf()).toBeCloseTo(amount, 6);
        const [first] = recipe.ingredients;
        const left = byChildren.portions[0]!.amount.valueOf();
        const byLeft = scaled(recipe, { kind: 'left-of', supplyId: first!.supplyId, amount: left });
        expect(byLeft.factor.valueOf()).toBeCloseTo(byChildren.factor.valueOf(), 9);
      }),
      { numRuns: 200, seed: 2 },
    );
  });

  test('the bowls are equal, together the whole, and none is fuller than the bowl', () => {
    fc.assert(
      fc.property(
        anyRecipe,
        fc.integer({ min: 240, max: 6000 }),
        fc.integer({ min: 1, max: 20 }),
        (recipe, bowl, children) => {
          const made = scaled(
            recipe,
            { kind: 'children', children, share: { amount: 240, unit: 'mL' }, spareShares: 0 },
            bowl,
          );
          expect(made.gives.valueOf() / made.bowls).toBeLessThanOrEqual(bowl + 1e-9);
          expect(made.gives.valueOf() / Math.max(1, made.bowls - 1)).toBeGreaterThan(
            made.bowls === 1 ? 0 : bowl - 1e-9,
          );
          perBowl(made).forEach(({ amount }, i) =>
            expect(amount.mul(made.bowls).equals(made.portions[i]!.amount)).toBe(true),
          );
        },
      ),
      { numRuns: 200, seed: 3 },
    );
  });

  test('a share is in the unit of what the recipe gives, or taken over by its density; else it says what is missing', () => {
    const units = fc.constantFrom('mL', 'g', 'piece', 'mm');
    const counts = fc.tuple(fc.integer({ min: 1, max: 60 }), fc.integer({ min: 1, max: 400 }));
    fc.assert(
      fc.property(
        units,
        units,
        counts,
        fc.option(fc.integer({ min: 2, max: 30 })),
        (gives, asked, [children, share], tenths) => {
          const recipe = aRecipe([['flour', 100]], { yields: { amount: 12, unit: gives }, makesId: 'loaf' });
          const book = testBook(
            aSupply('flour', { unit: 'g' }),
            aSupply('loaf', { unit: gives, ...(tenths === null ? {} : { gramsPerMl: tenths / 10 }) }),
          );
          const target: Target = {
            kind: 'children',
            children,
            share: { amount: share, unit: asked },
            spareShares: 0,
          };
          const found = scaledTo(recipe, recipe.ingredients, book.supplies, target);
          // Worked out by hand: what they get together, in the unit of the recipe.
          const density = tenths === null ? null : tenths / 10;
          const together =
            asked === gives
              ? children * share
              : density !== null && asked === 'mL' && gives === 'g'
                ? children * share * density
                : density !== null && asked === 'g' && gives === 'mL'
                  ? (children * share) / density
                  : null;
          expect(found.ok ? found.scaled.gives.valueOf() : found.why.path).toEqual(
            together === null ? 'share' : expect.closeTo(together, 6),
          );
          if (found.ok)
            expect(found.scaled.portions[0]!.amount.valueOf()).toBeCloseTo((together! / 12) * 100, 6);
        },
      ),
      { numRuns: 400, seed: 21 },
    );
  });

  test.each<[string, object, string]>([
    ['rolls', { amount: 12, unit: 'piece' }, '1 piece'],
    ['blocks', { amount: 600, unit: 'g' }, '60 g'],
    ['dough', { amount: 560, unit: 'mL' }, '240 mL'],
  ])('%s begin with a share of their own', (_, yields, text) => {
    const { amount, unit } = startingShare(aRecipe([['flour', 100]], { yields }), homeOf(KITCHEN));
    expect(`${amount} ${unit}`).toBe(text);
  });

  test('parts by volume add up to what comes out, whatever was written down', () => {
    const parts = aRecipe(
      [
        ['water', 3],
        ['oil', 1.5],
      ],
      { partMl: 240, yields: { amount: 1, unit: 'piece' } },
    );
    expect(yieldOf(parts)).toEqual({ amount: 1080, unit: 'mL' });
    expect(scaled(parts, { kind: 'batches', batches: 2 }).gives.valueOf()).toBe(2160);
    expect(scaled(parts, { kind: 'volume', amount: 540 }).factor.valueOf()).toBe(0.5);
    expect(yieldOf(aRecipe([['water', 3]]))).toEqual({ amount: 560, unit: 'mL' });
  });

  test.each<[string, number, number, number, [number, number, number] | 'bowl']>([
    // In one batch, batches, what a container takes; then how many go in, containers, and in each.
    ['half a tablet in one container', 0.5, 1, 560, [0.5, 1, 0.5]],
    ['half a tablet in each of four', 0.5, 4, 560, [2, 4, 0.5]],
    ['a whole one in each of four', 1, 4, 560, [4, 4, 1]],
    ['half of it in half a container', 0.5, 0.5, 280, [0.5, 1, 0.5]],
    ['a whole egg in two bowls', 1, 1, 280, 'bowl'],
    ['half an egg in two bowls', 0.5, 1, 280, 'bowl'],
  ])('%s', (_, each, batches, bowlMl, expected) => {
    const recipe = aRecipe([
      ['water', 200],
      ['egg', each],
    ]);
    const target: Target = { kind: 'batches', batches };
    if (expected === 'bowl') return expect(whyNot(recipe, target, bowlMl)?.path).toBe('bowl');
    const made = scaled(recipe, target, batches < 1 ? 560 : bowlMl);
    const inEach = perBowl(made)[1]!.amount.valueOf();
    expect([made.portions[1]!.amount.valueOf(), made.bowls, inEach]).toEqual(expected);
  });

  test('whole things and halves stay what they are in each of equal bowls, and none is too full', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 8 }),
        fc.constantFrom(1, 2, 4),
        fc.integer({ min: 1, max: 400 }),
        fc.integer({ min: 100, max: 4000 }),
        (count, parts, hundredths, bowl) => {
          const recipe = aRecipe([
            ['water', 200],
            ['egg', count / parts],
          ]);
          const batches: Target = { kind: 'batches', batches: hundredths / 100 };
          const found = scaledTo(recipe, recipe.ingredients, supplies, batches, bowl);
          // One piece of the size that the recipe takes does not fit, or there would be too many bowls.
          if (!found.ok) return void expect([found.why.path, bowl < 1120]).toEqual(['bowl', true]);
          const { bowls, gives, factor } = found.scaled;
          expect(gives.valueOf() / bowls).toBeLessThanOrEqual(bowl + 1e-9);
          expect(factor.valueOf()).toBeGreaterThanOrEqual(hundredths / 100 - 1e-9);
          const inEach = perBowl(found.scaled)[1]!.amount.mul(parts);
          expect(Number.isInteger(inEach.valueOf())).toBe(true);
        },
      ),
      { numRuns: 300, seed: 22 },
    );
  });

  test('a bowl is told for what is poured; of rolls, or of what nobody weighed, nobody knows what it takes', () => {
    const batches: Target = { kind: 'batches', batches: 1 };
    const rolls = aRecipe([['flour', 100]], { yields: { amount: 12, unit: 'piece' } });
    expect(whyNot(rolls, batches, 500)).toMatchObject({ path: 'bowl' });
    const loaf = aRecipe([['flour', 100]], { yields: { amount: 600, unit: 'g' } });
    expect(whyNot(loaf, batches, 500)?.message).toContain('Weigh a cup of Dough');
    const weighed = aRecipe([['flour', 100]], { yields: { amount: 600, unit: 'g' }, makesId: 'flour' });
    // 600 g of 0.53 g a millilitre are 1132 mL.
    expect(scaled(weighed, batches, 500).bowls).toBe(3);
  });

  test('whole things stay whole, and the batch is fitted to them', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 6 }), fc.integer({ min: 1, max: 900 }), (eggs, hundredths) => {
        const recipe = aRecipe([
          ['flour', 250],
          ['egg', eggs],
        ]);
        const made = scaled(recipe, { kind: 'batches', batches: hundredths / 100 });
        const whole = made.portions[1]!.amount.valueOf();
        expect(Number.isInteger(whole)).toBe(true);
        // Not one more than needed.
        expect(whole).toBe(Math.ceil((eggs * hundredths) / 100 - 1e-9));
        expect(made.portions[0]!.amount.valueOf()).toBeCloseTo((250 * whole) / eggs, 9);
      }),
      { numRuns: 200, seed: 4 },
    );
  });

  test('parts by volume become amounts by their density', () => {
    const parts = aRecipe(
      [
        ['flour', 2],
        ['oil', 0.5],
      ],
      { partMl: 100 },
    );
    expect(
      scaled(parts, { kind: 'batches', batches: 3 }).portions.map(({ amount }) => amount.valueOf()),
    ).toEqual([318, 150]);
  });

  test.each([
    [
      'no children',
      { kind: 'children', children: 0, share: { amount: 240, unit: 'mL' }, spareShares: 1 },
      null,
      'children',
    ],
    [
      'half a child',
      { kind: 'children', children: 2.5, share: { amount: 240, unit: 'mL' }, spareShares: 0 },
      null,
      'children',
    ],
    [
      'no number',
      { kind: 'children', children: Number.NaN, share: { amount: 240, unit: 'mL' }, spareShares: 0 },
      null,
      'children',
    ],
    [
      'far too many',
      { kind: 'children', children: 1001, share: { amount: 240, unit: 'mL' }, spareShares: 0 },
      null,
      'children',
    ],
    [
      'a spare that is no number',
      { kind: 'children', children: 2, share: { amount: 240, unit: 'mL' }, spareShares: Number.NaN },
      null,
      'spareShares',
    ],
    [
      'a spare below nought',
      { kind: 'children', children: 2, share: { amount: 240, unit: 'mL' }, spareShares: -1 },
      null,
      'spareShares',
    ],
    ['batches without end', { kind: 'batches', batches: Infinity }, null, 'batches'],
    [
      'a share of nothing',
      { kind: 'children', children: 3, share: { amount: 0, unit: 'mL' }, spareShares: 1 },
      null,
      'share',
    ],
    ['nothing left', { kind: 'left-of', supplyId: 'flour', amount: 0 }, null, 'amount'],
    ['left of something else', { kind: 'left-of', supplyId: 'oil', amount: 10 }, null, 'supplyId'],
    ['nought batches', { kind: 'batches', batches: 0 }, null, 'batches'],
    ['an empty tub', { kind: 'volume', amount: -1 }, null, 'amount'],
    ['a bowl of nothing', { kind: 'batches', batches: 1 }, 0, 'bowl'],
    [
      'a bowl smaller than a share',
      { kind: 'children', children: 2, share: { amount: 240, unit: 'mL' }, spareShares: 0 },
      200,
      'bowl',
    ],
  ] as const)('%s is refused where it stands', (_, target, bowl, path) => {
    expect(whyNot(aRecipe([['flour', 250]]), target, bowl)?.path).toBe(path);
  });

  test('a part of something that nobody weighed is refused, and asks for its weight', () => {
    const book = testBook(aSupply('meal', { unit: 'g' }));
    const recipe = aRecipe([['meal', 2]], { partMl: 100 });
    const found = scaledTo(recipe, recipe.ingredients, book.supplies, { kind: 'batches', batches: 1 });
    expect(found).toMatchObject({ ok: false, why: { path: 'ingredients' } });
    expect(found.ok ? '' : found.why.message).toContain('Weigh a cup of meal');
  });

  test('a bowl that cannot hold one egg’s worth is refused', () => {
    const recipe = aRecipe([
      ['flour', 250],
      ['egg', 1],
    ]);
    expect(whyNot(recipe, { kind: 'batches', batches: 2 }, 300)?.message).toContain('one portion of egg');
    expect(whyNot(recipe, { kind: 'batches', batches: 2 }, 560)).toBeNull();
  });
});

describe('rounding', () => {
  const DENSITY: Readonly<Record<string, number>> = {
    flour: 0.53,
    'rice-flour': 0.67,
    salt: 1.22,
    oil: 0.92,
    water: 1,
    scent: 1,
  };

  // What is read off the page, in millilitres: the oracle knows the text and nothing else.
  function readOff(text: string, id: string): number {
    return text.split(' + ').reduce((sum, part) => {
      const mL = parseAmount(part, 'mL', DENSITY[id]!);
      if (!mL.ok) throw new Error(`${text}: ${mL.message}`);
      return sum + mL.quantity.amount;
    }, 0);
  }

  const systems = fc.constantFrom('metric' as const, 'us' as const);
  const ways = fc.constantFrom<WayToMeasure>('kept', 'volume', 'weight');

  test('never moves a share by more than the limit, read off what is shown', () => {
    fc.assert(
      fc.property(
        anyRecipe,
        fc.integer({ min: 1, max: 900 }),
        systems,
        ways,
        (recipe, hundredths, system, way) => {
          const factor = hundredths / 100;
          const made = roundedTogether(
            scaled(recipe, { kind: 'batches', batches: factor }).portions,
            system,
            way,
          );
          const exactly = recipe.ingredients.map(({ supplyId, amount }) => {
            const inMl = supplies[supplyId]!.unit === 'g' ? amount / DENSITY[supplyId]! : amount;
            return inMl * factor;
          });
          const shown = made.map(({ text, portion }) => readOff(poundsAdded(text), portion.supply.id));
          const [before, after] = [exactly, shown].map((list) => list.reduce((a, b) => a + b, 0));
          exactly.forEach((amount, i) => {
            const moved = shown[i]! / after! / (amount / before!) - 1;
            // What is printed has three digits after the point: a little more than the limit itself.
            const printed = 0.002 / Math.max(shown[i]!, 0.02);
            expect(Math.abs(moved)).toBeLessThan(0.05 + printed);
          });
        },
      ),
      { numRuns: 600, seed: 5 },
    );
  });
  const poundsAdded = (text: string): string => text.replace(/ lb (?=\S)/, ' lb + ');

  const one = (id: string, amount: number): Portion =>
    scaled(aRecipe([[id, amount]]), { kind: 'batches', batches: 1 }).portions[0]!;
  const textOf = (id: string, amount: number, system: 'metric' | 'us', way: WayToMeasure = 'kept') =>
    roundedTogether([one(id, amount)], system, way)[0]!.text;

  test.each([
    ['water', 552, 'us', '2⅓ cups'],
    ['water', 79, 'us', '⅓ cup'],
    ['water', 30, 'us', '2 tbsp'],
    ['water', 45, 'us', '3 tbsp'],
    ['water', 7.5, 'us', '1½ tsp'],
    ['water', 2.4, 'us', '½ tsp'],
    ['water', 0.6, 'us', '⅛ tsp'],
    ['water', 552, 'metric', '550 mL'],
    ['water', 1680, 'metric', '1.675 L'],
    ['water', 136, 'metric', '135 mL'],
    ['water', 7.4, 'metric', '7 mL'],
    ['flour', 1712, 'metric', '1.7 kg'],
    ['flour', 100, 'us', '3½ oz'],
  ] as const)('%s, %d in %s is %s', (id, amount, system, text) =>
    expect(textOf(id, amount, system)).toBe(text),
  );

  test('weights become cups by density, and stay weights where nobody weighed them', () => {
    expect(textOf('flour', 250, 'us', 'volume')).toBe('2 cups');
    const [scent] = roundedTogether([one('scent', 100)], 'metric', 'weight');
    expect([scent!.text, scent!.isDensityMissing]).toEqual(['100 mL', true]);
  });

  test('portions add up to the whole, whatever it is divided by', () => {
    fc.assert(
      fc.property(anyRecipe, fc.integer({ min: 1, max: 6 }), systems, (recipe, count, system) => {
        for (const line of roundedTogether(
          scaled(recipe, { kind: 'batches', batches: 1 }).portions,
          system,
        )) {
          const portions = inPortions(line.amount, line.measure, count, system);
          expect(portions).toHaveLength(count);
          expect(portions.reduce((a, b) => a.add(b)).equals(line.amount)).toBe(true);
          expect(portions.every((part) => part.gte(0))).toBe(true);
        }
      }),
      { numRuns: 150, seed: 8 },
    );
  });
});

describe('swaps', () => {
  const recipe = aRecipe(
    [
      ['flour', 260],
      ['oil', 30],
      ['water', 480],
      ['scent', 4],
    ],
    {
      swaps: [
        {
          allergen: 'wheat',
          supplyId: 'flour',
          insteadId: 'rice-flour',
          times: 1.1,
          also: [{ supplyId: 'oil', times: 1.5 }],
        },
        { allergen: null, supplyId: 'scent', insteadId: null },
      ],
    },
  );
  const amounts = (wanted: Parameters<typeof swappedRecipe>[2]) =>
    swappedRecipe(recipe, supplies, wanted).ingredients.map(({ supplyId, amount }) => [supplyId, amount]);

  test('carry their own ratios and change the others', () => {
    expect(amounts({ without: ['wheat'], onlyFood: false })).toEqual([
      ['rice-flour', 286],
      ['oil', 45],
      ['water', 480],
      ['scent', 4],
    ]);
  });

  test('to be made only of food leaves the scent out', () => {
    expect(amounts({ without: [], onlyFood: true }).map(([id]) => id)).toEqual(['flour', 'oil', 'water']);
  });

  test('an allergen without a swap is named', () => {
    const bare = aRecipe([['flour', 100]]);
    const found = swappedRecipe(bare, supplies, { without: ['wheat'], onlyFood: false });
    expect([found.left.map(({ id }) => id), found.isEmpty]).toEqual([['flour'], false]);
  });

  test('a swap that takes everything away is told, and cannot be scaled', () => {
    const gone = aRecipe([['flour', 100]], {
      swaps: [{ allergen: 'wheat', supplyId: 'flour', insteadId: null }],
    });
    const found = swappedRecipe(gone, supplies, { without: ['wheat'], onlyFood: false });
    expect(found.isEmpty).toBe(true);
    expect(scaledTo(gone, found.ingredients, supplies, { kind: 'batches', batches: 1 })).toMatchObject({
      ok: false,
      why: { path: 'ingredients' },
    });
  });
});
