// @vitest-environment happy-dom
import { flushPromises } from '@vue/test-utils';
import { afterEach, beforeEach, describe, expect, test, vi } from 'vitest';
import { problem, type Backups } from '@kobby/core';
import { aChild, testBook } from '../../../../core/src/testing/home.ts';
import { openDesk } from '../../testing/desk.ts';
import BackupsCard from './BackupsCard.vue';
import { sizeText } from './kept.ts';
import RestoreSheet from './RestoreSheet.vue';
import SignedInCard from './SignedInCard.vue';

let desk: Awaited<ReturnType<typeof openDesk>>;
beforeEach(async () => {
  desk = await openDesk(testBook(aChild('bo', '2022-01-01')));
});
afterEach(() => {
  vi.unstubAllGlobals();
  document.body.innerHTML = '';
});

const answers =
  (body: unknown, status = 200) =>
  async () =>
    new Response(JSON.stringify(body), { status });

const KEPT: Backups = {
  keepsDaily: 14,
  backups: [{ name: 'daily-x.sqlite', madeAt: '2027-03-11T02:00:00.000Z', bytes: 4_200_000, why: 'daily' }],
  setAside: [
    { kind: 'supplies', id: 'jar', why: 'unit: Use piece, mL, g or mm', at: '2027-03-11T02:00:00.000Z' },
  ],
};

test.each([
  [12, '1 kB'],
  [999_499, '999 kB'],
  [1_000_000, '1.0 MB'],
  [4_260_000, '4.3 MB'],
])('%d bytes are %s', (bytes, text) => expect(sizeText(bytes)).toBe(text));

describe('the backups', () => {
  test('are listed with why and how large, and what could not be read is told', async () => {
    vi.stubGlobal('fetch', answers(KEPT));
    const page = desk.place(BackupsCard);
    await flushPromises();
    expect(page.text()).toContain('Made by itself · 4.2 MB');
    expect(page.text()).toContain('the newest 14 stay');
    expect(page.text()).toMatch(/could not be read\.\s+1 entry was set aside/);
    expect(page.text()).toContain('supply “jar”: unit: Use piece');
    expect(page.find('a[download]').attributes('href')).toBe('/api/backups/daily-x.sqlite');
  });

  test('say what is wrong when they cannot be made, and stay as they are', async () => {
    vi.stubGlobal('fetch', answers(KEPT));
    const page = desk.place(BackupsCard);
    await flushPromises();
    vi.stubGlobal('fetch', answers(problem('too-much', 'Others are being looked into.'), 429));
    await page
      .findAll('button')
      .find((one) => one.text() === 'Back up now')!
      .trigger('click');
    await flushPromises();
    expect(page.get('[role="alert"]').text()).toBe('Others are being looked into.');
    expect(page.text()).toContain('Made by itself');
  });
});

describe('restoring', () => {
  const tried = {
    ...{ name: 'daily-x.sqlite', homeName: 'Oak', madeAt: null, files: 1, hasPassPhrase: false },
    ...{ counts: { children: 1, units: 3 }, unreadable: ['data/notes.json[2] text: Text is needed here'] },
  };

  test('shows what is in it and what would be left out, and asks for the pass-phrase', async () => {
    const sheet = desk.place(RestoreSheet, { tried });
    await flushPromises();
    const text = () => document.body.textContent;
    expect(text()).toContain('It holds 1 child, 3 units, and 1 file.');
    expect(text()).toContain('data/notes.json[2] text');
    [...document.querySelectorAll('button')].find((one) => one.textContent.includes('Restore it'))!.click();
    await flushPromises();
    expect(text()).toContain('It brings no pass-phrase along: yours stays.');
    const wrong = problem('wrong-pass-phrase', 'No.', [{ path: ['passPhrase'], message: 'This is not it' }]);
    vi.stubGlobal('fetch', answers(wrong, 401));
    document.querySelector('form')!.dispatchEvent(new Event('submit'));
    await flushPromises();
    expect(text()).toContain('This is not it');
    sheet.unmount();
  });
});

test('a backup is taken away when it was pressed twice', async () => {
  const tried = {
    ...{ name: 'asked-x.sqlite', homeName: 'Oak', madeAt: null, files: 0, hasPassPhrase: true },
    ...{ counts: {}, unreadable: [] },
  };
  const asked: string[] = [];
  vi.stubGlobal('fetch', async (path: string, { method }: RequestInit) => {
    asked.push(`${method} ${path}`);
    return new Response(JSON.stringify({ ...KEPT, backups: [] }));
  });
  const dropped = vi.fn();
  desk.place(RestoreSheet, { tried, onDropped: dropped });
  await flushPromises();
  const press = async (text: string): Promise<void> => {
    [...document.querySelectorAll('button')].find((one) => one.textContent.includes(text))!.click();
    await flushPromises();
  };
  await press('Take it away');
  expect(asked).toEqual([]);
  await press('it goes for good');
  expect(asked).toEqual(['DELETE /api/backups/asked-x.sqlite']);
  expect(dropped).toHaveBeenCalledWith({ ...KEPT, backups: [] });
});

test('whoever is signed in elsewhere can be ended, and a wrong pass-phrase stands beside its field', async () => {
  const session = { device: 'phone', openedAt: '2027-03-01T08:00:00Z', seenAt: '2027-03-11T08:00:00Z' };
  const own = { ...session, id: 'a', device: 'computer', isThis: true };
  vi.stubGlobal('fetch', answers({ sessions: [own, { ...session, id: 'b', isThis: false }] }));
  const page = desk.place(SignedInCard);
  await flushPromises();
  expect(page.text()).toContain('A computer, this one');
  const asked: string[] = [];
  vi.stubGlobal('fetch', async (path: string, { method }: RequestInit) => {
    asked.push(`${method} ${path}`);
    return new Response(JSON.stringify({ sessions: [own] }));
  });
  await page
    .findAll('button')
    .find((one) => one.text() === 'End it')!
    .trigger('click');
  await flushPromises();
  expect(asked).toEqual(['DELETE /api/sessions/b']);
  expect(page.text()).not.toContain('A phone or tablet');
  await page
    .findAll('button')
    .find((one) => one.text() === 'Change the pass-phrase')!
    .trigger('click');
  const wrong = problem('wrong-fields', 'No.', [{ path: ['passPhrase'], message: 'Guessed first' }]);
  vi.stubGlobal('fetch', answers(wrong, 422));
  await page.get('form').trigger('submit');
  await flushPromises();
  expect(page.text()).toContain('Guessed first');
});
