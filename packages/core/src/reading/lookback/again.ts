import { unique, type Book } from '../../book/index.ts';
import { firstOf, monthsUpTo, type PlainDay } from '../../calendar/index.ts';
import type { Child } from '../../house/index.ts';
import type { Money } from '../../measure/index.ts';
import type { Placement, PlacementId, UnitId } from '../../unit/index.ts';
import { read, type Reading } from '../answers/read.ts';
import { metBy } from '../child/met.ts';
import { listed } from '../ground/finding.ts';
import { sessionsOf } from '../plan/plan.ts';
import { MONTHS_SHOWN } from '../year/over-months.ts';
import { lookBackOn } from './look-back.ts';

/** Something of an earlier unit that is worth a thought before it is done again. */
export interface AgainLine {
  /** Where it stood in the earlier unit. */
  readonly placementId: PlacementId;
  readonly title: string;
  /** What speaks about it, each in a few words. */
  readonly why: readonly string[];
  /** Whether it would rather be left out: it lost them, was dropped since, or fits nobody now. */
  readonly isDoubtful: boolean;
}

/** What is other when a unit is done again: who comes, what went how, what was noted, what is there, what was spent. */
export interface Again {
  readonly lines: readonly AgainLine[];
  readonly newcomers: readonly Child[];
  readonly gone: readonly Child[];
  /** Sets that were made and are used in it. */
  readonly sets: readonly string[];
  readonly spent: Money;
}

/** A unit that is begun again, as the book would be with it, and which placement became which. */
export interface Begun {
  readonly tried: Book;
  readonly id: UnitId;
  readonly copies: readonly { readonly from: PlacementId; readonly to: PlacementId }[];
}

/**
 * Compares an earlier unit with the same begun again for other dates and children. What is of interest stands first what is doubtful,
 * then what was noted, each in the order of the unit.
 * @throws {Error} when either book has no such unit.
 */
export function startingAgain(
  book: Book,
  fromId: UnitId,
  { tried, id, copies }: Begun,
  today: PlainDay,
): Again {
  const [before, now] = [read(book, fromId, today), read(tried, id, today)];
  const back = lookBackOn(book, before, today);
  const wentOf = new Map(back.rows.map((row) => [row.placement.id, row]));
  const placed = new Map(now.placements.map((one) => [one.id, one]));
  // What was met longer ago is new again.
  const since = firstOf(monthsUpTo(today, MONTHS_SHOWN)[0]!);
  const mets = new Map<Child, ReadonlySet<string>>();
  const metOf = (child: Child): ReadonlySet<string> => {
    const known =
      mets.get(child) ?? new Set(metBy(book, child.id, since).map((met) => met.placement.originId));
    mets.set(child, known);
    return known;
  };
  const lines = copies.flatMap(({ from, to }): AgainLine[] => {
    const placement = placed.get(to);
    if (!placement) return [];
    const row = wentOf.get(from);
    const retired = book.activities[placement.originId]?.retired ?? false;
    const fits = fitOf(placement, now);
    const lost = row?.went === 'lost';
    const doubts = [
      lost ? ['lost them last time'] : [],
      retired ? ['dropped since'] : [],
      fits.isNobody ? ['fits nobody who comes now'] : [],
    ].flat();
    const said = unique([
      ...(row?.told.map(({ record }) => record.note) ?? []),
      ...(book.activities[placement.originId]?.content.notes.map(({ text }) => text) ?? []),
    ]).filter((text) => text !== '');
    const met = fits.children.filter((child) => metOf(child).has(placement.originId));
    const why = [
      ...doubts,
      ...(row?.went === 'loved' ? ['loved last time'] : []),
      ...(fits.without.length > 0 && !fits.isNobody ? [`no version for ${namesOf(fits.without)}`] : []),
      ...(met.length > 0 ? [`${namesOf(met)} met it within the year`] : []),
      ...said.map((text) => `noted: ${text}`),
    ];
    return why.length === 0
      ? []
      : [{ placementId: from, title: placement.content.title, why, isDoubtful: doubts.length > 0 }];
  });
  const [then, later] = [childrenOf(before), childrenOf(now)];
  return {
    lines: lines.toSorted((a, b) => Number(b.isDoubtful) - Number(a.isDoubtful)),
    newcomers: later.filter(({ id: one }) => !then.some((child) => child.id === one)),
    gone: then.filter(({ id: one }) => !later.some((child) => child.id === one)),
    sets: unique(
      now.supplies.flatMap(({ supply, have }) => (supply.set && have.amount > 0 ? [supply.name] : [])),
    ),
    spent: before.cost.paid,
  };
}

const namesOf = (children: readonly Child[]): string => listed(children.map(({ shownAs }) => shownAs));

const childrenOf = ({ frame }: Reading): readonly Child[] =>
  unique(frame.attendance.flatMap(({ children }) => children));

// Who is there while it is out, and for whom of them it has no version on any day.
function fitOf(
  placement: Placement,
  { frame }: Reading,
): { readonly children: readonly Child[]; readonly without: readonly Child[]; readonly isNobody: boolean } {
  const seats = sessionsOf(placement, frame).flatMap((session) => session.seats);
  const children = unique(seats.map(({ child }) => child));
  const served = new Set(seats.flatMap(({ child, version }) => (version ? [child] : [])));
  const without = children.filter((child) => !served.has(child));
  return { children, without, isNobody: children.length > 0 && served.size === 0 };
}
