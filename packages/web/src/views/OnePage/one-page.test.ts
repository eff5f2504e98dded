// @vitest-environment happy-dom
import { flushPromises } from '@vue/test-utils';
import { afterEach, beforeEach, describe, expect, test, vi } from 'vitest';
import { aChild, anActivity, inCorner, aCorner, testBook } from '../../../../core/src/testing/home.ts';
import EventSheet from '../../parts/EventSheet.vue';
import { openDesk } from '../../testing/desk.ts';
import NeedField from '../Gather/NeedField.vue';
import PacketSheet from '../Days/PacketSheet.vue';
import OnePageView from './OnePageView.vue';

let desk: Awaited<ReturnType<typeof openDesk>>;
beforeEach(async () => {
  desk = await openDesk(
    testBook(
      aChild('ada', '2023-05-01'),
      aCorner('bin', { name: 'Sensory bin', kind: 'sensory-bin' }),
      anActivity('feathers', { title: 'Feathers' }),
      inCorner('f', 'feathers', 'bin', 2, 4),
      { type: 'library/put-sheet', sheet: { id: 'packet', title: 'Letter T', pages: '1-3' } } as never,
    ),
  );
});
afterEach(() => {
  vi.unstubAllGlobals();
  document.body.innerHTML = '';
});

test('the unit on one page shows what stays out as one cell, and subjects with their ideas', async () => {
  const page = desk.place(OnePageView, {});
  const cell = page.findAll('td').find((one) => one.text() === 'Feathers')!;
  expect(cell.attributes('colspan')).toBe('3');
  const bySubject = page.findAll('button').find((one) => one.text() === 'Subjects and ideas')!;
  await bySubject.trigger('click');
  expect(page.get('[data-test="by-subject"]').text()).toContain('Feathers');
});

test('what is written under a subject counts for it', async () => {
  const page = desk.place(OnePageView, {});
  const bySubject = page.findAll('button').find((one) => one.text() === 'Subjects and ideas')!;
  await bySubject.trigger('click');
  await page.get('[data-test="write-subjects/art"]').trigger('click');
  const field = page.get('textarea');
  await field.setValue('a frieze of feathers');
  await field.trigger('keydown', { key: 'Enter' });
  await flushPromises();
  const written = Object.values(desk.store.book.placements).find(
    ({ base }) => base.title === 'a frieze of feathers',
  )!;
  expect(written.base.headings).toEqual(['subjects/art']);
  expect(written.where).toEqual({ kind: 'reserve' });
});

test('a packet is laid out from a day on, in one step', async () => {
  desk.place(PacketSheet, {});
  await flushPromises();
  expect(document.body.textContent).toContain('Page 1 on Day 1, and so on to Day 3.');
  const lay = [...document.querySelectorAll('button')].find((one) =>
    one.textContent?.includes('Lay it out'),
  )!;
  lay.click();
  await flushPromises();
  const titles = Object.values(desk.store.book.placements).map(({ base }) => base.title);
  expect(titles).toEqual(
    expect.arrayContaining(['Letter T, page 1', 'Letter T, page 2', 'Letter T, page 3']),
  );
});

test('a line of her own stands on the list, and goes again', async () => {
  const page = desk.place(NeedField, {});
  await page.get('input[name="need"]').setValue('12 birthday candles');
  expect(page.get('[data-test="need-meant"]').text()).toContain('birthday candles, new in the cupboard');
  await page.get('form').trigger('submit');
  await flushPromises();
  const needs = () => desk.store.book.units.kites!.needs;
  expect(needs()).toMatchObject([{ amount: 12 }]);
  await page.get('li button').trigger('click');
  await flushPromises();
  expect(needs()).toEqual([]);
});

describe('an event', () => {
  test('stays open once it is kept, so that it is written into', async () => {
    desk.place(EventSheet, { id: null, day: 4 });
    await flushPromises();
    const title = document.querySelector<HTMLInputElement>('input[name="title"]')!;
    title.value = 'Market';
    title.dispatchEvent(new Event('input', { bubbles: true }));
    await flushPromises();
    document.querySelector<HTMLFormElement>('form')!.dispatchEvent(new Event('submit', { bubbles: true }));
    await flushPromises();
    const [event] = Object.values(desk.store.book.events);
    expect(event).toMatchObject({ title: 'Market', fills: true, when: { kind: 'day', day: 4 } });
    expect(document.body.textContent).toContain('What is done in it');
  });
});
