import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { homeOf, KINDS, type Book } from '../book/index.ts';
import { plainDay } from '../calendar/index.ts';
import { read } from '../reading/index.ts';
import {
  aChild,
  aCorner,
  after,
  anActivity,
  asTwin,
  attempt,
  aVersion,
  A_MONDAY,
  gesture,
  inBin,
  inCorner,
  inReserve,
  MARA,
  onDay,
  revised,
  TEST_UNIT,
  testBook,
  WREN,
} from '../testing/home.ts';
import { lastDayOf, unitDays } from '../unit/index.ts';
import { applyGesture, swapDays, withSeenVersions, type Actor, type ChangeInput } from './index.ts';

const book = testBook(
  aCorner('a'),
  aCorner('b'),
  aChild('noor', '2024-01-01'),
  aChild('bo', '2022-01-01'),
  anActivity('build', { versions: [aVersion(0, 36), aVersion(36)] }),
  anActivity('splash'),
);

const refusal = (base: Book, ...changes: ChangeInput[]) => {
  const outcome = attempt(base, changes);
  return outcome.outcome === 'refused'
    ? [outcome.refusal.reason, outcome.refusal.path.join('.'), outcome.refusal.message]
    : outcome.outcome;
};

describe('what stands in for something in bad weather', () => {
  const planned = after(book, onDay('yard', 'build', 3), asTwin('hall', 'splash', 'yard'));

  test('stands where and when that one does, and moves with it', () => {
    const standing = (base: Book) =>
      read(base, TEST_UNIT, A_MONDAY).twins.map(({ placement }) => placement.where);
    expect(standing(planned)).toEqual([{ kind: 'day', day: 3, blockId: 'table' }]);
    const moved = after(planned, {
      type: 'unit/move',
      placementId: 'yard',
      where: { kind: 'day', day: 7, blockId: 'late' },
    });
    expect(standing(moved)).toEqual([{ kind: 'day', day: 7, blockId: 'late' }]);
  });

  test('waits in the reserve when that one is taken out, and comes back with it', () => {
    const outcome = attempt(planned, [{ type: 'unit/unplace', placementId: 'yard' }]);
    if (outcome.outcome !== 'kept') throw new Error('refused');
    expect(outcome.book.placements.hall?.where).toEqual({ kind: 'reserve' });
    const back = after(outcome.book, outcome.inverse as ChangeInput);
    expect(back.placements.hall?.where).toEqual({ kind: 'twin', of: 'yard' });
  });

  test.each<[string, ChangeInput, string, string]>([
    [
      'for itself',
      { type: 'unit/move', placementId: 'yard', where: { kind: 'twin', of: 'yard' } },
      'circle',
      'where.of',
    ],
    ['for what stands in itself', asTwin('third', 'build', 'hall'), 'circle', 'where.of'],
    ['for nothing', asTwin('third', 'build', 'gone'), 'unknown-id', 'where.of'],
  ])('cannot be there %s', (_, change, reason, path) => {
    expect(refusal(planned, change).slice(0, 2)).toEqual([reason, `changes.0.${path}`]);
  });
});

describe('an order that runs in a circle', () => {
  const first = anActivity('first', { comesAfter: [{ activityId: 'build' }] });
  const after1 = after(book, first);
  const buildAfter = (activityId: string) => anActivity('build', { comesAfter: [{ activityId }] });

  test('is refused with its place, through others too', () => {
    const path = 'changes.0.activity.content.comesAfter.0.activityId';
    expect(refusal(after1, buildAfter('first'))).toEqual([
      'circle',
      path,
      'first comes after this one, by itself or through others',
    ]);
    const longer = after(after1, anActivity('second', { comesAfter: [{ activityId: 'first' }] }));
    expect(refusal(longer, buildAfter('second'))[0]).toBe('circle');
    expect(refusal(book, buildAfter('build'))).toEqual(['circle', path, 'It cannot come after itself']);
  });

  test('is none where two ways lead to the same beginning', () => {
    const both = anActivity('both', { comesAfter: [{ activityId: 'build' }, { activityId: 'first' }] });
    expect(refusal(after1, both)).toBe('kept');
  });
});

