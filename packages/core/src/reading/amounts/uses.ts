import type { ClockSpan, ProgramDay } from '../../calendar/index.ts';
import type { Supply } from '../../cupboard/index.ts';
import { valueIn, type Child, type Corner } from '../../house/index.ts';
import type { Material } from '../../library/index.ts';
import type { Placement, Unit } from '../../unit/index.ts';
import { answer } from '../ground/answer.ts';
import { sessionsOf, type Frame, type Seat, type Session } from '../plan/plan.ts';
import { filledWith, isFiller } from './filling.ts';
import { contentCount, lettersIn } from './content-count.ts';

/** What one line of a placement's materials takes on one day. */
export interface Use {
  readonly supply: Supply;
  readonly line: Material;
  readonly placement: Placement;
  /** The day on which it is needed; for what is needed once for a span, its first day. */
  readonly day: ProgramDay;
  readonly span: ClockSpan;
  /** The children that were counted, and how many they are. */
  readonly children: readonly Child[];
  readonly heads: number;
  /** Adults that were counted; for lines that are for each adult. */
  readonly adults: number;
  /** How often the line's amount is needed: for each child, group, adult or letter, or once. */
  readonly shares: number;
  readonly spares: number;
  /** Fewer children than are there were counted, because no more fit at once. */
  readonly limitedTo: number | null;
  /** How much of it stands in the corner for good, in the supply's unit; 0 where there is none. */
  readonly standing: number;
  /** In the supply's unit: shares and spares times the line's amount. */
  readonly amount: number;
}

/**
 * What a placement takes on each of its days, for the children who are there and find a version at their age.
 * Consumables needed every day are counted day by day, those needed once for the span for every child who
 * comes on any of its days. Reusables are counted for those who use them at the same time: no more than the
 * activity takes at once or the corner has places. Lines whose supply is gone, and lines that wait for something
 * that the unit does not say yet, are left out.
 */
export const usesOf = answer((look, placement: Placement, frame: Frame): readonly Use[] => {
  const { where } = placement;
  const corner = where.kind === 'corner' ? (look.one('corners', where.cornerId) ?? undefined) : undefined;
  return materialsOf(look, placement).flatMap((line) => {
    const supply = look.one('supplies', line.supplyId);
    return supply ? usesOfLine({ placement, line, supply, frame, corner }) : [];
  });
});

/** What of a placement stands in the room while children are there: not what only makes it ready. */
export const inRoomOf = answer((look, placement: Placement): readonly Material[] => {
  const all = materialsOf(look, placement);
  return all.some(({ onlyPrep }) => onlyPrep) ? all.filter(({ onlyPrep }) => !onlyPrep) : all;
});

/**
 * What a placement needs: its materials, where a tub was worked out with that tub and its filling instead of the tubs and
 * fillers among them.
 */
export const materialsOf = answer((look, placement: Placement): readonly Material[] => {
  const { bin, content } = placement;
  const filling = bin && filledWith(look, bin);
  if (!bin || !filling) return content.materials;
  const others = content.materials.filter(({ supplyId }) => {
    const supply = look.one('supplies', supplyId);
    return supply !== null && !isFiller(supply) && supply.inside === null;
  });
  const once: Omit<Material, 'supplyId' | 'amount'> = {
    for: { kind: 'all' },
    times: 'once',
    every: 'span',
    spare: 'none',
    versionIds: [],
    spill: false,
    onlyPrep: false,
  };
  return [
    ...others,
    { ...once, supplyId: bin.tubId, amount: 1 },
    ...(filling.amount === null ? [] : [{ ...once, supplyId: bin.fillerId, amount: filling.amount }]),
  ];
});

interface LineInPlace {
  readonly placement: Placement;
  readonly line: Material;
  readonly supply: Supply;
  readonly frame: Frame;
  readonly corner: Corner | undefined;
}

function usesOfLine(at: LineInPlace): readonly Use[] {
  const { placement, line, supply, frame, corner } = at;
  const sessions = sessionsOf(placement, frame);
  const childrenAt = (session: Session): readonly Child[] => childrenWith(line, session.seats);
  if (supply.use === 'reusable') {
    const atOnce = Math.min(corner?.places ?? Infinity, placement.content.atOnce ?? Infinity);
    return sessions.flatMap((session) => {
      const children = childrenAt(session);
      return makeUse(
        at,
        session,
        mostDemanding(line, children, atOnce),
        children.length > atOnce ? atOnce : null,
      );
    });
  }
  if (line.every === 'day' || line.for.kind === 'run')
    return sessions.flatMap((session) => makeUse(at, session, childrenAt(session), null));
  const [first] = sessions;
  return first ? makeUse(at, first, [...new Set(sessions.flatMap(childrenAt))], null) : [];
}

// The children who need a line: those whose version it is for.
const childrenWith = (line: Material, seats: readonly Seat[]): readonly Child[] =>
  seats
    .filter(
      ({ version }) => version && (line.versionIds.length === 0 || line.versionIds.includes(version.id)),
    )
    .map(({ child }) => child);

// Of more children than fit at once, those who need the most.
function mostDemanding(line: Material, children: readonly Child[], atOnce: number): readonly Child[] {
  if (children.length <= atOnce) return children;
  if (line.times !== 'letters-of-name') return children.slice(0, atOnce);
  return children.toSorted((a, b) => lettersIn(b.shownAs) - lettersIn(a.shownAs)).slice(0, atOnce);
}

function makeUse(
  { placement, line, supply, frame, corner }: LineInPlace,
  { day, span, adults }: Session,
  children: readonly Child[],
  limitedTo: number | null,
): Use[] {
  // Somebody is always there, also in a home that entered nobody's work.
  const adultCount = Math.max(1, adults.length);
  const shares = sharesFor(line, children, adultCount, frame.unit);
  if (shares === 0) return [];
  const spares = line.spare === 'none' ? 0 : Math.ceil(shares / valueIn(frame.home, 'piecesPerSpare'));
  const kit = corner?.standingKit.find((one) => one.supplyId === supply.id);
  return [
    {
      supply,
      line,
      placement,
      day,
      span,
      children,
      heads: children.length,
      adults: adultCount,
      shares,
      spares,
      limitedTo,
      standing: kit?.amount ?? 0,
      amount: (shares + spares) * line.amount,
    },
  ];
}

function sharesFor(
  { for: who, times }: Material,
  children: readonly Child[],
  adults: number,
  unit: Unit,
): number {
  if (children.length === 0) return 0;
  if (times === 'letters-of-name') return children.reduce((sum, child) => sum + lettersIn(child.shownAs), 0);
  // What hangs on the unit's number or words waits until the unit names them.
  const count = contentCount(times, unit) ?? 0;
  if (who.kind === 'child') return count * children.length;
  if (who.kind === 'adult') return count * adults;
  return count * (who.kind === 'group-of' ? Math.ceil(children.length / who.size) : 1);
}
