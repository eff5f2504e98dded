// @vitest-environment happy-dom
import { read, type CircleRun } from '@kobby/core';
import type { VueWrapper } from '@vue/test-utils';
import { afterEach, beforeEach, describe, expect, test, vi } from 'vitest';
import { aPiece, aSong, circleBook } from '../../../../core/src/testing/circle.ts';
import { A_MONDAY, TEST_UNIT } from '../../../../core/src/testing/home.ts';
import { openDesk } from '../../testing/desk.ts';
import CardView from './CardView.vue';
import CircleView from './CircleView.vue';
import LeadView from './LeadView.vue';
import { screensOf } from './screens.ts';
import SongsView from './SongsView.vue';

vi.mock('./EnergyChart.vue', () => ({ __esModule: true, default: { render: () => null } }));

const book = circleBook(
  aSong('five', {
    purpose: 'count',
    verses: ['{n what} // fingers up\nAll: hurrah'],
    rule: { kind: 'counted', from: 5, to: 1, words: ['kite'] },
    voice: 'softly',
    props: [{ words: 'Felt kites', count: 1, per: 'verse' }],
  }),
  aSong('jump', { purpose: 'move', energy: 'lively' }),
  aSong('tidy', { purpose: 'tidy', kind: 'transition' }),
  aPiece('hello', 'a0', { kind: 'welcome', minutes: 1 as never }),
  aPiece('sing', 'a1', { kind: 'song', songId: 'five' }),
  aPiece('talk', 'a2', { minutes: 2 as never }),
);

let desk: Awaited<ReturnType<typeof openDesk>>;
beforeEach(async () => {
  desk = await openDesk(book);
});
afterEach(() => {
  document.body.innerHTML = '';
});

const circle = (day = 1): CircleRun => {
  const { circles } = read(desk.store.book, TEST_UNIT, A_MONDAY);
  return circles.on(day, circles.blocks[0]!, 'in')!;
};
const titles = (day = 1) => circle(day).parts.map(({ title }) => title);
const settled = () => new Promise((done) => setTimeout(done));
const button = (page: VueWrapper, label: string) => page.get(`[aria-label="${label}"]`);
const byText = (page: VueWrapper, text: string) =>
  page.findAll('button').find((one) => one.text().startsWith(text))!;
const inBody = (selector: string) => document.querySelector<HTMLElement>(selector)!;
const only = async (page: VueWrapper) => page.get('input[value="day"]').setValue(true);

