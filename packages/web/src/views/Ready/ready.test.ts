// @vitest-environment happy-dom
import { plainDay, readinessOf, type Laid } from '@kobby/core';
import { afterEach, beforeEach, describe, expect, test, vi } from 'vitest';
import {
  aChild,
  aCorner,
  aMaterial,
  anActivity,
  aSupply,
  inBin,
  onDay,
  TEST_HOME,
  TEST_UNIT,
  testBook,
} from '../../../../core/src/testing/home.ts';
import { openDesk } from '../../testing/desk.ts';
import LabelsView from './LabelsView.vue';
import { publishing } from './publishing.ts';
import ReadyView from './ReadyView.vue';

vi.mock('./LoadChart.vue', () => ({ __esModule: true, default: { render: () => null } }));

const week = Object.fromEntries(['1', '2', '3', '4', '5'].map((day) => [day, 60]));
const NAP = { id: 'nap', name: 'Nap time', start: '13:00', minutes: week };
const book = testBook(
  {
    type: 'house/put-home',
    home: {
      ...TEST_HOME,
      prepSlots: [NAP, { ...NAP, id: 'jo', name: "Jo's hour", start: '15:00', personId: 'jo' }],
    },
  },
  { type: 'house/put-person', person: { id: 'jo', name: 'Jo', role: 'assistant' } },
  aCorner('a'),
  aChild('bo', '2022-01-01', { name: 'Bo Marsh', shownAs: 'Bo' }),
  aSupply('beads', { use: 'reusable' }),
  anActivity('strips', {
    mode: 'whole-group',
    materials: [aMaterial('beads', 1)],
    prep: [
      {
        id: 'cut',
        text: 'Cut strips',
        minutes: 20,
        instead: [{ text: 'Tear them', minutes: 5, laterMinutes: 5 }],
      },
      { id: 'tie', text: 'Tie them', minutes: 10, needs: ['cut'] },
    ],
  }),
  anActivity('ice', { mode: 'whole-group', prep: [{ id: 'f', text: 'Freeze', minutes: 5, waitHours: 8 }] }),
  anActivity('mine', { mode: 'bin' }),
  onDay('p', 'strips', 4),
  onDay('q', 'ice', 1, 'groups'),
  inBin('m', 'mine', 'bo', 2, 3),
);

let desk: Awaited<ReturnType<typeof openDesk>>;
beforeEach(async () => {
  desk = await openDesk(book);
});
afterEach(() => {
  document.body.innerHTML = '';
  vi.unstubAllGlobals();
});

const slotOf = (id: string): string | null =>
  readinessOf(desk.store.book, plainDay('2027-03-08')).entries.find(({ task }) => task.id === id)?.slot?.id ??
  null;
const time = (name: string): string => `section[aria-label^="${name}"]`;
const moment = (): Promise<void> => new Promise((done) => setTimeout(done));

