import { zxcvbn, zxcvbnOptions } from '@zxcvbn-ts/core';
import * as common from '@zxcvbn-ts/language-common';
import * as english from '@zxcvbn-ts/language-en';
import { fail } from '../problems.ts';

zxcvbnOptions.setOptions({
  dictionary: { ...common.dictionary, ...english.dictionary },
  graphs: common.adjacencyGraphs,
});

// Of 0 to 4, where 3 stands for more than a hundred million guesses.
const LEAST_SCORE = 3;

/** Whether a pass-phrase is one of those that guessers try first, by the lists that ship, or is little more than what is known here. */
export const isKnown = (passPhrase: string, hereKnown: readonly string[] = []): boolean =>
  zxcvbn(passPhrase.normalize('NFC').slice(0, 100), [...hereKnown, 'kobby', 'daycare']).score < LEAST_SCORE;

/**
 * Refuses a pass-phrase that is one of those that guessers try first.
 * @throws {ProblemError} naming the field.
 */
export function refuseKnown(passPhrase: string, hereKnown: readonly string[]): void {
  if (!isKnown(passPhrase, hereKnown)) return;
  const message =
    'This is one of those that are guessed first: take three or four words that do not belong together';
  throw fail('wrong-fields', 'Nothing was kept. See the fields below.', [{ path: ['passPhrase'], message }]);
}
