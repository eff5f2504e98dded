// @vitest-environment happy-dom
import { mount } from '@vue/test-utils';
import { expect, test } from 'vitest';
import LevelFlag from './LevelFlag.vue';

test.each([
  [{ level: 'care', count: 1 }, '1 care'],
  [{ level: 'care', count: 2 }, '2 cares'],
  [{ level: 'stop', count: 3, more: true }, '3 stops +'],
] as const)('%o is said as “%s”', (props, text) => {
  expect(mount(LevelFlag, { props }).text()).toBe(text);
});
