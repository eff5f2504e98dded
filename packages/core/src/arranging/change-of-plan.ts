import type { Book } from '../book/index.ts';
import { formatDay, type ProgramDay } from '../calendar/index.ts';
import type { ChangeInput } from '../changes/index.ts';
import { recordIdOf } from '../daybook/index.ts';
import type { Child } from '../house/index.ts';
import { versionFor, type ActivityContent } from '../library/index.ts';
import { learnerOn, listed, type DayPlan, type PlannedThing, type Reading } from '../reading/index.ts';
import type { Placement, Where } from '../unit/index.ts';

/** Why a plan is changed on its day. */
export const PLAN_BREAKERS = {
  fewer: { name: 'Fewer children', hint: 'keepsakes wait for a full house' },
  weather: { name: 'The weather', hint: 'what is outdoors comes in' },
  tired: { name: 'Everyone is tired', hint: 'the easy thing comes forward' },
} as const;
export type PlanBreaker = keyof typeof PLAN_BREAKERS;

/** One way to change the rest of a day: what goes, what comes, what else moves, and the changes that do it. */
export interface PlanOffer {
  readonly key: string;
  readonly title: string;
  /** Why it is offered, and what speaks for what comes. */
  readonly why: string;
  /** What else moves or breaks, in sentences. */
  readonly moves: readonly string[];
  readonly changes: readonly ChangeInput[];
}

/** The day as it stands: what is over by `minutes` (since midnight), or was recorded, is left alone. */
export interface PlanNow {
  readonly plan: DayPlan;
  readonly minutes: number;
  readonly children: readonly Child[];
}

/** Offers for the rest of a day, the gentlest first; none when nothing of it suffers. */
export function changesOfPlan(
  book: Book,
  reading: Reading,
  now: PlanNow,
  because: PlanBreaker,
): readonly PlanOffer[] {
  const open = now.plan.blocks
    .filter(({ span }) => span.to > now.minutes)
    .flatMap(({ items }) => items)
    .filter(({ session: { placement, day } }) => !book.records[recordIdOf(placement.id, day.number)])
    .filter(({ session: { placement } }) => suffers(placement.content, because, now, reading));
  const taken = new Set<string>();
  return open
    .toSorted((a, b) => effort(b.session.placement.content) - effort(a.session.placement.content))
    .flatMap((thing) => offerFor(thing, reading, now, because, taken) ?? []);
}

// What each reason makes hard.
function suffers(
  content: ActivityContent,
  because: PlanBreaker,
  { plan, children }: PlanNow,
  { frame }: Reading,
): boolean {
  if (because === 'weather') return content.place === 'outdoors' || content.weather !== 'any';
  if (because === 'tired') return effort(content) > EASY || content.energy === 'lively';
  const expected = frame.attendance[plan.day.number - 1]!;
  const group = expected.children.length + expected.away.length;
  return content.keepsake && children.length < group;
}

/** Up to this much effort something counts as easy. Kobby's own scale. */
const EASY = 2;
const WEIGHTS = {
  adult: { alone: 0, near: 1, tied: 3 },
  mess: { clean: 0, some: 1, messy: 3 },
} as const;

/** How much something asks of the adults on the spot: company, mess, and what is made ready for it. */
const effort = ({ adult, mess, prep }: ActivityContent): number =>
  WEIGHTS.adult[adult] + WEIGHTS.mess[mess] + (prep.length > 0 ? 2 : 0);

interface StandIn {
  readonly placement: Placement;
  readonly isTwin: boolean;
  readonly fits: number;
}

// The twin first, then what is easiest and fits the most of those who are there.
function bestStandIn(
  of: Placement,
  { twins, placements, frame: { home } }: Reading,
  { children, plan }: PlanNow,
  taken: ReadonlySet<string>,
): StandIn | null {
  const fitsHow = ({ content }: Placement): number =>
    children.filter((child) => versionFor(content, learnerOn(child, plan.day.date, home)) !== null).length;
  const twin = twins.find((one) => one.of.id === of.id)?.placement;
  if (twin && !taken.has(twin.id)) return { placement: twin, isTwin: true, fits: fitsHow(twin) };
  const [best] = placements
    .filter(
      ({ id, where, content }) => where.kind === 'reserve' && !taken.has(id) && content.place !== 'outdoors',
    )
    .filter(({ content }) => effort(content) <= EASY)
    .map((placement) => ({ placement, isTwin: false, fits: fitsHow(placement) }))
    .filter(({ fits }) => fits > 0 || children.length === 0)
    .toSorted(
      (a, b) =>
        b.fits - a.fits ||
        effort(a.placement.content) - effort(b.placement.content) ||
        (a.placement.content.title < b.placement.content.title ? -1 : 1),
    );
  return best ?? null;
}

