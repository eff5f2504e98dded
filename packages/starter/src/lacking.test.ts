// A home made before takes in what Kobby's library has gained since.
import { EMPTY_BOOK, type Book, type ChangeInput } from '@kobby/core';
import { expect, test } from 'vitest';
import { starterChanges } from './index.ts';
import { lackingIn } from './lacking.ts';
import { after, demo } from './testing/demo-home.ts';

/** A book as if some entries had never been in it. */
const without = (book: Book, ...refs: readonly (readonly [keyof Book, string])[]): Book =>
  refs.reduce<Book>((now, [kind, id]) => {
    const { [id]: _gone, ...rest } = now[kind] as Record<string, unknown>;
    return { ...now, [kind]: rest } as Book;
  }, book);
const keys = (book: Book) => lackingIn(book).map(({ key }) => key);

test('a new home lacks nothing', () => {
  expect(lackingIn(after(EMPTY_BOOK, [...demoHouse(), ...starterChanges()]))).toEqual([]);
  expect(keys(demo)).toEqual([]);
});

test('of what came since: each with what it needs of what is lacking, and taken in by one step', () => {
  const old = without(
    demo,
    ['recipes', 'flat-bread'],
    ['supplies', 'dry-yeast'],
    ['watchPatterns', 'snails-for-a-week'],
  );
  const lacking = lackingIn(old);
  expect(lacking.map(({ key }) => key).toSorted()).toEqual([
    'recipes/flat-bread',
    'supplies/dry-yeast',
    'watchPatterns/snails-for-a-week',
  ]);
  expect(lacking.find(({ key }) => key === 'recipes/flat-bread')).toMatchObject({
    title: 'Flat bread',
    needs: ['supplies/dry-yeast'],
    isNamed: false,
  });
  const now = after(
    old,
    lacking.map(({ change }) => change),
  );
  expect(lackingIn(now)).toEqual([]);
  expect(now.recipes['flat-bread']).toEqual({ ...demo.recipes['flat-bread'], version: 1 });
});

test('whatever is ticked brings all that it needs, and nothing leads nowhere', () => {
  const bare = after(EMPTY_BOOK, demoHouse());
  const lacking = lackingIn(bare);
  const byKey = new Map(lacking.map((entry) => [entry.key, entry]));
  expect(lacking.length).toBeGreaterThan(300);
  for (const entry of lacking.filter(({ kind }) => kind !== 'supplies')) {
    const wanted = new Set([entry.key, ...entry.needs]);
    after(
      bare,
      lacking.filter(({ key }) => wanted.has(key)).map(({ change }) => change),
    );
    for (const key of entry.needs) expect(byKey.has(key)).toBe(true);
  }
});

test('what has a namesake of the home is not offered by itself', () => {
  const old = without(demo, ['songs', Object.keys(demo.songs)[0]!]);
  const [gone] = lackingIn(old);
  expect(gone).toMatchObject({ isNamed: false });
  const song = { ...(gone!.change as { song: object }).song, id: 'own-song' };
  const own = after(old, [{ type: 'library/put-song', song } as ChangeInput]);
  expect(lackingIn(own)).toMatchObject([{ isNamed: true }]);
});

test('what came once and nobody changed is offered anew where it says something else by now', () => {
  const kind = 'activities' as const;
  const was = demo[kind]['clip-the-count' as never]!;
  const older = (version: number): Book => ({
    ...demo,
    [kind]: {
      ...demo[kind],
      [was.id]: { ...was, version, content: { ...was.content, summary: 'As it was once.' } },
    },
  });
  const [newer, ...others] = lackingIn(older(1));
  expect(others).toEqual([]);
  expect(newer).toMatchObject({ key: 'activities/clip-the-count', isNewer: true, isNamed: false, needs: [] });
  // Somebody's own words are left alone.
  expect(lackingIn(older(2))).toEqual([]);
  const now = after(older(1), [newer!.change]);
  expect(now[kind][was.id]!.content).toEqual(was.content);
  expect(lackingIn(now)).toEqual([]);
});

/** A home without a library. */
function demoHouse(): ChangeInput[] {
  const { version: _version, ...home } = demo.homes.home!;
  return [{ type: 'house/put-home', home } as ChangeInput];
}
