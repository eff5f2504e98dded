import { describe, expect, test } from 'vitest';
import { placementAt, type Book } from '../book/index.ts';
import { isSketch } from '../library/index.ts';
import { read } from '../reading/index.ts';
import { aChild, aCorner, after, aSupply, A_MONDAY, attempt, TEST_UNIT, testBook } from '../testing/home.ts';
import type { ChangeInput } from '../changes/index.ts';
import type { PutSpot } from '../reading/index.ts';
import { printedPages } from '../sheets/index.ts';
import { jotChanges, readLines, supplyNamed, thingNamed } from './index.ts';

const book = testBook(
  aCorner('a', { name: 'Easel' }),
  aChild('ada', '2026-05-20'),
  aChild('bo', '2022-01-01'),
  aSupply('sponges', { name: 'Sponges' }),
  aSupply('paint', { name: 'Paint, washable', unit: 'mL' }),
  aSupply('rice', { name: 'White rice', unit: 'g', gramsPerMl: 0.85 }),
  aSupply('red', { name: 'Boxes, red' }),
  aSupply('blue', { name: 'Boxes, blue' }),
  aSupply('berries', { name: 'Berry' }),
);
let made = 0;
const newId = (): string => `n${(made += 1)}`;
const day = (number: number): PutSpot => ({ kind: 'day', day: number });
function written(text: string, spot: PutSpot = day(2), on: Book = book): Book {
  const reading = read(on, TEST_UNIT, A_MONDAY);
  return after(on, ...jotChanges(on, reading, readLines(text, ['Easel']), spot, newId));
}
const all = (of: Book) =>
  Object.keys(of.placements).map((id) => {
    const { content, where } = placementAt(of, id)!;
    return { title: content.title, content, where };
  });
const headsUps = (of: Book) => read(of, TEST_UNIT, A_MONDAY).headsUps.map(({ title }) => title);

describe('what a name means in the cupboard', () => {
  test.each([
    ['sponges', 'sponges'],
    ['Sponge', 'sponges'],
    ['berries', 'berries'],
    ['paint', 'paint'],
    ['boxes', null],
    ['boxes, red', 'red'],
    ['rice', 'rice'],
    ['', null],
    ['constructor', null],
  ])('%s is %s', (name, id) => expect(supplyNamed(book, name)?.id ?? null).toBe(id));
});

test.each([
  ['6 sponges each', ['Sponges', 6, true]],
  ['sponge', ['Sponges', 1, false]],
  ['2 L white rice', ['White rice', 1700, false]],
  ['3 gloves', ['gloves', 3, false]],
  ['20 min', null],
  ['', null],
  ['6', null],
])('%s is a thing by name, or none', (text, told) => {
  const thing = thingNamed(book, text, newId);
  expect(thing && [thing.supply.name, thing.amount, thing.each]).toEqual(told);
});

