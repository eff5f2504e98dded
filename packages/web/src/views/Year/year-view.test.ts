// @vitest-environment happy-dom
import { expect, test } from 'vitest';
import { nextTick } from 'vue';
import { plainDay, type Book, type ChangeInput } from '@kobby/core';
import { after, anActivity, aSupply, onDay, testBook, TEST_UNIT } from '../../../../core/src/testing/home.ts';
import { openDesk } from '../../testing/desk.ts';
import YearView from './YearView.vue';

const book = testBook(
  aSupply('glue'),
  anActivity('sing', { mode: 'whole-group', skills: ['singing'] }),
  onDay('p', 'sing', 2),
  {
    type: 'cupboard/record-stock',
    move: {
      id: 'b-1',
      supplyId: 'glue',
      kind: 'bought',
      amount: 1,
      at: '2027-02-03T10:00:00.000Z',
      paid: 250,
    },
  } as ChangeInput,
);
const begun = (id: string, title: string, start: string | null): ChangeInput =>
  ({ type: 'unit/start', unit: { ...book.units[TEST_UNIT]!, id, title, start } }) as ChangeInput;
const open = async (base: Book, today: string) => {
  const desk = await openDesk(base, plainDay(today));
  return { desk, page: desk.alone(YearView) };
};
const rowOf = (page: Awaited<ReturnType<typeof open>>['page'], name: string) =>
  page.findAll('tbody tr').find((row) => row.get('th').text() === name)!;

test('what was out stands month by month under the headings of a lens, with what has not been for long', async () => {
  const { page } = await open(book, '2027-04-10');
  expect(
    rowOf(page, 'Creative')
      .findAll('td.figures')
      .map((cell) => cell.text()),
  ).toEqual(['0', '1', '0']);
  expect(rowOf(page, 'Creative').get('.note').text()).toBe('Tue 9 March');
  expect(rowOf(page, 'Physical').get('.note').text()).toBe('never');
  expect(page.get('[data-test="rare"]').text()).not.toContain('Creative');
  expect(page.get('[data-test="paid"]').text()).toContain('Feb 2027$2.50');
  expect(page.get('[data-test="seasons"]').text()).toContain('springKites 2027');

  await page
    .findAll('[aria-label="Looked at"] button')
    .find((one) => one.text() === 'By school subject')!
    .trigger('click');
  await nextTick();
  expect(rowOf(page, 'Music and movement').get('.note').text()).toBe('Tue 9 March');
});

test('what was here at this time of another year is started again from there, with its sheet filled in', async () => {
  const base = after(book, begun('bridges', 'Bridges', null));
  const { page } = await open(base, '2028-03-20');
  expect(rowOf(page, 'Creative').get('.note').text()).toBe('Mar 2027');
  expect(page.get('[data-test="next"]').text()).toContain('Bridgesan idea that waits');
  await page.get('[aria-label="Start it again: Kites"]').trigger('click');
  await nextTick();
  const sheet = document.body;
  expect(sheet.querySelector('.ways [aria-pressed="true"]')?.textContent).toContain('One of ours again');
  expect(sheet.querySelector<HTMLInputElement>('#start-unit input')!.value).toBe('Kites');
});

test('a home in which nothing was out says so', async () => {
  const { page } = await open(testBook(), '2027-03-01');
  expect(page.text()).toContain('Once something was out');
  expect(page.find('table').exists()).toBe(false);
});
