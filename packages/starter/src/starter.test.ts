import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import {
  activityContentSchema,
  ageInMonths,
  applyGesture,
  CAUTION_LINE,
  EMPTY_BOOK,
  gestureSchema,
  lensFor,
  openSlots,
  read,
  recipeSchema,
  scaledTo,
  startFromReady,
  STYLES,
  supplySchema,
  swappedRecipe,
  thingGaps,
  unrecorded,
  yearOf,
  type Book,
  type UnitId,
} from '@kobby/core';
import { describe, expect, test } from 'vitest';
import { STARTER_ACTIVITIES } from './activities/index.ts';
import { demoGestures, DEMO_TODAY } from './index.ts';
import { STARTER_BOOKS } from './books.ts';
import { STARTER_RECIPES } from './recipes/index.ts';
import { sharedText } from './shared-text.ts';
import { STARTER_SONGS } from './songs/index.ts';
import { STARTER_SUPPLIES } from './supplies/index.ts';

const demoBook = (): Book =>
  demoGestures().reduce<Book>((book, changes, i) => {
    const gesture = gestureSchema.parse({ id: `demo-gesture-${i}`, at: '2027-03-05T18:00:00.000Z', changes });
    const outcome = applyGesture(book, gesture, { kind: 'person', id: 'kobby', name: 'Kobby' });
    if (outcome.outcome !== 'kept') throw new Error(JSON.stringify(outcome));
    return outcome.book;
  }, EMPTY_BOOK);

const book = demoBook();

describe('the demo home', () => {
  const kites = read(book, 'unit-kites' as UnitId, DEMO_TODAY);

  test('is on Day 4 of ten, with Monday 15 closed', () => {
    expect(kites.frame.calendar.days.find((day) => day.date === DEMO_TODAY)?.number).toBe(4);
    expect(kites.frame.calendar.days[5]?.date).toBe('2027-03-16');
    expect(kites.frame.calendar.skipped).toEqual([{ date: '2027-03-15', why: 'Spring cleaning day' }]);
  });

  test('has seven children from nine months to six years and fourteen corners', () => {
    const ages = Object.values(book.children).map((child) => ageInMonths(child.birth, DEMO_TODAY));
    expect([ages.length, Math.min(...ages), Math.max(...ages)]).toEqual([7, 9, 72]);
    expect(Object.keys(book.corners)).toHaveLength(14);
  });

  test('has something to buy, something on the shelf, and heads-ups of its own', () => {
    expect(kites.supplies.filter((line) => line.buy.amount > 0).map((line) => line.supply.id)).toEqual([
      'bubble-mix',
      'clothes-pegs',
      'paper-straws',
      'small-trays',
      'lump-rice',
      'rice-flour',
      'wooden-dowels',
    ]);
    const open = kites.headsUps.filter(({ kept }) => !kept);
    expect(open.filter(({ level }) => level === 'stop')).toEqual([]);
    expect(open.filter(({ level }) => level === 'care').map(({ title }) => title)).toEqual([
      "Under the maker's lowest age: Ada Brook",
      'Round neck or face: Juno Hale',
      'Long cord or loop: Juno Hale',
      'Sticks: Juno Hale and Noor Vale',
      'Out of reach of Ada Brook',
      'Small trays in 9 places',
      'Ada Brook mostly watches',
      'Eli Stone will not touch wet paint',
      'Water: Down or up? Kite parts in water',
      'Clothes pegs in 4 places',
    ]);
  });

  test('keeps one stop as it is, with the reason', () => {
    const kept = kites.headsUps.filter((one) => one.kept);
    expect(kept.map(({ level, title, kept: as }) => [level, title, as?.by])).toEqual([
      ['stop', 'Long cord or loop: Ada Brook', 'Kobby'],
    ]);
    expect(kept[0]?.kept?.why).toContain('sewn to the rim');
  });

  test('has a year of units, one just over, the current, the next, and an idea', () => {
    const { units, values } = yearOf(book, DEMO_TODAY);
    expect(units.map(({ unit, phase }) => `${unit.title}: ${phase}`)).toEqual([
      'Locks and Keys: over',
      'A passion for clocks: over',
      'Cranes and Pulleys: over',
      'Markets: over',
      'A letter-W week: over',
      'Mirrors: over',
      'Paper: over',
      'The Post Office: over',
      'Wind and Kites: now',
      'Lanterns and the Night Sky: to-come',
      'Bridges: idea',
    ]);
    expect(values.letter).toEqual(['K', 'C', 'M', 'W', 'P', 'S', 'L']);
  });
});

