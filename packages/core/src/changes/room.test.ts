import { describe, expect, test } from 'vitest';
import {
  A_MONDAY,
  aChild,
  after,
  anActivity,
  attempt,
  aVersion,
  inBin,
  onDay,
  TEST_UNIT,
  testBook,
} from '../testing/home.ts';
import { shareSchema } from '../handover/index.ts';
import type { Actor, ChangeInput } from './index.ts';

const book = testBook(
  { type: 'house/put-person', person: { id: 'mara', name: 'Mara', role: 'provider' } },
  aChild('ada', '2024-01-01', { name: 'Ada Brook' }),
  aChild('bo', '2023-01-01'),
  anActivity('ramp', { versions: [aVersion(0), aVersion(36)] }),
  onDay('p', 'ramp', 1),
);
const record = (rest: object = {}): ChangeInput => ({
  type: 'daybook/record',
  record: { unitId: TEST_UNIT, placementId: 'p', day: 1, outcome: 'loved', ...rest } as never,
});
const A_TEST = {
  measure: 'seconds',
  tries: [
    { label: 'flat', result: 4 },
    { label: 'steep', result: 2.5 },
  ],
  guesses: [{ childId: 'ada', tryIndex: 1 }],
};

describe('how something went', () => {
  test('is said once a day, by name, and said again it is corrected', () => {
    const once = after(book, record({ note: 'Twice', test: A_TEST }));
    expect(Object.values(once.records)).toMatchObject([{ id: 'p:1', outcome: 'loved', by: 'Mara' }]);
    const again = after(once, record({ outcome: 'lost', unfinished: true }));
    expect(Object.values(again.records)).toMatchObject([{ outcome: 'lost', unfinished: true, test: null }]);
  });

  test.each([
    [{ versionId: 'from-99' }, 'versionId'],
    [{ test: { ...A_TEST, guesses: [{ childId: 'ada', tryIndex: 2 }] } }, 'tryIndex'],
    [{ placementId: 'gone' }, 'placementId'],
    [{ children: [{ childId: 'nobody', outcome: 'fine' }] }, 'childId'],
  ])('refuses %o', (wrong, field) => {
    const outcome = attempt(book, [record(wrong)]);
    expect(outcome.outcome).toBe('refused');
    if (outcome.outcome === 'refused') expect(outcome.refusal.path.at(-1)).toBe(field);
  });

  test('is corrected, not undone, and keeps what it is about', () => {
    const outcome = attempt(book, [record()]);
    expect(outcome.outcome === 'kept' && outcome.inverse).toBeNull();
    expect(attempt(after(book, record()), [{ type: 'unit/unplace', placementId: 'p' }]).outcome).toBe(
      'refused',
    );
  });
});

describe('words from the room', () => {
  const note: ChangeInput = {
    type: 'daybook/note',
    note: { id: 'n', unitId: TEST_UNIT, day: 1, placementId: 'p', kind: 'help', text: 'More tape' } as never,
  };

  test('know by which link they came, and are seen once', () => {
    const share = shareSchema.parse({
      ...{
        id: 'link',
        unitId: TEST_UNIT,
        label: 'Sol',
        fromDay: 1,
        toDay: 1,
        lastDate: null,
        revokedAt: null,
      },
    });
    const linked = after(book, { type: 'share/make', share });
    const sol: Actor = { kind: 'share', id: 'link', name: 'Sol' };
    const outcome = attempt(linked, [note], sol);
    if (outcome.outcome !== 'kept') throw new Error(outcome.outcome);
    expect(outcome.book.notes.n).toMatchObject({ by: 'Sol', shareId: 'link', seenAt: null });
    const seen = after(outcome.book, { type: 'daybook/see-note', noteId: 'n' as never });
    expect(seen.notes.n?.seenAt).toBe('2027-03-08T12:00:00.000Z');
  });

  test('are not written twice', () => {
    expect(attempt(after(book, note), [note]).outcome).toBe('refused');
  });
});

test('a link that shows only groups belongs to somebody', () => {
  const share = { id: 'link', unitId: TEST_UNIT, label: 'Sol', fromDay: 1, toDay: 1, lastDate: null };
  expect(() => after(book, { type: 'share/make', share: { ...share, scope: 'stations' } })).toThrow(
    'Say whose groups it shows',
  );
});

test('a child who is forgotten leaves no line in the daybook, and others keep theirs', () => {
  const told = after(
    book,
    inBin('b', 'ramp', 'ada', 1, 2),
    record({ children: ['ada', 'bo'].map((childId) => ({ childId, outcome: 'fine' })), test: A_TEST }),
    {
      type: 'daybook/record',
      record: { unitId: TEST_UNIT, placementId: 'b', day: 1, outcome: 'fine' } as never,
    },
    { type: 'daybook/tap', date: A_MONDAY, childId: 'ada' as never, tap: 'in' },
    { type: 'daybook/tap', date: A_MONDAY, childId: 'bo' as never, tap: 'in' },
    { type: 'daybook/keepsake', placementId: 'p' as never, childId: 'ada' as never, has: true },
    {
      type: 'handover/lead',
      leading: {
        unitId: TEST_UNIT,
        placementId: 'p',
        day: 1,
        groups: [{ personId: 'mara', childIds: ['ada', 'bo'] }],
      } as never,
    },
  );
  const forgotten = after(told, {
    type: 'house/forget-child',
    childId: 'ada' as never,
    words: ['Ada Brook'],
  });
  expect(JSON.stringify(forgotten)).not.toMatch(/ada|Ada Brook/);
  expect(Object.keys(forgotten.arrivals)).toEqual([`${A_MONDAY}:bo`]);
  expect(forgotten.records['p:1']?.children.map(({ childId }) => childId)).toEqual(['bo']);
  expect(forgotten.leadings['p:1']?.groups[0]?.childIds).toEqual(['bo']);
});
