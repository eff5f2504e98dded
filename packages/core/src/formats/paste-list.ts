import Papa from 'papaparse';
import { CORNER_KINDS, type CornerKind } from '../house/index.ts';
import {
  ACTIVITY_MODES,
  activityContentSchema,
  type ActivityContent,
  type ActivityMode,
} from '../library/index.ts';
import { skillIdSchema, type SkillId } from '../skills/index.ts';
import { fieldProblems } from '../wire/index.ts';
import { MAX_LIST_ROWS, partsOf, TOO_MANY_ROWS, unreadable } from './read-table.ts';
import { noPreview, type ImportPreview, type ImportRow } from './rows.ts';

type Content = ActivityContent;

// The columns that are understood, by what may stand above them.
const COLUMNS: Readonly<Record<string, string>> = {
  title: 'title',
  name: 'title',
  activity: 'title',
  summary: 'summary',
  about: 'summary',
  corner: 'corner',
  corners: 'corner',
  mode: 'mode',
  kind: 'mode',
  skill: 'skills',
  skills: 'skills',
  from: 'from',
  'from months': 'from',
  until: 'until',
  'until months': 'until',
  does: 'does',
  steps: 'steps',
  'clean-up': 'cleanUp',
  'clean up': 'cleanUp',
};

/**
 * Reads a pasted list of activities: one title a line, or comma- or tab-separated rows under a line of headings
 * (`title, corner, mode, skills, from, until, does, summary, steps, clean-up`; ages in months; several skills or
 * steps apart by `;`). Says row by row what was understood and what was not. What is not said is left for the
 * person to complete: a draft has no versions unless an age or what the child does is given.
 */
export function readActivityList(text: string): ImportPreview<Content> {
  const problem = unreadable(text);
  if (problem) return noPreview(problem);
  const lines = Papa.parse<string[]>(text, { delimiter: delimiterOf(text), skipEmptyLines: 'greedy' });
  if (lines.data.length > MAX_LIST_ROWS + 1) return noPreview(TOO_MANY_ROWS);
  const headings = headingsIn(lines.data[0]!);
  const broken = new Map(lines.errors.map((error) => [error.row ?? 0, error.message]));
  const rows = headings ? lines.data.slice(1) : lines.data;
  const seen = new Set<string>();
  return {
    problem: null,
    rows: rows.map((cells, i) => {
      const line = i + (headings ? 2 : 1);
      const why = broken.get(line - 1);
      const shown = cells.join(' · ').slice(0, 120);
      if (why) return { line, text: shown, ok: false, why };
      const row = readRow(
        headings ? named(headings, cells) : { title: cells.map((cell) => cell.trim()).join(', ') },
        line,
        shown,
      );
      if (!row.ok) return row;
      const key = row.value.title.toLowerCase();
      if (seen.has(key))
        return { line, text: shown, ok: false, why: 'This title stands in the list already' };
      seen.add(key);
      return row;
    }),
  };
}

const delimiterOf = (text: string): string => (text.split('\n', 1)[0]!.includes('\t') ? '\t' : ',');

// A first line of headings has a title among them and nothing that is unknown.
function headingsIn(cells: readonly string[]): readonly string[] | null {
  const headings = cells.map((cell) => COLUMNS[cell.trim().toLowerCase()]);
  return headings.includes('title') && headings.every((heading) => heading !== undefined)
    ? (headings as string[])
    : null;
}

const named = (headings: readonly string[], cells: readonly string[]): Readonly<Record<string, string>> =>
  Object.fromEntries(headings.map((heading, i) => [heading, cells[i]?.trim() ?? '']));

function readRow(cells: Readonly<Record<string, string>>, line: number, text: string): ImportRow<Content> {
  const hints: string[] = [];
  const parsed = activityContentSchema.safeParse({
    title: cells.title ?? '',
    mode: modeFrom(cells.mode, hints),
    summary: cells.summary ?? '',
    cornerKinds: cornersFrom(cells.corner, hints),
    skills: skillsFrom(cells.skills, hints),
    versions: versionsFrom(cells, hints),
    materials: [],
    steps: partsOf(cells.steps).map((step) => ({ text: step })),
    cleanUpMinutes: numberFrom(cells.cleanUp, 'clean-up', hints) ?? 0,
    atOnce: null,
  });
  if (parsed.success) return { line, text, ok: true, value: parsed.data, hints };
  const [first] = fieldProblems(parsed.error);
  return { line, text, ok: false, why: `${first!.path.join(' ')}: ${first!.message}` };
}

const slug = (text: string): string => text.trim().toLowerCase().replaceAll(/\s+/g, '-');

function modeFrom(cell: string | undefined, hints: string[]): ActivityMode {
  if (!cell) return 'open-corner';
  const mode = slug(cell);
  if (mode in ACTIVITY_MODES) return mode as ActivityMode;
  hints.push(`“${cell}” is not a way to run an activity; taken as an open corner`);
  return 'open-corner';
}

/** Kinds of corners in a cell, apart by semicolons; what is none is told in a hint. */
export function cornersFrom(cell: string | undefined, hints: string[]): CornerKind[] {
  return partsOf(cell).flatMap((one) => {
    const kind = slug(one) as CornerKind;
    if (CORNER_KINDS.includes(kind)) return [kind];
    hints.push(`no corner is called “${one}”`);
    return [];
  });
}

/** Skills in a cell, apart by semicolons; what is none is told in a hint. */
export function skillsFrom(cell: string | undefined, hints: string[]): SkillId[] {
  return partsOf(cell).flatMap((one) => {
    const skill = skillIdSchema.safeParse(one.includes('/') ? one.trim() : slug(one));
    if (skill.success) return [skill.data];
    hints.push(`“${one}” is not one of the skills`);
    return [];
  });
}

function numberFrom(cell: string | undefined, what: string, hints: string[]): number | null {
  if (!cell) return null;
  if (/^\d{1,3}$/.test(cell)) return Number(cell);
  hints.push(`${what} “${cell}” is not a whole number`);
  return null;
}

function versionsFrom(cells: Readonly<Record<string, string>>, hints: string[]): object[] {
  const from = numberFrom(cells.from, 'from', hints);
  const until = numberFrom(cells.until, 'until', hints);
  if (from === null && until === null && !cells.does) {
    hints.push('no version yet: say for whom it is and what the child does');
    return [];
  }
  if (!cells.does) hints.push('say what the child does');
  return [
    { id: 'v1', fromMonths: from ?? 0, untilMonths: until, does: cells.does || 'To be written', say: '' },
  ];
}
