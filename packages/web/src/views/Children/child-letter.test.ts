// @vitest-environment happy-dom
import { expect, test } from 'vitest';
import { plainDay } from '@kobby/core';
import { aChild, anActivity, onDay, recorded, testBook } from '../../../../core/src/testing/home.ts';
import { openDesk } from '../../testing/desk.ts';
import ChildLetterView from './ChildLetterView.vue';

const book = testBook(
  aChild('kim', '2022-01-01', { shownAs: 'Kim' }),
  anActivity('cut', { title: 'Paper tails' }),
  onDay('p', 'cut', 1),
  recorded('p', 1, 'loved'),
);

test('the page begins with what was recorded last, follows its days, and keeps what was written', async () => {
  const desk = await openDesk(book, plainDay('2027-06-01'));
  await desk.router.push({ name: 'child-letter', params: { childId: 'kim' } });
  const page = desk.alone(ChildLetterView);
  const text = () => page.get<HTMLTextAreaElement>('textarea').element.value;
  expect(text()).toContain('Kim loved “Paper tails”');
  expect(page.get('[data-test="letter"]').text()).toContain('Dear family of Kim');

  await page.get('input[name="to"]').setValue('2027-03-07');
  expect(text()).toContain('Nothing was recorded for Kim');
  await page.get('input[name="from"]').setValue('2027-03-09');
  expect(page.text()).toContain('The first day comes before the last');

  await page.get('input[name="from"]').setValue('');
  expect(page.text()).toContain('Both days are needed');
  await page.get('input[name="from"]').setValue('2027-03-01');

  await page.get('textarea').setValue('My own words');
  await page.get('input[name="to"]').setValue('2027-03-20');
  expect(text()).toBe('My own words');
  await page
    .findAll('button')
    .find((one) => one.text() === 'As Kobby writes it')!
    .trigger('click');
  expect(text()).toContain('Kim loved');
});
