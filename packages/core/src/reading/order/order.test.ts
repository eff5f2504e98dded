import { describe, expect, test } from 'vitest';
import { placementAt, type Book } from '../../book/index.ts';
import {
  after,
  aCorner,
  anActivity,
  A_MONDAY,
  inCorner,
  inReserve,
  onDay,
  TEST_UNIT,
  testBook,
} from '../../testing/home.ts';
import type { ChangeInput } from '../../changes/index.ts';
import { mendsFor } from '../../mend/index.ts';
import { aPiece, CIRCLE_HOME } from '../../testing/circle.ts';
import { read } from '../answers/read.ts';
import { fittingDays, movedTo } from './order.ts';

const book = testBook(
  aCorner('a'),
  anActivity('story', { mode: 'whole-group' }),
  anActivity('grows', { comesAfter: [{ activityId: 'story', leastDays: 0, mostDays: 3 }] }),
  anActivity('dye', { makes: ['dyed grain'], makesAfterHours: 12 }),
  anActivity('stir', { makes: ['dough'], makesAfterHours: 1 }),
  anActivity('pour', { uses: ['Dyed grain'] }),
  anActivity('roll', { uses: ['dough'] }),
);
const broken = (base: Book) =>
  read(base, TEST_UNIT, A_MONDAY)
    .headsUps.filter(({ rule }) => rule === 'order')
    .map(({ title, detail }) => `${title}: ${detail.replace(' Move one of them, or leave it so.', '')}`);

describe('what comes after something', () => {
  test.each<[string, number, string, number, string, string[]]>([
    ['later', 1, 'table', 2, 'table', []],
    ['the same day, in a later block', 2, 'table', 2, 'groups', []],
    [
      'the same day, in the same block',
      2,
      'table',
      2,
      'table',
      ['grows is too early: It stands before story (Day 2), which has to come first.'],
    ],
    [
      'the same day, in an earlier block',
      2,
      'late',
      2,
      'table',
      ['grows is too early: It stands before story (Day 2), which has to come first.'],
    ],
    [
      'an earlier day',
      3,
      'table',
      2,
      'table',
      ['grows is too early: It stands before story (Day 3), which has to come first.'],
    ],
    // Day 5 is a Friday and Day 6 the Monday after: three days later.
    ['just within the time', 5, 'table', 6, 'table', []],
    [
      'a day too late',
      5,
      'table',
      7,
      'table',
      ['grows is too late: It has to follow story (Day 5) within 3 days.'],
    ],
  ])('%s', (_, day, block, thenDay, thenBlock, told) => {
    expect(
      broken(after(book, onDay('s', 'story', day, block), onDay('g', 'grows', thenDay, thenBlock))),
    ).toEqual(told);
  });

  test('is told without it, but not while it has no day itself', () => {
    expect(broken(after(book, onDay('g', 'grows', 2)))).toEqual([
      'grows is missing something: It needs story first, which is not planned on any day.',
    ]);
    expect(broken(after(book, inReserve('g', 'grows')))).toEqual([]);
    expect(broken(after(book, inReserve('s', 'story'), onDay('g', 'grows', 2)))).toHaveLength(1);
  });

  test('is served by any one of several', () => {
    const planned = after(book, onDay('s', 'story', 4), onDay('g', 'grows', 2));
    expect(broken(planned)).toHaveLength(1);
    expect(broken(after(planned, onDay('s2', 'story', 1)))).toEqual([]);
  });

  test('is served by what has been out in a corner since', () => {
    expect(broken(after(book, inCorner('s', 'story', 'a', 2, 9), onDay('g', 'grows', 2)))).toEqual([]);
    expect(broken(after(book, inCorner('s', 'story', 'a', 3, 9), onDay('g', 'grows', 2)))).toHaveLength(1);
  });
});

describe('what one makes and another uses', () => {
  test('needs the hours that it takes to dry, told to the minute', () => {
    const same = after(book, onDay('d', 'dye', 2), onDay('p', 'pour', 2, 'late'));
    expect(broken(same)).toEqual([
      'pour is too early: It uses what dye makes (Day 2); that takes 12 h to dry or set, until Tue 9 March at 22:00.',
    ]);
    expect(broken(after(book, onDay('d', 'dye', 2), onDay('p', 'pour', 3)))).toEqual([]);
    expect(broken(after(book, onDay('s', 'stir', 2), onDay('r', 'roll', 2, 'late')))).toEqual([]);
  });
});

