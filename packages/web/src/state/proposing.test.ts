// @vitest-environment happy-dom
import { Drafting, proposals, type DraftAsk } from '@kobby/core';
import { afterEach, beforeEach, expect, test, vi } from 'vitest';
import { defineComponent, h } from 'vue';
import {
  aChild,
  aCorner,
  anActivity,
  onDay,
  TEST_UNIT,
  A_MONDAY,
  testBook,
} from '../../../core/src/testing/home.ts';
import { openDesk } from '../testing/desk.ts';
import type { DraftNews, DraftOrder } from '../workers/draft.ts';
import ProposalBand from '../parts/ProposalBand.vue';
import { useProposing, type Proposing } from './proposing.ts';

const group = { mode: 'whole-group' as const, cornerKinds: [] };
const home = testBook(
  aCorner('a'),
  aChild('tove', '2022-01-20'),
  anActivity('building', { cornerKinds: ['blocks'] }),
  anActivity('tower', { cornerKinds: ['blocks'] }),
  ...['one', 'two', 'three', 'four', 'five', 'six', 'seven'].map((id) => anActivity(`all-${id}`, group)),
);

let orders: DraftOrder[] = [];
let failing: 'at-once' | 'later' | null = null;
/** Drafts as the worker does, in the same place; what is ordered is looked at. */
class NearWorker extends EventTarget {
  #plan: DraftOrder['plan'] = null;
  constructor() {
    super();
    if (failing === 'at-once') throw new Error('no workers here');
  }
  postMessage(order: DraftOrder): void {
    orders.push(order);
    this.#plan = order.plan ?? this.#plan;
    if (order.isAhead) return;
    if (failing === 'later') return void this.dispatchEvent(new ErrorEvent('error', { message: 'gone' }));
    const { book, unitId, today } = this.#plan!;
    const drafting = new Drafting(book, unitId, today, order.ask);
    for (const proposal of proposals(drafting, null))
      this.#tell({ kind: 'proposal', number: order.number, proposal });
    this.#tell({ kind: 'over', number: order.number });
  }
  terminate(): void {}
  #tell(data: DraftNews): void {
    this.dispatchEvent(new MessageEvent('message', { data }));
  }
}

beforeEach(() => {
  [orders, failing] = [[], null];
  vi.stubGlobal('Worker', NearWorker);
});
afterEach(() => vi.unstubAllGlobals());

async function open(book = home) {
  const desk = await openDesk(book, A_MONDAY);
  let proposing!: Proposing;
  const page = desk.place(
    defineComponent({
      setup: () => void (proposing = useProposing()),
      render: () => h(ProposalBand),
    }),
  );
  const shown = () => proposing.proposal.value?.pieces ?? [];
  const at = (key: string) => shown().find(({ spot }) => spot.key === key)?.activityId;
  return { ...desk, page, proposing, shown, at, placed: () => Object.values(desk.store.book.placements) };
}
const ALL: Partial<DraftAsk> = { parts: ['corners', 'days'] };

test('what is proposed stands nowhere until it is taken, in one step', async () => {
  const { proposing, page, shown, placed, store } = await open();
  proposing.begin(ALL);
  await page.vm.$nextTick();
  expect(page.text()).toContain(`A draft for what is free: ${shown().length} things`);
  expect(placed()).toEqual([]);
  const count = shown().length;
  await page
    .findAll('button')
    .find((button) => button.text() === 'Take it')!
    .trigger('click');
  expect(placed()).toHaveLength(count);
  expect(proposing.proposal.value).toBeNull();
  store.undo();
  expect(placed()).toEqual([]);
});

test('another one, not this, keep this', async () => {
  const { proposing, shown, at } = await open();
  proposing.begin(ALL);
  const [first] = shown();
  const was = first!.activityId;
  const rest = shown()
    .slice(1)
    .map(({ activityId }) => activityId);
  proposing.another(first!);
  expect(at(first!.spot.key)).not.toBe(was);
  expect(
    shown()
      .slice(1)
      .map(({ activityId }) => activityId),
  ).toEqual(rest);
  proposing.never(shown().at(-1)!);
  const refused = orders.at(-1)!.ask.never;
  expect(shown().map(({ activityId }) => activityId)).not.toContain(refused[0]);
  const [liked] = shown();
  proposing.keep(liked!);
  proposing.lean('calm');
  expect([proposing.isKept(shown()[0]!), at(liked!.spot.key)]).toEqual([true, liked!.activityId]);
  proposing.keep(shown()[0]!);
  expect(proposing.isKept(shown()[0]!)).toBe(false);
});

test('one piece is taken by itself, and the rest is offered anew around it', async () => {
  const { proposing, shown, placed } = await open();
  proposing.begin(ALL);
  const [first, ...rest] = shown();
  proposing.take([first!]);
  await Promise.resolve();
  expect(placed().map(({ originId }) => originId)).toEqual([first!.activityId]);
  expect(shown().map(({ activityId }) => activityId)).toEqual(rest.map(({ activityId }) => activityId));
});

test('somebody else places something: what is still free is offered anew', async () => {
  const { proposing, at, store } = await open();
  proposing.begin(ALL);
  const before = at('day:2:table');
  store.perform([onDay('theirs', 'all-one', 2)]);
  await Promise.resolve();
  expect([before !== undefined, at('day:2:table')]).toEqual([true, undefined]);
  expect(orders.at(-1)!.plan?.unitId).toBe(TEST_UNIT);
});

test('ahead: looked at once and nothing is shown; the book is not sent twice', async () => {
  const { proposing, page, shown } = await open();
  proposing.ahead(ALL);
  proposing.ahead(ALL);
  await page.vm.$nextTick();
  expect([orders.length, orders[0]!.isAhead, page.text()]).toEqual([1, true, '']);
  proposing.begin(ALL);
  expect([orders.length, orders[1]!.plan, shown().length > 0]).toEqual([2, null, true]);
});

test.each(['at-once', 'later'] as const)(
  'no worker (%s): it is told, and nothing has changed',
  async (how) => {
    const { proposing, page, placed } = await open();
    failing = how;
    proposing.begin(ALL);
    await page.vm.$nextTick();
    expect(page.text()).toMatch(/could not be worked out: .*Nothing has changed/);
    expect([proposing.isWorking.value, placed()]).toEqual([false, []]);
    proposing.away();
    await page.vm.$nextTick();
    expect(page.text()).toBe('');
  },
);

test('places for which nothing fits say why when asked', async () => {
  const { proposing, page } = await open(testBook(aCorner('a'), aChild('tove', '2022-01-20')));
  proposing.begin(ALL);
  await page.vm.$nextTick();
  const why = page.findAll('button').find((button) => button.text() === 'why, and what would do')!;
  expect(page.text()).not.toContain('nothing in the library fits there');
  await why.trigger('click');
  expect(page.text()).toContain('nothing in the library fits there');
});
