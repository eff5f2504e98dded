// What Kobby says about a home beside its units' own answers, part by part: approved.test.ts asks it of the demo and of odd homes.
import {
  composeNoteHome,
  calendarFile,
  changesOfDayUsed,
  changesOfMaking,
  changesOfPlan,
  changesToCarryOn,
  changesToPutAway,
  circleBlocks,
  counterFor,
  cupboardOf,
  dayPlanOf,
  daysAhead,
  dayToTakeOut,
  eventEntries,
  explainLength,
  fillerChoices,
  fitFrom,
  fitRun,
  fullHouseDays,
  homeOf,
  houseNotes,
  keepsakesOf,
  LibrarySearch,
  mendsFor,
  missingIn,
  needsOfStage,
  orderNotes,
  partDoubts,
  pieceIdeas,
  PLAN_BREAKERS,
  preparationEntries,
  PRINTED,
  printedPages,
  project,
  read,
  readActivityList,
  scaledTo,
  sparkFinds,
  startFromEarlier,
  startFromReady,
  staysIn,
  suggestLeads,
  timetableOf,
  watchedIn,
  whoIsHere,
  yearOf,
  type Book,
  type PlainDay,
  type PrintedId,
  type Recipe,
  type Share,
  type UnitId,
} from '@kobby/core';
import * as core from '@kobby/core';
import { DEMO_TODAY } from '../index.ts';