describe('the run of a circle', () => {
  test('shows each piece with its length, which explains itself', async () => {
    const page = desk.place(CircleView);
    expect(page.findAll('[data-test="piece"]')).toHaveLength(3);
    expect(page.text()).toContain('Felt kites × 5');
    await button(page, '50 s five: how come').trigger('click');
    expect(page.text()).toContain('10 lines in 5 verses × 5 s a line → 50 s.');
    expect(page.findAll('[data-test="stay"]').map((one) => one.text())).toEqual([
      'ada 12 months, sits about 3 minuntil five is over, 2 min would be left',
      'bo 3 y, sits about 9 minto the end',
      'cy 5 y, sits about 15 minto the end',
    ]);
  });

  test('gives and takes verses, on every day or on this one', async () => {
    const page = desk.place(CircleView);
    await button(page, 'A verse less of five').trigger('click');
    expect([circle(1), circle(2)].map(({ parts }) => parts[1]!.verses.length)).toEqual([4, 4]);
    await only(page);
    await button(page, 'A verse more of five').trigger('click');
    await button(page, 'A verse more of five').trigger('click');
    expect([circle(1), circle(2)].map(({ parts }) => parts[1]!.verses.length)).toEqual([6, 4]);
    expect(page.text()).toContain('only this day');
  });

  test('moves a piece by its grip and by keys, and says where it is', async () => {
    const page = desk.place(CircleView);
    await button(page, 'Move talk').trigger('click');
    await button(page, 'Put it here: before hello').trigger('click');
    expect(titles()).toEqual(['talk', 'hello', 'five']);
    expect(page.get('[data-test="order-notes"]').text()).toContain('a welcome is the first thing');
    await page.get('[data-piece="talk"]').trigger('keydown', { key: 'ArrowDown', altKey: true });
    expect(titles()).toEqual(['hello', 'talk', 'five']);
    expect(page.get('[role="status"].sr-only').text()).toBe('talk is number 2 now.');
    await page.get('[data-piece="hello"]').trigger('keydown', { key: 'ArrowUp', altKey: true });
    expect(titles()).toEqual(['hello', 'talk', 'five']);
    await button(page, 'Move talk').trigger('click');
    window.dispatchEvent(new KeyboardEvent('keydown', { key: 'Escape' }));
    await settled();
    expect(page.find('[aria-label^="Put it here"]').exists()).toBe(false);
  });

  test('offers what is not in it yet, at its place', async () => {
    const page = desk.place(CircleView);
    const missing = page.findAll('[data-test="missing"]');
    expect(missing.map((one) => one.text().split(/(?=eyes|some|a )/)[0])).toContain('Moving song');
    await missing.find((one) => one.text().startsWith('Moving song'))!.trigger('click');
    await settled();
    inBody('[data-test="ideas"] button').click();
    await settled();
    expect(titles()).toEqual(['hello', 'five', 'jump', 'talk']);
  });

  test('takes something in words, or something else on one day', async () => {
    const page = desk.place(CircleView);
    await button(page, 'On Day 1 something else in place of five').trigger('click');
    await settled();
    const words = inBody('input[name="words"]') as HTMLInputElement;
    words.value = 'A riddle';
    words.dispatchEvent(new Event('input', { bubbles: true }));
    await settled();
    inBody('.own button[type="submit"]').click();
    await settled();
    expect([titles(1), titles(2)]).toEqual([
      ['hello', 'A riddle', 'talk'],
      ['hello', 'five', 'talk'],
    ]);
    await button(page, 'Leave A riddle out').trigger('click');
    expect(titles(1)).toEqual(['hello', 'talk']);
  });

  test('is made longer or shorter, after showing what would change', async () => {
    const page = desk.place(CircleView);
    await only(page);
    await page.get('input[name="fit"]').setValue('3');
    expect(page.get('[data-test="fit-steps"]').text()).toBe('Leave out five');
    await page.get('[data-test="take-fit"]').trigger('click');
    expect([titles(1), titles(2)]).toEqual([
      ['hello', 'talk'],
      ['hello', 'five', 'talk'],
    ]);
    await button(page, 'talk stays as it is').trigger('click');
    await page.get('input[name="fit"]').setValue('1');
    expect(page.get('[data-test="cannot"]').text()).toMatch(/^It cannot be done in 1 min: what stays/);
  });

  test('says which minutes it cannot be fitted to', async () => {
    const page = desk.place(CircleView);
    for (const [typed, told] of [
      ['-3', 'From 1 to 90 minutes, not -3'],
      ['0', 'From 1 to 90 minutes, not 0'],
      ['999', 'From 1 to 90 minutes, not 999'],
    ] as const) {
      await page.get('input[name="fit"]').setValue(typed);
      expect(page.get('.fit [role="alert"]').text()).toBe(told);
      expect(page.find('[data-test="take-fit"]').exists()).toBe(false);
    }
    await page.get('input[name="fit"]').setValue('');
    expect(page.find('.fit [role="alert"]').exists()).toBe(false);
  });

  test('takes what was noted for a day into the run of that day only', async () => {
    desk.store.perform([
      {
        type: 'unit/put-line',
        line: { id: 'l', unitId: TEST_UNIT, kind: 'circle', day: 1, words: 'Wet finger', order: 'a0' },
      },
    ]);
    const page = desk.place(CircleView);
    await byText(page, 'Put it into the run').trigger('click');
    expect([titles(1), titles(2)]).toEqual([
      ['hello', 'five', 'talk', 'Wet finger'],
      ['hello', 'five', 'talk'],
    ]);
    expect(byText(page, 'Put it into the run')).toBeUndefined();
  });

  test('has pieces between the blocks', async () => {
    const page = desk.place(CircleView);
    await button(page, 'Something after Table time').trigger('click');
    await settled();
    inBody('[data-test="ideas"] button').click();
    await settled();
    expect(page.findAll('[data-test="seam"]')[1]!.text()).toContain('tidy');
  });
});

