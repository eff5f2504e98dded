// @vitest-environment happy-dom
import { afterEach, expect, test, vi } from 'vitest';
import { chosenLight, showLight, useLight } from './index.ts';

afterEach(() => {
  vi.unstubAllGlobals();
  localStorage.clear();
});
const device = (isDark: boolean): void => void vi.stubGlobal('matchMedia', () => ({ matches: isDark }));

test('as the device is set until somebody chooses, and as chosen from then on', () => {
  device(true);
  expect(chosenLight()).toBe('evening');
  showLight('evening');
  device(false);
  expect(chosenLight()).toBe('day');
  useLight('evening');
  expect([chosenLight(), document.documentElement.dataset.light]).toEqual(['evening', 'evening']);
  device(true);
  useLight('day');
  expect(chosenLight()).toBe('day');
});
