import type { ChangeInput } from '../changes/index.ts';
import type { Sheet } from '../library/index.ts';
import { freeBlock, pagesOf, type Reading } from '../reading/index.ts';
import { contentWritten, type Where } from '../unit/index.ts';

/** The most pages that are laid out in one go: as many as a unit has days at most. */
export const MAX_PACKET_PAGES = 60;

/**
 * A packet of sheets laid out one page a day, as one act: each page in a block of its day in which nothing stands yet, from `fromDay`
 * on, one copy for each child. Pages for which no day is left wait in the reserve.
 */
export function packetChanges(
  sheet: Sheet,
  fromDay: number,
  { frame, placements }: Pick<Reading, 'frame' | 'placements'>,
  newId: () => string,
): readonly ChangeInput[] {
  return pagesOf(sheet)
    .slice(0, MAX_PACKET_PAGES)
    .map((page, i): ChangeInput => {
      const day = fromDay + i;
      const where: Where =
        day <= frame.unit.dayCount
          ? { kind: 'day', day: day as never, blockId: freeBlock(placements, day, frame).id }
          : { kind: 'reserve' };
      const title = `${sheet.title}, page ${page}`.slice(0, 120);
      return {
        type: 'unit/write',
        id: `put-${newId()}`,
        unitId: frame.unit.id,
        where,
        content: contentWritten(title, {
          mode: 'small-group',
          sheetIds: [sheet.id],
          copies: [{ sheetId: sheet.id, for: { kind: 'child' }, page }],
        } as never),
      };
    });
}
