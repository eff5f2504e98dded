import loadHighs from 'highs';
import { beforeAll, describe, expect, test } from 'vitest';
import type { Book } from '../book/index.ts';
import type { ChangeInput } from '../changes/index.ts';
import { solveChoice, type ChoiceSolver } from '../choosing/index.ts';
import { openStops, read } from '../reading/index.ts';
import {
  A_MONDAY,
  aChild,
  aCorner,
  after,
  aMaterial,
  anActivity,
  aSupply,
  aVersion,
  inCorner,
  onDay,
  TEST_HOME,
  TEST_UNIT,
  testBook,
} from '../testing/home.ts';
import {
  DRAFT_TERMS,
  Drafting,
  gapOf,
  placingOf,
  proposals,
  soundness,
  unfilledLines,
  weightsOf,
  WHOLE_DRAFT,
  type DraftAsk,
  type Proposal,
} from './index.ts';

let solver: ChoiceSolver;
beforeAll(async () => {
  const highs = await loadHighs();
  solver = (lp, options) => highs.solve(lp, options as never);
});

type UnitInput = Extract<ChangeInput, { type: 'unit/revise' }>['unit'];
const ofUnit = (rest: Partial<UnitInput>): ChangeInput => ({
  type: 'unit/revise',
  unit: { id: TEST_UNIT, title: 'Kites', style: 'theme', start: A_MONDAY, dayCount: 3, ...rest },
});
const group = { mode: 'whole-group' as const, cornerKinds: [] };
const few = { mode: 'small-group' as const, cornerKinds: [] };
const mornings = Object.fromEntries(['1', '2', '3', '4', '5'].map((day) => [day, ['morning', 'afternoon']]));
const person = (id: string, mayLead: readonly string[] = []): ChangeInput => ({
  type: 'house/put-person',
  person: { id, name: id, role: 'provider', mayLead, work: mornings } as never,
});
const yard: ChangeInput = {
  type: 'house/put-home',
  home: {
    ...TEST_HOME,
    blocks: [...TEST_HOME.blocks, { id: 'yard', name: 'Yard', start: '11:00', minutes: 40 }],
  },
};
/** Two corners, two children of three and five, a short unit, and as much of a library as a test wants. */
const small = (...changes: readonly ChangeInput[]): Book =>
  testBook(
    aCorner('a'),
    aCorner('b', { kind: 'science' }),
    aChild('tove', '2022-01-20'),
    aChild('noor', '2024-01-20'),
    ofUnit({ dayCount: 3 }),
    ...changes,
  );
const numbered = (count: number, rest: Parameters<typeof anActivity>[1], name: string): ChangeInput[] =>
  Array.from({ length: count }, (_, i) => anActivity(`${name}-${i + 1}`, rest));

const draftOf = (book: Book, ask: Partial<DraftAsk> = {}): { drafting: Drafting; last: Proposal } => {
  const drafting = new Drafting(book, TEST_UNIT, A_MONDAY, { ...WHOLE_DRAFT, ...ask });
  return { drafting, last: [...proposals(drafting, solver)].at(-1)! };
};
const placesOf = ({ pieces }: Proposal): Record<string, string> =>
  Object.fromEntries(pieces.map(({ spot, activityId }) => [spot.key, activityId]));
const taken = (book: Book, { pieces }: Proposal): Book =>
  after(book, ...placingOf(pieces, TEST_UNIT, (key) => `p-${key.replaceAll(':', '-')}`));

