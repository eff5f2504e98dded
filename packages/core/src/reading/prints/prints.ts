import type { PlainDay, ProgramDay } from '../../calendar/index.ts';
import { valueIn, type Child, type Home } from '../../house/index.ts';
import { versionsOf, type ActivityVersion, type AmountFor, type Sheet } from '../../library/index.ts';
import type { Placement } from '../../unit/index.ts';
import { answer, answerFlat } from '../ground/answer.ts';
import { memoised } from '../ground/memo.ts';
import { sessionsOf, type Frame } from '../plan/plan.ts';

/** Copies of a sheet for those who get one version. */
export interface Copies {
  /** Null where the copies are for nobody in particular: one for all, or for each group. */
  readonly version: ActivityVersion | null;
  readonly children: readonly Child[];
  readonly count: number;
}

/** What it takes to print and finish, in whole things and seconds. */
export interface PrintWork {
  readonly pages: number;
  readonly pouches: number;
  readonly cards: number;
  readonly printSeconds: number;
  readonly laminateSeconds: number;
  readonly cutSeconds: number;
}

/** A sheet to be printed for something that is placed. */
export interface PrintJob {
  readonly sheet: Sheet;
  readonly placement: Placement;
  readonly copies: readonly Copies[];
  readonly copyCount: number;
  readonly pagesOfSheet: number;
  readonly work: PrintWork;
  /** Rounded up to whole minutes. */
  readonly minutes: number;
  /** In the order in which it is done: `print`, `cut`, `laminate`, the finishing parts. */
  readonly steps: readonly string[];
  readonly by: ProgramDay;
  readonly days: readonly ProgramDay[];
}

/** How many pages a sheet has, by what is written as `2-4, 7`; one where nothing is said. A range backwards counts too. */
export function pageCount({ pages }: Pick<Sheet, 'pages'>): number {
  const counts = rangesOf(pages).map(([from, to]) => Math.abs(to - from) + 1);
  return counts.length === 0 ? 1 : counts.reduce((sum, count) => sum + count, 0);
}

/** The pages of a sheet in their order; only the first where nothing is said of them. */
export function pagesOf({ pages }: Pick<Sheet, 'pages'>): readonly number[] {
  const ranges = rangesOf(pages);
  if (ranges.length === 0) return [1];
  return ranges.flatMap(([from, to]) =>
    Array.from({ length: Math.abs(to - from) + 1 }, (_, i) => from + (to < from ? -i : i)),
  );
}

const rangesOf = (pages: string): readonly (readonly [number, number])[] =>
  pages
    .split(',')
    .filter((part) => part.trim() !== '')
    .map((part) => {
      const [from, to = from] = part.split('-').map(Number);
      return [from!, to!] as const;
    });

/**
 * What printing some copies takes, by the home's values: seconds a page, a sheet laminated and a card cut. Pages that
 * lie on each other are cut at one go, before laminating and unlaminated; laminated ones one by one.
 */
export function printWork(sheet: Sheet, copies: number, home: Home): PrintWork {
  const pages = pageCount(sheet) * copies;
  const pouches = sheet.laminate ? pages : 0;
  const cards = sheet.cut === 'none' ? 0 : sheet.cardsPerPage * pages;
  const inStacks = sheet.cut !== 'after' || !sheet.laminate;
  const goes = inStacks ? Math.ceil(pages / sheet.cutAtOnce) * sheet.cardsPerPage : cards;
  return {
    pages,
    pouches,
    cards,
    printSeconds: pages * valueIn(home, 'printingSecondsPerPage'),
    laminateSeconds: pouches * valueIn(home, 'laminatingSecondsPerSheet'),
    cutSeconds: cards === 0 ? 0 : goes * valueIn(home, 'cuttingSecondsPerCard'),
  };
}

/**
 * The sheets that a unit still needs from `today` on, one job for each sheet of each placement, by the day on which it is
 * first needed. One copy for each child who gets a version, unless the activity says otherwise.
 */
export const printJobs = answer(
  (look, placements: readonly Placement[], frame: Frame, today: PlainDay): readonly PrintJob[] =>
    jobsOfPlacements(look, placements, frame, today).toSorted(
      (a, b) => a.by.number - b.by.number || (a.sheet.title < b.sheet.title ? -1 : 1),
    ),
);

const jobsOfPlacements = answerFlat(
  (look, placement: Placement, frame: Frame, today: PlainDay): readonly PrintJob[] => {
    const { content } = placement;
    if (content.sheetIds.length === 0) return [];
    const sessions = sessionsOf(placement, frame).filter(({ day }) => day.date >= today);
    const [first] = sessions;
    if (!first) return [];
    const versions = new Map<string, Set<Child>>();
    for (const { seats } of sessions)
      for (const { child, version } of seats) {
        if (!version) continue;
        const of = versions.get(version.id) ?? new Set();
        versions.set(version.id, of.add(child));
      }
    return content.sheetIds.flatMap((id): readonly PrintJob[] => {
      const whole = look.one('sheets', id);
      if (!whole) return [];
      const rule = content.copies.find(({ sheetId }) => sheetId === id);
      const sheet = rule?.page ? onlyPage(whole, rule.page) : whole;
      const groups = versionsOf(content)
        .filter((version) => !rule || rule.versionIds.length === 0 || rule.versionIds.includes(version.id))
        .map((version) => ({ version, children: [...(versions.get(version.id) ?? [])] }))
        .filter(({ children }) => children.length > 0);
      const adults = Math.max(1, first.adults.length);
      const copies = copiesFor(rule?.for ?? { kind: 'child' }, groups, adults, sessions.length);
      const copyCount = copies.reduce((sum, { count }) => sum + count, 0);
      if (copyCount === 0) return [];
      const work = printWork(sheet, copyCount, frame.home);
      return [
        {
          sheet,
          placement,
          copies,
          copyCount,
          pagesOfSheet: pageCount(sheet),
          work,
          minutes: Math.ceil((work.printSeconds + work.laminateSeconds + work.cutSeconds) / 60),
          steps: stepsOf(sheet),
          by: first.day,
          days: sessions.map(({ day }) => day),
        },
      ];
    });
  },
);

// One page of a packet is the sheet with that page alone.
const onlyPage = memoised((sheet: Sheet, page: number): Sheet => ({ ...sheet, pages: String(page) }));

function copiesFor(
  who: AmountFor,
  groups: readonly { readonly version: ActivityVersion; readonly children: readonly Child[] }[],
  adults: number,
  runs: number,
): readonly Copies[] {
  if (who.kind === 'child')
    return groups.map(({ version, children }) => ({ version, children, count: children.length }));
  const children = [...new Set(groups.flatMap((group) => group.children))];
  if (children.length === 0) return [];
  const counts: Readonly<Record<Exclude<AmountFor['kind'], 'child'>, number>> = {
    all: 1,
    run: runs,
    adult: adults,
    'group-of': who.kind === 'group-of' ? Math.ceil(children.length / who.size) : 1,
  };
  return [{ version: null, children, count: counts[who.kind] }];
}

function stepsOf({ cut, laminate, finishing, paper, colour }: Sheet): readonly string[] {
  const print = `print on ${paper === 'plain' ? 'plain paper' : paper}${colour ? ' in colour' : ''}`;
  const middle = laminate
    ? cut === 'before'
      ? ['cut', 'laminate']
      : cut === 'none'
        ? ['laminate']
        : ['laminate', 'cut']
    : cut === 'none'
      ? []
      : ['cut'];
  return [print, ...middle, ...finishing];
}
