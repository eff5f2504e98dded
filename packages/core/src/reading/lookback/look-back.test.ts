import { describe, expect, test } from 'vitest';
import { plainDay } from '../../calendar/index.ts';
import type { ChangeInput } from '../../changes/index.ts';
import {
  aChild,
  aCorner,
  after,
  anActivity,
  inCorner,
  onDay,
  recorded,
  testBook,
  TEST_UNIT,
} from '../../testing/home.ts';
import { read } from '../answers/read.ts';
import { lookBackOn, tallyText } from './look-back.ts';

const book = testBook(
  aCorner('a'),
  aChild('bo', '2022-01-01'),
  aChild('ada', '2023-01-01'),
  anActivity('wash', { mode: 'whole-group', keepsake: true }),
  anActivity('drum', { mode: 'whole-group' }),
  anActivity('stand'),
  onDay('p', 'wash', 2),
  onDay('q', 'drum', 1),
  onDay('later', 'drum', 9),
  inCorner('s', 'stand', 'a', 1, 10),
);
/** Wednesday of the first week: two days are over. */
const WEDNESDAY = plainDay('2027-03-10');
const back = (base: typeof book, today = WEDNESDAY) => lookBackOn(base, read(base, TEST_UNIT, today), today);
const ids = (rows: ReturnType<typeof back>['rows']) => rows.map(({ placement }) => placement.id as string);

describe('looking back', () => {
  test('asks only of what is over and was not told', () => {
    expect(ids(back(book).rows)).toEqual(['q', 's', 'p']);
    expect(ids(back(book).toTell)).toEqual(['q', 's', 'p']);
    const told = after(book, recorded('q', 1, 'loved'), recorded('s', 2, 'fine'));
    expect(ids(back(told).toTell)).toEqual(['p']);
    expect(ids(back(book, plainDay('2027-03-08')).rows)).toEqual([]);
  });

  test('counts what was told today, and asks of today on the last day only', () => {
    const told = after(book, recorded('s', 3, 'loved'));
    expect(back(told).byDay.map(({ day }) => day.number)).toEqual([1, 2, 3]);
    expect(tallyText(back(told).tally)).toBe('1 × Loved it');
    expect(ids(back(told).toTell)).toEqual(['q', 'p']);

    const fresh = after(book, onDay('end', 'wash', 10));
    const THURSDAY = plainDay('2027-03-18');
    const FRIDAY = plainDay('2027-03-19');
    expect(ids(back(fresh, THURSDAY).toTell)).toEqual(['q', 's', 'p']);
    expect(ids(back(fresh, FRIDAY).toTell)).toEqual(['q', 's', 'p', 'later', 'end']);
    // What was said of a day that is ahead is no matter yet.
    const ahead = after(book, recorded('later', 9, 'fine'));
    expect(ids(back(ahead).rows)).toEqual(['q', 's', 'p']);
    expect(tallyText(back(ahead).tally)).toBe('');
  });

  test('counts each time by how it went, by day and by kind, and what nobody told by its day', () => {
    const told = after(book, recorded('q', 1, 'loved'), recorded('s', 1, 'fine'), recorded('s', 2, 'fine'));
    const { tally, byDay, byMode } = back(told);
    expect(tallyText(tally)).toBe('1 × Loved it, 2 × Fine');
    expect(byDay.map((one) => [one.day.number, tallyText(one.tally), one.untold])).toEqual([
      [1, '1 × Loved it, 1 × Fine', 0],
      [2, '1 × Fine', 1],
    ]);
    expect(byMode.map(({ name }) => name)).toEqual(['Open corner', 'Whole group']);
  });

  test('takes what was said most often, and the last where that is even', () => {
    const even = after(book, recorded('s', 1, 'loved'), recorded('s', 2, 'lost'));
    expect(back(even).rows.find(({ placement }) => placement.id === 's')?.went).toBe('lost');
    const most = after(even, recorded('s', 3, 'loved'));
    expect(back(most).rows.find(({ placement }) => placement.id === 's')?.went).toBe('loved');
  });

  test('tells for whom it was otherwise, and what was left unfinished', () => {
    const told = after(
      book,
      recorded('q', 1, 'fine', { unfinished: true, children: [{ childId: 'bo', outcome: 'lost' }] }),
    );
    const row = back(told).rows[0]!;
    expect(row.others.map(({ child, outcome }) => [child.id, outcome])).toEqual([['bo', 'lost']]);
    expect(row.openSince?.number).toBe(1);
  });

  test('knows who was away, whether planned or on the day, and who lacks a keepsake', () => {
    const away = after(
      book,
      {
        type: 'house/put-absence',
        absence: { id: 'ill', childId: 'bo', from: '2027-03-09', to: '2027-03-09' },
      },
      { type: 'daybook/tap', childId: 'ada', date: '2027-03-08', tap: 'away' } as ChangeInput,
      recorded('p', 2, 'loved'),
    );
    const { away: who, lacking } = back(away);
    expect(who.map(({ child, days }) => [child.id, days])).toEqual([
      ['ada', [1]],
      ['bo', [2]],
    ]);
    expect(lacking.map(({ lacks }) => lacks.map(({ child }) => child.id))).toEqual([['bo']]);
  });

  test('knows the unit that begins next', () => {
    expect(back(book).next).toBeNull();
    const more = after(book, {
      type: 'unit/start',
      unit: { ...book.units[TEST_UNIT]!, id: 'rain', title: 'Rain', start: '2027-03-22' } as never,
    });
    expect(back(more).next?.id).toBe('rain');
  });

  test('what stood in its corner to the end may stay into that unit, until it does', () => {
    const stand = (base: typeof book) => back(base).rows.find(({ placement }) => placement.id === 's')!;
    expect(stand(book).mayStaySince).toBeNull();
    const more = after(book, {
      type: 'unit/start',
      unit: { ...book.units[TEST_UNIT]!, id: 'rain', title: 'Rain', start: '2027-03-22' } as never,
    });
    const { mayStaySince, stays } = stand(more);
    expect([mayStaySince, stays]).toEqual(['2027-03-08', false]);
    const stayed = after(more, {
      type: 'unit/copy',
      id: 'put-stays',
      unitId: 'rain',
      placementId: 's',
      where: { kind: 'corner', cornerId: 'a', fromDay: 1, toDay: 5 },
      outSince: mayStaySince,
    } as ChangeInput);
    expect(stand(stayed).stays).toBe(true);
    expect(back(more).rows.find((row) => row.placement.id === 'q')!.mayStaySince).toBeNull();
  });
});
