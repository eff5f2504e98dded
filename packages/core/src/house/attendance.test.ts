import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { homeOf, type Book } from '../book/index.ts';
import {
  addDays,
  clockSpan,
  clockTimeSchema,
  minutesSchema,
  plainDay,
  weekdayOf,
} from '../calendar/index.ts';
import type { ChangeInput } from '../changes/index.ts';
import { aChild, after, TEST_HOME, testBook } from '../testing/home.ts';
import { calendarOf } from '../unit/index.ts';
import {
  adultsNeeded,
  attendanceOn,
  attendanceOver,
  mostAtOnce,
  presentDuring,
  ratioRuleSchema,
} from './index.ts';

const away = (id: string, childId: string, from: string, to: string, parts: string[] = []): ChangeInput => ({
  type: 'house/put-absence',
  absence: { id, childId, from, to, parts },
});
const extra = (id: string, childId: string, from: string, to: string, parts: string[] = []): ChangeInput => ({
  type: 'house/put-extra',
  extra: { id, childId, from, to, parts },
});
const book = after(
  testBook(),
  aChild('ada', '2026-05-20'),
  aChild('bo', '2022-09-02', { attendance: { '1': ['morning', 'afternoon'], '2': ['afternoon'] } }),
  aChild('ines', '2021-02-14', { attendance: { '1': ['afternoon'] } }),
  aChild('unborn', '2027-03-09'),
  away('away', 'ada', '2027-03-09', '2027-03-10'),
);
const household = (of: Book) => ({
  home: homeOf(of),
  children: Object.values(of.children),
  people: Object.values(of.people),
  absences: Object.values(of.absences),
  extras: Object.values(of.extras),
  calendar: calendarOf(homeOf(of), Object.values(of.closures)),
});
const on = (day: string, of = book) => {
  const { home, children, ...exceptions } = household(of);
  return attendanceOn(plainDay(day), home, children, exceptions);
};
const names = (children: readonly { id: string }[]) => children.map((child) => child.id);

describe('who is there', () => {
  test('the week pattern says who comes, born by then', () => {
    expect(names(on('2027-03-08').children)).toEqual(['ada', 'bo', 'ines']);
    expect(names(on('2027-03-15').children)).toEqual(['ada', 'bo', 'ines', 'unborn']);
  });

  test('an absence counts on its first and last day, and not after', () => {
    expect([names(on('2027-03-09').children), names(on('2027-03-09').away)]).toEqual([
      ['bo', 'unborn'],
      ['ada'],
    ]);
    expect(names(on('2027-03-10').away)).toEqual(['ada']);
    expect(names(on('2027-03-11').children)).toContain('ada');
  });

  test('an absence for a part leaves the other part', () => {
    const half = after(book, away('half', 'bo', '2027-03-08', '2027-03-08', ['morning']));
    const day = on('2027-03-08', half);
    expect(names(day.byPart.get('afternoon' as never)!)).toEqual(['bo', 'ines']);
    expect(names(day.byPart.get('morning' as never)!)).toEqual(['ada']);
    expect(names(day.away)).toEqual([]);
  });

  test('an extra brings a child on another day or for another part, unless it is away', () => {
    const more = after(
      book,
      extra('x', 'ines', '2027-03-10', '2027-03-10'),
      extra('y', 'ada', '2027-03-09', '2027-03-12', ['afternoon']),
    );
    expect(names(on('2027-03-10', more).byPart.get('morning' as never)!)).toContain('ines');
    expect(names(on('2027-03-10', more).children)).not.toContain('ada');
    expect(names(on('2027-03-11', more).byPart.get('afternoon' as never)!)).toEqual(['ada']);
    expect(names(on('2027-03-13', more).children)).toEqual([]);
  });

  test('nobody before the first day or after the last one, and such a child is not away either', () => {
    const moving = after(
      book,
      aChild('new', '2023-01-01', { startedOn: '2027-03-09', leftOn: '2027-03-11' }),
      away('n', 'new', '2027-03-08', '2027-03-12'),
      extra('e', 'new', '2027-03-08', '2027-03-12'),
    );
    expect(names(on('2027-03-08', moving).away)).toEqual([]);
    expect(names(on('2027-03-10', moving).away)).toContain('new');
    expect(names(on('2027-03-12', moving).away)).toEqual([]);
  });

  test('a part that the home gave up does not count, also in an extra', () => {
    const { home, ...rest } = household(
      after(book, extra('x', 'ines', '2027-03-08', '2027-03-08', ['night'])),
    );
    const [morning] = home.parts;
    const day = attendanceOn(plainDay('2027-03-08'), { ...home, parts: [morning!] }, rest.children, rest);
    expect(names(day.children)).toEqual(['ada', 'bo']);
  });

  test('agrees with asking part by part, whatever is entered', () => {
    const day = fc.integer({ min: 0, max: 20 }).map((n) => addDays(plainDay('2027-02-26'), n));
    const parts = fc.subarray(['morning', 'afternoon'] as const);
    const span = fc.record({ from: day, length: fc.integer({ min: 0, max: 6 }), parts });
    fc.assert(
      fc.property(
        fc.record({
          pattern: fc.dictionary(fc.constantFrom('1', '2', '3', '4', '5'), parts),
          startedOn: fc.option(day),
        }),
        fc.array(span, { maxLength: 3 }),
        fc.array(span, { maxLength: 3 }),
        day,
        ({ pattern, startedOn }, aways, extras, date) => {
          const one = after(
            testBook(),
            aChild('it', '2022-01-01', { attendance: pattern as never, startedOn }),
            ...aways.map((a, i) => away(`a${i}`, 'it', a.from, addDays(a.from, a.length), a.parts)),
            ...extras.map((e, i) => extra(`e${i}`, 'it', e.from, addDays(e.from, e.length), e.parts)),
          );
          const covers = (list: typeof aways, part: 'morning' | 'afternoon') =>
            list.some(
              (s) =>
                s.from <= date &&
                date <= addDays(s.from, s.length) &&
                (s.parts.length === 0 || s.parts.includes(part)),
            );
          for (const part of ['morning', 'afternoon'] as const) {
            const comes =
              (startedOn === null || startedOn <= date) &&
              ((pattern[weekdayOf(date)]?.includes(part) ?? false) || covers(extras, part)) &&
              !covers(aways, part);
            expect(on(date, one).byPart.get(part as never)!.length).toBe(comes ? 1 : 0);
          }
        },
      ),
    );
  });
});

