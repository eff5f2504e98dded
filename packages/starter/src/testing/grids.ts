// What the smaller rules say at and around their borders: every value on a grid, beside what was approved (approved/grid-*.txt).
import * as core from '@kobby/core';
import {
  adultsNeeded,
  type Book,
  type Months,
  type PlainDay,
  type RatioRule,
  type UnitId,
} from '@kobby/core';
import { contentCount } from '../../../core/src/reading/amounts/content-count.ts';
import { orderNotes, placeFor } from '../../../core/src/reading/circle/order.ts';
import { patienceOf, middleOf } from '../../../core/src/reading/circle/patience.ts';
import { halfGoneAfter } from '../../../core/src/reading/circle/stay.ts';
import { fewOf } from '../../../core/src/reading/ground/finding.ts';
import { seeded } from '../../../core/src/testing/problems.ts';
import { DEMO_TODAY } from '../index.ts';

const upTo = (from: number, to: number, step = 1): number[] =>
  Array.from({ length: Math.floor((to - from) / step) + 1 }, (_, i) => from + i * step);

/** Every list of at most so many of some things. */
function listsOf<T>(things: readonly T[], most: number): T[][] {
  if (most === 0) return [[]];
  const shorter = listsOf(things, most - 1);
  return [
    ...shorter,
    ...shorter
      .filter((list) => list.length === most - 1)
      .flatMap((list) => things.map((one) => [...list, one])),
  ];
}

const MEASURES = ['piece', 'mL', 'g', 'mm'] as const;
const SYSTEMS = ['metric', 'us'] as const;
const AMOUNTS = [
  0,
  0.001,
  0.1,
  0.25,
  1 / 3,
  0.5,
  0.625,
  1,
  1.234,
  2.5,
  4.9,
  7.4,
  14.8,
  28,
  50,
  118.2,
  118.3,
  236.6,
  240,
  454,
  907,
  914.3,
  914.5,
  999,
  1000,
  1680,
  7571,
];

function amounts() {
  const texts = [
    '3',
    '1.5 kg',
    '2 1/3 cups',
    '½ tsp',
    '2,5 m',
    '1/2',
    '1/0 g',
    '',
    '-1',
    'x',
    '3 zogs',
    '1 1/2 lb',
    '12 in',
    '2 L',
    '2 cups',
    '3 g',
    '9999999999 kg',
    '0',
  ];
  return {
    read: texts.flatMap((text) =>
      MEASURES.flatMap((measure) =>
        [null, 0.5].map((density) => [text, measure, density, core.parseAmount(text, measure, density)]),
      ),
    ),
    said: MEASURES.flatMap((measure) =>
      SYSTEMS.map((system) => [
        measure,
        system,
        AMOUNTS.map((amount) => core.formatQuantity({ amount, unit: measure }, system)),
      ]),
    ),
    measured: (['mL', 'g', 'piece'] as const).flatMap((measure) =>
      SYSTEMS.map((system) => AMOUNTS.map((amount) => core.amountText(core.exact(amount), measure, system))),
    ),
    fractions: upTo(0, 3, 1 / 24).map(core.fractionText),
    percent: [0, 0.0004, 0.0005, 0.01, 0.333, 0.9996, 1].map((share) => core.percentText(core.exact(share))),
    money: ['0', '1', '1.5', '1.555', '12.30', '1,20', '-1', 'x', '', '1e3', '99999999'].map((text) =>
      core.parseMoney(text, 'USD'),
    ),
  };
}

function packs() {
  const random = seeded(5);
  const sizes = [0, 0.0004, 0.5, 1, 2, 3, 5, 12];
  const made = listsOf(sizes, 2).map((list) =>
    list.map((amount, i) => ({
      shop: `Shop ${i}`,
      amount,
      price: random() < 0.2 ? null : Math.floor(random() * 9) * 50,
    })),
  );
  return made.map((list) =>
    [0, 0.5, 1, 2, 4, 7, 13, 25].map((need) => core.cheapestPacks(need, list as never)),
  );
}

function weather() {
  const home = { values: core.STARTING_VALUES } as never;
  const temps = upTo(-30, 44, 2);
  const skies = ['sun', 'cloud', 'rain', 'snow', 'wind', 'cloudy', 'clear', 'sunny', 'fog', 'windy'];
  return {
    chill: [...temps, 9.9, 10, 10.1].map((tempC) =>
      [0, 4.7, 4.8, 4.9, 10, 40].map((kph) => core.windChillC(tempC, kph)),
    ),
    heat: [...upTo(20, 44), 26.6, 26.7].map((tempC) =>
      [0, 12, 13, 39, 40, 60, 84, 86, 100].map((humid) => core.heatIndexC(tempC, humid)),
    ),
    told: upTo(-30, 46).flatMap((tempC) =>
      [0, 20].map((windKph) => [
        tempC,
        windKph,
        core.weatherTells({ sky: 'sun', tempC, humidityPercent: 40, windKph, airQuality: 50 } as never, home),
      ]),
    ),
    air: [99, 100, 101, 149, 150, 151, 200].map((airQuality) =>
      core.weatherTells(
        { sky: 'sun', tempC: 20, humidityPercent: 40, windKph: 5, airQuality } as never,
        home,
      ),
    ),
    text: SYSTEMS.map((units) =>
      temps.map((tempC) => core.weatherText({ sky: 'rain', tempC, windKph: 33 } as never, units)),
    ),
    wet: skies.map((sky) => [sky, core.isWet({ sky } as never)]),
  };
}

