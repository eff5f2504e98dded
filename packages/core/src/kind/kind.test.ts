import { describe, expect, test } from 'vitest';
import { z } from 'zod';
import { KINDS, kindOf } from '../book/index.ts';
import { idSchema, lineSchema, versionSchema } from '../measure/index.ts';
import { kindNamedBy, idOf } from './ids.ts';
import { entityKind } from './kind.ts';

const kiteSchema = z
  .object({
    id: idOf('kites').brand<'KiteId'>(),
    version: versionSchema,
    name: lineSchema,
    flownBy: idOf('people').nullable().default(null),
    madeWith: idOf('people').nullable().default(null),
    thanksTo: idSchema,
    tails: z.array(z.object({ supplyId: idOf('supplies'), ribbons: z.array(idOf('supplies')) })),
    where: z.discriminatedUnion('kind', [
      z.object({ kind: z.literal('wall'), at: idOf('corners') }),
      z.object({ kind: z.literal('box'), at: idSchema }),
    ]),
    spares: z.record(z.string(), idOf('supplies')).default({}),
    mended: z.boolean(),
    known: z.boolean().nullable(),
    made: z.string().transform((text) => text.trim()),
  })
  .refine(({ name }) => name !== 'no');
const kite = (more: object = {}) =>
  kiteSchema.parse({
    id: 'k1',
    name: 'Red kite',
    thanksTo: 'theo',
    tails: [],
    where: { kind: 'box', at: 'b1' },
    mended: false,
    known: null,
    made: ' today ',
    ...more,
  });
const kiteKind = entityKind({ schema: kiteSchema, word: 'a kite', name: ({ name }) => name });

describe('what a kind refers to', () => {
  const told = (more: object) =>
    kiteKind.referencesOf(kite(more)).map(({ kind, id, path }) => `${kind}/${id} at ${path.join('.')}`);

  test('is every id of a kind, wherever it stands; its own id, what is only mentioned and what is missing are not', () => {
    expect(told({})).toEqual([]);
    const tails = [
      { supplyId: 'ribbon', ribbons: [] },
      { supplyId: 'string', ribbons: ['red', 'blue'] },
    ];
    expect(told({ flownBy: 'mara', tails, spares: { big: 'stick' } })).toEqual([
      'people/mara at flownBy',
      'supplies/ribbon at tails.0.supplyId',
      'supplies/string at tails.1.supplyId',
      'supplies/red at tails.1.ribbons.0',
      'supplies/blue at tails.1.ribbons.1',
      'supplies/stick at spares.big',
    ]);
  });

  test('is told by the shape that a value has', () => {
    expect(told({ where: { kind: 'wall', at: 'window' } })).toEqual(['corners/window at where.at']);
    expect(told({ where: { kind: 'box', at: 'window' } })).toEqual([]);
  });

  test('cannot be told of shapes that no field tells apart', () => {
    const schema = z.object({
      id: idSchema,
      version: versionSchema,
      at: z.union([idOf('corners'), z.object({ at: idOf('people') })]),
    });
    expect(() => entityKind({ schema, word: 'a riddle', name: null })).toThrow('a field that tells');
  });
});

test('how a kind lies in the database is told by its schema: deep things as JSON, and a truth that may be missing', () => {
  expect(Object.fromEntries(kiteKind.ways)).toEqual({
    ...{
      id: 'plain',
      version: 'plain',
      name: 'plain',
      flownBy: 'plain',
      madeWith: 'plain',
      thanksTo: 'plain',
    },
    ...{ tails: 'json', where: 'json', spares: 'json', mended: 'flag', known: 'json', made: 'plain' },
  });
});

test('what nobody says of a kind is as it is for most', () => {
  const { dropped, undone, atOnce, noun } = kiteKind;
  expect({ dropped, undone, atOnce, noun }).toEqual({
    dropped: 'when-unused',
    undone: 'restored',
    atOnce: 'clash',
    noun: 'kite',
  });
  expect([kiteKind.nameOf(kite()), kiteKind.isAbout(kite(), 'theo')]).toEqual(['Red kite', false]);
  expect(kindNamedBy(idSchema)).toBe(null);
});

// Names of kinds that an id schema may carry besides: parts of the home.
const PARTS = ['blocks'];

describe.each(KINDS)('the kind of %s', (kind) => {
  test('is called with the article that fits', () => {
    expect(kindOf(kind).word).toMatch(/^(?:a [^aeiou]|an [aeiou]|a unit)/);
  });

  test('comes after what it refers to', () => {
    const named = new Set<string>();
    const { shape } = kindOf(kind).schema.def as unknown as { shape: Record<string, z.ZodType> };
    JSON.stringify(
      z.toJSONSchema(z.object(shape), {
        io: 'input',
        unrepresentable: 'any',
        override: ({ zodSchema }) => {
          const name = kindNamedBy(zodSchema as unknown as z.ZodType);
          if (name !== null) named.add(name);
        },
      }),
    );
    for (const name of named) {
      if (PARTS.includes(name)) continue;
      expect(KINDS).toContain(name);
      expect(KINDS.indexOf(name as never)).toBeLessThanOrEqual(KINDS.indexOf(kind));
    }
  });
});
