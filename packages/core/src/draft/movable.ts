import type { Book } from '../book/index.ts';
import type { PlainDay } from '../calendar/index.ts';
import type { Speaks } from '../choosing/index.ts';
import { recordIdOf, tickIdOf } from '../daybook/index.ts';
import { leadingIdOf } from '../handover/index.ts';
import { fillerOf, listed, sessionsOf, type Reading } from '../reading/index.ts';
import type { Placement } from '../unit/index.ts';
import { MOVE_TERMS, type Disruption, type MoveTerm } from './disruption.ts';
import type { Candidate } from './must-hold.ts';
import { blocksFor, type Place } from './spots.ts';
import { WouldBes } from './would-be.ts';

/** Something of the days that may move. */
export interface Movable {
  readonly placement: Placement;
  /** The day on which it stands; null in the reserve, or after the end. */
  readonly day: number | null;
  /** Why it cannot stay; null when it can. */
  readonly whyNot: string | null;
}

/** Something that may move, in one of the places where it could be. */
export interface MoveOption extends Candidate {
  readonly isStay: boolean;
  readonly speaks: readonly Speaks[];
}

/** What of a unit's days may move, and where to; what is pinned, done, recorded, over, or part of an event stays as it is. */
export function movablesOf(
  book: Book,
  reading: Reading,
  happened: Disruption,
  today: PlainDay,
): { readonly items: readonly Movable[]; readonly options: readonly MoveOption[] } {
  const { frame, specials } = reading;
  const open = frame.calendar.days
    .filter(({ date, number }) => date >= today && fillerOf(specials, number) === null)
    .filter(({ number }) => frame.attendance[number - 1]!.children.length > 0)
    .map(({ number }) => number);
  const all = reading.placements.filter((one) => mayMove(book, one, reading, today));
  const wouldBes = new WouldBes(book, reading, today);
  const options = all.flatMap((placement, spot) =>
    placesFor(placement, open, reading).flatMap((at): MoveOption[] => {
      if (whyNotAt(book, placement, at, reading, happened) !== null) return [];
      const wouldBe = wouldBes.ofPlaced(placement, at);
      if (wouldBe === null && !isKeptAsIs(placement, at, reading)) return [];
      const { originId: id, content } = placement;
      const made = wouldBe ?? wouldBes.asItIs(placement);
      const isStay = isWhereItIs(placement, at);
      const fewer = Math.max(
        0,
        reachedOnDay(placement, reading) - (made.served.get(at.days[0]!)?.length ?? 0),
      );
      const speaks = [
        ...speaksAt(book, placement, at, reading, happened),
        ...(fewer > 0 && !isStay ? [{ term: 'served', points: -fewer * MOVE_TERMS.served.points }] : []),
      ];
      return [{ spot, at, id, content, wouldBe: made, isStay, speaks }];
    }),
  );
  const items = all.map((placement, spot): Movable => ({
    placement,
    day: dayIn(placement, reading),
    whyNot: options.some((option) => option.spot === spot && option.isStay)
      ? null
      : whyGone(book, placement, reading, happened),
  }));
  return { items, options };
}

function mayMove(
  book: Book,
  { id, where, pinned, part }: Placement,
  { frame }: Reading,
  today: PlainDay,
): boolean {
  if (pinned || part) return false;
  if (where.kind === 'reserve') return true;
  if (where.kind !== 'day') return false;
  const date = frame.calendar.days[where.day - 1]?.date;
  const isDone =
    tickIdOf({ placementId: id, day: where.day, supplyId: null }) in book.ticks ||
    recordIdOf(id, where.day) in book.records;
  return !isDone && (date === undefined || date >= today);
}

const dayIn = ({ where }: Placement, { frame }: Reading): number | null =>
  where.kind === 'day' && where.day <= frame.calendar.days.length ? where.day : null;

const dateOf = ({ days }: Place, { frame }: Reading): PlainDay => frame.calendar.days[days[0]! - 1]!.date;
// How many children it reaches where it stands; of what stands nowhere nobody can say.
const reachedOnDay = (placement: Placement, { frame }: Reading): number =>
  sessionsOf(placement, frame)[0]?.seats.filter(({ version }) => version !== null).length ?? 0;
const needsOut = ({ content }: Placement): boolean =>
  content.place === 'outdoors' || content.weather !== 'any';

