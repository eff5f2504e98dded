import { activityContentSchema } from '../../library/index.ts';
import type { Book } from '../../book/index.ts';
import type { OwnNeed, Placement, UnitId } from '../../unit/index.ts';
import { circleStandIns, together } from '../circle/circle.ts';
import { memoised } from '../ground/memo.ts';

/** What a line of one's own on the supply list is called where amounts are explained. */
const OWN_LINE = 'A line of your own';

/** What a unit needs besides what is placed in it, as if it were: what its circles need, and what somebody wrote on its list. */
export const neededBesides = (book: Book, unitId: UnitId): readonly Placement[] =>
  together(circleStandIns(book, unitId), ownNeedsOf(book.units[unitId]?.needs ?? NONE, unitId));

const NONE: readonly OwnNeed[] = [];

const ownNeedsOf = memoised((needs: readonly OwnNeed[], unitId: UnitId): readonly Placement[] =>
  needs.map(
    ({ id, supplyId, amount, day }) =>
      ({
        ...{ id: `own-need/${id}`, version: 0, unitId, originId: 'own-need', originVersion: 0 },
        ...{ pinned: true, choices: [], leadId: null, bin: null, aboutId: null, outSince: null },
        content: activityContentSchema.parse({
          ...{ title: OWN_LINE, mode: 'whole-group', summary: '', cornerKinds: [], skills: [], versions: [] },
          ...{ steps: [], cleanUpMinutes: 0, atOnce: null },
          materials: [{ supplyId, amount, for: { kind: 'all' }, every: 'span', spare: 'none' }],
        }),
        where: { kind: 'day', day, blockId: 'own-need' },
      }) as unknown as Placement,
  ),
);
