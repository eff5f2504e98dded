import type { Book } from '../../book/index.ts';
import type { PlainDay, ProgramDay } from '../../calendar/index.ts';
import type { Supply } from '../../cupboard/index.ts';
import { belongsOn, valueIn, type Child, type ChildId, type Home } from '../../house/index.ts';
import type { ActivityContent } from '../../library/index.ts';
import type { Placement } from '../../unit/index.ts';
import { adultFindings } from '../conduct/days.ts';
import { ratioFindings } from '../conduct/ratio.ts';
import type { Finding } from '../ground/finding.ts';
import type { Reading } from '../answers/read.ts';
import { turnSpread } from '../plan/learned.ts';
import { blockOf, sessionsByDay, type Frame, type Session } from '../plan/plan.ts';

/** Turns of one thing in its time of the day. */
export interface TriedTurns extends Pick<ActivityContent, 'turnMinutes' | 'atOnce' | 'resetMinutes'> {
  readonly title: string;
  /** Those who find a version of it, as places in {@link SureProblem.comes}. */
  readonly children: readonly number[];
  /** The minutes of the time of the day. */
  readonly minutes: number;
}

/** One day of a plan, with what can go wrong on it. */
export interface TriedDay {
  readonly day: ProgramDay;
  /** Those who are expected, as places in {@link SureProblem.comes}. */
  readonly expected: readonly number[];
  /** How many belong to the home and are not expected: on another weekday, or known to be away. */
  readonly missing: number;
  /** How many things are planned for it. */
  readonly planned: number;
  /** What rain or snow stops, with nothing that stands in for it. */
  readonly outdoors: readonly string[];
  /** What is meant for everyone's folder. */
  readonly keepsakes: readonly string[];
  readonly turns: readonly TriedTurns[];
  /** Those without whom adults are short, as places in {@link SureProblem.works}. */
  readonly needed: readonly number[];
}

/** Pieces of one thing that are for each child, with the spares that are reckoned with. */
export interface TriedPieces {
  readonly supply: Supply;
  /** The pieces of each child at one time, and who the children are, as places in {@link SureProblem.comes}. */
  readonly uses: readonly {
    readonly day: number;
    readonly each: number;
    readonly children: readonly number[];
  }[];
  /** Pieces that the plan asks for, with its spares. */
  readonly planned: number;
}

/** A plan and all that is uncertain about it, as plain data: what happens on one day says nothing about another. */
export interface SureProblem {
  readonly days: readonly TriedDay[];
  /** How likely each child comes on a day on which it is expected, 0 to 1. */
  readonly comes: readonly number[];
  /** How likely each assistant does. */
  readonly works: readonly number[];
  /** How likely it rains or snows on a day, 0 to 1. */
  readonly wet: number;
  /** The spread of a turn's minutes, see {@link turnSpread}. */
  readonly spread: number;
  /** How likely a piece is spoilt or lost, 0 to 1. */
  readonly spoilt: number;
  readonly pieces: readonly TriedPieces[];
  /** How many things wait in the reserve that may be done indoors. */
  readonly reserve: number;
}

/** How likely a child comes when it is expected, and of how many days that is known. */
export interface Comes {
  readonly child: Child;
  readonly share: number;
  readonly days: number;
}

/** So many days weigh as much as what is said before anything is known. Kobby's own. */
const DAYS_BEFORE = 10;

/**
 * How likely each child comes on a day on which it is expected, from what was tapped of days before `today`: the mean of a beta
 * distribution that begins at the home's own value as if that came of {@link DAYS_BEFORE} days.
 */
export function comesOf(book: Book, { frame }: Pick<Reading, 'frame'>, today: PlainDay): readonly Comes[] {
  const known = new Map<ChildId, { came: number; days: number }>();
  for (const { date, childId, inAt } of Object.values(book.arrivals)) {
    if (date >= today) continue;
    const { came, days } = known.get(childId) ?? { came: 0, days: 0 };
    known.set(childId, { came: came + Number(inAt !== null), days: days + 1 });
  }
  const before = valueIn(frame.home, 'childComesPercent') / 100;
  const children = new Set(frame.attendance.flatMap((day) => day.children));
  return [...children].map((child) => {
    const { came, days } = known.get(child.id) ?? { came: 0, days: 0 };
    return { child, share: (came + before * DAYS_BEFORE) / (days + DAYS_BEFORE), days };
  });
}

/**
 * What the rest of a unit is tried against: the days from `today` on, each with what weather, absence and minutes can do to it. Who is known
 * to be away is reckoned as away; two assistants away at once are judged one by one; the provider is reckoned with.
 */
