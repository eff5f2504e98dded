// Everything that Kobby says about the demo home and about three odd ones, word for word, beside what was approved before
// (approved/*.txt). What becomes another is looked at and, when it is right, approved: npx vitest run approved -u.
import * as core from '@kobby/core';
import {
  applyGesture,
  dayProblems,
  describeGesture,
  forgets,
  withSeenVersions,
  cupboardOf,
  daysAhead,
  BOOK_KINDS,
  kindOf,
  KINDS,
  explainLine,
  freezeDeep,
  houseNotes,
  mendsFor,
  nextWays,
  orderNotes,
  PRINTED,
  printedPages,
  project,
  read,
  RULES,
  staysIn,
  suggestLeads,
  watchedIn,
  dayPlanOf,
  type Actor,
  type Book,
  type Gesture,
  type PlainDay,
  type PrintedId,
  type UnitId,
} from '@kobby/core';
import { mkdirSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { describe, expect, test } from 'vitest';
import { z } from 'zod';
import { lpText, modelOf } from '../../core/src/schedule/model.ts';
import { aProblem, seeded } from '../../core/src/testing/problems.ts';
import { demoGestures, DEMO_TODAY } from './index.ts';
import { GRIDS } from './testing/grids.ts';
import { oddActs } from './testing/odd-acts.ts';
import { oddHome, tried } from './testing/odd-home.ts';
import { counting, LINK, SECTIONS } from './testing/sections.ts';
import { told } from './testing/told.ts';

const KITES = 'unit-kites' as UnitId;
const EMPTY = core.EMPTY_BOOK;
const demo = demoGestures().reduce<Book>((book, changes) => tried(book, changes), EMPTY);

// Long answers are kept as a sum that tells that they became another. With KOBBY_TOLD=folder all of them are written there
// whole, to be compared before and after.
const whole = process.env.KOBBY_TOLD;
function approved(name: string, value: unknown, depth = 2): Promise<void> {
  if (whole) {
    mkdirSync(whole, { recursive: true });
    writeFileSync(join(whole, `${name}.txt`), told(value));
  }
  return expect(told(value, depth)).toMatchFileSnapshot(`approved/${name}.txt`);
}
const ODD_HOMES = 10;
const byName = <T>(entries: readonly (readonly [string, T])[]): Record<string, T> =>
  Object.fromEntries(entries);
/** What a unit says about itself, all of it. */
function everything(book: Book, unitId: UnitId, today: PlainDay, withMends = true) {
  const reading = read(book, unitId, today);
  const { frame, shelf, supplies, cost, prints, trays, changeOvers, circles, packing, outOfReach, headsUps } =
    reading;
  return {
    calendar: frame.calendar,
    shelf,
    headsUps: headsUps.map((finding) => ({
      ...finding,
      mends: (withMends ? mendsFor(book, unitId, finding, today, counting()) : []).map(
        ({ changes, ...mend }) => [mend, changes],
      ),
    })),
    supplies: supplies.map((line) => [line, explainLine(line, 'metric', 'USD')]),
    cost,
    prints,
    trays,
    ways: reading.placements.map((placement) => [placement.id, nextWays(book, placement, 2)]),
    changeOvers,
    packing,
    outOfReach,
    balance: Object.keys(core.LENSES).map((lens) => reading.balance(lens as never)),
    verdicts: reading.placements.map((placement) => [placement.id, reading.verdicts(placement)]),
    circles: circles.runs.map((run) => [run.day.number, run.block.id, run.seconds, run.parts]),
  };
}

// What kinds are is told by their schemas, and tried by the tests of book and storage.
const KINDS_THEMSELVES = new Set<unknown>(Object.values(BOOK_KINDS));

describe('what is written in tables', () => {
  test('stays as it is', async () => {
    const tables = Object.entries(core).filter(
      ([, value]) =>
        typeof value !== 'function' &&
        !(value instanceof z.ZodType) &&
        value !== BOOK_KINDS &&
        !KINDS_THEMSELVES.has(value) &&
        value !== PRINTED,
    );
    await approved('tables', byName(tables), Infinity);
  });

  test('schemas take what they took', async () => {
    const schemas = [
      ...KINDS.map((kind) => [kind, kindOf(kind).schema]),
      ...Object.entries(core).filter(([, value]) => value instanceof z.ZodType),
    ] as [string, z.ZodType][];
    const shapes = schemas.map(([name, schema]) => {
      const { $schema: _, ...shape } = z.toJSONSchema(schema, {
        io: 'input',
        unrepresentable: 'any',
        reused: 'inline',
      });
      return [name, shape] as const;
    });
    await approved('schemas', byName(shapes), 2);
  });
});

describe('the demo home', () => {
  test.each(Object.keys(demo.units).filter((id) => id !== KITES))('reads the unit %s', async (id) => {
    const { headsUps, supplies, cost, balance, changeOvers } = everything(demo, id as UnitId, DEMO_TODAY);
    await approved(`demo-${id}`, { headsUps, supplies, cost, balance, changeOvers });
  });

  test('reads its unit of today', () => approved('demo-kites', everything(demo, KITES, DEMO_TODAY)));

  test('reads it before it begins and on its last days', () =>
    approved(
      'demo-kites-other-days',
      ['2027-02-20', '2027-03-05', '2027-03-19', '2027-04-02'].map((day) => {
        const { headsUps, supplies, cost } = read(demo, KITES, day as PlainDay);
        return [
          day,
          headsUps,
          supplies.map((line) => [line.supply.id, line.need, line.buy, line.packs]),
          cost,
        ];
      }),
    ));

  test.each(Object.entries(SECTIONS))('answers as before: %s', (name, answer) =>
    approved(`demo-${name}`, answer(demo), name === 'paper' ? Infinity : 2),
  );
});

describe.each([1, 2, 3])('an odd home, made from seed %i', (seed) => {
  const odd = freezeDeep(oddHome(demo, seed, 120));

  test('is read', async () => {
    const { headsUps, supplies, ready, trays, outOfReach, changeOvers, shelf, packing } = read(
      odd,
      KITES,
      DEMO_TODAY,
    );
    const early = read(odd, KITES, '2027-03-01' as PlainDay);
    await approved(`odd-${seed}`, {
      headsUps,
      supplies,
      ready: ready.entries,
      trays,
      outOfReach,
      changeOvers,
      shelf,
      packing,
      early: [early.headsUps, early.supplies.map(({ supply, need, buy }) => [supply.id, need, buy])],
    });
  });

  test.each(Object.entries(SECTIONS))('answers as before: %s', (name, answer) =>
    approved(`odd-${seed}-${name}`, answer(odd), 1),
  );
});

const SHORT = new Set(['circles', 'packs', 'days', 'ratios']);
describe('the smaller rules at their borders', () => {
  test.each(Object.entries(GRIDS))('say as before: %s', (name, grid) =>
    approved(`grid-${name}`, grid(demo), SHORT.has(name) ? 1 : 2),
  );
});

test.each([8, 9, 10])('an odder home, made from seed %i, answers as before', async (seed) => {
  const odd = freezeDeep(oddHome(demo, seed, 200));
  const answers = Object.entries(SECTIONS).filter(([name]) => name !== 'mends');
  await approved(
    `odder-${seed}`,
    answers.map(([name, answer]) => [name, answer(odd)]),
    2,
  );
});

test('more odd homes have the mends that they had', async () => {
  const mends = [4, 5, 6].map((seed) => SECTIONS.mends!(freezeDeep(oddHome(demo, seed, 60))));
  await approved('odd-mends', mends, 3);
});

describe('made-up tasks', () => {
  const sizes = [
    { tasks: 4, slots: 3, minutes: 30 },
    { tasks: 9, slots: 5, minutes: 30 },
    { tasks: 14, slots: 6, minutes: 60 },
    { tasks: 30, slots: 10, minutes: 90 },
  ];
  const problems = sizes.flatMap((size, s) =>
    Array.from({ length: 14 }, (_, i) => aProblem(100 * s + i, size)),
  );

  test('are laid into their times as before, and make the same model', () =>
    approved(
      'schedules',
      problems.map((problem) => {
        const laid = core.quickSchedule(problem);
        const model = modelOf(problem);
        return [
          laid,
          core.goalsOf(problem, laid),
          core.holds(problem, laid),
          problem.tasks.length < 10 ? lpText(model, { unplaced: 1, over: 2 }, { last: 3 }) : null,
        ];
      }),
      1,
    ));

  test('are bought in packs as before', () => {
    const random = seeded(11);
    const upTo = (most: number): number => Math.floor(random() * (most + 1));
    const packs = () =>
      Array.from({ length: 1 + upTo(3) }, (_, i) => ({
        shop: `Shop ${i}`,
        amount: [1, 3, 5, 6, 12, 20, 50, 100][upTo(7)]!,
        price: random() < 0.15 ? null : upTo(900),
      }));
    return approved(
      'packs',
      Array.from({ length: 120 }, () => {
        const need = random() < 0.1 ? upTo(2) / 2 : upTo(300);
        return [need, core.cheapestPacks(need, packs() as never)];
      }),
      1,
    );
  });
});

test('calendars of closures are read as before', async () => {
  const event = (...lines: readonly string[]): string =>
    ['BEGIN:VEVENT', 'UID:a', 'DTSTAMP:20270101T000000Z', ...lines, 'END:VEVENT'].join('\r\n');
  const calendar = (...events: readonly string[]): string =>
    ['BEGIN:VCALENDAR', 'VERSION:2.0', 'PRODID:x', ...events, 'END:VCALENDAR', ''].join('\r\n');
  const day = 'DTSTART;VALUE=DATE:20270405';
  const texts = [
    calendar(event(day, 'SUMMARY:Spring break', 'DTEND;VALUE=DATE:20270410')),
    calendar(event(day, 'SUMMARY:One day'), event('SUMMARY:No day')),
    calendar(event('DTSTART:20270405T090000Z', 'DTEND:20270405T110000Z', 'SUMMARY:Two hours')),
    calendar(event('DTSTART:20270405T220000Z', 'DTEND:20270407T020000Z', 'SUMMARY:Over night')),
    calendar(event(day, 'SUMMARY:Each month', 'RRULE:FREQ=MONTHLY;COUNT=4')),
    calendar(event(day, 'SUMMARY:Each day for ever', 'RRULE:FREQ=DAILY')),
    calendar(event(day, 'SUMMARY:Weekly', 'RRULE:FREQ=WEEKLY;COUNT=3', 'EXDATE;VALUE=DATE:20270412')),
    calendar(event('DTSTART;VALUE=DATE:20260101', 'SUMMARY:Long ago')),
    calendar(event(day, `SUMMARY:${'long '.repeat(60)}`), event(day, 'SUMMARY:<b>')),
    calendar(event(day, 'STATUS:CANCELLED', 'SUMMARY:Cancelled'), event(day, 'SUMMARY:')),
    calendar(),
    'BEGIN:VCALENDAR\r\nnonsense',
    'x'.repeat(1_000_001),
    '',
  ];
  await approved(
    'closures',
    texts.map((text) => core.readClosures(text, '2027-03-01' as PlainDay, '2027-12-31' as PlainDay)),
  );
});

test('what is found weighs what its rule may weigh, in a row that it owns', () => {
  for (const book of [demo, ...[4, 5].map((seed) => oddHome(demo, seed, 80))]) {
    for (const unitId of Object.keys(book.units) as UnitId[]) {
      for (const { rule, level, row, days } of read(book, unitId, DEMO_TODAY).headsUps) {
        expect([rule, days]).toEqual([rule, [...new Set(days)].toSorted((a, b) => a - b)]);
        const { levels, rows = [] } = RULES[rule];
        expect([rule, levels]).toEqual([rule, expect.arrayContaining([level])]);
        if (rule !== 'caution' && row !== undefined)
          expect([rule, rows]).toEqual([rule, expect.arrayContaining([row])]);
      }
    }
  }
});

test('odd acts are answered as before', async () => {
  const person: Actor = { kind: 'person', id: 'person-mara', name: 'Mara' };
  const answers = oddActs(demo, 7, 14).map((change, i) => {
    const raw = {
      id: `odd-act-${i}-of-many`,
      at: '2027-03-11T10:00:00.000Z',
      changes: [change],
      bases: {},
    } as Gesture;
    const seen = i % 5 === 0 ? raw : withSeenVersions(demo, raw, person);
    const outcome = applyGesture(demo, seen, person);
    const said = [dayProblems(seen, DEMO_TODAY), describeGesture(demo, seen), forgets(seen)];
    if (outcome.outcome !== 'kept') return [change.type, outcome, said];
    const { book, touched, inverse } = outcome;
    const became = touched.map(({ kind, id }) => ({ ...(book[kind][id] ?? { gone: id }), version: 'new' }));
    return [change.type, touched, said, became, inverse];
  });
  await approved('odd-acts', answers, 1);
});

test('many odd homes are read as before', async () => {
  const homes = Array.from({ length: ODD_HOMES }, (_, i) => {
    const odd = freezeDeep(oddHome(demo, 100 + i, 40 + i * 8));
    const today = i % 3 === 0 ? ('2027-03-02' as PlainDay) : DEMO_TODAY;
    const reading = read(odd, KITES, today);
    const plans = reading.frame.calendar.days.map(({ number }) => dayPlanOf(odd, reading, number)!);
    return {
      seed: 100 + i,
      ...everything(odd, KITES, today, i % 4 === 0),
      ready: reading.ready.entries,
      loads: reading.ready.loads,
      circles: reading.circles.runs.map((run) => [run, staysIn(run, reading.frame.home, 1), orderNotes(run)]),
      sheets: (Object.keys(PRINTED) as PrintedId[]).map((id) =>
        printedPages(id, odd, { unitId: KITES, day: 4, today }),
      ),
      plans,
      leads: plans.map((plan) => suggestLeads(reading, plan)),
      link: project(odd, LINK, today),
      house: [
        houseNotes(odd, today),
        daysAhead(odd, today, 14),
        cupboardOf(odd, today),
        watchedIn(odd, today),
      ],
    };
  });
  await approved('odd-homes', homes);
});
