import { z } from 'zod';
import { shareIdSchema, type ShareId } from '../../handover/index.ts';
import { idSchema, lineSchema } from '../../measure/index.ts';

/** Who made a gesture: a person of the home, or whoever holds a link. Known from the session, never from the body. */
export const actorSchema = z.object({
  kind: z.enum(['person', 'share']),
  id: idSchema,
  name: lineSchema,
});
export type Actor = z.infer<typeof actorSchema>;

/** The link with which somebody acts; null for whoever is signed in. */
export const linkOf = (actor: Actor): ShareId | null =>
  actor.kind === 'share' ? shareIdSchema.parse(actor.id) : null;
