import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { cutLines, layCards, STACK } from './layout.ts';
import { MARGIN_MM, PAPERS, type PaperId } from './paper.ts';

const job = fc.record({
  count: fc.integer({ min: 1, max: 240 }),
  card: fc.record({ width: fc.integer({ min: 20, max: 190 }), height: fc.integer({ min: 20, max: 250 }) }),
  paper: fc.constantFrom<PaperId>('letter', 'a4'),
});
/** The grid that anybody would lay: upright, each sheet cut by itself. */
function obvious(count: number, card: { width: number; height: number }, paper: PaperId) {
  const { width, height } = PAPERS[paper];
  const across = Math.floor((width - 2 * MARGIN_MM) / card.width);
  const down = Math.floor((height - 2 * MARGIN_MM) / card.height);
  if (across === 0 || down === 0) return null;
  const pages = Math.ceil(count / (across * down));
  // Of the last one only the rows that are used.
  const cutsOf = (rows: number): number => rows + 1 + rows * (across + 1);
  const last = Math.ceil((count - (pages - 1) * across * down) / across);
  return { pages, cuts: (pages - 1) * cutsOf(down) + cutsOf(last) };
}

describe('cards on sheets', () => {
  test('take never more sheets than the obvious grid, nor more cuts on as many, and a fifth fewer in the mean', () => {
    const saved: number[] = [];
    fc.assert(
      fc.property(job, ({ count, card, paper }) => {
        const [grid, plain] = [layCards(count, card, paper), obvious(count, card, paper)];
        if (!plain) return;
        expect(grid!.pages).toBeLessThanOrEqual(plain.pages);
        if (grid!.pages === plain.pages) expect(grid!.cuts).toBeLessThanOrEqual(plain.cuts);
        saved.push(1 - grid!.cuts / plain.cuts);
      }),
      { numRuns: 500 },
    );
    expect(saved.reduce((sum, one) => sum + one, 0) / saved.length).toBeGreaterThanOrEqual(0.2);
  });

  test('lie between the margins, centred, as many as the sheets hold', () => {
    fc.assert(
      fc.property(job, ({ count, card, paper }) => {
        const grid = layCards(count, card, paper);
        if (!grid) return;
        const { page, across, down, left, top, pages } = grid;
        expect(Math.min(left, top)).toBeGreaterThanOrEqual(MARGIN_MM - 1e-9);
        expect(left + across * card.width + left).toBeCloseTo(page.width, 6);
        expect(top + down * card.height + top).toBeCloseTo(page.height, 6);
        expect([across * down * pages >= count, across * down * (pages - 1) < count]).toEqual([true, true]);
      }),
    );
  });

  test('are cut along every edge of every card and nowhere else, those through whole sheets first', () => {
    fc.assert(
      fc.property(job, ({ count, card, paper }) => {
        const grid = layCards(count, card, paper);
        if (!grid) return;
        const { across, down, first } = grid;
        const some = Math.min(count, across * down);
        const lines = cutLines(grid, card, some);
        const isAlong = ({ from, to }: (typeof lines)[number]): boolean => from[1] === to[1];
        const rows = lines.filter(isAlong);
        expect([rows.length, lines.length - rows.length]).toEqual([Math.ceil(some / across) + 1, across + 1]);
        for (const line of lines) expect(line.isFirst).toBe(isAlong(line) === (first === 'rows'));
        for (let i = 1; i < rows.length; i += 1)
          expect(rows[i]!.from[1] - rows[i - 1]!.from[1]).toBeCloseTo(card.height, 6);
      }),
    );
  });

  test.each([
    ['nine on one sheet: four cuts along, three strips on each other across', 9, 1, 8],
    ['as many on each other as the cutter takes', 9 * STACK, STACK, 4 + 3 * 4],
    ['one more sheet is a pile of its own', 9 * (STACK + 1), STACK + 1, 4 + 3 * 4 + 8],
  ])('are cut in piles: %s', (_, count, pages, cuts) => {
    const grid = layCards(count, { width: 63, height: 70 }, 'a4')!;
    expect([grid.across, grid.down, grid.pages, grid.cuts]).toEqual([3, 3, pages, cuts]);
  });

  test('are refused when one does not fit, and when there is none', () => {
    expect(layCards(3, { width: 260, height: 270 }, 'a4')).toBeNull();
    expect(layCards(0, { width: 60, height: 60 }, 'a4')).toBeNull();
  });

  test('lie across where that holds more', () => {
    const grid = layCards(4, { width: 130, height: 95 }, 'a4')!;
    expect([grid.page.width > grid.page.height, grid.pages]).toEqual([true, 1]);
  });
});
