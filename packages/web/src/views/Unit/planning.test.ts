// @vitest-environment happy-dom
import { afterEach, beforeEach, describe, expect, test, vi } from 'vitest';
import { nextTick } from 'vue';
import {
  A_MONDAY,
  aChild,
  aCorner,
  aMaterial,
  anActivity,
  asTwin,
  aSupply,
  aVersion,
  inBin,
  inCorner,
  inReserve,
  onDay,
  TEST_UNIT,
  testBook,
} from '../../../../core/src/testing/home.ts';
import BalanceSheet from '../../parts/BalanceSheet.vue';
import EventSheet from '../../parts/EventSheet.vue';
import LedgeList from '../../parts/LedgeList.vue';
import PlacementSheet from '../../parts/PlacementSheet.vue';
import { openDesk } from '../../testing/desk.ts';
import ChangeOverSheet from '../Corners/ChangeOverSheet.vue';
import CornersView from '../Corners/CornersView.vue';
import LeaveEmptySheet from '../Corners/LeaveEmptySheet.vue';
import DaySheet from '../Days/DaySheet.vue';
import DaysView from '../Days/DaysView.vue';
import FeaturedTable from '../Units/FeaturedTable.vue';
import StartSheet from '../Units/StartSheet.vue';
import UnitsView from '../Units/UnitsView.vue';
import YearRibbon from '../Units/YearRibbon.vue';
import FindsCard from '../Spark/FindsCard.vue';
import ThingsCard from '../Spark/ThingsCard.vue';
import TraysView from '../Trays/TraysView.vue';
import { placementAt, yearOf } from '@kobby/core';

vi.mock('../../parts/HeatChart.vue', () => ({ __esModule: true, default: { render: () => null } }));

const thing = (id: string, rest: object = {}) =>
  ({
    type: 'unit/put-thing',
    thing: { id, unitId: TEST_UNIT, name: id, order: `a${id.charAt(0)}`, ...rest },
  }) as const;

const book = testBook(
  aCorner('a'),
  aCorner('b'),
  aChild('ada', '2026-05-20', { mouthsThings: true }),
  aChild('bo', '2022-01-01', { name: 'Bo Marsh' }),
  aSupply('beads', {
    use: 'reusable',
    properties: { loosePart: { acrossMm: 20, longMm: 20, material: 'firm' } },
    set: { pieces: [], waysToPlay: ['Match.', 'Order.'] },
  }),
  anActivity('count', {
    mode: 'shelf-work',
    versions: [aVersion(24, 36), aVersion(36, null, { id: 'older', does: 'counts on' })],
    materials: [aMaterial('beads', 5)],
  }),
  anActivity('sing', { mode: 'whole-group', skills: ['singing'] }),
  anActivity('yard', { mode: 'whole-group', place: 'outdoors', skills: ['dancing'] }),
  inCorner('p', 'count', 'a', 1, 10),
  onDay('q', 'yard', 2),
  onDay('r', 'sing', 3),
  asTwin('t', 'sing', 'q'),
  inBin('n', 'count', 'bo', 1, 3),
  inReserve('s', 'sing'),
  thing('kite', { pair: 'reel', rank: 1 }),
  thing('windsock', { rank: 3 }),
);

let desk: Awaited<ReturnType<typeof openDesk>>;
beforeEach(async () => {
  desk = await openDesk(book);
});
afterEach(() => {
  document.body.innerHTML = '';
  vi.unstubAllGlobals();
});
const body = () => document.body;
const press = async (selector: string) => {
  body().querySelector<HTMLElement>(selector)!.click();
  await new Promise((done) => setTimeout(done));
};
const button = (text: string): HTMLElement =>
  [...body().querySelectorAll<HTMLElement>('button')].find((one) => one.textContent?.trim() === text)!;
const unit = () => desk.store.book.units[TEST_UNIT as never]!;

