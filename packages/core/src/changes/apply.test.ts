import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { EMPTY_BOOK, KINDS, type Book, placementAt } from '../book/index.ts';
import {
  aChild,
  aCorner,
  aMaterial,
  anActivity,
  after,
  aSupply,
  attempt,
  gesture,
  inCorner,
  MARA,
  onDay,
  TEST_UNIT,
  testBook,
  WREN,
} from '../testing/home.ts';
import { fieldProblems } from '../wire/index.ts';
import {
  applyGesture,
  changeSchema,
  describeGesture,
  gestureSchema,
  withSeenVersions,
  type ChangeInput,
} from './index.ts';

const book = testBook(
  aCorner('a'),
  aSupply('sticks'),
  anActivity('build', { materials: [aMaterial('sticks', 2)] }),
);
const unit = { id: 'paper', title: 'Paper', style: 'theme', start: '2027-03-08', dayCount: 5 } as const;
const refusalOf = (base: Book, ...changes: ChangeInput[]) => {
  const outcome = attempt(base, changes);
  return outcome.outcome === 'refused'
    ? [outcome.refusal.reason, outcome.refusal.path.join('.')]
    : outcome.outcome;
};

describe('apply', () => {
  test('shares what it does not touch, and freezes what it makes', () => {
    const next = after(book, inCorner('p1', 'build', 'a', 1, 10));
    expect(next.corners).toBe(book.corners);
    expect(next.placements).not.toBe(book.placements);
    expect(Object.isFrozen(next.placements.p1?.base.versions[0])).toBe(true);
    expect(book.placements).toEqual({});
  });

  test('placing copies the activity: later edits of the library leave the copy alone', () => {
    const placed = after(book, inCorner('p1', 'build', 'a', 1, 10));
    const edited = after(placed, anActivity('build', { title: 'Built anew' }));
    expect(placementAt(edited, 'p1')?.content.title).toBe('build');
    expect(edited.placements.p1?.originVersion).toBe(1);
    expect(edited.activities.build?.version).toBe(2);
  });

  test('gives each touched entity one version more, and the same book back when nothing changed', () => {
    const placed = after(book, inCorner('p1', 'build', 'a', 1, 10));
    const moved = after(placed, {
      type: 'unit/move',
      placementId: 'p1',
      where: { kind: 'corner', cornerId: 'a', fromDay: 1, toDay: 4 },
    });
    expect(moved.placements.p1?.version).toBe(2);
    expect(
      after(moved, {
        type: 'unit/move',
        placementId: 'p1',
        where: { kind: 'corner', cornerId: 'a', fromDay: 1, toDay: 4 },
      }),
    ).toBe(moved);
  });

  test.each([0, 1, 7, Number.MAX_SAFE_INTEGER])(
    'takes no version from whoever writes: %d counts on like any other',
    (version) => {
      const written = after(book, aCorner('b', { version }));
      expect(written.corners.b?.version).toBe(1);
      const again = after(written, aCorner('b', { version, name: 'Elsewhere' }));
      expect(again.corners.b?.version).toBe(2);
    },
  );

  test('what is brought back is newer than what it was, whatever is said of it', () => {
    const restore = (version: number): ChangeInput =>
      ({
        type: 'book/restore',
        entities: [{ kind: 'corners', id: 'a', to: { ...book.corners.a!, name: 'Elsewhere', version } }],
      }) as ChangeInput;
    expect(after(book, restore(1)).corners.a?.version).toBe(2);
    expect(after(book, restore(2 ** 40)).corners.a?.version).toBe(2 ** 40 + 1);
    expect(() => after(book, restore(2 ** 40 + 1))).toThrow(/This is not a version/);
  });

  test('is whole or not at all', () => {
    const outcome = attempt(book, [{ type: 'unit/start', unit }, onDay('p1', 'nothing', 1)]);
    expect(outcome.outcome).toBe('refused');
    expect(book.units.paper).toBeUndefined();
  });

  test.each<[string, ChangeInput, string, string]>([
    ['an unknown activity', onDay('p', 'nothing', 1), 'unknown-id', 'changes.0.activityId'],
    [
      'an unknown corner',
      inCorner('p', 'build', 'nowhere', 1, 2),
      'leads-nowhere',
      'changes.0.where.cornerId',
    ],
    ['an unknown block', onDay('p', 'build', 1, 'midnight'), 'leads-nowhere', 'changes.0.where.blockId'],
    ['an unknown unit', { ...onDay('p', 'build', 1), unitId: 'gone' }, 'leads-nowhere', 'changes.0.unitId'],
    [
      'an unknown placement',
      { type: 'unit/unplace', placementId: 'gone' },
      'unknown-id',
      'changes.0.placementId',
    ],
    [
      'a unit that is there',
      { type: 'unit/start', unit: { ...unit, id: TEST_UNIT } },
      'exists-already',
      'changes.0.unit.id',
    ],
    [
      'a start on a weekend',
      { type: 'unit/start', unit: { ...unit, start: '2027-03-13' } },
      'closed-day',
      'changes.0.unit.start',
    ],
    [
      'an absence of nobody',
      {
        type: 'house/put-absence',
        absence: { id: 'x', childId: 'nobody', from: '2027-03-08', to: '2027-03-08' },
      },
      'leads-nowhere',
      'changes.0.absence.childId',
    ],
    [
      'a material that is no supply',
      anActivity('x', { materials: [aMaterial('gone', 1)] }),
      'leads-nowhere',
      'changes.0.activity.content.materials.0.supplyId',
    ],
    [
      'a tick of nothing',
      { type: 'daybook/tick', subject: { placementId: 'gone', day: 1, supplyId: null } },
      'leads-nowhere',
      'changes.0.subject.placementId',
    ],
  ])('refuses %s and names the place', (_, change, reason, path) => {
    expect(refusalOf(book, change)).toEqual([reason, path]);
  });

  test('a start on a closure is refused; a closure laid on the start later is accepted', () => {
    const closure = {
      type: 'house/put-closure',
      closure: { id: 'c', from: '2027-03-08', to: '2027-03-08', why: 'x' },
    } as const;
    expect(refusalOf(after(testBook(), closure), { type: 'unit/start', unit })).toEqual([
      'closed-day',
      'changes.0.unit.start',
    ]);
    const closed = after(book, closure);
    expect(
      after(closed, { type: 'unit/revise', unit: { ...book.units[TEST_UNIT]!, title: 'New name' } }).units[
        TEST_UNIT
      ]?.title,
    ).toBe('New name');
  });

  test('what is used cannot be dropped, and says so', () => {
    const ticked = after(book, inCorner('p1', 'build', 'a', 1, 10), {
      type: 'daybook/tick',
      subject: { placementId: 'p1', day: 2, supplyId: null },
    });
    expect(refusalOf(ticked, { type: 'unit/unplace', placementId: 'p1' })).toEqual(['still-used', 'changes']);
    expect(
      refusalOf(ticked, { type: 'book/restore', entities: [{ kind: 'units', id: TEST_UNIT, to: null }] }),
    ).toEqual(['still-used', 'changes']);
  });

  test('two people ticking the same make one tick, and the first one stays', () => {
    const tick = { type: 'daybook/tick', subject: { placementId: 'p1', day: 2, supplyId: null } } as const;
    const once = after(after(book, inCorner('p1', 'build', 'a', 1, 10)), tick);
    const twice = applyGesture(once, gesture([tick]), WREN);
    expect(twice.outcome === 'kept' && twice.book).toBe(once);
    expect(Object.values(once.ticks).map((t) => t.by)).toEqual(['Mara']);
    expect(after(once, { type: 'daybook/untick', subject: tick.subject }).ticks).toEqual({});
  });
});

