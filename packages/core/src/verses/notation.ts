/** Who sings a line: whoever leads, or everyone in answer. */
export type Voice = 'lead' | 'answer';

/** A line as somebody wrote it, taken apart. */
export interface WrittenLine {
  readonly text: string;
  /** What the hands do meanwhile; empty for nothing. */
  readonly motion: string;
  readonly voice: Voice;
}

const ANSWER = /^all:\s*/i;

/** The lines of a verse: `All:` begins what everyone answers, and what the hands do stands after ` // `. Empty lines are left out. */
export const linesOf = (verse: string): readonly WrittenLine[] =>
  verse
    .split('\n')
    .map((line) => line.trim())
    .filter((line) => line !== '')
    .map((line) => {
      const isAnswer = ANSWER.test(line);
      const [text = '', ...motion] = line.replace(ANSWER, '').split(/\s*\/\/\s*/);
      return { text: text.trim(), motion: motion.join(' ').trim(), voice: isAnswer ? 'answer' : 'lead' };
    });