describe('the trays', () => {
  test('show how many things fit each child, hatched where there is none', async () => {
    const trays = desk.place(TraysView);
    const cell = (label: string) => trays.get(`[aria-label^="${label}"]`);
    expect(cell('Bo Marsh, number:').attributes('aria-label')).toBe('Bo Marsh, number: 2 fitting');
    expect(cell('ada, number:').attributes('aria-label')).toBe('ada, number: 0 fitting, 1 without a version');
    expect(cell('ada, number:').classes()).toContain('none');
    expect(trays.get('[data-test="out-of-reach"]').text()).toContain('beads small parts');
  });

  test('let a version be chosen by hand, and by age again', async () => {
    const trays = desk.place(TraysView);
    await trays.get('[aria-label^="ada, number:"]').trigger('click');
    const select = trays.get('select[name="version-ada"]');
    await select.setValue('older');
    expect(desk.store.book.placements['p' as never]!.choices).toEqual([
      { childId: 'ada', versionId: 'older' },
    ]);
    expect(trays.get('[aria-label^="ada, number:"]').attributes('aria-label')).toContain('chosen by hand');
    await trays.get('select[name="version-ada"]').setValue('none');
    expect(desk.store.book.placements['p' as never]!.choices).toEqual([{ childId: 'ada', versionId: null }]);
    await trays.get('select[name="version-ada"]').setValue('by-age');
    expect(desk.store.book.placements['p' as never]!.choices).toEqual([]);
  });

  test("show a child's bin, its shelf work with the next way to play, and what is lacking", async () => {
    const trays = desk.place(TraysView);
    await trays.get('[aria-label^="Bo Marsh, own bin"]').trigger('click');
    const tray = trays.get('[data-test="tray-child"]');
    expect(tray.text()).toContain('next: beads: Match.');
    await tray.get('[aria-label="Into the bin of Bo Marsh"]').trigger('click');
    expect(desk.asked.pick).toHaveBeenCalledWith({ childId: 'bo' });
    await tray
      .findAll('button')
      .find((one) => one.text() === 'print')!
      .trigger('click');
    expect(desk.asked.look).toHaveBeenCalledWith(
      expect.objectContaining({ area: 'print', child: expect.objectContaining({ id: 'bo' }) }),
    );
  });
});

describe('the balance', () => {
  test('keeps what is hoped for, and leads from a thin spot to what could fill it', async () => {
    desk.place(BalanceSheet);
    await press('[role="group"] button:nth-child(2)');
    const field = body().querySelector<HTMLInputElement>('[aria-label="Hoped for: Literacy"]')!;
    field.value = '7';
    field.dispatchEvent(new Event('change'));
    expect(unit().targets).toEqual({ 'subjects/literacy': 7 });
    await press('[aria-label="thin: fill it: Literacy"]');
    expect(desk.asked.look).toHaveBeenCalledWith({
      heading: { lens: 'subjects', id: 'literacy' },
      child: null,
    });
  });

  test('says in words what the picture shows', () => {
    desk.place(BalanceSheet);
    expect(body().textContent).toContain('Thin: b 0 of 1.');
    expect(body().querySelector('tbody th')!.textContent).toMatch(/a: 1 1, 2 1/);
  });
});

describe('the ledge', () => {
  test('holds the reserve and what the library has, with reasons; words narrow it down', async () => {
    const ledge = desk.place(LedgeList, { modelValue: {} });
    expect(ledge.get('[data-test="reserve"]').text()).toContain('sing');
    expect(ledge.get('[data-test="ledge"]').text()).toContain('fits 2 of 2');
    await ledge.get('input').setValue('yard');
    expect(ledge.findAll('[data-test="ledge"] li').map((li) => li.get('b').text())).toEqual(['yard']);
  });

  test('for a heading shows only what works on it', () => {
    const spot = { heading: { lens: 'subjects', id: 'music-and-movement' } };
    const ledge = desk.place(LedgeList, { modelValue: spot });
    expect(ledge.text()).toContain('For Music and movement');
    expect(ledge.findAll('[data-test="ledge"] li')).toHaveLength(2);
  });
});

describe('the days', () => {
  test('grow and shrink, and what that broke is listed; the reserve is offered for a new day', async () => {
    const days = desk.place(DaysView);
    await days
      .findAll('button')
      .find((one) => one.text() === 'A day more')!
      .trigger('click');
    await vi.waitFor(() => expect(days.get('[data-test="broken"]').text()).toContain('Day 11 is new.'));
    await days
      .get('[data-test="broken"]')
      .findAll('button')
      .find((one) => one.text() === 'sing')!
      .trigger('click');
    expect(desk.store.book.placements['s' as never]!.where).toMatchObject({ kind: 'day', day: 11 });
    await days
      .findAll('button')
      .find((one) => one.text() === 'A day less')!
      .trigger('click');
    await vi.waitFor(() =>
      expect(days.get('[data-test="broken"]').text()).toContain('The unit ends with Day 10.'),
    );
    expect(days.get('[data-test="broken"]').text()).toContain('sing');
  });

  test('swap with each other, and give all they have to the reserve', async () => {
    desk.place(DaySheet, { number: 2 });
    body().querySelector<HTMLElement>('[aria-label="Swap with day 3, Wed 10 March"]')!.click();
    expect(desk.store.book.placements['q' as never]!.where).toMatchObject({ day: 3 });
    expect(desk.store.book.placements['r' as never]!.where).toMatchObject({ day: 2 });
    button('All of it into the reserve').click();
    expect(desk.store.book.placements['r' as never]!.where).toEqual({ kind: 'reserve' });
  });
});

