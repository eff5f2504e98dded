import { describe, expect, test, vi } from 'vitest';
import { EMPTY_BOOK, type Book, type Kind } from '../../book/index.ts';
import { answer, answerEach, answerFlat, type Look } from './answer.ts';
import { stableView } from './look.ts';

const book = (
  tables: Partial<Record<Kind, Readonly<Record<string, object>>>>,
  before: Book = EMPTY_BOOK,
): Book => ({ ...before, ...tables }) as Book;
const [ada, bo] = [
  { id: 'ada', name: 'Ada' },
  { id: 'bo', name: 'Bo' },
];
const start = book({ children: { ada, bo }, units: { kites: { id: 'kites' } } });

describe('an answer', () => {
  test('is worked out anew only when what it looked at is another', () => {
    const question = vi.fn(
      (look: Look, id: string) =>
        `${look.one('children', id)?.name} of ${Object.keys(look.table('units')).length}`,
    );
    const told = answer(question);
    expect(told(start, 'ada')).toBe('Ada of 1');
    expect(told(start, 'ada')).toBe('Ada of 1');
    // Another child, and another kind: neither was looked at.
    const others = book({ children: { ada, bo: { ...bo, name: 'Bob' } }, corners: {} }, start);
    expect(told(others, 'ada')).toBe('Ada of 1');
    expect(question).toHaveBeenCalledTimes(1);
    expect(told(book({ children: { ada: { ...ada, name: 'Ada B.' }, bo } }, start), 'ada')).toBe(
      'Ada B. of 1',
    );
    expect(told(book({ units: {} }, start), 'ada')).toBe('Ada of 0');
    expect(told(start, 'zoe')).toBe('undefined of 1');
    expect(question).toHaveBeenCalledTimes(4);
  });

  test('that is not there may come', () => {
    const isThere = answer((look, id: string) => look.one('children', id) !== null);
    expect([
      isThere(start, 'zoe'),
      isThere(book({ children: { zoe: { id: 'zoe' } } }, start), 'zoe'),
    ]).toEqual([false, true]);
  });

  test('stands on what others saw; a list that came out the same is the same, so what is asked about it stays', () => {
    const names = answer((look) => Object.values(look.table('children')).map(({ name }) => name));
    const question = vi.fn((_look: Look, of: readonly string[]) => of.join(' and '));
    const told = answer(question);
    const sentence = answer((look) => told(look, names(look)));
    expect(sentence(start)).toBe('Ada and Bo');
    // The table is another one; what is said of it is not.
    expect(sentence(book({ children: { ada: { ...ada, version: 2 }, bo } }, start))).toBe('Ada and Bo');
    expect(question).toHaveBeenCalledTimes(1);
    expect(sentence(book({ children: { bo } }, start))).toBe('Bo');
  });

  test('that saw very many single entities stands on their whole kind, and is still right', () => {
    const many = (last: string) =>
      Object.fromEntries(
        Array.from({ length: 60 }, (_, n) => [`c${n}`, { id: `c${n}`, name: n === 59 ? last : 'Ann' }]),
      );
    const all = answer((look) =>
      Array.from({ length: 60 }, (_, n) => look.one('children', `c${n}`)!.name).join(),
    );
    expect(all(book({ children: many('Bo') }))).toContain('Bo');
    expect(all(book({ children: many('Cy') }))).toContain('Cy');
  });

  test('goes to and fro between a few books without being worked out again', () => {
    const question = vi.fn((look: Look) => Object.keys(look.table('children')).length);
    const count = answer(question);
    const [less, none] = [book({ children: { ada } }, start), book({ children: {} }, start)];
    for (let i = 0; i < 5; i += 1) expect([start, less, none].map((one) => count(one))).toEqual([2, 1, 0]);
    expect(question).toHaveBeenCalledTimes(3);
    const more = book({ children: { ada, bo, cy: ada } }, start);
    expect([count(more), count(none), count(less), count(start)]).toEqual([3, 0, 1, 2]);
    expect(question).toHaveBeenCalledTimes(5);
  });

  test('keeps answers about different things apart, objects by what they are', () => {
    const [here, there] = [{ at: 1 }, { at: 1 }];
    const question = vi.fn((_: Look, place: object, day: number) => ({ place, day }));
    const told = answer(question);
    expect(told(start, here, 1)).toBe(told(start, here, 1));
    expect(told(start, here, 1)).not.toBe(told(start, there, 1));
    expect(told(start, here, 2)).toEqual({ place: here, day: 2 });
    expect(question).toHaveBeenCalledTimes(3);
  });
});

