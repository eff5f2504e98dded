import {
  addDays,
  momentOf,
  type Minutes,
  type Moment,
  type PlainDay,
  type ProgramDay,
} from '../../calendar/index.ts';
import { valueIn, type Home } from '../../house/index.ts';
import type { OwnTask, Placement } from '../../unit/index.ts';
import type { ChangeOver } from '../changeover/changeover.ts';
import type { SupplyLine } from '../gather/line.ts';
import { memoised } from '../ground/memo.ts';
import { sessionsByDay, type Frame } from '../plan/plan.ts';
import type { SpecialDay } from '../plan/special.ts';
import { cookTasks } from './cook-tasks.ts';
import { openingOf } from './slots.ts';
import { taskOf, type ReadyTask, type TaskDraft } from './task.ts';

const NOON = 12 * 60;
const DAY = 24 * 60;
const SECONDS_A_MINUTE = 60;

const task = ({ unit }: Frame, draft: Omit<TaskDraft, 'unit'>): ReadyTask => taskOf({ unit, ...draft });

const awayAndOut = ({ goes, comes }: ChangeOver): string =>
  [goes.length > 0 ? `${goes.length} away` : '', comes.length > 0 ? `${comes.length} out` : '']
    .filter(Boolean)
    .join(', ');

/** Since noon of the program day before: sooner the room is still in use. */
function sinceTheDayBefore(frame: Frame, day: ProgramDay, usedAt: Moment): Minutes {
  const { days } = frame.calendar;
  const before = days[day.number - 2]?.date ?? addDays(day.date, -3);
  return (usedAt - momentOf(before, NOON, frame.home.zone)) as Minutes;
}

/** The room changed over, and the things of a day set out: between the day before and the morning. */
export const roomTasks = memoised(
  (
    changeOvers: readonly ChangeOver[],
    placements: readonly Placement[],
    frame: Frame,
    today: PlainDay,
  ): readonly ReadyTask[] => {
    const ahead = frame.calendar.days.filter(({ date }) => date > today);
    const room = ahead.flatMap((day): readonly ReadyTask[] => {
      const change = changeOvers.find((one) => one.day === day.number);
      if (!change || change.minutes === 0) return [];
      const usedAt = openingOf(frame.home, day.date);
      const items = [...change.goes, ...change.comes];
      return [
        task(frame, {
          id: `${frame.unit.id}:change-over:${day.number}`,
          kind: 'change-over',
          text: `Change over for Day ${day.number}: ${awayAndOut(change)}`,
          forWhat: `Day ${day.number}`,
          minutes: change.minutes as Minutes,
          how: items
            .map(({ placement, minutes, why }) => `${placement.content.title} ${minutes} min (${why})`)
            .join('; '),
          day,
          usedAt,
          mostMinutes: sinceTheDayBefore(frame, day, usedAt),
          things: items.map(({ placement }) => placement.content.title),
        }),
      ];
    });
    return [...room, ...dayTasks(placements, frame, ahead)];
  },
);

function dayTasks(
  placements: readonly Placement[],
  frame: Frame,
  ahead: readonly ProgramDay[],
): readonly ReadyTask[] {
  const byDay = sessionsByDay(placements, frame);
  return ahead.flatMap((day): readonly ReadyTask[] => {
    const there = (byDay.get(day.number) ?? []).map(({ placement }) => placement);
    const out = there.filter(({ where }) => where.kind === 'day');
    return [...settingOut(out, frame, day), ...fillingBins(there, frame, day), ...folderOf(out, frame, day)];
  });
}

function settingOut(out: readonly Placement[], frame: Frame, day: ProgramDay): readonly ReadyTask[] {
  const things = new Set(out.flatMap(({ content }) => content.materials.map(({ supplyId }) => supplyId)));
  if (things.size === 0) return [];
  const seconds = valueIn(frame.home, 'settingOutSeconds');
  const usedAt = openingOf(frame.home, day.date);
  return [
    task(frame, {
      id: `${frame.unit.id}:set-out:${day.number}`,
      kind: 'set-out',
      text: `Set out the things of Day ${day.number}`,
      forWhat: `Day ${day.number}`,
      minutes: Math.ceil((things.size * seconds) / SECONDS_A_MINUTE) as Minutes,
      how: `${things.size} ${things.size === 1 ? 'thing' : 'things'} × ${seconds} s`,
      day,
      usedAt,
      mostMinutes: sinceTheDayBefore(frame, day, usedAt),
      things: out.map(({ content }) => content.title),
    }),
  ];
}

