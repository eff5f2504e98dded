import { ENTITY_SCHEMAS, KINDS, type Entity, type EntityOf, type Kind } from '@kobby/core';

/** A row of a table as the database gives and takes it. */
export type Row = Record<string, string | number | null>;

/** How the entities of a kind are kept: their table, and both ways between a row and an entity. */
interface Codec<K extends Kind> {
  readonly table: string;
  toRow(entity: EntityOf<K>): Row;
  /** @throws {Error} naming table and row when what is stored is not an entity of this kind. */
  fromRow(row: Row): EntityOf<K>;
}

type Way = 'plain' | 'json' | 'flag';

const snake = (field: string): string => field.replace(/[A-Z]/g, (letter) => `_${letter.toLowerCase()}`);

const store = (way: Way, value: unknown): string | number | null => {
  if (way === 'json') return JSON.stringify(value);
  return way === 'flag' ? Number(value) : (value as string | number | null);
};

const restore = (way: Way, value: string | number | null): unknown => {
  if (way === 'json') return JSON.parse(String(value));
  return way === 'flag' ? value === 1 : value;
};

function codec<K extends Kind>(kind: K, fields: Readonly<Record<string, Way>>): Codec<K> {
  const ways = Object.entries({ id: 'plain', version: 'plain', ...fields } as Record<string, Way>);
  return {
    table: snake(kind),
    toRow: (entity) =>
      Object.fromEntries(
        ways.map(([field, way]) => [snake(field), store(way, entity[field as keyof typeof entity])]),
      ),
    fromRow: (row) =>
      checked(
        kind,
        Object.fromEntries(ways.map(([field, way]) => [field, restore(way, row[snake(field)] ?? null)])),
      ),
  };
}

function checked<K extends Kind>(kind: K, value: Record<string, unknown>): EntityOf<K> {
  const parsed = ENTITY_SCHEMAS[kind].safeParse(value);
  if (parsed.success) return parsed.data as EntityOf<K>;
  throw new Error(`table ${snake(kind)}, row ${String(value.id)} is damaged: ${parsed.error.message}`);
}

// Where something stands is one of two shapes: columns that can be joined hold both.
const PLACEMENTS: Codec<'placements'> = {
  table: 'placements',
  toRow: ({ id, version, unitId, originId, originVersion, content, where }) => ({
    id,
    version,
    unit_id: unitId,
    origin_id: originId,
    origin_version: originVersion,
    content: JSON.stringify(content),
    corner_id: where.kind === 'corner' ? where.cornerId : null,
    from_day: where.kind === 'corner' ? where.fromDay : where.day,
    to_day: where.kind === 'corner' ? where.toDay : where.day,
    block_id: where.kind === 'day' ? where.blockId : null,
  }),
  fromRow: (row) =>
    checked('placements', {
      id: row.id,
      version: row.version,
      unitId: row.unit_id,
      originId: row.origin_id,
      originVersion: row.origin_version,
      content: JSON.parse(String(row.content)),
      where:
        row.corner_id === null
          ? { kind: 'day', day: row.from_day, blockId: row.block_id }
          : { kind: 'corner', cornerId: row.corner_id, fromDay: row.from_day, toDay: row.to_day },
    }),
};

/** The one codec of each kind. */
const CODECS: { readonly [K in Kind]: Codec<K> } = {
  homes: codec('homes', {
    name: 'plain',
    zone: 'plain',
    workingWeekdays: 'json',
    parts: 'json',
    blocks: 'json',
    emergencyNumber: 'plain',
    poisonCentreNumber: 'plain',
  }),
  people: codec('people', { name: 'plain', role: 'plain' }),
  children: codec('children', {
    name: 'plain',
    shownAs: 'plain',
    birth: 'plain',
    attendance: 'json',
    allergies: 'json',
    mouthsThings: 'flag',
  }),
  absences: codec('absences', { childId: 'plain', from: 'plain', to: 'plain' }),
  corners: codec('corners', {
    name: 'plain',
    kind: 'plain',
    outdoors: 'flag',
    places: 'plain',
    expected: 'flag',
    order: 'plain',
  }),
  closures: codec('closures', { from: 'plain', to: 'plain', why: 'plain' }),
  supplies: codec('supplies', {
    name: 'plain',
    unit: 'plain',
    use: 'plain',
    keptIn: 'plain',
    allergens: 'json',
  }),
  stockMoves: codec('stockMoves', { supplyId: 'plain', kind: 'plain', amount: 'plain', at: 'plain' }),
  activities: codec('activities', { content: 'json' }),
  units: codec('units', { title: 'plain', style: 'plain', start: 'plain', dayCount: 'plain' }),
  placements: PLACEMENTS,
  ticks: codec('ticks', { placementId: 'plain', day: 'plain', supplyId: 'plain', by: 'plain', at: 'plain' }),
  shares: codec('shares', {
    unitId: 'plain',
    label: 'plain',
    fromDay: 'plain',
    toDay: 'plain',
    lastDate: 'plain',
    revokedAt: 'plain',
  }),
};

/** A codec without the type of its entities, for code that goes over all kinds. */
export const codecOf = (kind: Kind): { table: string; toRow(e: Entity): Row; fromRow(row: Row): Entity } =>
  CODECS[kind] as never;

/** Every kind, in an order in which rows can be written: what is referred to comes first. */
export const WRITE_ORDER = KINDS;
