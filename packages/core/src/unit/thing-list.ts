import { z } from 'zod';
import { entityKind } from '../kind/index.ts';
import { idSchema, lineSchema, versionSchema } from '../measure/index.ts';
import { thingSchema } from './thing.ts';

/** A member as it is kept for other units: all of it but where it stands. */
export const keptMemberSchema = thingSchema.omit({ id: true, version: true, unitId: true, order: true });
export type KeptMember = z.infer<typeof keptMemberSchema>;

/**
 * Members of a theme that a home keeps under a name, to start other units from: `bridges of our town`. Why not taken from the unit where
 * they stand: that goes its own way, and what is kept on purpose is found under the name that was given.
 */
export const thingListSchema = z.object({
  id: idSchema.brand<'ThingListId'>(),
  version: versionSchema,
  name: lineSchema,
  members: z.array(keptMemberSchema).min(1, 'A list has at least one member').max(200, 'At most 200'),
});
export type ThingList = z.infer<typeof thingListSchema>;

/** What a kept list of members is to the book. */
export const thingListKind = entityKind({
  schema: thingListSchema,
  word: 'a list of things',
  name: ({ name }) => name,
});
