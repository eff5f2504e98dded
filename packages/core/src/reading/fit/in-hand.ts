import type { Placement } from '../../unit/index.ts';
import { fewOf, type Finding } from '../ground/finding.ts';
import { memoised } from '../ground/memo.ts';

/** The finding about members of the theme that are to be handled and for which nothing in the house stands: one line for the unit. */
export const inHandFindings = memoised((placements: readonly Placement[]): readonly Finding[] => {
  const waiting = placements.filter(({ notInHand }) => notInHand !== undefined);
  if (waiting.length === 0) return [];
  const names = [...new Set(waiting.flatMap(({ notInHand }) => notInHand ?? []))];
  const where = [...new Set(waiting.map(({ content }) => content.title))];
  return [
    {
      key: 'in-hand',
      rule: 'in-hand',
      level: 'note',
      title:
        names.length === 1
          ? `Nothing stands for the ${names[0]!} yet`
          : `Nothing stands for ${names.length} of the theme’s things yet`,
      detail: `${fewOf(where)}: children handle ${fewOf(names)} there.`,
      instead:
        'Say in the theme’s things what each is in the room: something of the cupboard, or one to make, borrow, print or buy.',
      basis: 'what is handled is in the house, or on the list',
      days: [],
      cornerIds: [],
      placementId: waiting[0]!.id,
      placementIds: waiting.map(({ id }) => id),
      childIds: [],
    },
  ];
});