describe('a closer look', () => {
  test('shows what stands in when the weather stops it, pins it, and puts it into the reserve', () => {
    desk.place(PlacementSheet, { placement: placementAt(book, 'q') });
    expect(body().textContent).toContain('When the weather stops it');
    expect(body().querySelector('.twin')!.textContent).toContain('sing');
    button('Pin to its day').click();
    expect(desk.store.book.placements['q' as never]!.pinned).toBe(true);
    button('Into the reserve').click();
    expect(desk.store.book.placements['q' as never]!.where).toEqual({ kind: 'reserve' });
  });
});

describe('the corners', () => {
  test('are left empty on purpose with a word why, which is asked for', async () => {
    desk.place(LeaveEmptySheet, { corner: book.corners['b' as never] });
    const shelf = desk.place(CornersView);
    expect(shelf.text()).not.toContain('Left empty');
    button('Keep').click();
    await vi.waitFor(() => expect(body().textContent).toContain('This cannot be empty'));
    desk.store.perform([
      {
        type: 'unit/leave-empty',
        omission: { id: 'o', unitId: TEST_UNIT, cornerId: 'b', why: 'Being mended' },
      },
    ]);
    await shelf.vm.$nextTick();
    expect(shelf.findAll('.cubby')[1]!.text()).toContain('Left empty Being mended');
  });

  test('change over with minutes that explain themselves', () => {
    desk.place(ChangeOverSheet);
    expect(body().textContent).toContain('Before Day 1');
    expect(body().textContent).toContain('1 min: 1 thing × 45 seconds');
  });
});

describe('the spark', () => {
  test("shows gaps among the theme's things, takes sizes in any unit, and refuses what is no size", async () => {
    const card = desk.place(ThingsCard);
    expect(card.get('[data-test="thing-gaps"]').text()).toContain('reel goes with kite and is missing');
    expect(card.text()).toContain('Nothing is number 2, just before windsock');
    // A column that nothing stands in yet is asked for.
    await card
      .findAll('[data-test="ask-column"]')
      .find((one) => one.text() === 'Real size')!
      .trigger('click');
    const size = () => card.get('[aria-label^="Real size of kite"]');
    await size().setValue('1.5 m');
    expect(desk.store.book.things['kite' as never]!.sizeMm).toBe(1500);
    await size().setValue('large');
    expect(card.get('[role="alert"]').text()).not.toBe('');
    expect(desk.store.book.things['kite' as never]!.sizeMm).toBe(1500);
    await card.get('input[name="thing-new"]').setValue('reel');
    await card.get('input[name="thing-new"]').trigger('keydown', { key: 'Enter' });
    await vi.waitFor(() =>
      expect(Object.values(desk.store.book.things).map(({ name }) => name)).toContain('reel'),
    );
    await nextTick();
    expect(card.text()).not.toContain('reel goes with kite and is missing');
  });

  test('finds what the house has for the theme, or says that there is nothing', () => {
    expect(desk.place(FindsCard).text()).toContain('Nothing yet.');
  });

  test('an event is kept to a day or to a date', async () => {
    desk.place(EventSheet, { id: null, day: 4 });
    const title = body().querySelector<HTMLInputElement>('input[name="title"]')!;
    title.value = 'Kite day';
    title.dispatchEvent(new Event('input'));
    await new Promise((done) => setTimeout(done));
    button('Keep').click();
    await vi.waitFor(() =>
      expect(Object.values(desk.store.book.events)).toMatchObject([
        { title: 'Kite day', when: { kind: 'day', day: 4 } },
      ]),
    );
  });
});

describe('the year', () => {
  test('lays units along its months and marks what was featured', () => {
    const year = yearOf(book, A_MONDAY);
    const ribbon = desk.alone(YearRibbon, { year, today: A_MONDAY });
    expect(ribbon.findAll('li')).toHaveLength(1);
    expect(ribbon.text()).toContain('Mar');
    const table = desk.alone(FeaturedTable, { year });
    expect(table.text()).toContain('none yet');
  });

  test('begins a unit from an earlier one, or as an idea without a day', async () => {
    desk.alone(UnitsView);
    desk.alone(StartSheet);
    button('One of ours again').click();
    await new Promise((done) => setTimeout(done));
    await press('[data-test="start-from"] button');
    body()
      .querySelector<HTMLFormElement>('#start-unit')!
      .dispatchEvent(new Event('submit', { cancelable: true }));
    expect(Object.keys(desk.store.book.units)).toHaveLength(2);
    expect(Object.keys(desk.store.book.placements)).toHaveLength(12);
    button('Only an idea').click();
    await new Promise((done) => setTimeout(done));
    body()
      .querySelector<HTMLFormElement>('#start-unit')!
      .dispatchEvent(new Event('submit', { cancelable: true }));
    expect(Object.values(desk.store.book.units).filter(({ start }) => start === null)).toHaveLength(1);
  });
});
