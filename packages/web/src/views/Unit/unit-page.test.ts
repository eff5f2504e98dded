// @vitest-environment happy-dom
import { formatDays, read } from '@kobby/core';
import { afterEach, beforeEach, describe, expect, test, vi } from 'vitest';
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
} from '../../../../core/src/testing/home.ts';
import DayStrip from '../../parts/DayStrip.vue';
import SaveState from '../../parts/SaveState.vue';
import UnitForm from '../../parts/UnitForm.vue';
import { openDesk } from '../../testing/desk.ts';
import CornersView from '../Corners/CornersView.vue';
import SpanTicks from '../Corners/SpanTicks.vue';
import GatherView from '../Gather/GatherView.vue';

const book = testBook(
  aCorner('a'),
  aCorner('b'),
  aChild('ada', '2024-01-01'),
  aChild('bo', '2022-01-01', { allergies: [{ allergen: 'milk', words: 'milk' }] }),
  aSupply('sticks', { keptIn: 'B1' }),
  aSupply('yogurt', { unit: 'g', allergens: ['milk'] }),
  anActivity('build', { materials: [aMaterial('sticks', 2)] }),
  anActivity('paint', { materials: [aMaterial('yogurt', 30)] }),
  anActivity('parade', { mode: 'whole-group' }),
  inCorner('p', 'build', 'a', 1, 5),
  onDay('q', 'parade', 2),
  { type: 'house/put-closure', closure: { id: 'c', from: '2027-03-10', to: '2027-03-10', why: 'Storm' } },
);

let desk: Awaited<ReturnType<typeof openDesk>>;
beforeEach(async () => {
  desk = await openDesk(book);
});
afterEach(() => vi.unstubAllGlobals());

describe('the shelf', () => {
  test('shows what stands in each corner, how many it fits, and what an empty one could hold', () => {
    const shelf = desk.place(CornersView);
    const [full, empty] = shelf.findAll('.cubby');
    expect(full!.text()).toContain('build');
    expect(full!.text()).toContain('2 fit');
    expect(empty!.classes()).toContain('empty');
    expect(empty!.findAll('.offer').map((offer) => offer.text())).toEqual(['paint', 'build']);
  });

  test('puts an offer out for the whole unit with one press, flags what it brings, and takes it back', async () => {
    const shelf = desk.place(CornersView);
    await shelf.findAll('.offer')[0]!.trigger('click');
    const cubby = shelf.findAll('.cubby')[1]!;
    expect(cubby.classes()).not.toContain('empty');
    expect(cubby.get('.flag').text()).toBe('1 stop');
    expect(Object.values(desk.store.book.placements).at(-1)?.where).toMatchObject({ fromDay: 1, toDay: 10 });
    desk.store.undo();
    await shelf.vm.$nextTick();
    expect(shelf.findAll('.cubby')[1]!.classes()).toContain('empty');
  });

  test('tells the days of a corner in words too', () => {
    const ticks = desk.alone(SpanTicks, { setUps: [book.placements.p], dayCount: 10 });
    expect(ticks.get('[role="img"]').attributes('aria-label')).toBe(formatDays([1, 2, 3, 4, 5]));
    expect(ticks.findAll('i.on')).toHaveLength(5);
  });
});

describe('the days', () => {
  test('stand in a row with their dates; the closure before a day is told there', () => {
    const strip = desk.place(DayStrip);
    const days = strip.findAll('.day');
    expect(days).toHaveLength(10);
    expect(days[0]!.classes()).toContain('now');
    expect(days[1]!.text()).toContain('parade');
    expect(days[2]!.text()).toContain('Wed 10 closed: Storm');
    expect(days[2]!.get('.head').text()).toContain('Thu 11');
  });

  test('tick what was ticked off, and count who is away', async () => {
    const changed = after(
      book,
      { type: 'daybook/tick', subject: { placementId: 'q', day: 2, supplyId: null } },
      {
        type: 'house/put-absence',
        absence: { id: 'x', childId: 'bo', from: '2027-03-09', to: '2027-03-09' },
      },
    );
    desk = await openDesk(changed);
    const day = desk.place(DayStrip).findAll('.day')[1]!;
    expect(day.find('[aria-label="ticked off"]').exists()).toBe(true);
    expect(day.get('.who').text()).toBe('1 here · 1 away');
  });
});

describe('the baskets', () => {
  test('hold each supply once, with its amount first, and tell how it came about when asked', async () => {
    const gather = desk.place(GatherView);
    const line = gather.get('[data-test="basket-buy"] [data-test="supply-sticks"]');
    const need = read(book, TEST_UNIT, A_MONDAY).supplies[0]!.need.amount;
    expect(line.get('.amount').text()).toBe(String(need));
    expect(line.find('.how-come').exists()).toBe(false);
    await line.get('.amount').trigger('click');
    expect(line.get('.how-come').text()).toContain(`Together ${need}; on hand 0, ${need} missing.`);
  });

  test('say so when there is nothing to gather', async () => {
    desk = await openDesk(testBook());
    expect(desk.place(GatherView).text()).toContain('Nothing to gather yet.');
  });
});

test('a part that needs a unit says which page is missing when it stands alone', () => {
  vi.spyOn(console, 'warn').mockImplementation(() => undefined);
  expect(() => desk.alone(DayStrip)).toThrow('views/Unit');
});

test('the unit form proposes the span of a style, unless another was typed', async () => {
  const start = { title: '', style: 'theme', start: '2027-03-08', dayCount: '10' };
  const form = desk.alone(UnitForm, { modelValue: start, errors: [] });
  await form.get('input[value="letter"]').setValue();
  expect(form.emitted('update:modelValue')?.at(-1)).toEqual([{ ...start, style: 'letter', dayCount: '5' }]);
  await form.setProps({ modelValue: { ...start, dayCount: '7' } });
  await form.get('input[value="letter"]').setValue();
  expect(form.emitted('update:modelValue')?.at(-1)).toEqual([{ ...start, style: 'letter', dayCount: '7' }]);
});

test('the save state says what waits while the server is out of reach', async () => {
  const state = desk.alone(SaveState);
  expect(state.text()).toContain('All kept');
  desk.store.perform([{ type: 'unit/unplace', placementId: 'p' }]);
  await vi.waitFor(() => expect(state.text()).toBe('Not connected · 1 change waits'));
});
