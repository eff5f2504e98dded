import loadHighs from 'highs';
import { beforeAll, describe, expect, test } from 'vitest';
import type { Book } from '../book/index.ts';
import type { ChangeInput } from '../changes/index.ts';
import type { ChoiceSolver } from '../choosing/index.ts';
import { read } from '../reading/index.ts';
import {
  A_MONDAY,
  aChild,
  after,
  aMaterial,
  anActivity,
  aSupply,
  inReserve,
  onDay,
  TEST_HOME,
  TEST_UNIT,
  testBook,
} from '../testing/home.ts';
import { NOTHING_HAPPENED, reshuffle, type Disruption, type Reshuffled } from './index.ts';

let solver: ChoiceSolver;
beforeAll(async () => {
  const highs = await loadHighs();
  solver = (lp, options) => highs.solve(lp, options as never);
});

const group = { mode: 'whole-group' as const, cornerKinds: [] };
const work = Object.fromEntries(['1', '2', '3', '4', '5'].map((day) => [day, ['morning', 'afternoon']]));
const person = (id: string, mayLead: readonly string[] = []): ChangeInput => ({
  type: 'house/put-person',
  person: { id, name: id, role: 'provider', mayLead, work } as never,
});
const days = (dayCount: number): ChangeInput => ({
  type: 'unit/revise',
  unit: { id: TEST_UNIT, title: 'Kites', style: 'theme', start: A_MONDAY, dayCount },
});
/** A week with one thing a day, two children, and a yard. */
const week = (...changes: readonly ChangeInput[]): Book =>
  testBook(
    {
      type: 'house/put-home',
      home: {
        ...TEST_HOME,
        blocks: [...TEST_HOME.blocks, { id: 'yard', name: 'Yard', start: '11:00', minutes: 40 }],
      },
    },
    days(5),
    aChild('tove', '2022-01-20'),
    aChild('noor', '2024-01-20'),
    ...changes,
  );
const on = (...numbers: readonly number[]): never[] =>
  numbers.map((number) => `2027-03-${String(7 + number).padStart(2, '0')}` as never);
const anyway = (book: Book, happened: Partial<Disruption> = {}): Reshuffled =>
  reshuffle(book, TEST_UNIT, { ...NOTHING_HAPPENED, ...happened }, A_MONDAY, solver);
const textOf = ({ moves, lost }: Reshuffled): string[] => [
  ...moves.map(
    ({ placement, to, why }) => `${placement.id} → Day ${to.kind === 'day' ? to.day : '?'}: ${why}`,
  ),
  ...lost.map(({ placement, why }) => `${placement.id} out: ${why}`),
];
const apply = (book: Book, { changes }: Reshuffled): Book => after(book, ...changes);

