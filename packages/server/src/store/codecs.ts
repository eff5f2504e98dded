import { kindOf, KINDS, type Cell, type Entity, type Kind, type ColumnWay } from '@kobby/core';

/** A row of a table as the database gives and takes it. */
export type Row = Record<string, Cell>;

/** How the entities of a kind are kept: their table, and both ways between a row and an entity. */
export interface Codec {
  readonly table: string;
  toRow(entity: Entity): Row;
  /** @throws {Error} naming table and row when what is stored is not an entity of this kind. */
  fromRow(row: Row): Entity;
}

const snake = (name: string): string => name.replace(/[A-Z]/g, (letter) => `_${letter.toLowerCase()}`);

function cellsOf(field: string, way: ColumnWay, value: unknown): Row {
  if (typeof way === 'object') return way.toCells(value as never);
  const column = snake(field);
  if (way === 'json') return { [column]: JSON.stringify(value) };
  if (way === 'blank') return { [column]: (value as string | null) ?? '' };
  return { [column]: way === 'flag' ? Number(value) : (value as Cell) };
}

function valueOf(field: string, way: ColumnWay, row: Row): unknown {
  if (typeof way === 'object') return way.fromCells(row);
  const cell = row[snake(field)] ?? null;
  if (way === 'json') return JSON.parse(String(cell));
  if (way === 'blank') return cell === '' ? null : cell;
  return way === 'flag' ? cell === 1 : cell;
}

function codec(kind: Kind): Codec {
  const { ways, schema } = kindOf(kind);
  const table = snake(kind);
  return {
    table,
    toRow: (entity) =>
      Object.assign(
        {},
        ...ways.map(([field, way]) => cellsOf(field, way, entity[field as keyof Entity])),
      ) as Row,
    fromRow: (row) => {
      const fields = Object.fromEntries(ways.map(([field, way]) => [field, valueOf(field, way, row)]));
      const parsed = schema.safeParse(fields);
      if (parsed.success) return parsed.data as Entity;
      throw new Error(`table ${table}, row ${String(row.id)} is damaged: ${parsed.error.message}`);
    },
  };
}

const CODECS = new Map(KINDS.map((kind) => [kind, codec(kind)]));

/** The codec of a kind, made of what the kind says of itself. */
export const codecOf = (kind: Kind): Codec => CODECS.get(kind)!;

/** Every kind, in an order in which rows can be written: what is referred to comes first. */
export const WRITE_ORDER = KINDS;