describe('what is made is found wherever it is used', () => {
  const drum = (day: number, rest: object = {}) => [
    anActivity('drums', { mode: 'whole-group', makes: ['drums'], makesAfterHours: 6, ...rest }),
    onDay('m', 'drums', day),
  ];
  const march = (day: number) =>
    aPiece('march', 'a1', { kind: 'moving', day: day as never, uses: ['drums'] });
  const circle: ChangeInput = { type: 'house/put-home', home: CIRCLE_HOME };

  test('in a circle: too early is told, with the maker moved before it', () => {
    const late = testBook(circle, ...drum(3), march(2));
    const [finding] = read(late, TEST_UNIT, A_MONDAY).headsUps.filter(({ rule }) => rule === 'order');
    expect(finding).toMatchObject({
      title: 'march is too early',
      detail: expect.stringContaining('It stands before drums (Day 3), which has to come first.') as string,
      pieceIds: ['march'],
      comesAfter: 'm',
    });
    expect(mendsFor(late, TEST_UNIT, finding!, A_MONDAY, () => 'n').map(({ label }) => label)).toEqual([
      'Move drums to Day 1',
      'Without march on Day 2',
    ]);
    expect(broken(testBook(circle, ...drum(1), march(2)))).toEqual([]);
    expect(broken(testBook(circle, march(2)))).toEqual([
      'march is missing something: It needs drums first, which is not planned on any day.',
    ]);
  });

  test('in a special event: dry before its first part', () => {
    const feast = (day: number): ChangeInput => ({
      type: 'unit/put-event',
      event: {
        ...{ id: 'feast', unitId: TEST_UNIT, title: 'The feast', uses: ['drums'] },
        ...{ when: { kind: 'day', day }, plan: [{ start: '09:00', text: 'The march' }] },
      },
    });
    // Six hours after its block they are not dry on the same morning, and the maker may move.
    const sameDay = testBook(...drum(2), feast(2));
    const [finding] = read(sameDay, TEST_UNIT, A_MONDAY).headsUps.filter(({ rule }) => rule === 'order');
    expect(finding).toMatchObject({ title: 'The feast is too early', comesAfter: 'm', placementId: null });
    expect(broken(testBook(...drum(1), feast(2)))).toEqual([]);
    expect(broken(testBook(feast(2)))).toEqual([
      'The feast is missing something: It needs drums first, which is not planned on any day.',
    ]);
  });

  test('a book: what plays it comes after it was read', () => {
    const bookTitle: ChangeInput = {
      type: 'library/put-book',
      book: { id: 'lost', title: 'The lost rope', level: 'story' },
    } as ChangeInput;
    const played = (day: number, block = 'table'): Book =>
      testBook(
        circle,
        bookTitle,
        aPiece('reading', 'a1', { kind: 'story', day: 2 as never, bookId: 'lost' as never }),
        anActivity('play', { uses: ['the lost rope'] }),
        onDay('p', 'play', day, block),
      );
    expect(broken(played(3))).toEqual([]);
    expect(broken(played(1))).toEqual([
      expect.stringMatching(
        /^play is too early: It stands before .*[Tt]he lost rope \(Day 2\), which has to/u,
      ),
    ]);
  });

  test('in the next unit: pressed in one, written on in another, and told when it is not dry by then', () => {
    const NEXT = 'market' as never;
    const next: ChangeInput = {
      type: 'unit/start',
      unit: { id: NEXT, title: 'The market', style: 'theme', start: '2027-03-22', dayCount: 5 } as never,
    };
    const writes = anActivity('signs', { uses: ['paper'] });
    const paper = (hours: number) => anActivity('press', { makes: ['paper'], makesAfterHours: hours });
    const told = (hours: number) =>
      read(
        testBook(next, writes, paper(hours), onDay('m', 'press', 1), {
          ...onDay('w', 'signs', 1),
          unitId: NEXT,
        } as ChangeInput),
        NEXT,
        A_MONDAY,
      ).headsUps.filter(({ rule }) => rule === 'order');
    expect(told(240)).toEqual([]);
    // A fortnight of the calendar, over the night on which the clocks go forward.
    expect(told(14 * 24)[0]!.detail).toContain('until Mon 22 March at 10:00. Move');
    expect(told(14 * 24)[0]).not.toHaveProperty('comesAfter');
  });

  test('what is eaten is there on its day only', () => {
    const bake = anActivity('bake', { makes: ['rolls'], eaten: true });
    const shop = anActivity('shop', { uses: ['rolls'] });
    const on = (day: number) =>
      broken(testBook(bake, shop, onDay('b', 'bake', 2), onDay('s', 'shop', day, 'late')));
    expect(on(2)).toEqual([]);
    expect(on(3)).toEqual(['shop is too late: It uses what bake makes (Day 2), which is eaten by then.']);
  });
});

describe('before something is dropped', () => {
  const planned = after(book, onDay('d', 'dye', 4), onDay('p', 'pour', 6));
  const verdicts = (id: string) => {
    const reading = read(planned, TEST_UNIT, A_MONDAY);
    return reading.verdicts(placementAt(planned, id)!);
  };

  test('each day says what would break there, and where it would fit', () => {
    expect(verdicts('p').map(({ breaks }) => breaks.length)).toEqual([1, 1, 1, 1, 0, 0, 0, 0, 0, 0]);
    expect(verdicts('p')[3]?.breaks).toEqual([
      'It uses what dye makes (Day 4); that takes 12 h to dry or set, until Thu 11 March at 22:00',
    ]);
    expect(fittingDays(verdicts('p'))).toBe('It would fit on Day 5, 6, 7, 8, 9 and 10.');
  });

  test('what it would do to others is said too', () => {
    expect(verdicts('d').flatMap(({ day, breaks }) => (breaks.length ? [day] : []))).toEqual([
      6, 7, 8, 9, 10,
    ]);
    expect(verdicts('d')[6]?.breaks).toEqual(['pour stands before dye (Day 7), which has to come first']);
  });

  test('what fits everywhere has no better place', () => {
    const { verdicts: all } = read(after(book, onDay('s', 'story', 1)), TEST_UNIT, A_MONDAY);
    const planned = after(book, onDay('s', 'story', 1));
    expect(fittingDays(all(placementAt(planned, 's')!))).toBeNull();
  });

  test('a set-up keeps its length up to the end of the unit', () => {
    const { frame } = read(book, TEST_UNIT, A_MONDAY);
    const where = inCorner('s', 'story', 'a', 2, 5).where as never;
    expect(movedTo(where, 4, frame)).toMatchObject({ fromDay: 4, toDay: 7 });
    expect(movedTo(where, 9, frame)).toMatchObject({ fromDay: 9, toDay: 10 });
    expect(movedTo({ kind: 'reserve' }, 3, frame)).toEqual({ kind: 'day', day: 3, blockId: 'table' });
  });
});
