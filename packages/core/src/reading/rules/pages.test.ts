import { expect, test } from 'vitest';
import {
  A_MONDAY,
  aChild,
  aCorner,
  aMaterial,
  anActivity,
  aSupply,
  inCorner,
  onDay,
  TEST_UNIT,
  testBook,
} from '../../testing/home.ts';
import { mattersOf, pagesOfMatter, read } from '../index.ts';

const messy = { mode: 'whole-group' as const, cornerKinds: [], mess: 'messy' as const };
const book = testBook(
  aCorner('a'),
  aChild('kim', '2022-01-01'),
  aSupply('paint', {}),
  anActivity('building', { materials: [aMaterial('paint', 2)] }),
  ...[1, 2, 3, 4].map((n) => anActivity(`m-${n}`, messy)),
  inCorner('c', 'building', 'a', 1, 2),
  onDay('p-1', 'm-1', 1),
  onDay('p-2', 'm-2', 1),
  onDay('p-3', 'm-3', 2),
  onDay('p-4', 'm-4', 2),
);
const { headsUps, placements } = read(book, TEST_UNIT, A_MONDAY);
const at = new Map(placements.map((one) => [one.id, one]));
const pagesOfRule = (rule: string) =>
  headsUps
    .filter((one) => one.rule === rule)
    .flatMap((one) => mattersOf([one]))
    .map((one) => [...pagesOfMatter(one, at)].toSorted());

test('a finding belongs where what it is about stands and where it is mended', () => {
  expect(pagesOfRule('mess')).toEqual([['days'], ['days']]);
  expect(pagesOfRule('out-of-stock').flat()).toContain('gather');
  expect(pagesOfRule('area-forgotten')).toEqual([['corners', 'days', 'spark']]);
  for (const one of mattersOf(headsUps)) expect(pagesOfMatter(one, at).size).toBeGreaterThan(0);
});

test('one cause is one matter, in the order of the first; what is kept stays by itself', () => {
  const matters = mattersOf(headsUps);
  expect(matters.flatMap(({ findings }) => findings)).toHaveLength(headsUps.length);
  expect(matters.find(({ key }) => key.startsWith('mess'))!.findings).toHaveLength(2);
  expect(matters.map(({ findings }) => findings[0].rule)).toEqual([
    ...new Set(headsUps.map(({ rule }) => rule)),
  ]);
  const kept = { by: 'Mara', at: '2027-03-01', why: 'so' };
  const mess = headsUps.filter(({ rule }) => rule === 'mess');
  expect(mattersOf(mess.map((one) => ({ ...one, kept })))).toHaveLength(2);
});
