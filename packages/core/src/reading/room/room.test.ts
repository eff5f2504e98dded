import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { addDays, plainDay } from '../../calendar/index.ts';
import type { ChangeInput } from '../../changes/index.ts';
import { adultsNeeded } from '../../house/index.ts';
import {
  A_MONDAY,
  aChild,
  aCorner,
  after,
  anActivity,
  aVersion,
  inCorner,
  onDay,
  TEST_HOME,
  TEST_UNIT,
  testBook,
} from '../../testing/home.ts';
import { read } from '../answers/read.ts';
import { ageOn } from '../plan/plan.ts';
import { dayPlanOf, nowAndNext, programDateBefore } from './day-plan.ts';
import { inTheRoom, whoIsHere } from './here.ts';
import { keepsakesOf } from './keepsakes.ts';
import { splitByAge, suggestLeads } from './suggest-leads.ts';
import { whoLacksLink } from './who-lacks-link.ts';

const EVERY_MORNING = Object.fromEntries(['1', '2', '3', '4', '5'].map((day) => [day, ['morning']]));
const aPerson = (id: string, name: string, rest: object = {}): ChangeInput => ({
  type: 'house/put-person',
  person: { id, name, role: 'assistant', work: EVERY_MORNING as never, ...rest },
});
const MARA_AND_SOL = [aPerson('mara', 'Mara', { role: 'provider' }), aPerson('sol', 'Sol')];
const FOUR = [
  aChild('ada', '2026-05-10'),
  aChild('noor', '2024-08-01'),
  aChild('bo', '2023-02-01'),
  aChild('eli', '2021-06-01'),
];
const lead = (
  placementId: string,
  groups: { personId: string; childIds?: string[] }[],
  day = 1,
): ChangeInput => ({
  type: 'handover/lead',
  leading: { unitId: TEST_UNIT, placementId, day, groups } as never,
});
const planOf = (book: ReturnType<typeof testBook>, day = 1) =>
  dayPlanOf(book, read(book, TEST_UNIT, A_MONDAY), day)!;
const groupsIn = (book: ReturnType<typeof testBook>, day = 1) =>
  planOf(book, day).blocks.flatMap(({ items }) =>
    items.flatMap(({ stations }) =>
      stations.map(({ person, children }) => [person?.name ?? null, children.map(({ id }) => id)]),
    ),
  );

describe('the groups at something', () => {
  const book = testBook(
    ...MARA_AND_SOL,
    ...FOUR,
    anActivity('paint', { mode: 'whole-group' }),
    onDay('p', 'paint', 1),
  );

  test('are one that nobody leads, until somebody is named for all days, or for one', () => {
    expect(groupsIn(book)).toEqual([[null, ['ada', 'noor', 'bo', 'eli']]]);
    const always = after(book, { type: 'unit/assign', placementId: 'p', personId: 'sol' });
    expect(groupsIn(always)).toEqual([['Sol', ['ada', 'noor', 'bo', 'eli']]]);
    const forDay = after(always, lead('p', [{ personId: 'mara' }]));
    expect(groupsIn(forDay)).toEqual([['Mara', ['ada', 'noor', 'bo', 'eli']]]);
    expect(groupsIn(after(forDay, lead('p', [])))).toEqual([['Sol', ['ada', 'noor', 'bo', 'eli']]]);
  });

  test('hold every child who is there exactly once, whoever was named', () => {
    const ids = ['ada', 'noor', 'bo', 'eli'];
    fc.assert(
      fc.property(fc.subarray(ids), fc.subarray(ids), fc.subarray(ids), (one, other, away) => {
        const second = other.filter((id) => !one.includes(id));
        const split = after(
          book,
          lead('p', [
            { personId: 'mara', childIds: one },
            { personId: 'sol', childIds: second },
          ]),
          ...away.map((childId): ChangeInput => ({
            type: 'house/put-absence',
            absence: { id: `away-${childId}`, childId, from: A_MONDAY, to: A_MONDAY, parts: [] },
          })),
        );
        const there = ids.filter((id) => !away.includes(id));
        const found = groupsIn(split).flatMap(([, children]) => children as string[]);
        expect(found.toSorted()).toEqual(there.toSorted());
      }),
      { numRuns: 60, seed: 9 },
    );
  });

  test('go with what is taken out, and one adult leads two groups of it one after the other', () => {
    const named = after(book, lead('p', [{ personId: 'mara' }]));
    expect(after(named, { type: 'unit/unplace', placementId: 'p' }).leadings).toEqual({});
    const inTurns = lead('p', [{ personId: 'mara', childIds: ['ada'] }, { personId: 'mara' }]);
    expect(groupsIn(after(book, inTurns))).toEqual([
      ['Mara', ['ada']],
      ['Mara', ['noor', 'bo', 'eli']],
    ]);
    const twice = [
      { personId: 'mara', childIds: ['ada'] },
      { personId: 'sol', childIds: ['ada'] },
    ];
    expect(() => after(book, lead('p', twice))).toThrow('in two groups');
  });
});

