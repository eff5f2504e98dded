import { groupBy } from '../../book/index.ts';
import { daysBetween, type PlainDay } from '../../calendar/index.ts';
import type { ActivityId } from '../../library/index.ts';
import { firstDayOf, lastDayOf, spanOfDays, type Placement, type Where } from '../../unit/index.ts';
import { answer, type Look } from '../ground/answer.ts';
import { aboutPlacement, listed, type Finding } from '../ground/finding.ts';
import { memoised } from '../ground/memo.ts';
import { blockOf, type Frame } from '../plan/plan.ts';

/** Something that has to come before a placement in its unit. */
interface Need {
  /** An activity of the library, or whatever makes a thing. */
  readonly what: { readonly activityId: ActivityId } | { readonly made: string };
  /** Calendar days that have to lie between, at least and at most. */
  readonly leastDays: number;
  readonly mostDays: number | null;
}

/** Why a placement cannot be where it is, in words that follow its title. */
interface OrderBreak {
  readonly kind: 'too early' | 'too late' | 'missing something';
  readonly text: string;
  /** What it clashes with; null when nothing of it is planned. */
  readonly withId: Placement['id'] | null;
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

// What takes most of a day to dry takes a night; what takes less can be used on the same day. Kobby's own limit.
const LONG_WAIT_HOURS = 6;
const nightsIn = (hours: number): number => (hours < LONG_WAIT_HOURS ? 0 : Math.ceil(hours / 24));

const waitDays = ({ what, leastDays }: Need, { content }: Placement): number =>
  'made' in what ? Math.max(leastDays, nightsIn(content.makesAfterHours)) : leastDays;

/** What is wrong with the order of two placements; null when they may stand so. Days past the end are not compared. */
function breakBetween(before: Placement, after: Placement, need: Need, frame: Frame): OrderBreak | null {
  const { days } = frame.calendar;
  const dateOf = (day: number): PlainDay | undefined => days[day - 1]?.date;
  const first = dateOf(firstDayOf(before));
  const last = dateOf(Math.min(lastDayOf(before), days.length));
  const on = dateOf(firstDayOf(after));
  if (!first || !last || !on) return null;
  const { title } = before.content;
  const broken = (kind: OrderBreak['kind'], text: string): OrderBreak => ({ kind, text, withId: before.id });
  const gap = daysBetween(first, on);
  const wait = waitDays(need, before);
  const firstOn = `Day ${firstDayOf(before)}`;
  if (gap < 0 || (gap === 0 && wait === 0 && !isEarlierInTheDay(before, after, frame)))
    return broken('too early', `stands before ${title} (${firstOn}), which has to come first`);
  if (gap < wait && 'made' in need.what)
    return broken(
      'too early',
      `uses what ${title} makes (${firstOn}); that ${nightText(wait)} to dry or set`,
    );
  if (gap < wait) return broken('too early', `comes ${dayText(wait)} after ${title} (${firstOn}) or later`);
  if (need.mostDays !== null && daysBetween(last, on) > need.mostDays)
    return broken(
      'too late',
      `has to follow ${title} (Day ${lastDayOf(before)}) within ${dayText(need.mostDays)}`,
    );
  return null;
}

const dayText = (count: number): string => (count === 1 ? '1 day' : `${count} days`);
const nightText = (count: number): string => (count === 1 ? 'needs a night' : `needs ${count} nights`);

// On one day a set-up is out before anything else; of two activities the block decides.
function isEarlierInTheDay(before: Placement, after: Placement, { home }: Frame): boolean {
  const start = blockOf(before, home)?.start;
  const then = blockOf(after, home)?.start;
  return start === undefined || (then !== undefined && start < then);
}

// Nothing is wrong as soon as one of several fits.
function breaksOf(look: Look, placement: Placement, order: Order, frame: Frame): readonly OrderBreak[] {
  return needsOf(placement).flatMap((need): OrderBreak[] => {
    const before = candidatesFor(need, order).filter(({ id }) => id !== placement.id);
    if (before.length === 0)
      return [
        {
          kind: 'missing something',
          text: `needs ${nameOf(look, need)} first, which is not planned on any day`,
          withId: null,
        },
      ];
    const found = before.map((one) => breakBetween(one, placement, need, frame));
    return found.includes(null) ? [] : [found[0]!];
  });
}

const nameOf = (look: Look, { what }: Need): string =>
  'made' in what ? what.made : (look.one('activities', what.activityId)?.content.title ?? 'something else');

/** The findings about what stands before something that it needs, too soon after it, too late, or without it. */
export const orderFindings = answer(
  (look, placements: readonly Placement[], frame: Frame): readonly Finding[] => {
    const order = orderOf(placements);
    return order.needing
      .filter((placement) => frame.calendar.days[firstDayOf(placement) - 1])
      .flatMap((placement) =>
        breaksOf(look, placement, order, frame).map(({ kind, text }, i) => ({
          key: `order:${placement.id}:${i}`,
          rule: 'order' as const,
          level: 'care' as const,
          title: `${placement.content.title} is ${kind}`,
          detail: `It ${text}. Move one of them, or leave it so.`,
          basis: 'the making before the using, the wet layer before the dry one',
          days: [firstDayOf(placement)],
          ...aboutPlacement(placement),
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
      const own = breaksOf(look, moved, order, frame).filter(({ withId }) => withId !== null);
      const theirs = order.needing
        .filter(({ id }) => id !== placement.id)
        .flatMap((other) =>
          breaksOf(look, other, order, frame)
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
