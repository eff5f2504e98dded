import type { Book } from '../book/index.ts';
import type { PlainDay } from '../calendar/index.ts';
import type { ChangeInput } from '../changes/index.ts';
import type { Finding, Reading } from '../reading/index.ts';
import type { Placement } from '../unit/index.ts';

/** A way out of a finding: what it is called, and the changes that it makes. */
export interface Mend {
  readonly label: string;
  readonly changes: readonly ChangeInput[];
}

/**
 * Whether a way out takes something from the plan, or a child from something. Why asked: what must not be is mended so at once; what
 * only wants an eye on it is rather kept.
 */
export const takesAway = ({ changes }: Mend): boolean =>
  changes.some(
    (change) =>
      change.type === 'unit/unplace' ||
      (change.type === 'unit/choose-version' && change.versionId === null) ||
      (change.type === 'unit/move' && change.where.kind === 'reserve'),
  );

/** What mends are made from. */
export interface Bench {
  readonly book: Book;
  readonly reading: Reading;
  readonly today: PlainDay;
  readonly newId: () => string;
  readonly finding: Finding;
  /** What the finding is about, as far as it is still placed. */
  readonly placed: readonly Placement[];
}
