import { describe, expect, test } from 'vitest';
import type { Book } from '../../book/index.ts';
import { plainDay, type PlainDay } from '../../calendar/index.ts';
import type { ChangeInput } from '../../changes/index.ts';
import {
  A_MONDAY,
  aChild,
  aCorner,
  after,
  aMaterial,
  anActivity,
  aSupply,
  attempt,
  inCorner,
  onDay,
  TEST_HOME,
  TEST_UNIT,
  testBook,
} from '../../testing/home.ts';
import { decideReady } from '../../mend/index.ts';
import { seeded } from '../../testing/problems.ts';
import { read } from '../answers/read.ts';
import { readinessOf, type Readiness, type ReadyEntry } from './ready.ts';

type Home = typeof TEST_HOME;
type Prep = NonNullable<Parameters<typeof anActivity>[1]>['prep'];

const THE_FRIDAY_BEFORE = plainDay('2027-03-05');
const week = (minutes: number) => Object.fromEntries(['1', '2', '3', '4', '5'].map((day) => [day, minutes]));

/** Nap time on each working day from 13:00, half an hour on Wednesday evening. */
const HOME: Home = {
  ...TEST_HOME,
  prepSlots: [
    { id: 'nap', name: 'Nap time', start: '13:00', minutes: week(60) },
    { id: 'eve', name: 'Evening', start: '19:30', minutes: { '3': 30 } },
  ],
  waitingPlaces: [
    { id: 'f', name: 'Freezer drawer', kind: 'freezer', holds: 2 },
    { id: 'l', name: 'Line', kind: 'drying-line', holds: 4 },
  ],
};
const homeWith = (rest: Partial<Home>): ChangeInput => ({
  type: 'house/put-home',
  home: { ...HOME, ...rest },
});

const prepared = (id: string, prep: Prep): ChangeInput => anActivity(id, { mode: 'whole-group', prep });
const base = testBook(homeWith({}), aCorner('a'), aChild('kim', '2024-01-01'), aChild('ivo', '2023-01-01'));
const ready = (book: Book, today: PlainDay = A_MONDAY): Readiness => readinessOf(book, today);
const laidIn = (book: Book, today: PlainDay = A_MONDAY): Record<string, string | null> =>
  Object.fromEntries(ready(book, today).entries.map(({ task, slot, state }) => [task.id, slot?.id ?? state]));
const why = (book: Book, id: string, today: PlainDay = A_MONDAY) =>
  ready(book, today).entries.find(({ task }) => task.id === id)?.why;
const findings = (book: Book, today: PlainDay = A_MONDAY) =>
  read(book, TEST_UNIT, today)
    .headsUps.filter(({ rule }) => ['late', 'spoils', 'place-full', 'no-prep-time'].includes(rule))
    .map(({ rule, level, title }) => [rule, level, title]);

