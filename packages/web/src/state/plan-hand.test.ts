// @vitest-environment happy-dom
import { placementAt } from '@kobby/core';
import { afterEach, beforeEach, describe, expect, test, vi } from 'vitest';
import { aChild, aCorner, anActivity, inCorner, onDay, testBook } from '../../../core/src/testing/home.ts';
import DayStrip from '../parts/DayStrip.vue';
import HandBar from '../views/Unit/HandBar.vue';
import CornersView from '../views/Corners/CornersView.vue';
import { openDesk } from '../testing/desk.ts';

const book = testBook(
  aCorner('a'),
  aCorner('b', { kind: 'easel' }),
  aChild('bo', '2022-01-01'),
  anActivity('build'),
  anActivity('wash', { mode: 'whole-group', makes: ['sheets'], makesAfterHours: 12 }),
  anActivity('print', { mode: 'whole-group', uses: ['sheets'] }),
  anActivity('match', { slots: [{ id: 'things', asks: 'What?', kind: 'word' }] }),
  inCorner('p', 'build', 'a', 1, 5),
  onDay('w', 'wash', 3),
  onDay('q', 'print', 5),
);

let desk: Awaited<ReturnType<typeof openDesk>>;
beforeEach(async () => {
  desk = await openDesk(book);
});
afterEach(() => vi.unstubAllGlobals());

const placedAt = (id: string) => desk.store.book.placements[id as never]?.where;

describe('what is in hand', () => {
  test('is shown everywhere where it can be put, and says before the drop what would break and where it fits', async () => {
    const strip = desk.place(DayStrip);
    expect(strip.find('.put').exists()).toBe(false);
    desk.hand().take({ placement: placementAt(desk.store.book, 'q')!, isNew: false });
    await strip.vm.$nextTick();
    const puts = strip.findAll('.put');
    expect(puts).toHaveLength(10);
    expect(puts[1]!.attributes('aria-label')).toMatch(/Day 2\. It stands before wash/);
    expect(puts[2]!.classes()).toContain('breaks');
    expect(puts[3]!.classes()).not.toContain('breaks');
    expect(desk.hand().fits.value).toBe('It would fit on Day 4, 5, 6, 7, 8, 9 and 10.');
  });

  test('goes where it was put, with one step to take back', async () => {
    const strip = desk.place(DayStrip);
    desk.hand().take({ placement: placementAt(desk.store.book, 'q')!, isNew: false });
    await strip.vm.$nextTick();
    await strip.findAll('.put')[7]!.trigger('click');
    expect(placedAt('q')).toMatchObject({ day: 8, blockId: 'table' });
    expect(desk.hand().held.value).toBeNull();
    desk.store.undo();
    expect(placedAt('q')).toMatchObject({ day: 5 });
  });

  test('may be put where it breaks an order: the home decides, and what is new to know is said', async () => {
    const strip = desk.place(DayStrip);
    desk.hand().take({ placement: placementAt(desk.store.book, 'q')!, isNew: false });
    await strip.vm.$nextTick();
    await strip.findAll('.put')[2]!.trigger('click');
    expect(placedAt('q')).toMatchObject({ day: 3 });
    expect(desk.hand().said.value).toContain('print is too early');
  });

  test('is doubted in a corner of another kind', async () => {
    const shelf = desk.place(CornersView);
    desk.hand().take({ placement: placementAt(desk.store.book, 'p')!, isNew: false });
    await shelf.vm.$nextTick();
    const [own, other] = shelf.findAll('.cubby .put');
    expect(own!.classes()).not.toContain('breaks');
    expect(other!.attributes('title')).toBe('It is made for blocks');
    await other!.trigger('click');
    expect(placedAt('p')).toMatchObject({ cornerId: 'b', fromDay: 1, toDay: 5 });
  });

  test('shows what it would bring where it is pointed at, and Escape puts it back', async () => {
    const bar = desk.place(HandBar);
    const { hand } = desk;
    hand().offer({ kind: 'day', day: 2 });
    hand().take({ placement: placementAt(desk.store.book, 'q')!, isNew: false });
    hand().over.value = 'day:2';
    await bar.vm.$nextTick();
    expect(bar.text()).toContain('Moving: print');
    expect(bar.text()).toContain('It stands before wash');
    window.dispatchEvent(new KeyboardEvent('keydown', { key: 'Escape' }));
    await bar.vm.$nextTick();
    expect(bar.text()).not.toContain('In hand');
  });

  test('is put back by taking it again, and when somebody takes it out', async () => {
    const bar = desk.place(HandBar);
    const held = { placement: placementAt(desk.store.book, 'q')!, isNew: false };
    desk.hand().take(held);
    desk.hand().take(held);
    expect(desk.hand().held.value).toBeNull();
    desk.hand().take(held);
    desk.store.perform([{ type: 'unit/unplace', placementId: 'q' }]);
    await bar.vm.$nextTick();
    expect(desk.hand().held.value).toBeNull();
  });
});

describe('something of the library', () => {
  test('is placed where it is put; a pattern asks for its words first', async () => {
    const shelf = desk.place(CornersView);
    const { hand } = desk;
    hand().take(hand().fromLibrary(desk.store.book.activities['build' as never]!));
    hand().put({ kind: 'corner', cornerId: 'b' as never });
    await shelf.vm.$nextTick();
    expect(Object.values(desk.store.book.placements).at(-1)?.where).toEqual({
      kind: 'corner',
      cornerId: 'b',
      fromDay: 1,
      toDay: 10,
    });
    hand().take(hand().fromLibrary(desk.store.book.activities['match' as never]!));
    hand().put({ kind: 'day', day: 4 });
    expect(desk.asked.pick).toHaveBeenCalledWith({ kind: 'day', day: 4 }, 'match');
    // In the reserve its words can wait.
    const before = Object.keys(desk.store.book.placements).length;
    hand().take(hand().fromLibrary(desk.store.book.activities['match' as never]!));
    hand().put({ kind: 'reserve' });
    expect(desk.asked.pick).toHaveBeenCalledTimes(1);
    expect(Object.keys(desk.store.book.placements)).toHaveLength(before + 1);
    expect(Object.values(desk.store.book.placements).at(-1)).toMatchObject({
      originId: 'match',
      where: { kind: 'reserve' },
    });
  });
});

describe('Alt and an arrow', () => {
  test('move an activity a day on, and not past the first or the last', async () => {
    const strip = desk.place(DayStrip);
    const item = () => strip.get('[data-placement="q"]');
    await item().trigger('keydown', { key: 'ArrowRight', altKey: true });
    expect(placedAt('q')).toMatchObject({ day: 6 });
    await item().trigger('keydown', { key: 'ArrowRight' });
    expect(placedAt('q')).toMatchObject({ day: 6 });
    for (let i = 0; i < 8; i++) {
      await strip.vm.$nextTick();
      await item().trigger('keydown', { key: 'ArrowLeft', altKey: true });
    }
    expect(placedAt('q')).toMatchObject({ day: 1 });
    for (let i = 0; i < 12; i++) {
      await strip.vm.$nextTick();
      await item().trigger('keydown', { key: 'ArrowRight', altKey: true });
    }
    expect(placedAt('q')).toMatchObject({ day: 10 });
  });

  test('move a set-up to the next corner', async () => {
    const shelf = desk.place(CornersView);
    await shelf.get('[data-placement="p"]').trigger('keydown', { key: 'ArrowRight', altKey: true });
    expect(placedAt('p')).toMatchObject({ cornerId: 'b' });
  });
});
