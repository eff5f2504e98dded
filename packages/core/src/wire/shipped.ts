import { z } from 'zod';

const tableSchema = z.record(z.string(), z.unknown());
type Tables = Readonly<Record<string, Readonly<Record<string, unknown>>>>;

/**
 * What of a book is as it ships with Kobby and left out of a snapshot. Why apart: it is the larger part of a home that has just begun, it is
 * the same in every home, and a browser keeps it for as long as the edition is the same.
 */
export const shippedSchema = z.object({
  /** Which edition of Kobby's library has what is left out. */
  edition: z.string(),
  /** The ids of each table of which something is left out, in their order; those that the book itself has among them. */
  ids: z.record(z.string(), z.array(z.string())),
});
export type Shipped = z.infer<typeof shippedSchema>;

/** `GET /api/library/shipped`: everything that ships, as it is in a home that has just begun. */
export const shippedTablesSchema = z.object({
  edition: z.string(),
  tables: z.record(z.string(), tableSchema),
});

/** `GET /api/library/usual-stock`: how much an ordinary home has of what ships, in the unit of each supply. */
export const usualStockSchema = z.object({ amounts: z.record(z.string(), z.number()) });

/**
 * The tables of a book with what was left out put back, each in its order; null when this edition does not have all of it: then the whole
 * book has to be asked for.
 */
export function withShipped(book: Tables, { ids }: Shipped, tables: Tables): Tables | null {
  const filled: Record<string, Record<string, unknown>> = {};
  for (const [kind, inOrder] of Object.entries(ids)) {
    const table: Record<string, unknown> = {};
    for (const id of inOrder) {
      const entity = book[kind]?.[id] ?? tables[kind]?.[id];
      if (entity === undefined) return null;
      table[id] = entity;
    }
    filled[kind] = table;
  }
  return { ...book, ...filled };
}
