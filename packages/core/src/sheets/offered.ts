import { groupBy, type Book } from '../book/index.ts';
import { formatDay, type PlainDay, type ProgramDay } from '../calendar/index.ts';
import { circleRecordIdOf } from '../daybook/index.ts';
import { listed, sessionsByDay, wentIn, type Reading, type Went } from '../reading/index.ts';
import { areaOf, AREAS, type Area } from '../skills/index.ts';
import type { Placement } from '../unit/index.ts';
import { heading, pairsOf, text, type PrintedPage } from './page.ts';

const areasOf = ({ content }: Placement): readonly Area[] => {
  const of = new Set(content.skills.map(areaOf));
  return AREAS.filter((area) => of.has(area));
};
const withAreas = (placement: Placement): string => {
  const areas = areasOf(placement);
  return areas.length === 0 ? placement.content.title : `${placement.content.title} (${areas.join(', ')})`;
};

/**
 * What was offered in a unit, for whoever inspects: by day and by area, up to the day before `today`. What was recorded stands as such,
 * what was planned and not recorded as planned: nothing claims more. It names no child, and nothing that was noted of one.
 */
export function offeredSheet(book: Book, reading: Reading, today: PlainDay): readonly PrintedPage[] {
  const { unit, home, calendar } = reading.frame;
  const over = calendar.days.filter(({ date }) => date < today);
  const [first, last] = [over[0], over.at(-1)];
  if (!first || !last) return [];
  const went = wentIn(book, unit.id).filter(({ date }) => date < today);
  const offered = went.filter(({ record }) => record.outcome !== 'skipped');
  return [
    {
      key: 'offered',
      title: `What was offered: ${unit.title}`,
      sub: `${formatDay(first.date)} to ${formatDay(last.date)} · ${home.name}`,
      parts: [
        text(
          '“Recorded” was written down on its day. “Planned” was planned for the day, and nobody recorded it.',
        ),
        ...pairsOf(over.flatMap((day) => linesOf(book, day, reading, went))),
        heading('By area, of what was recorded'),
        ...pairsOf(
          AREAS.map((area): readonly [string, string] => {
            const of = offered.filter(({ placement }) => areasOf(placement).includes(area));
            return [area, of.length === 0 ? 'not recorded' : timesText(of)];
          }),
        ),
        text('Looked through and signed'),
        text('Date ____________________   Name ________________________________________'),
      ],
    },
  ];
}

function timesText(of: readonly Went[]): string {
  const titles = [...groupBy(of, ({ placement }) => placement.content.title)];
  const days = new Set(of.map(({ date }) => date)).size;
  return `on ${days} ${days === 1 ? 'day' : 'days'}: ${titles
    .map(([title, list]) => (list.length === 1 ? title : `${title} (${list.length} times)`))
    .join(', ')}`;
}

const SAID = { recorded: 'Recorded', planned: 'Planned', skipped: 'Did not happen' } as const;

function linesOf(
  book: Book,
  day: ProgramDay,
  reading: Reading,
  went: readonly Went[],
): readonly (readonly [string, string])[] {
  const told = new Map(
    went.filter(({ date }) => date === day.date).map((one) => [one.placement.id, one.record]),
  );
  // What lies in the bin of one child is that child's own.
  const all = (sessionsByDay(reading.placements, reading.frame).get(day.number) ?? [])
    .map(({ placement }) => placement)
    .filter(({ where }) => where.kind !== 'bin');
  const known = groupBy(all, ({ id }): keyof typeof SAID => {
    const record = told.get(id);
    return record === undefined ? 'planned' : record.outcome === 'skipped' ? 'skipped' : 'recorded';
  });
  const circles = circlesOn(book, day, reading);
  const lines = (Object.keys(SAID) as (keyof typeof SAID)[]).flatMap((how) => {
    const things = [...(known.get(how) ?? []).map(withAreas), ...circles[how]];
    return things.length === 0 ? [] : [`${SAID[how]}: ${listed(things)}`];
  });
  return lines.map((line, i) => [i === 0 ? `Day ${day.number}, ${formatDay(day.date)}` : '', line]);
}

// A circle is offered as a whole: its pieces stand with it.
function circlesOn(
  book: Book,
  { number }: ProgramDay,
  { circles, frame }: Reading,
): Readonly<Record<keyof typeof SAID, readonly string[]>> {
  const runs = circles.runs.filter(({ day, moment }) => day.number === number && moment === 'in');
  const isTold = ({ block }: (typeof runs)[number]): boolean =>
    circleRecordIdOf({ unitId: frame.unit.id, day: number, blockId: block.id }) in book.circleRecords;
  const says = ({ block, parts }: (typeof runs)[number]): string =>
    `${block.name} with ${parts.map(({ title }) => `“${title}”`).join(', ')}`;
  return {
    recorded: runs.filter(isTold).map(says),
    planned: runs.filter((run) => !isTold(run)).map(says),
    skipped: [],
  };
}
