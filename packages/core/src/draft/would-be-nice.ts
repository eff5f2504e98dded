import { groupBy } from '../book/index.ts';
import { momentOf } from '../calendar/index.ts';
import type { Hope, Take } from '../choosing/index.ts';
import type { Child } from '../house/index.ts';
import { areaOf, AREAS, headingsOfContent, type Area } from '../skills/index.ts';
import { hoursOf, lensFor, sessionsOf } from '../reading/index.ts';
import type { Bench, Candidate } from './must-hold.ts';
import type { DraftSpot } from './spots.ts';
import type { DraftTerm } from './weights.ts';

type Weights = Readonly<Record<DraftTerm, number>>;

/** What would be nice in a draft, each hope with what it is about in words that follow "so that". */
export function hopesOf(bench: Bench, spots: readonly DraftSpot[], weights: Weights): readonly Hope[] {
  return [
    ...childHopes(bench, weights),
    ...headingHopes(bench, weights),
    ...conductHopes(bench, weights),
    ...twinHopes(bench, spots, weights),
    ...lateHopes(bench, weights),
  ].filter(({ points, sums }) => points > 0 && sums.some(({ takes }) => takes.length > 0));
}

const isOut = ({ at }: Candidate): boolean => at.kind !== 'twin';

const first = ({ name }: Child): string => name.split(' ')[0]!;

/** That each child finds something on each day, and over the unit in each area. */
export function childHopes(bench: Bench, weights: Weights): readonly Hope[] {
  const { reading, options, days } = bench;
  const { frame } = reading;
  const fixed = bench.fixed.flatMap((one) => sessionsOf(one, frame));
  const children = [...new Set(days.flatMap((day) => frame.attendance[day - 1]!.children))];
  const servedBy = new Map(children.map((child) => [child, [] as number[]]));
  options.forEach((option, o) => {
    if (!isOut(option)) return;
    for (const child of new Set([...option.wouldBe.served.values()].flat())) servedBy.get(child)?.push(o);
  });
  return children.flatMap((child) => {
    const mine = servedBy.get(child)!;
    const there = fixed.filter(({ seats }) =>
      seats.some((seat) => seat.child === child && seat.version !== null),
    );
    const ofDay = (day: number): Hope[] => {
      if (!frame.attendance[day - 1]!.children.includes(child)) return [];
      const takes = mine.filter((o) => options[o]!.wouldBe.served.get(day)?.includes(child) ?? false);
      const has = there.filter((session) => session.day.number === day);
      const planned = takes.filter((o) => options[o]!.at.where.kind !== 'corner');
      return [
        {
          ...atLeast('leftOut', weights, 1 - has.length, takes),
          about: `${first(child)} is not left out on Day ${day}`,
        },
        {
          ...atLeast(
            'everyDay',
            weights,
            1 - has.filter((one) => one.placement.where.kind !== 'corner').length,
            planned,
          ),
          about: `${first(child)} has something on Day ${day}`,
        },
      ];
    };
    return [
      ...days.flatMap(ofDay),
      ...AREAS.flatMap((area) => areaHope(child, area, mine, bench, weights) ?? []),
    ];
  });
}

// What an area is for whoever is told about one child.
const AREA_WORDS: Readonly<Record<Area, string>> = {
  ...{ language: 'language', print: 'print', number: 'number', world: 'finding out', senses: 'the senses' },
  ...{
    hands: 'the hands',
    body: 'moving',
    art: 'art',
    music: 'music',
    people: 'getting along',
    self: 'daily life',
  },
};

function areaHope(
  child: Child,
  area: Area,
  mine: readonly number[],
  bench: Bench,
  weights: Weights,
): Hope | null {
  const { options, reading } = bench;
  const has = bench.fixed.some(
    (one) =>
      one.content.skills.some((skill) => areaOf(skill) === area) &&
      sessionsOf(one, reading.frame).some(({ seats }) =>
        seats.some((seat) => seat.child === child && seat.version !== null),
      ),
  );
  if (has) return null;
  const takes = mine.filter((o) => options[o]!.content.skills.some((skill) => areaOf(skill) === area));
  return {
    ...atLeast('areas', weights, 1, takes),
    about: `${first(child)} has something for ${AREA_WORDS[area]}`,
  };
}

const atLeast = (
  term: DraftTerm,
  weights: Weights,
  want: number,
  takes: readonly number[],
): Omit<Hope, 'about'> => ({
  ...{ term, side: 'at-least', points: weights[term] },
  sums: [{ want, takes: takes.map((o): Take => [o, 1]) }],
});
const atMost = (
  term: DraftTerm,
  weights: Weights,
  want: number,
  takes: readonly number[],
): Omit<Hope, 'about'> => ({ ...atLeast(term, weights, want, takes), side: 'at-most' });