export function sureProblemOf(book: Book, reading: Reading, today: PlainDay): SureProblem {
  const { frame, placements, twins } = reading;
  const { home } = frame;
  const comes = comesOf(book, reading, today);
  const placeOf = new Map(comes.map(({ child }, at) => [child, at]));
  const sessions = sessionsByDay(placements, frame);
  const everyone = Object.values(book.children);
  const twinned = new Set<string>(twins.map(({ of }) => of.id));
  const assistants = frame.people.filter(({ role, retired }) => role === 'assistant' && !retired);
  const short = assistants.map((person) => shortWithout(person.id, placements, frame, today));
  const share = (id: Parameters<typeof valueIn>[1]): number => valueIn(home, id) / 100;
  const placesOf = (children: readonly Child[]): readonly number[] =>
    children.flatMap((child) => placeOf.get(child) ?? []);
  const days = frame.calendar.days
    .filter(({ date }) => date >= today)
    .map((day): TriedDay => {
      const there = frame.attendance[day.number - 1]!;
      const onDay = (sessions.get(day.number) ?? []).filter(({ placement }) => isOnADay(placement));
      return {
        day,
        expected: placesOf(there.children),
        missing: everyone.filter((child) => belongsOn(child, day.date) && !there.children.includes(child))
          .length,
        planned: onDay.length,
        outdoors: onDay
          .filter(({ placement: { id, content } }) => needsWeather(content) && !twinned.has(id))
          .map(({ placement }) => placement.content.title),
        keepsakes: onDay.flatMap(({ placement: { content } }) => (content.keepsake ? [content.title] : [])),
        turns: onDay.flatMap((session) => turnsIn(session, home, placesOf)),
        needed: assistants.flatMap((_, at) => (short[at]!.has(day.number) ? [at] : [])),
      };
    });
  return {
    days,
    comes: comes.map((one) => one.share),
    works: assistants.map(() => share('adultComesPercent')),
    wet: share('wetDaysPercent'),
    spread: turnSpread(book).spread,
    spoilt: share('spoiltPercent'),
    pieces: piecesIn(reading, today, placesOf),
    reserve: placements.filter(({ where, content }) => where.kind === 'reserve' && !needsWeather(content))
      .length,
  };
}

const isOnADay = ({ where }: Placement): boolean => where.kind === 'day';
const needsWeather = ({ place, weather }: ActivityContent): boolean =>
  place === 'outdoors' || weather !== 'any';

function turnsIn(
  { placement, seats }: Session,
  home: Home,
  placesOf: (children: readonly Child[]) => readonly number[],
): readonly TriedTurns[] {
  const { title, turnMinutes, atOnce, resetMinutes } = placement.content;
  const block = blockOf(placement, home);
  if (turnMinutes === null || !block) return [];
  const children = placesOf(seats.filter(({ version }) => version !== null).map(({ child }) => child));
  return [{ title, turnMinutes, atOnce, resetMinutes, children, minutes: block.minutes }];
}

// The days on which adults would be short without somebody and are not otherwise.
function shortWithout(
  personId: string,
  placements: readonly Placement[],
  frame: Frame,
  today: PlainDay,
): ReadonlySet<number> {
  const daysShort = (of: Frame): ReadonlySet<number> => {
    const found: readonly Finding[] = [...adultFindings(placements, of, today), ...ratioFindings(of, today)];
    return new Set(found.flatMap(({ days }) => days));
  };
  const before = daysShort(frame);
  const without = { ...frame, people: frame.people.filter(({ id }) => id !== personId) };
  return new Set([...daysShort(without)].filter((day) => !before.has(day)));
}

// Whole pieces that are used up, so many for each child, of which the plan has spares.
function piecesIn(
  { supplies }: Reading,
  today: PlainDay,
  placesOf: (children: readonly Child[]) => readonly number[],
): readonly TriedPieces[] {
  return supplies.flatMap(({ supply, uses }): TriedPieces[] => {
    const own = uses.filter(
      ({ line, day, heads, shares }) =>
        line.for.kind === 'child' && line.spare !== 'none' && day.date >= today && heads > 0 && shares > 0,
    );
    if (supply.use !== 'consumable' || supply.unit !== 'piece' || own.length === 0) return [];
    return [
      {
        supply,
        uses: own.map(({ day, children, shares, heads, line }) => ({
          day: day.number,
          each: (shares / heads) * line.amount,
          children: placesOf(children),
        })),
        planned: own.reduce((sum, { amount }) => sum + amount, 0),
      },
    ];
  });
}
