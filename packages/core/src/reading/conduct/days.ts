import { groupBy } from '../../book/index.ts';
import type { PlainDay } from '../../calendar/index.ts';
import { valueIn, type Child } from '../../house/index.ts';
import type { Placement } from '../../unit/index.ts';
import { inDayOrder, fingerprint, formatDays, listed, type Finding } from '../ground/finding.ts';
import { isWorkKnown } from '../house/days-ahead.ts';
import { memoised } from '../ground/memo.ts';
import { ageOn, sessionsByDay, type Frame, type Session } from '../plan/plan.ts';

const titlesOf = (sessions: readonly Session[]): string =>
  listed([...new Set(sessions.map(({ placement }) => placement.content.title))]);

const ofDay = (number: number, sessions: readonly Session[]) => ({
  days: [number],
  cornerIds: [],
  placementId: sessions[0]?.placement.id ?? null,
  placementIds: sessions.map(({ placement }) => placement.id),
  childIds: [],
});

/** What counts against the home's limit of planned things: the circle and what is outdoors do not. */
const isCounted = ({ placement: { content, where } }: Session, { home }: Frame): boolean => {
  if (where.kind !== 'day' || content.place === 'outdoors') return false;
  return !home.blocks.some(({ id, isCircle }) => id === where.blockId && isCircle);
};

/** The findings about days with more messy or planned things than the home wants, thin days, and recorded minutes. */
export const dayFindings = memoised(
  (placements: readonly Placement[], frame: Frame, today: PlainDay): readonly Finding[] => {
    const sessions = sessionsByDay(placements, frame);
    return frame.calendar.days.flatMap(({ number, date }) =>
      date < today ? [] : dayRules(sessions.get(number) ?? NOTHING, number, frame),
    );
  },
);
const NOTHING: readonly Session[] = [];

const dayRules = memoised(
  (sessions: readonly Session[], number: number, frame: Frame): readonly Finding[] => [
    ...messFindings(sessions, number, frame),
    ...tooMuchFindings(sessions, number, frame),
    ...keepsakeFindings(sessions, number, frame),
    ...recordedFindings(sessions, number, frame),
  ],
);

function messFindings(sessions: readonly Session[], number: number, { home }: Frame): Finding[] {
  const limit = valueIn(home, 'messyPerDay');
  const messy = sessions.filter(({ placement }) => placement.content.mess === 'messy');
  if (messy.length <= limit) return [];
  return [
    {
      key: `mess:${number}`,
      rule: 'mess',
      row: 50,
      level: 'note',
      title: `Day ${number} has ${messy.length} messy things`,
      detail: `${titlesOf(messy)}; your limit is ${limit}.`,
      instead: 'Put one on another day, or into the reserve.',
      basis: 'the limit of this home',
      ...ofDay(number, messy),
    },
  ];
}

function tooMuchFindings(sessions: readonly Session[], number: number, frame: Frame): Finding[] {
  const limit = valueIn(frame.home, 'plannedPerDay');
  const planned = sessions.filter((session) => isCounted(session, frame));
  if (planned.length <= limit) return [];
  return [
    {
      key: `too-much:${number}`,
      rule: 'too-much',
      row: 50,
      level: 'note',
      title: `Day ${number} is full: ${planned.length} planned things`,
      detail: `${titlesOf(planned)}; your limit is ${limit}.`,
      instead: 'Put one on another day, or into the reserve.',
      basis: 'the limit of this home',
      ...ofDay(number, planned),
    },
  ];
}

// What is meant for everyone's folder waits for a full house.
function keepsakeFindings(sessions: readonly Session[], number: number, frame: Frame): Finding[] {
  const { away } = frame.attendance[number - 1]!;
  if (away.length === 0) return [];
  return sessions
    .filter(({ placement: { content, where } }) => content.keepsake && where.kind === 'day')
    .map((session) => ({
      key: `keepsake:${session.placement.id}`,
      rule: 'keepsake',
      level: 'note',
      title: `${session.placement.content.title}: not everyone is here`,
      detail: `Day ${number}: ${listed(away.map(({ name }) => name))} would lack one.`,
      instead: 'Wait for a full house, or set one aside.',
      basis: 'keepsakes go into every folder',
      ...ofDay(number, [session]),
      childIds: away.map(({ id }) => id),
    }));
}

/** At most so many recorded minutes a day for a child of an age; null when the home has set no limit for it. */
function recordedLimit({ home }: Frame, months: number): number | null {
  const limits = home.recordedLimits.filter(
    ({ underMonths }) => underMonths === null || months < underMonths,
  );
  return limits.length === 0 ? null : Math.min(...limits.map(({ minutes }) => minutes));
}

