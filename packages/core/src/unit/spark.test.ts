import { describe, expect, test } from 'vitest';
import {
  eventDay,
  featuredNumber,
  featureKey,
  featureSchema,
  isShownIn,
  thingGaps,
  thingSchema,
  type Thing,
} from './index.ts';

const thing = (name: string, rest: Partial<Thing> = {}): Thing =>
  thingSchema.parse({ id: name, unitId: 'kites', name, order: 'a0', ...rest });
const gaps = (...things: Thing[]) => thingGaps(things).map(({ column, text }) => [column, text]);

describe("a theme's things", () => {
  test('ask only for what others have', () => {
    expect(gaps(thing('kite'), thing('reel'))).toEqual([]);
    expect(gaps(thing('kite', { colour: 'red' }), thing('reel'))).toEqual([
      ['colour', 'reel has no colour yet'],
    ]);
    expect(gaps(thing('kite', { parts: ['tail'], pair: 'reel' }), thing('reel'))).toEqual([]);
  });

  test('show a partner that is missing, or that goes with another', () => {
    expect(gaps(thing('kite', { pair: 'reel' }))).toEqual([['pair', 'reel goes with kite and is missing']]);
    expect(gaps(thing('kite', { pair: 'Reel' }), thing('reel'))).toEqual([]);
    expect(
      gaps(thing('kite', { pair: 'reel' }), thing('reel', { pair: 'fan' }), thing('fan', { pair: 'reel' })),
    ).toEqual([['pair', 'kite goes with reel, which goes with fan']]);
    expect(gaps(thing('kite', { pair: 'kite' }))).toEqual([['pair', 'kite cannot go with itself']]);
  });

  test('show a gap and a double in the order', () => {
    expect(gaps(thing('a', { rank: 1 }), thing('b', { rank: 2 }))).toEqual([]);
    expect(gaps(thing('a', { rank: 1 }), thing('b', { rank: 3 }))).toEqual([
      ['rank', 'Nothing is number 2, just before b'],
    ]);
    // Each kind of thing is an order of its own: three life stories in one theme.
    const stories = ['frog', 'hen', 'bee'].flatMap((kind) =>
      [1, 2, 3].map((rank) => thing(`${kind}-${rank}`, { kind, rank })),
    );
    expect(gaps(...stories)).toEqual([]);
    expect(gaps(...stories.filter(({ name }) => name !== 'hen-2'))).toEqual([
      ['rank', 'Nothing is number 2, just before hen-3'],
    ]);
    expect(gaps(thing('a', { rank: 1 }), thing('b', { rank: 1 }))).toEqual([
      ['rank', 'a and b are both number 1'],
      ['rank', 'b and a are both number 1'],
    ]);
  });
});

describe('what is featured', () => {
  test.each([
    ['letter', 'W', true],
    ['letter', '7', false],
    ['letter', 'word', false],
    ['number', '6', true],
    ['number', '101', false],
    ['number', '-1', false],
    ['number', '2.5', false],
    ['colour', 'deep blue', true],
    ['shape', '', false],
  ])('%s %s: %s', (kind, value, fits) => {
    const parsed = featureSchema.safeParse({ kind, value });
    expect(parsed.success).toBe(fits);
    if (!fits) expect(parsed.error?.issues[0]?.path).toEqual(['value']);
  });

  test('is the same whatever its case', () => {
    expect(featureKey({ kind: 'letter', value: 'w' })).toBe(featureKey({ kind: 'letter', value: 'W' }));
    expect(featureKey({ kind: 'number', value: '06' })).toBe(featureKey({ kind: 'number', value: '6' }));
    expect(featuredNumber([])).toBeNull();
    expect(featuredNumber([featureSchema.parse({ kind: 'number', value: '6' })])).toBe(6);
  });
});

test.each([
  ['letter', 'W', 'Washing with wool', true],
  ['letter', 'w', 'the box with what we have', false],
  ['letter', 'sh', 'Flat shells', true],
  ['letter', 'S', "a child's own", false],
  ['number', '3', 'Three jars', true],
  ['number', '03', '3 jars', true],
  ['number', '3', '13 jars, 30 lids', false],
  ['number', '40', 'forty', false],
  ['colour', 'grey', 'A GRAY sky', true],
  ['colour', 'blue', 'bluebells', false],
  ['shape', 'box', 'Boxes', true],
  ['shape', 'circle', 'semicircles', false],
] as const)('%s %s in "%s": %s', (kind, value, text, isShown) => {
  expect(isShownIn({ kind, value }, text)).toBe(isShown);
});

test('an event stands on its numbered day, or is lost with its date', () => {
  const days = {
    days: [
      { number: 1, date: '2027-03-08' },
      { number: 2, date: '2027-03-09' },
    ],
    skipped: [],
  } as never;
  expect(eventDay({ when: { kind: 'day', day: 2 } }, days)).toEqual({ day: 2 });
  expect(eventDay({ when: { kind: 'day', day: 3 } }, days)).toEqual({ lost: null });
  expect(eventDay({ when: { kind: 'date', date: '2027-03-09' as never } }, days)).toEqual({ day: 2 });
  expect(eventDay({ when: { kind: 'date', date: '2027-03-10' as never } }, days)).toEqual({
    lost: '2027-03-10',
  });
});
