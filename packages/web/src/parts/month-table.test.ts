// @vitest-environment happy-dom
import { monthsUpTo } from '@kobby/core';
import { mount } from '@vue/test-utils';
import { expect, test } from 'vitest';
import { defineComponent, h, ref } from 'vue';
import MonthTable from './MonthTable.vue';
import OneOf from './OneOf.vue';

const months = monthsUpTo('2027-03-11' as never, 12);
const row = (id: string, counts: Readonly<Record<string, number>>, rest: object = {}) => ({
  ...{ id, name: `row ${id}` },
  byMonth: months.map((month) => counts[month] ?? 0),
  ...rest,
});
const table = (rows: readonly ReturnType<typeof row>[]) =>
  mount(MonthTable, { props: { label: 'By month', of: 'things', months, rows } });
const headings = (page: ReturnType<typeof table>): string[] =>
  page.findAll('thead th').map((one) => one.text());

test('begins where something was, with the year where one begins', () => {
  const page = table([row('a', { '2026-11': 2, '2027-03': 4 }), row('b', { '2027-01': 1 })]);
  expect(headings(page)).toEqual(['things', 'Nov2026', 'Dec', 'Jan2027', 'Feb', 'Mar']);
  expect(page.findAll('tbody tr').map((one) => one.text())).toEqual(['row a20004', 'row b00100']);
});

test('a few months stand even where nothing was or only the last has something', () => {
  expect(headings(table([row('a', {})]))).toEqual(['things', 'Jan2027', 'Feb', 'Mar']);
  expect(headings(table([row('a', { '2027-03': 1 })]))).toHaveLength(4);
  expect(headings(table([]))).toHaveLength(4);
});

test('is the darker the more there was, and no darker than ink is read on; nothing is only read aloud', () => {
  const page = table([row('a', { '2027-01': 1, '2027-02': 5, '2027-03': 10 })]);
  const cells = page.findAll('td.figures');
  expect(cells.map((one) => one.attributes('style'))).toEqual(
    [10, 28, 50].map((percent) => `--shade: ${percent}%;`),
  );
  const none = table([row('a', { '2027-03': 1 })]).findAll('td.figures span');
  expect(none.map((one) => one.classes('sr-only'))).toEqual([true, true, false]);
});

test('what stands behind the months has a heading only where it is said', () => {
  const page = table([row('a', { '2027-03': 1 }, { note: 'Thu 11 March', isMarked: true }), row('b', {})]);
  expect(headings(page).at(-1)).toBe('last');
  expect(page.findAll('.note').map((one) => [one.text(), one.classes('marked')])).toEqual([
    ['Thu 11 March', true],
    ['', false],
  ]);
});

test('one way of several is taken by a press, and told to be', async () => {
  const taken = ref('day');
  const options = { day: { name: 'By day' }, child: { name: 'By child' } };
  const page = mount(
    defineComponent({
      render: () =>
        h(OneOf, {
          ...{ label: 'Looked at', options, modelValue: taken.value },
          'onUpdate:modelValue': (id: string) => (taken.value = id),
        }),
    }),
  );
  const pressed = (): (string | undefined)[] =>
    page.findAll('button').map((one) => one.attributes('aria-pressed'));
  expect(page.get('[role="group"]').attributes('aria-label')).toBe('Looked at');
  expect(pressed()).toEqual(['true', 'false']);
  await page.findAll('button')[1]!.trigger('click');
  expect([taken.value, ...pressed()]).toEqual(['child', 'false', 'true']);
});
