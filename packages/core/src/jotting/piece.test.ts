import { expect, test } from 'vitest';
import { readPiece } from './piece.ts';

const BOOK = {
  songs: {
    walk: { id: 'walk', title: 'Round the stalls', kind: 'song', retired: false },
    tap: { id: 'tap', title: 'Tap, tap', kind: 'finger-play', retired: false },
    old: { id: 'old', title: 'Old one', kind: 'song', retired: true },
  },
  bookTitles: { rope: { id: 'rope', title: 'The long rope', retired: false } },
} as unknown as Parameters<typeof readPiece>[1];

test.each([
  ['Round the stalls', { kind: 'song', songId: 'walk', words: '' }],
  ['round the stalls, 3 min', { kind: 'song', songId: 'walk', minutes: 3 }],
  ['Moving song: round the stalls', { kind: 'moving', songId: 'walk' }],
  ['The long rope', { kind: 'story', bookId: 'rope', words: '' }],
  ['Story: the long rope, 6 minutes', { kind: 'story', bookId: 'rope', minutes: 6 }],
  ['Story: of our own market', { kind: 'story', bookId: null, words: 'of our own market' }],
  ['What is money for?', { kind: 'talk', words: 'What is money for?', minutes: null }],
  [
    'Welcome: good morning with names, 2 min',
    { kind: 'welcome', words: 'good morning with names', minutes: 2 },
  ],
  ['find and move: baskets behind chairs', { kind: 'find-and-move', words: 'baskets behind chairs' }],
  ['Old one', { kind: 'talk', words: 'Old one' }],
  ['Sol: what did you see?', { kind: 'talk', words: 'Sol: what did you see?' }],
  ['What do we need, a bag or a basket?', { kind: 'talk', words: 'What do we need, a bag or a basket?' }],
])('%s', (line, wanted) => {
  expect(readPiece(line, BOOK)).toMatchObject(wanted);
});

test('an empty line is nothing', () => {
  expect(readPiece('  ', BOOK)).toBeNull();
  expect(readPiece('Story:  ', BOOK)).toBeNull();
});
