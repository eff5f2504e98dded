import type { Book } from '../../book/index.ts';
import { addDays, formatDay, type PlainDay } from '../../calendar/index.ts';
import { PROPERTIES } from '../../cupboard/index.ts';
import { belongsOn, partIdsOf, type Child } from '../../house/index.ts';
import { fewOf, listed, type Level } from '../ground/finding.ts';
import { cupboardOf, LOOK_AHEAD_DAYS, type CupboardRow } from './cupboard.ts';

/** The hottest that a tap gives where children wash their hands: 120 °F, advice against scalds. */
const HOTTEST_TAP_C = 49;

/** Something that the house says about itself, whatever is planned. */
export interface HouseNote {
  readonly key: string;
  readonly level: Level;
  readonly title: string;
  readonly detail: string;
  /** What it is about, to be opened from there; null when it is about several things. */
  readonly about: { readonly kind: 'children' | 'supplies' | 'people'; readonly id: string } | null;
}

/**
 * What the house lacks or should be looked at: children without any day, nobody at work, supplies that run low,
 * spoil, go back, are broken, have no pack, or whose properties nobody recorded, and a tap that scalds. The weightiest first.
 */
export function houseNotes(book: Book, today: PlainDay): readonly HouseNote[] {
  const shelf = cupboardOf(book, today);
  return [
    ...childNotes(book, today),
    ...workNotes(book),
    ...tapNotes(book),
    ...bookNotes(book, today),
    ...supplyNotes(shelf),
  ].toSorted((a, b) => WEIGHT[a.level] - WEIGHT[b.level]);
}

const WEIGHT: Readonly<Record<Level, number>> = { stop: 0, care: 1, note: 2 };

// Row 25 of the cautions, where it is the house that is hot and no thing.
function tapNotes(book: Book): HouseNote[] {
  const home = Object.values(book.homes)[0];
  if (!home || Object.keys(book.children).length === 0) return [];
  const { tapC } = home;
  if (tapC !== null && tapC <= HOTTEST_TAP_C) return [];
  return [
    {
      key: 'hot-tap',
      level: tapC === null ? 'note' : 'stop',
      title: tapC === null ? 'Nobody measured the hot tap' : `The tap gives water of ${tapC} °C`,
      detail:
        tapC === null
          ? `Hold a thermometer under it; above ${HOTTEST_TAP_C} °C it scalds in seconds. It stands among the rules of the home.`
          : `Above ${HOTTEST_TAP_C} °C it scalds in seconds: turn the heater down, and only an adult opens it until then.`,
      about: null,
    },
  ];
}

function childNotes(book: Book, today: PlainDay): HouseNote[] {
  const parts = partIdsOf(Object.values(book.homes)[0]);
  return Object.values(book.children)
    .filter((child) => belongsOn(child, today) && !hasDays(child, parts))
    .map((child) => ({
      key: `no-days:${child.id}`,
      level: 'care',
      title: `${child.name} has no days`,
      detail: 'Nothing is counted for this child until it comes on some part of some day.',
      about: { kind: 'children', id: child.id },
    }));
}

const hasDays = (child: Child, parts: ReadonlySet<string>): boolean =>
  Object.values(child.attendance).some((list) => list.some((part) => parts.has(part)));

function workNotes(book: Book): HouseNote[] {
  const isSomebodyAtWork = Object.values(book.people).some(
    (person) => !person.retired && Object.values(person.work).some((list) => list.length > 0),
  );
  if (isSomebodyAtWork || Object.keys(book.children).length === 0) return [];
  return [
    {
      key: 'nobody-at-work',
      level: 'note',
      title: "Nobody's work is entered",
      detail: 'Kobby counts one adult at all times until somebody works on some part of some day.',
      about: null,
    },
  ];
}

const SHOWN = 4;

// A borrowed book is asked back like a borrowed thing.
function bookNotes({ bookTitles }: Book, today: PlainDay): HouseNote[] {
  const soon = addDays(today, LOOK_AHEAD_DAYS);
  const back = Object.values(bookTitles)
    .filter(({ retired, backBy }) => !retired && backBy !== null && backBy <= soon)
    .toSorted((a, b) => (a.backBy! < b.backBy! ? -1 : 1));
  if (back.length === 0) return [];
  return [
    {
      key: 'books-back',
      level: 'care',
      title: `${back.length} ${back.length === 1 ? 'book' : 'books'} to give back`,
      detail: `${fewOf(back.map(({ title, backBy, borrowedFrom }) => `${title} by ${formatDay(backBy!)}${borrowedFrom ? `, to ${borrowedFrom}` : ''}`))}.`,
      about: null,
    },
  ];
}

/** Something that is said of supplies, and of which ones. */
interface SupplyRule {
  readonly key: string;
  readonly level: Level;
  /** What is said of so many supplies. */
  readonly title: string;
  readonly concerns: (row: CupboardRow) => boolean;
  readonly text: (row: CupboardRow) => string;
}

const nameOfRow = ({ supply }: CupboardRow): string => supply.name;

/**
 * What is said of the cupboard, and what it can be narrowed down to. One heads-up for each of them, not one for each
 * supply: a cupboard has hundreds.
 */
export const SUPPLY_RULES: readonly SupplyRule[] = [
  {
    key: 'back',
    level: 'care',
    title: 'to give back',
    concerns: (row) => row.backBy !== null,
    text: (row) => `${row.supply.name} by ${formatDay(row.backBy!)}`,
  },
  {
    key: 'spoils',
    level: 'care',
    title: 'past or near best before',
    concerns: (row) => row.spoilsBy !== null,
    text: (row) => `${row.supply.name}, ${formatDay(row.spoilsBy!)}`,
  },
  {
    key: 'unrecorded',
    level: 'care',
    title: 'with something not recorded',
    concerns: (row) => row.unrecorded.length > 0,
    text: (row) =>
      `${row.supply.name} (${fewOf(row.unrecorded.map((id) => PROPERTIES[id].label.toLowerCase()))})`,
  },
  {
    key: 'broken',
    level: 'care',
    title: 'broken, to be set aside until mended',
    concerns: ({ supply }) => supply.broken !== null,
    text: ({ supply }) => `${supply.name} (${supply.broken!})`,
  },
  { key: 'low', level: 'note', title: 'running low', concerns: (row) => row.isLow, text: nameOfRow },
  {
    key: 'pieces',
    level: 'note',
    title: 'with pieces missing or worn',
    concerns: (row) => row.piecesMissing + row.piecesWorn > 0,
    text: nameOfRow,
  },
  { key: 'packs', level: 'note', title: 'without a pack', concerns: (row) => row.lacksPack, text: nameOfRow },
];

const supplyNotes = (shelf: readonly CupboardRow[]): HouseNote[] =>
  SUPPLY_RULES.flatMap((rule) => supplyNote(rule, shelf.filter(rule.concerns)));

function supplyNote({ key, level, title, text }: SupplyRule, rows: readonly CupboardRow[]): HouseNote[] {
  const [first] = rows;
  if (!first) return [];
  const names = rows.slice(0, SHOWN).map(text);
  const detail = rows.length > SHOWN ? `${names.join(', ')} and ${rows.length - SHOWN} more` : listed(names);
  return [
    {
      key,
      level,
      title: `${rows.length} ${title}`,
      detail: `${detail}.`,
      about: rows.length === 1 ? { kind: 'supplies', id: first.supply.id } : null,
    },
  ];
}