function times() {
  const births = ['2020-02-29', '2024-01-31', '2026-03-11', '2026-03-12'] as PlainDay[];
  const days = ['2027-02-28', '2027-03-01', '2027-03-11', '2028-02-29', '2028-03-31'] as PlainDay[];
  return {
    ages: births.map((birth) => days.map((day) => core.ageInMonths(birth, day))),
    aged: upTo(0, 90)
      .map((months) => core.formatAge(months as Months))
      .join(' · '),
    lasting: upTo(0, 200, 5).map(core.formatDuration).join(' · '),
    seconds: [0, 29, 59, 59.4, 59.6, 60, 61, 119.6, 120, 200, 3600].map(core.formatSeconds),
    clock: [0, 59, 60, 719, 720, 779, 780, 1439].map((minutes) => core.formatMinutes(minutes)),
    days: listsOf([1, 2, 3, 4, 5], 4)
      .filter((list) => list.every((day, i) => i === 0 || day > list[i - 1]!))
      .map(core.formatDays)
      .join(' · '),
    listed: upTo(0, 7).map((n) => [
      core.listed(upTo(1, n).map(String)),
      n === 0 ? '' : fewOf(upTo(1, n).map(String)),
    ]),
    weeks: upTo(0, 9).map((n) => core.weekdayOf(core.addDays('2027-02-26' as PlainDay, n))),
    patterns: ['2027-02-31', '2027-2-3', 'x', '2027-03-11', '0000-00-00'].map(core.parsePlainDay),
  };
}

function words() {
  const many = ['one leaf', 'leaf/leaves', 'kite', 'child', 'sheep', 'box', 'A-B c.', '', '  two  words '];
  const frame = (n: number | null) =>
    ({
      featured: n === null ? [] : [{ kind: 'number', value: `${n}` }],
      unit: { words: ['Kite', 'so-so', "o'er"] },
    }) as never;
  return {
    letters: ['Kite', 'Ann-Kit', "O'er", 'Zoë 2', '', '123'].map(core.lettersIn),
    counts: (['letters-of-words', 'featured-number', 'one-to-n', 'once', 'letters-of-names'] as const).map(
      (times) => [null, 0, 1, 4, 7].map((n) => contentCount(times as never, frame(n), undefined, null)),
    ),
    nouns: many.map((text) => [1, 2, 0].map((n) => core.counted(core.nounOf(text), n))),
    articles: ['apple', 'kite', 'hour', 'unit', 'egg', 'X-ray', 'umbrella', 'one', 'Apple', ''].map(
      core.withArticle,
    ),
    numbers: upTo(0, 130).map(core.numberWord).join(' · '),
  };
}

function ratios() {
  const bands = [
    { fromMonths: 0, perAdult: 3 },
    { fromMonths: 24, perAdult: 6 },
    { fromMonths: 48, perAdult: 8 },
  ];
  const ages = listsOf([6, 23, 24, 47, 48], 4) as Months[][];
  const rules = (['youngest', 'shares'] as const).map((counting): RatioRule => ({
    counting,
    bands,
    largestGroup: 6,
    young: { underMonths: 24, most: 2 },
    text: '',
  }));
  return rules.map((rule) => ages.map((group) => adultsNeeded(rule, group)));
}

const KINDS = Object.keys(core.PIECE_KINDS) as (keyof typeof core.PIECE_KINDS)[];

