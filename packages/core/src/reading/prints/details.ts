import type { Child } from '../../house/index.ts';
import { groupBy } from '../../book/index.ts';
import { counted } from '../ground/finding.ts';
import type { PrintJob } from './prints.ts';

/**
 * What is worth knowing of a job before it is printed: `8 copies × 2 pages (3 for “finds one”, 5 for “matches”)`, its
 * steps in their order, and pouches and cards where it has any.
 */
export function printDetails({ work, steps, copyCount, pagesOfSheet, copies }: PrintJob): readonly string[] {
  const parts = copies.map((one) => `${one.count} for “${one.version?.does ?? 'all'}”`);
  return [
    `${counted(copyCount, 'copy', 'copies')} × ${counted(pagesOfSheet, 'page')}${
      parts.length > 1 ? ` (${parts.join(', ')})` : ''
    }`,
    steps.join(' → '),
    [
      work.pouches > 0 ? counted(work.pouches, 'pouch', 'pouches') : '',
      work.cards > 0 ? counted(work.cards, 'card') : '',
    ]
      .filter(Boolean)
      .join(', '),
  ].filter(Boolean);
}

/** The jobs of each child who gets a sheet of their own, in the order of the jobs. */
export function jobsByChild(jobs: readonly PrintJob[]): ReadonlyMap<Child, readonly PrintJob[]> {
  const pairs = jobs.flatMap((job) =>
    job.copies.flatMap(({ version, children }) => (version ? children : []).map((child) => ({ child, job }))),
  );
  return new Map(
    [...groupBy(pairs, ({ child }) => child)].map(([child, list]) => [child, list.map(({ job }) => job)]),
  );
}

/** The jobs by the number of the day by which they are printed. */
export const jobsByDay = (jobs: readonly PrintJob[]): ReadonlyMap<number, readonly PrintJob[]> =>
  groupBy(jobs, ({ by }) => by.number);