describe('a proposal of who leads', () => {
  const ideas = (...changes: ChangeInput[]) => {
    const book = testBook(...MARA_AND_SOL, ...FOUR, ...changes);
    const reading = read(book, TEST_UNIT, A_MONDAY);
    return suggestLeads(reading, planOf(book));
  };
  const named = (...changes: ChangeInput[]) =>
    ideas(...changes).map(({ title, leading }) => [title, leading.groups.map(({ personId }) => personId)]);

  test('splits what the whole group does when two adults are there', () => {
    const [idea] = ideas(anActivity('paint', { mode: 'whole-group' }), onDay('p', 'paint', 1));
    expect(idea?.leading.groups).toEqual([
      { personId: 'mara', childIds: ['ada', 'noor'] },
      { personId: 'sol', childIds: ['bo', 'eli'] },
    ]);
  });

  test('leaves alone what runs alone, and what somebody is named for', () => {
    expect(named(anActivity('look', { adult: 'alone' }), onDay('p', 'look', 1))).toEqual([]);
    expect(named(anActivity('lace'), onDay('p', 'lace', 1), lead('p', [{ personId: 'sol' }]))).toEqual([]);
  });

  test('gives what is wet to whoever may lead water, and nobody two things at a time', () => {
    const wet = anActivity('pour', { adult: 'tied', water: true });
    const dry = anActivity('lace', { adult: 'near' });
    expect(named(wet, dry, onDay('q', 'lace', 1), onDay('p', 'pour', 1))).toEqual([
      ['pour', ['mara']],
      ['lace', ['sol']],
    ]);
    const mayToo = aPerson('sol', 'Sol', { mayLead: ['water'] });
    const another = anActivity('wash', { adult: 'tied', water: true });
    expect(named(mayToo, wet, another, onDay('p', 'pour', 1), onDay('q', 'wash', 1))).toEqual([
      ['pour', ['mara']],
      ['wash', ['sol']],
    ]);
    const [, second] = ideas(wet, another, onDay('p', 'pour', 1), onDay('q', 'wash', 1));
    expect([second?.leading.groups, second?.trouble]).toEqual([[], 'Nobody who may lead water is free then']);
  });

  test('spreads the day over the adults', () => {
    const list = named(
      anActivity('lace'),
      anActivity('paint'),
      onDay('p', 'lace', 1, 'table'),
      onDay('q', 'paint', 1, 'groups'),
    );
    expect(new Set(list.map(([, people]) => String(people))).size).toBe(2);
  });
});

test('a split by age is as even as the rule of the home lets it be', () => {
  const rule = {
    counting: 'youngest' as const,
    bands: [
      { fromMonths: 0, perAdult: 2 },
      { fromMonths: 24, perAdult: 6 },
    ],
  };
  const births = ['2026-06-01', '2026-01-01', '2023-01-01', '2022-01-01', '2021-06-01', '2021-03-01'];
  fc.assert(
    fc.property(fc.subarray(births, { minLength: 2 }), (some) => {
      const children = some.map((birth, i) => aChild(`c${i}`, birth));
      const home: ChangeInput = { type: 'house/put-home', home: { ...TEST_HOME, ratio: rule } };
      const book = testBook(home, ...children, anActivity('paint'), onDay('p', 'paint', 1));
      const reading = read(book, TEST_UNIT, A_MONDAY);
      const { session } = planOf(book).blocks[0]!.items[0]!;
      const [younger, older] = splitByAge(session, reading.frame.home);
      const fits = (group: readonly (typeof younger)[number][]) =>
        adultsNeeded(
          reading.frame.home.ratio,
          group.map((child) => ageOn(child, A_MONDAY)),
        ) <= 1;
      expect(younger.length + older.length).toBe(some.length);
      // The slow way: every cut there is.
      const byAge = [...younger, ...older];
      const good = byAge
        .map((_, i) => i)
        .slice(1)
        .filter((i) => fits(byAge.slice(0, i)) && fits(byAge.slice(i)));
      const evenness = (cut: number) => Math.abs(cut - byAge.length / 2);
      if (good.length > 0) expect(evenness(younger.length)).toBe(Math.min(...good.map(evenness)));
    }),
    { numRuns: 60, seed: 4 },
  );
});