describe('a version chosen by hand', () => {
  const planned = after(book, onDay('p', 'build', 1));
  const choose = (versionId: string | null, byHand = true): ChangeInput => ({
    type: 'unit/choose-version',
    placementId: 'p',
    childId: 'noor',
    versionId,
    byHand,
  });

  test('is kept until age may decide again', () => {
    const chosen = after(planned, choose('from-36'));
    expect(chosen.placements.p?.choices).toEqual([{ childId: 'noor', versionId: 'from-36' }]);
    expect(after(chosen, choose(null)).placements.p?.choices).toEqual([{ childId: 'noor', versionId: null }]);
    expect(after(chosen, choose(null, false)).placements.p?.choices).toEqual([]);
  });

  test('is one of the versions that there are, for a child that there is', () => {
    expect(refusal(planned, choose('from-99')).slice(0, 2)).toEqual(['unknown-id', 'changes.0.versionId']);
    const nobody = { ...choose('from-36'), childId: 'nobody' } as ChangeInput;
    expect(refusal(planned, nobody).slice(0, 2)).toEqual(['leads-nowhere', 'changes.0.childId']);
  });

  test('stays with a copy in the same unit, and not in another', () => {
    const other = { id: 'other', title: 'Paper', style: 'theme', start: '2027-04-05', dayCount: 5 } as const;
    const base = after(planned, choose('from-36'), { type: 'unit/start', unit: other });
    const copied = (unitId: string) =>
      after(base, {
        type: 'unit/copy',
        id: 'q',
        unitId,
        placementId: 'p',
        where: { kind: 'reserve' },
      }).placements.q;
    expect(copied(TEST_UNIT)?.choices).toHaveLength(1);
    expect(copied('other')?.choices).toEqual([]);
    expect(copied('other')?.originId).toBe('build');
  });

  test('whoever stays with it stays with a copy in the same unit, and not in another', () => {
    const other = { id: 'other', title: 'Paper', style: 'theme', start: '2027-04-05', dayCount: 5 } as const;
    const base = after(
      planned,
      { type: 'house/put-person', person: { id: 'sol', name: 'Sol', role: 'assistant' } },
      { type: 'unit/assign', placementId: 'p', personId: 'sol' },
      { type: 'unit/start', unit: other },
    );
    const leadOf = (unitId: string) =>
      after(base, { type: 'unit/copy', id: 'q', unitId, placementId: 'p', where: { kind: 'reserve' } })
        .placements.q?.leadId;
    expect([leadOf(TEST_UNIT), leadOf('other')]).toEqual(['sol', null]);
  });
});

test('a unit keeps a start on which the home has come to be closed, and takes no other such one', () => {
  const closed = after(book, {
    type: 'house/put-closure',
    closure: { id: 'c', from: '2027-03-08', to: '2027-03-09', why: 'Spring cleaning' },
  });
  const unit = closed.units[TEST_UNIT]!;
  const revise = (rest: object): ChangeInput => ({ type: 'unit/revise', unit: { ...unit, ...rest } });
  expect(attempt(closed, [revise({ title: 'Kites again' })]).outcome).toBe('kept');
  expect(attempt(closed, [revise({ start: '2027-03-10' })]).outcome).toBe('kept');
  expect(attempt(closed, [revise({ start: '2027-03-09' })]).outcome).toBe('refused');
});

test('a corner is left empty for one reason: the second replaces the first', () => {
  const leave = (id: string, why: string): ChangeInput => ({
    type: 'unit/leave-empty',
    omission: { id, unitId: TEST_UNIT, cornerId: 'a', why },
  });
  const twice = after(after(book, leave('x', 'The lamp is broken')), leave('y', 'No room'));
  expect(Object.values(twice.omissions).map(({ id, why }) => [id, why])).toEqual([['x', 'No room']]);
  const { headsUps, shelf } = read(twice, TEST_UNIT, A_MONDAY);
  expect(headsUps.map(({ title }) => title)).toEqual(['b is empty']);
  expect(shelf[0]?.omission?.why).toBe('No room');
});

test('forgetting a child takes its bin and what was chosen for it along', () => {
  const planned = after(book, inBin('in-bin', 'build', 'noor', 1, 2), onDay('p', 'build', 1), {
    type: 'unit/choose-version',
    placementId: 'p',
    childId: 'noor',
    versionId: null,
  });
  const without = after(planned, { type: 'house/forget-child', childId: 'noor', words: ['noor'] });
  expect(Object.keys(without.placements)).toEqual(['p']);
  expect(without.placements.p?.choices).toEqual([]);
});