function placesFor(placement: Placement, open: readonly number[], { frame }: Reading): readonly Place[] {
  const { blocks } = frame.home;
  const { where } = placement;
  const own = where.kind === 'day' ? blocks.filter(({ id }) => id === where.blockId) : [];
  const places = new Set([...own, ...blocksFor(blocks, needsOut(placement))]);
  return open.flatMap((day) =>
    [...places].map((block): Place => ({
      kind: needsOut(placement) ? 'outdoors' : 'together',
      name: `Day ${day}, ${block.name}`,
      where: { kind: 'day', day, blockId: block.id },
      days: [day],
    })),
  );
}

const isWhereItIs = ({ where }: Placement, { where: at }: Place): boolean =>
  where.kind === 'day' && at.kind === 'day' && where.day === at.day && where.blockId === at.blockId;

// What somebody keeps as it is with a reason is no reason to move it.
const isKeptAsIs = (placement: Placement, at: Place, { headsUps }: Reading): boolean =>
  isWhereItIs(placement, at) &&
  headsUps.some(
    ({ kept, placementIds, placementId }) => kept && (placementIds ?? [placementId]).includes(placement.id),
  );

function whyNotAt(
  book: Book,
  placement: Placement,
  at: Place,
  reading: Reading,
  { wet, gone, away }: Disruption,
): string | null {
  const lacks = placement.content.materials.filter(({ supplyId }) => gone.includes(supplyId));
  if (lacks.length > 0)
    return `without ${listed(lacks.map(({ supplyId }) => book.supplies[supplyId]?.name ?? 'it'))}`;
  const date = dateOf(at, reading);
  const hasTwin = reading.twins.some(({ of }) => of.id === placement.id);
  if (wet.includes(date) && needsOut(placement) && !hasTwin) return 'nobody goes out on that day';
  const leads = away.some(({ personId, days }) => personId === placement.leadId && days.includes(date));
  return leads ? `${book.people[placement.leadId!]?.name ?? 'who stays with it'} is away` : null;
}

function whyGone(book: Book, placement: Placement, reading: Reading, happened: Disruption): string | null {
  const { where } = placement;
  if (where.kind === 'reserve') return null;
  if (where.kind !== 'day' || dayIn(placement, reading) === null) return 'the unit ends before it';
  if (fillerOf(reading.specials, where.day) !== null) return 'an event fills that day';
  const at: Place = { kind: 'together', name: '', where, days: [where.day] };
  return (
    whyNotAt(book, placement, at, reading, happened) ??
    reading.headsUps.find(
      ({ level, placementId, placementIds }) =>
        level === 'stop' && (placementIds ?? [placementId]).includes(placement.id),
    )?.title ??
    'nobody is there then'
  );
}

/** So many minutes of making ready are much on a tired day. */
const MUCH_PREP = 15;
const isMuch = ({ content }: Placement): boolean =>
  content.energy === 'lively' ||
  content.adult === 'tied' ||
  content.prep.reduce((sum, { minutes }) => sum + minutes, 0) >= MUCH_PREP;

function speaksAt(
  book: Book,
  placement: Placement,
  at: Place,
  reading: Reading,
  { tired }: Disruption,
): readonly Speaks[] {
  const points: Speaks[] = [];
  const count = (term: MoveTerm, portions: number): void => {
    if (portions !== 0) points.push({ term, points: portions * MOVE_TERMS[term].points });
  };
  const [day] = at.days as readonly [number];
  const was = dayIn(placement, reading);
  if (isWhereItIs(placement, at)) count('stays', 1);
  else if (placement.where.kind === 'reserve') count('pulled', -1);
  else {
    count(was === day ? 'hour' : 'day', 1);
    count('near', -Math.abs(day - (was ?? reading.frame.calendar.days.length)));
    if (was !== null && day < was) count('sooner', -1);
    if (
      at.where.kind === 'day' &&
      placement.where.kind === 'day' &&
      at.where.blockId !== placement.where.blockId
    )
      count('block', -1);
    if (was !== null && leadingIdOf(placement.id, was) in book.leadings) count('shown', -1);
  }
  if (placement.content.keepsake) count('keepsake', -reading.frame.attendance[day - 1]!.away.length);
  if (tired.includes(dateOf(at, reading)) && isMuch(placement)) count('tired', -1);
  return points;
}