describe('a task is laid backwards from the moment that needs it', () => {
  const cut: Prep = [{ id: 'cut', text: 'Cut strips', minutes: 20 }];

  test('into the latest time before it', () => {
    // Day 4 is Thursday the 11th, at table time: the evening before would be the last one.
    const book = after(base, prepared('strips', cut), onDay('p', 'strips', 4));
    expect(laidIn(book)).toMatchObject({ 'p:cut': '2027-03-10:nap' });
  });

  test('a night before, where it dries, and not in the evening that is too late', () => {
    const dye: Prep = [{ id: 'dye', text: 'Dye', minutes: 20, waitHours: 18, waitsIn: 'drying-line' }];
    const book = after(base, prepared('rice', dye), onDay('p', 'rice', 4));
    expect(laidIn(book)).toMatchObject({ 'p:dye': '2027-03-10:nap' });
    const longer: Prep = [{ ...dye[0]!, waitHours: 20 }];
    expect(laidIn(after(base, prepared('rice', longer), onDay('p', 'rice', 4)))).toMatchObject({
      'p:dye': '2027-03-09:nap',
    });
  });

  test('on the same morning, where it spoils: nothing is near enough', () => {
    const mix: Prep = [{ id: 'mix', text: 'Mix', minutes: 5, mostLeadHours: 4 }];
    const book = after(base, prepared('foam', mix), onDay('p', 'foam', 4));
    expect(why(book, 'p:mix')).toMatchObject({ kind: 'spoils' });
    expect(findings(book)).toEqual([['spoils', 'care', 'Spoils before it is used: foam']]);
    // In the afternoon, nap time is near enough.
    expect(laidIn(after(base, prepared('foam', mix), onDay('p', 'foam', 4, 'late')))).toMatchObject({
      'p:mix': '2027-03-11:nap',
    });
  });

  test('what spoils is made anew for each day; what keeps, once', () => {
    const both: Prep = [
      { id: 'mix', text: 'Mix', minutes: 5, mostLeadHours: 30 },
      { id: 'cut', text: 'Cut', minutes: 5 },
    ];
    const book = after(base, anActivity('tub', { prep: both }), inCorner('p', 'tub', 'a', 2, 4));
    expect(Object.keys(laidIn(book)).filter((id) => id.startsWith('p:'))).toEqual([
      'p:mix:2',
      'p:mix:3',
      'p:mix:4',
      'p:cut',
    ]);
  });

  test('minutes for each child count those who come', () => {
    const each: Prep = [{ id: 'cut', text: 'Cut', minutes: 6, per: 'child' }];
    const book = after(base, prepared('kite', each), onDay('p', 'kite', 4));
    const [entry] = ready(book).entries;
    expect([entry?.task.minutes, entry?.task.how]).toEqual([12, '2 children × 6 min']);
  });

  test("a child's own step that waits for nothing takes nobody's time", () => {
    const own: Prep = [
      { id: 'tear', text: 'Tear', minutes: 10, owner: 'child' },
      { id: 'glue', text: 'Glue', minutes: 10, owner: 'together', leadHours: 12 },
    ];
    const book = after(base, prepared('collage', own), onDay('p', 'collage', 4));
    expect(laidIn(book)).toEqual({ 'p:glue': '2027-03-10:children' });
  });

  test('over the night on which the clocks change, an hour is missing', () => {
    const freeze: Prep = [{ id: 'f', text: 'Freeze', minutes: 5, leadHours: 67.5 }];
    // From Friday 14:00 to Monday 09:30 the clock counts 67½ hours, and one of them does not exist.
    const book = after(base, prepared('ice', freeze), onDay('p', 'ice', 6));
    expect(laidIn(book)).toMatchObject({ 'p:f': '2027-03-11:nap' });
  });
});

describe('needs', () => {
  const chain: Prep = [
    { id: 'dye', text: 'Dye', minutes: 20, waitHours: 12, waitsIn: 'drying-line' },
    { id: 'fill', text: 'Fill', minutes: 20, needs: ['dye'] },
  ];

  test('come before, and what dries is waited for', () => {
    const book = after(base, prepared('rice', chain), onDay('p', 'rice', 3));
    expect(laidIn(book)).toMatchObject({ 'p:dye': '2027-03-08:nap', 'p:fill': '2027-03-09:nap' });
  });

  test('in a circle are refused, with the place', () => {
    const circle: Prep = [
      { id: 'a', text: 'A', minutes: 1, needs: ['b'] },
      { id: 'b', text: 'B', minutes: 1, needs: ['a'] },
    ];
    expect(() => after(base, prepared('x', circle))).toThrow(/needs this one, by itself or through others/);
    expect(() => after(base, prepared('x', [{ id: 'a', text: 'A', minutes: 1, needs: ['z'] }]))).toThrow(
      /no such line any more/,
    );
    expect(() => after(base, prepared('x', [{ id: 'a', text: 'A', minutes: 1, needs: ['a'] }]))).toThrow(
      /cannot come before itself/,
    );
  });

  test('what is done before what it needs is told', () => {
    const book = after(base, prepared('rice', chain), onDay('p', 'rice', 3), {
      type: 'ready/done',
      unitId: TEST_UNIT,
      taskId: 'p:fill',
    });
    const entry = (one: Book) => ready(one).entries.find(({ task }) => task.id === 'p:fill')!;
    expect(entry(book)).toMatchObject({ state: 'done', doneBefore: 'Dye' });
    const both = after(book, { type: 'ready/done', unitId: TEST_UNIT, taskId: 'p:dye' });
    expect(entry(both).doneBefore).toBeNull();
  });

  test('what is done at last is waited for from then on', () => {
    const late = after(base, prepared('rice', chain), onDay('p', 'rice', 4), {
      type: 'ready/done',
      unitId: TEST_UNIT,
      taskId: 'p:dye',
    });
    // Ticked on Monday morning: dry in the night.
    expect(laidIn(late)).toMatchObject({ 'p:dye': 'done', 'p:fill': '2027-03-10:nap' });
  });
});

