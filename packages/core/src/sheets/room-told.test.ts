import { describe, expect, test } from 'vitest';
import type { Book } from '../book/index.ts';
import type { ChangeInput } from '../changes/index.ts';
import { shareSchema } from '../handover/index.ts';
import { factsOf, isToldTo, project, read, RULES, type Finding } from '../reading/index.ts';
import {
  A_MONDAY,
  aChild,
  after,
  aMaterial,
  anActivity,
  aSupply,
  onDay,
  TEST_UNIT,
  testBook,
} from '../testing/home.ts';
import { printedPages } from './printed.ts';

const link = shareSchema.parse({
  id: 'link',
  unitId: TEST_UNIT,
  label: 'Sol',
  fromDay: 1,
  toDay: 5,
  lastDate: null,
  revokedAt: null,
});
const onPhone = (book: Book): readonly string[] =>
  project(book, link, A_MONDAY).days.flatMap(({ items }) =>
    items.flatMap(({ cautions }) => cautions.map(({ text }) => text)),
  );
const onPaper = (book: Book): readonly string[] =>
  [1, 2, 3, 4, 5].flatMap((day) =>
    printedPages('day-sheet', book, { unitId: TEST_UNIT, day, today: A_MONDAY }).flatMap(({ parts }) =>
      parts.flatMap((part) => (part.kind === 'caution' ? [part.text] : [])),
    ),
  );
const headsUps = (book: Book): readonly Finding[] => read(book, TEST_UNIT, A_MONDAY).headsUps;

const base = testBook(
  aChild('bo', '2022-01-01', {
    name: 'Bo Marsh',
    shownAs: 'Bo',
    allergies: [{ allergen: 'egg', words: 'egg' }],
  }),
  aSupply('pen', { name: 'Ink pen', category: 'paint-and-glue', properties: { forFood: false } }),
  aSupply('mould', { name: 'Mould', category: 'tools', properties: {} }),
  aSupply('oats', {
    name: 'Oats',
    category: 'food',
    unit: 'g',
    properties: { ingredients: [], foodForm: 'soft' },
  }),
  aSupply('dough', {
    name: 'Dough',
    category: 'made',
    unit: 'g',
    properties: { ingredients: [], foodOnly: 'no' },
  }),
  {
    type: 'library/put-recipe',
    recipe: {
      id: 'dough-recipe',
      title: 'Dough',
      kind: 'dough',
      ingredients: [{ supplyId: 'oats', amount: 100 }],
      yields: { amount: 100, unit: 'g' },
      minutes: 10,
      keepsDays: 3,
      makesId: 'dough',
    },
  },
  anActivity('bake', {
    eaten: true,
    mode: 'whole-group',
    materials: [aMaterial('pen', 1), aMaterial('mould', 1)],
  }),
  anActivity('porridge', { mode: 'whole-group', materials: [aMaterial('oats', 30)] }),
  anActivity('knead', { mode: 'whole-group', materials: [aMaterial('dough', 30)] }),
);
const batch = (madeOn: string, more: object = {}): ChangeInput => ({
  type: 'kitchen/put-batch',
  batch: { id: 'b', recipeId: 'dough-recipe', madeOn, amount: 100, unit: 'g', ...more },
});

