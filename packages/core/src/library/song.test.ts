import { expect, test } from 'vitest';
import { songSchema, versesOf, type Song } from './index.ts';

const song = (rest: object): Song =>
  songSchema.parse({
    id: 's',
    title: 'Kites',
    kind: 'finger-play',
    purpose: 'count',
    verses: ['{n} kites'],
    ...rest,
  });
const text = (rest: object) => versesOf(song(rest)).map((lines) => lines.join(' / '));

test('counts its verses up or down, both ends included', () => {
  const verses = ['{n} kites on a line,\n{next} when one is gone.'];
  expect(text({ verses, rule: { kind: 'counted', from: 3, to: 1 } })).toEqual([
    'Three kites on a line, / Two when one is gone.',
    'Two kites on a line, / One when one is gone.',
    'One kites on a line, / No when one is gone.',
  ]);
  expect(text({ rule: { kind: 'counted', from: 1, to: 2 } })).toEqual(['One kites', 'Two kites']);
  expect(text({ rule: { kind: 'counted', from: 2, to: 2 } })).toEqual(['Two kites']);
});

test('sings a verse for each word', () => {
  const rule = { kind: 'for-words', words: ['kite', 'flag'] };
  expect(text({ verses: ['The {word} goes up', 'and {word} comes down'], rule })).toEqual([
    'The kite goes up',
    'And kite comes down',
    'The flag goes up',
    'And flag comes down',
  ]);
  expect(text({ rule: { kind: 'for-words', words: [] } })).toEqual([]);
});

test('stands as it is written otherwise, slots of nobody included', () => {
  expect(text({ verses: ['a\nb', 'c {x}'] })).toEqual(['a / b', 'c {x}']);
});

test('has words and a count that can be counted', () => {
  expect(songSchema.safeParse({ ...song({}), verses: [] }).success).toBe(false);
  expect(songSchema.safeParse({ ...song({}), rule: { kind: 'counted', from: -1, to: 3 } }).success).toBe(
    false,
  );
});
