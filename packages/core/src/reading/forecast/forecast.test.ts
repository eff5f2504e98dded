import { describe, expect, test } from 'vitest';
import type { Book } from '../../book/index.ts';
import { addDays, plainDay, type PlainDay } from '../../calendar/index.ts';
import { dayProblems, type ChangeInput } from '../../changes/index.ts';
import {
  A_MONDAY,
  aChild,
  after,
  aSupply,
  attempt,
  gesture,
  TEST_HOME,
  TEST_UNIT,
  testBook,
} from '../../testing/home.ts';
import { seeded } from '../../testing/problems.ts';
import { readinessOf, watchedIn } from '../readiness/ready.ts';
import { read } from '../answers/read.ts';
import { crossingCalendar, sleepsText } from './crossing.ts';
import { stageDueText } from './forecast.ts';
import { fullHouseDays } from './full-house.ts';

type Observation = Extract<ChangeInput, { type: 'watch/put-observation' }>['observation'];
type Sighting = Extract<ChangeInput, { type: 'watch/record' }>['sighting'];

const observed = (rest: Partial<Observation> = {}): ChangeInput => ({
  type: 'watch/put-observation',
  observation: {
    id: 'bean',
    unitId: TEST_UNIT,
    title: 'A bean in a jar',
    startedOn: plainDay('2027-03-01'),
    stages: [
      { id: 'swell', name: 'Swelling', leastDays: 1, mostDays: 3, place: 'window-shelf' },
      { id: 'root', name: 'Root', leastDays: 2, mostDays: 5, place: 'window-shelf' },
      {
        id: 'pot',
        name: 'Into a pot',
        leastDays: 3,
        mostDays: 6,
        place: 'window-shelf',
        fullHouse: true,
        look: { kind: 'every', days: 2 },
        tasks: [{ id: 'fill', text: 'Fill a pot', minutes: 10 }],
        supplies: [{ supplyId: 'earth', amount: 500 }],
      },
    ],
    ...rest,
  },
});
const saw = (on: string, stageId: string | null, rest: Partial<Sighting> = {}): ChangeInput => ({
  type: 'watch/record',
  sighting: { id: `saw-${on}`, observationId: 'bean', on: plainDay(on), stageId, seen: 'so', ...rest },
});
const week = Object.fromEntries(['1', '2', '3', '4', '5'].map((day) => [day, 60]));
const home: ChangeInput = {
  type: 'house/put-home',
  home: {
    ...TEST_HOME,
    prepSlots: [{ id: 'nap', name: 'Nap time', start: '13:00', minutes: week }],
    waitingPlaces: [{ id: 'w', name: 'Window', kind: 'window-shelf', holds: 2 }],
  },
};
const base = testBook(home, aSupply('earth', { unit: 'g' }), aChild('kim', '2024-01-01'));
const windows = (book: Book, today: string) =>
  watchedIn(book, plainDay(today))[0]!.stages.map(({ stage, earliest, latest, state, overdueDays }) =>
    [stage.id, earliest.slice(5), latest.slice(5), state, overdueDays].join(' '),
  );

describe('the calendar that children cross off', () => {
  const holiday: ChangeInput = {
    type: 'house/put-closure',
    closure: { id: 'holiday', from: plainDay('2027-03-10'), to: plainDay('2027-03-10'), why: 'Holiday' },
  };
  const book = after(base, holiday, observed({ startedOn: plainDay('2027-03-03') }));
  const today = plainDay('2027-03-04');
  const forecast = () => watchedIn(book, today)[0]!;
  const rows = (units: 'metric' | 'us') => {
    const turned = after(book, { ...home, home: { ...TEST_HOME, units } } as ChangeInput);
    return crossingCalendar(turned, watchedIn(turned, today)[0]!, today);
  };

  test('has weeks as rows, with what is closed, today, and the goal on the last day it may be reached', () => {
    const { weekdays, weeks } = rows('metric');
    expect([weekdays[0], weekdays[6]]).toEqual(['Monday', 'Sunday']);
    expect(weeks.map((week) => week.map(({ number }) => number))).toEqual([
      [null, null, 1, 2, 3, 4, 5],
      [6, 7, 8, 9, 10, 11, 12],
      [13, 14, 15, null, null, null, null],
    ]);
    const all = weeks.flat();
    expect(all.filter(({ isToday }) => isToday).map(({ date }) => date)).toEqual(['2027-03-04']);
    expect(all.filter(({ isGoal }) => isGoal).map(({ date }) => date)).toEqual(['2027-03-11']);
    expect(all.filter(({ closed }) => closed !== null).map(({ date }) => date.slice(8))).toEqual([
      ...['06', '07', '10', '13', '14', '20', '21'],
    ]);
    expect(all.flatMap(({ stages }) => stages)).toEqual(['Swelling', 'Root?', 'Into a pot?']);
  });
  test('begins on Sunday where inches are used', () => {
    expect(rows('us').weekdays[0]).toBe('Sunday');
    expect(rows('us').weeks[0]![0]!.date).toBe('2027-02-28');
  });
  test('sleeps are counted to the goal, and not any more when it is there', () => {
    expect(sleepsText(forecast(), today)).toBe('2 to 7 sleeps until “Into a pot”');
    const there = after(book, saw('2027-03-08', 'pot'));
    expect(sleepsText(watchedIn(there, plainDay('2027-03-08'))[0]!, plainDay('2027-03-08'))).toBeNull();
  });
});

