/** One row of something that was brought in: what was understood, or why it was not. */
export type ImportRow<T> =
  | {
      readonly line: number;
      readonly text: string;
      readonly ok: true;
      readonly value: T;
      readonly hints: readonly string[];
    }
  | { readonly line: number; readonly text: string; readonly ok: false; readonly why: string };

/** What a text or file gave, row by row; nothing is taken in before somebody looked at it. */
export interface ImportPreview<T> {
  readonly rows: readonly ImportRow<T>[];
  /** Why nothing could be read at all; null when rows could. */
  readonly problem: string | null;
}

/** A preview without rows, with why nothing could be read. */
export const noPreview = <T>(problem: string): ImportPreview<T> => ({ rows: [], problem });
