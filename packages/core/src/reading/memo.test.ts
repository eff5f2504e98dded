import { expect, test } from 'vitest';
import { memoised } from './memo.ts';

test('computes once for the same arguments, by identity of objects and by value of the rest', () => {
  let computed = 0;
  const add = memoised((a: { n: number }, b: { n: number }, c: number) => {
    computed += 1;
    return { sum: a.n + b.n + c };
  });
  const [one, two] = [{ n: 1 }, { n: 2 }];
  const first = add(one, two, 3);
  expect(add(one, two, 3)).toBe(first);
  expect(computed).toBe(1);
  expect([add(one, two, 4).sum, add(two, one, 3).sum, add({ n: 1 }, two, 3).sum]).toEqual([7, 6, 6]);
  expect(computed).toBe(4);
  expect(add(one, two, 3)).toBe(first);
});

test('remembers undefined and null as answers too', () => {
  let computed = 0;
  const nothing = memoised((_: object) => {
    computed += 1;
    return undefined;
  });
  const key = {};
  expect([nothing(key), nothing(key), computed]).toEqual([undefined, undefined, 1]);
});

test('does not confuse fewer arguments with more', () => {
  const count = memoised((_: object, ...rest: (number | null)[]) => rest.length);
  const key = {};
  expect([count(key), count(key, 1), count(key, 1, null), count(key)]).toEqual([0, 1, 2, 0]);
});
