/** Who sings a line: whoever leads, or others in answer. */
export type Voice = 'lead' | 'answer';

/** Who answers, as it stands before a line: everyone, the children, one of them, half of the circle. */
export const SINGERS = ['All', 'Children', 'One', 'This side', 'That side'] as const;
export type Singer = (typeof SINGERS)[number];

/** A line as somebody wrote it, taken apart. */
export interface WrittenLine {
  readonly text: string;
  /** What the hands do meanwhile; empty for nothing. */
  readonly motion: string;
  readonly voice: Voice;
  /** Who sings it in answer; empty for whoever leads. */
  readonly by: Singer | '';
}

const ANSWER = new RegExp(`^(${SINGERS.join('|')}):\\s*`, 'i');

/**
 * The lines of a verse: `All:`, `Children:`, `One:` and the like begin what others sing, and what the hands do stands after ` // `.
 * Empty lines are left out.
 */
export const linesOf = (verse: string): readonly WrittenLine[] =>
  verse
    .split('\n')
    .map((line) => line.trim())
    .filter((line) => line !== '')
    .map((line) => {
      const said = ANSWER.exec(line)?.[1]?.toLocaleLowerCase('en');
      const by = SINGERS.find((one) => one.toLocaleLowerCase('en') === said) ?? '';
      const [text = '', ...motion] = line.replace(ANSWER, '').split(/\s*\/\/\s*/);
      return { text: text.trim(), motion: motion.join(' ').trim(), voice: by === '' ? 'lead' : 'answer', by };
    });
