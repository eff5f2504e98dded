import { z } from 'zod';
import { textSchema } from '../measure/index.ts';
import type { Months } from './age.ts';

const monthsSchema = z.int('Whole months are needed here').min(0, 'This cannot be below zero').max(216);
const countSchema = z.int('A whole number is needed here').min(1, 'At least one').max(60, 'At most 60');

/** How a home counts children to an adult, in its own terms. Kobby does the sums; the licence decides. */
export const ratioRuleSchema = z.object({
  /** `youngest`: the youngest child's band is for all. `shares`: each child takes a part of an adult. */
  counting: z
    .enum(['youngest', 'shares'], 'The youngest decides, or shares are added up')
    .default('youngest'),
  /** Children to one adult from an age on; the band with the highest age that a child has reached counts. */
  bands: z
    .array(z.object({ fromMonths: monthsSchema, perAdult: countSchema }))
    .max(8, 'At most 8 ages')
    .default([]),
  largestGroup: countSchema.nullable().default(null),
  /** At most so many children below an age. */
  young: z.object({ underMonths: monthsSchema, most: countSchema }).nullable().default(null),
  /** The rule as it stands in the licence, for reference. */
  text: textSchema.default(''),
});
export type RatioRule = z.infer<typeof ratioRuleSchema>;

/** Adults that a group needs by the home's rule; 0 for nobody, or when the home has entered no rule. */
export function adultsNeeded(rule: RatioRule, ages: readonly Months[]): number {
  if (ages.length === 0 || rule.bands.length === 0) return 0;
  const perAdult = ages.map((age) => perAdultAt(rule, age));
  if (rule.counting === 'youngest') return Math.ceil(ages.length / Math.min(...perAdult));
  // Thirds and halves leave dust: six sixths are one adult, not two.
  return Math.ceil(perAdult.reduce((sum, per) => sum + 1 / per, 0) - 1e-9);
}

// Below the lowest band the lowest counts: younger children never need fewer adults.
function perAdultAt({ bands }: RatioRule, age: Months): number {
  const sorted = bands.toSorted((a, b) => a.fromMonths - b.fromMonths);
  return (sorted.findLast((band) => band.fromMonths <= age) ?? sorted[0]!).perAdult;
}