describe('the forecast of every stage', () => {
  const book = after(base, observed());

  test('adds up the least and the most days of those before it', () => {
    expect(windows(book, '2027-03-01')).toEqual([
      'swell 03-01 03-01 now 0',
      'root 03-02 03-04 to-come 0',
      'pot 03-04 03-09 to-come 0',
    ]);
  });

  test('moves what comes after, when a stage comes early', () => {
    expect(windows(after(book, saw('2027-03-02', 'root')), '2027-03-02')).toEqual([
      'swell 03-01 03-01 over 0',
      'root 03-02 03-02 now 0',
      'pot 03-04 03-07 to-come 0',
    ]);
  });

  test('or late: it is told by how much, and begins today at the earliest', () => {
    expect(windows(book, '2027-03-08')).toEqual([
      'swell 03-01 03-01 now 0',
      'root 03-08 03-08 to-come 4',
      'pot 03-10 03-13 to-come 0',
    ]);
  });

  test('takes a stage that nobody saw as begun when a later one was seen', () => {
    expect(windows(after(book, saw('2027-03-05', 'pot')), '2027-03-08')).toEqual([
      'swell 03-01 03-01 over 0',
      'root 03-05 03-05 over 0',
      'pot 03-05 03-05 now 0',
    ]);
  });

  test('the first sighting of a stage counts, however often it is noted', () => {
    const twice = after(book, saw('2027-03-04', 'root'), saw('2027-03-03', 'root'));
    expect(windows(twice, '2027-03-05')[1]).toBe('root 03-03 03-03 now 0');
  });

  test('lives on after its unit ends, until somebody ends it', () => {
    const long = after(book, saw('2027-03-02', 'root'));
    expect(watchedIn(long, plainDay('2027-05-01'))[0]).toMatchObject({ isOver: false });
    const ended = after(long, { ...observed({ endedOn: plainDay('2027-03-12') }) });
    expect(watchedIn(ended, plainDay('2027-05-01'))[0]).toMatchObject({ isOver: true, looks: [] });
  });

  test('whatever was seen, no stage begins before the one before it', () => {
    for (let seed = 1; seed <= 200; seed += 1) {
      const random = seeded(seed);
      const days = Array.from({ length: 3 }, () =>
        addDays(plainDay('2027-03-01'), Math.floor(random() * 20)),
      );
      const seen = days.flatMap((day, i) =>
        random() < 0.6 ? [saw(day, ['swell', 'root', 'pot'][i]!, { id: `s${i}` })] : [],
      );
      const [told] = watchedIn(seen.length > 0 ? after(book, ...seen) : book, plainDay('2027-03-10'));
      for (const [i, stage] of told!.stages.entries()) {
        expect(stage.earliest <= stage.latest).toBe(true);
        if (i > 0) expect(told!.stages[i - 1]!.earliest <= stage.earliest).toBe(true);
      }
    }
  });
});

test('what comes late is told in the unit that runs, whichever began it', () => {
  const book = after(base, observed());
  const late = (today: string) =>
    read(book, TEST_UNIT, plainDay(today))
      .headsUps.filter(({ rule }) => rule === 'watch-late')
      .map(({ title, detail }) => `${title}: ${detail.slice(0, 30)}`);
  expect(late('2027-03-08')).toEqual(['Late: A bean in a jar: Root has not begun, 4 days aft']);
  expect(late('2027-03-04')).toEqual([]);
});

describe('looking', () => {
  const looks = (book: Book, today: string) =>
    watchedIn(book, plainDay(today))[0]!.looks.map(
      ({ date, closed }) => `${date.slice(5)}${closed ? ' closed' : ''}`,
    );

  test('daily, with the days on which the home is closed pointed out', () => {
    expect(looks(after(base, observed()), '2027-03-01').slice(0, 3)).toEqual(['03-01', '03-02', '03-03']);
    const rooted = after(base, observed(), saw('2027-03-04', 'root'));
    expect(looks(rooted, '2027-03-04')).toContain('03-08');
    const slow = after(base, observed({ stages: [{ id: 'a', name: 'A', leastDays: 9, mostDays: 9 }] }));
    expect(looks(slow, '2027-03-01')).toContain('03-06 closed');
  });

  test('every so many days, or not at all while it is left closed', () => {
    const every = observed({
      stages: [{ id: 'a', name: 'A', leastDays: 9, mostDays: 9, look: { kind: 'every', days: 3 } }],
    });
    expect(looks(after(base, every), '2027-03-01')).toEqual(['03-01', '03-04', '03-07 closed', '03-10']);
    const closed = observed({
      stages: [{ id: 'a', name: 'A', leastDays: 9, mostDays: 9, look: { kind: 'closed' } }],
    });
    expect(looks(after(base, closed), '2027-03-01')).toEqual([]);
  });
});

