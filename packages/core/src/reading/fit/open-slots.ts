import { CONTENT_COUNTS, openSlots, type ActivityContent } from '../../library/index.ts';
import type { Placement, ThemeCounts } from '../../unit/index.ts';
import { contentCount } from '../amounts/content-count.ts';
import { listed, type Finding } from '../ground/finding.ts';
import { memoised } from '../ground/memo.ts';
import type { Frame } from '../plan/plan.ts';

/** The findings about patterns that were placed with something left open, in their words or in their amounts. */
export const openSlotFindings = memoised(
  (placements: readonly Placement[], frame: Frame): readonly Finding[] =>
    placements.flatMap((placement) => {
      const open = openIn(placement.content, frame, placement.counts);
      if (open.length === 0) return [];
      return [
        {
          key: `open-slot:${placement.id}`,
          rule: 'open-slot',
          level: 'note',
          title: `${placement.content.title} is not filled in yet`,
          detail: `Still open: ${listed(open)}.`,
          basis: 'a pattern becomes an activity with the words of the unit',
          days: [],
          cornerIds: placement.where.kind === 'corner' ? [placement.where.cornerId] : [],
          placementId: placement.id,
          childIds: [],
        },
      ];
    }),
);

// Amounts that hang on what a unit features are open until it says so; letters of names are always known.
const openIn = memoised(
  (content: ActivityContent, frame: Frame, counts: ThemeCounts | undefined): readonly string[] => {
    const words = openSlots(content).map((id) => content.slots.find((slot) => slot.id === id)?.asks ?? id);
    const amounts = content.materials
      .filter(({ times }) => contentCount(times, frame, counts, content.test) === null)
      .map(({ times }) => `an amount ${CONTENT_COUNTS[times]}`);
    return [...words, ...new Set(amounts)];
  },
);
