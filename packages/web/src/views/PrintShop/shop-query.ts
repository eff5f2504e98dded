import type { Sheet } from '@kobby/core';

/** Where a kept set is made again: as it was, or one of it. */
export const shopQuery = (sheet: Sheet, copies = sheet.made!.copies): Record<string, string> => ({
  ...{ kind: sheet.made!.kind, size: sheet.made!.size, copies: String(copies) },
});
