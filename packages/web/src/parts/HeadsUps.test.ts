// @vitest-environment happy-dom
import { CAUTION_LINE, read } from '@kobby/core';
import type { VueWrapper } from '@vue/test-utils';
import { afterEach, beforeEach, expect, test, vi } from 'vitest';
import {
  A_MONDAY,
  aChild,
  aCorner,
  after,
  aMaterial,
  anActivity,
  aSupply,
  inCorner,
  onDay,
  TEST_UNIT,
  testBook,
} from '../../../core/src/testing/home.ts';
import { openDesk } from '../testing/desk.ts';
import HeadsUps from './HeadsUps.vue';

const recorded = { category: 'paper-and-card', use: 'reusable' } as const;
const book = testBook(
  aCorner('a'),
  aCorner('b'),
  aChild('kim', '2025-01-01', { mouthsThings: true }),
  aSupply('beads', {
    ...recorded,
    properties: { film: false, loosePart: { acrossMm: 10, longMm: 10, material: 'firm' } },
  }),
  anActivity('thread', { materials: [aMaterial('beads', 5)] }),
  inCorner('p', 'thread', 'a', 1, 1),
);

let desk: Awaited<ReturnType<typeof openDesk>>;
beforeEach(async () => {
  desk = await openDesk(book);
});
afterEach(() => {
  document.body.innerHTML = '';
  vi.unstubAllGlobals();
});
const findings = () => read(desk.store.book, TEST_UNIT, A_MONDAY).headsUps;
const show = (): VueWrapper => desk.place(HeadsUps, { findings: findings(), placements: [], page: null });
const buttonOf = (list: VueWrapper, text: string) =>
  list.findAll('button').find((one) => one.text() === text)!;

test('each heads-up says its level in words; opened, what to do instead, its basis and whose word comes first', async () => {
  const list = show();
  expect(list.text()).toContain('Stop · Small parts: kim');
  expect(list.text()).not.toContain('16 CFR 1501');
  await list.get('.head').trigger('click');
  expect(list.text()).toContain('Use a larger version');
  expect(list.text()).toContain(
    "16 CFR 1501 and EN 71-1. Local licensing and the child's own care plan come first.",
  );
});

test('a mend is one press', async () => {
  const list = show();
  await list.get('.head').trigger('click');
  await buttonOf(list, 'kim: something else meanwhile').trigger('click');
  expect(desk.store.book.placements['p' as never]!.choices).toEqual([{ childId: 'kim', versionId: null }]);
  expect(findings().some(({ level }) => level === 'stop')).toBe(false);
});

test('the best way out stands there before anything is opened, and the hands go on after it', async () => {
  const list = show();
  document.body.append(list.element);
  await vi.waitFor(() => expect(list.find('[data-test="at-once"]').exists()).toBe(true), { timeout: 3000 });
  expect(list.get('[data-test="at-once"]').text()).toBe('kim: something else meanwhile');
  await list.get('[data-test="at-once"]').trigger('click');
  expect(findings().some(({ level }) => level === 'stop')).toBe(false);
  await vi.waitFor(() => expect(document.activeElement?.className).toBe('head'));
});

test('nothing is laid out under a hand that is about to press: what was found stands there once it is gone', async () => {
  const list = show();
  const pointed = list.get('.weights + div');
  await pointed.trigger('pointerenter');
  await new Promise((longer) => setTimeout(longer, 900));
  expect(list.find('[data-test="at-once"]').exists()).toBe(false);
  await pointed.trigger('pointerleave');
  expect(list.get('[data-test="at-once"]').text()).toBe('kim: something else meanwhile');
});

