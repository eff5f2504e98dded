import { z } from 'zod';

/** What a member can be to its theme. Each that is filled opens patterns that ask for it: who works with which tool, what it is made of. */
export const THING_ROLES = {
  who: 'who is there',
  place: 'the place',
  carries: 'what moves',
  tool: 'a tool',
  material: 'made of it',
  sound: 'its sound',
} as const;
export type ThingRole = keyof typeof THING_ROLES;
export const thingRoleSchema = z.enum(
  Object.keys(THING_ROLES) as [ThingRole, ...ThingRole[]],
  'This is no role in a theme',
);
