import { expect, test } from 'vitest';
import { activityContentSchema, SKILLS_BY_AREA, skillIdSchema, versionFor } from './index.ts';

const content = activityContentSchema.parse({
  title: 'Straw trails',
  mode: 'open-corner',
  summary: '',
  cornerKinds: ['easel'],
  skills: ['painting'],
  versions: [
    { fromMonths: 12, untilMonths: 36, does: 'with a brush', say: '' },
    { fromMonths: 30, untilMonths: 60, does: 'one breath', say: '' },
    { fromMonths: 60, untilMonths: null, does: 'two colours', say: '' },
  ],
  materials: [],
  steps: [],
  cleanUpMinutes: 5,
  atOnce: 2,
});
const does = (months: number) => versionFor(content, months)?.does ?? null;

test('the version is the highest whose range holds the age', () => {
  expect([11, 12, 29, 30, 35, 36, 59, 60, 143].map(does)).toEqual([
    null,
    'with a brush',
    'with a brush',
    'one breath',
    'one breath',
    'one breath',
    'one breath',
    'two colours',
    'two colours',
  ]);
});

test('an activity without versions fits nobody', () => {
  expect(versionFor({ ...content, versions: [] }, 40)).toBeNull();
});

test('every skill belongs to one area', () => {
  const skills = Object.values(SKILLS_BY_AREA).flat();
  expect(new Set(skills).size).toBe(skills.length);
  expect(Object.keys(SKILLS_BY_AREA)).toHaveLength(11);
  expect(skillIdSchema.safeParse('flying').success).toBe(false);
});

test('a version whose upper end is not above the lower one is refused', () => {
  const wrong = { ...content, versions: [{ fromMonths: 12, untilMonths: 12, does: 'x', say: '' }] };
  expect(activityContentSchema.safeParse(wrong).error?.issues[0]?.path).toEqual([
    'versions',
    0,
    'untilMonths',
  ]);
});