test('a stop is kept with a reason, which is asked for, and can be pointed out again', async () => {
  const list = show();
  await list.get('.head').trigger('click');
  await list.get('form').trigger('submit');
  expect(list.get('[role="alert"]').text()).toContain('Say why');
  await list.get('textarea').setValue('Strung on a closed loop');
  await list.get('form').trigger('submit');
  expect(findings().find(({ rule }) => rule === 'caution')?.kept).toMatchObject({
    why: 'Strung on a closed loop',
  });
  const again = show();
  await buttonOf(again, '1 kept').trigger('click');
  expect(again.text()).toContain('“Strung on a closed loop” Mara');
  await again.get('.head').trigger('click');
  await buttonOf(again, 'Point it out again').trigger('click');
  expect(findings().find(({ rule }) => rule === 'caution')?.kept).toBeUndefined();
});

test('is narrowed down by weight, and walked through by arrow keys', async () => {
  const list = show();
  document.body.append(list.element);
  expect(list.findAll('.weights button').map((one) => one.text())).toEqual(['3 open', '1 stop', '2 notes']);
  await buttonOf(list, '2 notes').trigger('click');
  expect(list.findAll('[data-test="heads-up"]')).toHaveLength(2);
  await buttonOf(list, '3 open').trigger('click');
  const heads = list.findAll('.head').map(({ element }) => element as HTMLElement);
  heads[0]!.focus();
  await list.findAll('.head')[0]!.trigger('keydown', { key: 'ArrowDown' });
  await vi.waitFor(() => expect(document.activeElement).toBe(heads[1]));
  await list.findAll('.head')[1]!.trigger('keydown', { key: 'ArrowUp' });
  await vi.waitFor(() => expect(document.activeElement).toBe(heads[0]));
});

test('what is unknown is filled in thing by thing', async () => {
  desk = await openDesk(after(book, aSupply('beads', { category: 'paper-and-card', use: 'reusable' })));
  const list = show();
  await list
    .findAll('.head')
    .find((one) => one.text().includes('Not recorded'))!
    .trigger('click');
  await buttonOf(list, 'Fill it in').trigger('click');
  await vi.waitFor(() => expect(document.body.textContent).toContain('1 of 1: look at it once'));
});

test('pressing a heads-up leads to what it is about', async () => {
  const list = show();
  await list.get('[aria-label="Show it: Small parts: kim"]').trigger('click');
  expect(list.findComponent(HeadsUps).emitted('show')?.[0]).toMatchObject([{ placementId: 'p' }]);
});

test('nothing to point out is said, and the caution line always stands', () => {
  const list = desk.place(HeadsUps, { findings: [] });
  expect(list.text()).toContain('Nothing to point out');
  expect(list.text()).toContain(CAUTION_LINE);
});

test('one cause is one line; what is of no use on this page is a number, but a stop is shown everywhere', async () => {
  const messy = { mode: 'whole-group' as const, cornerKinds: [], mess: 'messy' as const };
  desk = await openDesk(
    after(
      book,
      ...[1, 2, 3, 4].map((n) => anActivity(`m-${n}`, messy)),
      ...[1, 2, 3, 4].map((n) => onDay(`d-${n}`, `m-${n}`, Math.ceil(n / 2))),
    ),
  );
  const { headsUps, placements } = read(desk.store.book, TEST_UNIT, A_MONDAY);
  const list = desk.place(HeadsUps, { findings: headsUps, placements, page: 'days' });
  const titles = () => list.findAll('[data-test="heads-up"] .head').map((one) => one.text());
  expect(titles().filter((one) => one.includes('messy'))).toHaveLength(1);
  expect(titles().some((one) => one.startsWith('Stop'))).toBe(true);
  await buttonOf(list, 'and 1 more like it').trigger('click');
  expect(titles().filter((one) => one.includes('messy'))).toHaveLength(2);
  const few = titles().length;
  expect(titles().some((one) => one.includes('is empty'))).toBe(false);
  await list.get('[data-test="heads-ups-elsewhere"]').trigger('click');
  expect(titles().length).toBeGreaterThan(few);
  expect(titles().some((one) => one.includes('empty'))).toBe(true);
});