describe('what a stage brings along', () => {
  const rooted = after(base, observed({ startedOn: A_MONDAY }));

  test('is made ready and got before its first possible day', () => {
    const entries = readinessOf(rooted, A_MONDAY).entries.filter(({ task }) => task.id.startsWith('watch:'));
    expect(entries.map(({ task, slot }) => [task.kind, task.text, slot?.date ?? null])).toEqual([
      ['watch', 'Fill a pot', '2027-03-10'],
      // The errand of the 10th would be on the last evening.
      ['shop', 'Get earth (500 g) for A bean in a jar', '2027-03-09'],
    ]);
  });

  test('takes up its place as long as it may last', () => {
    const { taken } = readinessOf(rooted, A_MONDAY).problem;
    expect(taken).toHaveLength(1);
    expect((taken[0]!.to - taken[0]!.from) / 1440).toBeCloseTo(14, 0);
  });

  test('wants everyone: the days on which nobody is missing come first', () => {
    const away: ChangeInput = {
      type: 'house/put-absence',
      absence: { id: 'x', childId: 'kim', from: '2027-03-11', to: '2027-03-12' },
    };
    const book = after(rooted, away);
    const [told] = watchedIn(book, A_MONDAY);
    const days = fullHouseDays(book, told!.stages[2]!);
    expect(days.map(({ date, missing }) => [date.slice(5), missing.length])).toEqual([
      ['03-15', 0],
      ['03-16', 0],
      ['03-11', 1],
      ['03-12', 1],
    ]);
  });
});

describe('what cannot be', () => {
  const problemsOf = (change: ChangeInput, today: PlainDay) => dayProblems(gesture([change]), today);

  test('an observation that starts in the future, and a sighting to come', () => {
    expect(problemsOf(observed({ startedOn: plainDay('2028-03-20') }), A_MONDAY)).toEqual([
      { path: ['changes', 0, 'observation', 'startedOn'], message: 'This is more than a year ahead' },
    ]);
    expect(problemsOf(observed({ startedOn: plainDay('2027-09-09') }), A_MONDAY)).toEqual([]);
    expect(problemsOf(saw('2027-03-09', 'root'), A_MONDAY)[0]?.path).toEqual([
      'changes',
      0,
      'sighting',
      'on',
    ]);
  });

  test.each([
    [{ leastDays: 0, mostDays: 0 }, 'A stage takes at least a day'],
    [{ leastDays: 3, mostDays: 2 }, 'This cannot be less than the days above'],
  ])('a stage of %o', (days, message) => {
    expect(() => gesture([observed({ stages: [{ id: 'a', name: 'A', ...days }] })])).toThrow(message);
  });

  test('a stage that there is not, nothing seen, and a measure out of range', () => {
    const book = after(base, observed());
    expect(attempt(book, [saw('2027-03-02', 'leaf')])).toMatchObject({
      outcome: 'refused',
      refusal: { path: ['changes', 0, 'sighting', 'stageId'] },
    });
    expect(() => gesture([saw('2027-03-02', null, { seen: '' })])).toThrow('Say what was seen');
    const hot = saw('2027-03-02', null, { measured: [{ kind: 'temperature', value: 400 }] });
    expect(() => gesture([hot])).toThrow('Between -60 and 120');
  });
});

describe('what is due', () => {
  const due = (today: string, ...more: readonly ChangeInput[]): string | null => {
    const book = after(
      testBook(home, aSupply('earth', { unit: 'g' })),
      observed({ startedOn: plainDay('2027-03-08') }),
      ...more,
    );
    const [forecast] = watchedIn(book, plainDay(today));
    return forecast?.due ? stageDueText(forecast.due, plainDay(today)) : null;
  };
  // It swells for one day to three: the root may come from Tuesday on, and is due on Thursday.
  test.each([
    ['2027-03-08', null],
    ['2027-03-09', 'Root may begin from today on'],
    ['2027-03-11', 'Root is due today'],
    ['2027-03-12', 'Root: 1 day late, look now'],
    ['2027-03-15', 'Root: 4 days late, look now'],
  ])('on %s: %s', (today, told) => expect(due(today)).toBe(told));
  test('is told until it was seen, and the next one then', () => {
    expect(due('2027-03-12', saw('2027-03-12', 'root'))).toBeNull();
    expect(due('2027-03-14', saw('2027-03-12', 'root'))).toBe('Into a pot may begin from today on');
  });
});
