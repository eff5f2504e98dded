import { forOthers, type Book } from '../book/index.ts';
import type { PlainDay } from '../calendar/index.ts';
import { SONG_KINDS, type Song } from '../library/index.ts';
import { read } from '../reading/index.ts';
import {
  printedPages,
  type PrintedGrid,
  type PrintedId,
  type PrintedPage,
  type PrintedPart,
} from '../sheets/index.ts';
import type { UnitId } from '../unit/index.ts';

// What means something in Markdown means itself in what somebody wrote.
const plain = (text: string): string =>
  text
    .replaceAll(/[\\`*_[\]<>|]/g, String.raw`\$&`)
    .replaceAll(/^(\s*)([#>+-]|\d+[.)])/gm, String.raw`$1\$2`);

function partOf(part: PrintedPart): string {
  switch (part.kind) {
    case 'heading':
      return `### ${plain(part.text)}`;
    case 'text':
      return part.strong ? `**${plain(part.text)}**` : plain(part.text);
    case 'caution':
      return `> ${plain(part.text)}`;
    case 'lines':
      return part.lines
        .map((line, i) => {
          const mark = part.numbered ? `${i + 1}.` : part.boxes ? '- [ ]' : '-';
          return `${mark} ${plain(line)}`;
        })
        .join('\n');
    case 'pairs':
      return part.pairs.map(([who, what]) => `- **${plain(who)}**: ${plain(what)}`).join('\n');
    case 'grid':
      return tableOf(part);
  }
}

// What stands over several columns is said in each of them: Markdown has no wide cells.
function tableOf({ head, rows }: PrintedGrid): string {
  const row = (cells: readonly string[]): string => `| ${cells.join(' | ')} |`;
  const inCell = (lines: readonly string[]): string =>
    lines.map((line) => plain(line.replaceAll('\n', ' '))).join('<br>');
  return [
    row(['', ...head.map(inCell)]),
    row(['---', ...head.map(() => '---')]),
    ...rows.map(({ name, cells }) =>
      row([plain(name), ...cells.flatMap(({ span, lines }) => Array<string>(span).fill(inCell(lines)))]),
    ),
  ].join('\n');
}

/** Printed pages as Markdown (CommonMark with task lists): what is on paper, for programs that keep texts. */
export const markdownOf = (pages: readonly PrintedPage[]): string =>
  pages
    .map(({ title, sub, parts }) =>
      [`## ${plain(title)}`, plain(sub), ...parts.map(partOf)].filter(Boolean).join('\n\n'),
    )
    .join('\n\n');

/** A day of a unit as Markdown, children called as the home shows them; empty for a day that it does not have. */
export const dayMarkdown = (book: Book, unitId: UnitId, day: number, today: PlainDay): string => {
  const text = markdownOf(printedPages('day-sheet', book, { unitId, day, today }));
  return text === '' ? '' : `${text}\n`;
};

const WHOLE: readonly PrintedId[] = ['corner-cards', 'bin-cards', 'recipe-cards', 'supply-list'];

/** A whole unit as Markdown: what it is about, each of its days, its corners and bins, and what it needs. */
export function unitMarkdown(whole: Book, unitId: UnitId, today: PlainDay): string {
  const book = forOthers(whole);
  const { frame } = read(book, unitId, today);
  const { unit, calendar } = frame;
  const parts = [
    `# ${plain(unit.title)}`,
    plain(unit.about),
    unit.words.length > 0 ? `New words: ${unit.words.map(plain).join(', ')}` : '',
    ...calendar.days.map(({ number }) => dayMarkdown(whole, unitId, number, today).trimEnd()),
    ...WHOLE.map((id) => markdownOf(printedPages(id, whole, { unitId, day: 1, today }))),
  ];
  return `${parts.filter((part) => part !== '').join('\n\n')}\n`;
}

const section = (title: string, entries: readonly string[]): string =>
  entries.length === 0 ? '' : `## ${title}\n\n${entries.join('\n\n')}`;

const entry = (title: string, ...lines: readonly string[]): string =>
  [`### ${plain(title)}`, ...lines.filter(Boolean)].join('\n\n');

const list = (lines: readonly string[], numbered = false): string =>
  lines.map((line, i) => `${numbered ? `${i + 1}.` : '-'} ${plain(line)}`).join('\n');

const numberedSteps = (steps: readonly { readonly text: string }[]): string =>
  list(
    steps.map(({ text }) => text),
    true,
  );

// The parts in the order in which they are sung; two spaces keep the lines apart.
const songParts = ({ opening, verses, refrain, ending }: Song): readonly string[] =>
  [opening, ...verses, refrain && `Refrain:\n${refrain}`, ending]
    .filter(Boolean)
    .map((part) => part.split('\n').map(plain).join('  \n'));

/** The library as Markdown: activities with their versions and steps, recipes, songs and books, what is retired left out. */
export function libraryMarkdown(whole: Book): string {
  const { activities, recipes, songs, bookTitles } = forOthers(whole);
  const current = <E extends { readonly retired: boolean }>(table: Readonly<Record<string, E>>): E[] =>
    Object.values(table).filter(({ retired }) => !retired);
  const byTitle = <E extends { readonly title: string }>(list: E[]): E[] =>
    list.toSorted((a, b) => a.title.localeCompare(b.title, 'en'));
  const parts = [
    '# The library',
    section(
      'Activities',
      byTitle(current(activities).map(({ content }) => content)).map(({ title, summary, versions, steps }) =>
        entry(
          title,
          plain(summary),
          list(
            versions.map(
              ({ fromMonths, untilMonths, does }) => `${fromMonths} to ${untilMonths ?? '…'} months: ${does}`,
            ),
          ),
          numberedSteps(steps),
        ),
      ),
    ),
    section(
      'Recipes',
      byTitle(current(recipes)).map(({ title, summary, steps }) =>
        entry(title, plain(summary), numberedSteps(steps)),
      ),
    ),
    section(
      'Songs',
      byTitle(current(songs)).map((song) =>
        entry(
          song.title,
          plain([SONG_KINDS[song.kind], song.tune].filter(Boolean).join(' · ')),
          ...songParts(song),
        ),
      ),
    ),
    section('Books', [list(byTitle(current(bookTitles)).map(({ title }) => title))].filter(Boolean)),
  ];
  return `${parts.filter((part) => part !== '').join('\n\n')}\n`;
}
