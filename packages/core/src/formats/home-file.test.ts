import { Ajv2020 } from 'ajv/dist/2020.js';
import addFormats from 'ajv-formats';
import { describe, expect, test } from 'vitest';
import { bookOf, KINDS } from '../book/index.ts';
import { anyEntity } from '../testing/entities.ts';
import { seeded } from '../testing/problems.ts';
import { aChild, aCorner, after, anActivity, inCorner, testBook } from '../testing/home.ts';
import { HOME_FORMAT, homeFileOf, homeFileSchema, NotAHome, readHomeFile } from './index.ts';

const book = testBook(aChild('ada', '2026-05-20', { name: 'Ada Brook', shownAs: 'Ada' }), {
  type: 'house/put-person',
  person: { id: 'mara', name: 'Mara', role: 'provider' },
});

const dataOf = (texts: ReadonlyMap<string, string>): Record<string, unknown> =>
  Object.fromEntries(KINDS.map((kind) => [kind, JSON.parse(texts.get(`data/${kind}.json`)!) as unknown]));

const changed = (path: string, to: (value: never) => unknown): ReadonlyMap<string, string> => {
  const texts = homeFileOf(book);
  return new Map([...texts, [path, JSON.stringify(to(JSON.parse(texts.get(path)!) as never))]]);
};

// A reader of JSON Schema that is not ours.
const ajv = new Ajv2020({ strict: false });
addFormats.default(ajv);
const validate = ajv.compile(homeFileSchema());

describe('the file of a whole home', () => {
  test('comes back as it went out, byte for byte', () => {
    const texts = homeFileOf(book);
    const read = readHomeFile(texts);
    expect(read.unreadable).toEqual([]);
    expect(read.book).toEqual(book);
    expect(homeFileOf(read.book)).toEqual(texts);
  });

  // A kind that is added to the book and left out of the file would be lost with it.
  test.each(KINDS)('holds %s with every field, as its schema says', (kind) => {
    const random = seeded(KINDS.indexOf(kind) + 3);
    const entity = anyEntity(kind, random);
    const one = bookOf({ [kind]: { [entity.id]: entity } } as never);
    const texts = homeFileOf(one);
    expect(dataOf(texts)[kind]).toEqual([entity]);
    expect(JSON.parse(texts.get('schema.json')!)).toEqual(homeFileSchema());
    expect([validate(dataOf(texts)), validate.errors]).toEqual([true, null]);
  });

  test('is refused by its schema when something in it is not as it should be', () => {
    const data = dataOf(homeFileOf(book));
    expect(validate(data)).toBe(true);
    expect(validate({ ...data, children: [{ id: 'x' }] })).toBe(false);
    expect(validate({ ...data, children: {} })).toBe(false);
  });

  test('with things that cannot be read gives the rest, and says where they stand', () => {
    const bad = changed('data/children.json', (list: object[]) => [...list, { id: 'bo' }, ...list]);
    const { book: rest, unreadable } = readHomeFile(bad);
    expect(rest).toEqual(book);
    expect(unreadable).toEqual([
      'data/children.json[1] name: Text is needed here',
      'data/children.json[2] id: “ada” stands there twice',
    ]);
    const lost = new Map([...homeFileOf(book), ['data/corners.json', 'oops']]);
    expect(readHomeFile(lost).unreadable).toEqual(['data/corners.json: this is not a list']);
  });

  test('with references to nothing leaves out what holds them, and what refers to that', () => {
    const absence = { id: 'a', version: 1, childId: 'nobody', from: '2027-03-08', to: '2027-03-08' };
    const { book: rest, unreadable } = readHomeFile(changed('data/absences.json', () => [absence]));
    expect(rest).toEqual(book);
    expect(unreadable).toEqual([expect.stringContaining('refers to nobody, which is not there')]);
  });

  test('of the first format comes in: what was placed had one content, filled in for good', () => {
    const home = after(book, aCorner('a'), anActivity('build'), inCorner('p', 'build', 'a', 1, 3));
    const { base: content, slots: _slots, over: _over, ...rest } = home.placements.p!;
    const old = homeFileOf(home);
    const manifest = { ...(JSON.parse(old.get('manifest.json')!) as object), version: 1 };
    const { book: read, unreadable } = readHomeFile(
      new Map([
        ...old,
        ['manifest.json', JSON.stringify(manifest)],
        ['data/placements.json', JSON.stringify([{ ...rest, content }])],
      ]),
    );
    expect(unreadable).toEqual([]);
    expect(read.placements).toEqual(home.placements);
  });

  test.each<[string, ReadonlyMap<string, string>]>([
    ['is not the file of a home', new Map()],
    ['is not the file of a home', new Map([['manifest.json', '{']])],
    ['A newer Kobby wrote', changed('manifest.json', (it: object) => ({ ...it, version: HOME_FORMAT + 1 }))],
    ['There is no home in this file', changed('data/homes.json', () => [])],
    ['Nobody in this file is a provider', changed('data/people.json', () => [])],
  ])('%s: told as a whole', (why, texts) => {
    expect(() => readHomeFile(texts)).toThrow(NotAHome);
    expect(() => readHomeFile(texts)).toThrow(why);
  });

  test('says what it leaves out', () => {
    const readme = homeFileOf(book).get('README.md')!;
    expect(readme).toContain('the secrets of links');
    expect(readme).toContain('the journal');
  });
});
