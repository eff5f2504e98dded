import equal from 'fast-deep-equal';
import { kindOf, referencesOf, type Book, type Entity, type EntityOf } from '../book/index.ts';
import type { ChangeInput } from '../changes/index.ts';
import { cupboardOf } from '../reading/index.ts';
import type { PlainDay } from '../calendar/index.ts';
import { asName } from '../measure/index.ts';
import { fieldProblems } from '../wire/index.ts';
import { withKeptFiles, type KeptFile } from '../measure/index.ts';
import {
  asGiven,
  UNIT_FILE_KINDS,
  UNIT_FORMAT,
  unitFileSchema,
  type UnitFile,
  type UnitFileKind,
} from './unit-file.ts';

/** What becomes of one entry of a unit that is taken in. */
export interface TakenEntry {
  readonly kind: UnitFileKind;
  readonly name: string;
  /** `new` comes along; `own` is already here, by itself or under its name. */
  readonly as: 'new' | 'own';
}

/** What taking in a unit would do. Nothing is done by asking. */
export interface UnitTaken {
  readonly file: UnitFile;
  readonly entries: readonly TakenEntry[];
  /** Names of what it needs that this house does not have, or has none of now. */
  readonly lacks: readonly string[];
  /** One gesture's worth: the entries, then the ready-made unit from which a unit is started. */
  readonly changes: readonly ChangeInput[];
  /** The id of the ready-made unit that comes of it. */
  readonly readyUnitId: string;
}

/** A file of a unit, or why it is none, with the place of what is wrong. */
export type ReadUnit =
  { readonly ok: true; readonly file: UnitFile } | { readonly ok: false; readonly why: string };

/** Reads the text of a unit's file. Whatever it is, an answer comes back. */
export function readUnitFile(text: string): ReadUnit {
  let value: unknown;
  try {
    value = JSON.parse(text);
  } catch {
    return { ok: false, why: 'This is not the file of a unit: it cannot be read as JSON.' };
  }
  const version = (value as { version?: unknown } | null)?.version;
  if (typeof version === 'number' && version > UNIT_FORMAT)
    return { ok: false, why: 'A newer Kobby wrote this file. Take it in with that one.' };
  const parsed = unitFileSchema.safeParse(value);
  if (parsed.success) return soundOrNot(parsed.data);
  const [first] = fieldProblems(parsed.error);
  const isOther = first!.path[0] === 'format' || first!.path.length === 0;
  return {
    ok: false,
    why: isOther ? 'This is not the file of a unit.' : `${first!.path.join('.')}: ${first!.message}`,
  };
}

// What it refers to comes along with it: nothing of the taker's own can be meant.
function soundOrNot(file: UnitFile): ReadUnit {
  const there = new Set(
    UNIT_FILE_KINDS.flatMap((kind) => file.entries[kind].map(({ id }) => `${kind}/${id}`)),
  );
  const held = [
    ...referencesOf('readyUnits', file.unit),
    ...UNIT_FILE_KINDS.flatMap((kind) =>
      file.entries[kind].flatMap((entity) => referencesOf(kind, entity as never)),
    ),
  ];
  const lost = held.find(({ target }) => !there.has(`${target.kind}/${target.id}`));
  return lost
    ? { ok: false, why: `It refers to ${lost.target.kind} ${lost.target.id}, which is not in it.` }
    : { ok: true, file };
}

/**
 * What taking in a unit would bring, and what it would need. A supply that the house has, by its id and name or by its name and
 * unit, is the house's own: nothing is doubled and nothing of its own is changed. An entry of the library that is here word by word
 * is the own one; another one of that name comes along beside it, with an id of its own.
 * @param kept the files that came with it, as they were kept here, by the checksums that its sheets name.
 */