describe('a day from its first block to its last', () => {
  const book = testBook(
    aCorner('a'),
    ...FOUR,
    anActivity('paint'),
    inCorner('out', 'paint', 'a', 1, 3),
    onDay('late', 'paint', 1, 'late'),
    onDay('early', 'paint', 1, 'table'),
    onDay('other', 'paint', 2),
    {
      type: 'unit/put-line',
      line: { id: 'l', unitId: TEST_UNIT, kind: 'note', day: 1, words: 'Wind', order: 'a0' },
    },
    {
      type: 'unit/put-event',
      event: { id: 'e', unitId: TEST_UNIT, title: 'Kite party', when: { kind: 'day', day: 1 } },
    },
  );

  test('has its blocks by the clock, what is out all day, its lines and its events', () => {
    const plan = planOf(book);
    expect(
      plan.blocks.map(({ block, items }) => [block.id, items.map(({ session }) => session.placement.id)]),
    ).toEqual([
      ['table', ['early']],
      ['late', ['late']],
    ]);
    expect(plan.setUps.map(({ session }) => session.placement.id)).toEqual(['out']);
    expect([plan.lines, plan.events.map(({ title }) => title)]).toEqual([['Note: Wind'], ['Kite party']]);
    expect(dayPlanOf(book, read(book, TEST_UNIT, A_MONDAY), 11)).toBeNull();
  });

  test.each([
    [9 * 60, null, 'table'],
    [9 * 60 + 30, 'table', 'late'],
    [10 * 60, null, 'late'],
    [15 * 60 + 29, 'late', null],
    [18 * 60, null, null],
  ])('at minute %i has %s on and %s next', (minutes, now, next) => {
    const found = nowAndNext(planOf(book), minutes);
    expect([found.now?.block.id ?? null, found.next?.block.id ?? null]).toEqual([now, next]);
  });
});

describe('who is here', () => {
  const book = testBook(...FOUR, aChild('ines', '2021-01-01', { attendance: {} }), {
    type: 'house/put-absence',
    absence: { id: 'a', childId: 'bo', from: A_MONDAY, to: A_MONDAY, parts: [] },
  });
  const tap = (childId: string, how: 'in' | 'out' | 'away' | 'unsaid'): ChangeInput => ({
    ...{ type: 'daybook/tap', date: A_MONDAY, childId, tap: how },
  });
  const rows = (...taps: ChangeInput[]) => {
    const tapped = taps.length > 0 ? after(book, ...taps) : book;
    const { attendance } = read(tapped, TEST_UNIT, A_MONDAY).frame;
    return whoIsHere(attendance[0]!, Object.values(tapped.children), tapped.arrivals);
  };
  const states = (...taps: ChangeInput[]) =>
    Object.fromEntries(rows(...taps).map(({ child, state }) => [child.id, state]));

  test('are those expected until somebody taps; then those who were tapped in', () => {
    expect(states()).toEqual({ ada: 'expected', noor: 'expected', bo: 'away', eli: 'expected' });
    expect(inTheRoom(rows()).map(({ id }) => id)).toEqual(['ada', 'noor', 'eli']);
    const some = [tap('ada', 'in'), tap('noor', 'in'), tap('noor', 'out'), tap('eli', 'away')];
    expect(states(...some)).toEqual({ ada: 'here', noor: 'gone', bo: 'away', eli: 'away' });
    expect(inTheRoom(rows(...some)).map(({ id }) => id)).toEqual(['ada']);
  });

  test('also those who were not expected; a slip is taken back', () => {
    expect(rows(tap('bo', 'in')).find(({ child }) => child.id === 'bo')).toMatchObject({
      state: 'here',
      unexpected: true,
    });
    expect(states(tap('ines', 'in'))).toHaveProperty('ines', 'here');
    expect(states(tap('eli', 'away'), tap('eli', 'unsaid'))).toHaveProperty('eli', 'expected');
  });

  test('who went home without being tapped in came before', () => {
    const [row] = rows(tap('ada', 'out'));
    expect([row?.state, row?.arrival?.inAt]).toEqual(['gone', row?.arrival?.outAt]);
  });
});

