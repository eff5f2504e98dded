// @vitest-environment happy-dom
import { flushPromises } from '@vue/test-utils';
import { afterEach, expect, test, vi } from 'vitest';
import { testBook } from '../../../../core/src/testing/home.ts';
import { openDesk } from '../../testing/desk.ts';
import TakeThings from './TakeThings.vue';

const toldWord = (name: string) => ({
  ...{ name, spoken: null, many: null, rhymes: [], kind: null, role: null, rank: null, sizeMm: null },
  ...{ parts: [], pair: null, colour: null },
});
const NAMES = [
  ['heron', 'crane'],
  ['crane', 'hook'],
];
const offersOf = (sense: number) => ({
  ...{ from: 'scene', senses: ['a bird', 'a machine'], sense, missing: [], meant: [] },
  things: NAMES[sense]!.map(toldWord),
});

afterEach(() => vi.unstubAllGlobals());

test('of a meaning that was just chosen nothing is taken before its answer, and an older answer is too late', async () => {
  const desk = await openDesk(testBook());
  const answers = new Map<string, () => void>();
  vi.stubGlobal('fetch', async (path: string) => {
    const said = new URL(path, 'http://kobby').searchParams.get('sense');
    if (said !== null) await new Promise<void>((told) => answers.set(said, told));
    return new Response(JSON.stringify(offersOf(Number(said ?? 0))));
  });
  const page = desk.place(TakeThings);
  await flushPromises();
  const offered = () => page.findAll('[data-test="take-thing"]').map((chip) => chip.text());
  const choose = (means: string) =>
    page
      .findAll('.sense')
      .find((one) => one.text() === means)!
      .trigger('click');
  expect(offered()).toEqual(['heron', 'crane']);
  await choose('a machine');
  expect(offered()).toEqual([]);
  await choose('a bird');
  await flushPromises();
  answers.get('1')!();
  await flushPromises();
  expect(offered()).toEqual(['heron', 'crane']);
  answers.get('0')!();
  await flushPromises();
  expect(offered()).toEqual(['heron', 'crane']);
  // What was looked up once is there at once.
  await choose('a machine');
  await flushPromises();
  expect(offered()).toEqual(['crane', 'hook']);
});