describe('a reshuffle', () => {
  test('moves nothing while the plan holds', () => {
    const book = week(
      anActivity('a', group),
      anActivity('b', group),
      onDay('p1', 'a', 1),
      onDay('p2', 'b', 3),
    );
    expect(anyway(book)).toMatchObject({ moves: [], lost: [], changes: [], isBest: true });
  });

  test('rain for two days: what is outdoors goes to the next dry day, what has something standing in stays', () => {
    const out = { ...group, place: 'outdoors' as const };
    const book = week(
      ...['a', 'b', 'c', 'd'].map((id) => anActivity(id, id === 'd' ? group : out)),
      onDay('p1', 'a', 2, 'yard'),
      onDay('p2', 'b', 3, 'yard'),
      { type: 'unit/place', id: 'p3', unitId: TEST_UNIT, activityId: 'd', where: { kind: 'twin', of: 'p2' } },
    );
    const found = anyway(book, { wet: on(2, 3) });
    expect(textOf(found)).toEqual(['p1 → Day 1: nobody goes out on that day']);
    expect(apply(book, found).placements['p1' as never]).toMatchObject({
      where: { day: 1, blockId: 'yard' },
    });
  });

  test('children ill: a keepsake waits for a full house, and what stood there makes room', () => {
    const book = week(
      anActivity('print', { ...group, keepsake: true }),
      anActivity('song', group),
      ...[1, 2, 3, 4, 5].map((day) => onDay(`full-${day}`, 'song', day, 'groups')),
      onDay('p1', 'print', 2),
      {
        type: 'house/put-absence',
        absence: { id: 'ill', childId: 'noor', from: '2027-03-09', to: '2027-03-10' } as never,
      },
    );
    expect(textOf(anyway(book))).toEqual(['p1 → Day 1: it waits for a full house']);
  });

  test('an assistant away: what she leads moves, or somebody else stays with it', () => {
    const splash = anActivity('splash', { ...group, water: true });
    const placed = [
      splash,
      onDay('p1', 'splash', 2),
      { type: 'unit/assign', placementId: 'p1', personId: 'wren' } as const,
    ];
    const alone = week(person('wren', ['water']), ...placed);
    const away = { away: [{ personId: 'wren' as never, days: on(2) }] };
    expect(textOf(anyway(alone, away))).toEqual(['p1 → Day 3: wren is away']);
  });

  test('one adult fewer: of two things that each tie one, one moves', () => {
    const tied = { ...group, adult: 'tied' as const };
    const book = week(
      person('mara'),
      person('wren'),
      {
        type: 'house/put-home',
        home: { ...TEST_HOME, blocks: TEST_HOME.blocks.map((block) => ({ ...block, start: '09:30' })) },
      },
      ...['a', 'b'].map((id) => anActivity(id, tied)),
      onDay('p1', 'a', 2),
      onDay('p2', 'b', 2, 'groups'),
    );
    const found = anyway(book, { away: [{ personId: 'wren' as never, days: on(2) }] });
    expect(found.moves).toHaveLength(1);
    expect(found.lost).toEqual([]);
  });

  test('days lost at the end: what has no day finds a free one, or waits', () => {
    const book = week(
      ...['a', 'b', 'c'].map((id) => anActivity(id, group)),
      onDay('p1', 'a', 1),
      onDay('p2', 'b', 4),
      onDay('p3', 'c', 5),
    );
    const shorter = after(book, days(3));
    const found = anyway(shorter);
    expect(found.moves.map(({ placement }) => placement.id).toSorted()).toEqual(['p2', 'p3']);
    expect(found.moves.every(({ why }) => why === 'the unit ends before it')).toBe(true);
    expect(
      read(apply(shorter, found), TEST_UNIT, A_MONDAY).headsUps.some(({ rule }) => rule === 'past-the-end'),
    ).toBe(false);
  });

  test('sold out: what needs it waits in the reserve', () => {
    const book = week(
      aSupply('salt'),
      anActivity('a', { ...group, materials: [aMaterial('salt', 1)] }),
      onDay('p1', 'a', 2),
    );
    expect(textOf(anyway(book, { gone: ['salt' as never] }))).toEqual(['p1 out: without salt']);
  });

  test('everyone is tired: what is lively goes elsewhere', () => {
    const book = week(
      anActivity('run', { ...group, energy: 'lively' }),
      anActivity('sit', { ...group, energy: 'calm' }),
      onDay('p1', 'run', 2),
      onDay('p2', 'sit', 3),
    );
    const found = anyway(book, { tired: on(2) });
    expect(textOf(found)[0]).toMatch(/^p1 → Day \d: too much for a tired day$/);
  });

  test('a day more: the reserve fills it', () => {
    const book = week(
      ...['a', 'b', 'c', 'd', 'e', 'f'].map((id) => anActivity(id, group)),
      ...['a', 'b', 'c', 'd', 'e'].map((id, i) => onDay(`p${i}`, id, i + 1)),
      inReserve('spare', 'f'),
      days(6),
    );
    expect(textOf(anyway(book))).toEqual(['spare → Day 6: the day would have no plan']);
  });

  test('what is pinned, ticked or over stays, whatever happens', () => {
    const out = { ...group, place: 'outdoors' as const };
    const book = week(anActivity('a', out), onDay('p1', 'a', 2, 'yard'), {
      type: 'unit/pin',
      placementId: 'p1',
      pinned: true,
    });
    expect(anyway(book, { wet: on(2) }).changes).toEqual([]);
    const over = week(anActivity('a', out), onDay('p1', 'a', 1, 'yard'));
    const next = reshuffle(
      over,
      TEST_UNIT,
      { ...NOTHING_HAPPENED, wet: on(1) },
      '2027-03-10' as never,
      solver,
    );
    expect(next.changes).toEqual([]);
  });

  test('the making stays before the using', () => {
    const book = week(
      anActivity('make', { ...group, makes: ['drums'], place: 'outdoors' }),
      anActivity('use', { ...group, uses: ['drums'] }),
      onDay('p1', 'make', 2, 'yard'),
      onDay('p2', 'use', 3),
    );
    const then = read(apply(book, anyway(book, { wet: on(1, 2, 3) })), TEST_UNIT, A_MONDAY);
    expect(then.headsUps.filter(({ rule }) => rule === 'order')).toEqual([]);
  });

  test('without a solver the search finds the same', () => {
    const out = { ...group, place: 'outdoors' as const };
    const book = week(
      ...['a', 'b', 'c', 'd', 'e'].map((id) => anActivity(id, id < 'c' ? out : group)),
      ...['a', 'b'].map((id, i) => onDay(`p${i}`, id, i + 1, 'yard')),
      ...['c', 'd', 'e'].map((id, i) => onDay(`q${i}`, id, i + 1)),
    );
    const happened = { ...NOTHING_HAPPENED, wet: on(1, 2), tired: on(3) };
    const proven = reshuffle(book, TEST_UNIT, happened, A_MONDAY, solver);
    const searched = reshuffle(book, TEST_UNIT, happened, A_MONDAY, null);
    expect(searched.moves.length).toBe(proven.moves.length);
    expect([proven.isBest, searched.isBest]).toEqual([true, false]);
  });
});
