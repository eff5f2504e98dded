import { z } from 'zod';
import { KINDS, type Kind } from '../book/index.ts';
import { changeSchema } from '../changes/index.ts';

/** What of Kobby's own library a home does not have: each entry with the keys of what comes with it, and the change that takes it in. */
export const newEntriesSchema = z.object({
  entries: z.array(
    z.object({
      key: z.string(),
      kind: z.enum(KINDS as readonly [Kind, ...Kind[]]),
      title: z.string(),
      needs: z.array(z.string()),
      /** Something of the home has its name: it is only taken in where another entry needs it. */
      isNamed: z.boolean(),
      /** The home has it as it came once; it says something else by now. */
      isNewer: z.boolean(),
      change: changeSchema,
    }),
  ),
});
export type NewEntries = z.infer<typeof newEntriesSchema>;
