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

const ways = (way: Way, ...fields: readonly string[]): Record<string, Way> =>
  Object.fromEntries(fields.map((field) => [field, way]));
const plain = (...fields: string[]) => ways('plain', ...fields);
const json = (...fields: string[]) => ways('json', ...fields);
const flag = (...fields: string[]) => ways('flag', ...fields);

/** The one codec of each kind. */
const CODECS: { readonly [K in Kind]: Codec<K> } = {
  homes: codec('homes', {
    ...plain('name', 'zone', 'emergencyNumber', 'poisonCentreNumber', 'units', 'currency', 'lens'),
    ...plain('pictures', 'binRule'),
    ...json('workingWeekdays', 'parts', 'blocks', 'ownHeadings', 'prepSlots', 'waitingPlaces'),
    ...json('recordedLimits', 'ratio', 'values'),
  }),
  people: codec('people', { ...plain('name', 'role'), ...json('work', 'mayLead'), ...flag('retired') }),
  children: codec('children', {
    ...plain('name', 'shownAs', 'birth', 'startedOn', 'leftOn', 'notes'),
    ...json('attendance', 'allergies', 'rungs', 'likes', 'wontTouch', 'helps'),
    ...flag('mouthsThings', 'knowsBins'),
  }),
  absences: codec('absences', { ...plain('childId', 'from', 'to'), ...json('parts') }),
  extras: codec('extras', { ...plain('childId', 'from', 'to'), ...json('parts') }),
  closures: codec('closures', plain('from', 'to', 'why')),
  supplies: codec('supplies', {
    ...plain('name', 'category', 'unit', 'use', 'keptIn', 'lowMark', 'got', 'gotFrom', 'backBy'),
    ...plain('arrivesInDays', 'bestBefore', 'gramsPerMl', 'labelCheckedOn', 'notes'),
    ...json('packs', 'allergens', 'mayContain', 'properties', 'set'),
    ...flag('glutenFree', 'retired'),
  }),
  stockMoves: codec('stockMoves', plain('supplyId', 'kind', 'amount', 'at')),
  wishes: codec('wishes', plain('words', 'supplyId', 'forWhat')),
  corners: codec('corners', {
    ...plain('name', 'kind', 'places', 'sharesTableWith', 'order'),
    ...json('standingKit'),
    ...flag('outdoors', 'expected', 'retired'),
  }),
  sheets: codec('sheets', {
    ...plain('title', 'link', 'from', 'pages', 'paper', 'level', 'cut', 'notes'),
    ...json('file', 'finishing', 'skills', 'about'),
    ...flag('colour', 'laminate', 'retired'),
  }),
  activities: codec('activities', { ...json('content'), ...flag('retired') }),
  recipes: codec('recipes', {
    ...plain('title', 'kind', 'summary', 'minutes', 'waitHours', 'keepsDays', 'keptHow', 'notes', 'source'),
    ...json('ingredients', 'yields', 'steps', 'feels', 'swaps'),
    ...flag('cooked', 'retired'),
  }),
  songs: codec('songs', {
    ...plain('title', 'kind', 'purpose', 'energy', 'tune', 'actions', 'source', 'notes'),
    ...plain('fromMonths', 'recordedMinutes'),
    ...json('verses', 'rule', 'props', 'skills'),
    ...flag('retired'),
  }),
  bookTitles: codec('bookTitles', {
    ...plain('title', 'level', 'use', 'keptIn', 'borrowedFrom', 'backBy', 'notes'),
    ...json('about', 'skills'),
    ...flag('keptHigh', 'retired'),
  }),
  units: codec('units', plain('title', 'style', 'start', 'dayCount')),
  placements: PLACEMENTS,
  ticks: codec('ticks', plain('placementId', 'day', 'supplyId', 'by', 'at')),
  shares: codec('shares', plain('unitId', 'label', 'fromDay', 'toDay', 'lastDate', 'revokedAt')),
};

/** A codec without the type of its entities, for code that goes over all kinds. */
export const codecOf = (kind: Kind): { table: string; toRow(e: Entity): Row; fromRow(row: Row): Entity } =>
  CODECS[kind] as never;

/** Every kind, in an order in which rows can be written: what is referred to comes first. */
export const WRITE_ORDER = KINDS;
