// What goes out of the demo home as tables and texts, read by readers that are not ours, and the cupboard back again.
import {
  attendanceTable,
  cupboardOf,
  dayMarkdown,
  libraryMarkdown,
  libraryTable,
  readSupplyTable,
  recordsTable,
  shoppingTable,
  supplyRowChanges,
  supplyTable,
  unitMarkdown,
  type Book,
  type UnitId,
} from '@kobby/core';
import { parse } from 'csv-parse/sync';
import { describe, expect, test } from 'vitest';
import { DEMO_TODAY } from './index.ts';
import { after, demo, newId } from './testing/demo-home.ts';

const at = '2027-03-11T15:00:00.000Z';
const KITES = 'unit-kites' as UnitId;

const rowsOf = (csv: string): Record<string, string>[] => parse(csv, { columns: true, bom: true });
const onHand = (book: Book) => (id: string) =>
  cupboardOf(book, DEMO_TODAY).find(({ supply }) => supply.id === id)?.have.amount ?? 0;

describe('tables', () => {
  test('are read by another reader, as many rows as there are', () => {
    expect(rowsOf(supplyTable(demo, DEMO_TODAY))).toHaveLength(cupboardOf(demo, DEMO_TODAY).length);
    const children = rowsOf(attendanceTable(demo));
    expect(children.map(({ name }) => name)).toEqual(Object.values(demo.children).map(({ name }) => name));
    expect(children[0]).toMatchObject({
      Monday: expect.any(String) as string,
      away: expect.any(String) as string,
    });
    expect(rowsOf(recordsTable(demo))).toHaveLength(Object.keys(demo.records).length);
    expect(rowsOf(libraryTable(demo)).length).toBeGreaterThan(100);
    const shopping = rowsOf(shoppingTable(demo, KITES, DEMO_TODAY));
    expect(shopping.length).toBeGreaterThan(5);
    expect(Number(shopping[0]!.needed)).toBeGreaterThan(0);
  });

  test('run nothing in a spreadsheet, and hold commas, quotes and lines', () => {
    const [id, supply] = Object.entries(demo.supplies)[0]!;
    const keptIn = '=HYPERLINK("x"), "left"';
    const book = { ...demo, supplies: { ...demo.supplies, [id]: { ...supply, keptIn } } };
    const csv = supplyTable(book, DEMO_TODAY);
    expect(csv.startsWith('\ufeff')).toBe(true);
    expect(csv.replaceAll('\r\n', '')).not.toContain('\n');
    expect(rowsOf(csv).find((row) => row.id === id)!['kept in']).toBe(`'${keptIn}`);
    const { rows } = readSupplyTable(csv, book, newId);
    const row = rows.find((one) => one.ok && one.value.supply.id === id);
    expect(row?.ok && row.value.supply).toEqual({ ...supply, keptIn });
  });
});

describe('the table of the cupboard back', () => {
  test('unchanged changes nothing', () => {
    const { rows, problem } = readSupplyTable(supplyTable(demo, DEMO_TODAY), demo, newId);
    expect(problem).toBeNull();
    const good = rows.flatMap((row) => (row.ok ? [row.value] : []));
    expect(good).toHaveLength(rows.length);
    expect(rows.flatMap((row) => (row.ok ? row.hints : [row.why]))).toEqual([]);
    for (const { supply } of good) expect(supply).toEqual(demo.supplies[supply.id]);
    const changes = supplyRowChanges(good, { at, newId, onHand: onHand(demo) });
    expect(changes.filter(({ type }) => type === 'cupboard/record-stock')).toEqual([]);
    expect(after(demo, changes)).toBe(demo);
  });

  test('says what is new, what was counted, and what is not understood', () => {
    const [supply] = Object.values(demo.supplies);
    const text = [
      'name,unit,in stock,price,pack,category,best before',
      `${supply!.name},${supply!.unit},7.5,,,,`,
      'Wooden pegs,piece,40,"2,50",100,Fillers,',
      'Wooden pegs,piece,41,,,,',
      'Blue string,elbow,1,,,,',
      ',piece,1,,,,',
      'Odd jar,piece,many,x,1,Moon things,2027-02-30',
      'Odd lid,piece,many,x,1,Moon things,',
    ].join('\n');
    const { rows } = readSupplyTable(text, demo, newId);
    expect(
      rows.map((row) => (row.ok ? [row.value.isNew, row.value.counted, ...row.hints] : row.why)),
    ).toEqual([
      [false, 7.5],
      [true, 40],
      'This supply stands in the table already',
      'unit: Use piece, mL, g or mm',
      'name: This cannot be empty',
      expect.stringMatching(/^bestBefore: /),
      [
        true,
        null,
        'no category is called “Moon things”',
        '“x” is not a price',
        'in stock “many” is not an amount',
      ],
    ]);
    const good = rows.slice(0, 2).flatMap((row) => (row.ok ? [row.value] : []));
    const book = after(demo, supplyRowChanges(good, { at, newId, onHand: onHand(demo) }));
    expect(onHand(book)(supply!.id)).toBe(7.5);
    const pegs = Object.values(book.supplies).find(({ name }) => name === 'Wooden pegs')!;
    expect(pegs.packs).toEqual([{ amount: 100, price: 250, pricedOn: null, shop: null }]);
    expect(onHand(book)(pegs.id)).toBe(40);
  });

  test.each([
    ['', 'There is nothing in it yet.'],
    ['a,b\n1,2', 'The first line names the columns'],
    ['x'.repeat(400_001), 'too long'],
  ])('%.10s is refused whole', (text, why) =>
    expect(readSupplyTable(text, demo, newId).problem).toContain(why),
  );
});

describe('Markdown', () => {
  test('of a unit has its days, corners and needs; of a day what is on its sheet; no full name in it', () => {
    const text = unitMarkdown(demo, KITES, DEMO_TODAY);
    expect(text.startsWith('# Wind and Kites\n')).toBe(true);
    expect(text.match(/^## .*Day \d+/gm)!.length).toBeGreaterThanOrEqual(10);
    expect(text).toContain(dayMarkdown(demo, KITES, 4, DEMO_TODAY).trim());
    for (const { name } of Object.values(demo.children)) expect(text).not.toContain(name);
    expect(dayMarkdown(demo, KITES, 99, DEMO_TODAY)).toBe('');
  });

  test('of the library has every entry, and signs in texts mean themselves', () => {
    const text = libraryMarkdown(demo);
    const titles = Object.values(demo.activities).map(({ content }) => content.title);
    for (const title of titles) expect(text).toContain(`### ${title}`);
    const [id, activity] = Object.entries(demo.activities)[0]!;
    const content = { ...activity.content, summary: '# not *loud* [x]\n- 1' };
    const book = { ...demo, activities: { ...demo.activities, [id]: { ...activity, content } } };
    expect(libraryMarkdown(book)).toContain('\\# not \\*loud\\* \\[x\\]\n\\- 1');
  });
});
