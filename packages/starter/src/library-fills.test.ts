// The library fills any room: counts, every corner, every age, and units of twenty themes in four homes filled by what is suggested.
import {
  activityContentSchema,
  ageInMonths,
  firstDayOf,
  lastDayOf,
  SKILLS_BY_AREA,
  versionFor,
  type SkillId,
  type UnitId,
} from '@kobby/core';
import { describe, expect, test } from 'vitest';
import { STARTER_ACTIVITIES } from './activities/index.ts';
import { STARTER_BOOKS } from './books.ts';
import { STARTER_CORNERS } from './corners.ts';
import { STARTER_RECIPES } from './recipes/index.ts';
import { STARTER_SONGS } from './songs/index.ts';
import { STARTER_SUPPLIES } from './supplies/index.ts';
import { filled, freshIn, newHome, yearOf, TRIED_HOMES } from './testing/filled.ts';
import { TRIED_THEMES } from './testing/themes.ts';
import { STARTER_UNITS } from './units/index.ts';
import { WATCH_PATTERNS } from './watches.ts';

const A_MONDAY = '2027-03-08';
const ALL = STARTER_ACTIVITIES.map(({ id, content }) => ({
  id,
  content: activityContentSchema.parse(content),
}));
const ANY = ALL.filter(({ content }) => content.themes.length === 0);
const PATTERNS = ALL.filter(({ content }) => content.hints.well !== '');

describe('what ships', () => {
  test('is as much as was meant', () => {
    expect(ALL.length).toBeGreaterThanOrEqual(150);
    expect(ANY.length).toBeGreaterThanOrEqual(110);
    expect(STARTER_SONGS.length).toBeGreaterThanOrEqual(70);
    expect(STARTER_RECIPES.length).toBeGreaterThanOrEqual(60);
    expect(STARTER_RECIPES.filter(({ kind }) => kind === 'food').length).toBeGreaterThanOrEqual(12);
    expect(STARTER_RECIPES.filter(({ kind }) => kind === 'science').length).toBeGreaterThanOrEqual(12);
    expect(STARTER_BOOKS.length).toBeGreaterThanOrEqual(60);
    expect(STARTER_SUPPLIES.length).toBeGreaterThanOrEqual(280);
    expect(WATCH_PATTERNS.length).toBeGreaterThanOrEqual(15);
    expect(STARTER_UNITS.length).toBeGreaterThanOrEqual(10);
  });

  test.each(STARTER_CORNERS.map(({ kind }) => kind))('%s has eight set-ups for any theme', (kind) => {
    const there = ANY.filter(
      ({ content: { mode, cornerKinds } }) =>
        (mode === 'open-corner' || mode === 'shelf-work') && cornerKinds.includes(kind),
    );
    expect(there.length).toBeGreaterThanOrEqual(8);
  });

  test('the day has forty for groups, and no skill is left out', () => {
    const day = ANY.filter(({ content: { mode } }) => mode === 'whole-group' || mode === 'small-group');
    expect(day.length).toBeGreaterThanOrEqual(40);
    const practised = new Set<SkillId>(ANY.flatMap(({ content }) => content.skills));
    expect(
      Object.values(SKILLS_BY_AREA)
        .flat()
        .filter((skill) => !practised.has(skill)),
    ).toEqual([]);
  });

  test.each(PATTERNS.map((one) => [one.id, one.content] as const))(
    '%s differs for five ages and says what changes, what to say and how it ends',
    (_, { versions, hints }) => {
      expect(versions.length).toBeGreaterThanOrEqual(5);
      for (const { changes, say, does } of versions) expect([does, changes, say]).not.toContain('');
      expect(Object.values(hints)).not.toContain('');
    },
  );
});

const homes = TRIED_HOMES.map((home) => [home.name, newHome(home, A_MONDAY)] as const);
const tried = homes.flatMap(([name, home]) =>
  TRIED_THEMES.map((theme) => [theme.title, name, theme, home] as const),
);
describe.each(tried)('%s, %s', (_, __, theme, home) => {
  const unit = filled(home, theme, 'tried' as UnitId, A_MONDAY);

  test('is filled by what is suggested: every corner twice, a group, a few and the yard each day', () => {
    expect(unit.picks.filter(({ id }) => id === null)).toEqual([]);
    expect(unit.twice).toEqual([]);
    expect(unit.told.map(({ title, detail }) => `${title}: ${detail}`)).toEqual([]);
  });

  test('has something fitting for every child on each day', () => {
    const { frame, placements } = unit.reading;
    for (const { date, children } of frame.attendance)
      for (const { birth } of children) {
        const learner = { age: ageInMonths(birth, date), rungs: {}, readinessMonths: 0 };
        const number = frame.calendar.days.find((day) => day.date === date)!.number;
        const out = placements.filter((one) => firstDayOf(one) <= number && number <= lastDayOf(one));
        expect(out.some(({ content }) => versionFor(content, learner) !== null)).toBe(true);
      }
  });
});

test('over a year of twenty units half of each unit was in none of the last three', () => {
  const units = yearOf(newHome(TRIED_HOMES[0]!, A_MONDAY), TRIED_THEMES, A_MONDAY, 20);
  const fresh = units.map((_, i) => freshIn(units, i)).slice(3);
  expect(fresh.reduce((sum, one) => sum + one, 0) / fresh.length).toBeGreaterThan(0.5);
  expect(Math.min(...fresh)).toBeGreaterThan(0.45);
  expect(units.flatMap(({ told }) => told)).toEqual([]);
});