function offerFor(
  { session: { placement, day } }: PlannedThing,
  reading: Reading,
  now: PlanNow,
  because: PlanBreaker,
  taken: Set<string>,
): PlanOffer | null {
  const { where, content } = placement;
  if (where.kind !== 'day') return null;
  const comes = bestStandIn(placement, reading, now, taken);
  if (comes) taken.add(comes.placement.id);
  const goesTo = laterDay(placement, day, reading);
  const target: Where = goesTo ? { ...where, day: goesTo.day.number } : { kind: 'reserve' };
  return {
    key: `${because}:${placement.id}`,
    title: comes
      ? `${comes.placement.content.title} instead of ${content.title}`
      : `Leave ${content.title} out today`,
    why: whyOf(comes, now.children.length),
    moves: movesOf(content, goesTo, reading),
    changes: [...(comes ? [moved(comes.placement.id, { ...where })] : []), moved(placement.id, target)],
  };
}

const moved = (placementId: Placement['id'], where: Where): ChangeInput => ({
  type: 'unit/move',
  placementId,
  where,
});

function whyOf(comes: StandIn | null, children: number): string {
  if (!comes) return 'nothing easy waits in the reserve';
  const from = comes.isTwin ? 'made for such a day' : 'waits in the reserve';
  const { adult, mess } = comes.placement.content;
  const traits = [
    adult === 'alone' ? 'runs alone' : '',
    mess === 'clean' ? 'clean' : '',
    children > 0 ? `fits ${comes.fits} of ${children}` : '',
  ].filter(Boolean);
  return [from, ...traits].join(', ');
}

interface Later {
  readonly day: ProgramDay;
  readonly breaks: readonly string[];
  readonly missing: readonly Child[];
  readonly busy: number;
}

// A keepsake waits for the fullest house; anything else for the emptiest of the coming days. A day that breaks nothing comes first.
function laterDay(placement: Placement, today: ProgramDay, reading: Reading): Later | null {
  const { frame, placements } = reading;
  const days = frame.calendar.days.filter(({ number }) => number > today.number);
  const verdicts = new Map(reading.verdicts(placement).map(({ day, breaks }) => [day, breaks]));
  const options = days.map((day): Later => {
    const { away, children } = frame.attendance[day.number - 1]!;
    const group = new Set([
      ...frame.attendance[today.number - 1]!.children,
      ...frame.attendance[today.number - 1]!.away,
    ]);
    return {
      day,
      breaks: verdicts.get(day.number) ?? [],
      missing: [...group].filter((child) => away.includes(child) || !children.includes(child)),
      busy: placements.filter(({ where }) => where.kind === 'day' && where.day === day.number).length,
    };
  });
  const weigh = placement.content.keepsake
    ? (a: Later, b: Later) => a.missing.length - b.missing.length
    : (a: Later, b: Later) => a.busy - b.busy;
  return (
    options.toSorted(
      (a, b) => a.breaks.length - b.breaks.length || weigh(a, b) || a.day.number - b.day.number,
    )[0] ?? null
  );
}

function movesOf(
  { title, keepsake }: ActivityContent,
  to: Later | null,
  { frame }: Reading,
): readonly string[] {
  if (!to) return [`${title} goes to the reserve: no day of ${frame.unit.title} is left`];
  const house =
    to.missing.length === 0
      ? 'everyone comes then'
      : `without ${listed(to.missing.map(({ shownAs }) => shownAs))}`;
  return [
    `${title} moves to Day ${to.day.number}, ${formatDay(to.day.date)}${keepsake ? `: ${house}` : ''}`,
    ...to.breaks,
  ];
}
