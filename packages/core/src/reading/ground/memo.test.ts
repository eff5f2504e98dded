import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { memoised, perMember, stableGroups } from './memo.ts';

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

describe('member by member', () => {
  test('only new members are asked again, wherever they stand; another context asks all', () => {
    const asked: string[] = [];
    const told = perMember((one: { name: string }, context: object) => {
      asked.push(one.name);
      return `${one.name} in ${Object.keys(context).join('')}`;
    });
    const [a, b, c] = [{ name: 'a' }, { name: 'b' }, { name: 'c' }];
    const here = { x: 1 };
    const list = [a!, b!];
    expect(told(list, here)).toEqual(['a in x', 'b in x']);
    expect(told(list, here)).toBe(told(list, here));
    expect(told([c!, a!, b!], here)).toEqual(['c in x', 'a in x', 'b in x']);
    expect(told([b!], here)).toEqual(['b in x']);
    expect(asked).toEqual(['a', 'b', 'c']);
    expect(told([b!], { y: 1 })).toEqual(['b in y']);
    expect(asked).toEqual(['a', 'b', 'c', 'b']);
  });

  test('gives what asking each of them would, after any series of lists', () => {
    const members = Array.from({ length: 8 }, (_, n) => ({ n }));
    fc.assert(
      fc.property(fc.array(fc.subarray(members, { minLength: 0 }).map((list) => [...list])), (lists) => {
        const told = perMember(({ n }: { n: number }, by: number) => n * by);
        for (const [i, list] of lists.entries())
          expect(told(list, i % 2)).toEqual(list.map(({ n }) => n * (i % 2)));
      }),
    );
  });
});

test('groups of a list keep their identity while their members stay', () => {
  const groups = stableGroups((one: { kind: string }) => one.kind);
  const [a, b, c] = [{ kind: 'x' }, { kind: 'y' }, { kind: 'x' }];
  const first = groups([a!, b!]);
  const next = groups([a!, b!, c!]);
  expect(next.get('y')).toBe(first.get('y'));
  expect(next.get('x')).toEqual([a, c]);
});
