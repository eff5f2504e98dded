import { type Book, type ChangeInput, type UnitId } from '@kobby/core';
import { aChild, after, testBook } from '../../../core/src/testing/home.ts';
import { seeded } from '../../../core/src/testing/problems.ts';
import { starterChanges, STARTER_RULES } from '../library.ts';
import { themeChanges, TRIED_THEMES } from './themes.ts';

// Where the units of made-up homes begin.
const DRAFT_START = '2027-03-08';
/** The day on which they are drafted. */
export const DRAFT_TODAY = '2027-03-01';
/** The unit that is drafted. */
export const DRAFT_UNIT = 'drafted' as UnitId;

const ALLERGENS = ['milk', 'wheat', 'gluten', 'egg', 'tree-nuts', 'peanuts', 'soy'];
const WEEK = ['1', '2', '3', '4', '5'];

const bornBefore = (months: number): string => {
  const at = new Date(`${DRAFT_START}T00:00:00Z`);
  at.setUTCMonth(at.getUTCMonth() - months);
  return at.toISOString().slice(0, 10);
};

/**
 * A made-up home with Kobby's library and a unit of a theme, the same for the same seed: two to ten children from five months to seven years
 * with days of their own, some who mouth things, some with an allergy, one or two adults of whom not everyone may lead everything, five to
 * ten days, sometimes a budget, little time for making ready, no yard, or corners that are closed on purpose.
 */
export function aDraftedHome(seed: number): Book {
  const random = seeded(seed);
  const upTo = (most: number): number => Math.floor(random() * (most + 1));
  const oneOf = <T>(list: readonly T[]): T => list[upTo(list.length - 1)]!;
  const often = (share: number): boolean => random() < share;
  const children = Array.from({ length: 2 + upTo(8) }, (_, i) => {
    const months = 5 + upTo(79);
    const days = often(0.6) ? WEEK : WEEK.filter(() => often(0.6));
    return aChild(`c${i}-${months}`, bornBefore(months), {
      mouthsThings: months < 18 || (months < 40 && often(0.4)),
      attendance: Object.fromEntries(
        (days.length > 0 ? days : WEEK).map((day) => [day, ['morning', 'afternoon']]),
      ),
      allergies: often(0.25) ? [{ allergen: oneOf(ALLERGENS) as never, words: 'as the family said' }] : [],
    });
  });
  const people = Array.from({ length: 1 + upTo(1) }, (_, i): ChangeInput => ({
    type: 'house/put-person',
    person: {
      ...{ id: `adult-${i}`, name: `Adult ${i + 1}`, role: i === 0 ? 'provider' : 'assistant' },
      mayLead: ['water', 'heat', 'blades'].filter(() => often(0.6)) as never,
      work: Object.fromEntries(
        WEEK.filter(() => i === 0 || often(0.6)).map((day) => [
          day,
          ['morning', 'afternoon', 'after-school'],
        ]),
      ) as never,
    },
  }));
  const withRules: ChangeInput = {
    type: 'house/put-home',
    home: {
      ...{ id: 'home', name: 'A made-up home', zone: 'America/Chicago' },
      ...{ emergencyNumber: null, poisonCentreNumber: null, tapC: 45 },
      ...STARTER_RULES,
      blocks: often(0.15) ? STARTER_RULES.blocks.filter(({ id }) => id !== 'yard') : STARTER_RULES.blocks,
      prepSlots: often(0.3) ? STARTER_RULES.prepSlots.slice(0, 1) : STARTER_RULES.prepSlots,
    },
  };
  const library = [withRules, ...starterChanges(), ...people, ...children];
  const book = library.reduce<Book>((all, change) => after(all, change), testBook());
  const days = 5 + upTo(5);
  const theme = oneOf(TRIED_THEMES);
  const started = after(book, ...themeChanges(theme, DRAFT_UNIT, DRAFT_START, days));
  if (!often(0.25)) return started;
  const unit = { ...started.units[DRAFT_UNIT]!, budget: 500 + upTo(40) * 100 };
  return after(started, { type: 'unit/revise', unit } as ChangeInput);
}
