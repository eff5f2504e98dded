import { describe, expect, test } from 'vitest';
import { monthsUpTo, plainDay } from '../../calendar/index.ts';
import type { ChangeInput } from '../../changes/index.ts';
import type { ChildId } from '../../house/index.ts';
import {
  A_MONDAY,
  aChild,
  aCorner,
  after,
  anActivity,
  aVersion,
  inCorner,
  onDay,
  TEST_UNIT,
  testBook,
} from '../../testing/home.ts';
import { areasMet, freshRungs, metBy, nextRungs } from './met.ts';

type Order = Extract<ChangeInput, { type: 'daybook/record' }>['record'];
const recorded = (placementId: string, day: number, rest: Partial<Order> = {}): ChangeInput => ({
  type: 'daybook/record',
  record: { unitId: TEST_UNIT, placementId, day, outcome: 'fine', ...rest },
});
const ADA = 'ada' as ChildId;
const book = testBook(
  aCorner('table'),
  aChild('ada', '2022-01-01'),
  aChild('bo', '2026-06-01', { attendance: { '2': ['morning'] } }),
  anActivity('cut', { skills: ['cutting'], versions: [aVersion(24, 48), aVersion(48)] }),
  anActivity('sing', { skills: ['singing', 'beat'], mode: 'whole-group' }),
  inCorner('p', 'cut', 'table', 1, 5),
  onDay('q', 'sing', 2),
);
const mets = (id: ChildId, ...changes: readonly ChangeInput[]) => metBy(after(book, ...changes), id, null);

describe('what a child met', () => {
  test('is what was recorded while she was there, the latest first, in the version that was hers or was done', () => {
    const said = mets(
      ADA,
      recorded('p', 1),
      recorded('p', 3, { versionId: 'from-24' as never }),
      recorded('q', 2),
    );
    expect(
      said.map(({ date, placement, version, isHardest }) => [date, placement.id, version.id, isHardest]),
    ).toEqual([
      ['2027-03-10', 'p', 'from-24', false],
      ['2027-03-09', 'q', 'from-0', true],
      ['2027-03-08', 'p', 'from-48', true],
    ]);
  });

  test('is not what she was away for, what did not happen, or what had no version for her', () => {
    expect(
      mets('bo' as ChildId, recorded('q', 2), recorded('p', 2)).map(({ placement }) => placement.id),
    ).toEqual(['q']);
    expect(mets('bo' as ChildId, recorded('p', 1))).toEqual([]);
    expect(mets(ADA, recorded('p', 1, { outcome: 'skipped' }))).toEqual([]);
    expect(metBy(book, ADA, null)).toEqual([]);
  });

  test('went as it went for her, where that was said by itself', () => {
    const lost = mets(ADA, recorded('p', 1, { children: [{ childId: 'ada', outcome: 'lost' }] as never }));
    expect(lost.map(({ outcome }) => outcome)).toEqual(['lost']);
    expect(
      mets(ADA, recorded('p', 1, { children: [{ childId: 'ada', outcome: 'skipped' }] as never })),
    ).toEqual([]);
  });

  test('keeps what was noted, but for what names another child', () => {
    const notes = ['Holes too small.', 'Bo cut all of it.', 'Above the bowl.'].map((note, i) =>
      recorded('p', i + 1, { note }),
    );
    expect(mets(ADA, ...notes).map(({ note }) => note)).toEqual(['Above the bowl.', '', 'Holes too small.']);
    expect(mets(ADA, recorded('p', 1, { note: 'Ada cut all of it.' }))[0]!.note).toBe('Ada cut all of it.');
  });

  test('is told by area: never met before longest ago, an area of several skills once', () => {
    const areas = areasMet(
      mets(ADA, recorded('p', 1), recorded('p', 2), recorded('q', 2)),
      monthsUpTo(A_MONDAY, 2),
    );
    expect(areas.slice(-2).map(({ area, times, lastOn }) => [area, times, lastOn])).toEqual([
      ['hands', 2, '2027-03-09'],
      ['music', 1, '2027-03-09'],
    ]);
    expect(areas[0]).toMatchObject({ times: 0, lastOn: null });
    expect(areas.at(-1)!.byMonth).toEqual([0, 1]);
  });

  test('since a day only what was from that day on is told', () => {
    const told = after(book, recorded('p', 1), recorded('p', 2), recorded('p', 3));
    const since = (day: string) => metBy(told, ADA, plainDay(day)).map(({ date }) => date);
    expect(since('2027-03-09')).toEqual(['2027-03-10', '2027-03-09']);
    expect(since('2027-03-20')).toEqual([]);
    expect(metBy(told, ADA, null)).toHaveLength(3);
  });
});

describe('steps while they are fresh', () => {
  const told = after(book, recorded('p', 1), recorded('p', 2), recorded('p', 3));
  const children = Object.values(told.children);
  const fresh = (day: string) =>
    freshRungs(told, children, plainDay(day)).map(
      ({ child, step }) => `${child.id} ${step.skill} ${step.to}`,
    );

  test('are those of the last week, of the children that are asked about', () => {
    expect(fresh('2027-03-10')).toEqual(['ada cutting sure']);
    expect(fresh('2027-03-17')).toEqual(['ada cutting sure']);
    expect(fresh('2027-03-18')).toEqual([]);
    expect(freshRungs(told, [], plainDay('2027-03-10'))).toEqual([]);
  });
});

describe('the next step', () => {
  const child = book.children.ada!;
  const steps = (...changes: readonly ChangeInput[]) =>
    nextRungs(child, mets(ADA, ...changes)).map(({ skill, to, on, isHardest }) => [
      skill,
      to,
      on.length,
      isHardest,
    ]);

  test('speaks after three times: sure in the hardest version, else practising', () => {
    expect(steps(recorded('p', 1), recorded('p', 2))).toEqual([]);
    expect(steps(recorded('p', 1), recorded('p', 2), recorded('p', 3))).toEqual([
      ['cutting', 'sure', 3, true],
    ]);
    const easier = { versionId: 'from-24' as never };
    expect(steps(recorded('p', 1, easier), recorded('p', 2, easier), recorded('p', 3))).toEqual([
      ['cutting', 'practising', 3, false],
    ]);
  });

  test('once lost in the hardest version is not sure, and does not lead down', () => {
    const lost = steps(
      recorded('p', 1),
      recorded('p', 2),
      recorded('p', 3, { outcome: 'lost' }),
      recorded('p', 4),
    );
    expect(lost).toEqual([['cutting', 'practising', 3, false]]);
    const all = mets(ADA, recorded('p', 1, { outcome: 'lost' }));
    expect(nextRungs({ ...child, rungs: { cutting: 'sure' } }, all)).toEqual([]);
  });

  test('is not proposed where the rung noted says as much, or the one of its area', () => {
    const all = mets(ADA, recorded('p', 1), recorded('p', 2), recorded('p', 3));
    expect(nextRungs({ ...child, rungs: { cutting: 'sure' } }, all)).toEqual([]);
    expect(nextRungs({ ...child, rungs: { hands: 'sure' } }, all)).toEqual([]);
    expect(nextRungs({ ...child, rungs: { cutting: 'not-met' } }, all)[0]).toMatchObject({
      from: 'not-met',
      to: 'sure',
    });
    expect(nextRungs({ ...child, rungs: { cutting: 'not-met' } }, all.slice(0, 1))[0]).toMatchObject({
      to: 'met',
    });
  });
});