describe('Make ready', () => {
  test('stands by time, with how full each is, and ticks by a touch', async () => {
    const page = desk.place(ReadyView);
    const wed = page.get(time("Wed 10 March · Jo's hour"));
    expect(wed.text()).toContain('of 60 min');
    expect(wed.text()).toContain('Tie them');
    await page.get('[aria-label="Cut strips done"]').trigger('click');
    expect(desk.store.book.prepMarks['p:cut' as never]).toMatchObject({ by: 'Mara' });
    expect(page.text()).toContain('1 done or left out');
    await page.get('[aria-label="Cut strips done"]').trigger('click');
    expect(desk.store.book.prepMarks).toEqual({});
  });

  test('a task is taken in hand and put into another time, which says what speaks against it', async () => {
    const page = desk.place(ReadyView);
    await page.get('[aria-label="Move: Cut strips"]').trigger('click');
    const late = page.get(`${time('Thu 11 March · Nap time')} .put`);
    expect(late.text()).toBe('after it is used');
    await page.get(`${time('Mon 8 March · Nap time')} .put`).trigger('click');
    expect(slotOf('p:cut')).toBe('2027-03-08:nap');
    expect(page.text()).toContain('Cut strips is laid into Nap time.');
  });

  test('and by key, one time further or back', async () => {
    const page = desk.place(ReadyView);
    expect(slotOf('p:tie')).toBe('2027-03-10:jo');
    await page.get('[data-task="p:tie"]').trigger('keydown', { key: 'ArrowUp', altKey: true });
    expect(slotOf('p:tie')).toBe('2027-03-10:nap');
  });

  test('what does not fit says why, and is mended by one press', async () => {
    const page = desk.place(ReadyView);
    const unplaced = page.get('[data-test="unplaced"]');
    expect(unplaced.text()).toContain('There is no time for making ready before it. It needs 8 h');
    await unplaced.get('[aria-label="What would mend it: Freeze"]').trigger('click');
    const [, move] = unplaced.findAll('[data-test="ready-mends"] button');
    expect(move?.text()).toBe('Move it to Day 2');
    await move!.trigger('click');
    expect(slotOf('q:f')).not.toBeNull();
    expect(page.find('[data-test="unplaced"]').exists()).toBe(false);
  });

  test('is looked at by person, by day and by place', async () => {
    const page = desk.place(ReadyView);
    const go = async (name: string) =>
      page
        .findAll('[role="tab"]')
        .find((one) => one.text() === name)!
        .trigger('click');
    await go('By person');
    expect(page.text()).toContain('Jo · ');
    await go('By day');
    expect(page.text()).toContain('Day 4 · ');
    await go('By place');
    expect(page.text()).toContain('Waits anywhere · ');
  });

  test('a task is given to a person, and all of a kind are done in one go', async () => {
    const page = desk.place(ReadyView);
    const go = async (name: string) =>
      page
        .findAll('[role="tab"]')
        .find((one) => one.text() === name)!
        .trigger('click');
    await go('By person');
    await page.get('[aria-label="Move: Cut strips"]').trigger('click');
    await page.get('[aria-label="Put it here: Jo"]').trigger('click');
    expect(desk.store.book.prepChoices['p:cut' as never]).toMatchObject({ personId: 'jo', slotId: null });
    await go('By kind');
    const card = page
      .findAllComponents({ name: 'GroupCard' })
      .find((one) => one.text().includes('Tie them'))!;
    card.getComponent({ name: 'ChoiceField' }).vm.$emit('update:modelValue', '2027-03-08:nap');
    expect([slotOf('p:cut'), slotOf('p:tie')]).toEqual(['2027-03-08:nap', '2027-03-08:nap']);
  });

  test('folders, baskets and bins are packed', async () => {
    const page = desk.place(ReadyView);
    await page.findAll('[role="tab"]').at(-1)!.trigger('click');
    expect(page.text()).toContain('Table basket, Day 4');
    expect(page.text()).toContain('Bin of Bo');
    const { router } = desk;
    await router.push(`/units/${TEST_UNIT}/labels`);
    const labels = desk.alone(LabelsView);
    expect(labels.findAll('[data-test="label"]').map((one) => one.get('h2').text())).toEqual([
      'Table basket, Day 4',
      'Bin of Bo',
    ]);
  });

  test('is shown to everyone, and what moves afterwards is marked', async () => {
    const page = desk.place(ReadyView);
    await page.get('[data-test="show-it"]').trigger('click');
    expect(page.text()).toContain('Everyone sees it as it is');
    desk.store.perform([
      { type: 'unit/move', placementId: 'p', where: { kind: 'day', day: 2, blockId: 'table' } },
    ]);
    await moment();
    expect(page.text()).toContain('that moved');
    expect(page.findAll('.moved').length).toBeGreaterThan(0);
  });

  test('how far it is prepared, in how many parts and when is decided on its sheet', async () => {
    const page = desk.place(ReadyView);
    await page.get('[data-task="p:cut"]').trigger('click');
    await moment();
    const sheet = document.body;
    expect(sheet.textContent).toContain('20 min: as its activity says.');
    const parts = [...sheet.querySelectorAll<HTMLInputElement>('input')].find(
      ({ name }) => name === 'choice.parts',
    )!;
    parts.value = '2';
    parts.dispatchEvent(new Event('input'));
    [...sheet.querySelectorAll<HTMLElement>('button')]
      .find((one) => one.textContent?.trim() === 'Keep')!
      .click();
    await moment();
    expect(desk.store.book.prepChoices['p:cut' as never]).toMatchObject({ parts: 2 });
  });
});

test('a schedule that was worked out is shown as it was found', () => {
  const ready = readinessOf(book, plainDay('2027-03-08'));
  const laid: Laid = ready.taskIds.map((_, t) => (t === 0 ? 0 : null));
  expect(publishing(ready, laid)).toEqual([
    {
      type: 'ready/publish',
      plan: {
        unitId: TEST_UNIT,
        entries: [{ taskId: ready.taskIds[0], slotId: ready.problem.slots[0]!.id }],
      },
    },
  ]);
});