describe('when it does not fit', () => {
  const big = (minutes: number): Prep => [{ id: 'cut', text: 'Cut', minutes }];

  test('the minutes that are missing are told', () => {
    const book = after(base, prepared('x', big(100)), onDay('p', 'x', 2));
    expect(why(book, 'p:cut')).toMatchObject({ kind: 'minutes', missing: 40 });
    expect(findings(book)).toEqual([['late', 'care', 'Not ready in time: x']]);
  });

  test('a wait that is longer than the time left is told', () => {
    const wait: Prep = [{ id: 'w', text: 'Dry', minutes: 5, waitHours: 48 }];
    const book = after(base, prepared('x', wait), onDay('p', 'x', 3));
    expect(why(book, 'p:w')?.text).toBe(
      'It needs 2 days before it is used; 1 day 19 h are left: 4 h 30 min too few.',
    );
  });

  test('a place that is full is told', () => {
    const freeze: Prep = [{ id: 'f', text: 'Freeze', minutes: 5, waitHours: 8, waitsIn: 'freezer' }];
    const book = after(base, prepared('ice', freeze), ...['p', 'q', 'r'].map((id) => onDay(id, 'ice', 2)));
    expect(ready(book).entries.filter(({ state }) => state === 'unplaced')).toHaveLength(1);
    expect(findings(book)).toEqual([['place-full', 'care', 'No room for it to wait: ice']]);
  });

  test('without any times, one note says so', () => {
    const book = after(base, homeWith({ prepSlots: [] }), prepared('x', big(10)), onDay('p', 'x', 4));
    expect(findings(book)).toEqual([['no-prep-time', 'note', 'No time for making ready is known']]);
    expect(why(book, 'p:cut')?.kind).toBe('no-time');
  });

  test('a time of no minutes is refused, with the place', () => {
    const outcome = attempt(base, [
      homeWith({
        prepSlots: [...HOME.prepSlots!, { id: 'x', name: 'Never', start: '10:00', minutes: { '1': 0 } }],
      }),
    ]);
    expect(outcome).toMatchObject({
      outcome: 'refused',
      refusal: { reason: 'no-minutes', path: ['changes', 0, 'home', 'prepSlots', 2, 'minutes'] },
    });
  });

  test('nothing is asked for what began before today, and today asks whether it is ready', () => {
    const book = after(base, prepared('x', big(10)), onDay('p', 'x', 2));
    expect(findings(book, plainDay('2027-03-09'))).toEqual([['late', 'care', 'Is it ready? x']]);
    expect(findings(book, plainDay('2027-03-10'))).toEqual([]);
  });
});