function fillingBins(there: readonly Placement[], frame: Frame, day: ProgramDay): readonly ReadyTask[] {
  const begins = there.filter(({ where }) => where.kind === 'bin' && where.fromDay === day.number);
  const bins = new Set(begins.map(({ where }) => (where.kind === 'bin' ? where.childId : ''))).size;
  if (bins === 0) return [];
  const minutes = valueIn(frame.home, 'binMinutes');
  return [
    task(frame, {
      id: `${frame.unit.id}:bins:${day.number}`,
      kind: 'bin',
      text: `Fill ${bins === 1 ? 'a bin' : `${bins} bins`} for Day ${day.number}`,
      forWhat: `Day ${day.number}`,
      minutes: (bins * minutes) as Minutes,
      how: `${bins} × ${minutes} min`,
      day,
      usedAt: openingOf(frame.home, day.date),
      things: begins.map(({ content }) => content.title),
    }),
  ];
}

// The folder of a day holds its sheets: it is filled when they are there.
function folderOf(placements: readonly Placement[], frame: Frame, day: ProgramDay): readonly ReadyTask[] {
  const sheets = placements.reduce((sum, { content }) => sum + content.sheetIds.length, 0);
  if (sheets === 0) return [];
  return [
    task(frame, {
      id: `${frame.unit.id}:folder:${day.number}`,
      kind: 'folder',
      text: `Fill folder ${day.number}`,
      forWhat: `Day ${day.number}`,
      minutes: valueIn(frame.home, 'folderMinutes') as Minutes,
      how: "the home's minutes for a day folder",
      day,
      usedAt: openingOf(frame.home, day.date),
      things: placements
        .filter(({ content }) => content.sheetIds.length > 0)
        .map(({ content }) => content.title),
    }),
  ];
}

/** Families are told of a special day so many days before it. Kobby's own default. */
const FAMILY_NOTICE_DAYS = 7;

/** What a special event asks of families: its invitation given out, and what each child brings. */
export const eventTasks = memoised(
  (specials: readonly SpecialDay[], frame: Frame, today: PlainDay): readonly ReadyTask[] =>
    specials.flatMap(({ event, day: number }) => {
      const day = frame.calendar.days[number - 1]!;
      if (day.date < today) return [];
      const told = (part: string, text: string): ReadyTask =>
        task(frame, {
          id: `${frame.unit.id}:${part}:${event.id}`,
          kind: 'ask',
          text,
          forWhat: event.title,
          minutes: askingMinutes(frame.home),
          how: "the home's minutes for asking",
          day,
          usedAt: openingOf(frame.home, addDays(day.date, -FAMILY_NOTICE_DAYS)),
        });
      return [
        ...(event.invitation === '' ? [] : [told('invite', `Give out the invitations for ${event.title}`)]),
        ...(event.brings === ''
          ? []
          : [told('brings', `Ask every child to bring ${shortened(event.brings)}`)]),
      ];
    }),
);

const MOST_LETTERS = 60;
const shortened = (text: string): string =>
  text.length <= MOST_LETTERS ? text : `${text.slice(0, MOST_LETTERS - 1)}…`;

/** What somebody added, ready when its day opens. */
export const ownTasks = memoised(
  (own: readonly OwnTask[], frame: Frame, today: PlainDay): readonly ReadyTask[] =>
    own.flatMap(({ id, text, minutes, day: number, personId }) => {
      const day = frame.calendar.days[number - 1];
      if (!day || day.date < today) return [];
      return [
        task(frame, {
          id: `${frame.unit.id}:own:${id}`,
          kind: 'own',
          text,
          forWhat: `Day ${number}`,
          minutes,
          how: 'as it was entered',
          personId,
          day,
          usedAt: openingOf(frame.home, day.date),
        }),
      ];
    }),
);

/** Getting and cooking what is missing, by the date on which it must be done. */
export const gettingTasks = memoised(
  (lines: readonly SupplyLine[], frame: Frame, today: PlainDay): readonly ReadyTask[] => {
    const missing = lines.filter(({ pickup, by }) => pickup === null && by.date >= today);
    const open = missing.filter(({ buy, errand }) => buy.amount > 0 && (errand?.askedOn ?? null) === null);
    return [
      ...cooking(missing, frame, today),
      ...rounds(open.filter(isBoughtHere), frame),
      ...open
        .filter((line) => line.basket === 'buy' && !isBoughtHere(line))
        .map((line) => ordering(line, frame)),
      ...askingFamilies(open, frame),
      ...open.filter(({ basket }) => basket === 'borrow').map((line) => borrowing(line, frame)),
      ...collecting(
        open.filter(({ basket }) => basket === 'collect'),
        frame,
      ),
    ];
  },
);

const isBoughtHere = ({ basket, supply }: SupplyLine): boolean =>
  basket === 'buy' && supply.arrivesInDays === 0;

const listOf = (lines: readonly SupplyLine[]): string => {
  const names = lines.map(({ supply }) => supply.name);
  return names.length <= 3
    ? names.join(', ')
    : `${names.slice(0, 2).join(', ')} and ${names.length - 2} more`;
};

