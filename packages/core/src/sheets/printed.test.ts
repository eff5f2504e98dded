import { describe, expect, test } from 'vitest';
import type { Book } from '../book/index.ts';
import {
  A_MONDAY,
  aChild,
  aCorner,
  after,
  aMaterial,
  anActivity,
  aSupply,
  aVersion,
  inCorner,
  onDay,
  TEST_HOME,
  TEST_UNIT,
  testBook,
} from '../testing/home.ts';
import { PRINTED, printedPages, type PrintedId } from './printed.ts';

const book = testBook(
  {
    type: 'house/put-home',
    home: { ...TEST_HOME, binRule: 'Back into the tub.', emergencyNumber: '555 0100' },
  },
  aCorner('bin', { kind: 'sensory-bin' }),
  aChild('ada', '2026-05-01', { name: 'Ada Brook', shownAs: 'Ada' }),
  aChild('bo', '2022-01-01', {
    name: 'Bo Marsh',
    shownAs: 'Bo',
    allergies: [{ allergen: 'milk', words: 'milk' }],
  }),
  aSupply('yogurt', {
    name: 'Yogurt',
    unit: 'g',
    allergens: ['milk'],
    keptIn: 'Fridge',
    packs: [{ amount: 500, price: 250, shop: 'Grocer' }],
  }),
  anActivity('paint', {
    directions: 'One brush a child.',
    versions: [aVersion(24, null, { does: 'paints', say: 'Which blue?' })],
    materials: [aMaterial('yogurt', 30)],
  }),
  onDay('p', 'paint', 1),
  inCorner('b', 'paint', 'bin', 1, 3),
);
const pagesOf = (id: PrintedId, of: Book = book, day = 1) =>
  printedPages(id, of, { unitId: TEST_UNIT, day, today: A_MONDAY });
const textOf = (id: PrintedId, of?: Book, day?: number): string => JSON.stringify(pagesOf(id, of, day));

test('a card says what is other in a version, and how it runs', () => {
  const card = after(
    book,
    anActivity('sort', {
      selfChecking: true,
      adult: 'alone',
      resetMinutes: 2 as never,
      versions: [aVersion(0, null, { does: 'sorts', changes: 'Four lids only.' })],
    }),
    inCorner('s', 'sort', 'bin', 4, 5),
  );
  expect(textOf('corner-cards', card)).toContain('sorts Four lids only.');
  expect(textOf('corner-cards', card)).toContain(
    'It runs by itself; shows by itself whether it is right; takes 2 min to be put back between two children.',
  );
});

describe('on paper', () => {
  test('a day says who comes, who does what, whom no version fits, whom to watch for, and the numbers', () => {
    const text = textOf('day-sheet');
    for (const part of [
      '2 children',
      'paints Say: “Which blue?”',
      'no version fits',
      'Stop: ',
      'Emergency 555 0100',
    ])
      expect(text).toContain(part);
    expect(pagesOf('day-sheet', book, 11)).toEqual([]);
  });

  test('a card says for whom an amount is and where it is kept; a bin card has the rule of the home', () => {
    expect(textOf('corner-cards')).toContain('Yogurt: 30 g a child (Fridge)');
    expect(textOf('bin-cards')).toContain('When filler leaves the bin: Back into the tub.');
  });

  test('the supply list stands by shop, with what a pack holds', () => {
    const [page] = pagesOf('supply-list');
    expect(page?.parts[0]).toEqual({ kind: 'heading', text: 'Grocer' });
    expect(JSON.stringify(page)).toContain('1 × 500 g');
  });

  test('a bag says how its set is used, once however often it is placed', () => {
    const pages = pagesOf('bag-labels');
    expect(pages.map(({ title, sub }) => [title, sub])).toEqual([['paint', 'Kites · Day 1 to 3']]);
    expect(JSON.stringify(pages)).toContain('One brush a child.');
  });

  test('the note home is printed as it was edited last', () => {
    const letter = { id: 'l', unitId: TEST_UNIT, subject: 'Kites', text: 'Boots, please.', to: [] };
    const written = after(book, { type: 'handover/put-letter', letter: letter as never });
    expect(textOf('note-home', written)).toContain('Boots, please.');
  });

  test.each(Object.keys(PRINTED) as PrintedId[])('%s calls children as the home shows them', (id) => {
    expect(textOf(id)).not.toMatch(/Ada Brook|Bo Marsh/);
    expect(new Set(pagesOf(id).map(({ key }) => key)).size).toBe(pagesOf(id).length);
  });
});

test('what is collected outdoors stands with the rule of the home, a planned test with its question', () => {
  const leaves = after(
    book,
    { type: 'house/put-home', home: { ...TEST_HOME, collectRule: 'Fallen rather than picked.' } },
    aSupply('leaves', { name: 'Leaves', got: 'collected' }),
    anActivity('leaf', {
      materials: [aMaterial('leaves', 4)],
      test: { question: 'Which leaf floats longest?', ways: [{ label: 'dry' }, { label: 'wet' }] },
    }),
    onDay('l', 'leaf', 1),
    inCorner('m', 'leaf', 'bin', 4, 5),
  );
  expect(textOf('supply-list', leaves)).toContain('Fallen rather than picked.');
  expect(textOf('supply-list')).not.toContain('Fallen');
  expect(textOf('day-sheet', leaves)).toContain('A test: Which leaf floats longest?');
  expect(textOf('corner-cards', leaves)).toContain('Which leaf floats longest?');
});
