import { unique, type Book } from '../book/index.ts';
import { formatDay, type PlainDay } from '../calendar/index.ts';
import { keepsakeIdOf } from '../daybook/index.ts';
import { HOME_ID, type ChildId } from '../house/index.ts';
import { listed, metBy, namesAnother, read, type Met } from '../reading/index.ts';
import { areaOf, AREAS } from '../skills/index.ts';

/** How many titles are named in a sentence: a letter is no list. */
const MOST_NAMED = 8;

/**
 * A page about one child for its family over a span of days, first and last included: what it met and loved, by what was recorded, in
 * plain words, to be edited before anybody gets it. It names no other child, no allergy and nothing that was noted in the room.
 * Paragraphs are parted by empty lines; empty for a child that is gone.
 */
export function composeChildLetter(
  book: Book,
  childId: ChildId,
  { from, to, today }: { readonly from: PlainDay; readonly to: PlainDay; readonly today: PlainDay },
): string {
  const child = book.children[childId];
  if (!child) return '';
  const name = child.shownAs;
  const span = `from ${formatDay(from)} to ${formatDay(to)}`;
  const isOwn = (text: string): boolean => !namesAnother(book.children, childId, text);
  const mets = metBy(book, childId, from).filter(
    ({ date, placement }) => date <= to && isOwn(placement.content.title),
  );
  const warm = `With warm regards, ${book.homes[HOME_ID]?.name ?? ''}`.trim();
  const begin = `Dear family of ${name},`;
  if (mets.length === 0) return [begin, `Nothing was recorded for ${name} ${span}.`, warm].join('\n\n');
  const loved = mets.filter(({ outcome }) => outcome === 'loved');
  const held = mets.filter(({ outcome }) => outcome === 'fine');
  const units = unique(mets.map(({ unit }) => unit.title)).filter(isOwn);
  return [
    begin,
    `This is what ${name} met ${span}${units.length === 0 ? '' : `, in ${quoted(units)}`}.`,
    said(loved, (titles) => `${name} loved ${titles}, and wanted more.`),
    said(held, (titles) => `${loved.length > 0 ? 'There was also' : `${name} had`} ${titles}.`),
    areasText(mets, name),
    sungText(book, mets, today, isOwn),
    folderText(book, childId, mets, name),
    warm,
  ]
    .filter((paragraph) => paragraph !== '')
    .join('\n\n');
}

function said(mets: readonly Met[], sentence: (titles: string) => string): string {
  const titles = unique(mets.map(({ placement }) => placement.content.title));
  if (titles.length === 0) return '';
  const more = titles.length - MOST_NAMED;
  return sentence(quoted(titles.slice(0, MOST_NAMED), Math.max(0, more)));
}

// As they are called, and how many more there were.
const quoted = (titles: readonly string[], more = 0): string =>
  listed([...titles.map((one) => `“${one}”`), ...(more > 0 ? [`${more} more`] : [])]);

function areasText(mets: readonly Met[], name: string): string {
  const met = new Set(mets.flatMap(({ placement }) => placement.content.skills.map(areaOf)));
  const areas = AREAS.filter((area) => met.has(area));
  return areas.length === 0 ? '' : `There was something for ${name} in ${listed(areas)}.`;
}

// What was sung in its units: words that a family knows already are sung at home.
function sungText(
  book: Book,
  mets: readonly Met[],
  today: PlainDay,
  isOwn: (text: string) => boolean,
): string {
  const songs = unique(
    unique(mets.map(({ unit }) => unit.id)).flatMap((unitId) =>
      read(book, unitId, today).circles.runs.flatMap((run) =>
        run.day.date < today ? run.parts.flatMap(({ song }) => song?.title ?? []) : [],
      ),
    ),
  ).filter(isOwn);
  return songs.length === 0
    ? ''
    : `We planned to sing ${quoted(songs.slice(0, MOST_NAMED))}. Sing along at home.`;
}

function folderText(book: Book, childId: ChildId, mets: readonly Met[], name: string): string {
  const made = unique(
    mets
      .filter(
        ({ placement }) =>
          placement.content.keepsake && (book.keepsakes[keepsakeIdOf(placement.id, childId)]?.has ?? true),
      )
      .map(({ placement }) => placement.content.title),
  );
  return made.length === 0 ? '' : `In the folder of ${name}: ${quoted(made)}.`;
}
