import { describe, expect, test } from 'vitest';
import { aChild, A_MONDAY, testBook } from '../../testing/home.ts';
import { readQuestion } from './question.ts';

const book = testBook(
  aChild('ada', '2026-06-08', { name: 'Ada Brook', shownAs: 'Ada' }),
  aChild('will', '2022-03-01', { name: 'Will', shownAs: 'Will' }),
);
const asked = (text: string) => readQuestion(text, book, A_MONDAY);

describe('a question', () => {
  test('says what it understood, in the order in which it narrows down, and leaves the rest as words', () => {
    expect(asked('something for hands in ten minutes, with what is here, for Ada, with shells')).toEqual({
      wish: { ageMonths: 9, prepMinutes: 10, onHand: true, area: 'hands', easiestFirst: true },
      words: 'shells',
      said: ['for Ada, 9 months', 'prepared in 10 min', 'with what is here', 'for hands'],
    });
  });

  test.each<[string, object]>([
    ['anything in 5 min', { prepMinutes: 5 }],
    ['anything for a child of 3 years', { ageMonths: 36 }],
    ['anything for 18 months old', { ageMonths: 18 }],
    ['what can we do outside', { place: 'outdoors' }],
    ['something in the felt board corner', { cornerKind: 'felt-board' }],
    ['something calm for Will', { ageMonths: 60, energy: 'calm' }],
    ['something with scissors', { skill: 'cutting' }],
    ['something to eat', { kinds: ['recipes'], recipeKind: 'food' }],
  ])('%s', (text, wish) => expect(asked(text)?.wish).toMatchObject(wish));

  test('what is said twice counts once, and a name inside another word is no child', () => {
    expect(asked('something calm and lively')).toMatchObject({ wish: { energy: 'calm' }, words: 'lively' });
    expect(asked('something for Adalbert outside')?.wish).not.toHaveProperty('ageMonths');
  });

  test.each(['kite', 'outside', 'calm music', 'for', '', 'something', 'Something blue'])(
    'nothing is asked by "%s"',
    (text) => expect(asked(text)).toBeNull(),
  );
});
