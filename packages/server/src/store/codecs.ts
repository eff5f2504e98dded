import { ENTITY_SCHEMAS, KINDS, type Entity, type EntityOf, type Kind, type Where } from '@kobby/core';

/** A row of a table as the database gives and takes it. */
export type Row = Record<string, string | number | null>;

/** How the entities of a kind are kept: their table, and both ways between a row and an entity. */
interface Codec<K extends Kind> {
  readonly table: string;
  toRow(entity: EntityOf<K>): Row;
  /** @throws {Error} naming table and row when what is stored is not an entity of this kind. */
  fromRow(row: Row): EntityOf<K>;
}

// `blank` keeps null as an empty text, in columns that were once never empty.
type Way = 'plain' | 'json' | 'flag' | 'blank';

const snake = (field: string): string => field.replace(/[A-Z]/g, (letter) => `_${letter.toLowerCase()}`);

const store = (way: Way, value: unknown): string | number | null => {
  if (way === 'json') return JSON.stringify(value);
  if (way === 'blank') return (value as string | null) ?? '';
  return way === 'flag' ? Number(value) : (value as string | number | null);
};

const restore = (way: Way, value: string | number | null): unknown => {
  if (way === 'json') return JSON.parse(String(value));
  if (way === 'blank') return value === '' ? null : value;
  return way === 'flag' ? value === 1 : value;
};

function codec<K extends Kind>(
  kind: K,
  fields: Readonly<Record<string, Way>>,
  finish: (fields: Record<string, unknown>, row: Row) => Record<string, unknown> = (plainly) => plainly,
): Codec<K> {
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
        finish(
          Object.fromEntries(ways.map(([field, way]) => [field, restore(way, row[snake(field)] ?? null)])),
          row,
        ),
      ),
  };
}

function checked<K extends Kind>(kind: K, value: Record<string, unknown>): EntityOf<K> {
  const parsed = ENTITY_SCHEMAS[kind].safeParse(value);
  if (parsed.success) return parsed.data as EntityOf<K>;
  throw new Error(`table ${snake(kind)}, row ${String(value.id)} is damaged: ${parsed.error.message}`);
}

const all = (way: Way, fields: readonly string[]): Record<string, Way> =>
  Object.fromEntries(fields.map((field) => [field, way]));
const plain = (...fields: string[]) => all('plain', fields);
const json = (...fields: string[]) => all('json', fields);
const flag = (...fields: string[]) => all('flag', fields);

type WhereRow = Readonly<Record<'corner_id' | 'child_id' | 'twin_of' | 'block_id', string | null>> &
  Readonly<Record<'from_day' | 'to_day', number>>;
type WhereCodecs = {
  readonly [K in Where['kind']]: {
    toRow(where: Extract<Where, { kind: K }>): Partial<WhereRow>;
    fromRow(row: Row): object;
  };
};

// Where something stands has several shapes: columns that can be joined hold them all.
const NOWHERE: WhereRow = {
  corner_id: null,
  child_id: null,
  twin_of: null,
  block_id: null,
  from_day: 0,
  to_day: 0,
};
const WHERES: WhereCodecs = {
  corner: {
    toRow: (w) => ({ corner_id: w.cornerId, from_day: w.fromDay, to_day: w.toDay }),
    fromRow: (row) => ({ cornerId: row.corner_id, fromDay: row.from_day, toDay: row.to_day }),
  },
  day: {
    toRow: (w) => ({ block_id: w.blockId, from_day: w.day, to_day: w.day }),
    fromRow: (row) => ({ blockId: row.block_id, day: row.from_day }),
  },
  bin: {
    toRow: (w) => ({ child_id: w.childId, from_day: w.fromDay, to_day: w.toDay }),
    fromRow: (row) => ({ childId: row.child_id, fromDay: row.from_day, toDay: row.to_day }),
  },
  reserve: { toRow: () => ({}), fromRow: () => ({}) },
  twin: { toRow: (w) => ({ twin_of: w.of }), fromRow: (row) => ({ of: row.twin_of }) },
};

