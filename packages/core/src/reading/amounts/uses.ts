import type { Supply } from '../../cupboard/index.ts';
import { leadingIdOf } from '../../handover/index.ts';
import { valueIn, type Child, type Corner } from '../../house/index.ts';
import { onceForAll, type Material } from '../../library/index.ts';
import { lettersIn, type Placement } from '../../unit/index.ts';
import { answer, type Asking, type Look } from '../ground/answer.ts';
import { sessionsOf, type Frame, type Seat, type Session } from '../plan/plan.ts';
import { filledWith, isFiller } from './filling.ts';
import { contentCount } from './content-count.ts';
import { stuffMadeIn, usesMadeIn } from './made.ts';
import type { Use } from './use.ts';

/**
 * What a placement takes on each of its days, for the children who are there and find a version at their age.
 * Consumables needed every day are counted day by day, those needed once for the span for every child who
 * comes on any of its days. Reusables are counted for those who use them at the same time: no more than the
 * activity takes at once or the corner has places. `before` is what went on before it (`goingOn`): what is needed once
 * for the span, and was counted there already, is not counted again. Lines whose supply is gone, and lines that wait for
 * something that the unit does not say yet, are left out.
 */
export const usesAfter = answer(
  (look, placement: Placement, frame: Frame, before: readonly Placement[]): readonly Use[] => {
    const { where } = placement;
    const corner = where.kind === 'corner' ? (look.one('corners', where.cornerId) ?? undefined) : undefined;
    const runsOn = (session: Session, children: readonly Child[]): number => runsOf(look, session, children);
    const lines = materialsOf(look, placement).flatMap((line) => {
      const supply = look.one('supplies', line.supplyId);
      return supply ? usesOfLine({ placement, line, supply, frame, corner, runsOn, before }) : [];
    });
    if (placement.content.processes.length === 0) return lines;
    const made = sessionsOf(placement, frame).flatMap((session) => usesMadeIn(look, session, frame));
    return [...lines, ...made];
  },
);
/** The same of a placement by itself, as it is set out, whatever went on before it. */
export const usesOf = (asking: Asking, placement: Placement, frame: Frame): readonly Use[] =>
  usesAfter(asking, placement, frame, NONE);
const NONE: readonly never[] = [];

/**
 * How often something is run on a day: once for each group, and a group of which not all fit at once in as many turns. Groups are
 * those that were named for the day; whoever is in none of them is in the one without children of its own, else in the first.
 */
function runsOf(look: Look, { placement, day }: Session, children: readonly Child[]): number {
  if (placement.content.mode !== 'small-group') return 1;
  const groups = look.one('leadings', leadingIdOf(placement.id, day.number))?.groups ?? [];
  const named = groups.map(({ childIds }) => children.filter(({ id }) => childIds.includes(id)).length);
  const rest = children.length - named.reduce((sum, count) => sum + count, 0);
  const open = Math.max(
    0,
    groups.findIndex(({ childIds }) => childIds.length === 0),
  );
  const sizes = named.length === 0 ? [rest] : named.map((count, i) => (i === open ? count + rest : count));
  const { atOnce } = placement.content;
  const turns = sizes.map((size) => (atOnce === null ? Math.min(1, size) : Math.ceil(size / atOnce)));
  return Math.max(
    1,
    turns.reduce((sum, count) => sum + count, 0),
  );
}

/** What of a placement stands in the room while children are there: not what only makes it ready. */
export const inRoomOf = answer((look, placement: Placement, frame: Frame): readonly Material[] => {
  const all = stuffOf(look, placement, frame);
  return all.some(({ onlyPrep }) => onlyPrep) ? all.filter(({ onlyPrep }) => !onlyPrep) : all;
});

/** What a placement needs, and what goes into what is made in it. */
export const stuffOf = answer((look, placement: Placement, frame: Frame): readonly Material[] => {
  const own = materialsOf(look, placement);
  return placement.content.processes.length === 0 ? own : [...own, ...stuffMadeIn(look, placement, frame)];
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
  return [
    ...others,
    onceForAll(bin.tubId, 1),
    ...(filling.amount === null ? [] : [onceForAll(bin.fillerId, filling.amount)]),
  ];
});

interface LineInPlace {
  readonly placement: Placement;
  readonly line: Material;
  readonly supply: Supply;
  readonly frame: Frame;
  readonly corner: Corner | undefined;
  readonly runsOn: (session: Session, children: readonly Child[]) => number;
  readonly before: readonly Placement[];
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
  if (!first) return [];
  const children = [...new Set(sessions.flatMap(childrenAt))];
  const counted = countedBefore(at);
  return makeUse(at, first, children, null, counted);
}

// The children for whom the same was counted where it went on before.
function countedBefore({ line, before: chain, frame }: LineInPlace): readonly Child[] {
  if (chain.length === 0) return NONE;
  const those = chain.filter(({ content }) => content.materials.some((one) => isSame(one, line)));
  return [
    ...new Set(
      those.flatMap((placement) =>
        sessionsOf(placement, frame).flatMap(({ seats }) => childrenWith(line, seats)),
      ),
    ),
  ];
}
const isSame = (a: Material, b: Material): boolean =>
  a.supplyId === b.supplyId &&
  a.amount === b.amount &&
  a.every === b.every &&
  JSON.stringify(a.for) === JSON.stringify(b.for) &&
  a.times === b.times;

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
  { placement, line, supply, frame, corner, runsOn }: LineInPlace,
  session: Session,
  all: readonly Child[],
  limitedTo: number | null,
  counted: readonly Child[] = NONE,
): Use[] {
  const { day, span, adults } = session;
  const children = counted.length === 0 ? all : all.filter((child) => !counted.includes(child));
  // Somebody is always there, also in a home that entered nobody's work.
  const adultCount = Math.max(1, adults.length);
  const sharesOf = (those: readonly Child[]): number =>
    sharesFor(
      line,
      those,
      adultCount,
      contentCount(line.times, frame, placement.counts, placement.content.test),
      runsOn(session, those),
    );
  // What is for all of them, or a group, is only more by what more of them need.
  const shares = sharesOf([...counted, ...children]) - sharesOf(counted);
  if (shares <= 0) return [];
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
  counted: number | null,
  runs: number,
): number {
  if (children.length === 0) return 0;
  if (times === 'letters-of-name') return children.reduce((sum, child) => sum + lettersIn(child.shownAs), 0);
  // What hangs on the unit's number, words or things waits until the unit names them.
  const count = counted ?? 0;
  if (who.kind === 'child') return count * children.length;
  if (who.kind === 'adult') return count * adults;
  if (who.kind === 'run') return count * runs;
  return count * (who.kind === 'group-of' ? Math.ceil(children.length / who.size) : 1);
}
