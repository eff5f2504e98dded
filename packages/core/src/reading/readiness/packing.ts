import type { Table } from '../../book/index.ts';
import type { PlainDay, ProgramDay } from '../../calendar/index.ts';
import type { Supply } from '../../cupboard/index.ts';
import type { Child } from '../../house/index.ts';
import type { BookTitle } from '../../library/index.ts';
import { lineHoldsOn, lineText, type DayLine, type Placement } from '../../unit/index.ts';
import { thingsFor, type CircleRun } from '../circle/run.ts';
import { memoised } from '../ground/memo.ts';
import { sessionsByDay, type Frame } from '../plan/plan.ts';
import type { PrintJob } from '../prints/prints.ts';

/** What lies in something that is packed: a folder, a basket, a bin. */
export interface Packed {
  readonly key: string;
  readonly title: string;
  readonly things: readonly string[];
}

/** Where everything goes before a day: the folder of each day, two baskets, and each child's bin. */
export interface Packing {
  readonly folders: readonly Packed[];
  readonly circle: readonly Packed[];
  readonly table: readonly Packed[];
  readonly bins: readonly Packed[];
}

/**
 * What goes into the folder, the circle basket and the table basket of each day from `today` on, and into each child's bin.
 * Days with nothing in them are left out.
 */
export const packingOf = memoised(
  ({ placements, jobs, lines, runs }: Packable, frame: Frame, names: Names, today: PlainDay): Packing => {
    const ahead = frame.calendar.days.filter(({ date }) => date >= today);
    const byDay = sessionsByDay(placements, frame);
    const perDay = (what: string, of: (day: ProgramDay) => readonly string[]): readonly Packed[] =>
      ahead
        .map((day) => ({
          key: `${what}-${day.number}`,
          title: `${TITLES[what]} ${day.number}`,
          things: of(day),
        }))
        .filter(({ things }) => things.length > 0);
    return {
      folders: perDay('folder', (day) =>
        jobs.filter(({ days, by }) => (days[0] ?? by).number === day.number).map(copiesText),
      ),
      circle: perDay('circle', (day) =>
        circleBasket(
          lines.filter((line) => lineHoldsOn(line, day.number)),
          runs.filter((run) => run.day.number === day.number),
          names,
        ),
      ),
      table: perDay('table', (day) =>
        thingsOf(
          (byDay.get(day.number) ?? []).flatMap(({ placement }) =>
            placement.where.kind === 'day' && placement.content.place !== 'outdoors' ? [placement] : [],
          ),
          names.supplies,
        ),
      ),
      bins: binsOf(placements, jobs, frame, names),
    };
  },
);

/** What is packed from. */
interface Packable {
  readonly placements: readonly Placement[];
  readonly jobs: readonly PrintJob[];
  readonly lines: readonly DayLine[];
  readonly runs: readonly CircleRun[];
}

/** One object as long as all its parts are the same. */
export const packable = memoised(
  (
    placements: readonly Placement[],
    jobs: readonly PrintJob[],
    lines: readonly DayLine[],
    runs: readonly CircleRun[],
  ): Packable => ({ placements, jobs, lines, runs }),
);

/** What lies in the circle basket: books, what was noted for it, and what its pieces need, each thing once in the most that is needed. */
function circleBasket(
  lines: readonly DayLine[],
  runs: readonly CircleRun[],
  { books }: Names,
): readonly string[] {
  const noted = lines
    .filter(({ kind }) => kind === 'circle' || kind === 'read-aloud')
    .map((line) => lineText(line, books));
  const parts = runs.flatMap((run) => run.parts);
  // A book that is read on the day is noted already.
  const things = thingsFor(parts).filter((thing) => !noted.some((text) => text.startsWith(thing)));
  const songs = [...new Set(parts.flatMap(({ song }) => (song ? [song.title] : [])))];
  return [...new Set([...noted, ...things, ...songs.map((title) => `Words: ${title}`)])];
}

const TITLES: Readonly<Record<string, string>> = {
  folder: 'Folder',
  circle: 'Circle basket, Day',
  table: 'Table basket, Day',
};

/** What ids mean. */
export interface Names {
  readonly supplies: Table<Supply>;
  readonly books: Table<BookTitle>;
}

/** One object as long as both tables are the same. */
export const namesIn = memoised((supplies: Table<Supply>, books: Table<BookTitle>): Names => ({
  supplies,
  books,
}));

const copiesText = ({ sheet, copyCount, placement }: PrintJob): string =>
  `${sheet.title} × ${copyCount}, for ${placement.content.title}`;

const thingsOf = (placements: readonly Placement[], supplies: Table<Supply>): readonly string[] => [
  ...new Set(
    placements.flatMap(({ content }) =>
      content.materials.flatMap(({ supplyId }) => supplies[supplyId]?.name ?? []),
    ),
  ),
];

function binsOf(
  placements: readonly Placement[],
  jobs: readonly PrintJob[],
  { attendance }: Frame,
  { supplies }: Names,
): readonly Packed[] {
  const children = new Map<string, Child>(
    attendance.flatMap((day) => day.children.map((child) => [child.id, child] as const)),
  );
  const bins = new Map<string, Placement[]>();
  for (const placement of placements)
    if (placement.where.kind === 'bin') {
      const { childId } = placement.where;
      bins.set(childId, [...(bins.get(childId) ?? []), placement]);
    }
  return [...bins].flatMap(([id, own]) => {
    const child = children.get(id);
    if (!child) return [];
    const sheets = jobs.filter(({ placement }) => own.includes(placement)).map(copiesText);
    const titles = own.map(({ content }) => content.title);
    return [
      {
        key: `bin-${id}`,
        title: `Bin of ${child.shownAs}`,
        things: [...titles, ...sheets, ...thingsOf(own, supplies)],
      },
    ];
  });
}
