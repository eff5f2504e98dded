import { fieldProblems, kindOf, KINDS, type Cell, type Entity, type Kind, type ColumnWay } from '@kobby/core';

/** A row of a table as the database gives and takes it. */
export type Row = Record<string, Cell>;

/** How the entities of a kind are kept: their table, and both ways between a row and an entity. */
export interface Codec {
  readonly table: string;
  toRow(entity: Entity): Row;
  /** @throws {Error} saying in words what of it is not as it should be when what is stored is not an entity of this kind. */
  fromRow(row: Row): Entity;
}

const snake = (name: string): string => name.replace(/[A-Z]/g, (letter) => `_${letter.toLowerCase()}`);

// A field in a column of its own: both ways between its value and the cell.
const stored = (way: ColumnWay, value: unknown): Cell => {
  if (way === 'json') return JSON.stringify(value);
  if (way === 'blank') return (value as string | null) ?? '';
  return way === 'flag' ? Number(value) : (value as Cell);
};

const restored = (way: ColumnWay, cell: Cell): unknown => {
  if (way === 'json') return jsonIn(cell);
  if (way === 'blank') return cell === '' ? null : cell;
  return way === 'flag' ? cell === 1 : cell;
};

// What no field takes, not even one with a default: a schema refuses it in its own words; a parser's would quote what stands there.
const UNREADABLE = Symbol('unreadable');

function jsonIn(cell: Cell): unknown {
  try {
    return JSON.parse(String(cell));
  } catch {
    return UNREADABLE;
  }
}

function codec(kind: Kind): Codec {
  const { ways, schema } = kindOf(kind);
  const table = snake(kind);
  const fields = ways.map(([field, way]) => ({ field: field as keyof Entity, way, column: snake(field) }));
  return {
    table,
    toRow: (entity) => {
      const row: Row = {};
      for (const { field, way, column } of fields) {
        if (typeof way === 'object') Object.assign(row, way.toCells(entity[field] as never));
        else row[column] = stored(way, entity[field]);
      }
      return row;
    },
    fromRow: (row) => {
      const entity = Object.fromEntries(
        fields.map(({ field, way, column }) => [
          field,
          typeof way === 'object' ? way.fromCells(row) : restored(way, row[column] ?? null),
        ]),
      );
      const parsed = schema.safeParse(entity);
      if (parsed.success) return parsed.data as Entity;
      const [first] = fieldProblems(parsed.error);
      const where = `${first!.path.join('.') || 'all of it'}: ${first!.message}`;
      throw new Error(where);
    },
  };
}

const CODECS = new Map(KINDS.map((kind) => [kind, codec(kind)]));

/** The codec of a kind, made of what the kind says of itself. */
export const codecOf = (kind: Kind): Codec => CODECS.get(kind)!;

/** Every kind, in an order in which rows can be written: what is referred to comes first. */
export const WRITE_ORDER = KINDS;
