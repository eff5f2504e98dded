import { disableAutoUnmount, enableAutoUnmount } from '@vue/test-utils';
import { afterAll, afterEach, vi } from 'vitest';
import { opened } from './opened.ts';

// What is waited for comes when the machine has time for it, not within a second.
const { waitFor } = vi;
vi.waitFor = (until, options) => waitFor(until, options ?? { timeout: 30_000 });

// Files share their worker, so that Vue and Vuetify are loaded once in each: nothing of one test is left for the next.
afterEach(() => opened.splice(0).forEach((store) => store.leave()));
disableAutoUnmount();
enableAutoUnmount(afterEach);
afterAll(() => {
  vi.restoreAllMocks();
  vi.unstubAllGlobals();
  vi.useRealTimers();
});
// A link that is pressed in a test leads nowhere, but the simulated browser then stands there.
const comeHome = (): void =>
  (globalThis as { happyDOM?: { setURL(address: string): void } }).happyDOM?.setURL('http://localhost:3000/');
afterEach(comeHome);
if (globalThis.window) {
  comeHome();
  localStorage.clear();
  sessionStorage.clear();
  // What sheets measure themselves by, which the simulated browser lacks.
  const seen = Object.assign(new EventTarget(), { width: 1280, height: 800, scale: 1 });
  Object.assign(globalThis, { visualViewport: seen });
}