describe('phone and paper tell alike', () => {
  test('what is eaten after it touched something, by the names of the things and what to do in the room', () => {
    const book = after(base, onDay('p', 'bake', 2));
    const told = [
      'Stop: Eaten afterwards: bake. Without Ink pen: a pen made for food, and a clean tool that touches nothing else.',
      'Care: Eaten afterwards: bake. Before anybody eats it, look whether Mould is made for food; the cupboard has a field for it.',
    ];
    expect(onPhone(book)).toEqual(expect.arrayContaining(told));
    expect(onPaper(book)).toEqual(expect.arrayContaining(told));
  });

  test('whose label nobody read, for a child who is there; nothing once it was read', () => {
    const book = after(base, onDay('p', 'porridge', 2));
    const told = 'Care: Label not read: Oats. Read it before it is set out, and again at each purchase.';
    expect([onPhone(book), onPaper(book)]).toEqual([
      expect.arrayContaining([told]),
      expect.arrayContaining([told]),
    ]);
    const { oats } = book.supplies as unknown as Record<string, object>;
    const read = after(book, {
      type: 'cupboard/put-supply',
      supply: { ...oats, labelCheckedOn: '2027-03-01' } as never,
    });
    expect([...onPhone(read), ...onPaper(read)].join(' ')).not.toContain('Label not read');
  });

  test('what was kept too long, from the day after its last day on', () => {
    const book = after(base, onDay('p', 'knead', 3), batch('2027-03-05'));
    const past = 'Past its day: Dough. Throw it away and make it new.';
    expect(onPhone(book).some((text) => text.endsWith(past))).toBe(true);
    expect(onPaper(book).some((text) => text.endsWith(past))).toBe(true);
    expect(onPhone(after(base, onDay('p', 'knead', 1), batch('2027-03-05'))).join(' ')).not.toContain('Past');
    const ill = after(base, onDay('p', 'knead', 1), batch('2027-03-07', { illSince: '2027-03-07' }));
    expect(onPhone(ill)).toContain('Stop: After illness: Dough. Throw it away and make it new.');
  });

  test('what somebody keeps as it is, with who and why', () => {
    const book = after(base, onDay('p', 'bake', 2));
    const stop = headsUps(book).find(({ rule, level }) => rule === 'eaten' && level === 'stop')!;
    const kept = after(book, {
      type: 'unit/keep-finding',
      keeping: { id: 'k', unitId: TEST_UNIT, key: stop.key, facts: factsOf(stop), why: 'A new pen comes.' },
    });
    const why = /Without Ink pen: .*\. Kept by \w+: A new pen comes\.$/;
    for (const told of [onPhone(kept), onPaper(kept)])
      expect(told.filter((text) => why.test(text))).toHaveLength(1);
  });

  test('nothing that is a matter of planning, and no note', () => {
    const book = after(base, onDay('p', 'bake', 2), onDay('q', 'porridge', 2), onDay('r', 'knead', 2));
    const notForRoom = headsUps(book).filter(({ rule, level }) => !RULES[rule].tells || level === 'note');
    expect(notForRoom.length).toBeGreaterThan(0);
    const told = [...onPhone(book), ...onPaper(book)].join(' ');
    for (const { title } of notForRoom) expect(told).not.toContain(title);
  });

  test('an allergen is told on paper by its rule, on a phone meeting by meeting', () => {
    const finding = { rule: 'allergen' } as Finding;
    expect([isToldTo('paper', finding), isToldTo('phone', finding)]).toEqual([true, false]);
  });
});

test('beside each thing that is placed stands what is there of what a caution is about', () => {
  const paste = (id: string, name: string): ChangeInput =>
    aSupply(id, { name, category: 'paint-and-glue', properties: { ingredients: [] } });
  const book = after(
    base,
    paste('glue', 'Glue'),
    paste('inks', 'Inks'),
    anActivity('stick', { mode: 'whole-group', materials: [aMaterial('glue', 1)] }),
    anActivity('stamp', { mode: 'whole-group', materials: [aMaterial('inks', 1)] }),
    onDay('one', 'stick', 1),
    onDay('two', 'stamp', 2),
  );
  const told = headsUps(book).find(({ rule }) => rule === 'label-unread');
  expect(told?.title).toBe('Label not read: Glue and Inks');
  const said = (lines: readonly string[]) => lines.filter((line) => line.includes('Label not read'));
  const both = [
    'Care: Label not read: Glue. Read it before it is set out, and again at each purchase.',
    'Care: Label not read: Inks. Read it before it is set out, and again at each purchase.',
  ];
  expect(said(onPhone(book))).toEqual(both);
  expect(said(onPaper(book))).toEqual(both);
});
