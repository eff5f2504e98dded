import { z } from 'zod';
import { keptFilesIn, memoised, type KeptFile } from '../measure/index.ts';
import { BOOK_KINDS, KINDS, type Book, type Kind } from './book.ts';

// Which kinds can name a file follows from their schemas: the others, ledgers among them, are never gone through.
let found: readonly Kind[] | null = null;
const fileKinds = (): readonly Kind[] =>
  (found ??= KINDS.filter((kind) =>
    JSON.stringify(z.toJSONSchema(BOOK_KINDS[kind].schema, { unrepresentable: 'any' })).includes('"sha256"'),
  ));

// What a table names stays as long as the table does.
const namedIn = memoised(
  (table: Book[Kind]): ReadonlyMap<string, KeptFile> =>
    new Map(keptFilesIn(table).map((file) => [file.sha256, file])),
);

/** The files of the home that anything in its book names, each once. */
export const filesNamed = (book: Book): readonly KeptFile[] => [
  ...new Map(fileKinds().flatMap((kind) => [...namedIn(book[kind])])).values(),
];

/** The file of a checksum, if anything in the book names it; null else. */
export function fileNamed(book: Book, sha256: string): KeptFile | null {
  for (const kind of fileKinds()) {
    const file = namedIn(book[kind]).get(sha256);
    if (file) return file;
  }
  return null;
}
