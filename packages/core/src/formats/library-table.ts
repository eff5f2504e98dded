import equal from 'fast-deep-equal';
import { kindOf, nameAt, type Book, type Entity } from '../book/index.ts';
import type { ChangeInput } from '../changes/index.ts';
import type { Activity, BookTitle, Recipe, Sheet, Song } from '../library/index.ts';
import { asName } from '../measure/index.ts';
import { LIBRARY_KINDS, type LibraryEntity, type LibraryKind } from '../reading/index.ts';
import { fieldProblems } from '../wire/index.ts';
import { cornersFrom, skillsFrom } from './paste-list.ts';
import { readTable, type Cells, type RowPlace } from './read-table.ts';
import type { ImportPreview, ImportRow } from './rows.ts';

/** A row of a table of the library as it was understood. */
export interface LibraryRow {
  readonly title: string;
  /** `new` is not here yet, `changed` is here otherwise, `same` says nothing new. */
  readonly as: 'new' | 'changed' | 'same';
  readonly change: ChangeInput;
}

/**
 * Reads the table of the library back, as {@link libraryTable} wrote it or as a spreadsheet changed it: what an entry is about, its
 * corners, skills, source, and whether it is retired. An entry is found by its kind and title; an activity or a book that is not here
 * is begun. Recipes, songs and sheets are more than a row: those come as texts.
 */
export const readLibraryTable = (text: string, book: Book, newId: () => string): ImportPreview<LibraryRow> =>
  readTable(text, {
    columns: ['kind', 'title', 'about', 'corners', 'skills', 'source', 'retired'],
    needs: ['kind', 'title'],
    row: (cells, at) => rowOf(cells, book, newId, at),
    keyOf: ({ title, change: { type } }) => `${type} ${asName(title)}`,
    already: 'This entry stands in the table already',
  });

function rowOf(cells: Cells, book: Book, newId: () => string, at: RowPlace): ImportRow<LibraryRow> {
  const [word, title] = [cells.get('kind') ?? '', cells.get('title') ?? ''];
  const kind = (Object.keys(LIBRARY_KINDS) as LibraryKind[]).find(
    (one) => LIBRARY_KINDS[one] === asName(word),
  );
  if (!kind)
    return { ...at, ok: false, why: `kind: “${word}” is none of ${Object.values(LIBRARY_KINDS).join(', ')}` };
  const named = (Object.values(book[kind]) as LibraryEntity[]).filter(
    ({ id }) => asName(nameAt(book, { kind, id }) ?? '') === asName(title),
  );
  if (named.length > 1)
    return { ...at, ok: false, why: `${named.length} entries are called so: change them in the library` };
  const hints: string[] = [];
  const [own] = named;
  const first = own ?? begun(kind, newId(), title);
  if (!first) return { ...at, ok: false, why: `A ${word} is more than a row: bring it as text` };
  const parsed = kindOf(kind).schema.safeParse(withCells(kind, first, cells, hints));
  if (!parsed.success) {
    const [problem] = fieldProblems(parsed.error);
    return { ...at, ok: false, why: `${problem!.path.at(-1)?.toString() ?? ''}: ${problem!.message}` };
  }
  const as = own === undefined ? 'new' : equal(parsed.data, own) ? 'same' : 'changed';
  return { ...at, ok: true, value: { title, as, change: PUTS[kind](parsed.data as never) }, hints };
}

// A column that is not there says nothing.
function withCells(kind: LibraryKind, entity: object, cells: Cells, hints: string[]): object {
  const said: Record<string, unknown> = {};
  const content: Record<string, unknown> = {};
  const inside = kind === 'activities' ? content : said;
  const text = (column: string, field: string): void => {
    const cell = cells.get(column);
    if (cell !== undefined) inside[field] = cell;
  };
  if (kind === 'activities' || kind === 'recipes') text('about', 'summary');
  if (kind === 'activities' || kind === 'recipes' || kind === 'songs') text('source', 'source');
  if (kind === 'activities' && cells.has('corners'))
    content.cornerKinds = cornersFrom(cells.get('corners'), hints);
  if (kind === 'activities' && cells.has('skills')) content.skills = skillsFrom(cells.get('skills'), hints);
  if (cells.has('retired')) said.retired = cells.get('retired') !== '';
  if (kind !== 'activities') return { ...entity, ...said };
  return { ...entity, ...said, content: { ...(entity as Activity).content, ...content } };
}

function begun(kind: LibraryKind, id: string, title: string): object | null {
  if (kind === 'bookTitles') return { id, title, level: 'picture' };
  if (kind !== 'activities') return null;
  const empty = { summary: '', cornerKinds: [], skills: [], versions: [], materials: [], steps: [] };
  return { id, content: { title, mode: 'open-corner', ...empty, cleanUpMinutes: 0, atOnce: null } };
}

const PUTS: { readonly [K in LibraryKind]: (entity: Entity) => ChangeInput } = {
  activities: (activity) => ({ type: 'library/put-activity', activity: activity as Activity }),
  recipes: (recipe) => ({ type: 'library/put-recipe', recipe: recipe as Recipe }),
  songs: (song) => ({ type: 'library/put-song', song: song as Song }),
  bookTitles: (book) => ({ type: 'library/put-book', book: book as BookTitle }),
  sheets: (sheet) => ({ type: 'library/put-sheet', sheet: sheet as Sheet }),
};

/** The changes that take rows in; a row that says nothing new makes none. */
export const libraryRowChanges = (rows: readonly LibraryRow[]): readonly ChangeInput[] =>
  rows.filter(({ as }) => as !== 'same').map(({ change }) => change);
