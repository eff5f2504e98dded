import { z } from 'zod';
import { idSchema } from '../measure/index.ts';

// Which kind of entity an id schema names. A schema that stands in none of these names nothing that has to be there.
const NAMED = z.registry<{ readonly kind: string }>();

/**
 * The schema of ids that name an entity of a kind, by the name of its table in the book. Wherever an entity holds such an id,
 * it holds a reference: nothing else has to be said about it (references.ts). Brand it, so that ids cannot be mixed.
 * `blocks` are parts of the home and are named in the same way. An id that only mentions, whom it names may be gone, is a plain
 * `idSchema`.
 */
export const idOf = (kind: string): typeof idSchema => idSchema.clone().register(NAMED, { kind });

/** The kind that an id schema names; null for every other schema. */
export const kindNamedBy = (schema: z.ZodType): string | null => NAMED.get(schema)?.kind ?? null;
