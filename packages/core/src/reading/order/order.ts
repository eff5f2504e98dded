import { groupBy } from '../../book/index.ts';
import {
  afterHours,
  clockAt,
  daysBetween,
  formatDay,
  formatDuration,
  formatMinutes,
  minutesSinceMidnight,
  momentOf,
  type Minutes,
  type Moment,
  type PlainDay,
} from '../../calendar/index.ts';
import type { ActivityId } from '../../library/index.ts';
import { firstDayOf, lastDayOf, spanOfDays, type Placement, type Where } from '../../unit/index.ts';
import { answer, type Look } from '../ground/answer.ts';
import { aboutPlacement, listed, type Finding } from '../ground/finding.ts';
import { memoised } from '../ground/memo.ts';
import { blockOf, frameOf, placedIn, type Frame } from '../plan/plan.ts';

/** Something that has to come before a placement in its unit. */
interface Need {
  /** An activity of the library, or whatever makes a thing. */
  readonly what: { readonly activityId: ActivityId } | { readonly made: string };
  /** Calendar days that have to lie between, at least and at most. */
  readonly leastDays: number;
  readonly mostDays: number | null;
}

/** What something that is watched brings from a day on that is not known for certain. */
export interface Grown {
  readonly made: string;
  /** What is watched, and its stage that brings it. */
  readonly of: string;
  readonly stage: string;
  readonly earliest: PlainDay;
  readonly latest: PlainDay;
  /** The day on which it ended; null while it goes on. */
  readonly ended: PlainDay | null;
}

/** Why a placement cannot be where it is, in words that follow its title. */
interface OrderBreak {
  readonly kind: 'too early' | 'too late' | 'missing something';
  readonly text: string;
  /** What it clashes with; null when nothing of it is planned, or only in another unit. */
  readonly withId: Placement['id'] | null;
}

/** Something that may come before, with the time of its own unit. */
interface Before {
  readonly placement: Placement;
  readonly frame: Frame;
  /** It stands in another unit. */
  readonly isElsewhere: boolean;
}

// What each placement needs follows from its content alone.
const needsOf = memoised(({ content }: Placement): readonly Need[] => [
  ...content.comesAfter.map(({ activityId, leastDays, mostDays }) => ({
    what: { activityId: activityId as ActivityId },
    leastDays,
    mostDays,
  })),
  ...content.uses.map((made) => ({ what: { made }, leastDays: 0, mostDays: null })),
]);

/** What is placed in a unit, arranged for asking what comes before what. */
interface Order {
  readonly byOrigin: ReadonlyMap<ActivityId, readonly Placement[]>;
  readonly makers: readonly Placement[];
  readonly needing: readonly Placement[];
}

const orderOf = memoised((placements: readonly Placement[]): Order => {
  const dated = placements.filter((placement) => spanOfDays(placement) !== null);
  return {
    byOrigin: groupBy(dated, (placement) => placement.originId),
    makers: dated.filter(({ content }) => content.makes.length > 0),
    needing: dated.filter((placement) => needsOf(placement).length > 0),
  };
});

const sameWord = (a: string, b: string): boolean =>
  a.trim().toLocaleLowerCase('en') === b.trim().toLocaleLowerCase('en');

function candidatesFor({ what }: Need, order: Order): readonly Placement[] {
  if ('activityId' in what) return order.byOrigin.get(what.activityId) ?? [];
  return order.makers.filter(({ content }) => content.makes.some((made) => sameWord(made, what.made)));
}

const dateOf = ({ calendar }: Frame, day: number): PlainDay | undefined => calendar.days[day - 1]?.date;

/** When what something makes can be used: after its block, or after its first day where it is out all day, and then dry, set or frozen. */
function madeAt({ placement, frame }: Before): Moment | null {
  const date = dateOf(frame, firstDayOf(placement));
  if (!date) return null;
  const block = blockOf(placement, frame.home);
  const ends = block ? minutesSinceMidnight(block.start) + block.minutes : 0;
  return afterHours(date, ends, placement.content.makesAfterHours, frame.home.zone);
}

/** When something is begun: with its block, or as its first day begins where it is out all day. */
function usedAt(placement: Placement, frame: Frame): Moment | null {
  const date = dateOf(frame, firstDayOf(placement));
  const block = blockOf(placement, frame.home);
  // What is out all day is used in the course of it.
  return date ? momentOf(date, block ? minutesSinceMidnight(block.start) : A_DAY - 1, frame.home.zone) : null;
}
const A_DAY = 24 * 60;