test('a stretch of the day sees those of its parts', () => {
  const during = (start: string, minutes: number) =>
    names(
      presentDuring(
        on('2027-03-08'),
        homeOf(book),
        clockSpan(clockTimeSchema.parse(start), minutesSchema.parse(minutes)),
      ),
    );
  expect(during('09:00', 30)).toEqual(['ada', 'bo']);
  expect(during('15:00', 30)).toEqual(['bo', 'ines']);
  expect(during('12:00', 60)).toEqual(['ada', 'bo', 'ines']);
  expect(during('12:00', 30)).toEqual(['ada', 'bo']);
});

test('the most at once is counted by part, not by day', () => {
  expect(mostAtOnce(on('2027-03-08'))).toBe(2);
});

describe('attendance and adults over a span', () => {
  const person = (id: string, work: object, rest: object = {}): ChangeInput => ({
    type: 'house/put-person',
    person: { id, name: id, role: 'assistant', work, ...rest },
  });
  const staffed = after(
    book,
    person('mara', { '1': ['morning', 'afternoon'], '2': ['morning'] }),
    person('sol', { '1': ['afternoon'] }),
    person('gone', { '1': ['morning'] }, { retired: true }),
    {
      type: 'house/put-closure',
      closure: { id: 'c', from: '2027-03-10', to: '2027-03-10', why: 'Cleaning' },
    },
  );
  const days = attendanceOver(plainDay('2027-03-06'), plainDay('2027-03-10'), household(staffed));

  test('names each day, closed ones with why', () => {
    expect(days.map(({ date, closed }) => [date, closed])).toEqual([
      ['2027-03-06', 'not a working day'],
      ['2027-03-07', 'not a working day'],
      ['2027-03-08', null],
      ['2027-03-09', null],
      ['2027-03-10', 'Cleaning'],
    ]);
    expect(attendanceOver(plainDay('2027-03-08'), plainDay('2027-03-07'), household(staffed))).toEqual([]);
  });

  test('tells who is there at each time, those who no longer work here left out', () => {
    const monday = days[2]!;
    expect(
      monday.closed === null &&
        monday.presence.map((span) => [span.from, span.to, names(span.children), names(span.adults)]),
    ).toEqual([
      [450, 750, ['ada', 'bo'], ['mara']],
      [750, 1050, ['bo', 'ines'], ['mara', 'sol']],
    ]);
  });

  test('cuts the day where parts overlap or leave a gap', () => {
    const parts = [
      { id: 'morning', name: 'Morning', from: '08:00', to: '12:00' },
      { id: 'afternoon', name: 'Afternoon', from: '11:00', to: '16:00' },
      { id: 'late', name: 'Late', from: '17:00', to: '18:00' },
    ];
    const other = after(
      staffed,
      { type: 'house/put-home', home: { ...TEST_HOME, parts } },
      aChild('late', '2022-01-01', { attendance: { '1': ['late'] } }),
    );
    const [monday] = attendanceOver(plainDay('2027-03-08'), plainDay('2027-03-08'), household(other));
    expect(
      monday!.closed === null &&
        monday!.presence.map((span) => [
          span.from / 60,
          span.to / 60,
          span.children.length,
          span.adults.length,
        ]),
    ).toEqual([
      [8, 11, 2, 1],
      [11, 12, 3, 2],
      [12, 16, 2, 2],
      [17, 18, 1, 0],
    ]);
  });
});

describe("adults by the home's own rule", () => {
  const bands = [
    { fromMonths: 0, perAdult: 3 },
    { fromMonths: 24, perAdult: 6 },
    { fromMonths: 48, perAdult: 10 },
  ];
  const youngest = ratioRuleSchema.parse({ bands });
  const shares = ratioRuleSchema.parse({ bands, counting: 'shares' });

  test.each([
    [[], 0, 0],
    [[50], 1, 1],
    [[9, 50, 50, 50], 2, 1],
    [[9, 10, 11], 1, 1],
    [[9, 10, 11, 12], 2, 2],
    [[24, 24, 24, 24, 24, 24], 1, 1],
    [[23, 24, 24, 24, 24, 24], 2, 2],
  ])('%j need %d or %d', (ages, byYoungest, byShares) => {
    expect([adultsNeeded(youngest, ages), adultsNeeded(shares, ages)]).toEqual([byYoungest, byShares]);
  });

  test('nothing is said without a rule, and below the lowest band the lowest counts', () => {
    expect(adultsNeeded(ratioRuleSchema.parse({}), [9, 50])).toBe(0);
    expect(adultsNeeded(ratioRuleSchema.parse({ bands: bands.slice(1) }), [9, 9, 9])).toBe(1);
  });
});