describe('swapping two days', () => {
  test('moves what stands on them and their lines, and leaves what is pinned', () => {
    const planned = after(
      book,
      onDay('p', 'build', 2),
      onDay('q', 'splash', 5, 'late'),
      onDay('stays', 'splash', 2, 'groups'),
      inCorner('wide', 'build', 'a', 1, 10),
      { type: 'unit/pin', placementId: 'stays', pinned: true },
      {
        type: 'unit/put-line',
        line: { id: 'n', unitId: TEST_UNIT, kind: 'note', day: 2, words: 'x', order: 'a0' },
      },
    );
    const { placements, lines } = read(planned, TEST_UNIT, A_MONDAY);
    const swapped = after(planned, ...swapDays(placements, lines, 2, 5));
    const dayOf = (id: string) => lastDayOf(swapped.placements[id]!);
    expect(['p', 'q', 'stays', 'wide'].map(dayOf)).toEqual([5, 2, 2, 10]);
    expect(swapped.dayLines.n?.day).toBe(5);
    expect(swapDays(placements, lines, 3, 3)).toEqual([]);
  });
});

/** A book without versions, its tables in the order of their ids. */
const content = (one: Book): unknown =>
  KINDS.map((kind) =>
    Object.entries(one[kind])
      .toSorted(([a], [b]) => (a < b ? -1 : 1))
      .map(([, entity]) => ({ ...entity, version: 0 })),
  );

const small = fc.integer({ min: 1, max: 12 });
const nth = fc.nat({ max: 30 });
const DATES = ['2027-03-08', '2027-03-10', '2027-03-12', '2027-03-17', '2027-03-18', '2027-03-22'];

/** An act of planning, made concrete against whatever stands in the book when its turn comes. */
const acts = fc.oneof(
  fc.record({ act: fc.constant('corner' as const), from: small, length: fc.nat({ max: 5 }), n: nth }),
  fc.record({ act: fc.constant('day' as const), day: small, n: nth }),
  fc.record({ act: fc.constant('bin' as const), day: small, n: nth }),
  fc.record({
    act: fc.constantFrom('reserve' as const, 'unplace' as const, 'twin' as const, 'pin' as const),
    n: nth,
  }),
  fc.record({ act: fc.constant('move' as const), day: small, n: nth }),
  fc.record({ act: fc.constant('length' as const), days: small }),
  fc.record({ act: fc.constant('start' as const), n: nth }),
  fc.record({ act: fc.constantFrom('close' as const, 'reopen' as const, 'event' as const), n: nth }),
  fc.record({ act: fc.constant('swap' as const), day: small, n: nth }),
  fc.record({ act: fc.constant('overlap' as const), n: nth }),
);
type Act = typeof acts extends fc.Arbitrary<infer T> ? T : never;

let made = 0;
function changesFor(one: Act, base: Book): ChangeInput[] {
  const id = `made-${(made += 1)}`;
  const all = Object.values(base.placements);
  const pick = 'n' in one ? all[one.n % Math.max(1, all.length)] : undefined;
  const closures = Object.keys(base.closures);
  switch (one.act) {
    case 'corner':
      return [inCorner(id, 'build', one.n % 2 ? 'a' : 'b', one.from, one.from + one.length)];
    case 'day':
      return [onDay(id, one.n % 2 ? 'build' : 'splash', one.day, one.n % 3 ? 'table' : 'late')];
    case 'bin':
      return [inBin(id, 'splash', one.n % 2 ? 'bo' : 'noor', one.day, one.day + 1)];
    case 'reserve':
      return [inReserve(id, 'build')];
    case 'twin':
      return pick ? [asTwin(id, 'splash', pick.id)] : [];
    case 'pin':
      return pick ? [{ type: 'unit/pin', placementId: pick.id, pinned: !pick.pinned }] : [];
    case 'unplace':
      return pick ? [{ type: 'unit/unplace', placementId: pick.id }] : [];
    case 'move':
      return pick
        ? [
            {
              type: 'unit/move',
              placementId: pick.id,
              where: { kind: 'day', day: one.day, blockId: 'groups' },
            },
          ]
        : [];
    case 'length':
      return [revised(base, { dayCount: one.days })];
    case 'start':
      return [revised(base, { start: DATES[one.n % DATES.length]! })];
    case 'close': {
      const date = DATES[one.n % DATES.length]!;
      return [{ type: 'house/put-closure', closure: { id, from: date, to: date, why: 'Storm' } }];
    }
    case 'reopen':
      return closures.length
        ? [{ type: 'house/drop-closure', closureId: closures[one.n % closures.length]! }]
        : [];
    case 'event': {
      const when =
        one.n % 2
          ? ({ kind: 'date', date: DATES[one.n % DATES.length]! } as const)
          : ({ kind: 'day', day: (one.n % 12) + 1 } as const);
      return [{ type: 'unit/put-event', event: { id, unitId: TEST_UNIT, title: 'Party', when } }];
    }
    case 'swap': {
      const { placements, lines } = read(base, TEST_UNIT, A_MONDAY);
      return swapDays(placements, lines, one.day, (one.n % 12) + 1);
    }
    case 'overlap':
      return [
        {
          type: 'unit/start',
          unit: {
            id: `unit-${id}`,
            title: 'Paper',
            style: 'letter',
            start: DATES[one.n % DATES.length]!,
            dayCount: 5,
          },
        },
      ];
  }
}

