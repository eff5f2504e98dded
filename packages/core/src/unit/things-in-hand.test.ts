// What a theme's table carries besides names: several orders, columns of one's own, and what stands for a thing in the room.
import { describe, expect, test } from 'vitest';
import { activityContentSchema, type ActivityContent, type Slot } from '../library/index.ts';
import { keptFilesIn, withKeptFiles, type KeptFile } from '../measure/index.ts';
import { TEST_UNIT } from '../testing/home.ts';
import {
  choicesFor,
  contentWritten,
  furtherColumns,
  furtherOf,
  placedCopySchema,
  placementOf,
  seriesIn,
  shownIn,
  sortedBy,
  thingGaps,
  thingSchema,
  withFurther,
  type Theme,
  type Thing,
} from './index.ts';

const thing = (name: string, rest: Record<string, unknown> = {}): Thing =>
  thingSchema.parse({ id: `t-${name.replaceAll(' ', '-')}`, unitId: TEST_UNIT, name, order: 'a0', ...rest });
const names = (things: readonly { readonly name: string }[]): readonly string[] =>
  things.map(({ name }) => name);
const themeOf = (...things: Thing[]): Theme => ({ title: 'Trams', words: [], featured: [], things });

describe('several orders in one theme', () => {
  const bean = [thing('plant', { rank: 3, series: 'bean' }), thing('seed', { rank: 1, series: 'bean' })];
  const tram = [
    thing('depot', { rank: 1, series: 'day of a tram' }),
    thing('stop', { rank: 2, series: 'Day of a tram' }),
  ];

  test('go each their own way, by the name that is given', () => {
    expect(
      seriesIn([...bean, ...tram, thing('wheel')]).map(({ name, members }) => [name, names(members)]),
    ).toEqual([
      ['bean', ['seed', 'plant']],
      ['day of a tram', ['depot', 'stop']],
    ]);
    expect(thingGaps([...bean, ...tram]).map(({ text }) => text)).toEqual([
      'Nothing is number 2, just before plant',
    ]);
  });

  test('are told by kind where nobody named them and several are first', () => {
    const kinds = seriesIn([
      thing('egg', { rank: 1, kind: 'hen' }),
      thing('seed', { rank: 1, kind: 'bean' }),
      thing('chick', { rank: 2, kind: 'hen' }),
    ]);
    expect(kinds.map(({ name, members }) => [name, names(members)])).toEqual([
      ['hen', ['egg', 'chick']],
      ['bean', ['seed']],
    ]);
    expect(seriesIn([thing('a', { rank: 2 }), thing('b', { rank: 1 })])).toEqual([
      {
        name: null,
        members: [expect.objectContaining({ name: 'b' }), expect.objectContaining({ name: 'a' })],
      },
    ]);
  });

  test('can each fill a slot that takes an order', () => {
    const slot: Slot = {
      id: 'order',
      asks: 'In which order?',
      kind: 'thing',
      takes: 'order',
      role: null,
      inHand: false,
    };
    expect(choicesFor(slot, themeOf(...bean, ...tram))).toEqual(['seed and plant', 'depot and stop']);
    expect(choicesFor({ ...slot, takes: 'one' }, themeOf(...tram))).toEqual(['depot', 'stop']);
  });
});

describe("columns of a home's own", () => {
  const raft = withFurther(thing('raft'), 'Floats', 'yes');
  const stone = withFurther(thing('stone'), 'floats', 'no');
  const all = [raft, stone, withFurther(thing('leaf'), 'Floats', 'Yes'), thing('sand')];

  test('are one however they are capitalised, and are written, read and taken out', () => {
    expect(furtherColumns(all)).toEqual(['Floats']);
    expect([furtherOf(stone, 'FLOATS'), furtherOf(thing('sand'), 'Floats')]).toEqual(['no', null]);
    const two = withFurther(withFurther(raft, 'Eats', 'nothing'), 'Floats', 'a while');
    expect(two.further).toEqual([
      { column: 'Floats', value: 'a while' },
      { column: 'Eats', value: 'nothing' },
    ]);
    expect(withFurther(two, 'floats', null).further).toEqual([{ column: 'Eats', value: 'nothing' }]);
  });

  test('sort the things into bowls, as every other property does; what is not said comes last', () => {
    expect(sortedBy(all, { own: 'Floats' }).map(({ value, members }) => [value, names(members)])).toEqual([
      ['yes', ['raft', 'leaf']],
      ['no', ['stone']],
      [null, ['sand']],
    ]);
    const sizes = [
      thing('bus', { sizeMm: 12000 }),
      thing('nut', { sizeMm: 9 }),
      thing('wheel', { sizeMm: 600 }),
    ];
    expect(sortedBy(sizes, 'sizeMm').map(({ value }) => value)).toEqual(['9', '600', '12000']);
  });
});

