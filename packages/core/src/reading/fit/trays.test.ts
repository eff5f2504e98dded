import { describe, expect, test } from 'vitest';
import { placementAt, type Book } from '../../book/index.ts';
import {
  aChild,
  aCorner,
  after,
  aMaterial,
  anActivity,
  aSupply,
  aVersion,
  A_MONDAY,
  inBin,
  inCorner,
  onDay,
  TEST_UNIT,
  testBook,
} from '../../testing/home.ts';
import { read } from '../answers/read.ts';
import { metBefore, nextWays, versionReason } from './trays.ts';

const book = testBook(
  aCorner('a'),
  aChild('ada', '2026-05-20', { mouthsThings: true }),
  aChild('noor', '2024-03-10', { rungs: { counting: 'sure', threading: 'not-met', cutting: 'not-met' } }),
  aChild('bo', '2022-01-01', { attendance: { '1': ['morning'] } }),
  aSupply('beads', {
    use: 'reusable',
    properties: { loosePart: { acrossMm: 20, longMm: 20, material: 'firm' } },
    set: { pieces: [], waysToPlay: ['Match.', 'Order.', 'Spell.'] },
  }),
  anActivity('count', {
    versions: [aVersion(24, 36), aVersion(36)],
    materials: [aMaterial('beads', 5)],
    skills: ['counting', 'threading'],
  }),
  anActivity('peek', { versions: [aVersion(0, 12)], skills: ['looking-closely'] }),
  anActivity('older', { versions: [aVersion(40)], mode: 'whole-group' }),
);
const trays = (base: Book) => read(base, TEST_UNIT, A_MONDAY).trays;
const rowOf = (base: Book, id: string) => trays(base).find(({ child }) => child.id === id)!;
const versions = (base: Book, id: string) =>
  rowOf(base, id).byArea.number.flatMap(({ parts }) => parts.map(({ version, days }) => [version.id, days]));

describe('the trays', () => {
  const planned = after(book, inCorner('p', 'count', 'a', 1, 10));

  test('have a row a child, the youngest first, with what each gets on which days', () => {
    expect(trays(planned).map(({ child, days }) => [child.id, days.length])).toEqual([
      ['ada', 10],
      ['noor', 10],
      ['bo', 2],
    ]);
    expect(versions(planned, 'bo')).toEqual([['from-36', [1, 6]]]);
    // Sure of counting: half a year ahead of the birthday that she has on Day 3 anyway.
    expect(versions(planned, 'noor')).toEqual([['from-36', [1, 2, 3, 4, 5, 6, 7, 8, 9, 10]]]);
    expect(versions(planned, 'ada')).toEqual([]);
    expect(rowOf(planned, 'ada').byArea.number[0]?.without).toHaveLength(10);
  });

  test('say why a child gets a version', () => {
    const reason = (base: Book, id: string) =>
      versionReason(rowOf(base, id).byArea.number[0]!, rowOf(base, id));
    expect(reason(planned, 'noor')).toBe('counting: sure');
    expect(reason(planned, 'bo')).toBe('at 5 y 2 m');
    const chosen = after(planned, {
      type: 'unit/choose-version',
      placementId: 'p',
      childId: 'noor',
      versionId: 'from-24',
    });
    expect(reason(chosen, 'noor')).toBe('chosen by hand');
    expect(versions(chosen, 'noor')).toEqual([['from-24', [1, 2, 3, 4, 5, 6, 7, 8, 9, 10]]]);
  });

  test('show what nobody of the child thought of: what is not met, and areas with nothing', () => {
    expect(rowOf(planned, 'noor').notMet).toEqual(['cutting']);
    expect(rowOf(book, 'noor').notMet).toEqual(['threading', 'cutting']);
    expect(rowOf(planned, 'noor').emptyAreas).not.toContain('number');
    expect(rowOf(planned, 'ada').emptyAreas).toContain('number');
  });

  test('keep the bin of a child to that child, amounts included', () => {
    const filled = after(book, inBin('mine', 'count', 'bo', 1, 10));
    expect(rowOf(filled, 'bo').bin.map(({ placement }) => placement.id)).toEqual(['mine']);
    expect(rowOf(filled, 'noor').bin).toEqual([]);
    const [line] = read(filled, TEST_UNIT, A_MONDAY).supplies;
    expect([line?.supply.id, line?.need.amount]).toEqual(['beads', 5]);
  });

  test('know the next way to play a set, from how often it was met', () => {
    const placement = placementAt(planned, 'p')!;
    const way = (times: number) => nextWays(planned, placement, times)[0]?.way;
    expect([0, 1, 2, 9].map(way)).toEqual(['Match.', 'Order.', 'Spell.', 'Spell.']);
  });

  test('count what was met in earlier units, by those who had a version then', () => {
    const earlier = after(
      planned,
      {
        type: 'unit/start',
        unit: { id: 'earlier', title: 'Paper', style: 'theme', start: '2027-02-15', dayCount: 5 },
      },
      {
        type: 'unit/place',
        id: 'e1',
        unitId: 'earlier',
        activityId: 'count',
        where: { kind: 'corner', cornerId: 'a', fromDay: 1, toDay: 5 },
      },
    );
    const met = (id: string) =>
      metBefore(earlier, TEST_UNIT, earlier.children[id]!, placementAt(earlier, 'p')!);
    expect(['ada', 'noor', 'bo'].map(met)).toEqual([0, 1, 1]);
    expect(metBefore(earlier, 'earlier' as never, earlier.children.bo!, placementAt(earlier, 'p')!)).toBe(0);
  });
});

describe('out of reach', () => {
  test('are small parts on the days on which a young one is there', () => {
    const { outOfReach } = read(after(book, inCorner('p', 'count', 'a', 1, 2)), TEST_UNIT, A_MONDAY);
    expect(
      outOfReach.map(({ supply, why, children, days }) => [supply.id, why, children.map((c) => c.id), days]),
    ).toEqual([['beads', 'small parts', ['ada', 'noor'], [1, 2]]]);
  });

  test('is nothing when only older ones are there', () => {
    const older = testBook(
      aChild('bo', '2022-01-01'),
      aSupply('beads', { properties: { ballMm: 20 } }),
      aCorner('a'),
      anActivity('count', { materials: [aMaterial('beads', 1)] }),
      inCorner('p', 'count', 'a', 1, 2),
    );
    expect(read(older, TEST_UNIT, A_MONDAY).outOfReach).toEqual([]);
  });
});

describe('only watching', () => {
  const told = (base: Book) =>
    read(base, TEST_UNIT, A_MONDAY)
      .headsUps.filter(({ rule }) => rule === 'only-watching')
      .map(({ title, days }) => [title, days]);
  const shelf = after(book, inCorner('s', 'peek', 'a', 1, 10));

  test('is told from the second time on, when it is half of the time', () => {
    const once = after(shelf, onDay('p', 'older', 1));
    expect(told(once)).toEqual([]);
    expect(told(after(once, onDay('q', 'older', 2)))).toEqual([['ada mostly watches', [1, 2]]]);
    const shared = ['r', 's2', 't'].map((id, i) => onDay(id, 'peek', i + 3));
    expect(told(after(once, onDay('q', 'older', 2), ...shared))).toEqual([]);
  });

  test('is not told on top of a day on which nothing at all fits', () => {
    expect(told(after(book, onDay('p', 'older', 1), onDay('q', 'older', 2)))).toEqual([]);
  });
});
