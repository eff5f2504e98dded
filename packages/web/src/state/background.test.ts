// @vitest-environment happy-dom
import { mount } from '@vue/test-utils';
import { afterEach, beforeEach, expect, test } from 'vitest';
import { useBackground } from './background.ts';

type News =
  | { readonly kind: 'found'; readonly what: number; readonly isLast: boolean }
  | { readonly kind: 'failed'; readonly message: string };

/** Told what to say by the test. */
class ToldWorker extends EventTarget {
  ordered: unknown = null;
  isEnded = false;
  postMessage(order: unknown): void {
    this.ordered = order;
  }
  terminate(): void {
    this.isEnded = true;
  }
  says(data: News): void {
    this.dispatchEvent(new MessageEvent('message', { data }));
  }
}

let made: ToldWorker[] = [];
let isThere = true;
let heard: number[] = [];
let page: ReturnType<typeof open>;
function open() {
  let work!: ReturnType<typeof useBackground<string, News>>;
  const wrapper = mount({
    setup() {
      work = useBackground<string, News>(
        () => {
          if (!isThere) throw new Error('no workers here');
          made.push(new ToldWorker());
          return made.at(-1) as unknown as Worker;
        },
        ({ what, isLast }) => {
          heard.push(what);
          return isLast ? 'last' : 'more';
        },
      );
      return () => null;
    },
  });
  return { work, wrapper };
}
beforeEach(() => {
  [made, heard, isThere] = [[], [], true];
  page = open();
});
afterEach(() => page.wrapper.unmount());

test('an order goes to a worker of its own, which ends with the last it tells', () => {
  const { work } = page;
  work.start('this');
  expect([made[0]!.ordered, work.isWorking.value]).toEqual(['this', true]);
  made[0]!.says({ kind: 'found', what: 1, isLast: false });
  expect([made[0]!.isEnded, work.isWorking.value]).toEqual([false, true]);
  made[0]!.says({ kind: 'found', what: 2, isLast: true });
  expect([heard, made[0]!.isEnded, work.isWorking.value]).toEqual([[1, 2], true, false]);
});

test('another order ends the one before, and a page that goes ends its own', () => {
  const { work, wrapper } = page;
  work.start('this');
  work.start('that');
  expect(made.map(({ isEnded }) => isEnded)).toEqual([true, false]);
  wrapper.unmount();
  expect(made[1]!.isEnded).toBe(true);
});

test('what fails is told, once it is looked for again no longer', () => {
  const { work } = page;
  work.start('this');
  made[0]!.says({ kind: 'failed', message: 'too much' });
  expect([work.trouble.value, work.isWorking.value, heard]).toEqual(['too much', false, []]);
  work.start('that');
  expect(work.trouble.value).toBeNull();
  made[1]!.dispatchEvent(new ErrorEvent('error', { message: '' }));
  expect([work.trouble.value, made[1]!.isEnded]).toEqual(['it could not begin', true]);
});

test('where there are no workers that is told, too', () => {
  isThere = false;
  page.work.start('this');
  expect([page.work.trouble.value, page.work.isWorking.value]).toEqual(['Error: no workers here', false]);
});