function recordedFindings(sessions: readonly Session[], number: number, frame: Frame): Finding[] {
  const recorded = sessions.filter(({ placement }) => placement.content.recordedMinutes > 0);
  if (recorded.length === 0) return [];
  const minutes = new Map<Child, number>();
  for (const { placement, seats } of recorded)
    for (const { child, version } of seats)
      if (version) minutes.set(child, (minutes.get(child) ?? 0) + placement.content.recordedMinutes);
  const { date } = frame.calendar.days[number - 1]!;
  const over = [...minutes].flatMap(([child, total]) => {
    const limit = recordedLimit(frame, ageOn(child, date));
    return limit !== null && total > limit ? [{ child, total, limit }] : [];
  });
  if (over.length === 0) return [];
  return [
    {
      key: `recorded:${number}`,
      rule: 'recorded',
      row: 56,
      level: 'note',
      title: `Day ${number}: more recorded minutes than you want`,
      detail: `${listed(over.map(({ child, total, limit }) => `${child.name} ${total} of ${limit}`))}: ${titlesOf(recorded)}.`,
      instead: 'Leave a piece out.',
      basis: 'the limit of this home',
      ...ofDay(number, recorded),
      childIds: over.map(({ child }) => child.id),
    },
  ];
}

// Where more than these are open at once, an adult is tied to each.
const tiesOne = ({ placement }: Session): boolean => placement.content.adult === 'tied';

/** The findings about moments at which more stations tie an adult than adults are there. */
export const adultFindings = memoised(
  (placements: readonly Placement[], frame: Frame, today: PlainDay): readonly Finding[] => {
    // Before anybody entered work, nobody can be said to be missing.
    if (!isWorkKnown(frame.people)) return [];
    const sessions = sessionsByDay(placements, frame);
    return frame.calendar.days.flatMap(({ number, date }) =>
      date < today ? [] : shortOn(sessions.get(number) ?? NOTHING, number),
    );
  },
);

const shortOn = memoised((sessions: readonly Session[], number: number): readonly Finding[] => {
  const onDay = sessions.filter(
    (one) => tiesOne(one) && one.placement.where.kind === 'day' && one.seats.length > 0,
  );
  // Corners that tie one can be closed while a group is at work: they count where nothing else does.
  return [...groupBy(onDay, ({ span }) => span.from)].flatMap(([from, first]): Finding[] => {
    const atOnce = onDay.filter(({ span }) => span.from <= from && from < span.to);
    const adults = first[0]!.adults.length;
    if (atOnce.length <= adults) return [];
    return [
      {
        key: `adults-short:${number}:${from}`,
        rule: 'adults-short',
        row: 49,
        level: 'stop',
        title: `Day ${number}: ${atOnce.length} stations, ${adults === 1 ? 'one adult' : `${adults} adults`}`,
        detail: `${titlesOf(atOnce)} each tie an adult at the same time.`,
        instead: 'Move one, split the group, or take a simpler version.',
        basis: 'the licence of this home',
        ...ofDay(number, atOnce),
        facts: fingerprint([atOnce.map(({ placement }) => placement.id), adults]),
      },
    ];
  });
});

/** The finding about things outdoors that have nothing standing in for them when the weather turns. */
export const twinFinding = memoised(
  (
    placements: readonly Placement[],
    twinned: ReadonlySet<string>,
    frame: Frame,
    today: PlainDay,
  ): readonly Finding[] => {
    const bare = placements.filter(({ id, content, where }) => {
      if (where.kind !== 'day' || twinned.has(id)) return false;
      const date = frame.calendar.days[where.day - 1]?.date;
      return (
        date !== undefined && date >= today && (content.place === 'outdoors' || content.weather !== 'any')
      );
    });
    if (bare.length === 0) return [];
    const days = inDayOrder(bare.flatMap(({ where }) => (where.kind === 'day' ? [where.day] : [])));
    return [
      {
        key: 'no-twin',
        rule: 'no-twin',
        level: 'note',
        title:
          bare.length === 1
            ? `No rain plan: ${bare[0]!.content.title}`
            : `No rain plan for ${bare.length} things`,
        detail: `${listed(bare.map(({ content }) => content.title))}, ${formatDays(days)}.`,
        instead: 'Choose what stands in when the weather stops it.',
        basis: 'the weather decides last',
        days,
        cornerIds: [],
        placementId: bare[0]!.id,
        placementIds: bare.map(({ id }) => id),
        childIds: [],
      },
    ];
  },
);