/** `Fri 12 March at 10:20`. */
function momentText(moment: Moment, zone: string): string {
  const { day, minutes } = clockAt(moment, zone);
  return `${formatDay(day)} at ${formatMinutes(minutes)}`;
}

/** What is wrong with the order of two placements; null when they may stand so. Days past the end are not compared. */
function breakBetween(one: Before, after: Placement, need: Need, frame: Frame): OrderBreak | null {
  const { placement: before } = one;
  const first = dateOf(one.frame, firstDayOf(before));
  const last = dateOf(one.frame, Math.min(lastDayOf(before), one.frame.calendar.days.length));
  const on = dateOf(frame, firstDayOf(after));
  if (!first || !last || !on) return null;
  const { title } = before.content;
  const withId = one.isElsewhere ? null : before.id;
  const broken = (kind: OrderBreak['kind'], text: string): OrderBreak => ({ kind, text, withId });
  const gap = daysBetween(first, on);
  const firstOn = `${one.isElsewhere ? `${one.frame.unit.title}, ` : ''}Day ${firstDayOf(before)}`;
  const isSoon = 'made' in need.what ? before.content.makesAfterHours === 0 : need.leastDays === 0;
  if (gap < 0 || (gap === 0 && isSoon && !isEarlierInTheDay(before, after, frame)))
    return broken('too early', `stands before ${title} (${firstOn}), which has to come first`);
  if ('made' in need.what) return madeBreak(one, after, firstOn, frame, broken);
  if (gap < need.leastDays)
    return broken('too early', `comes ${dayText(need.leastDays)} after ${title} (${firstOn}) or later`);
  if (need.mostDays !== null && daysBetween(last, on) > need.mostDays)
    return broken(
      'too late',
      `has to follow ${title} (Day ${lastDayOf(before)}) within ${dayText(need.mostDays)}`,
    );
  return null;
}

// Not dry yet, or eaten by then.
function madeBreak(
  one: Before,
  after: Placement,
  firstOn: string,
  frame: Frame,
  broken: (kind: OrderBreak['kind'], text: string) => OrderBreak,
): OrderBreak | null {
  const { content } = one.placement;
  const [made, used] = [madeAt(one), usedAt(after, frame)];
  if (made === null || used === null) return null;
  if (content.makesAfterHours > 0 && used < made) {
    const wait = formatDuration(Math.round(content.makesAfterHours * 60) as Minutes);
    return broken(
      'too early',
      `uses what ${content.title} makes (${firstOn}); that takes ${wait} to dry or set, until ${momentText(made, frame.home.zone)}`,
    );
  }
  const isEaten = content.eaten && clockAt(made, frame.home.zone).day < clockAt(used, frame.home.zone).day;
  return isEaten
    ? broken('too late', `uses what ${content.title} makes (${firstOn}), which is eaten by then`)
    : null;
}

const dayText = (count: number): string => (count === 1 ? '1 day' : `${count} days`);

// On one day a set-up is out before anything else; of two activities the block decides.
function isEarlierInTheDay(before: Placement, after: Placement, { home }: Frame): boolean {
  const start = blockOf(before, home)?.start;
  const then = blockOf(after, home)?.start;
  return start === undefined || (then !== undefined && start < then);
}

// Nothing is wrong as soon as one of several fits: in this unit, else what another one makes.
function breaksOf(
  look: Look,
  placement: Placement,
  order: Order,
  frame: Frame,
  watched: readonly Grown[],
): readonly OrderBreak[] {
  return needsOf(placement).flatMap((need): OrderBreak[] => {
    const own = candidatesFor(need, order)
      .filter(({ id }) => id !== placement.id)
      .map((one): Before => ({ placement: one, frame, isElsewhere: false }));
    const found = own.map((one) => breakBetween(one, placement, need, frame));
    if (found.includes(null)) return [];
    const others = 'made' in need.what ? madeElsewhere(look, need.what.made, frame) : [];
    const there = others.map((one) => breakBetween(one, placement, need, frame));
    if (there.includes(null)) return [];
    const grown = 'made' in need.what ? grownFor(need.what.made, watched, placement, frame) : [];
    if (grown.includes(null)) return [];
    const first = found[0] ?? there[0] ?? grown[0];
    return [
      first ?? {
        kind: 'missing something',
        text: `needs ${nameOf(look, need)} first, which is not planned on any day`,
        withId: null,
      },
    ];
  });
}

