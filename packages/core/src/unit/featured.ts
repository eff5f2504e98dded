import { z } from 'zod';
import { lineSchema } from '../measure/index.ts';

/** What a unit can feature: it should turn up in several places. */
export const FEATURE_KINDS = {
  letter: 'Letter',
  number: 'Number',
  colour: 'Colour',
  shape: 'Shape',
} as const;
export type FeatureKind = keyof typeof FEATURE_KINDS;

/** The highest number that can be featured: amounts may grow with its square. */
export const MAX_FEATURED_NUMBER = 100;

const VALUE_RULES: Readonly<
  Record<FeatureKind, { readonly fits: (value: string) => boolean; readonly else: string }>
> = {
  letter: { fits: (value) => /^\p{L}{1,3}$/u.test(value), else: 'A letter is needed here' },
  number: {
    fits: (value) => /^\d{1,3}$/.test(value) && Number(value) <= MAX_FEATURED_NUMBER,
    else: `A whole number up to ${MAX_FEATURED_NUMBER} is needed here`,
  },
  colour: { fits: () => true, else: '' },
  shape: { fits: () => true, else: '' },
};

/** A featured letter, number, colour or shape, for the unit only or for the month around it. */
export const featureSchema = z
  .object({
    kind: z.enum(Object.keys(FEATURE_KINDS) as [FeatureKind, ...FeatureKind[]], 'This cannot be featured'),
    value: lineSchema,
    span: z.enum(['unit', 'month'], 'For the unit or for the month').default('unit'),
  })
  .superRefine(({ kind, value }, context) => {
    const rule = VALUE_RULES[kind];
    if (!rule.fits(value)) context.addIssue({ code: 'custom', path: ['value'], message: rule.else });
  });
export type Feature = z.infer<typeof featureSchema>;

/** A feature as people compare it: letters and words without regard to case. */
export const featureKey = ({ kind, value }: Pick<Feature, 'kind' | 'value'>): string =>
  `${kind}:${kind === 'number' ? Number(value) : value.trim().toLocaleLowerCase('en')}`;

/** The number that amounts are counted by: the first one featured; null when none is. */
export function featuredNumber(featured: readonly Feature[]): number | null {
  const found = featured.find(({ kind }) => kind === 'number');
  return found ? Number(found.value) : null;
}

// Words that stand before the ones that count: a letter is not met in them.
const SMALL_WORDS: ReadonlySet<string> = new Set(
  'a an and are as at be by for from how in into is it its my no of off on or our out over so that the this to under up we what who with you your'.split(
    ' ',
  ),
);
const NUMBER_WORDS: readonly string[] =
  'zero one two three four five six seven eight nine ten eleven twelve thirteen fourteen fifteen sixteen seventeen eighteen nineteen twenty'.split(
    ' ',
  );

const spelled = (text: string): string => text.toLocaleLowerCase('en').replaceAll('gray', 'grey');
const wordsOf = (text: string): readonly string[] =>
  spelled(text).match(/[\p{L}\p{N}]+(?:['’]\p{L}+)*/gu) ?? [];

// `circle` is met in circles, `box` in boxes.
const isSameWord = (word: string, wanted: string): boolean =>
  word === wanted || word === `${wanted}s` || word === `${wanted}es`;

const IN_WORDS: Readonly<Record<FeatureKind, (words: readonly string[], value: string) => boolean>> = {
  letter: (words, value) => words.some((word) => !SMALL_WORDS.has(word) && word.startsWith(value)),
  number: (words, value) =>
    words.some((word) =>
      /^\d+$/.test(word) ? Number(word) === Number(value) : word === NUMBER_WORDS[Number(value)],
    ),
  colour: hasPhrase,
  shape: hasPhrase,
};

function hasPhrase(words: readonly string[], value: string): boolean {
  const wanted = wordsOf(value);
  return words.some((_, at) => wanted.every((one, i) => isSameWord(words[at + i] ?? '', one)));
}

/**
 * Whether words show what is featured: one of them begins with the letter (small words such as "the" do not count), is the
 * number in digits or, up to twenty, in letters, or names the colour or shape, one or many of it. Case does not matter.
 */
export const isShownIn = ({ kind, value }: Pick<Feature, 'kind' | 'value'>, text: string): boolean =>
  IN_WORDS[kind](wordsOf(text), spelled(value.trim()));
