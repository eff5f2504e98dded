import { activityContentSchema } from '../../library/index.ts';
import type { Placement } from '../../unit/index.ts';
import { memoised } from '../ground/memo.ts';
import { standInFor } from '../ground/stand-in.ts';
import type { SpecialDay } from '../plan/special.ts';

/**
 * Special events that use what is made in the plan, as if they were placed at their first part: so that lanterns of a feast come before
 * it, dry. Asked for nothing but the order.
 */
export const specialUses = memoised((specials: readonly SpecialDay[]): readonly Placement[] =>
  // Each is remembered by its event and day alone: what `map` passes besides would make it another one every time.
  specials.filter(({ event }) => event.uses.length > 0).map((special) => asPlaced(special)),
);

const asPlaced = memoised(({ event, day, parts }: SpecialDay): Placement => {
  const [part] = parts;
  const placed = standInFor({
    id: `event/${event.id}` as Placement['id'],
    unitId: event.unitId,
    pinned: true,
    where: { kind: 'day', day, blockId: (part?.id ?? '') as never },
    content: activityContentSchema.parse({
      ...{ title: event.title, mode: 'whole-group', summary: '', cornerKinds: [], skills: [], materials: [] },
      versions: [{ id: 'all', fromMonths: 0, untilMonths: null, does: 'Takes part.', say: '' }],
      ...{ steps: [], cleanUpMinutes: 0, atOnce: null, uses: event.uses },
    }),
  });
  return part ? { ...placed, part } : placed;
});