describe('a keepsake', () => {
  const book = testBook(
    ...FOUR,
    anActivity('kite', { keepsake: true, versions: [aVersion(0)] }),
    onDay('p', 'kite', 2),
    {
      type: 'house/put-absence',
      absence: {
        id: 'a',
        childId: 'bo',
        from: plainDay('2027-03-09'),
        to: plainDay('2027-03-10'),
        parts: [],
      },
    },
  );
  const state = (today: string, ...changes: ChangeInput[]) => {
    const now = changes.length > 0 ? after(book, ...changes) : book;
    const [one] = keepsakesOf(now, read(now, TEST_UNIT, plainDay(today)), plainDay(today));
    return {
      made: one!.isMade,
      has: one!.has.map(({ id }) => id),
      lacks: one!.lacks.map(({ child, next }) => [child.id, next?.number ?? null]),
    };
  };
  const record = (outcome: string, rest: object = {}): ChangeInput => ({
    type: 'daybook/record',
    record: { unitId: TEST_UNIT, placementId: 'p', day: 2, outcome, ...rest } as never,
  });

  test('is lacked by nobody before it is made', () => {
    expect(state('2027-03-08')).toEqual({ made: false, has: [], lacks: [] });
  });

  test('is lacked by whoever was away, and offered on the next day that they are here', () => {
    expect(state('2027-03-10')).toEqual({ made: true, has: ['ada', 'noor', 'eli'], lacks: [['bo', 4]] });
    expect(state('2027-03-09', record('fine')).lacks).toEqual([['bo', 4]]);
  });

  test('was not made when it was skipped, by all or by one child', () => {
    expect(state('2027-03-10', record('skipped')).made).toBe(false);
    const one = record('fine', { children: [{ childId: 'ada', outcome: 'skipped' }] });
    expect(state('2027-03-10', one).lacks).toEqual([
      ['ada', 3],
      ['bo', 4],
    ]);
  });

  test('is had by whoever somebody says has it', () => {
    const has: ChangeInput = {
      type: 'daybook/keepsake',
      placementId: 'p',
      childId: 'bo' as never,
      has: true,
    };
    expect(state('2027-03-10', has).lacks).toEqual([]);
    expect(state('2027-03-10', has, { ...has, has: null }).lacks).toEqual([['bo', 4]]);
  });
});

test('the last date with a program day before another, over all units', () => {
  const monday = plainDay('2027-03-08');
  expect(programDateBefore(testBook(), monday)).toBeNull();
  expect(programDateBefore(testBook(), addDays(monday, 1))).toBe(monday);
  // Over the weekend it is Friday.
  expect(programDateBefore(testBook(), plainDay('2027-03-14'))).toBe('2027-03-12');
});

test('a link is proposed for whoever works here and has none that opens', () => {
  const person = (id: string, rest: object = {}): ChangeInput => ({
    type: 'house/put-person',
    person: { id, name: id, role: 'assistant', ...rest },
  });
  const book = testBook(person('gone', { retired: true }), person('sol'), person('wren'));
  const linked = (revokedAt: string | null) => ({
    ...book,
    shares: { a: { id: 'a', unitId: TEST_UNIT, personId: 'sol', revokedAt } } as never,
  });
  expect(whoLacksLink(book, TEST_UNIT)?.id).toBe('sol');
  expect(whoLacksLink(linked(null), TEST_UNIT)?.id).toBe('wren');
  expect(whoLacksLink(linked('2027-03-08T10:00:00.000Z'), TEST_UNIT)?.id).toBe('sol');
  expect(whoLacksLink(linked(null), 'another' as never)?.id).toBe('sol');
  expect(whoLacksLink(testBook(), TEST_UNIT)).toBeNull();
});
