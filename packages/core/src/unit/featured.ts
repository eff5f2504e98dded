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
