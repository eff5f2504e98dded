// Everything that Kobby says about the demo home and about three odd ones, word for word, beside what was approved before
// (approved/*.txt). What becomes another is looked at and, when it is right, approved: npx vitest run approved -u.
import * as core from '@kobby/core';
import {
  applyGesture,
  calendarFile,
  changesOfPlan,
  changesToCarryOn,
  circleBlocks,
  composeNoteHome,
  dayProblems,
  describeGesture,
  forgets,
  withSeenVersions,
  counterFor,
  cupboardOf,
  daysAhead,
  BOOK_KINDS,
  kindOf,
  KINDS,
  eventEntries,
  explainLength,
  explainLine,
  fillerChoices,
  fitFrom,
  fitRun,
  freezeDeep,
  fullHouseDays,
  homeOf,
  houseNotes,
  keepsakesOf,
  LibrarySearch,
  mendsFor,
  missingIn,
  needsOfStage,
  nextWays,
  orderNotes,
  partDoubts,
  PLAN_BREAKERS,
  pieceIdeas,
  preparationEntries,
  PRINTED,
  project,
  read,
  RULES,
  readActivityList,
  sparkFinds,
  startFromEarlier,
  startFromReady,
  staysIn,
  suggestLeads,
  timetableOf,
  watchedIn,
  whoIsHere,
  yearOf,
  dayPlanOf,
  type Actor,
  type Book,
  type Gesture,
  type PlainDay,
  type Recipe,
  type Share,
  type UnitId,
} from '@kobby/core';
import { mkdirSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { describe, expect, test } from 'vitest';
import { z } from 'zod';
import { demoGestures, DEMO_TODAY } from './index.ts';
import { oddActs } from './testing/odd-acts.ts';
import { oddHome, tried } from './testing/odd-home.ts';
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
const LINK = {
  id: 'link-a',
  version: 1,
  unitId: KITES,
  label: 'Sol',
  fromDay: 3,
  toDay: 7,
  lastDate: null,
  personId: 'person-sol',
  scope: 'stations',
  locked: false,
  revokedAt: null,
} as unknown as Share;
const byName = <T>(entries: readonly (readonly [string, T])[]): Record<string, T> =>
  Object.fromEntries(entries);
const counting = (): (() => string) => {
  let count = 0;
  return () => `new-${(count += 1)}`;
};

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
    ways: reading.placements.map((placement) => [placement.id, nextWays(placement, 2, book.supplies)]),
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

  test('makes ready', () =>
    approved(
      'demo-ready',
      ['2027-03-06', DEMO_TODAY, '2027-03-22'].map((day) => [day, read(demo, KITES, day as PlainDay).ready]),
    ));

  test('has ideas for every place', async () => {
    const reading = read(demo, KITES, DEMO_TODAY);
    const spots = [
      ...Object.values(demo.corners).map((corner) => ({ corner })),
      ...Object.values(demo.children).map((child) => ({ child })),
      ...core.AREAS.map((area) => ({ area })),
      { any: true },
    ];
    const search = new LibrarySearch();
    search.follow(demo);
    await approved('demo-ideas', {
      suggestions: spots.map((spot) => [
        spot,
        reading
          .suggestions(spot)
          .slice(0, 12)
          .map(({ activity, ...rest }) => [activity.id, rest]),
      ]),
      spark: Object.values(demo.units).map((unit) => sparkFinds(search, demo, unit, reading.things)),
      year: yearOf(demo, DEMO_TODAY),
    });
  });

  test('sings', async () => {
    const reading = read(demo, KITES, DEMO_TODAY);
    const { frame, circles } = reading;
    const kinds = Object.keys(core.PIECE_KINDS) as (keyof typeof core.PIECE_KINDS)[];
    const runs = circles.runs.map((run) => ({
      day: run.day.number,
      parts: run.parts.map((part) => [explainLength(part.length), partDoubts(part, run)]),
      stays: staysIn(run, frame.home, circles.patience.factor),
      missing: missingIn(run, frame),
      notes: orderNotes(run),
      ideas: kinds.map((kind) => [kind, pieceIdeas(kind, run, circles.stuff, frame).slice(0, 6)]),
      fitted: [120, 240, 360, 480, 600, 900, 1500].map((seconds) =>
        fitRun(run, seconds, { stuff: circles.stuff, frame, reach: 'day', newId: counting() }),
      ),
      pulled: (['longer', 'shorter'] as const).map((pull) =>
        fitFrom(run, 1, pull, { stuff: circles.stuff, frame, newId: counting() }),
      ),
    }));
    await approved('demo-circles', { blocks: circleBlocks(homeOf(demo)), runs, patience: circles.patience });
  });

  test('cooks', async () => {
    const targets = [
      { kind: 'batches', batches: 1 },
      { kind: 'batches', batches: 0.5 },
      { kind: 'children', children: 7, shareMl: 60, spareShares: 1 },
      { kind: 'volume', amount: 500 },
    ] as const;
    const orders = targets.flatMap((target) =>
      (['metric', 'us'] as const).map((system) => ({
        target,
        system,
        way: 'kept' as const,
        wanted: { without: [], onlyFood: target.kind === 'children' },
        children: Object.values(demo.children),
      })),
    );
    await approved(
      'demo-kitchen',
      Object.values(demo.recipes).map((recipe: Recipe) => [
        recipe.id,
        timetableOf(recipe, '15:00' as never, 540),
        orders.map((order) => counterFor(recipe, demo.supplies, demo.stockMoves, order as never)),
      ]),
    );
  });

  test('has bins', () =>
    approved(
      'demo-bins',
      core.fillableTubs(demo.supplies).flatMap((tub) =>
        [30, 60].map((depthPercent) => [
          tub.id,
          fillerChoices(
            { tubId: tub.id, depthPercent } as never,
            demo.supplies,
            demo.recipes,
            demo.stockMoves,
            {
              children: Object.values(demo.children),
              day: DEMO_TODAY,
            },
          ),
        ]),
      ),
    ));

  test('is looked at as a house', () =>
    approved('demo-house', {
      notes: houseNotes(demo, DEMO_TODAY),
      cupboard: cupboardOf(demo, DEMO_TODAY),
      ahead: daysAhead(demo, DEMO_TODAY, 21),
      fullHouse: watchedIn(demo, DEMO_TODAY).flatMap(({ stages }) =>
        stages.map((stage) =>
          fullHouseDays(stage, homeOf(demo), Object.values(demo.closures), Object.values(demo.children), {
            absences: Object.values(demo.absences),
            extras: Object.values(demo.extras),
          } as never),
        ),
      ),
      watched: watchedIn(demo, DEMO_TODAY),
      needs: Object.values(demo.observations).flatMap(({ stages }) =>
        stages.map((stage) => needsOfStage(stage, demo.supplies, demo.stockMoves)),
      ),
    }));

  test('finds what is looked for', async () => {
    const search = new LibrarySearch();
    search.follow(demo);
    const wishes = [
      ...['kite', 'kite reapir', 'wind', 'pouring', 'lantren', 'count', 'zebra'].map((words) => ({ words })),
      ...['clean', 'some', 'messy'].map((mess) => ({ words: '', mess })),
      { words: 'wind', place: 'outdoors' },
      { words: '', onHand: true, place: 'outdoors' },
      { words: 'paper', usedBefore: true },
      { words: '', lovedBefore: true },
    ];
    await approved(
      'demo-search',
      wishes.map((wish) => [
        wish,
        search
          .find(wish as never)
          .slice(0, 20)
          .map((one) => (one as { key: string }).key),
      ]),
    );
  });

  test('goes through its days', async () => {
    const reading = read(demo, KITES, DEMO_TODAY);
    const { frame } = reading;
    const days = frame.calendar.days.map(({ number }) => {
      const plan = dayPlanOf(demo, reading, number)!;
      const attendance = frame.attendance[number - 1]!;
      const here = whoIsHere(attendance, Object.values(demo.children), demo.arrivals);
      return {
        number,
        plan,
        here,
        leads: suggestLeads(reading, plan),
        offers: Object.keys(PLAN_BREAKERS).map((because) =>
          changesOfPlan(
            demo,
            reading,
            { plan, minutes: 9 * 60, children: attendance.children.slice(1) },
            because as never,
          ),
        ),
      };
    });
    await approved('demo-days', {
      days,
      keepsakes: keepsakesOf(demo, reading, DEMO_TODAY),
    });
  });

  test('is handed over', async () => {
    await approved(
      'demo-links',
      (['all', 'stations'] as const).map((scope) => project(demo, { ...LINK, scope }, DEMO_TODAY)),
    );
  });

  test('goes on paper, into calendars and into a note home', async () => {
    const reading = read(demo, KITES, DEMO_TODAY);
    const sheets = Object.entries(PRINTED).map(([name, { pages, perDay }]) => [
      name,
      (perDay ? [1, 4, 5, 8] : [1]).map((number) => pages(demo, reading, number, DEMO_TODAY)),
    ]);
    const files = [eventEntries(reading), preparationEntries(reading)].map((entries) =>
      calendarFile('Kites', entries, { zone: homeOf(demo).zone, stamp: Date.parse('2027-03-11T12:00:00Z') }),
    );
    await approved(
      'demo-paper',
      { sheets, files, note: composeNoteHome(demo, reading, DEMO_TODAY) },
      Infinity,
    );
  });

  test('begins other units', async () => {
    const reading = read(demo, KITES, DEMO_TODAY);
    const unit = { id: 'unit-new', title: 'New', style: 'theme', start: '2027-05-03', dayCount: 8 } as const;
    await approved('demo-starts', {
      ready: Object.values(demo.readyUnits).map((ready) => startFromReady(ready, demo, unit, counting())),
      earlier: ['unit-post', 'unit-kites'].map((id) =>
        startFromEarlier(demo, id as UnitId, unit, counting()),
      ),
      carryOn: reading.placements.map((placement) =>
        changesToCarryOn(placement, 5, reading.frame, counting()),
      ),
      list: readActivityList(
        'title,from,until,does,skills\nKey hunt,24,60,Finds a key,counting\n,12,,x,\nA,none,,,flying',
      ),
    });
  });
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
});

test('what is found weighs what its rule may weigh, in a row that it owns', () => {
  for (const book of [demo, ...[4, 5].map((seed) => oddHome(demo, seed, 80))]) {
    for (const unitId of Object.keys(book.units) as UnitId[]) {
      for (const { rule, level, row } of read(book, unitId, DEMO_TODAY).headsUps) {
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
      sheets: Object.values(PRINTED).map(({ pages }) => pages(odd, reading, 4, today)),
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
