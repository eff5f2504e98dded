import pluralize from 'pluralize';

// Words of a theme's name that say nothing of what it is about.
const EMPTY = new Set(
  'a an and the of at in on our my your all about with for to from fun week weeks day days month theme unit things who what how where some'.split(
    ' ',
  ),
);

/** A word as it is looked up: in small letters, one of it, spelled one way. */
export function plainWord(word: string): string {
  const small = word.toLocaleLowerCase('en').replaceAll('’', "'").replace(/'s$/, '');
  return pluralize
    .singular(small)
    .replace(/(?<=[a-z]{2})our(?=s?$)/, 'or')
    .replace(/^theatre$/, 'theater');
}

/** The words of a theme's name that say something, each as it is looked up. */
export const wordsOf = (text: string): readonly string[] =>
  (text.toLocaleLowerCase('en').match(/[\p{L}\p{N}]+(?:['’]\p{L}+)*/gu) ?? [])
    .filter((word) => !EMPTY.has(word))
    .map(plainWord);

/** Whether two words are one slip of the hand apart: a letter more, less, other, or two in each other's place. */
export function isSlip(a: string, b: string): boolean {
  if (Math.abs(a.length - b.length) > 1 || a === b) return false;
  let i = 0;
  while (i < a.length && a[i] === b[i]) i++;
  const [restA, restB] = [a.slice(i), b.slice(i)];
  return (
    restA.slice(1) === restB.slice(1) ||
    restA.slice(1) === restB ||
    restA === restB.slice(1) ||
    (restA[0] === restB[1] && restA[1] === restB[0] && restA.slice(2) === restB.slice(2))
  );
}