describe('clash', () => {
  const placed = after(book, inCorner('p1', 'build', 'a', 1, 10));
  const move = (toDay: number) =>
    gesture([
      { type: 'unit/move', placementId: 'p1', where: { kind: 'corner', cornerId: 'a', fromDay: 1, toDay } },
    ]);

  test('whoever saw an older version is told, and nothing is kept', () => {
    const mine = withSeenVersions(placed, move(4), MARA);
    const theirs = withSeenVersions(placed, move(5), WREN);
    const first = applyGesture(placed, theirs, WREN);
    if (first.outcome !== 'kept') throw new Error('not kept');
    expect(applyGesture(first.book, mine, MARA)).toEqual({
      outcome: 'clash',
      refs: [{ kind: 'placements', id: 'p1' }],
    });
    expect(applyGesture(first.book, withSeenVersions(first.book, mine, MARA), MARA).outcome).toBe('kept');
  });

  test('an id that somebody else used for something new is a clash or a refusal, never an overwrite', () => {
    const outcome = applyGesture(placed, gesture([aCorner('a', { places: 1 })]), WREN);
    expect(outcome.outcome).toBe('clash');
  });

  test('ledger lines and ticks commute', () => {
    const line = (id: string): ChangeInput => ({
      type: 'cupboard/record-stock',
      move: { id, supplyId: 'sticks', kind: 'used', amount: 1, at: '2027-03-08T09:00:00.000Z' },
    });
    const ab = after(after(placed, line('m1')), line('m2'));
    const ba = after(after(placed, line('m2')), line('m1'));
    expect(ab).toEqual(ba);
  });
});