describe('a line that is written in', () => {
  test('stands at its place, for everyone, and raises one line for all that are sketches', () => {
    const before = headsUps(book);
    const own = written('Sponge kites\nDay 3: Balloon ramp\nEasel: Rain');
    expect(all(own).map(({ title, where }) => [title, where])).toEqual([
      ['Sponge kites', { kind: 'day', day: 2, blockId: 'table' }],
      ['Balloon ramp', { kind: 'day', day: 3, blockId: 'table' }],
      ['Rain', { kind: 'corner', cornerId: 'a', fromDay: 1, toDay: 10 }],
    ]);
    expect(all(own).every(({ content }) => isSketch(content))).toBe(true);
    expect(all(own).map(({ content }) => content.mode)).toEqual([
      'whole-group',
      'whole-group',
      'open-corner',
    ]);
    expect(headsUps(own).filter((title) => !before.includes(title))).toEqual([
      '3 sketches have no things yet',
    ]);
    const [finding] = read(own, TEST_UNIT, A_MONDAY).headsUps.filter(({ rule }) => rule === 'sketch');
    expect(finding!.detail).toContain('Look first at Balloon ramp (balloons)');
    expect(read(own, TEST_UNIT, A_MONDAY).shelf[0]!.fits).toBe(2);
  });

  test('tells everyone who is there what to do, on paper and in copies of a sheet', () => {
    const sheet: ChangeInput = { type: 'library/put-sheet', sheet: { id: 'map', title: 'A map' } };
    const begun = written('Sponge kites, ask why they fly');
    const [placementId] = Object.keys(begun.placements);
    const part = { sheetIds: ['map'] };
    const own = after(begun, sheet, { type: 'unit/write-over', placementId: placementId!, part });
    const page = JSON.stringify(
      printedPages('day-sheet', own, { unitId: TEST_UNIT, day: 2, today: A_MONDAY }),
    );
    expect(page).toContain('ask why they fly');
    expect(page).not.toContain('no version fits');
    const { prints } = read(own, TEST_UNIT, A_MONDAY);
    expect(prints.map(({ copyCount }) => copyCount)).toEqual([2]);
  });

  test('brings its things: what the cupboard has, what it can weigh, and what is begun', () => {
    const own = written(
      'Mud, 6 sponges each, 500 mL paint, 2 L white rice, 3 gloves, 20 min, 2 at once, ask why',
    );
    const [{ content }] = all(own) as [ReturnType<typeof all>[number]];
    const gloves = Object.values(own.supplies).find(({ name }) => name === 'gloves')!;
    expect(content.materials.map((one) => [one.supplyId, one.amount, one.for.kind])).toEqual([
      ['sponges', 6, 'child'],
      ['paint', 500, 'all'],
      ['rice', 1700, 'all'],
      [gloves.id, 3, 'all'],
    ]);
    expect(content).toMatchObject({ turnMinutes: 20, atOnce: 2, summary: 'ask why' });
    expect(gloves).toMatchObject({ unit: 'piece', use: 'reusable', keptIn: null });
    expect(isSketch(content)).toBe(false);
    expect(read(own, TEST_UNIT, A_MONDAY).supplies.map(({ supply }) => supply.name)).toContain('gloves');
  });

  test('a thing that is like another is as that one until somebody looks', () => {
    const on = after(
      book,
      aSupply('wheels', {
        name: 'Wagon wheels',
        category: 'room',
        properties: { loosePart: { acrossMm: 40, longMm: 50, material: 'firm' } },
        allergens: ['latex'] as never,
      }),
    );
    const own = written('Depot, 4 tram wheels, 2 punches', day(2), on);
    const of = (name: string) => Object.values(own.supplies).find((one) => one.name === name)!;
    expect(of('tram wheels')).toMatchObject({
      takenFrom: 'Wagon wheels',
      allergens: on.supplies.wheels!.allergens,
    });
    expect(of('tram wheels').properties).toEqual(on.supplies.wheels!.properties);
    expect(of('punches')).toMatchObject({ takenFrom: null, properties: {} });
    const note = read(own, TEST_UNIT, A_MONDAY).headsUps.find(({ key }) => key === 'begun')!;
    expect(note.detail).toContain('tram wheels (as Wagon wheels)');
    const looked = after(own, {
      type: 'cupboard/put-supply',
      supply: { ...of('tram wheels'), takenFrom: null },
    });
    expect(read(looked, TEST_UNIT, A_MONDAY).headsUps.some(({ key }) => key === 'begun')).toBe(false);
    // What is like is not taken from what was itself only begun.
    const third = written('Shed, 3 toy wheels', day(3), own);
    expect(Object.values(third.supplies).find(({ name }) => name === 'toy wheels')?.takenFrom).toBe(
      'Wagon wheels',
    );
  });

  test('two lines that need the same new thing begin it once, and things of a day take its free blocks', () => {
    const own = written('A, 3 gloves\nB, 2 Gloves\nC');
    expect(Object.values(own.supplies).filter(({ name }) => /gloves/i.test(name))).toHaveLength(1);
    expect(all(own).map(({ where }) => where.kind === 'day' && where.blockId)).toEqual([
      'table',
      'groups',
      'late',
    ]);
  });

  test('for a day after the end waits in the reserve; ages are a version', () => {
    const own = written('Day 40: Parade, from 3 years\nDay 0: Early');
    expect(all(own).map(({ where }) => where.kind)).toEqual(['reserve', 'reserve']);
    expect(all(own)[0]!.content.versions).toMatchObject([
      { fromMonths: 36, untilMonths: null, does: 'Parade' },
    ]);
  });

  test('stands in a place that was chosen to the block, and is run as that asks', () => {
    const where = { kind: 'day', day: 4, blockId: 'late' } as never;
    const reading = read(book, TEST_UNIT, A_MONDAY);
    const changes = jotChanges(book, reading, readLines('Tracks'), { kind: 'at', where }, newId);
    const [one] = all(after(book, ...changes));
    expect([one!.where, one!.content.mode]).toEqual([where, 'whole-group']);
  });

  test('is one act, taken back as one', () => {
    const changes = jotChanges(
      book,
      read(book, TEST_UNIT, A_MONDAY),
      readLines('A, 3 gloves\nB'),
      day(1),
      newId,
    );
    const outcome = attempt(book, [...changes]);
    expect(outcome.outcome === 'kept' && outcome.touched.map(({ kind }) => kind).toSorted()).toEqual([
      'placements',
      'placements',
      'supplies',
    ]);
  });
});