describe('things that are handled', () => {
  const pattern: ActivityContent = contentWritten('Dug in: {things}', {
    slots: [
      { ...{ id: 'things', asks: 'What are they?', kind: 'thing', takes: 'all', role: null }, inHand: true },
    ],
    materials: activityContentSchema.parse({
      ...contentWritten('x'),
      materials: [{ supplyId: 'tub', amount: 1, for: { kind: 'all' }, every: 'day', spare: 'none' }],
    }).materials,
  });
  const placed = (theme: Theme | null, slots: Record<string, string> = {}, base = pattern) =>
    placementOf(
      placedCopySchema.parse({
        ...{ id: 'p', version: 1, unitId: TEST_UNIT, originId: 'dug', originVersion: 1, base, slots },
        where: { kind: 'reserve' },
      }),
      theme,
    );
  const needs = (...given: Parameters<typeof placed>) =>
    placed(...given).content.materials.map(({ supplyId }) => supplyId);
  const toy = thing('tram', { supplyId: 'toy-tram' });

  test('are needed as what stands for them, and follow the table', () => {
    expect(needs(themeOf(toy, thing('wheel', { supplyId: 'wheels' })))).toEqual([
      'tub',
      'toy-tram',
      'wheels',
    ]);
    expect(needs(themeOf(toy))).toEqual(['tub', 'toy-tram']);
    expect(needs(themeOf({ ...toy, supplyId: 'tub' as never }))).toEqual(['tub']);
    expect(needs(null)).toEqual(['tub']);
  });

  test('are told where nothing stands for them', () => {
    expect(placed(themeOf(toy, thing('bell'))).notInHand).toEqual(['bell']);
    expect(placed(themeOf(toy)).notInHand).toBeUndefined();
    // Words that somebody wrote are only theirs whom they name.
    const both = themeOf(toy, thing('bell'));
    expect(placed(both, { things: 'trams' }).notInHand).toBeUndefined();
    expect(needs(both, { things: 'bell and tram' })).toEqual(['tub', 'toy-tram']);
  });

  test('show the pattern that they fill', () => {
    const own = { from: 'kobby', id: 'train' } as const;
    expect(placed(themeOf({ ...toy, picture: own })).shownBy).toEqual({ name: 'tram', picture: own });
    expect(placed(null, { things: 'kites' }).shownBy).toEqual({ name: 'kites', picture: null });
    expect(shownIn(contentWritten('Roll and count'), themeOf(toy))).toEqual({
      name: 'Roll and count',
      picture: null,
    });
    expect(shownIn({ ...pattern, picture: { from: 'none' } }, themeOf(toy)).picture).toEqual({
      from: 'none',
    });
  });
});

test('files that a value names are found wherever they stand, and put for others', () => {
  const file = (letter: string): KeptFile => ({
    sha256: letter.repeat(64),
    bytes: 9,
    type: 'image/png',
    name: `${letter}.png`,
  });
  const value = {
    sheets: [{ file: file('a') }, { file: null }],
    thing: { picture: { from: 'home', file: file('b') } },
    again: [file('a')],
  };
  expect(names(keptFilesIn(value))).toEqual(['a.png', 'b.png']);
  expect(withKeptFiles(value, new Map([[file('a').sha256, file('c')]]))).toEqual({
    sheets: [{ file: file('c') }, { file: null }],
    thing: { picture: null },
    again: [file('c')],
  });
});
