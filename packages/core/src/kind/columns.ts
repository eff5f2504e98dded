import type { z } from 'zod';
import { bare, shapeOf } from './shape.ts';

/** A value in a column of the database. */
export type Cell = string | number | null;

/** A field that lies in several columns, so that each of them can be joined: both ways between them. */
export interface Spread<T> {
  toCells(value: T): Readonly<Record<string, Cell>>;
  fromCells(cells: Readonly<Record<string, Cell>>): unknown;
}

/**
 * How a field lies in the database: a text or number `plain`, a truth as a `flag` of 1 or 0, anything deeper as `json`. `blank`
 * keeps null as an empty text, in columns that were once never empty.
 */
export type ColumnWay = 'plain' | 'json' | 'flag' | 'blank' | Spread<never>;

const WAYS: Readonly<Record<string, ColumnWay>> = {
  object: 'json',
  array: 'json',
  record: 'json',
  union: 'json',
};

// A flag has no room for a third answer.
function wayOf(schema: z.ZodType): ColumnWay {
  const { type } = shapeOf(bare(schema));
  if (type === 'boolean') return schema.safeParse(null).success ? 'json' : 'flag';
  return WAYS[type] ?? 'plain';
}

/** The way of every field of an entity, as its schema tells, but for those that are said to go another way. */
export const waysOf = (
  schema: z.ZodType,
  otherwise: Readonly<Record<string, ColumnWay | undefined>>,
): readonly (readonly [string, ColumnWay])[] =>
  Object.entries(shapeOf(bare(schema)).shape).map(([field, inner]) => [
    field,
    otherwise[field] ?? wayOf(inner),
  ]);
