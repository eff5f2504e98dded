import { z } from 'zod';
import { bookOf, kindOf, KINDS, soundPart, type Book, type Entity, type Kind } from '../book/index.ts';
import { HOME_ID } from '../house/index.ts';
import { fieldProblems } from '../wire/index.ts';

/** The format of the file of a whole home. It counts up when what stands in it means something else. */
export const HOME_FORMAT = 2;
const HOME_FORMAT_NAME = 'kobby-home';

const MANIFEST = 'manifest.json';
const SCHEMA = 'schema.json';
const README = 'README.md';
const dataPath = (kind: Kind): string => `data/${kind}.json`;

/** What the file leaves out, in words for people. */
export const HOME_FILE_LEAVES_OUT = [
  'who is signed in, and on which devices',
  'the pass-phrases of people and links: they are chosen anew',
  'the secrets of links: links are made anew',
  'the journal of who changed what, and with it the steps that could be taken back',
] as const;

const manifestSchema = z.object({
  format: z.literal(HOME_FORMAT_NAME, 'This is not the file of a home'),
  version: z.int().min(1),
  home: z.string(),
  counts: z.record(z.string(), z.int()),
});

const asText = (value: unknown): string => `${JSON.stringify(value, null, 1)}\n`;

/**
 * The schema of the data in the file of a whole home, as JSON Schema 2020-12: one list of entities a kind. It is made of the
 * schemas by which Kobby itself reads, so it cannot tell something else.
 */
export function homeFileSchema(): object {
  const lists = z.object(Object.fromEntries(KINDS.map((kind) => [kind, z.array(kindOf(kind).schema)])));
  return {
    title: 'A home of Kobby',
    ...z.toJSONSchema(lists, { io: 'output', unrepresentable: 'any', reused: 'ref' }),
  };
}

/**
 * A whole home as texts by their paths: a list of entities a kind, in the order in which they were made, beside a schema, what it
 * is, and a readme. The same home always gives the same texts, byte for byte. The home's own files go beside them by checksum.
 */
export function homeFileOf(book: Book): ReadonlyMap<string, string> {
  const counts = Object.fromEntries(KINDS.map((kind) => [kind, Object.keys(book[kind]).length]));
  const home = book.homes[HOME_ID]?.name ?? '';
  const manifest = { format: HOME_FORMAT_NAME, version: HOME_FORMAT, home, counts };
  return new Map([
    [README, readme(home)],
    [MANIFEST, asText(manifest)],
    [SCHEMA, asText(homeFileSchema())],
    ...KINDS.map((kind) => [dataPath(kind), asText(Object.values(book[kind]))] as const),
  ]);
}

const readme = (home: string): string => `# ${home || 'A home'}

All that this home wrote down in Kobby, for people and programs to read.

- \`data/\` holds one list a kind of thing, as JSON in UTF-8, in the order in which they were made.
- \`schema.json\` says what may stand in them (JSON Schema 2020-12): each property is one of the lists.
- \`files/\` holds the home's own files, each under the SHA-256 of its content; \`data/sheets.json\` says how they are called.
- \`outbox/\` holds the messages that were sent (RFC 5322), \`outbox.json\` lists them.
- \`manifest.json\` says which format this is and how many there are of each.

It names children and what they must not eat: keep it where nobody else reads it.

Left out: ${HOME_FILE_LEAVES_OUT.join('; ')}.

Kobby takes it in again under "What is kept", or when a new home is set up.
`;

/** What was understood of the file of a whole home. */
export interface ReadHome {
  readonly book: Book;
  /** What was left out, in words, with the path at which it stands. */
  readonly unreadable: readonly string[];
}

/** Why the file of a home cannot be read at all, in words for people. */
export class NotAHome extends Error {}

/**
 * Reads the file of a whole home: its texts by their paths. What cannot be read, or refers to what is not there, is left out and
 * told; the rest is a book that holds together.
 * @throws {NotAHome} for what is none, was written by a newer Kobby, or has no home or no provider in it.
 */
export function readHomeFile(texts: ReadonlyMap<string, string>): ReadHome {
  const manifest = manifestSchema.safeParse(parsed(texts, MANIFEST));
  if (!manifest.success)
    throw new NotAHome('This is not the file of a home: its manifest.json does not say so.');
  if (manifest.data.version > HOME_FORMAT)
    throw new NotAHome('A newer Kobby wrote this file. Take it in with that one.');
  const unreadable: string[] = [];
  const { version } = manifest.data;
  const tables = Object.fromEntries(
    KINDS.map((kind) => [kind, tableFrom(texts, kind, { version, unreadable })]),
  );
  const { book, leftOut } = soundPart(bookOf(tables));
  unreadable.push(...leftOut.map(({ ref, why }) => `${dataPath(ref.kind)}: ${ref.id} ${why}`));
  if (!book.homes[HOME_ID])
    throw new NotAHome(whyNone('There is no home in this file that can be read', unreadable));
  if (!Object.values(book.people).some(({ role }) => role === 'provider'))
    throw new NotAHome(whyNone('Nobody in this file is a provider', unreadable));
  return { book, unreadable };
}

const whyNone = (what: string, unreadable: readonly string[]): string =>
  unreadable[0] ? `${what}. The first thing that cannot be read: ${unreadable[0]}` : `${what}.`;

function parsed(texts: ReadonlyMap<string, string>, path: string): unknown {
  try {
    return JSON.parse(texts.get(path) ?? 'null');
  } catch {
    return null;
  }
}

// In the first format what was placed had one content, filled in for good.
function sinceFirst(kind: Kind, one: unknown): unknown {
  if (kind !== 'placements' || typeof one !== 'object' || one === null || !('content' in one)) return one;
  const { content, ...rest } = one;
  return { ...rest, base: content, slots: {}, over: {} };
}

// A kind that is not there has nothing in it: an older Kobby did not know it.
function tableFrom(
  texts: ReadonlyMap<string, string>,
  kind: Kind,
  { version, unreadable }: { readonly version: number; readonly unreadable: string[] },
): Readonly<Record<string, Entity>> {
  const path = dataPath(kind);
  if (!texts.has(path)) return {};
  const list = parsed(texts, path);
  if (!Array.isArray(list)) {
    unreadable.push(`${path}: this is not a list`);
    return {};
  }
  const table: [string, Entity][] = [];
  const seen = new Set<string>();
  list.forEach((one, i) => {
    const read = kindOf(kind).schema.safeParse(version < 2 ? sinceFirst(kind, one) : one);
    if (!read.success) {
      const [first] = fieldProblems(read.error);
      unreadable.push(`${path}[${i}] ${first!.path.join('.')}: ${first!.message}`);
    } else if (seen.has(read.data.id))
      unreadable.push(`${path}[${i}] id: “${read.data.id}” stands there twice`);
    else {
      seen.add(read.data.id);
      table.push([read.data.id, read.data as Entity]);
    }
  });
  return Object.fromEntries(table);
}