describe('what somebody decides', () => {
  const ways: Prep = [
    {
      id: 'cut',
      text: 'Cut kites',
      minutes: 50,
      instead: [{ text: 'The children cut', minutes: 5, laterMinutes: 15 }],
    },
  ];
  const book = after(base, prepared('kite', ways), onDay('p', 'kite', 4));
  const decided = (rest: object): Book =>
    after(book, { type: 'ready/choose', choice: { id: 'p:cut', unitId: TEST_UNIT, ...rest } });
  const entries = (one: Book): readonly ReadyEntry[] => ready(one).entries;

  test('a time of its own', () => {
    expect(laidIn(decided({ slotId: '2027-03-08:nap' }))).toEqual({ 'p:cut': '2027-03-08:nap' });
    expect(why(decided({ slotId: '2027-03-12:nap' }), 'p:cut')?.text).toMatch(/comes too late, or is gone/);
  });

  test('another way of preparing it', () => {
    expect(entries(decided({ instead: 0 }))[0]?.task).toMatchObject({
      minutes: 5,
      usualMinutes: 50,
      text: 'Cut kites – The children cut',
    });
  });

  test('several parts, each with a time', () => {
    const split = entries(decided({ parts: 3 }));
    expect(split.map(({ task }) => [task.id, task.minutes, task.part])).toEqual([
      ['p:cut.1', 17, '1 of 3'],
      ['p:cut.2', 17, '2 of 3'],
      ['p:cut.3', 16, '3 of 3'],
    ]);
    const one = after(decided({ parts: 3 }), {
      type: 'ready/choose',
      choice: { id: 'p:cut.2', unitId: TEST_UNIT, slotId: '2027-03-08:nap' },
    });
    expect(laidIn(one)['p:cut.2']).toBe('2027-03-08:nap');
  });

  test('with the children, or not at all', () => {
    expect(laidIn(decided({ withChildren: true }))).toEqual({ 'p:cut': '2027-03-10:children' });
    expect(laidIn(decided({ skip: 'made' }))).toEqual({ 'p:cut': 'left-out' });
  });

  test('what people were shown stays, and what moves is marked', () => {
    const shown = after(book, {
      type: 'ready/publish',
      plan: { unitId: TEST_UNIT, entries: [{ taskId: 'p:cut', slotId: '2027-03-09:nap' }] },
    });
    expect(entries(shown)[0]).toMatchObject({ slot: { id: '2027-03-09:nap' }, isMoved: false });
    const moved = after(shown, {
      type: 'unit/move',
      placementId: 'p',
      where: { kind: 'day', day: 2, blockId: 'table' },
    });
    expect(entries(moved)[0]).toMatchObject({ slot: { id: '2027-03-08:nap' }, isMoved: true });
  });

  test('a time of somebody on one day', () => {
    const more = after(
      base,
      { type: 'house/put-person', person: { id: 'jo', name: 'Jo', role: 'assistant' } },
      prepared('x', [{ id: 'cut', text: 'Cut', minutes: 90 }]),
      onDay('p', 'x', 3),
      {
        type: 'ready/put-time',
        time: {
          id: 't',
          name: "Jo's hour",
          date: plainDay('2027-03-09'),
          start: '15:00',
          minutes: 90,
          personId: 'jo',
        },
      },
    );
    expect(laidIn(more)).toMatchObject({ 'p:cut': '2027-03-09:x:t' });
  });
});

