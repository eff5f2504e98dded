import type { Child } from '../house/index.ts';
import { asName, replacedInTexts, wholeWords } from '../measure/index.ts';
import { copyOfTable, KINDS, type Book, type Entity, type Kind } from './book.ts';

/**
 * The book as others may see it: every child is called as the home shows it, wherever its full name stands in a text: titles,
 * what is done and said, notes, rules. What a link shows and what is printed is worked out from this one, so that no new text has
 * to be thought of. Entities without a full name in them are the same objects; a home that shows full names is the same book.
 */
export function forOthers(book: Book): Book {
  const known = SHOWN.get(book);
  if (known) return known;
  const named = Object.values(book.children).filter(({ name, shownAs }) => asName(name) !== asName(shownAs));
  const shown = named.length === 0 ? book : withShownNames(book, named);
  SHOWN.set(book, shown);
  return shown;
}

const SHOWN = new WeakMap<Book, Book>();

/** How the children of a home are called by others. */
interface Shown {
  /** The full names with what stands for them: whoever changes either is told otherwise. */
  readonly key: string;
  told(entity: Entity): Entity;
}

function withShownNames(book: Book, children: readonly Child[]): Book {
  const shownAs = new Map(children.map((child) => [asName(child.name), child.shownAs]));
  const pattern = wholeWords(children.map(({ name }) => name));
  const shown: Shown = {
    key: JSON.stringify([...shownAs]),
    told: (entity) => replacedInTexts(entity, pattern, (name) => shownAs.get(asName(name)) ?? name),
  };
  return Object.freeze(
    Object.fromEntries(KINDS.map((kind) => [kind, tableTold(book, kind, shown)])),
  ) as unknown as Book;
}

// Tables and entities mostly stay from one book to the next: each is looked through once for the names of a home.
const TOLD_TABLES = new WeakMap<object, { readonly key: string; readonly told: object }>();
const TOLD = new WeakMap<Entity, { readonly key: string; readonly told: Entity }>();

function tableTold(book: Book, kind: Kind, shown: Shown): Book[Kind] {
  const table = book[kind] as Readonly<Record<string, Entity>>;
  const known = TOLD_TABLES.get(table);
  if (known?.key === shown.key) return known.told as Book[Kind];
  const others = Object.entries(table).flatMap(([id, entity]) => {
    const other = toldOnce(entity, shown);
    return other === entity ? [] : [[id, other] as const];
  });
  const told =
    others.length === 0
      ? table
      : Object.freeze(Object.assign(copyOfTable(table), Object.fromEntries(others)));
  TOLD_TABLES.set(table, { key: shown.key, told });
  return told as Book[Kind];
}

function toldOnce(entity: Entity, shown: Shown): Entity {
  const known = TOLD.get(entity);
  if (known?.key === shown.key) return known.told;
  const told = Object.freeze(shown.told(entity));
  TOLD.set(entity, { key: shown.key, told });
  return told;
}
