import { expect, test } from 'vitest';
import { plainDay } from '../../calendar/index.ts';
import type { ChangeInput } from '../../changes/index.ts';
import { copiedIn, startFromEarlier, withoutPlaced, type UnitInput } from '../../changes/index.ts';
import {
  aChild,
  aCorner,
  after,
  aMaterial,
  anActivity,
  aSupply,
  aVersion,
  inCorner,
  onDay,
  recorded,
  testBook,
  TEST_UNIT,
} from '../../testing/home.ts';
import type { UnitId } from '../../unit/index.ts';
import { startingAgain } from './again.ts';

const book = testBook(
  aCorner('a'),
  aChild('bo', '2022-01-01'),
  aChild('ada', '2024-01-01', { leftOn: '2027-08-31' }),
  aSupply('cards', { use: 'reusable', set: { pieces: [], waysToPlay: [] } }),
  {
    type: 'cupboard/record-stock',
    move: { id: 'm', supplyId: 'cards', kind: 'counted', amount: 1, at: '2027-03-01T00:00:00.000Z' },
  },
  anActivity('wash', {
    mode: 'whole-group',
    materials: [aMaterial('cards', 1, { for: { kind: 'all' } })],
  }),
  anActivity('drum', { mode: 'whole-group' }),
  anActivity('young', { mode: 'whole-group', versions: [aVersion(24, 48)] }),
  anActivity('plain'),
  onDay('p', 'wash', 2),
  onDay('q', 'drum', 1),
  onDay('r', 'young', 3),
  inCorner('s', 'plain', 'a', 1, 10),
  recorded('q', 1, 'lost', { note: 'too loud' }),
  recorded('p', 2, 'loved'),
);
const LATER = plainDay('2028-01-10');
const NEXT = 'again' as UnitId;
const unit: UnitInput = { ...book.units[TEST_UNIT]!, id: NEXT, start: '2028-03-06' } as never;

function againFrom(base: typeof book) {
  let made = 0;
  const begun = startFromEarlier(base, TEST_UNIT, unit, () => `made-${String((made += 1)).padStart(8, '0')}`);
  const tried = after(base, ...begun.changes);
  const copies = copiedIn(begun.changes);
  return { begun, again: startingAgain(base, TEST_UNIT, { tried, id: NEXT, copies }, LATER) };
}

test('what went how, what fits nobody now, and who is new stands before it is begun again', () => {
  const { again } = againFrom(after(book, aChild('eli', '2023-06-01', { startedOn: '2027-09-01' })));
  expect(again.lines.map(({ placementId, isDoubtful, why }) => [placementId, isDoubtful, why])).toEqual([
    ['q', true, ['lost them last time', 'bo met it within the year', 'noted: too loud']],
    ['r', true, ['fits nobody who comes now']],
    ['p', false, ['loved last time', 'bo met it within the year']],
  ]);
  expect([again.newcomers.map(({ id }) => id), again.gone.map(({ id }) => id)]).toEqual([['eli'], ['ada']]);
  expect(again.sets).toEqual(['cards']);
});

test('what was dropped since is doubtful', () => {
  const { activities } = book;
  const dropped = after(book, {
    type: 'library/put-activity',
    activity: { ...activities['plain' as never], retired: true } as never,
  });
  expect(againFrom(dropped).again.lines).toContainEqual({
    placementId: 's',
    title: 'plain',
    why: ['dropped since'],
    isDoubtful: true,
  });
});

test('what is left out is not begun, nor what stood in for it', () => {
  const twin = after(book, {
    type: 'unit/place',
    id: 'twin',
    unitId: TEST_UNIT,
    activityId: 'drum',
    where: { kind: 'twin', of: 'p' },
  } as ChangeInput);
  const { begun } = againFrom(twin);
  const left = withoutPlaced(begun, new Set(['p']));
  const sources = ({ changes }: typeof begun) =>
    changes.flatMap((change) => (change.type === 'unit/copy' ? [change.placementId] : []));
  expect(sources(begun).toSorted()).toEqual(['p', 'q', 'r', 's', 'twin']);
  expect(sources(left).toSorted()).toEqual(['q', 'r', 's']);
  expect(Object.keys(after(twin, ...left.changes).placements)).toHaveLength(5 + 3);
});
