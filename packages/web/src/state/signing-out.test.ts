// @vitest-environment happy-dom
import 'fake-indexeddb/auto';
import { afterEach, expect, test, vi } from 'vitest';
import { finishSigningOut, forgetWholeDevice, signOutOfDevice } from './signing-out.ts';
import { keepTyped, textAt } from './typed.ts';

afterEach(() => {
  vi.unstubAllGlobals();
  localStorage.clear();
  sessionStorage.clear();
});
function server(isThere: boolean): string[] {
  const asked: string[] = [];
  vi.stubGlobal('fetch', async (path: string, { method }: RequestInit) => {
    asked.push(`${method} ${path}`);
    if (!isThere) throw new TypeError('no network');
    const door = { state: 'sign-in-needed', homeName: 'Oak Corner', demoPassPhrase: null };
    return new Response(JSON.stringify(door));
  });
  return asked;
}
function book() {
  const did: string[] = [];
  return { did, forgetCopy: async () => void did.push('copy'), leave: () => void did.push('left') };
}

test('what lies on the device goes before the server is asked', async () => {
  const asked = server(true);
  const open = book();
  keepTyped('place', 'half a word');
  const order: string[] = [];
  await signOutOfDevice({
    forgetCopy: async () => void order.push(`copy after ${asked.length}, typed: ${textAt('place')}`),
    leave: open.leave,
  });
  expect([order, asked, open.did]).toEqual([['copy after 0, typed: '], ['DELETE /api/session'], ['left']]);
  expect(await finishSigningOut()).toBe(true);
  expect(asked).toHaveLength(1);
});

test('without a network it is owed, and told before anybody comes in', async () => {
  server(false);
  const open = book();
  await signOutOfDevice(open);
  expect([open.did, await finishSigningOut()]).toEqual([['copy', 'left'], false]);
  const asked = server(true);
  expect([await finishSigningOut(), await finishSigningOut(), asked]).toEqual([
    true,
    true,
    ['DELETE /api/session'],
  ]);
});

test('forgetting the device takes all of the home, but not what is owed, and nothing of others', async () => {
  server(false);
  await signOutOfDevice(book());
  localStorage.setItem('kobby.waiting.mara', '[1]');
  localStorage.setItem('elsewhere', 'x');
  sessionStorage.setItem('kobby.typed:place', '1');
  await forgetWholeDevice();
  expect(Object.keys(localStorage).toSorted()).toEqual(['elsewhere', 'kobby.signing-out']);
  expect(Object.keys(sessionStorage)).toEqual([]);
});
