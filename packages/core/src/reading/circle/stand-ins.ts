import { activityContentSchema, type ActivityContent, type Song } from '../../library/index.ts';
import type { Placement } from '../../unit/index.ts';
import { memoised } from '../ground/memo.ts';
import type { Finding } from '../ground/finding.ts';
import { standInFor } from '../ground/stand-in.ts';
import type { CirclePart, CircleRun } from './run.ts';

// No id of the book holds such a stroke.
const PREFIX = 'circle/';

/**
 * The parts of circles that need something, play something or read a book, as if they were placed: so that what they need lands where
 * everything else that is needed does, the same cautions look at it, recorded minutes add up, and what follows a book comes after it. They are in no book, and
 * nothing but amounts, cautions and minutes is asked of them.
 */
export const standInsOf = memoised((runs: readonly CircleRun[]): readonly Placement[] =>
  runs.flatMap((run) => {
    const parts = run.parts.filter(
      ({ piece, book, props, recordedMinutes }) =>
        recordedMinutes > 0 ||
        piece.uses.length > 0 ||
        book !== null ||
        props.some(({ supplyId }) => supplyId !== null),
    );
    return parts.map((part) => standIn(part, run.day.number, run.block.id));
  }),
);

const standIn = (
  { piece, song, book, title, props, recordedMinutes }: CirclePart,
  day: number,
  blockId: string,
): Placement =>
  placed(
    contentOf(
      piece,
      song,
      title,
      JSON.stringify({ props, recordedMinutes, uses: piece.uses, makes: book ? [book.title] : [] }),
    ),
    piece,
    day,
    blockId,
  );

// A piece rarely needs other things from day to day: its content is one as long as it needs the same.
const contentOf = memoised(
  (_: CirclePart['piece'], song: Song | null, title: string, needs: string): ActivityContent => {
    const { props, recordedMinutes, uses, makes } = JSON.parse(needs) as Pick<
      CirclePart,
      'props' | 'recordedMinutes'
    > &
      Pick<ActivityContent, 'uses' | 'makes'>;
    return activityContentSchema.parse({
      title,
      mode: 'whole-group',
      summary: '',
      cornerKinds: [],
      skills: song?.skills ?? [],
      versions: [{ id: 'all', fromMonths: 0, untilMonths: null, does: 'Joins the circle.', say: '' }],
      materials: props.flatMap(({ supplyId, count }) =>
        supplyId === null || count === 0
          ? []
          : [{ supplyId, amount: count, for: { kind: 'all' }, every: 'span', spare: 'none' }],
      ),
      steps: [],
      cleanUpMinutes: 0,
      atOnce: null,
      recordedMinutes,
      uses,
      // What was read can be played, drawn and told again.
      makes,
    });
  },
);

const placed = memoised(
  (content: ActivityContent, piece: CirclePart['piece'], day: number, blockId: string): Placement =>
    standInFor({
      id: `${PREFIX}${day}/${piece.id}` as Placement['id'],
      unitId: piece.unitId,
      pinned: piece.pinned,
      content,
      where: { kind: 'day', day, blockId: blockId as never },
    }),
);

/** The piece of a circle for which something stands in; null for what is really placed. */
const pieceOfStandIn = (placementId: string): CirclePart['piece']['id'] | null =>
  placementId.startsWith(PREFIX)
    ? (placementId.slice(placementId.indexOf('/', PREFIX.length) + 1) as CirclePart['piece']['id'])
    : null;

/** Whether something stands in for a piece of a circle. */
export const isOfCircle = ({ id }: Pick<Placement, 'id'>): boolean => id.startsWith(PREFIX);

/** A finding that is about stand-ins, told as one about pieces of a circle or about nothing placed: nobody can open what is in no book. */
export const aboutPieces = memoised((finding: Finding): Finding => {
  const ids = finding.placementIds ?? (finding.placementId === null ? [] : [finding.placementId]);
  const placementIds = ids.filter((id) => !id.includes('/'));
  if (placementIds.length === ids.length) return finding;
  const pieceIds = [...new Set(ids.flatMap((id) => pieceOfStandIn(id) ?? []))];
  return {
    ...finding,
    placementIds,
    placementId: placementIds[0] ?? null,
    ...(pieceIds.length > 0 ? { pieceIds } : {}),
  };
});
