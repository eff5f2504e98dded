// @vitest-environment happy-dom
import { problem, project, shareSchema, tickIdOf, type Book } from '@kobby/core';
import { mount } from '@vue/test-utils';
import { afterEach, beforeEach, expect, test, vi } from 'vitest';
import { createVuetify } from 'vuetify';
import * as components from 'vuetify/components';
import { aliases, mdi } from 'vuetify/iconsets/mdi-svg';
import {
  A_MONDAY,
  aChild,
  after,
  aMaterial,
  anActivity,
  aSupply,
  onDay,
  TEST_UNIT,
  testBook,
} from '../../../../core/src/testing/home.ts';
import { SharedLink, type TickSubject } from '../../state/shared.ts';
import AssistantItem from './AssistantItem.vue';
import AssistantReady from './AssistantReady.vue';

const share = shareSchema.parse({
  id: 'link',
  unitId: TEST_UNIT,
  label: 'Sol',
  fromDay: 1,
  toDay: 1,
  lastDate: null,
  revokedAt: null,
});
let book: Book;
let reach: 'there' | 'gone' | 'revoked';
const posted: { gestureId: string; done: boolean }[] = [];

class SilentStream extends EventTarget {
  static readonly CLOSED = 2;
  readonly readyState = 1;
  close(): void {}
}

/** What the server behind a link does: shows the projection and keeps ticks. */
async function answer(path: string, init: RequestInit): Promise<Response> {
  if (reach === 'gone') throw new TypeError('no network');
  if (reach === 'revoked')
    return new Response(JSON.stringify(problem('link-revoked', 'Ask for a new one.')), { status: 410 });
  if (!path.endsWith('/ticks')) return new Response(JSON.stringify(project(book, share, A_MONDAY)));
  const tick = JSON.parse(String(init.body)) as { gestureId: string; subject: TickSubject; done: boolean };
  posted.push(tick);
  const { subject, done } = tick;
  if ('taskId' in subject)
    book = after(book, { type: 'ready/done', unitId: TEST_UNIT, taskId: subject.taskId });
  else book = after(book, { type: done ? 'daybook/tick' : 'daybook/untick', subject });
  return new Response(JSON.stringify({ outcome: 'kept', id: tick.gestureId, seq: 1, touched: [] }));
}

let link: SharedLink;
beforeEach(async () => {
  reach = 'there';
  posted.length = 0;
  book = testBook(
    aChild('tove', '2023-01-20', {
      name: 'Tove Lind',
      shownAs: 'Tove',
      allergies: [{ allergen: 'milk', words: 'milk' }],
    }),
    aSupply('yogurt', { unit: 'g', allergens: ['milk'], keptIn: 'Fridge' }),
    anActivity('paint', {
      mode: 'whole-group',
      materials: [aMaterial('yogurt', 30)],
      steps: [{ text: 'Stir it.' }],
    }),
    onDay('p', 'paint', 1),
  );
  vi.useFakeTimers();
  vi.stubGlobal('fetch', answer);
  vi.stubGlobal('EventSource', SilentStream);
  link = new SharedLink('link', 'secret');
  await link.open();
});
afterEach(() => {
  link.close();
  vi.useRealTimers();
  vi.unstubAllGlobals();
});

const vuetify = createVuetify({ components, icons: { defaultSet: 'mdi', aliases, sets: { mdi } } });
const item = () => link.handover.value!.days[0]!.items[0]!;
const show = () =>
  mount(AssistantItem, { props: { item: item(), day: 1, link }, global: { plugins: [vuetify] } });
const settle = () => vi.advanceTimersByTimeAsync(0);

test('an item says who does what, with which things from where, how, and whom to watch for', () => {
  const text = show().text();
  for (const part of ['09:30 · Table time', 'Tove', 'plays paint', '30 g', 'yogurt', 'Fridge', 'Stir it.'])
    expect(text).toContain(part);
  expect(text).toContain('Tove: milk in yogurt. Ask before setting this out.');
  expect(text).not.toContain('Lind');
});

test('a tick shows at once, arrives, and carries the name of whoever holds the link', async () => {
  const card = show();
  await card.get('.tick').trigger('click');
  expect(card.get('.tick').attributes('aria-pressed')).toBe('true');
  await settle();
  expect(Object.keys(book.ticks)).toEqual([
    tickIdOf({ placementId: item().placementId, day: 1, supplyId: null }),
  ]);
  expect(item().ticked).toEqual({ by: 'Mara' });
});

test('things are ticked on their own, and unticked', async () => {
  const thing = () => show().get('[role="checkbox"]');
  await thing().trigger('click');
  await settle();
  expect([thing().attributes('aria-checked'), item().ticked]).toEqual(['true', null]);
  await thing().trigger('click');
  await settle();
  expect([thing().attributes('aria-checked'), Object.keys(book.ticks)]).toEqual(['false', []]);
});

test('without a connection ticks wait, in order, and arrive once each', async () => {
  reach = 'gone';
  const card = show();
  await card.get('.tick').trigger('click');
  await card.get('.tick').trigger('click');
  await card.get('.tick').trigger('click');
  await settle();
  expect([link.waiting.value.length, card.get('.tick').attributes('aria-pressed')]).toEqual([3, 'true']);
  reach = 'there';
  await vi.advanceTimersByTimeAsync(3000);
  expect([posted.map((tick) => tick.done), new Set(posted.map((tick) => tick.gestureId)).size]).toEqual([
    [true, false, true],
    3,
  ]);
  expect([link.waiting.value, Object.keys(book.ticks).length]).toEqual([[], 1]);
});

test('a link that was taken back says so instead of ticking', async () => {
  reach = 'revoked';
  await show().get('.tick').trigger('click');
  await settle();
  expect(link.closed.value?.title).toBe('This link was taken back');
});

test('what is made ready on the day is ticked by a touch anywhere on its line', async () => {
  const task = {
    taskId: 'p:cut' as never,
    text: 'Cut strips',
    forWhat: 'paint',
    when: 'Nap time 13:00',
    who: 'Sol',
    minutes: 10 as never,
    ticked: null,
  };
  const list = mount(AssistantReady, { props: { tasks: [task], link }, global: { plugins: [vuetify] } });
  expect(list.text()).toContain('Nap time 13:00, Sol · paint');
  await list.get('[role="checkbox"]').trigger('click');
  expect(list.get('[role="checkbox"]').attributes('aria-checked')).toBe('true');
  await settle();
  expect(Object.keys(book.prepMarks)).toEqual(['p:cut']);
});
