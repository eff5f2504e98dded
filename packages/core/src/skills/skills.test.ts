import { describe, expect, test } from 'vitest';
import {
  AREAS,
  areaOf,
  headingsFor,
  headingsOf,
  LENSES,
  readinessShift,
  rungOf,
  SKILLS_BY_AREA,
  ownSkillId,
  rungsSchema,
  skillIdSchema,
  skillName,
  type LensId,
  type SkillId,
} from './index.ts';

const ALL = Object.values(SKILLS_BY_AREA).flat() as SkillId[];

test('every skill belongs to one area', () => {
  expect(new Set(ALL).size).toBe(ALL.length);
  expect(AREAS).toHaveLength(11);
  for (const area of AREAS) for (const skill of SKILLS_BY_AREA[area]) expect(areaOf(skill)).toBe(area);
  expect(skillIdSchema.safeParse('flying').success).toBe(false);
});

describe('a lens', () => {
  const under = (lens: LensId) => ALL.map((skill) => [skill, headingsFor(lens, [skill])] as const);

  test.each<[LensId, SkillId, string[]]>([
    ['subjects', 'listening', ['literacy']],
    ['subjects', 'places-and-people', ['social-studies']],
    ['subjects', 'observing', ['science']],
    ['subjects', 'colour', ['art']],
    ['subjects', 'touch', []],
    ['subjects', 'cutting', ['life-skills']],
    ['subjects', 'balance', ['music-and-movement']],
    ['individual-work', 'pouring-and-scooping', ['practical-life', 'movement']],
    ['individual-work', 'painting', ['the-world']],
    ['individual-work', 'feelings', []],
    ['development', 'colour', ['thinking']],
    ['development', 'waiting', ['social-and-emotional']],
    ['corners', 'counting', []],
  ])('%s counts %s for %j', (lens, skill, headings) => {
    expect(headingsFor(lens, [skill])).toEqual(headings);
  });

  test('of development has a heading for every skill, and exactly one', () => {
    expect(under('development').filter(([, headings]) => headings.length !== 1)).toEqual([]);
  });

  test('of subjects looks at everything but the senses without colour', () => {
    const unseen = under('subjects').filter(([, headings]) => headings.length === 0);
    expect(unseen.map(([skill]) => skill)).toEqual(SKILLS_BY_AREA.senses.filter((one) => one !== 'colour'));
  });

  test('of individual work leaves out people only', () => {
    const unseen = under('individual-work').filter(([, headings]) => headings.length === 0);
    expect(unseen.map(([skill]) => skill)).toEqual([...SKILLS_BY_AREA.people]);
  });

  test('takes the headings of the home along, and never loses one of its own', () => {
    const own = [
      { id: 'heritage', name: 'Heritage language', skills: ['new-words', 'singing'] as SkillId[] },
    ];
    for (const lens of Object.keys(LENSES) as LensId[]) {
      expect(headingsOf(lens, own).at(-1)).toEqual({ id: 'own:heritage', name: 'Heritage language' });
      expect(headingsFor(lens, ['singing'], own)).toContain('own:heritage');
      expect(headingsFor(lens, ['counting'], own)).not.toContain('own:heritage');
    }
  });
});

test('a rung of a skill speaks before the one of its area', () => {
  const rungs = { print: 'sure', 'name-writing': 'not-met', counting: 'practising' } as const;
  expect(rungOf(rungs, 'letters')).toBe('sure');
  expect(rungOf(rungs, 'name-writing')).toBe('not-met');
  expect(rungOf(rungs, 'touch')).toBeNull();
  expect(
    (['letters', 'name-writing', 'counting', 'touch'] as const).map((skill) =>
      readinessShift(rungs, skill, 6),
    ),
  ).toEqual([6, -6, 0, 0]);
});

describe('a skill in own words', () => {
  test('says by itself where it belongs and what it is called', () => {
    expect(ownSkillId('number', ' Money ')).toBe('number/money');
    expect(ownSkillId('print', 'Order of the alphabet')).toBe('print/order-of-the-alphabet');
    expect(ownSkillId('language', 'Große Wörter!')).toBe('language/große-wörter');
    const money = skillIdSchema.parse('number/money');
    expect([areaOf(money), skillName(money)]).toEqual(['number', 'money']);
    expect(headingsFor('subjects', [money])).toEqual(['mathematics']);
    expect(rungOf({ 'number/money': 'sure', number: 'met' }, money)).toBe('sure');
    expect(rungsSchema.parse({ 'number/money': 'sure', counting: 'met' })).toEqual({
      'number/money': 'sure',
      counting: 'met',
    });
  });

  test.each(['money', 'flying/money', 'number/', 'number/Money', 'number/a--b', `number/${'x'.repeat(60)}`])(
    '%s is none',
    (id) => {
      expect(skillIdSchema.safeParse(id).success).toBe(false);
    },
  );

  test('that says nothing is none', () => {
    expect(ownSkillId('number', ' !? ')).toBeNull();
    expect(ownSkillId('number', 'x'.repeat(80))).toBeNull();
  });
});