export function takeInUnit(
  given: UnitFile,
  book: Book,
  today: PlainDay,
  newId: () => string,
  kept: ReadonlyMap<string, KeptFile> = new Map(),
): UnitTaken {
  const file = withFiles(given, kept);
  const ids = new Map<string, string>();
  const entries: TakenEntry[] = [];
  const changes: ChangeInput[] = [];
  for (const kind of UNIT_FILE_KINDS) {
    for (const entity of file.entries[kind]) {
      const mine = ownOf(book, kind, entity, ids);
      const id = mine ?? (book[kind][entity.id] ? newId() : entity.id);
      ids.set(`${kind}/${entity.id}`, id);
      entries.push({ kind, name: kindOf(kind).nameOf(entity) ?? entity.id, as: mine ? 'own' : 'new' });
      if (!mine) changes.push(PUTS[kind]({ ...renamed(kind, entity, ids), id, version: 0 } as never));
    }
  }
  const readyUnitId = book.readyUnits[file.unit.id] ? newId() : file.unit.id;
  const readyUnit = { ...renamed('readyUnits', file.unit, ids), id: readyUnitId, version: 0 };
  changes.push({ type: 'library/put-ready-unit', readyUnit } as ChangeInput);
  return { file, entries, lacks: lacksOf(file, book, today, ids), changes, readyUnitId };
}

// A file has the checksum that it was kept under here; a sheet or picture whose file did not come along has none.
const withFiles = (file: UnitFile, kept: ReadonlyMap<string, KeptFile>): UnitFile => ({
  ...file,
  unit: withKeptFiles(file.unit, kept),
  entries: withKeptFiles(file.entries, kept),
});

const PUTS: { readonly [K in UnitFileKind]: (entity: EntityOf<K>) => ChangeInput } = {
  supplies: (supply) => ({ type: 'cupboard/put-supply', supply }),
  bookTitles: (book) => ({ type: 'library/put-book', book }),
  sheets: (sheet) => ({ type: 'library/put-sheet', sheet }),
  songs: (song) => ({ type: 'library/put-song', song }),
  recipes: (recipe) => ({ type: 'library/put-recipe', recipe }),
  activities: (activity) => ({ type: 'library/put-activity', activity }),
};

// The entity that is here already: the same one, or the same thing under another id.
function ownOf<K extends UnitFileKind>(
  book: Book,
  kind: K,
  entity: EntityOf<K>,
  ids: ReadonlyMap<string, string>,
): string | null {
  const all = Object.values(book[kind]) as EntityOf<K>[];
  const name = asName(kindOf(kind).nameOf(entity) ?? '');
  const named = all.filter((one) => asName(kindOf(kind).nameOf(one) ?? '') === name);
  if (kind === 'supplies') {
    const unit = (entity as EntityOf<'supplies'>).unit;
    return (named as EntityOf<'supplies'>[]).find((one) => one.unit === unit && !one.retired)?.id ?? null;
  }
  const wanted = { ...renamed(kind, entity, ids), id: '', version: 0 };
  return named.find((one) => equal({ ...asGiven(kind, one), id: '', version: 0 }, wanted))?.id ?? null;
}

// References lead to where things are here.
function renamed<K extends UnitFileKind | 'readyUnits'>(
  kind: K,
  entity: EntityOf<K>,
  ids: ReadonlyMap<string, string>,
): EntityOf<K> {
  const copy = structuredClone(entity);
  for (const { target, path } of referencesOf(kind, entity as never)) {
    const id = ids.get(`${target.kind}/${target.id}`);
    if (id === undefined) continue;
    const holder = path.slice(0, -1).reduce<unknown>((inner, step) => (inner as never)[step], copy);
    (holder as Record<string | number, string>)[path.at(-1)!] = id;
  }
  return copy;
}

// What it is made with, and there is none of. What comes from the tap, or is made by a recipe of it, is not missing.
function lacksOf(
  file: UnitFile,
  book: Book,
  today: PlainDay,
  ids: ReadonlyMap<string, string>,
): readonly string[] {
  const onHand = new Set(
    cupboardOf(book, today).flatMap(({ supply, have }) => (have.amount > 0 ? [supply.id] : [])),
  );
  const made = new Set(file.entries.recipes.map(({ makesId }) => makesId as string | null));
  return file.entries.supplies
    .filter(({ id, got }) => got !== 'tap' && !made.has(id))
    .filter(({ id }) => !onHand.has((ids.get(`supplies/${id}`) ?? id) as Entity['id'] as never))
    .map(({ name }) => name)
    .toSorted((a, b) => a.localeCompare(b, 'en'));
}