describe('a draft', () => {
  test('fills corners and days, each with something else, and nothing is placed by it', () => {
    const book = small(
      ...numbered(2, { cornerKinds: ['blocks'] }, 'building'),
      anActivity('weighing', { cornerKinds: ['science'] }),
      ...numbered(4, group, 'all'),
      ...numbered(4, few, 'few'),
    );
    const { last } = draftOf(book);
    expect(last.pieces).toHaveLength(8);
    expect(new Set(last.pieces.map(({ activityId }) => activityId)).size).toBe(8);
    expect(placesOf(last)['corner:b:1']).toBe('weighing');
    expect(last.empty).toEqual([]);
    expect(gapOf(last)).toBeCloseTo(0, 6);
    expect(Object.keys(book.placements)).toEqual([]);
    const then = taken(book, last);
    expect(Object.keys(then.placements)).toHaveLength(8);
    expect(read(then, TEST_UNIT, A_MONDAY).headsUps.some(({ rule }) => rule === 'empty-corner')).toBe(false);
  });

  test('what stands there stays, and only what is free is proposed', () => {
    const book = small(
      anActivity('there', { cornerKinds: ['blocks'] }),
      ...numbered(3, group, 'all'),
      ...numbered(3, few, 'few'),
      anActivity('weighing', { cornerKinds: ['science'] }),
      inCorner('p1', 'there', 'a', 1, 3),
      onDay('p2', 'all-1', 2),
    );
    const { last } = draftOf(book);
    const keys = Object.keys(placesOf(last));
    expect(keys).not.toContain('corner:a:1');
    expect(keys).not.toContain('day:2:table');
    expect(Object.values(placesOf(last))).not.toContain('all-1');
    const then = taken(book, last);
    expect(then.placements['p1' as never]).toBe(book.placements['p1' as never]);
  });

  test('nothing that a caution stops, unless somebody may lead it and is there', () => {
    const bin = anActivity('splash', { ...group, water: true });
    const nobody = draftOf(small(bin, person('wren')), { parts: ['days'] }).last;
    expect(nobody.pieces).toEqual([]);
    const { last } = draftOf(small(bin, person('mara', ['water'])), { parts: ['days'] });
    expect(last.pieces.map(({ leadId }) => leadId)).toEqual(['mara']);
    expect(openStops(read(taken(small(bin, person('mara', ['water'])), last), TEST_UNIT, A_MONDAY))).toEqual(
      [],
    );
  });

  test('no more mess than the home wants', () => {
    const book = small(
      ...numbered(3, { ...group, mess: 'messy' }, 'all'),
      ...numbered(3, { ...few, mess: 'messy' }, 'few'),
    );
    const { last } = draftOf(book, { parts: ['days'] });
    for (const day of [1, 2, 3])
      expect(last.pieces.filter(({ spot }) => spot.days[0] === day)).toHaveLength(1);
  });

  test('an adult for each thing that ties one', () => {
    const tied = { adult: 'tied' as const };
    const overlapping: ChangeInput = {
      type: 'house/put-home',
      home: { ...TEST_HOME, blocks: TEST_HOME.blocks.map((block) => ({ ...block, start: '09:30' })) },
    };
    const library = [
      ...numbered(3, { ...group, ...tied }, 'all'),
      ...numbered(3, { ...few, ...tied }, 'few'),
    ];
    const one = draftOf(small(overlapping, person('mara'), ...library), { parts: ['days'] }).last;
    expect(one.pieces).toHaveLength(3);
    const two = draftOf(small(overlapping, person('mara'), person('wren'), ...library), {
      parts: ['days'],
    }).last;
    expect(two.pieces).toHaveLength(6);
  });

  test('the making before the using', () => {
    const book = small(
      anActivity('march', { ...group, uses: ['drums'] }),
      anActivity('drum-making', { ...few, makes: ['drums'] }),
    );
    const { last } = draftOf(book, { parts: ['days'] });
    const at = Object.fromEntries(last.pieces.map(({ spot, activityId }) => [activityId, spot.days[0]!]));
    expect(at['drum-making']!).toBeLessThan(at.march!);
    const without = draftOf(small(anActivity('march', { ...group, uses: ['drums'] })), {
      parts: ['days'],
    }).last;
    expect(without.pieces).toEqual([]);
  });

  test('every child finds something: who fits only one thing gets it', () => {
    const forOlder = { versions: [aVersion(48)] };
    const book = small(
      ...numbered(6, { ...group, ...forOlder }, 'old'),
      ...numbered(3, { ...few, ...forOlder }, 'older'),
      anActivity('for-noor', { ...few, versions: [aVersion(0)] }),
    );
    const { last } = draftOf(book, { parts: ['days'], days: [2] });
    const piece = last.pieces.find(({ activityId }) => activityId === 'for-noor');
    expect(piece?.reasons[0]).toBe('noor is not left out on Day 2');
  });

  test('every day counts by itself, also where days are alike', () => {
    const book = small(
      ...numbered(6, { ...group, versions: [aVersion(48)] }, 'old'),
      ...numbered(3, { ...few, versions: [aVersion(48)] }, 'older'),
      ...numbered(3, { ...few, versions: [aVersion(0)] }, 'for-all'),
    );
    const { last } = draftOf(book, { parts: ['days'] });
    const days = last.pieces
      .filter(({ activityId }) => activityId.startsWith('for-all'))
      .map(({ spot }) => spot.days[0]);
    expect(days.toSorted()).toEqual([1, 2, 3]);
    const fewer = draftOf(book, { parts: ['days'], never: ['for-all-1' as never] }).last;
    expect(fewer.missed.filter((one) => one.startsWith('noor is not left out'))).toHaveLength(1);
  });

  test('outdoors something stands in for what the weather may stop', () => {
    const book = small(
      yard,
      ...numbered(3, { ...group, place: 'outdoors', weather: 'dry' }, 'out'),
      ...numbered(1, { ...group, skills: ['dancing'] }, 'dance'),
      ...numbered(2, group, 'all'),
    );
    const { last } = draftOf(book, { parts: ['days'], days: [1] });
    const twin = last.pieces.find(({ spot }) => spot.kind === 'twin');
    expect(last.pieces.map(({ spot }) => spot.key)).toContain(twin!.spot.of);
    const then = read(taken(book, last), TEST_UNIT, A_MONDAY);
    expect(then.twins).toHaveLength(1);
  });

  test('kept, not there, not at all, another day, another character', () => {
    const book = small(...numbered(5, group, 'all'), ...numbered(5, few, 'few'));
    const { drafting, last } = draftOf(book, { parts: ['days'] });
    const [first] = last.pieces;
    const at = { spot: first!.spot.key, activityId: first!.activityId };
    drafting.ask = { ...drafting.ask, kept: [at], character: 'calm' };
    expect(placesOf([...proposals(drafting, solver)].at(-1)!)[at.spot]).toBe(at.activityId);
    drafting.ask = { ...drafting.ask, kept: [], not: [at] };
    expect(placesOf([...proposals(drafting, solver)].at(-1)!)[at.spot]).not.toBe(at.activityId);
    drafting.ask = { ...drafting.ask, not: [], never: [at.activityId] };
    expect(Object.values(placesOf([...proposals(drafting, solver)].at(-1)!))).not.toContain(at.activityId);
    const day = draftOf(book, { parts: ['days'], days: [2] }).last;
    expect(day.pieces.every(({ spot }) => spot.days[0] === 2)).toBe(true);
  });

  test('a bin for each child who has none', () => {
    const book = small(...numbered(3, { mode: 'shelf-work' }, 'work'));
    const { last } = draftOf(book, { parts: ['bins'] });
    expect(Object.keys(placesOf(last)).toSorted()).toEqual(['bin:noor', 'bin:tove']);
    expect(Object.keys(placesOf(draftOf(book, { parts: ['bins'], childId: 'noor' as never }).last))).toEqual([
      'bin:noor',
    ]);
  });

  test('the budget of the unit holds', () => {
    const dear = { materials: [aMaterial('silk', 1)] };
    const silk = aSupply('silk', { packs: [{ amount: 1, price: 900 }] as never });
    const library = [...numbered(3, { ...group, ...dear }, 'all')];
    const free = draftOf(small(silk, ...library), { parts: ['days'] }).last;
    expect(free.pieces).toHaveLength(3);
    const poor = draftOf(small(silk, ...library, ofUnit({ dayCount: 3, budget: 2000 })), {
      parts: ['days'],
    }).last;
    expect(poor.pieces).toHaveLength(1);
  });

  test('nothing to draft: no children, no library, an idea, an end that is past', () => {
    const bare = testBook(aCorner('a'), ...numbered(2, { cornerKinds: ['blocks'] }, 'building'));
    expect(draftOf(bare).last.pieces).toEqual([]);
    const noLibrary = draftOf(small()).last;
    expect(noLibrary.pieces).toEqual([]);
    expect(soundness(noLibrary)).toMatch(/^Missing: \d+ places for which nothing fits/);
    const idea = draftOf(after(small(...numbered(2, group, 'all')), ofUnit({ start: null }))).last;
    expect([idea.pieces, idea.empty, soundness(idea)]).toEqual([[], [], 'Nothing missing']);
  });

  test('one day, and sixty', () => {
    const library = [...numbered(20, group, 'all'), ...numbered(20, few, 'few'), anActivity('building')];
    expect(draftOf(small(...library, ofUnit({ dayCount: 1 }))).last.pieces.length).toBeGreaterThan(2);
    const { last } = draftOf(small(...library, ofUnit({ dayCount: 60 })));
    expect(last.pieces.filter(({ spot }) => spot.kind === 'together')).toHaveLength(20);
    expect(last.told.filter(({ level }) => level === 'stop')).toEqual([]);
  });

  test('the terms add up to what it is worth, and a home may weigh them otherwise', () => {
    const book = small(...numbered(4, group, 'all'), ...numbered(4, few, 'few'));
    const { last } = draftOf(book);
    expect(last.terms.reduce((sum, { points }) => sum + points, 0)).toBeCloseTo(last.value, 6);
    const home = { values: { draftPrepPercent: 300 } };
    expect(weightsOf(home as never, 'even').prep).toBeCloseTo(DRAFT_TERMS.prep.points * 3);
    expect(weightsOf({ values: {} } as never, 'little').prep).toBeCloseTo(DRAFT_TERMS.prep.points * 5);
  });

  test('the search comes as far as the solver proves', () => {
    const book = small(
      yard,
      ...numbered(6, group, 'all'),
      ...numbered(6, few, 'few'),
      anActivity('building'),
    );
    const { drafting, last } = draftOf(book);
    const best = solveChoice(drafting.problem(), solver, 2000)!;
    expect(drafting.appraise(best.picks).value).toBeCloseTo(last.value, 6);
  });
});