const KITES = 'unit-kites' as UnitId;
/** A link that is made for some days of the kites. */
export const LINK = {
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

/** New ids, the same ones each time. */
export const counting = (): (() => string) => {
  let count = 0;
  return () => `new-${(count += 1)}`;
};

const kites = (book: Book) => read(book, KITES, DEMO_TODAY);
const children = (book: Book) => Object.values(book.children);

/** The parts, each a question about a whole home. */
export const SECTIONS: Readonly<Record<string, (book: Book) => unknown>> = {
  ready: (book) =>
    ['2027-03-06', DEMO_TODAY, '2027-03-22'].map((day) => [day, read(book, KITES, day as PlainDay).ready]),

  ideas: (book) => {
    const reading = kites(book);
    const spots = [
      ...Object.values(book.corners).map((corner) => ({ corner })),
      ...children(book).map((child) => ({ child })),
      ...core.AREAS.map((area) => ({ area })),
      { any: true },
    ];
    const search = new LibrarySearch();
    search.follow(book);
    return {
      suggestions: spots.map((spot) => [
        spot,
        reading
          .suggestions(spot)
          .slice(0, 12)
          .map(({ activity, ...rest }) => [activity.id, rest]),
      ]),
      spark: Object.values(book.units).map((unit) =>
        sparkFinds(search, book, core.frameOf(book, unit.id), reading.things),
      ),
      year: yearOf(book, DEMO_TODAY),
    };
  },

  circles: (book) => {
    const { frame, circles } = kites(book);
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
    return { blocks: circleBlocks(homeOf(book)), runs, patience: circles.patience };
  },

  kitchen: (book) => {
    const targets = [
      { kind: 'batches', batches: 1 },
      { kind: 'batches', batches: 0.5 },
      { kind: 'children', children: 7, share: { amount: 60, unit: 'mL' }, spareShares: 1 },
      { kind: 'volume', amount: 500 },
    ] as const;
    const orders = targets.flatMap((target) =>
      (['metric', 'us'] as const).map((system) => ({
        target,
        system,
        way: 'kept' as const,
        wanted: { without: [], onlyFood: target.kind === 'children' },
        children: children(book),
      })),
    );
    return Object.values(book.recipes).map((recipe: Recipe) => [
      recipe.id,
      timetableOf(recipe, '15:00' as never, 540),
      orders.map((order) => counterFor(recipe, book.supplies, book.stockMoves, order as never)),
    ]);
  },

  bins: (book) =>
    core.fillableTubs(book.supplies).flatMap((tub) =>
      [30, 60].map((depthPercent) => [
        tub.id,
        fillerChoices(book, { tubId: tub.id, depthPercent } as never, {
          children: children(book),
          day: DEMO_TODAY,
        }),
      ]),
    ),

  house: (book) => ({
    notes: houseNotes(book, DEMO_TODAY),
    cupboard: cupboardOf(book, DEMO_TODAY),
    ahead: daysAhead(book, DEMO_TODAY, 21),
    fullHouse: watchedIn(book, DEMO_TODAY).flatMap(({ stages }) =>
      stages.map((stage) => fullHouseDays(book, stage)),
    ),
    watched: watchedIn(book, DEMO_TODAY),
    needs: Object.values(book.observations).flatMap(({ stages }) =>
      stages.map((stage) => needsOfStage(book, stage)),
    ),
  }),

  search: (book) => {
    const search = new LibrarySearch();
    search.follow(book);
    const wishes = [
      ...['kite', 'kite reapir', 'wind', 'pouring', 'lantren', 'count', 'zebra'].map((words) => ({ words })),
      ...['clean', 'some', 'messy'].map((mess) => ({ words: '', mess })),
      { words: 'wind', place: 'outdoors' },
      { words: '', onHand: true, place: 'outdoors' },
      { words: 'paper', usedBefore: true },
      { words: '', lovedBefore: true },
    ];
    return wishes.map((wish) => [
      wish,
      search
        .find(wish as never)
        .slice(0, 20)
        .map((one) => (one as { key: string }).key),
    ]);
  },

  days: (book) => {
    const reading = kites(book);
    const { frame } = reading;
    const days = frame.calendar.days.map(({ number }) => {
      const plan = dayPlanOf(book, reading, number)!;
      const attendance = frame.attendance[number - 1]!;
      const here = whoIsHere(attendance, children(book), book.arrivals);
      return {
        number,
        plan,
        here,
        leads: suggestLeads(reading, plan),
        offers: Object.keys(PLAN_BREAKERS).map((because) =>
          changesOfPlan(
            book,
            reading,
            { plan, minutes: 9 * 60, children: attendance.children.slice(1) },
            because as never,
          ),
        ),
      };
    });
    return { days, keepsakes: keepsakesOf(book, reading, DEMO_TODAY) };
  },

  mends: (book) =>
    [DEMO_TODAY, '2027-03-05'].map((today) =>
      read(book, KITES, today as PlainDay).headsUps.map((finding) => [
        finding.key,
        mendsFor(book, KITES, finding, today as PlainDay, counting()).map(({ label, changes }) => [
          label,
          changes,
        ]),
      ]),
    ),

  links: (book) =>
    (['all', 'stations'] as const).map((scope) => project(book, { ...LINK, scope }, DEMO_TODAY)),

  paper: (book) => {
    const reading = kites(book);
    const sheets = (Object.keys(PRINTED) as PrintedId[]).map((name) => [
      name,
      (PRINTED[name].perDay ? [1, 4, 5, 8] : [1]).map((day) =>
        printedPages(name, book, { unitId: reading.frame.unit.id, day, today: DEMO_TODAY }),
      ),
    ]);
    const files = [eventEntries(reading), preparationEntries(reading)].map((entries) =>
      calendarFile('Kites', entries, { zone: homeOf(book).zone, stamp: Date.parse('2027-03-11T12:00:00Z') }),
    );
    return { sheets, files, note: composeNoteHome(book, reading, DEMO_TODAY) };
  },

  starts: (book) => {
    const reading = kites(book);
    const unit = { id: 'unit-new', title: 'New', style: 'theme', start: '2027-05-03', dayCount: 8 } as const;
    return {
      ready: Object.values(book.readyUnits).map((ready) => startFromReady(ready, book, unit, counting())),
      earlier: ['unit-post', 'unit-kites'].map((id) =>
        startFromEarlier(book, id as UnitId, unit, counting()),
      ),
      carryOn: reading.placements.map((placement) =>
        changesToCarryOn(placement, 5, reading.frame, counting()),
      ),
      list: readActivityList(
        'title,from,until,does,skills\nKey hunt,24,60,Finds a key,counting\n,12,,x,\nA,none,,,flying',
      ),
    };
  },

  gathering: (book) => {
    const { supplies, frame } = kites(book);
    const stamp = { at: '2027-03-11T12:00:00.000Z', newId: counting() } as never;
    return {
      putAway: changesToPutAway(supplies, stamp),
      out: ['2027-03-06', DEMO_TODAY, '2027-04-22'].map((day) => dayToTakeOut(book, KITES, day as PlainDay)),
      used: frame.calendar.days.map(({ number }) => changesOfDayUsed(book, KITES, number, stamp)),
      made: Object.values(book.recipes).map((recipe) => {
        const scaling = scaledTo(recipe, recipe.ingredients, book.supplies, {
          kind: 'batches',
          batches: 2,
        });
        if (!scaling.ok) return [recipe.id, scaling];
        const own = recipe.ingredients.slice(0, 1).map(({ supplyId }) => ({ supplyId, amount: 7 }));
        return [false, true].map((trial) =>
          changesOfMaking(scaling.scaled, book, { madeOn: DEMO_TODAY, own, trial }, stamp),
        );
      }),
    };
  },
};
