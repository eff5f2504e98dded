import { z } from 'zod';
import { entityKind, idOf } from '../kind/index.ts';
import { lineSchema, versionSchema } from '../measure/index.ts';
import { weekPatternSchema } from './week-pattern.ts';

export const personIdSchema = idOf('people').brand<'PersonId'>();
export type PersonId = z.infer<typeof personIdSchema>;

/** What needs a named adult, and who may be the one. */
export const LEADS = { heat: 'heat', water: 'water', blades: 'blades and points' } as const;
export type Lead = keyof typeof LEADS;
export const leadSchema = z.enum(Object.keys(LEADS) as [Lead, ...Lead[]], 'This is not something to lead');

/** Someone who works in the home. */
export const personSchema = z.object({
  id: personIdSchema,
  version: versionSchema,
  name: lineSchema,
  role: z.enum(['provider', 'assistant'], 'A person is the provider or an assistant'),
  /** The parts of the day on which this person usually works. */
  work: weekPatternSchema.default({}),
  mayLead: z.array(leadSchema).max(3).default([]),
  /** No longer works here: kept so that what was planned stays readable. */
  retired: z.boolean().default(false),
});
export type Person = z.infer<typeof personSchema>;

/** What a person is to the book. */
export const personKind = entityKind({
  schema: personSchema,
  word: 'a person',
  name: ({ name }) => name,
});