describe('the schema of changes', () => {
  const problemsOf = (value: unknown) =>
    fieldProblems(gestureSchema.safeParse(value).error!).map(({ path }) => path.join('.'));
  const start = (wrong: object) => ({
    id: 'gesture-1',
    at: '2027-03-08T12:00:00.000Z',
    changes: [{ type: 'unit/start', unit: { ...unit, ...wrong } }],
  });

  test.each([
    [{ dayCount: 0 }, 'dayCount'],
    [{ dayCount: 61 }, 'dayCount'],
    [{ dayCount: Number.NaN }, 'dayCount'],
    [{ title: '' }, 'title'],
    [{ title: 'x'.repeat(10_000) }, 'title'],
    [{ title: '<b>kites</b>' }, 'title'],
    [{ title: 'kites\u0000' }, 'title'],
    [{ title: undefined }, 'title'],
    [{ start: '2027-02-29' }, 'start'],
    [{ style: 'chaos' }, 'style'],
    [{ id: 'no spaces' }, 'id'],
  ])('refuses %o at its field', (wrong, field) => {
    expect(problemsOf(start(wrong))).toEqual([`changes.0.unit.${field}`]);
  });

  test('says what is missing, unknown and empty', () => {
    expect(problemsOf({})).toEqual(['id', 'at', 'changes']);
    expect(problemsOf({ id: 'gesture-1', at: '2027-03-08T12:00:00.000Z', changes: [] })).toEqual(['changes']);
    expect(changeSchema.safeParse({ type: 'unit/explode' }).error?.issues[0]?.path).toEqual(['type']);
  });

  test('names the field of the branch that was meant', () => {
    const where = { kind: 'corner', cornerId: 'a', fromDay: 0, toDay: 99 };
    const value = {
      id: 'gesture-1',
      at: '2027-03-08T12:00:00.000Z',
      changes: [{ type: 'unit/move', placementId: 'p', where }],
    };
    expect(problemsOf(value)).toEqual(['changes.0.where.fromDay', 'changes.0.where.toDay']);
  });

  test('a home cannot be undone, nor a link unsent', () => {
    const restore = (kind: string) =>
      changeSchema.safeParse({ type: 'book/restore', entities: [{ kind, id: 'home', to: null }] });
    expect([restore('homes').success, restore('shares').success, restore('ticks').success]).toEqual([
      false,
      false,
      false,
    ]);
    expect(restore('units').success).toBe(true);
  });

  test('an image that is not what it says is refused with its path', () => {
    const to = { ...unit, id: 'other' };
    const parsed = changeSchema.safeParse({
      type: 'book/restore',
      entities: [{ kind: 'units', id: 'paper', to }],
    });
    expect(parsed.error?.issues[0]?.path).toEqual(['entities', 0, 'to', 'id']);
  });
});

test('a gesture is described by what it does', () => {
  const placed = after(book, inCorner('p1', 'build', 'a', 1, 10), aChild('ada', '2026-05-20'));
  const text = (...changes: ChangeInput[]) => describeGesture(placed, gesture(changes));
  expect(text(inCorner('p2', 'build', 'a', 1, 2))).toBe('build → a');
  expect(text({ type: 'unit/unplace', placementId: 'p1' }, onDay('p3', 'build', 3))).toBe(
    'take build out and 1 more',
  );
});

test('whatever is applied, in any order, the tables stay whole and sound', () => {
  const change = fc.oneof<fc.Arbitrary<ChangeInput>[]>(
    fc
      .record({ id: fc.constantFrom('p1', 'p2'), day: fc.integer({ min: 1, max: 12 }) })
      .map(({ id, day }) => onDay(id, 'build', day)),
    fc
      .record({ id: fc.constantFrom('p1', 'p2'), to: fc.integer({ min: 1, max: 12 }) })
      .map(({ id, to }) => inCorner(id, 'build', 'a', 1, to)),
    fc.constantFrom('p1', 'p2').map((placementId): ChangeInput => ({ type: 'unit/unplace', placementId })),
    fc.constantFrom('p1', 'p2').map((placementId): ChangeInput => ({
      type: 'daybook/tick',
      subject: { placementId, day: 1, supplyId: null },
    })),
    fc.constantFrom('p1', 'p2').map((placementId): ChangeInput => ({
      type: 'daybook/untick',
      subject: { placementId, day: 1, supplyId: null },
    })),
  );
  fc.assert(
    fc.property(fc.array(fc.array(change, { minLength: 1, maxLength: 3 }), { maxLength: 15 }), (gestures) => {
      let current = book;
      for (const changes of gestures) {
        const outcome = attempt(current, changes);
        if (outcome.outcome === 'kept') current = outcome.book;
      }
      for (const tick of Object.values(current.ticks))
        expect(current.placements[tick.placementId]).toBeDefined();
      for (const kind of KINDS)
        for (const [id, entity] of Object.entries(current[kind])) expect(entity.id).toBe(id);
      expect(Object.isFrozen(current)).toBe(true);
    }),
  );
});

