import type { ChangeInput } from '@kobby/core';
import { generateNKeysBetween } from 'fractional-indexing';
import { STARTER_ACTIVITIES } from './activities/index.ts';
import { STARTER_BOOKS } from './books.ts';
import { STARTER_CORNERS } from './corners.ts';
import { STARTER_SHEETS } from './sheets.ts';
import { STARTER_RECIPES } from './recipes/index.ts';
import { STARTER_SONGS } from './songs/index.ts';
import { STARTER_SUPPLIES } from './supplies/index.ts';
import { STARTER_UNITS } from './units/index.ts';
import { WATCH_PATTERNS } from './watches.ts';

/** What every new home begins with: supplies, corners and the library. Applied like any other changes. */
export function starterChanges(): ChangeInput[] {
  const orders = generateNKeysBetween(null, null, STARTER_CORNERS.length);
  return [
    ...STARTER_SUPPLIES.map(({ supply }): ChangeInput => ({ type: 'cupboard/put-supply', supply })),
    ...STARTER_CORNERS.map((corner, i): ChangeInput => ({
      type: 'house/put-corner',
      corner: { ...corner, order: orders[i]! },
    })),
    ...STARTER_SHEETS.map((sheet): ChangeInput => ({ type: 'library/put-sheet', sheet })),
    ...STARTER_ACTIVITIES.map((activity): ChangeInput => ({ type: 'library/put-activity', activity })),
    ...STARTER_RECIPES.map((recipe): ChangeInput => ({ type: 'library/put-recipe', recipe })),
    ...STARTER_SONGS.map((song): ChangeInput => ({ type: 'library/put-song', song })),
    ...STARTER_BOOKS.map((book): ChangeInput => ({ type: 'library/put-book', book })),
    ...WATCH_PATTERNS.map((pattern): ChangeInput => ({ type: 'library/put-watch-pattern', pattern })),
    ...STARTER_UNITS.map((readyUnit): ChangeInput => ({ type: 'library/put-ready-unit', readyUnit })),
  ];
}

/** The parts, blocks and working days that a new home begins with. */
export const STARTER_RULES = {
  workingWeekdays: [1, 2, 3, 4, 5],
  parts: [
    { id: 'morning', name: 'Morning', from: '07:30', to: '12:30' },
    { id: 'afternoon', name: 'Afternoon', from: '12:30', to: '15:30' },
    { id: 'after-school', name: 'After school', from: '15:30', to: '17:30' },
  ],
  blocks: [
    { id: 'circle', name: 'Circle time', start: '09:10', minutes: 20, isCircle: true },
    { id: 'table', name: 'Table time', start: '09:40', minutes: 40 },
    { id: 'small-groups', name: 'Small groups', start: '10:25', minutes: 30 },
    { id: 'yard', name: 'Yard', start: '11:00', minutes: 45 },
    { id: 'after-rest', name: 'After rest', start: '15:00', minutes: 30 },
    { id: 'after-school', name: 'After school', start: '15:45', minutes: 45 },
  ],
  prepSlots: [
    { id: 'nap', name: 'Nap time', start: '13:00', minutes: { '1': 60, '2': 60, '3': 60, '4': 60, '5': 60 } },
    { id: 'evening', name: 'Evening', start: '19:30', minutes: { '1': 45, '3': 45 } },
    { id: 'saturday', name: 'Saturday morning', start: '09:00', minutes: { '6': 60 } },
  ],
  waitingPlaces: [
    { id: 'oven', name: 'Oven', kind: 'oven' as const, holds: 2 },
    { id: 'freezer', name: 'Freezer drawer', kind: 'freezer' as const, holds: 4 },
    { id: 'line', name: 'Drying line', kind: 'drying-line' as const, holds: 12 },
    { id: 'window', name: 'Window shelf', kind: 'window-shelf' as const, holds: 6 },
  ],
  binRule: 'What is in the bin stays in the bin. What falls is picked up together.',
  collectRule:
    'Fallen rather than picked, only where there is plenty and only what we know. Never from a neighbour’s ground. Anything that pricks, is mouldy or unknown stays there.',
  emergencyNumber: null,
  poisonCentreNumber: null,
};
