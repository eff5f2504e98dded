import { z } from 'zod';
import { clockTimeSchema } from '../calendar/index.ts';
import { idOf } from '../kind/index.ts';
import { amountSchema, idSchema } from '../measure/index.ts';

/** When something of a plan is made, and by whom: it decides whether its steps are laid into the day or into times for making ready. */
export const MADE_WHEN = {
  'with-children': 'with the children',
  asleep: 'while they sleep',
  beforehand: 'beforehand',
} as const;
export type MadeWhen = keyof typeof MADE_WHEN;

/** For whom a batch is. */
export const MADE_FOR = {
  child: 'a share for each child',
  group: 'a batch for each group',
  all: 'a batch for all',
} as const;
export type MadeFor = keyof typeof MADE_FOR;

/** What of a recipe can be left out. */
export const OPTIONAL_ROLES = { colour: 'the colour', scent: 'the scent' } as const;
export type OptionalRole = keyof typeof OPTIONAL_ROLES;

const countSchema = (most: number) =>
  z.int('A whole number is needed here').min(1, 'At least one').max(most, `At most ${most}`).default(1);

/**
 * A recipe, a process or a demonstration inside an activity: when it is made, for how many, how often. Why not a list of things: what goes
 * into it follows from the recipe, from who is there, and from what each of them must not meet.
 */
export const processSchema = z.object({
  id: idSchema,
  recipeId: idOf('recipes'),
  when: z
    .enum(Object.keys(MADE_WHEN) as [MadeWhen, ...MadeWhen[]], 'It is made with them, asleep or beforehand')
    .default('with-children'),
  for: z
    .enum(Object.keys(MADE_FOR) as [MadeFor, ...MadeFor[]], 'It is for each child, each group, or all')
    .default('child'),
  /** Of a share for each child, how much, in the unit in which the recipe gives; null for what the home takes. */
  share: amountSchema.gt(0, 'An amount above zero is needed here').nullable().default(null),
  /** Of a batch for each group or for all, how many. */
  batches: z
    .number('A number is needed here')
    .gt(0, 'A number above zero is needed here')
    .max(100, 'At most 100')
    .default(1),
  groups: countSchema(12),
  /** How often all of it is done, because they want it again. */
  repeats: countSchema(20),
  /** A variant of the recipe; null for the recipe as it is written. */
  variant: idSchema.nullable().default(null),
  leaveOut: z
    .array(
      z.enum(
        Object.keys(OPTIONAL_ROLES) as [OptionalRole, ...OptionalRole[]],
        'Only colour and scent are left out',
      ),
    )
    .max(2)
    .default([]),
  /** So many of its first steps are done beforehand, the evening before or earlier; 0 for none. */
  stepsBefore: z
    .int('A whole number is needed here')
    .min(0, 'This cannot be below zero')
    .max(29, 'At most 29')
    .default(0),
  /** When it has to be ready on its day; null for the next part of the day in which nothing is planned. */
  readyBy: clockTimeSchema.nullable().default(null),
});
export type Process = z.infer<typeof processSchema>;
