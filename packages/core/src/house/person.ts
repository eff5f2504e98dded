import { z } from 'zod';
import { idSchema, lineSchema, versionSchema } from '../measure/index.ts';

export const personIdSchema = idSchema.brand<'PersonId'>();
export type PersonId = z.infer<typeof personIdSchema>;
/** Someone who works in the home. */
export const personSchema = z.object({
  id: personIdSchema,
  version: versionSchema,
  name: lineSchema,
  role: z.enum(['provider', 'assistant'], 'A person is the provider or an assistant'),
});
export type Person = z.infer<typeof personSchema>;
