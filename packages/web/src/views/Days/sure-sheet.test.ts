// @vitest-environment happy-dom
import { tryWeeks, type Book, type ChangeInput, type SureProblem } from '@kobby/core';
import { flushPromises } from '@vue/test-utils';
import { afterEach, beforeEach, expect, test, vi } from 'vitest';
import {
  A_MONDAY,
  aChild,
  aMaterial,
  anActivity,
  aSupply,
  inReserve,
  onDay,
  testBook,
} from '../../../../core/src/testing/home.ts';
import { openDesk } from '../../testing/desk.ts';
import type { SureNews } from '../../workers/sure.ts';
import SureSheet from './SureSheet.vue';

let isFailing = false;
/** Tries as the worker does, in the same place. */
class NearWorker extends EventTarget {
  postMessage(problem: SureProblem): void {
    if (isFailing) return void this.dispatchEvent(new ErrorEvent('error', { message: 'gone' }));
    for (const sure of tryWeeks(structuredClone(problem), { seed: 1, tries: 400, step: 200 })) {
      const data: SureNews = { kind: 'told', sure, isLast: sure.tries === 400 };
      this.dispatchEvent(new MessageEvent('message', { data }));
    }
  }
  terminate(): void {}
}
beforeEach(() => {
  isFailing = false;
  vi.stubGlobal('Worker', NearWorker);
});
afterEach(() => vi.unstubAllGlobals());

async function textIn(book: Book, today = A_MONDAY): Promise<string> {
  const desk = await openDesk(book, today);
  desk.place(SureSheet);
  await flushPromises();
  return document.body.textContent!.replaceAll(/\s+/g, ' ');
}
const tap = (date: string): ChangeInput =>
  ({ type: 'daybook/tap', date, childId: 'ada', tap: 'in' }) as ChangeInput;
const home = testBook(
  aChild('ada', '2024-01-01'),
  aChild('bo', '2022-01-01', { attendance: { '1': ['morning'], '2': ['morning'] } }),
  anActivity('parachute', { place: 'outdoors' }),
  anActivity('lacing'),
  aSupply('plates'),
  anActivity('masks', { keepsake: true, materials: [aMaterial('plates', 5, { spare: 'for-breakage' })] }),
  onDay('bare', 'parachute', 2),
  onDay('masks', 'masks', 3),
  inReserve('lacing', 'lacing'),
  tap('2027-03-04'),
  tap('2027-03-05'),
);

test('says how often each day holds and why not, what fits which day, what reserve and spares do', async () => {
  const text = await textIn(home);
  expect(text).toMatch(/Every day holds as planned in (6|7)\d of 100 tries/);
  expect(text).toMatch(
    /Day 2 Tue 9 March(6|7)\d83rain or snow in (2|3)\d, and nothing stands in for parachute/,
  );
  // Bo comes on two days a week.
  expect(text).toContain('Day 3 Wed 10 March10001 not expected');
  expect(text).toContain('fits Day 1, 2, 6 and 7 best: everyone is there in 83 of 100.');
  expect(text).toContain('masks is for every folder: Day 3 has everyone in 0 of 100.');
  expect(text).toContain('In nine tries of ten 1 out of the reserve is enough. 1 waits there for indoors.');
  expect(text).toContain('The spares that are planned are enough.');
  expect(text).toContain('ada comes on 92 of 100 days when expected, with what was tapped on 2 days.');
});

test('is tried anew with odds that are changed there; what cannot be is pointed out and changes nothing', async () => {
  const desk = await openDesk(home, A_MONDAY);
  desk.place(SureSheet);
  await flushPromises();
  const field = document.querySelector<HTMLInputElement>('input[name="wetDaysPercent"]')!;
  const type = async (value: string): Promise<string> => {
    field.value = value;
    field.dispatchEvent(new Event('change'));
    await flushPromises();
    return document.querySelector('[data-test="whole"]')!.textContent.replaceAll(/\s+/g, ' ');
  };
  expect(await type('0')).toContain('in 100 of 100 tries');
  expect(await type('100')).toContain('in 0 of 100 tries');
  expect(await type('101')).toContain('in 0 of 100 tries');
  expect(await type('')).toContain('in 0 of 100 tries');
});

test('a unit without a plan is not said to hold', async () => {
  const text = await textIn(testBook(aChild('ada', '2024-01-01'), anActivity('lacing')));
  expect(text).toContain('Nothing is planned for these days yet');
  expect(text).not.toContain('holds as planned in');
  expect(text).toContain('Day 1 Mon 8 March90nothing is planned');
});

test('a unit that is over has nothing to try, and what cannot be tried is said', async () => {
  expect(await textIn(home, '2028-01-01' as never)).toContain('Every day of it is over');
  isFailing = true;
  expect(await textIn(home)).toContain('It could not be tried: gone');
});
