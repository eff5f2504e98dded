import type { PlainDay } from '../../calendar/index.ts';
import { groupBy } from '../../book/index.ts';
import { formatDays, listed, type Finding } from '../ground/finding.ts';
import { memoised } from '../ground/memo.ts';
import type { Frame } from '../plan/plan.ts';
import { aboutSeconds } from '../../measure/index.ts';
import type { CirclePart, CircleRun } from './run.ts';
import { staysIn } from './stay.ts';

/** A run over its block by less than this is nothing to speak of, in seconds. Kobby's own limit. */
const OVER_SECONDS = 60;

/**
 * What circles say of themselves from `today` on: longer than their block, more than half of the children done before the
 * end, songs without a word to sing. One finding a block for all of its days.
 */
export const circleFindings = memoised(
  (runs: readonly CircleRun[], frame: Frame, factor: number, today: PlainDay): readonly Finding[] => {
    // The songs of a special event are as long as that lasts.
    const ahead = runs.filter(
      ({ day, moment, block }) => day.date >= today && moment === 'in' && frame.home.blocks.includes(block),
    );
    return [...groupBy(ahead, ({ block }) => block.id).values()].flatMap((ofBlock) => [
      ...overFindings(ofBlock),
      ...dragFindings(ofBlock, frame, factor),
      ...wordlessFindings(ofBlock),
    ]);
  },
);

const about = (runs: readonly CircleRun[]) => ({
  days: runs.map(({ day }) => day.number),
  cornerIds: [],
  placementId: null,
  childIds: [],
  pieceIds: [...new Set(runs.flatMap(({ parts }) => parts.map(({ piece }) => piece.id)))],
});

function overFindings(runs: readonly CircleRun[]): Finding[] {
  const over = runs.filter(({ seconds, block }) => seconds >= block.minutes * 60 + OVER_SECONDS);
  const [first] = over;
  if (!first) return [];
  const longest = Math.max(...over.map(({ seconds }) => seconds));
  return [
    {
      key: `circle-over:${first.block.id}`,
      rule: 'circle-over',
      level: 'note',
      title: `${first.block.name} is longer than its time`,
      detail: `${formatDays(over.map(({ day }) => day.number))}: up to ${aboutSeconds(longest)}, the block has ${first.block.minutes} min.`,
      instead: 'Leave out a verse or a piece, or give the block more time.',
      basis: 'the blocks of this home',
      ...about(over),
    },
  ];
}

function dragFindings(runs: readonly CircleRun[], { home }: Frame, factor: number): Finding[] {
  const drags = runs.flatMap((run) => {
    const stays = staysIn(run, home, factor);
    const sits = stays.filter(({ toTheEnd }) => toTheEnd).length;
    return stays.length > 1 && sits * 2 < stays.length ? [{ run, sits, of: stays.length }] : [];
  });
  const [first] = drags;
  if (!first) return [];
  const { block, day } = first.run;
  return [
    {
      key: `circle-drags:${block.id}`,
      rule: 'circle-drags',
      level: 'note',
      title: `${block.name}: most of them are done before the end`,
      detail: `${formatDays(drags.map(({ run }) => run.day.number))}: on Day ${day.number} ${first.sits === 0 ? 'nobody' : `${first.sits} of ${first.of}`} sits to the end of ${aboutSeconds(first.run.seconds)}.`,
      instead: 'Make it shorter, put something lively in the middle, or let the youngest go to an assistant.',
      basis:
        'minutes of sitting for each year of age, as this home sets them, and what you told of earlier circles',
      ...about(drags.map(({ run }) => run)),
    },
  ];
}

const isWordless = ({ song, verses }: CirclePart): boolean => song !== null && verses.length === 0;

function wordlessFindings(runs: readonly CircleRun[]): Finding[] {
  const wordless = runs.filter(({ parts }) => parts.some(isWordless));
  const [first] = wordless;
  if (!first) return [];
  const titles = [
    ...new Set(wordless.flatMap(({ parts }) => parts.filter(isWordless).map(({ title }) => title))),
  ];
  return [
    {
      key: `circle-wordless:${first.block.id}`,
      rule: 'circle-wordless',
      level: 'note',
      title:
        titles.length === 1
          ? `Nothing to sing yet: ${titles[0]}`
          : `${titles.length} songs have nothing to sing yet`,
      detail: `${listed(titles)}: sung with the members of the theme, of which this unit has none.`,
      instead: "Write down the theme's things, or give the song words of its own.",
      basis: 'words are forgotten unless they are at hand',
      ...about(wordless),
    },
  ];
}
