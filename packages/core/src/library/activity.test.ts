import { describe, expect, test } from 'vitest';
import type { Rungs } from '../skills/index.ts';
import {
  activityContentSchema,
  fillSlots,
  openSlots,
  versionFor,
  withGaps,
  type ActivityContent,
} from './index.ts';

const version = (id: string, fromMonths: number, untilMonths: number | null, rest: object = {}) => ({
  id,
  fromMonths,
  untilMonths,
  does: id,
  say: '',
  ...rest,
});

const contentOf = (rest: object): ActivityContent =>
  activityContentSchema.parse({
    title: 'Straw trails',
    mode: 'open-corner',
    summary: '',
    cornerKinds: ['easel'],
    skills: ['painting', 'counting'],
    versions: [version('brush', 12, 36), version('one-breath', 30, 60), version('two-colours', 60, null)],
    materials: [],
    steps: [],
    cleanUpMinutes: 5,
    atOnce: 2,
    ...rest,
  });
const content = contentOf({});

const does = (age: number, rungs: Rungs = {}, of = content) =>
  versionFor(of, { age, rungs, readinessMonths: 6 })?.does ?? null;

describe('the version that a child gets', () => {
  test('is the highest whose range holds the age', () => {
    expect([11, 12, 29, 30, 35, 36, 59, 60, 143].map((age) => does(age))).toEqual([
      null,
      'brush',
      'brush',
      'one-breath',
      'one-breath',
      'one-breath',
      'one-breath',
      'two-colours',
      'two-colours',
    ]);
  });

  test('moves by half a year with readiness in the area of the main skill', () => {
    expect([23, 24, 53, 54].map((age) => does(age, { art: 'sure' }))).toEqual([
      'brush',
      'one-breath',
      'one-breath',
      'two-colours',
    ]);
    expect([17, 18, 36, 65, 66].map((age) => does(age, { art: 'not-met' }))).toEqual([
      null,
      'brush',
      'one-breath',
      'one-breath',
      'two-colours',
    ]);
    expect(does(30, { art: 'practising' })).toBe('one-breath');
  });

  test('does not ask for readiness in another area, and asks the skill before its area', () => {
    expect(does(24, { number: 'sure' })).toBe('brush');
    expect(does(24, { art: 'not-met', painting: 'sure' })).toBe('one-breath');
  });

  test('is the one made for a rung, whatever the age, when that rung is noted', () => {
    const ladder = contentOf({
      versions: [version('any-age', 12, null), version('new-to-it', 12, 24, { rung: 'not-met' })],
    });
    expect(does(70, { painting: 'not-met' }, ladder)).toBe('new-to-it');
    expect(does(70, {}, ladder)).toBe('any-age');
    expect(does(70, { painting: 'sure' }, ladder)).toBe('any-age');
  });

  test('is none for an activity without versions', () => {
    expect(does(40, {}, contentOf({ title: 'Paint kites', versions: [] }))).toBe('Paint kites');
  });

  test('goes by age alone when no skill is named', () => {
    expect(does(24, { art: 'sure' }, contentOf({ skills: [] }))).toBe('brush');
  });
});

describe('an activity is refused with its place', () => {
  const pathOf = (rest: object) =>
    activityContentSchema.safeParse({ ...content, ...rest }).error?.issues[0]?.path.join('.');
  const line = { supplyId: 's', amount: 1, for: { kind: 'child' }, every: 'day', spare: 'none' };
  const task = { id: 't', text: 'Dye it', minutes: 10 };

  test.each([
    ['versions.0.untilMonths', { versions: [version('a', 12, 12)] }],
    ['versions', { versions: [version('a', 12, 24), version('a', 24, null)] }],
    ['materials.0.versionIds', { materials: [{ ...line, versionIds: ['gone'] }] }],
    ['materials.0.amount', { materials: [{ ...line, amount: -1 }] }],
    ['prep.0.mostLeadHours', { prep: [{ ...task, leadHours: 12, mostLeadHours: 2 }] }],
    ['slots.0.id', { slots: [{ id: 'Two Words', asks: 'x', kind: 'thing' }] }],
    ['features.letters.0', { features: { letters: ['7'] } }],
  ])('%s', (path, rest) => expect(pathOf(rest)).toBe(path));
});

describe('a pattern', () => {
  const pattern = contentOf({
    title: 'Match the {things}',
    summary: 'Every {thing} has a partner among the {things}.',
    slots: [
      { id: 'things', asks: 'What are they, many of them?', kind: 'thing' },
      { id: 'thing', asks: 'And one of them?', kind: 'thing' },
    ],
  });

  test('says which slots stand open', () => {
    expect(openSlots(pattern)).toEqual(['things', 'thing']);
    expect(openSlots(content)).toEqual([]);
  });

  test('is shown with gaps until then', () => {
    expect([withGaps(pattern.title), withGaps('No slot {here or} there')]).toEqual([
      'Match the …',
      'No slot {here or} there',
    ]);
  });

  test('becomes concrete with words for them, and keeps open what has none', () => {
    const half = fillSlots(pattern, { words: { things: 'kites' } });
    expect([half.title, half.summary]).toEqual([
      'Match the kites',
      'Every {thing} has a partner among the kites.',
    ]);
    expect(half.slots.map((slot) => slot.id)).toEqual(['thing']);
    const whole = fillSlots(half, { words: { thing: ' kite ' } });
    expect([whole.summary, whole.slots]).toEqual(['Every kite has a partner among the kites.', []]);
  });

  test('is the same object when nothing is filled', () => {
    expect(fillSlots(pattern, { words: { things: ' ', other: 'x' } })).toBe(pattern);
    expect(fillSlots(content, { words: { things: 'kites' } })).toBe(content);
  });
});
