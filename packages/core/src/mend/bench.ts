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
