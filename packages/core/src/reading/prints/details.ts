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

/** A line of what is printed: the job, or several of one sheet as one, and what they are for. */
export interface PrintLine {
  readonly job: PrintJob;
  readonly forWhat: string;
}

/** Jobs as they are listed: what the print shop made for several bins is one line for all of them, by the first day that needs it. */
export function printLines(jobs: readonly PrintJob[]): readonly PrintLine[] {
  const lines = groupBy(jobs, (job) =>
    job.sheet.made ? job.sheet.id : `${job.placement.id} ${job.sheet.id}`,
  );
  return [...lines.values()].map((list): PrintLine => {
    const [first, ...rest] = list as [PrintJob, ...PrintJob[]];
    if (rest.length === 0) return { job: first, forWhat: first.placement.content.title };
    const job = togetherAs(first, list);
    return {
      job,
      forWhat: `bins of ${childrenOf(job)
        .map(({ shownAs }) => shownAs)
        .join(', ')}`,
    };
  });
}

const childrenOf = ({ copies }: PrintJob): readonly Child[] => copies.flatMap(({ children }) => children);

// Several jobs of one sheet as one: each of them is the same for its child.
function togetherAs(first: PrintJob, all: readonly PrintJob[]): PrintJob {
  const sum = (of: (job: PrintJob) => number): number => all.reduce((total, job) => total + of(job), 0);
  const workOf = (key: keyof PrintJob['work']): number => sum(({ work }) => work[key]);
  const copyCount = sum((job) => job.copyCount);
  return {
    ...first,
    ...{ copyCount, minutes: sum(({ minutes }) => minutes), days: unique(all.flatMap(({ days }) => days)) },
    copies: [{ version: first.copies[0]!.version, children: all.flatMap(childrenOf), count: copyCount }],
    work: {
      ...{ pages: workOf('pages'), pouches: workOf('pouches'), cards: workOf('cards') },
      ...{ printSeconds: workOf('printSeconds'), laminateSeconds: workOf('laminateSeconds') },
      cutSeconds: workOf('cutSeconds'),
    },
  };
}