describe('an answer about each of a list', () => {
  const kites = [{ id: 'ada' }, { id: 'bo' }, { id: 'zoe' }];
  const asked = () => {
    const question = vi.fn((look: Look, { id }: { id: string }, mark: string) => ({
      text: `${look.one('children', id)?.name ?? 'nobody'}${mark}`,
    }));
    return { question, told: answerEach(question) };
  };
  const texts = (results: readonly { text: string }[]): string[] => results.map(({ text }) => text);

  test('asks only what is new in the list, wherever it stands', () => {
    const { question, told } = asked();
    const first = told(start, kites, '!');
    expect(texts(first)).toEqual(['Ada!', 'Bo!', 'nobody!']);
    expect(told(start, kites, '!')).toBe(first);
    expect(told(start, [...kites], '!')).toBe(first);
    expect(texts(told(start, [{ id: 'bo' }, kites[2]!, kites[0]!], '!'))).toEqual(['Bo!', 'nobody!', 'Ada!']);
    expect(question).toHaveBeenCalledTimes(4);
    expect(texts(told(start, kites, '?'))).toEqual(['Ada?', 'Bo?', 'nobody?']);
  });

  test('asks those again that saw something which is another now, and them alone', () => {
    const { question, told } = asked();
    const before = told(start, kites, '!');
    const after = told(book({ children: { ada, bo: { ...bo, name: 'Bob' } } }, start), kites, '!');
    expect(texts(after)).toEqual(['Ada!', 'Bob!', 'nobody!']);
    expect([after[0] === before[0], after[2] === before[2]]).toEqual([true, true]);
    expect(question).toHaveBeenCalledTimes(4);
    // What is said the same is the same, and so is the list.
    expect(
      told(
        book({ children: { ada: { ...ada, version: 3 }, bo: { ...bo, name: 'Bob' } } }, start),
        kites,
        '!',
      ),
    ).toBe(after);
  });

  test('hands on what each of them saw, of members that were there before too', () => {
    const { told } = asked();
    const whole = answer((look, list: readonly { id: string }[]) =>
      texts(told(look, list, '')).join(' and '),
    );
    expect(whole(start, kites)).toBe('Ada and Bo and nobody');
    const fewer = kites.slice(0, 2);
    expect(whole(start, fewer)).toBe('Ada and Bo');
    for (const name of ['Ann', 'Ada'])
      expect(whole(book({ children: { ada: { ...ada, name }, bo } }, start), fewer)).toBe(`${name} and Bo`);
  });

  test('gives all in one list where each gives a list, the same one while they are the same', () => {
    const letters = answerFlat((look, { id }: { id: string }) => [...(look.one('children', id)?.name ?? '')]);
    const first = letters(start, kites);
    expect(first).toEqual(['A', 'd', 'a', 'B', 'o']);
    expect(letters(book({ children: { ada: { ...ada, version: 2 }, bo } }, start), kites)).toBe(first);
    expect(letters(start, [])).toEqual([]);
  });
});

describe('a view', () => {
  const names = vi.fn(({ children }: Book) =>
    Object.fromEntries(Object.values(children).map(({ id, name }) => [id, name])),
  );
  const question = vi.fn((look: Look) => Object.values(look.see(view)).join(' '));
  const view = stableView(names);
  const told = answer(question);
  const outer = answer((look) => `${told(look)}!`);

  test('asks again only when what it shows is another, also of who stands on the answer', () => {
    expect(outer(start)).toBe('Ada Bo!');
    // The table is another one, and what is drawn from it is the same.
    const touched = book({ children: { ada, bo: { ...bo, likes: [] } as typeof bo } }, start);
    expect(view(touched)).toBe(view(start));
    expect(outer(touched)).toBe('Ada Bo!');
    expect(question).toHaveBeenCalledTimes(1);
    expect(outer(book({ children: { ada } }, start))).toBe('Ada!');
    expect(outer(start)).toBe('Ada Bo!');
    expect(question).toHaveBeenCalledTimes(2);
  });

  test('is worked out once a book', () => {
    names.mockClear();
    const other = book({ children: { bo } }, start);
    expect([view(other), view(other)]).toEqual([{ bo: 'Bo' }, { bo: 'Bo' }]);
    expect(names).toHaveBeenCalledTimes(1);
  });
});