/** The server's book, and two people who each know it as it was when they last looked. */
class TwoAtOnce {
  book = book;
  readonly #seen = new Map<Actor, Book>();
  /** Ids that must be there. */
  readonly expected = new Set<string>();
  readonly inverses: ChangeInput[] = [];

  act(actor: Actor, one: Act): void {
    const seen = this.#seen.get(actor) ?? book;
    const changes = changesFor(one, seen);
    if (changes.length === 0) return;
    const outcome = applyGesture(this.book, withSeenVersions(seen, gesture(changes), actor), actor);
    if (outcome.outcome !== 'kept') return;
    this.book = outcome.book;
    if (outcome.inverse) this.inverses.push(outcome.inverse as ChangeInput);
    for (const change of changes) {
      if (change.type === 'unit/place') this.expected.add(change.id);
      if (change.type === 'unit/unplace') this.expected.delete(change.placementId);
    }
  }

  look(actor: Actor): void {
    this.#seen.set(actor, this.book);
  }
}

const sessions = fc.array(fc.record({ mine: fc.boolean(), looks: fc.boolean(), one: acts }), {
  maxLength: 40,
});
const RUNS = { numRuns: 120 };

function played(steps: typeof sessions extends fc.Arbitrary<infer T> ? T : never): TwoAtOnce {
  const desk = new TwoAtOnce();
  for (const { mine, looks, one } of steps) {
    const actor = mine ? MARA : WREN;
    if (looks) desk.look(actor);
    desk.act(actor, one);
  }
  return desk;
}

describe('two people planning the same unit', () => {
  test('never lose or duplicate a placement', () => {
    fc.assert(
      fc.property(sessions, (steps) => {
        const desk = played(steps);
        expect(new Set(Object.keys(desk.book.placements))).toEqual(desk.expected);
      }),
      RUNS,
    );
  });

  test('get back to where they began by taking back everything, newest first', () => {
    fc.assert(
      fc.property(sessions, (steps) => {
        const desk = played(steps);
        const back = desk.inverses.toReversed().reduce((base, inverse) => after(base, inverse), desk.book);
        expect(content(back)).toEqual(content(book));
      }),
      RUNS,
    );
  });

  test('have nothing on a closed day, or past the end, that nobody tells them', () => {
    fc.assert(
      fc.property(sessions, (steps) => {
        const { book: end } = played(steps);
        const closures = Object.values(end.closures);
        for (const unit of Object.values(end.units)) {
          const { headsUps, placements, events } = read(end, unit.id, plainDay('2027-03-01'));
          const { days } = unitDays(unit, homeOf(end), closures);
          const isOpen = (date: string) => !closures.some(({ from, to }) => from <= date && date <= to);
          expect(days.every(({ date }) => isOpen(date))).toBe(true);
          const told = new Set(headsUps.map(({ key }) => key));
          for (const placement of placements)
            if (lastDayOf(placement) > unit.dayCount) expect(told).toContain(`past-the-end:${placement.id}`);
          for (const event of events) {
            const { when } = event;
            const held = days.some((day) =>
              when.kind === 'day' ? day.number === when.day : day.date === when.date,
            );
            if (!held) expect(told).toContain(`event:${event.id}`);
          }
        }
      }),
      RUNS,
    );
  });
});
