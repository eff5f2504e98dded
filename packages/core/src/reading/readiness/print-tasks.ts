import type { Minutes } from '../../calendar/index.ts';
import { groupBy, unique } from '../../book/index.ts';
import { valueIn, type Home } from '../../house/index.ts';
import type { Sheet } from '../../library/index.ts';
import { memoised, perMember } from '../ground/memo.ts';
import { sessionsOf, type Frame, type Session } from '../plan/plan.ts';
import type { PrintJob } from '../prints/prints.ts';
import { usedAtOf } from './placement-tasks.ts';
import type { ReadyTask, TaskKind } from './task.ts';

const SECONDS_A_MINUTE = 60;

// What began before was printed for its first day.
const isFirst = ({ placement, by }: PrintJob, frame: Frame): boolean =>
  sessionsOf(placement, frame)[0]?.day.number === by.number;
const pages = (count: number): string => `${count} ${count === 1 ? 'page' : 'pages'}`;

/** Seconds of each step of a sheet, and how they came about. */
function stepsOf({ sheet, work, copyCount }: PrintJob, home: Home): readonly PrintStep[] {
  const steps: Readonly<Record<PrintKind, Omit<PrintStep, 'kind'>>> = {
    print: {
      seconds: work.printSeconds,
      how: `${pages(work.pages)} × ${valueIn(home, 'printingSecondsPerPage')} s`,
    },
    laminate: {
      seconds: work.laminateSeconds,
      how: `${pages(work.pouches)} × ${valueIn(home, 'laminatingSecondsPerSheet')} s`,
    },
    cut: {
      seconds: work.cutSeconds,
      how: `${work.cards} cards, ${valueIn(home, 'cuttingSecondsPerCard')} s a cut`,
    },
    finish: {
      seconds: sheet.finishing.length * copyCount * valueIn(home, 'finishingSecondsPerSheet'),
      how: `${copyCount} × ${sheet.finishing.join(', ')}`,
    },
  };
  return orderOf(sheet)
    .map((kind) => ({ kind, ...steps[kind] }))
    .filter(({ seconds }) => seconds > 0);
}
interface PrintStep {
  readonly kind: PrintKind;
  readonly seconds: number;
  readonly how: string;
}

/** What is the same of all that is printed for something placed. */
const printed = ({ placement, by }: PrintJob, { home, unit }: Frame, first: Session): PrintedTask => ({
  ...{ unit, placement, forWhat: placement.content.title },
  ...{ day: by, usedAt: usedAtOf(first, home), waitMinutes: 0 as Minutes, mostMinutes: null },
  ...{ hold: null, where: 'home', ways: [] },
});
type PrintedTask = Omit<ReadyTask, 'id' | 'kind' | 'text' | 'minutes' | 'how' | 'needs' | 'things'>;

/** Printing, laminating, cutting and finishing a sheet, one task each, in the order that the sheet asks for. */
export const printTasks = perMember((job: PrintJob, frame: Frame): readonly ReadyTask[] => {
  const { sheet, placement } = job;
  if (sheet.made || !isFirst(job, frame)) return [];
  const steps = stepsOf(job, frame.home);
  const same = printed(job, frame, sessionsOf(placement, frame)[0]!);
  return steps.map(({ kind, seconds, how }, i): ReadyTask => ({
    ...same,
    id: `${placement.id}:sheet:${sheet.id}:${kind}`,
    kind,
    text: `${sheet.title}: ${WORDS[kind]}${kind === 'finish' ? ` (${sheet.finishing.join(', ')})` : ''}`,
    minutes: Math.ceil(seconds / SECONDS_A_MINUTE) as Minutes,
    how,
    needs:
      i === 0
        ? []
        : [
            {
              taskId: `${placement.id}:sheet:${sheet.id}:${steps[i - 1]!.kind}`,
              waitMinutes: 0 as Minutes,
              mostMinutes: null,
            },
          ],
    things: [sheet.title],
  }));
});

/**
 * What the print shop made, one task for all that was kept in one step, by the first day that needs any of it: nobody turns on the
 * laminator nine times for a minute.
 */
export const shopTasks = memoised((jobs: readonly PrintJob[], frame: Frame): readonly ReadyTask[] => {
  const made = jobs.filter((job) => job.sheet.made && isFirst(job, frame));
  return [...groupBy(made, ({ sheet }) => sheet.made!.job)].map(([id, all]): ReadyTask => {
    const [first] = all as [PrintJob, ...PrintJob[]];
    const steps = all.flatMap((job) => stepsOf(job, frame.home));
    const kinds = orderOf(first.sheet).filter((kind) => steps.some((step) => step.kind === kind));
    const seconds = steps.reduce((sum, step) => sum + step.seconds, 0);
    const titles = unique(all.map(({ sheet }) => sheet.title));
    return {
      ...printed(first, frame, sessionsOf(first.placement, frame)[0]!),
      id: `${id}:shop`,
      kind: 'print',
      text: `${titles.join(', ')}: ${kinds.map((kind) => WORDS[kind]).join(', ')}`,
      minutes: Math.ceil(seconds / SECONDS_A_MINUTE) as Minutes,
      how: kinds
        .map((kind) => {
          const minutes =
            steps.reduce((sum, step) => sum + (step.kind === kind ? step.seconds : 0), 0) / SECONDS_A_MINUTE;
          return `${WORDS[kind]} ${Math.ceil(minutes)} min`;
        })
        .join(', '),
      needs: [],
      things: titles,
    };
  });
});

type PrintKind = Extract<TaskKind, 'print' | 'laminate' | 'cut' | 'finish'>;
const WORDS: Readonly<Record<PrintKind, string>> = {
  print: 'print',
  laminate: 'laminate',
  cut: 'cut',
  finish: 'finish',
};

const orderOf = ({ cut, laminate }: Sheet): readonly PrintKind[] =>
  laminate && cut !== 'before'
    ? ['print', 'laminate', 'cut', 'finish']
    : ['print', 'cut', 'laminate', 'finish'];