const MOST_SHARED = 0.6;

/** Pairs of entries that share more of their text than two entries may. */
const tooAlike = (entries: readonly { readonly id: string; readonly text: string }[]): string[] =>
  entries.flatMap((a, i) =>
    entries
      .slice(i + 1)
      .filter((b) => sharedText(a.text, b.text) > MOST_SHARED)
      .map((b) => `${a.id} and ${b.id}`),
  );

const textOf = (value: unknown): string =>
  typeof value === 'string'
    ? value
    : typeof value === 'object' && value !== null
      ? Object.values(value).map(textOf).join(' ')
      : '';

describe('the ready-made units', () => {
  const book = demoBook();
  const ready = Object.values(book.readyUnits);
  const started = (one: (typeof ready)[number]) => {
    let count = 0;
    const unit = {
      id: 'new',
      title: one.title,
      style: one.style,
      start: '2027-05-03',
      dayCount: one.dayCount,
    };
    const { changes, left } = startFromReady(one, book, unit, () => `new-${(count += 1)}`);
    const gesture = gestureSchema.parse({ id: 'start-ready', at: '2027-03-05T18:00:00.000Z', changes });
    const outcome = applyGesture(book, gesture, { kind: 'person', id: 'kobby', name: 'Kobby' });
    if (outcome.outcome !== 'kept') throw new Error(JSON.stringify(outcome));
    return { reading: read(outcome.book, 'new' as UnitId, DEMO_TODAY), left };
  };

  test('are there for each of the four styles', () => {
    expect(new Set(ready.map(({ style }) => style))).toEqual(new Set(Object.keys(STYLES)));
  });

  test.each(ready.map((one) => [one.title, one] as const))(
    '%s fills what its style expects, says nothing twice, and leaves no word open',
    (_, one) => {
      const { reading, left } = started(one);
      expect(left).toEqual([]);
      const rules = reading.headsUps.map(({ rule }) => rule);
      for (const rule of [
        'empty-corner',
        'open-slot',
        'past-the-end',
        'order',
        'event-without-day',
        'left-out',
      ])
        expect(rules).not.toContain(rule);
      expect(reading.balance(lensFor(reading.frame)).rows.filter((row) => row.isThin)).toEqual([]);
      expect(thingGaps(reading.things)).toEqual([]);
    },
  );
});

