import type { ActivityContent, ChangeInput } from '@kobby/core';
import { generateNKeysBetween } from 'fractional-indexing';
import { STARTER_ACTIVITIES, type StarterActivity } from './activities.ts';
import { STARTER_CORNERS } from './corners.ts';
import { STARTER_SUPPLIES } from './supplies.ts';

type ActivityInput = Extract<ChangeInput, { type: 'library/put-activity' }>['activity'];

/** What every new home begins with: corners, supplies and the library. Applied like any other changes. */
export function starterChanges(): ChangeInput[] {
  const orders = generateNKeysBetween(null, null, STARTER_CORNERS.length);
  return [
    ...STARTER_CORNERS.map((corner, i): ChangeInput => ({
      type: 'house/put-corner',
      corner: { ...corner, order: orders[i]! },
    })),
    ...STARTER_SUPPLIES.map(({ stock: _stock, allergens, ...supply }): ChangeInput => ({
      type: 'cupboard/put-supply',
      supply: { ...supply, allergens: [...allergens] },
    })),
    ...STARTER_ACTIVITIES.map((activity): ChangeInput => ({
      type: 'library/put-activity',
      activity: activityOf(activity),
    })),
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
  emergencyNumber: null,
  poisonCentreNumber: null,
};

function activityOf({ id, versions, materials, ...rest }: StarterActivity): ActivityInput {
  const content: Omit<ActivityContent, 'versions' | 'materials' | 'cleanUpMinutes'> = {
    title: rest.title,
    mode: rest.mode,
    summary: rest.summary,
    cornerKinds: [...rest.cornerKinds],
    skills: [...rest.skills],
    steps: [...rest.steps],
    atOnce: rest.atOnce,
  };
  return {
    id,
    content: {
      ...content,
      cleanUpMinutes: rest.cleanUpMinutes,
      versions: versions.map(([fromMonths, untilMonths, does, say]) => ({
        fromMonths,
        untilMonths,
        does,
        say,
      })),
      materials: materials.map(([supplyId, amount, who, every, spare = 'none']) => ({
        supplyId,
        amount,
        for: typeof who === 'number' ? { kind: 'group-of', size: who } : { kind: who },
        every,
        spare,
      })),
    },
  };
}
