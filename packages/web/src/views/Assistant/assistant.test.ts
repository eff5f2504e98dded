// @vitest-environment happy-dom
import { problem, project, shareSchema, tickIdOf, type Book, type TimedAct } from '@kobby/core';
import { mount } from '@vue/test-utils';
import { afterEach, beforeEach, expect, test, vi } from 'vitest';
import { createMemoryHistory, createRouter } from 'vue-router';
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
import { PhoneCopy } from '../../state/phone-copy.ts';
import { SharedLink } from '../../state/shared.ts';
import AssistantItem from './AssistantItem.vue';
import AssistantReady from './AssistantReady.vue';
import AssistantUnkept from './AssistantUnkept.vue';
import AssistantView from './AssistantView.vue';

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
let reach: 'there' | 'gone' | 'revoked' | 'refusing' | 'broken' | 'cramped';
const posted: TimedAct[] = [];

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
  if (reach === 'broken')
    return new Response(JSON.stringify(problem('our-mistake', 'Nothing was kept.')), { status: 500 });
  if (!path.endsWith('/acts')) return new Response(JSON.stringify(project(book, share, A_MONDAY)));
  const { acts } = JSON.parse(String(init.body)) as { acts: TimedAct[] };
  if (reach === 'cramped' && acts.length > 2)
    return new Response(JSON.stringify(problem('too-large', 'Nothing was kept.')), { status: 413 });
  const answers = acts.map((one) => {
    posted.push(one);
    return reach === 'refusing' ? refused(one) : kept(one);
  });
  return new Response(JSON.stringify({ answers }));
}

const refused = ({ gestureId: id }: TimedAct) => ({
  outcome: 'not-kept',
  id,
  problem: problem('refused', 'This is not on your list any more.'),
  current: [],
});

function kept({ gestureId: id, act }: TimedAct) {
  if (act.kind === 'note')
    book = after(book, { type: 'daybook/note', note: { ...act.note, unitId: TEST_UNIT } });
  if (act.kind === 'tick') {
    const { subject, done } = act;
    if ('taskId' in subject)
      book = after(book, { type: 'ready/done', unitId: TEST_UNIT, taskId: subject.taskId });
    else book = after(book, { type: done ? 'daybook/tick' : 'daybook/untick', subject });
  }
  return { outcome: 'kept', id, seq: 1, touched: [] };
}

let link: SharedLink;
beforeEach(async () => {
  localStorage.clear();
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
  for (const part of ['Tove', 'plays paint', '30 g', 'yogurt', 'Fridge', 'Stir it.'])
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
  expect(posted.map(({ act }) => act.kind === 'tick' && act.done)).toEqual([true, false, true]);
  expect(new Set(posted.map(({ gestureId }) => gestureId)).size).toBe(3);
  expect([link.waiting.value, Object.keys(book.ticks).length]).toEqual([[], 1]);
});

test('a home that stumbles does not hide the day: what was done waits, is told, and arrives', async () => {
  reach = 'broken';
  const card = show();
  await card.get('.tick').trigger('click');
  link.write({ kind: 'help', day: 1, placementId: null, text: '' });
  await settle();
  expect([link.closed.value, link.waiting.value.length, link.handover.value?.label]).toEqual([
    null,
    2,
    'Sol',
  ]);
  expect(link.trouble.value?.title).toBe('Something went wrong in Kobby');
  reach = 'there';
  await vi.advanceTimersByTimeAsync(30_000);
  expect(posted.map(({ act }) => act.kind)).toEqual(['note', 'tick']);
  expect([link.waiting.value, link.trouble.value]).toEqual([[], null]);
});

test('a page that is opened while the home stumbles shows what it kept, and goes on by itself', async () => {
  link.close();
  reach = 'broken';
  const again = new SharedLink('link', '');
  await again.open();
  expect([again.closed.value, again.handover.value?.label]).toEqual([null, 'Sol']);
  reach = 'there';
  await vi.advanceTimersByTimeAsync(3000);
  expect(again.trouble.value).toBe(null);
  again.close();
});

test('a queue that is too long for one request goes in several', async () => {
  reach = 'gone';
  for (let i = 0; i < 5; i += 1) link.write({ kind: 'note', day: 1, placementId: null, text: `Word ${i}` });
  await settle();
  reach = 'cramped';
  await vi.advanceTimersByTimeAsync(10_000);
  expect(posted.map(({ act }) => act.kind === 'note' && act.note.text)).toEqual(
    [0, 1, 2, 3, 4].map((i) => `Word ${i}`),
  );
  expect(link.waiting.value).toEqual([]);
});

test('what was done without a connection outlives the page, and a word shows that it is on its way', async () => {
  reach = 'gone';
  link.write({ kind: 'note', day: 1, placementId: item().placementId, text: 'Twice' });
  link.startTimer('Paint dries', 5);
  await settle();
  link.close();
  const again = new SharedLink('link', '');
  expect([again.waiting.value.length, again.handover.value?.label]).toEqual([2, 'Sol']);
  expect(again.words.value.map(({ text, isWaiting }) => [text, isWaiting])).toEqual([['Twice', true]]);
  expect(again.timers.value.map(({ label }) => label)).toEqual(['Paint dries']);
  reach = 'there';
  await again.open();
  window.dispatchEvent(new Event('online'));
  await vi.advanceTimersByTimeAsync(100);
  expect([again.waiting.value, Object.keys(book.notes).length]).toEqual([[], 1]);
  again.close();
});

test('what the home cannot keep is shown with the reason until it was read', async () => {
  reach = 'refusing';
  link.tick({ placementId: item().placementId, day: 1, supplyId: null }, true);
  await settle();
  expect([link.waiting.value, new PhoneCopy('link').unkept().length]).toEqual([[], 1]);
  const shown = mount(AssistantUnkept, {
    props: { link, handover: link.handover.value! },
    global: { plugins: [vuetify] },
  });
  expect(shown.text()).toContain('Your tick of paint: This is not on your list any more.');
  await shown.get('button').trigger('click');
  expect([link.unkept.value, new PhoneCopy('link').unkept()]).toEqual([[], []]);
});

test('a link that was taken back clears its copy', async () => {
  expect(new PhoneCopy('link').shown(Date.now())).not.toBeNull();
  reach = 'revoked';
  link.tick({ placementId: item().placementId, day: 1, supplyId: null }, true);
  await settle();
  expect([link.closed.value?.title, Object.keys(localStorage)]).toEqual(['This link was taken back', []]);
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

async function openPage() {
  const router = createRouter({
    history: createMemoryHistory(),
    routes: [{ path: '/with/:shareId', component: AssistantView }],
  });
  await router.push('/with/link');
  const page = mount(AssistantView, { global: { plugins: [vuetify, router] } });
  await settle();
  return page;
}

test.each([
  [true, false],
  [false, true],
])('over a connection that is secure (%s) it says that no copy is kept: %s', async (isSecure, warns) => {
  vi.stubGlobal('isSecureContext', isSecure);
  const page = await openPage();
  expect(page.text()).toContain('Day 1');
  expect(page.text().includes('the phone cannot keep a copy')).toBe(warns);
  page.unmount();
});

test('the page shows the blocks of the day by the clock, and opens what it kept when nobody answers', async () => {
  reach = 'gone';
  const page = await openPage();
  expect(page.text()).toContain('09:30 Table time');
  expect(page.text()).toMatch(/not connected/);
  page.unmount();
});