describe('the starter library', () => {
  test('is large enough to begin with', () => {
    expect(STARTER_ACTIVITIES.length).toBeGreaterThanOrEqual(40);
    expect(STARTER_RECIPES.length).toBeGreaterThanOrEqual(15);
    expect(STARTER_SONGS.length).toBeGreaterThanOrEqual(15);
    expect(STARTER_SUPPLIES.length).toBeGreaterThanOrEqual(120);
    for (const list of [STARTER_ACTIVITIES, STARTER_RECIPES, STARTER_SONGS, STARTER_BOOKS])
      expect(new Set(list.map((one) => one.id)).size).toBe(list.length);
  });

  test.each(STARTER_ACTIVITIES.map(({ id, content }) => [id, content] as const))(
    '%s has three versions in which children do different things',
    (_, { versions }) => {
      expect(versions.length).toBeGreaterThanOrEqual(3);
      expect(tooAlike(versions.map(({ id, does }) => ({ id, text: does })))).toEqual([]);
    },
  );

  test.each<[string, readonly { readonly id: string }[]]>([
    ['activities', STARTER_ACTIVITIES],
    ['recipes', STARTER_RECIPES],
    ['songs', STARTER_SONGS],
  ])('no two %s share more than 60 % of their text', (_, list) => {
    const texts = list.map(({ id, ...rest }) => ({ id, text: ownWords(rest) }));
    expect(tooAlike(texts)).toEqual([]);
  });

  test('a copy with a few words changed is found out', () => {
    const text = 'Lays two panels over each other to find a third colour and tells which one came out.';
    const copy = 'Lays two sheets over each other to find a third colour and tells which one came out of it.';
    expect(
      tooAlike([
        { id: 'a', text },
        { id: 'b', text: copy },
        { id: 'c', text: 'Pours rice.' },
      ]),
    ).toEqual(['a and b']);
  });

  test.each(STARTER_SUPPLIES.map(({ supply }) => [supply.id, supplySchema.parse(supply)] as const))(
    '%s has every property that its category asks for',
    (_, supply) => expect(unrecorded(supply.category, supply.properties)).toEqual([]),
  );

  test('whatever is bought and used up has a pack, or a recipe', () => {
    const made = new Set(STARTER_RECIPES.map(({ makesId }) => makesId));
    const lacking = STARTER_SUPPLIES.map(({ supply }) => supply).filter(
      ({ id, got, use, packs }) =>
        got === 'bought' && use === 'consumable' && packs?.length === 0 && !made.has(id),
    );
    expect(lacking.map(({ id }) => id)).toEqual([]);
  });

  test.each(STARTER_RECIPES.map((one) => [one.id, recipeSchema.parse(one)] as const))(
    'recipe %s can be made for six children, and its portions go in at its steps',
    (_, recipe) => {
      const target = { kind: 'batches', batches: 1.5 } as const;
      const scaling = scaledTo(recipe, recipe.ingredients, book.supplies, target);
      expect(scaling.ok).toBe(true);
      for (const { steps } of recipe.ingredients)
        for (const step of steps) expect(step).toBeLessThanOrEqual(recipe.steps.length);
      expect(recipe.steps.every(({ text }) => !/\d+ mL/.test(text))).toBe(true);
      for (const { allergen } of recipe.swaps) {
        const wanted = { without: allergen === null ? [] : [allergen], onlyFood: allergen === null };
        expect(swappedRecipe(recipe, book.supplies, wanted).left).toEqual([]);
      }
      // The time of the steps is the time that is told.
      expect(recipe.minutes).toBeGreaterThan(0);
    },
  );

  test('every open slot of a pattern is one that it asks for', () => {
    for (const { id, content } of STARTER_ACTIVITIES) {
      const asked = (content.slots ?? []).map((slot) => slot.id).toSorted();
      expect([id, openSlots(activityContentSchema.parse(content)).toSorted()]).toEqual([id, asked]);
    }
  });
});

// What every entry has in common by its shape: kinds, ids and where it comes from.
function ownWords(entry: object): string {
  const { content, source: _, ...rest } = { content: {}, source: '', ...entry };
  const { source: __, slots: ___, ...inner } = { source: '', slots: [], ...content };
  return textOf({ ...rest, ...inner });
}

test("the product's own voice never certifies", () => {
  const packages = join(import.meta.dirname, '../..');
  const sources = readdirSync(packages, { recursive: true, encoding: 'utf8' }).filter(
    (name) => /src\/.*\.(ts|vue|css|html)$/.test(name) && !/\.test\.ts$|node_modules|dist\//.test(name),
  );
  expect(sources.length).toBeGreaterThan(60);
  for (const name of sources) {
    const text = readFileSync(join(packages, name), 'utf8').replaceAll(/\bsafe(Parse|ty)\w*/gi, '');
    expect([name, /\b(safe|compliant|taste-safe)\b/i.exec(text)?.[0]]).toEqual([name, undefined]);
  }
  expect(CAUTION_LINE).toContain('does not certify');
});