describe('what a unit asks for besides', () => {
  const book = after(
    base,
    aSupply('glue', { got: 'bought' }),
    aSupply('reels', { got: 'bought', arrivesInDays: 5 }),
    aSupply('tubes', { got: 'families' }),
    {
      type: 'library/put-sheet',
      sheet: {
        id: 'cards',
        title: 'Cards',
        laminate: true,
        cut: 'after',
        cardsPerPage: 4,
        finishing: ['ring'],
      },
    },
    anActivity('match', {
      mode: 'whole-group',
      sheetIds: ['cards'],
      materials: [aMaterial('glue', 1), aMaterial('reels', 1), aMaterial('tubes', 1)],
    }),
    onDay('p', 'match', 10),
    { type: 'ready/put-task', task: { id: 'o', unitId: TEST_UNIT, text: 'Try it out', minutes: 15, day: 3 } },
  );
  const kinds = ready(book).entries.map(({ task }) => task.kind);

  test('prints in the order of the sheet, getting, setting out, its folder, and what was added', () => {
    expect(kinds).toEqual([
      'print',
      'laminate',
      'cut',
      'finish',
      'set-out',
      'folder',
      'own',
      'shop',
      'order',
      'ask',
    ]);
    const slots = ['print', 'laminate', 'cut', 'finish'].map((kind) => laidIn(book)[`p:sheet:cards:${kind}`]);
    expect(slots).toEqual(slots.toSorted());
  });

  test('what somebody added for a person is theirs, until it is given to another', () => {
    const task = { id: 'o', unitId: TEST_UNIT, text: 'Try it out', minutes: 15, day: 3, personId: 'mara' };
    const person = (id: string): ChangeInput => ({
      type: 'house/put-person',
      person: { id, name: id, role: 'provider' },
    });
    const theirs = after(book, person('mara'), person('sol'), { type: 'ready/put-task', task });
    const own = (of: Book) => ready(of).entries.find(({ task: one }) => one.kind === 'own')!.task;
    expect(own(theirs).choice?.personId).toBe('mara');
    const split = after(theirs, decideReady(theirs, own(theirs), { note: 'with the new glue' }));
    expect(own(split).choice).toMatchObject({ personId: 'mara', note: 'with the new glue' });
    const given = after(theirs, decideReady(theirs, own(theirs), { personId: null }));
    expect(own(given).choice?.personId).toBeNull();
  });

  test('what takes days to arrive is ordered so many before', () => {
    const order = ready(book).entries.find(({ task }) => task.kind === 'order')!;
    expect(order.slot!.date < '2027-03-15').toBe(true);
    const slow = after(
      book,
      aSupply('slow', { arrivesInDays: 30 }),
      anActivity('stick', { mode: 'whole-group', materials: [aMaterial('slow', 1)] }),
      onDay('late', 'stick', 10),
    );
    const late = ready(slow).entries.find(({ task }) => task.text === 'Order slow')!;
    expect(late.why?.text).toBe('No time is left in which it could be ordered and still arrive.');
  });

  test('shopping is done out of hours, or on an errand', () => {
    const shop = ready(book).entries.find(({ task }) => task.kind === 'shop')!;
    // The evenings are too short for a round: nothing is laid into nap time.
    expect(shop.state).toBe('unplaced');
    const longer = after(book, homeWith({ prepSlots: [HOME.prepSlots![0]!] }));
    expect(ready(longer).entries.find(({ task }) => task.kind === 'shop')?.slot?.kind).toBe('errand');
  });
});

test('in generated units of full size nothing breaks a deadline, wait, gap, need, place or time', () => {
  for (let seed = 1; seed <= 12; seed += 1) {
    const random = seeded(seed);
    const upTo = (most: number): number => Math.floor(random() * (most + 1));
    const some = <T>(list: readonly T[]): T => list[upTo(list.length - 1)]!;
    const changes = Array.from({ length: 40 }, (_, i): ChangeInput[] => {
      const prep: Prep = Array.from({ length: 1 + upTo(3) }, (_, j) => ({
        id: `t${j}`,
        text: `${i}.${j}`,
        minutes: 5 + upTo(4) * 5,
        waitHours: some([0, 0, 8, 12, 30]),
        mostLeadHours: some([null, null, 72]),
        waitsIn: some([null, 'freezer' as const, 'drying-line' as const]),
        needs: j > 0 && random() < 0.5 ? [`t${upTo(j - 1)}`] : [],
      }));
      return [
        prepared(`a${i}`, prep),
        onDay(`p${i}`, `a${i}`, 1 + upTo(9), some(['table', 'groups', 'late'])),
      ];
    });
    const book = after(base, ...changes.flat());
    const reading = ready(book, THE_FRIDAY_BEFORE);
    const laid = reading.entries.filter(({ slot }) => slot !== null);
    expect(reading.entries.length).toBeGreaterThan(60);
    expect(laid.length).toBeGreaterThan(20);
    for (const { task, slot } of laid) {
      const left = task.usedAt - slot!.to;
      expect(left).toBeGreaterThanOrEqual(task.waitMinutes);
      if (task.mostMinutes !== null) expect(left).toBeLessThanOrEqual(task.mostMinutes);
      for (const need of task.needs) {
        const before = reading.entries.find((one) => one.task.id === need.taskId)!;
        expect(before.slot).not.toBeNull();
        expect(slot!.to - before.slot!.to).toBeGreaterThanOrEqual(need.waitMinutes);
      }
    }
    for (const { over, slot } of reading.loads)
      if (slot.minutes !== null) expect(over).toBeLessThanOrEqual(10);
    for (const [kind, room] of [
      ['freezer', 2],
      ['drying-line', 4],
    ] as const) {
      const held = laid
        .filter(({ task }) => task.hold?.kind === kind)
        .map(({ task, slot }) => ({
          from: slot!.to as number,
          to: task.hold!.forMinutes === null ? task.usedAt : slot!.to + task.hold!.forMinutes,
        }));
      for (const { from } of held)
        expect(held.filter((one) => one.from <= from && from <= one.to).length).toBeLessThanOrEqual(room);
    }
  }
});

