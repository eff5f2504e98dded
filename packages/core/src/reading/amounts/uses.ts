import type { Table } from '../../book/index.ts';
import type { ClockSpan, ProgramDay } from '../../calendar/index.ts';
import type { Supply } from '../../cupboard/index.ts';
import type { Corner } from '../../house/index.ts';
import type { Material } from '../../library/index.ts';
import type { Placement } from '../../unit/index.ts';
import { memoised } from '../memo.ts';
import { reachOf, sessionsOf, type Frame, type Session } from '../plan/plan.ts';

/** One spare for every so many pieces begun, where a line asks for spares. A starting value of Kobby's. */
export const PIECES_PER_SPARE = 8;

/** What one line of a placement's materials takes on one day. */
export interface Use {
  readonly supply: Supply;
  readonly line: Material;
  readonly placement: Placement;
  /** The day on which it is needed; for what is needed once for a span, its first day. */
  readonly day: ProgramDay;
  readonly span: ClockSpan;
  /** Children that were counted. */
  readonly heads: number;
  /** How often the line's amount is needed: for each child, for each group, or once. */
  readonly shares: number;
  readonly spares: number;
  /** Fewer children than are there were counted, because no more fit at once. */
  readonly limitedTo: number | null;
  /** In the supply's unit: shares and spares times the line's amount. */
  readonly amount: number;
}

/**
 * What a placement takes on each of its days, for the children who are there and find a version at their age.
 * Consumables needed every day are counted day by day, those needed once for the span for every child who
 * comes on any of its days. Reusables are counted for those who use them at the same time: no more than the
 * activity takes at once or the corner has places. Lines whose supply is gone are left out.
 */
export const usesOf = memoised(
  (placement: Placement, frame: Frame, supplies: Table<Supply>, corners: Table<Corner>): readonly Use[] => {
    const atOnce = limitOf(placement, corners);
    return placement.content.materials.flatMap((line) => {
      const supply = supplies[line.supplyId];
      return supply ? usesOfLine(placement, line, supply, frame, atOnce) : [];
    });
  },
);

function usesOfLine(
  placement: Placement,
  line: Material,
  supply: Supply,
  frame: Frame,
  atOnce: number,
): readonly Use[] {
  const sessions = sessionsOf(placement, frame);
  const make = ({ day, span }: Session, heads: number, limitedTo: number | null): Use[] => {
    const shares = sharesFor(line, heads);
    if (shares === 0) return [];
    const spares = line.spare === 'none' ? 0 : Math.ceil(shares / PIECES_PER_SPARE);
    return [
      {
        supply,
        line,
        placement,
        day,
        span,
        heads,
        shares,
        spares,
        limitedTo,
        amount: (shares + spares) * line.amount,
      },
    ];
  };
  if (supply.use === 'reusable') {
    return sessions.flatMap((session) => {
      const heads = headsAt(session);
      return make(session, Math.min(heads, atOnce), heads > atOnce ? atOnce : null);
    });
  }
  if (line.every === 'day') return sessions.flatMap((session) => make(session, headsAt(session), null));
  const first = sessions[0];
  return first ? make(first, reachOf(placement, frame).size, null) : [];
}

const headsAt = ({ seats }: Session): number => seats.filter((seat) => seat.version !== null).length;

function sharesFor(line: Material, heads: number): number {
  if (heads === 0) return 0;
  if (line.for.kind === 'all') return 1;
  return line.for.kind === 'child' ? heads : Math.ceil(heads / line.for.size);
}

function limitOf(placement: Placement, corners: Table<Corner>): number {
  const places =
    placement.where.kind === 'corner' ? (corners[placement.where.cornerId]?.places ?? Infinity) : Infinity;
  return Math.min(places, placement.content.atOnce ?? Infinity);
}
