import type { Sheet } from '@kobby/core';

/** The address at which a kept set is made again: as it was, or fewer of it, for one child where it is the children's own. */
export const shopQuery = (
  { made }: Sheet,
  { copies, childId = null }: { readonly copies?: number; readonly childId?: string | null } = {},
): Record<string, string> => ({
  ...(made
    ? { kind: made.kind, size: made.size, paper: made.paper, copies: String(copies ?? made.copies) }
    : {}),
  ...(childId === null ? {} : { child: childId }),
});