describe('what is baked takes its waits along', () => {
  type Steps = readonly (readonly [minutes: number, waitMinutes: number])[];
  const ROLLS: Steps = [
    [14, 40],
    [15, 15],
    [5, 10],
    [5, 30],
  ];
  const baking = (steps: Steps, nap: number, rest: object = {}): Book =>
    after(
      base,
      homeWith({ prepSlots: [{ id: 'nap', name: 'Nap time', start: '13:00', minutes: week(nap) }] }),
      aSupply('flour', { unit: 'g', category: 'food', got: 'tap' }),
      aSupply('rolls', { category: 'made' }),
      {
        type: 'library/put-recipe',
        recipe: {
          id: 'rolls',
          title: 'Rolls',
          kind: 'food',
          minutes: 39,
          yields: { amount: 12, unit: 'piece' },
          ingredients: [{ supplyId: 'flour', amount: 480 }],
          steps: steps.map(([minutes, waitMinutes]) => ({ text: 'Go on', minutes, waitMinutes })),
          cooked: true,
          keepsDays: 2,
          makesId: 'rolls',
          ...rest,
        } as never,
      },
      anActivity('eat', { mode: 'whole-group', materials: [aMaterial('rolls', 1)] }),
      onDay('p', 'eat', 3),
    );
  const cooks = (book: Book): ReadyEntry[] => ready(book).entries.filter(({ task }) => task.kind === 'cook');

  test('39 minutes of hands and 65 of waiting do not fit a nap of 60, and it says so', () => {
    const [entry] = cooks(baking(ROLLS, 60));
    expect([entry!.task.minutes, entry!.slot]).toEqual([39, null]);
    expect(entry!.why).toMatchObject({ kind: 'minutes', missing: 44 });
    expect(entry!.why!.text).toBe(
      'It takes 39 min of hands and 65 min of waiting in between, 1 h 44 min in all; no time before it is that long.',
    );
  });

  test.each([
    [93, false],
    // A time may run over by ten minutes.
    [94, true],
    [120, true],
  ])('in a time of %i minutes: %s', (nap, fits) => {
    expect(cooks(baking(ROLLS, nap)).map(({ slot }) => slot !== null)).toEqual([fits]);
  });

  test('a night of rest makes two of it, in their order, with the night between them', () => {
    const book = baking(
      [
        [20, 600],
        [10, 25],
        [5, 15],
      ],
      60,
    );
    const [first, second, ...rest] = cooks(book);
    expect(rest).toEqual([]);
    expect([first!, second!].map(({ task }) => task.minutes).toSorted()).toEqual([15, 20]);
    const [mix, bake] = [first!, second!].toSorted((a, b) => (a.task.id < b.task.id ? 1 : -1));
    expect([mix!.slot?.date, bake!.slot?.date]).toEqual(['2027-03-08', '2027-03-09']);
  });

  test('without steps its own minutes and hours count', () => {
    const [entry] = cooks(baking([], 60, { waitHours: 2 }));
    expect([entry!.task.minutes, entry!.task.waitMinutes, entry!.slot?.date]).toEqual([
      39,
      120,
      '2027-03-09',
    ]);
  });
});
