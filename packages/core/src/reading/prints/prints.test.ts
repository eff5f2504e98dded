import { describe, expect, test } from 'vitest';
import {
  pagesOf,
  packetChanges,
  homeOf,
  jobsByChild,
  jobsByDay,
  pageCount,
  printDetails,
  printWork,
  read,
  sheetSchema,
  type ChangeInput,
} from '../../index.ts';
import {
  A_MONDAY,
  aChild,
  aCorner,
  after,
  anActivity,
  aVersion,
  inCorner,
  TEST_UNIT,
  testBook,
} from '../../testing/home.ts';

const sheet = (rest: object = {}) => sheetSchema.parse({ id: 's', title: 'Cards', ...rest });

describe('pages', () => {
  test.each([
    ['', 1],
    ['3', 1],
    ['2-4', 3],
    ['2-4, 7', 4],
    ['4-2', 3],
    ['1, 1', 2],
  ])('%j are %d', (pages, count) => expect(pageCount(sheet({ pages }))).toBe(count));
});

describe('the work', () => {
  const home = homeOf(testBook());
  const work = (rest: object, copies: number) => printWork(sheet(rest), copies, home);

  test('counts pages, pouches, cards and seconds by the values of the home', () => {
    expect(work({ pages: '1-2', laminate: true, cut: 'after', cardsPerPage: 6 }, 3)).toEqual({
      pages: 6,
      pouches: 6,
      cards: 36,
      printSeconds: 120,
      laminateSeconds: 360,
      cutSeconds: 540,
    });
  });

  test.each([
    ['plain, in stacks of four', { cut: 'plain', cardsPerPage: 8, cutAtOnce: 4 }, 5, 2 * 8 * 15],
    [
      'before laminating, in stacks',
      { cut: 'before', laminate: true, cardsPerPage: 8, cutAtOnce: 4 },
      5,
      2 * 8 * 15,
    ],
    [
      'after laminating, one by one',
      { cut: 'after', laminate: true, cardsPerPage: 8, cutAtOnce: 4 },
      5,
      5 * 8 * 15,
    ],
    ['not cut', { cut: 'none', cardsPerPage: 8 }, 5, 0],
    ['no cards on it', { cut: 'plain', cardsPerPage: 0 }, 5, 0],
  ])('%s', (_, rest, copies, seconds) => expect(work(rest, copies).cutSeconds).toBe(seconds));
});

describe('the jobs of a unit', () => {
  const put = (rest: object): ChangeInput => ({
    type: 'library/put-sheet',
    sheet: { id: 's', title: 'Lines', ...rest } as never,
  });
  const base = testBook(
    aCorner('a'),
    aChild('ada', '2025-06-01'),
    aChild('bo', '2022-01-01'),
    aChild('cy', '2021-01-01', { attendance: { '2': ['morning'] } }),
    put({ pages: '1-3', laminate: true, cut: 'before', finishing: ['ring'] }),
  );
  const jobs = (content: object, today = A_MONDAY) =>
    read(
      after(
        base,
        anActivity('trace', { versions: [aVersion(0, 36), aVersion(36)], sheetIds: ['s'], ...content }),
        inCorner('p', 'trace', 'a', 1, 2),
      ),
      TEST_UNIT,
      today,
    ).prints;

  test('are one copy for each child who comes and gets a version, told by version', () => {
    const [job] = jobs({});
    expect(
      job!.copies.map(({ version, children, count }) => [version?.id, children.map(({ id }) => id), count]),
    ).toEqual([
      ['from-0', ['ada'], 1],
      ['from-36', ['bo', 'cy'], 2],
    ]);
    expect([job!.copyCount, job!.work.pages, job!.steps, job!.by.number]).toEqual([
      3,
      9,
      ['print on plain paper', 'cut', 'laminate', 'ring'],
      1,
    ]);
    // 9 × 20 s + 9 × 60 s.
    expect(job!.minutes).toBe(12);
    expect(printDetails(job!)).toEqual([
      '3 copies × 3 pages (1 for “x”, 2 for “x”)',
      'print on plain paper → cut → laminate → ring',
      '9 pouches',
    ]);
    expect([...jobsByChild([job!])].map(([{ id }, list]) => [id, list.length])).toEqual([
      ['ada', 1],
      ['bo', 1],
      ['cy', 1],
    ]);
    expect([...jobsByDay([job!])]).toEqual([[1, [job]]]);
  });

  test.each([
    ['once for all', { kind: 'all' }, 1],
    ['for each pair begun', { kind: 'group-of', size: 2 }, 2],
    ['each time', { kind: 'run' }, 2],
    ['for each adult', { kind: 'adult' }, 1],
  ])('%s', (_, who, count) => {
    const [job] = jobs({ copies: [{ sheetId: 's', for: who }] });
    expect(job!.copyCount).toBe(count);
    expect([printDetails(job!)[0], jobsByChild([job!]).size]).toEqual([
      `${count} ${count === 1 ? 'copy' : 'copies'} × 3 pages`,
      0,
    ]);
  });

  test('only for the versions that get it, and not for days that are over', () => {
    expect(
      jobs({ copies: [{ sheetId: 's', for: { kind: 'child' }, versionIds: ['from-0'] }] })[0]!.copyCount,
    ).toBe(1);
    expect(jobs({}, '2027-03-10' as never)).toEqual([]);
    // On the second day alone, Cy is there too.
    expect(jobs({}, '2027-03-09' as never)[0]!.copyCount).toBe(3);
  });
});

test('a packet is laid out one page a day, each printed as that page alone; what finds no day waits', () => {
  const home = testBook(aChild('ada', '2022-01-01'), aChild('bo', '2021-01-01'), {
    type: 'library/put-sheet',
    sheet: { id: 'packet', title: 'Letter T', pages: '3-5, 9' },
  } as ChangeInput);
  let i = 0;
  const changes = packetChanges(home.sheets.packet!, 8, read(home, TEST_UNIT, A_MONDAY), () => `${(i += 1)}`);
  const laid = after(home, ...changes);
  const { placements, prints } = read(laid, TEST_UNIT, A_MONDAY);
  expect(
    placements.map(({ content, where }) => [content.title, where.kind === 'day' ? where.day : where.kind]),
  ).toEqual([
    ['Letter T, page 3', 8],
    ['Letter T, page 4', 9],
    ['Letter T, page 5', 10],
    ['Letter T, page 9', 'reserve'],
  ]);
  expect(prints.map(({ sheet: { pages }, work, copyCount }) => [pages, work.pages, copyCount])).toEqual([
    ['3', 2, 2],
    ['4', 2, 2],
    ['5', 2, 2],
  ]);
  expect(pagesOf({ pages: '4-2, 7' })).toEqual([4, 3, 2, 7]);
});