const PLACEMENT_FIELDS = {
  ...plain('unitId', 'originId', 'originVersion', 'leadId', 'outSince'),
  ...json('content', 'choices', 'bin'),
  ...flag('pinned'),
};
const PLACEMENT_BODY = codec('placements', PLACEMENT_FIELDS, (fields, row) => {
  const kind = String(row.where_kind) as Where['kind'];
  return { ...fields, where: { kind, ...WHERES[kind]?.fromRow(row) } };
});
const PLACEMENTS: Codec<'placements'> = {
  ...PLACEMENT_BODY,
  toRow: (placement) => {
    const { where } = placement;
    const columns = (WHERES[where.kind].toRow as (where: Where) => Partial<WhereRow>)(where);
    return { ...PLACEMENT_BODY.toRow(placement), where_kind: where.kind, ...NOWHERE, ...columns };
  },
};

/** The one codec of each kind. */
const CODECS: { readonly [K in Kind]: Codec<K> } = {
  homes: codec('homes', {
    ...plain('name', 'zone', 'emergencyNumber', 'poisonCentreNumber', 'units', 'currency', 'lens'),
    ...plain('pictures', 'binRule', 'patienceSince'),
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
  prepTimes: codec('prepTimes', plain('name', 'date', 'start', 'minutes', 'personId')),
  supplies: codec('supplies', {
    ...plain('name', 'category', 'unit', 'use', 'keptIn', 'lowMark', 'got', 'gotFrom', 'backBy'),
    ...plain('arrivesInDays', 'bestBefore', 'gramsPerMl', 'labelCheckedOn', 'notes'),
    ...json('packs', 'allergens', 'mayContain', 'properties', 'set', 'inside'),
    ...flag('glutenFree', 'retired'),
  }),
  stockMoves: codec('stockMoves', plain('supplyId', 'kind', 'amount', 'at', 'paid', 'forUnit')),
  wishes: codec('wishes', plain('words', 'supplyId', 'forWhat')),
  corners: codec('corners', {
    ...plain('name', 'kind', 'places', 'sharesTableWith', 'order'),
    ...json('standingKit'),
    ...flag('outdoors', 'expected', 'retired'),
  }),
  sheets: codec('sheets', {
    ...plain('title', 'link', 'from', 'pages', 'paper', 'level', 'cut', 'notes'),
    ...plain('cardsPerPage', 'cutAtOnce'),
    ...json('file', 'finishing', 'skills', 'about'),
    ...flag('colour', 'laminate', 'retired'),
  }),
  activities: codec('activities', { ...json('content'), ...flag('retired') }),
  recipes: codec('recipes', {
    ...plain('title', 'kind', 'summary', 'minutes', 'waitHours', 'keepsDays', 'keptHow', 'notes', 'source'),
    ...plain('makesId', 'partMl', 'repeats', 'shows'),
    ...json('ingredients', 'yields', 'steps', 'feels', 'swaps'),
    ...flag('cooked', 'retired'),
  }),
  songs: codec('songs', {
    ...plain('title', 'kind', 'purpose', 'energy', 'tune', 'actions', 'source', 'notes'),
    ...plain('fromMonths', 'recordedMinutes', 'ending', 'pace', 'voice'),
    ...json('verses', 'rule', 'props', 'skills'),
    ...flag('retired'),
  }),
  bookTitles: codec('bookTitles', {
    ...plain('title', 'level', 'use', 'keptIn', 'borrowedFrom', 'backBy', 'notes'),
    ...json('about', 'skills'),
    ...flag('keptHigh', 'retired'),
  }),
  readyUnits: codec('readyUnits', {
    ...plain('title', 'style', 'about', 'dayCount'),
    ...json('featured', 'words', 'bookIds', 'pictures', 'things', 'placements', 'lines', 'events'),
    ...flag('retired'),
  }),
  watchPatterns: codec('watchPatterns', {
    ...plain('title', 'about'),
    ...json('measures', 'stages'),
    ...flag('retired'),
  }),
  units: codec('units', {
    ...plain('title', 'style', 'dayCount', 'about', 'budget'),
    ...all('blank', ['start']),
    ...json('featured', 'words', 'bookIds', 'pictures', 'targets'),
  }),
  things: codec('things', {
    ...plain('unitId', 'name', 'kind', 'place', 'colour', 'rank', 'pair', 'sizeMm', 'firstSound', 'picture'),
    ...plain('order'),
    ...json('parts'),
  }),
  events: codec('events', { ...plain('unitId', 'title'), ...json('when', 'plan') }),
  dayLines: codec('dayLines', plain('unitId', 'kind', 'day', 'blockId', 'bookId', 'words', 'order')),
  circlePieces: codec('circlePieces', {
    ...plain('unitId', 'blockId', 'moment', 'day', 'insteadOf', 'kind', 'songId', 'bookId', 'words'),
    ...plain('minutes', 'order'),
    ...json('notOn', 'singing'),
    ...flag('pinned'),
  }),
  omissions: codec('omissions', plain('unitId', 'cornerId', 'why')),
  placements: PLACEMENTS,
  keepings: codec('keepings', plain('unitId', 'key', 'facts', 'why', 'by', 'at')),
  prepChoices: codec('prepChoices', {
    ...plain('unitId', 'slotId', 'personId', 'parts', 'instead', 'skip', 'note'),
    ...json('withChildren'),
  }),
  ownTasks: codec('ownTasks', plain('unitId', 'text', 'minutes', 'day', 'personId')),
  prepPlans: codec('prepPlans', { ...plain('unitId', 'by', 'at'), ...json('entries') }),
  prepMarks: codec('prepMarks', plain('unitId', 'by', 'at')),
  observations: codec('observations', {
    ...plain('unitId', 'title', 'about', 'startedOn', 'keptIn', 'endedOn'),
    ...json('measures', 'stages'),
  }),
  sightings: codec('sightings', {
    ...plain('observationId', 'on', 'stageId', 'seen', 'by', 'at'),
    ...json('measured'),
  }),
  errands: codec('errands', {
    ...plain('unitId', 'supplyId', 'basket', 'from', 'askedOn', 'backBy', 'note', 'by', 'at'),
    ...json('amount'),
  }),
  pickups: codec('pickups', plain('unitId', 'supplyId', 'by', 'at')),
  circleRecords: codec(
    'circleRecords',
    plain('unitId', 'day', 'blockId', 'outcome', 'heldSeconds', 'ruleSeconds', 'by', 'at'),
  ),
  usedDays: codec('usedDays', plain('unitId', 'day')),
  batches: codec('batches', {
    ...plain('recipeId', 'madeOn', 'amount', 'unit', 'label', 'keptHow', 'found', 'note'),
    ...plain('illSince', 'goneOn'),
    ...json('without', 'own'),
    ...flag('trial'),
  }),
  timers: codec('timers', plain('label', 'startedAt', 'endsAt', 'recipeId', 'shareId')),
  ticks: codec('ticks', plain('placementId', 'day', 'supplyId', 'by', 'at')),
  shares: codec('shares', {
    ...plain('unitId', 'label', 'fromDay', 'toDay', 'lastDate', 'revokedAt', 'personId', 'scope'),
    ...flag('locked'),
  }),
  leadings: codec('leadings', { ...plain('unitId', 'placementId', 'day'), ...json('groups') }),
  letters: codec('letters', { ...plain('unitId', 'subject', 'text', 'sentAt'), ...json('to') }),
  arrivals: codec('arrivals', plain('date', 'childId', 'inAt', 'outAt', 'by')),
  records: codec('records', {
    ...plain('unitId', 'placementId', 'day', 'outcome', 'versionId', 'note', 'by', 'at'),
    ...json('children', 'test'),
    ...flag('unfinished'),
  }),
  notes: codec(
    'notes',
    plain('unitId', 'day', 'placementId', 'kind', 'text', 'shareId', 'by', 'at', 'seenAt'),
  ),
  keepsakes: codec('keepsakes', { ...plain('placementId', 'childId', 'by'), ...flag('has') }),
};

/** A codec without the type of its entities, for code that goes over all kinds. */
export const codecOf = (kind: Kind): { table: string; toRow(e: Entity): Row; fromRow(row: Row): Entity } =>
  CODECS[kind] as never;

/** Every kind, in an order in which rows can be written: what is referred to comes first. */
export const WRITE_ORDER = KINDS;
