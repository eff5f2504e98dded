import { circleRecordIdOf, circleRecordIdSchema, circleRecordOrderSchema } from '../../daybook/index.ts';
import { circlePieceSchema, PIECE_KINDS } from '../../unit/index.ts';
import { change } from '../pen/define.ts';
import { unknownId } from '../pen/refusal.ts';

/** Changes of circles: their pieces, and how they went. */
export const CIRCLE_CHANGES = {
  /** What takes the place of another piece does so for a piece of every day: chains lead nowhere. */
  'circle/put-piece': change({
    fields: { piece: circlePieceSchema },
    apply: (pen, { piece }) => {
      const { id, unitId, insteadOf } = piece;
      const other = insteadOf === null ? null : pen.get('circlePieces', insteadOf);
      if (other && (other.day !== null || other.id === id || other.unitId !== unitId))
        return {
          reason: 'leads-nowhere',
          path: ['piece', 'insteadOf'],
          message: 'Only a piece of every day of this unit can have another one in its place',
        };
      return pen.put('circlePieces', piece);
    },
    says: (book, { piece }) =>
      `circle: ${(piece.songId && book.songs[piece.songId]?.title) ?? PIECE_KINDS[piece.kind].name.toLowerCase()}`,
  }),
  /** Says how a circle went; said again, it is corrected. */
  'circle/record': change({
    fields: { record: circleRecordOrderSchema },
    apply: (pen, { record }, { at, actor }) =>
      pen.put('circleRecords', { ...record, id: circleRecordIdOf(record), version: 0, by: actor.name, at }),
    says: (_, { record }) => `how the circle of Day ${record.day} went`,
  }),
  'circle/unrecord': change({
    fields: { recordId: circleRecordIdSchema },
    apply: (pen, { recordId }) =>
      pen.get('circleRecords', recordId)
        ? pen.drop('circleRecords', recordId)
        : unknownId(['recordId'], 'record of a circle'),
    says: () => 'how a circle went taken back',
  }),
};
