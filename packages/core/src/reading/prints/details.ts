import type { Child } from '../../house/index.ts';
import { groupBy, unique } from '../../book/index.ts';
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

/**
 * Jobs as they are listed: what the print shop made for several bins is one line for all of them, by the first day that needs it.
 */
export function listedJobs(jobs: readonly PrintJob[]): readonly (readonly [PrintJob, ...PrintJob[]])[] {
  const lines = groupBy(jobs, (job) =>
    job.sheet.made ? job.sheet.id : `${job.placement.id} ${job.sheet.id}`,
  );
  return [...lines.values()] as [PrintJob, ...PrintJob[]][];
}

/** Several jobs of one sheet as one: all its copies, and the work for them. */
export function togetherAs([first, ...rest]: readonly [PrintJob, ...PrintJob[]]): PrintJob {
  if (rest.length === 0) return first;
  const all = [first, ...rest];
  const sum = (of: (job: PrintJob) => number): number => all.reduce((total, job) => total + of(job), 0);
  const workOf = (key: keyof PrintJob['work']): number => sum(({ work }) => work[key]);
  return {
    ...first,
    // Each of them is the same for its child.
    copies: [
      {
        version: first.copies[0]!.version,
        children: all.flatMap(({ copies }) => copies.flatMap(({ children }) => children)),
        count: sum(({ copyCount }) => copyCount),
      },
    ],
    copyCount: sum(({ copyCount }) => copyCount),
    minutes: sum(({ minutes }) => minutes),
    work: {
      ...{ pages: workOf('pages'), pouches: workOf('pouches'), cards: workOf('cards') },
      ...{ printSeconds: workOf('printSeconds'), laminateSeconds: workOf('laminateSeconds') },
      cutSeconds: workOf('cutSeconds'),
    },
    days: unique(all.flatMap(({ days }) => days)),
  };
}