test('the empty book has every table', () => {
  expect(Object.keys(EMPTY_BOOK)).toEqual([...KINDS]);
});

describe('taking away', () => {
  const drop = (kind: 'supplies' | 'people' | 'corners', id: string): ChangeInput => ({
    type: 'book/drop',
    kind,
    id,
  });

  test('what nothing uses goes, and comes back by undo', () => {
    const book = testBook(aSupply('foil'));
    const outcome = attempt(book, [drop('supplies', 'foil')]);
    if (outcome.outcome !== 'kept') throw new Error('not kept');
    expect(outcome.book.supplies).toEqual({});
    expect(after(outcome.book, outcome.inverse as ChangeInput).supplies.foil?.name).toBe('foil');
  });

  test.each<[string, ChangeInput[]]>([
    ['an activity', [anActivity('a', { materials: [aMaterial('foil', 1)] })]],
    [
      'the stock ledger',
      [
        {
          type: 'cupboard/record-stock',
          move: { id: 'm', supplyId: 'foil', kind: 'counted', amount: 3, at: '2027-03-08T12:00:00.000Z' },
        },
      ],
    ],
    ['a standing kit', [aCorner('c', { standingKit: [{ supplyId: 'foil', amount: 2 }] })]],
    ['a wish', [{ type: 'cupboard/put-wish', wish: { id: 'w', words: 'More foil', supplyId: 'foil' } }]],
    [
      'a recipe',
      [
        {
          type: 'library/put-recipe',
          recipe: {
            id: 'r',
            title: 'R',
            kind: 'dough',
            minutes: 5,
            yields: { amount: 1, unit: 'mL' },
            ingredients: [{ supplyId: 'foil', amount: 1 }],
          },
        },
      ],
    ],
  ])('what %s uses stays, and may be retired', (_, changes) => {
    const book = testBook(aSupply('foil'), ...changes);
    expect(attempt(book, [drop('supplies', 'foil')])).toMatchObject({
      outcome: 'refused',
      refusal: { reason: 'still-used' },
    });
    expect(after(book, aSupply('foil', { retired: true })).supplies.foil?.retired).toBe(true);
  });

  test('a corner that shares a table with itself is no reason to stay', () => {
    const book = testBook(aCorner('c'), aCorner('c', { sharesTableWith: 'c' }));
    expect(after(book, drop('corners', 'c')).corners).toEqual({});
  });

  test('whoever signs in stays', () => {
    const person = { id: 'mara', name: 'Mara', role: 'provider' } as const;
    const book = testBook({ type: 'house/put-person', person });
    expect(attempt(book, [drop('people', 'mara')]).outcome).toBe('refused');
  });

  test('the unit of a supply cannot change once its stock is counted', () => {
    const move = {
      id: 'm',
      supplyId: 'foil',
      kind: 'counted',
      amount: 3,
      at: '2027-03-08T12:00:00.000Z',
    } as const;
    const book = testBook(aSupply('foil'));
    expect(after(book, aSupply('foil', { unit: 'g' })).supplies.foil?.unit).toBe('g');
    expect(
      attempt(after(book, { type: 'cupboard/record-stock', move }), [aSupply('foil', { unit: 'g' })]),
    ).toMatchObject({
      refusal: { path: ['changes', 0, 'supply', 'unit'] },
    });
  });
});

test('a pattern is placed with words for its slots', () => {
  const book = testBook(aCorner('c'), anActivity('match', { title: 'Match the {things}' }));
  const placed = after(book, { ...inCorner('p', 'match', 'c', 1, 5), slots: { things: 'kites' } });
  expect(placementAt(placed, 'p')?.content.title).toBe('Match the kites');
  expect(placed.activities.match?.content.title).toBe('Match the {things}');
});