describe('how a circle went', () => {
  test('is told in two taps, tunes the patience of the group, and can be forgotten', async () => {
    const page = desk.place(CircleView);
    await page.get('[data-test="went-lost"]').trigger('click');
    await page.findAll('[data-test="lost-at"]')[1]!.trigger('click');
    const [record] = Object.values(desk.store.book.circleRecords);
    expect(record).toMatchObject({ outcome: 'lost', heldSeconds: 60, ruleSeconds: 540 });
    expect(page.get('[data-test="patience-steps"]').text()).toContain(
      'lost them at 1 min, the rule gives 9 min',
    );
    expect(page.text()).toContain('This group sits about 20 % shorter than the age rule');
    await page.get('[data-test="went-held"]').trigger('click');
    expect(Object.values(desk.store.book.circleRecords)).toHaveLength(1);
    await page.get('[data-test="count-anew"]').trigger('click');
    expect(page.find('[data-test="patience-steps"]').exists()).toBe(false);
    await byText(page, 'Take it back').trigger('click');
    expect(desk.store.book.circleRecords).toEqual({});
  });
});

describe('the full screen', () => {
  const lead = async () => {
    await desk.router.push(`/units/${TEST_UNIT}/circle/1/circle/circle-lead`);
    return desk.alone(LeadView);
  };
  test('goes on verse by verse, back, and to the end', async () => {
    const page = await lead();
    const verse = () => page.get('[data-test="verse"]');
    expect(verse().text()).toContain('hello');
    await verse().trigger('click');
    expect(verse().text()).toContain('Five kites fingers upAllHurrah');
    expect(verse().text()).toContain('1 of 5');
    expect(verse().text()).toContain('relaxed · softly');
    window.dispatchEvent(new KeyboardEvent('keydown', { key: 'ArrowRight' }));
    await settled();
    expect(verse().text()).toContain('Four kites');
    window.dispatchEvent(new KeyboardEvent('keydown', { key: 'ArrowLeft' }));
    await settled();
    expect(verse().text()).toContain('Five kites');
    for (let i = 0; i < 6; i += 1) await verse().trigger('click');
    expect(page.get('[data-test="lead-end"]').text()).toContain('How it went');
  });
  test('is made longer and shorter from where it is', async () => {
    const page = await lead();
    await page.get('[data-test="verse"]').trigger('click');
    await page.get('[data-test="longer"]').trigger('click');
    // What was begun stays as it is; what is not in it yet is added.
    expect(titles()).toEqual(['hello', 'five', 'jump', 'talk']);
    expect(page.text()).toContain('Five kites');
    await page.get('[data-test="shorter"]').trigger('click');
    expect(titles()).not.toContain('talk');
    expect(titles()).toContain('five');
    expect(titles(2)).toEqual(['hello', 'five', 'talk']);
  });
  test('shows a piece without verses as one screen', () => {
    expect(screensOf(circle()).map(({ lines, of }) => [lines[0]!.text, of])).toEqual([
      ['hello', 1],
      ...['Five', 'Four', 'Three', 'Two'].map((n) => [`${n} kites`, 5]),
      ['One kite', 5],
      ['talk', 1],
    ]);
  });
});

test('prints a card with all words, and the songs large', async () => {
  await desk.router.push(`/units/${TEST_UNIT}/circle/1/circle/circle-card`);
  const card = desk.alone(CardView).get('[data-test="circle-card"]').text();
  expect(card).toContain('Felt kites × 5');
  expect(card).toContain('ada after five');
  expect(card).toContain('Three kites');
  const songs = desk.alone(SongsView);
  expect(songs.findAll('[data-test="song-sheet"]')).toHaveLength(1);
  await desk.router.push(`/units/nothing/circle/1/circle/circle-card`);
  expect(desk.alone(CardView).text()).toContain('There is nothing in this circle');
});
