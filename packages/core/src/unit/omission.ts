import { z } from 'zod';
import { cornerIdSchema } from '../house/index.ts';
import { entityKind } from '../kind/index.ts';
import { idSchema, lineSchema, versionSchema } from '../measure/index.ts';
import { unitIdSchema } from './unit.ts';

/** A corner that is left empty on purpose during a unit, and why. */
export const omissionSchema = z.object({
  id: idSchema.brand<'OmissionId'>(),
  version: versionSchema,
  unitId: unitIdSchema,
  cornerId: cornerIdSchema,
  why: lineSchema,
});
export type Omission = z.infer<typeof omissionSchema>;

/** What a corner left empty is to the book. */
export const omissionKind = entityKind({
  schema: omissionSchema,
  word: 'a corner left empty',
  name: null,
});
