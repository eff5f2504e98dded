import { describe, expect, test } from 'vitest';
import { aChild, aCorner, aMaterial, anActivity, aSupply, inCorner, testBook } from '../testing/home.ts';
import { seeded } from '../testing/problems.ts';
import { bookOf, brokenReferences, KINDS, soundPart, type Book, type Entity, type Kind } from './index.ts';

const book = testBook(
  aChild('bo', '2022-01-01'),
  aCorner('a'),
  aSupply('yarn'),
  anActivity('build', { materials: [aMaterial('yarn', 1)] }),
  anActivity('run', { comesAfter: [{ activityId: 'build' }] as never }),
  inCorner('p', 'build', 'a', 1, 3),
  inCorner('q', 'run', 'a', 1, 3),
);

const without = (of: Book, kind: Kind, id: string): Book => {
  const { [id]: _, ...rest } = of[kind] as Readonly<Record<string, Entity>>;
  return bookOf({ ...of, [kind]: rest });
};
const told = (of: Book) =>
  soundPart(of).leftOut.map(({ ref, rest }) => [`${ref.kind}/${ref.id}`, rest === null ? 'gone' : 'mended']);

describe('the part of a book that holds together', () => {
  test('is the book where nothing is missing', () => {
    expect(soundPart(book)).toEqual({ book, leftOut: [] });
  });

  test('loses an entry of a list, and what cannot be without what is gone', () => {
    expect(told(without(book, 'activities', 'build'))).toEqual([
      ['activities/run', 'mended'],
      ['placements/p', 'gone'],
      ['placements/q', 'mended'],
    ]);
    expect(told(without(book, 'corners', 'a'))).toEqual([
      ['placements/p', 'gone'],
      ['placements/q', 'gone'],
    ]);
  });

  test('has nothing that is made with a supply that is missing: what it brings could not be told', () => {
    expect(told(without(book, 'supplies', 'yarn'))).toEqual([
      ['activities/build', 'gone'],
      ['placements/p', 'gone'],
      ['activities/run', 'mended'],
      ['placements/q', 'mended'],
    ]);
  });

  test('leaves what others miss as it is', () => {
    const of = without(without(book, 'corners', 'a'), 'supplies', 'yarn');
    const { leftOut } = soundPart(of, (id) => id === 'yarn');
    expect(leftOut.some(({ ref }) => ref.id === 'q' && ref.kind === 'placements')).toBe(true);
    expect(soundPart(of, () => false)).toEqual({ book: of, leftOut: [] });
  });

  test('holds together, whatever is missing', () => {
    const random = seeded(5);
    for (let i = 0; i < 60; i += 1) {
      const all = KINDS.flatMap((kind) => Object.keys(book[kind]).map((id) => [kind, id] as const));
      const lost = all.filter(([kind]) => kind !== 'homes' && random() < 0.3);
      const of = lost.reduce((left, [kind, id]) => without(left, kind, id), book);
      const { book: part } = soundPart(of);
      for (const kind of KINDS)
        for (const entity of Object.values(part[kind]) as Entity[])
          expect(brokenReferences(part, kind, entity)).toEqual([]);
    }
  });
});
