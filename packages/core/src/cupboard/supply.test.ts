import { describe, expect, test } from 'vitest';
import {
  asksOf,
  isNo,
  CATEGORIES,
  PROPERTIES,
  PROPERTY_IDS,
  propertiesSchema,
  shapeOf,
  supplySchema,
  unrecorded,
  withNothingElse,
  type CategoryId,
  type Properties,
  type PropertyId,
} from './index.ts';

const KINDS = Object.keys(CATEGORIES) as CategoryId[];
const supply = (rest: object) =>
  supplySchema.safeParse({
    id: 's',
    name: 'S',
    unit: 'piece',
    use: 'reusable',
    keptIn: null,
    allergens: [],
    ...rest,
  });
const pathOf = (rest: object) => supply(rest).error?.issues[0]?.path.join('.');

describe('properties', () => {
  test.each(PROPERTY_IDS)('%s is asked of some kind of supply, and said to be never of known kinds', (id) => {
    for (const kind of PROPERTIES[id].never.split(' ').filter(Boolean)) expect(KINDS).toContain(kind);
    expect(KINDS.filter((category) => asksOf(category).includes(id)).length).toBeGreaterThan(0);
  });

  test.each(KINDS)(
    'every property of something of %s is answered once nothing of the rest is said',
    (category) => {
      const left = unrecorded(category, withNothingElse(category, {}));
      expect(left.filter((id) => id !== 'forFood' && id !== 'foodOnly')).toEqual([]);
      const said = { loosePart: { acrossMm: 9, longMm: 9, material: 'firm' } } as const;
      expect(withNothingElse(category, said).loosePart).toBe(said.loosePart);
      const nothing = withNothingElse(category, {});
      expect(propertiesSchema.safeParse(nothing).success).toBe(true);
      for (const id of asksOf(category)) expect([id, isNo(id, nothing)]).toEqual([id, !left.includes(id)]);
      expect([
        isNo('loosePart', said),
        isNo('loosePart', {}),
        isNo('ingredients', { ingredients: ['honey'] }),
      ]).toEqual([false, false, false]);
    },
  );

  test.each<[PropertyId, CategoryId[]]>([
    ['balloon', ['craft-pieces', 'toys', 'outdoors', 'science']],
    ['iceMm', ['filler', 'food', 'science', 'nature']],
    ['hardware', ['tools', 'craft-pieces', 'room', 'toys']],
    ['flame', ['science', 'room', 'outdoors']],
    ['battery', ['print', 'science', 'toys', 'electric']],
    ['cord', ['toys', 'electric', 'fabric-and-yarn', 'outdoors']],
    ['heat', ['fabric-and-yarn', 'made', 'tools', 'electric']],
    ['reused', ['paper-and-card', 'containers']],
  ])('%s is asked wherever it can matter', (id, kinds) => {
    for (const category of kinds) expect(asksOf(category)).toContain(id);
  });

  test.each<[CategoryId, Properties, string[]]>([
    ['print', {}, ['loosePart', 'film', 'magnet', 'battery']],
    ['print', { loosePart: 'none', film: false, battery: 'none' }, ['magnet']],
    [
      'print',
      {
        loosePart: { acrossMm: 50, longMm: 50, material: 'firm' },
        film: false,
        magnet: 'none',
        battery: 'none',
      },
      [],
    ],
  ])('of %s with %j lack %j', (category, properties, lacking) => {
    expect(unrecorded(category, properties)).toEqual(lacking);
  });

  test('a no that was said is recorded, an empty list of ingredients too', () => {
    const noes: Properties = {
      foodForm: 'none',
      filler: 'none',
      ingredients: [],
      foodOnly: 'no',
      grain: 'none',
    };
    expect(
      unrecorded('food', { ...noes, dust: false, iceMm: 'none', touchC: 'none', tablet: false }),
    ).toEqual([]);
  });

  test.each<[string, object]>([
    ['ballMm', { ballMm: -3 }],
    ['ballMm', { ballMm: 'large' }],
    ['loosePart.acrossMm', { loosePart: { acrossMm: 0, longMm: 5, material: 'firm' } }],
    ['cord', { cord: { lengthMm: 300 } }],
    ['glass', { glass: 'yes' }],
    ['magnet', { magnet: 'strong' }],
    ['ingredients.0', { ingredients: ['arsenic'] }],
    ['makersMonths', { makersMonths: 3.5 }],
    ['', { colour: 'red' }],
  ])('at %s what cannot be is refused', (path, value) => {
    const { error } = propertiesSchema.safeParse(value);
    const paths = error!.issues.map((issue) => issue.path.join('.'));
    // A value that may be several things names the whole of it.
    expect(paths.some((one) => path.startsWith(one) || one.startsWith(path))).toBe(true);
  });

  test('each has a label and a shape from which form and schema are made', () => {
    for (const id of PROPERTY_IDS) {
      expect(PROPERTIES[id].label.length).toBeGreaterThan(2);
      const shape = shapeOf(id);
      const blank = shape.kind === 'flag' ? false : shape.kind === 'choices' ? [] : 'none';
      const known =
        shape.kind === 'choice' && !('none' in shape.options) ? Object.keys(shape.options)[0] : blank;
      expect([id, propertiesSchema.safeParse({ [id]: known }).success]).toEqual([id, true]);
    }
  });
});

describe('a supply', () => {
  test('needs little to begin with', () => {
    expect(supply({}).data).toMatchObject({
      category: 'room',
      got: 'bought',
      packs: [],
      lowMark: null,
      properties: {},
      set: null,
      retired: false,
    });
  });

  test.each<[string, object]>([
    ['lowMark', { lowMark: -1 }],
    ['packs.0.amount', { packs: [{ amount: 0 }] }],
    ['packs.0.price', { packs: [{ amount: 1, price: 2.5 }] }],
    ['packs.0.price', { packs: [{ amount: 1, price: -250 }] }],
    ['unit', { unit: 'handful' }],
    ['backBy', { backBy: '2027-02-30' }],
    ['arrivesInDays', { arrivesInDays: -1 }],
    ['gramsPerMl', { gramsPerMl: 0 }],
    ['set.pieces.0.missing', { set: { pieces: [{ name: 'Kites', count: 9, missing: -1 }] } }],
    ['set.waysToPlay.0', { set: { waysToPlay: [''] } }],
    ['allergens.0', { allergens: ['moonlight'] }],
    ['name', { name: '<b>' }],
  ])('is refused at %s', (path, rest) => expect(pathOf(rest)).toBe(path));
});