const DAYS_A_ROUND = 7;

/** Rounds of shopping: what has to be there within a week of the first thing is bought in one. */
function rounds(lines: readonly SupplyLine[], frame: Frame): readonly ReadyTask[] {
  const sorted = lines.toSorted((a, b) => (a.orderBy < b.orderBy ? -1 : a.orderBy > b.orderBy ? 1 : 0));
  const trips: SupplyLine[][] = [];
  for (const line of sorted) {
    const trip = trips.at(-1);
    if (trip && line.orderBy < addDays(trip[0]!.orderBy, DAYS_A_ROUND)) trip.push(line);
    else trips.push([line]);
  }
  const minutes = valueIn(frame.home, 'shoppingMinutes') as Minutes;
  return trips.map((trip, i) =>
    errand(frame, trip, {
      id: `${frame.unit.id}:shop:${i + 1}`,
      kind: 'shop',
      text: `Shop for ${trip.length} ${trip.length === 1 ? 'thing' : 'things'}: ${listOf(trip)}`,
      minutes,
      how: "the home's minutes for one round",
      where: 'away',
    }),
  );
}

type ErrandDraft = Pick<ReadyTask, 'id' | 'kind' | 'text' | 'minutes' | 'how'> & Partial<ReadyTask>;

// Done before the day opens on which it is missing; what takes days to arrive, by the end of the day to order.
function errand(frame: Frame, lines: readonly SupplyLine[], draft: ErrandDraft): ReadyTask {
  const first = lines.reduce((a, b) => (b.orderBy < a.orderBy ? b : a));
  const { home } = frame;
  const usedAt =
    first.supply.arrivesInDays === 0
      ? openingOf(home, first.orderBy)
      : momentOf(first.orderBy, DAY, home.zone);
  return task(frame, {
    forWhat: `Day ${first.by.number}`,
    day: first.by,
    usedAt,
    things: lines.map(({ supply }) => supply.name),
    gets: lines.map(({ supply }) => supply.id),
    ...draft,
  });
}

const askingMinutes = (home: Home): Minutes => valueIn(home, 'askingMinutes') as Minutes;

const ordering = (line: SupplyLine, frame: Frame): ReadyTask =>
  errand(frame, [line], {
    id: `${frame.unit.id}:order:${line.supply.id}`,
    kind: 'order',
    text: `Order ${line.supply.name}`,
    minutes: askingMinutes(frame.home),
    how: `the home's minutes for an order; it takes ${line.supply.arrivesInDays} days to arrive`,
  });

const borrowing = (line: SupplyLine, frame: Frame): ReadyTask =>
  errand(frame, [line], {
    id: `${frame.unit.id}:borrow:${line.supply.id}`,
    kind: 'borrow',
    text: `Borrow ${line.supply.name}`,
    minutes: askingMinutes(frame.home),
    how: "the home's minutes for asking",
  });

function askingFamilies(lines: readonly SupplyLine[], frame: Frame): readonly ReadyTask[] {
  const own = lines.filter(({ basket }) => basket === 'families');
  if (own.length === 0) return [];
  return [
    errand(frame, own, {
      id: `${frame.unit.id}:ask`,
      kind: 'ask',
      text: `Ask families for ${listOf(own)}`,
      minutes: askingMinutes(frame.home),
      how: "the home's minutes for asking",
    }),
  ];
}

function collecting(lines: readonly SupplyLine[], frame: Frame): readonly ReadyTask[] {
  if (lines.length === 0) return [];
  return [
    errand(frame, lines, {
      id: `${frame.unit.id}:collect`,
      kind: 'collect',
      text: `Collect ${listOf(lines)}`,
      minutes: valueIn(frame.home, 'collectingMinutes') as Minutes,
      how: "the home's minutes for collecting",
      where: 'away',
    }),
  ];
}

function cooking(lines: readonly SupplyLine[], frame: Frame, today: PlainDay): readonly ReadyTask[] {
  return lines.flatMap((line): readonly ReadyTask[] => {
    const { cooking: made, supply, by, shortOn } = line;
    const date = shortOn ?? by.date;
    if (line.basket !== 'cook' || made === null || date < today) return [];
    return cookTasks({
      id: `${frame.unit.id}:cook:${supply.id}`,
      unit: frame.unit,
      recipe: made.recipe,
      times: made.times,
      forWhat: [...new Set(line.uses.map(({ placement }) => placement.content.title))].slice(0, 2).join(', '),
      placement: line.uses[0]?.placement ?? null,
      day: frame.calendar.days.find((day) => day.date === date) ?? by,
      usedAt: openingOf(frame.home, date),
      keepsMinutes: made.recipe.keepsDays === null ? null : made.recipe.keepsDays * DAY,
    });
  });
}