// What other units make: paper pressed in one is written on in the next.
function madeElsewhere(look: Look, made: string, { unit }: Frame): readonly Before[] {
  return Object.values(look.table('units')).flatMap(({ id, start }) => {
    if (id === unit.id || start === null) return [];
    const makers = orderOf(placedIn(look, id).placements).makers.filter(({ content }) =>
      content.makes.some((one) => sameWord(one, made)),
    );
    if (makers.length === 0) return [];
    const frame = frameOf(look, id);
    return makers.map((placement): Before => ({ placement, frame, isElsewhere: true }));
  });
}

// What something that is watched brings: seedlings to plant, from its stage on. It comes by itself, so it may be late.
function grownFor(
  made: string,
  watched: readonly Grown[],
  after: Placement,
  frame: Frame,
): readonly (OrderBreak | null)[] {
  const on = dateOf(frame, firstDayOf(after));
  if (!on) return [];
  return watched
    .filter((one) => sameWord(one.made, made) && (one.ended === null || on <= one.ended))
    .map(({ of, stage, earliest, latest }): OrderBreak | null => {
      if (latest <= on) return null;
      const when =
        on < earliest
          ? `there from ${formatDay(earliest)} on at the earliest`
          : `perhaps there only on ${formatDay(latest)}`;
      return { kind: 'too early', text: `uses ${made} of ${of} (${stage}), ${when}`, withId: null };
    });
}

const nameOf = (look: Look, { what }: Need): string =>
  'made' in what ? what.made : (look.one('activities', what.activityId)?.content.title ?? 'something else');

const NOT_WATCHED: readonly Grown[] = [];

/** The findings about what stands before something that it needs, too soon after it, too late, or without it. */
export const orderFindings = answer(
  (look, placements: readonly Placement[], frame: Frame, watched: readonly Grown[]): readonly Finding[] => {
    const order = orderOf(placements);
    return order.needing
      .filter((placement) => frame.calendar.days[firstDayOf(placement) - 1])
      .flatMap((placement) =>
        breaksOf(look, placement, order, frame, watched).map(({ kind, text, withId }, i) => ({
          key: `order:${placement.id}:${i}`,
          rule: 'order' as const,
          level: 'care' as const,
          title: `${placement.content.title} is ${kind}`,
          detail: `It ${text}. Move one of them, or leave it so.`,
          basis: 'the making before the using, the wet layer before the dry one',
          days: [firstDayOf(placement)],
          ...aboutPlacement(placement),
          ...(withId === null ? {} : { comesAfter: withId }),
        })),
      );
  },
);

/** What would break if a placement stood on a numbered day; nothing when it fits there. */
export interface DayVerdict {
  readonly day: number;
  readonly breaks: readonly string[];
}

/**
 * For every day of the unit, what moving a placement there would break: its own needs, and those of what needs it.
 * What is missing altogether is left out: no day mends it. Set-ups and bins keep their length.
 */
export const verdictsFor = answer(
  (look, placement: Placement, placements: readonly Placement[], frame: Frame): readonly DayVerdict[] => {
    const others = placements.filter(({ id }) => id !== placement.id);
    return frame.calendar.days.map(({ number }) => {
      const moved: Placement = { ...placement, where: movedTo(placement.where, number, frame) };
      const order = orderOf([...others, moved]);
      const own = breaksOf(look, moved, order, frame, NOT_WATCHED).filter(({ withId }) => withId !== null);
      const theirs = order.needing
        .filter(({ id }) => id !== placement.id)
        .flatMap((other) =>
          breaksOf(look, other, order, frame, NOT_WATCHED)
            .filter(({ withId }) => withId === placement.id)
            .map(({ text }) => `${other.content.title} ${text}`),
        );
      return { day: number, breaks: [...own.map(({ text }) => `It ${text}`), ...theirs] };
    });
  },
);

/** Where something stands after it was taken to a day: in its block, or for as many days as before. */
export function movedTo(where: Where, day: number, { home, unit }: Frame): Where {
  if (where.kind === 'corner' || where.kind === 'bin') {
    const length = where.toDay - where.fromDay;
    return { ...where, fromDay: day, toDay: Math.max(day, Math.min(day + length, unit.dayCount)) };
  }
  if (where.kind === 'day' && home.blocks.some(({ id }) => id === where.blockId)) return { ...where, day };
  const block = home.blocks.find((one) => !one.isCircle) ?? home.blocks[0]!;
  return { kind: 'day', day, blockId: block.id };
}

/** `It would fit on Day 3 and 5.`, for saying where something could go instead; null when no day or every day fits. */
export function fittingDays(verdicts: readonly DayVerdict[]): string | null {
  const days = verdicts.filter(({ breaks }) => breaks.length === 0).map(({ day }) => `${day}`);
  return days.length === 0 || days.length === verdicts.length ? null : `It would fit on Day ${listed(days)}.`;
}
