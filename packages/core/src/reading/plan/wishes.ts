import pluralize from 'pluralize';
import type { ActivityContent } from '../../library/index.ts';
import { answer, type Look } from '../ground/answer.ts';

const EMPTY: ReadonlySet<string> = new Set(
  'a an and any anything are at else everything for in is it its kind like likes of on or own something stuff that the thing too very what which with'.split(
    ' ',
  ),
);
/** The fewest letters that are left of a word when its ending is taken off: `care` is not a `car`. */
const FEWEST_LEFT = 4;
const ENDING = new RegExp(String.raw`(?<=.{${FEWEST_LEFT}})(ing|ed|y|e)$`, 'u');

// Slimy and slime, painted and painting are about the same.
const stemsOf = (text: string): readonly string[] =>
  (text.toLocaleLowerCase('en').match(/[\p{L}\p{N}]+/gu) ?? [])
    .map((word) => pluralize.singular(word))
    .filter((word) => !EMPTY.has(word))
    .map((word) => word.replace(ENDING, ''));

// What something is about, in words: what it is called, what each does, and what lies there.
const saidOf = answer((look: Look, content: ActivityContent): { readonly stems: ReadonlySet<string> } => {
  const things = content.materials.flatMap(({ supplyId }) => look.one('supplies', supplyId)?.name ?? []);
  const does = content.versions.map((version) => version.does);
  return { stems: new Set([content.title, content.summary, ...does, ...things].flatMap(stemsOf)) };
});

/**
 * Which of a child's own words, for what it likes or will not touch, something names, by the last word of each that says anything: `wet
 * paint` stands in what has paint, `slimy things` in what has slime. It finds by words only: what nobody wrote is not known.
 */
export function namedOf(look: Look, words: readonly string[], content: ActivityContent): readonly string[] {
  if (words.length === 0) return [];
  const { stems } = saidOf(look, content);
  return words.filter((one) => {
    const head = stemsOf(one).at(-1);
    return head !== undefined && stems.has(head);
  });
}
