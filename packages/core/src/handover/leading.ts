import { z } from 'zod';
import { childIdSchema, personIdSchema } from '../house/index.ts';
import { entityKind } from '../kind/index.ts';
import { versionSchema } from '../measure/index.ts';
import { dayNumberSchema, placementIdSchema, unitIdSchema } from '../unit/index.ts';

/** A group of a day: who leads it and which children are in it; no children for all who are not in another one. */
const ledGroupSchema = z.object({
  personId: personIdSchema,
  childIds: z.array(childIdSchema).max(60, 'At most 60').default([]),
});
export type LedGroup = z.infer<typeof ledGroupSchema>;

/** Who leads something on a day, with whom, as it is asked for. One adult may lead several groups, one after the other. */
export const leadingOrderSchema = z
  .object({
    unitId: unitIdSchema,
    placementId: placementIdSchema,
    day: dayNumberSchema,
    /** None: nobody was named for this day. */
    groups: z.array(ledGroupSchema).max(6, 'At most six groups'),
  })
  .superRefine(({ groups }, context) => {
    const children = groups.flatMap(({ childIds }) => childIds);
    groups.forEach(({ childIds }, i) => {
      childIds.forEach((id, j) => {
        if (children.filter((other) => other === id).length > 1)
          context.addIssue({
            code: 'custom',
            path: ['groups', i, 'childIds', j],
            message: 'This child is in two groups',
          });
      });
    });
  });
export type LeadingOrder = z.infer<typeof leadingOrderSchema>;

const leadingIdSchema = z
  .string('An id is needed here')
  .regex(/^[A-Za-z0-9:._-]{1,200}$/, 'This is not an id')
  .brand<'LeadingId'>();

/** Who leads something placed on a numbered day, group by group. There is one a placement and day. */
export const leadingSchema = z.object({
  ...leadingOrderSchema.shape,
  id: leadingIdSchema,
  version: versionSchema,
});
export type Leading = z.infer<typeof leadingSchema>;

/** What a naming of who leads is to the book. */
export const leadingKind = entityKind({
  schema: leadingSchema,
  word: 'a naming of who leads',
  name: null,
  dropped: 'never',
});

/** The id of the one line about who leads something on a day. */
export const leadingIdOf = (placementId: string, day: number): Leading['id'] =>
  `${placementId}:${day}` as Leading['id'];