describe('a place that stays empty says why, and what would do', () => {
  const onDays = (...changes: readonly ChangeInput[]) =>
    unfilledLines(draftOf(small(...changes), { parts: ['days'] }).last.empty);

  test('nothing in the library, or nothing that may stand there', () => {
    expect(onDays()).toEqual(['6 places, Day 1, Table time the first: nothing in the library fits there']);
    const splash = anActivity('splash', { ...group, water: true });
    expect(onDays(splash, person('wren'))[0]).toBe(
      'Day 1, Table time; Day 2, Table time; Day 3, Table time: what fits there is stopped: standing water – ' +
        'what would do: somebody who may stay with it, and is there',
    );
  });

  test('mess, adults, money, one thing for two, and the same twice', () => {
    const messy = { ...group, mess: 'messy' as const };
    const untidy = onDays(...numbered(3, messy, 'all'), ...numbered(3, { ...few, mess: 'messy' }, 'few'));
    expect(untidy).toHaveLength(1);
    expect(untidy[0]).toContain('and the day has its mess – what would do: one messy thing more a day');
    const silk = aSupply('silk', { packs: [{ amount: 1, price: 900 }] as never });
    const dear = numbered(3, { ...group, materials: [aMaterial('silk', 1)] }, 'all');
    const poor = onDays(silk, ...dear, ofUnit({ dayCount: 3, budget: 2000 }));
    expect(poor.find((one) => one.includes('budget'))).toContain('what would do: $16.00 more to spend');
    const twice = onDays(...numbered(2, group, 'all'));
    expect(twice.find((one) => one.includes('elsewhere'))).toContain('something twice');
  });

  test('what was not wanted', () => {
    const ids = ['all-1', 'all-2'];
    const { last } = draftOf(small(...numbered(2, group, 'all')), {
      parts: ['days'],
      days: [1],
      never: ids as never,
    });
    expect(unfilledLines(last.empty).join()).toContain('what fits there was not wanted');
  });

  test('giving what it says fills the place', () => {
    const messy = { mess: 'messy' as const };
    const library = [
      ...numbered(3, { ...group, ...messy }, 'all'),
      ...numbered(3, { ...few, ...messy }, 'few'),
    ];
    const roomier: ChangeInput = {
      type: 'house/put-home',
      home: { ...TEST_HOME, values: { ...TEST_HOME.values, messyPerDay: 2 } },
    } as never;
    expect(onDays(...library, roomier)).toEqual([]);
  });
});
