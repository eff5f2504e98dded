import { z } from 'zod';
import { minutesSchema } from '../calendar/index.ts';
import { supplyIdSchema } from '../cupboard/index.ts';
import { cornerKindSchema, type Months } from '../house/index.ts';
import { amountSchema, idSchema, lineSchema, textSchema, versionSchema } from '../measure/index.ts';
import { skillIdSchema } from './skills.ts';

/** How an activity is run: a set-up that stays out, one thing for all, or a thing for a few. */
export const ACTIVITY_MODES = ['open-corner', 'whole-group', 'small-group'] as const;
export const activityModeSchema = z.enum(ACTIVITY_MODES, 'This is not a way to run an activity');
export type ActivityMode = z.infer<typeof activityModeSchema>;

/** The highest limit of an age range, in completed months. */
export const MAX_AGE_MONTHS = 144;
const monthsSchema = z
  .int('Whole months are needed here')
  .min(0, 'This cannot be below zero')
  .max(MAX_AGE_MONTHS, `At most ${MAX_AGE_MONTHS} months`);

/** One version of an activity: for whom, what the child does, and what the adult says. */
export const activityVersionSchema = z
  .object({
    /** First age it is for, in completed months. */
    fromMonths: monthsSchema,
    /** First age it is no longer for; null when it has no upper end. */
    untilMonths: monthsSchema.nullable(),
    does: textSchema.min(1, 'Say what the child does'),
    say: textSchema,
  })
  .refine((v) => v.untilMonths === null || v.fromMonths < v.untilMonths, {
    path: ['untilMonths'],
    message: 'The upper end lies above the lower one',
  });
export type ActivityVersion = z.infer<typeof activityVersionSchema>;

/** How often an amount is needed: for each child, for each group of so many, or once for all. */
export const amountForSchema = z.discriminatedUnion('kind', [
  z.object({ kind: z.literal('child') }),
  z.object({ kind: z.literal('group-of'), size: z.int().min(2, 'A group is two or more').max(30) }),
  z.object({ kind: z.literal('all') }),
]);
export type AmountFor = z.infer<typeof amountForSchema>;

/** One thing that an activity needs. */
export const materialSchema = z.object({
  supplyId: supplyIdSchema,
  /** In the unit of the supply. */
  amount: amountSchema.gt(0, 'An amount above zero is needed here'),
  for: amountForSchema,
  /** Whether a consumable is needed again on each day that the activity is out, or once for its whole span. */
  every: z.enum(['day', 'span'], 'An amount is needed every day or once for the span'),
  /** `one-in-eight`: one more for every eight begun, for countable things that break. Default: none. */
  spare: z.enum(['none', 'one-in-eight'], 'Spares are none or one in eight'),
});
export type Material = z.infer<typeof materialSchema>;

/** What an activity is, in the library and in every copy that is placed in a unit. */
export const activityContentSchema = z.object({
  title: lineSchema,
  mode: activityModeSchema,
  summary: textSchema,
  /** The kinds of learning centre that it suits; empty for what is done anywhere. */
  cornerKinds: z.array(cornerKindSchema).max(15),
  skills: z.array(skillIdSchema).max(20),
  versions: z.array(activityVersionSchema).max(8),
  materials: z.array(materialSchema).max(60),
  steps: z.array(textSchema.min(1)).max(40),
  cleanUpMinutes: minutesSchema,
  /** How many children do it at the same time; null when only the corner's places limit it. */
  atOnce: z.int().min(1).max(30).nullable(),
});
export type ActivityContent = z.infer<typeof activityContentSchema>;

export const activityIdSchema = idSchema.brand<'ActivityId'>();
export type ActivityId = z.infer<typeof activityIdSchema>;

/** An activity of the home's library. Its version is the revision that placed copies name. */
export const activitySchema = z.object({
  id: activityIdSchema,
  version: versionSchema,
  content: activityContentSchema,
});
export type Activity = z.infer<typeof activitySchema>;

/**
 * The version that a child gets: of those whose range holds the age, the one that starts highest.
 * Null when none fits. An activity without versions fits nobody: what each child does is not written yet.
 */
export function versionFor(content: ActivityContent, age: Months): ActivityVersion | null {
  return content.versions.reduce<ActivityVersion | null>((best, version) => {
    const holds = version.fromMonths <= age && (version.untilMonths === null || age < version.untilMonths);
    return holds && (best === null || version.fromMonths > best.fromMonths) ? version : best;
  }, null);
}