/** Circles of every order of at most three kinds of pieces, and of what children of every age make of them. */
function circles(book: Book) {
  const reading = core.read(book, 'unit-kites' as UnitId, DEMO_TODAY);
  const { frame } = reading;
  const { home } = frame;
  const orders = listsOf(KINDS, 3).map((kinds) =>
    kinds.map((kind, i) => ({
      piece: { id: `p${i}`, kind },
      title: kind,
      energy: core.PIECE_KINDS[kind].energy,
      length: { seconds: 60 * (i + 1) },
    })),
  ) as never[];
  const run = reading.circles.runs[0]!;
  const children = upTo(0, 96, 3).map((months) => ({
    ...run.children[0]!,
    id: `of-${months}`,
    birth: core.addDays(run.day.date, -Math.round(months * 30.4375) - 1),
  })) as (typeof run.children)[number][];
  const anyAge = { ...run, children };
  return {
    notes: orders.map((parts) => orderNotes({ parts, moment: 'in' } as never).map(({ text }) => text)),
    places: orders.slice(0, 111).map((parts) => KINDS.map((kind) => placeFor({ parts }, kind))),
    halves: listsOf([1, 2, 9], 4).map((list) =>
      halfGoneAfter(list.map((parts) => ({ parts, toTheEnd: parts === 9 }) as never)),
    ),
    patience: children.map((child) =>
      [0.5, 1, 1.4].map((factor) => patienceOf(child, run.day.date, home, factor)),
    ),
    middle: listsOf([60, 120, 300], 3)
      .filter(({ length }) => length > 0)
      .map((list) => middleOf(list.map((seconds) => ({ seconds }) as never))),
    suits: Object.values(book.bookTitles).map((title) => [
      title.id,
      core.whoSuits(title, anyAge).map(({ id }) => id as string),
    ]),
    ideas: [run, anyAge, { ...run, parts: [] }, { ...run, children: [] }].map((one) =>
      KINDS.map((kind) =>
        core
          .pieceIdeas(kind, one, reading.circles.stuff, frame)
          .map(({ song, book: title, why }) => [(song ?? title)?.id, why]),
      ),
    ),
    missing: orders.map((parts) => core.missingIn({ ...run, parts } as never, frame)),
  };
}

function lists() {
  const row = 'Key hunt,24,60,Finds a key';
  return [
    'title,from,until,does\nKey hunt,24,60,Finds a key',
    'Title,FROM,unknown\nKey hunt,24,60',
    'Key hunt\nKey hunt\nOther hunt',
    'from,until\n1,2',
    'title\tfrom\nKey hunt\t24',
    '"open,24',
    `title,from,until,does\n${Array.from({ length: 201 }, (_, i) => row.replace('Key', `Key ${i}`)).join('\n')}`,
    Array.from({ length: 202 }, (_, i) => `Hunt ${i}`).join('\n'),
    'title,from,until\nA,60,24\nB,-1,\nC,,999\nD,1.5,2',
    `title\n${'x'.repeat(200)}`,
    'x'.repeat(200_000),
    '   ',
  ].map(core.readActivityList);
}

/** What a link lets its holder tick and write, over everything of a home. */
function scopes(book: Book) {
  const share = {
    unitId: 'unit-kites',
    version: 1,
    id: 'link-a',
    label: 'Sol',
    fromDay: 3,
    toDay: 7,
    lastDate: null,
    personId: 'person-sol',
    locked: false,
    revokedAt: null,
  };
  const placements = Object.values(book.placements);
  return (['all', 'stations'] as const).map((scope) => {
    const handover = core.project(book, { ...share, scope } as never, DEMO_TODAY)!;
    return upTo(1, 10).map((day) => [
      core.mayWrite(handover, day, null),
      placements.filter(({ id }) => core.mayWrite(handover, day, id)).map(({ id }) => id as string),
      placements
        .filter(({ id }) => core.mayTick(handover, { day, placementId: id, supplyId: null } as never))
        .map(({ id }) => id as string),
    ]);
  });
}

/** The circles of a home that keeps other times for them, and what is offered for each thing that is said of them. */
function circleMends(book: Book) {
  const home = core.homeOf(book);
  const counting = (): (() => string) => {
    let count = 0;
    return () => `new-${(count += 1)}`;
  };
  return [4, 8, 12, 25].flatMap((minutes) =>
    [0, 3].map((years) => {
      const blocks = home.blocks.map((block) => (block.isCircle ? { ...block, minutes } : block));
      const children = Object.fromEntries(
        Object.entries(book.children).map(([id, child]) => [
          id,
          { ...child, birth: core.addDays(child.birth, years * 365) },
        ]),
      );
      const other = { ...book, children, homes: { [home.id]: { ...home, blocks } } } as Book;
      const reading = core.read(other, 'unit-kites' as UnitId, DEMO_TODAY);
      const told = reading.headsUps.filter(({ rule }) => rule.startsWith('circle'));
      return told.map((finding) => [
        finding,
        core
          .mendsFor(other, 'unit-kites' as UnitId, finding, DEMO_TODAY, counting())
          .map(({ label, changes }) => [label, changes]),
      ]);
    }),
  );
}

/** The home as it is seen on every other day from before its unit until after it. */
const days = (book: Book) =>
  upTo(0, 44, 2).map((n) => {
    const day = core.addDays('2027-02-24' as PlainDay, n);
    const reading = core.read(book, 'unit-kites' as UnitId, day);
    return [
      day,
      reading.headsUps,
      reading.ready.entries,
      reading.supplies,
      reading.prints,
      reading.packing,
      core.watchedIn(book, day),
      core.houseNotes(book, day),
      core.keepsakesOf(book, reading, day),
      core.yearOf(book, day),
    ];
  });

export const GRIDS: Readonly<Record<string, (book: Book) => unknown>> = {
  amounts,
  packs,
  weather,
  times,
  words,
  ratios,
  circles,
  'circle-mends': circleMends,
  days,
  lists,
  scopes,
};