// The places of the lens by corners are filled anyway.
function headingHopes(bench: Bench, weights: Weights): readonly Hope[] {
  const { book, options, reading } = bench;
  const lens = lensFor(reading.frame);
  const own = reading.frame.home.ownHeadings;
  return reading
    .balance(lens)
    .rows.filter(({ id, target, total }) => !(id in book.corners) && target > total)
    .map(({ id, name, target, total }) => {
      const takes = [...options.keys()].filter(
        (o) => isOut(options[o]!) && headingsOfContent(lens, options[o]!.content, own).includes(id),
      );
      return {
        ...atLeast('headings', weights, target - total, takes),
        about: `${name} has what is hoped for`,
      };
    });
}

// How a day goes: not two lively things, not two of a kind.
function conductHopes(bench: Bench, weights: Weights): readonly Hope[] {
  const { options, fixed, days } = bench;
  return days.flatMap((day) => {
    const own = [...options.keys()].filter((o) => {
      const { where, kind } = options[o]!.at;
      return kind !== 'twin' && where.kind === 'day' && where.day === day;
    });
    const there = fixed.filter(({ where }) => where.kind === 'day' && where.day === day);
    const content = (o: number) => options[o]!.content;
    const inside = own.filter((o) => options[o]!.at.kind !== 'outdoors');
    const lively = there.filter(
      (one) => one.content.energy === 'lively' && one.content.place !== 'outdoors',
    ).length;
    const byKind = groupBy(own, (o) => content(o).skills[0] ?? '');
    return [
      {
        ...atMost(
          'lively',
          weights,
          Math.max(0, 1 - lively),
          inside.filter((o) => content(o).energy === 'lively'),
        ),
        about: `Day ${day} is not too lively`,
      },
      ...[...byKind].map(([skill, those]) => ({
        ...atMost(
          'alike',
          weights,
          Math.max(0, 1 - there.filter((one) => one.content.skills[0] === skill).length),
          those,
        ),
        about: `Day ${day} has different things`,
      })),
    ];
  });
}

// Outdoors something stands in for what the weather may stop.
function twinHopes({ options }: Bench, spots: readonly DraftSpot[], weights: Weights): readonly Hope[] {
  const ways = spots.flatMap((spot, s): Hope[] => {
    if (spot.kind !== 'outdoors') return [];
    const twin = spots.findIndex(({ of }) => of === spot.key);
    const takes = options.flatMap((option, o): Take[] => {
      const { place, weather } = option.content;
      if (option.spot === twin) return [[o, -1]];
      return option.spot === s && (place === 'outdoors' || weather !== 'any') ? [[o, 1]] : [];
    });
    return [
      {
        ...{ term: 'twin', side: 'at-most', points: weights.twin },
        about: `Day ${spot.days[0]} has a way round the weather`,
        sums: [{ want: 0, takes }],
      },
    ];
  });
  // It may be the same on several days, but not on all of them.
  const byId = groupBy(
    [...options.keys()].filter((o) => options[o]!.at.kind === 'twin'),
    (o) => options[o]!.id,
  );
  const same = [...byId].map(([, those]): Hope => ({
    ...atMost('alike', weights, MOST_ALIKE, those),
    about: 'wet days have different things',
  }));
  return [...ways, ...same];
}
/** What stands in on so many days is enough of it. */
const MOST_ALIKE = 2;

// Minutes of making ready up to each moment by which something has to be over, against the times of the home up to it.
function lateHopes({ options, reading }: Bench, weights: Weights): readonly Hope[] {
  const { frame, ready } = reading;
  const slots = ready.loads
    .filter(({ slot }) => slot.minutes !== null && (slot.kind === 'slot' || slot.kind === 'extra'))
    .map(({ slot, minutes }) => ({ to: slot.to, free: Math.max(0, slot.minutes! - minutes) }))
    .toSorted((a, b) => a.to - b.to);
  if (slots.length === 0) return [];
  const opens = hoursOf(frame.home).from;
  const due = options.flatMap(({ at, wouldBe }, o) => {
    const { date } = frame.calendar.days[at.days[0]! - 1]!;
    const used = momentOf(date, wouldBe.usedFrom ?? opens, frame.home.zone);
    return wouldBe.prep.map(({ minutes, waitMinutes }) => ({
      o,
      minutes,
      slots: slots.filter(({ to }) => to <= used - waitMinutes).length,
    }));
  });
  const sums = [...new Set(due.map((one) => one.slots))].map((count) => ({
    want: slots.slice(0, count).reduce((sum, { free }) => sum + free, 0),
    takes: [
      ...groupBy(
        due.filter((one) => one.slots <= count),
        ({ o }) => o,
      ),
    ].map(([o, those]): Take => [o, those.reduce((sum, { minutes }) => sum + minutes, 0)]),
  }));
  return [
    { term: 'late', about: 'it can be made ready in time', side: 'at-most', points: weights.late, sums },
  ];
}
