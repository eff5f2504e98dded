import { PIECE_KINDS } from '../../unit/index.ts';
import type { CirclePart, CircleRun } from './run.ts';

/** Something about the order of a circle that those who know would do otherwise, at the part that it is about. */
export interface OrderNote {
  readonly pieceId: CirclePart['piece']['id'];
  readonly text: string;
}

const isLively = ({ energy }: CirclePart): boolean => energy === 'lively';
const rankOf = ({ piece }: CirclePart): number => PIECE_KINDS[piece.kind].rank;

/**
 * What breaks the order of a circle: the welcome comes first, what gathers attention before what needs it, the calm close
 * last; two lively pieces do not follow each other, and none is the last. A seam has no order.
 */
export function orderNotes({ parts, moment }: CircleRun): readonly OrderNote[] {
  if (moment === 'after') return [];
  return parts.flatMap((part, i): OrderNote[] => {
    const before = parts[i - 1];
    const note = (text: string): OrderNote[] => [{ pieceId: part.piece.id, text }];
    if (before && rankOf(before) > rankOf(part))
      return note(`${part.title} would come before ${before.title}: ${PLACES[rankOf(part)]}.`);
    if (before && isLively(before) && isLively(part))
      return note(`Two lively pieces together: ${before.title} and ${part.title}.`);
    return i === parts.length - 1 && isLively(part)
      ? note(`It ends lively: something calm after ${part.title} lets them arrive.`)
      : [];
  });
}

const PLACES = [
  'a welcome is the first thing',
  'what gathers attention comes before what needs it',
  'a close is the last thing',
  'a close is the last thing',
] as const;

/** Where a new piece of a kind would stand: behind all that come before it; what moves before the story, if there is one. */
export function placeFor({ parts }: Pick<CircleRun, 'parts'>, kind: CirclePart['piece']['kind']): number {
  const { rank, energy } = PIECE_KINDS[kind];
  const end = parts.findLastIndex((part) => rankOf(part) <= rank) + 1;
  if (energy !== 'lively') return end;
  const story = parts.findIndex(({ piece }) => piece.kind === 'story');
  return story < 0 ? middleOf(parts, end) : story;
}

// In the middle of what stands between the welcome and the close.
function middleOf(parts: readonly CirclePart[], end: number): number {
  const first = parts.findIndex((part) => rankOf(part) >= 2);
  return first < 0 ? end : Math.ceil((first + end) / 2);
}
