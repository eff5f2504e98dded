import { placementAt } from '@kobby/core';
import { mkdtempSync, readdirSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterEach, beforeEach, expect, test } from 'vitest';
import { keptSince } from '../journal.ts';
import { loadBook } from '../book-store.ts';
import { connect, openStorage } from '../database.ts';
import { DATABASE_FILE } from '../../backups/places.ts';
import * as first from './0001-first.ts';

let folder: string;
beforeEach(() => {
  folder = mkdtempSync(join(tmpdir(), 'kobby-migration-'));
});
afterEach(() => rmSync(folder, { recursive: true, force: true }));

const CONTENT = {
  title: 'Straw-blown trails',
  mode: 'open-corner',
  summary: '',
  cornerKinds: ['easel'],
  skills: ['painting'],
  versions: [
    { fromMonths: 24, untilMonths: 42, does: 'Moves a drop', say: '' },
    { fromMonths: 42, untilMonths: null, does: 'Blows', say: 'Soft or strong?' },
  ],
  materials: [
    { supplyId: 'straws', amount: 1, for: { kind: 'child' }, every: 'span', spare: 'one-in-eight' },
    { supplyId: 'straws', amount: 2, for: { kind: 'all' }, every: 'day', spare: 'none' },
  ],
  steps: ['Thin the paint.', 'Hand out straws.'],
  cleanUpMinutes: 5,
  atOnce: 2,
};

/** A folder as the first release left it: every table filled, with rows that refer to each other. */
async function filledFolder(): Promise<void> {
  const knex = connect(join(folder, DATABASE_FILE));
  await knex.migrate.latest({
    migrationSource: {
      getMigrations: async () => ['0001-first'],
      getMigrationName: (name) => String(name),
      getMigration: async () => first,
    },
  });
  const blocks = [{ id: 'table', name: 'Table', start: '09:30', minutes: 30, isCircle: false }];
  const parts = [{ id: 'morning', name: 'Morning', from: '08:00', to: '12:00' }];
  const rows: [string, object][] = [
    [
      'homes',
      {
        id: 'home',
        version: 3,
        name: 'Old home',
        zone: 'UTC',
        working_weekdays: '[1,2]',
        parts: JSON.stringify(parts),
        blocks: JSON.stringify(blocks),
        emergency_number: null,
        poison_centre_number: null,
      },
    ],
    ['people', { id: 'mara', version: 1, name: 'Mara', role: 'provider' }],
    [
      'children',
      {
        id: 'ada',
        version: 2,
        name: 'Ada Brook',
        shown_as: 'Ada',
        birth: '2026-05-20',
        attendance: '{"1":["morning"]}',
        allergies: '[]',
        mouths_things: 1,
      },
    ],
    ['absences', { id: 'away', version: 1, child_id: 'ada', from: '2027-03-08', to: '2027-03-09' }],
    [
      'corners',
      {
        id: 'easel',
        version: 1,
        name: 'Easel',
        kind: 'easel',
        outdoors: 0,
        places: 2,
        expected: 1,
        order: 'a0',
      },
    ],
    ['closures', { id: 'shut', version: 1, from: '2027-04-05', to: '2027-04-05', why: 'Cleaning' }],
    [
      'supplies',
      {
        id: 'straws',
        version: 1,
        name: 'Straws',
        unit: 'piece',
        use: 'consumable',
        kept_in: null,
        allergens: '[]',
      },
    ],
    [
      'stock_moves',
      {
        id: 'count',
        version: 1,
        supply_id: 'straws',
        kind: 'counted',
        amount: 4,
        at: '2027-03-05T18:00:00.000Z',
      },
    ],
    ['activities', { id: 'trails', version: 4, content: JSON.stringify(CONTENT) }],
    ['units', { id: 'kites', version: 1, title: 'Kites', style: 'theme', start: '2027-03-08', day_count: 5 }],
    [
      'placements',
      {
        id: 'put',
        version: 1,
        unit_id: 'kites',
        origin_id: 'trails',
        origin_version: 4,
        content: JSON.stringify(CONTENT),
        corner_id: 'easel',
        from_day: 1,
        to_day: 3,
        block_id: null,
      },
    ],
    [
      'placements',
      {
        id: 'put-on-day',
        version: 1,
        unit_id: 'kites',
        origin_id: 'trails',
        origin_version: 4,
        content: JSON.stringify(CONTENT),
        corner_id: null,
        from_day: 2,
        to_day: 2,
        block_id: 'table',
      },
    ],
    [
      'ticks',
      {
        id: 'put:1',
        version: 1,
        placement_id: 'put',
        day: 1,
        supply_id: null,
        by: 'Sol',
        at: '2027-03-08T09:00:00.000Z',
      },
    ],
    [
      'shares',
      {
        id: 'link',
        version: 1,
        unit_id: 'kites',
        label: 'Sol',
        from_day: 1,
        to_day: 3,
        last_date: null,
        revoked_at: null,
      },
    ],
    [
      'journal',
      {
        gesture_id: 'old-gesture-1',
        body_hash: 'x',
        actor_kind: 'person',
        actor_id: 'mara',
        actor_name: 'Mara',
        label: 'Straw-blown trails',
        gesture: JSON.stringify({ id: 'old-gesture-1', changes: [] }),
        touched: '[]',
        inverse: '{"type":"book/restore","entities":[]}',
        kept_at: '2027-03-05T18:00:00.000Z',
      },
    ],
  ];
  for (const [table, row] of rows) await knex(table).insert(row);
  await knex.destroy();
}

test('a filled folder of the first release keeps everything and gets the new shapes', async () => {
  await filledFolder();
  const { knex, close } = await openStorage(folder);
  const book = await loadBook(knex);
  expect(
    Object.entries(book)
      .flatMap(([kind, table]) => (Object.keys(table).length ? [kind] : []))
      .toSorted(),
  ).toEqual([
    'absences',
    'activities',
    'children',
    'closures',
    'corners',
    'homes',
    'people',
    'placements',
    'shares',
    'stockMoves',
    'supplies',
    'ticks',
    'units',
  ]);
  expect(book.children.ada).toMatchObject({
    name: 'Ada Brook',
    version: 2,
    startedOn: null,
    rungs: {},
    notes: '',
  });
  expect(book.units.kites).toMatchObject({ start: '2027-03-08', featured: [], budget: null, targets: {} });
  expect(book.placements.put).toMatchObject({
    where: { kind: 'corner', cornerId: 'easel', fromDay: 1, toDay: 3 },
    pinned: false,
    choices: [],
    outSince: null,
  });
  expect(book.placements['put-on-day']?.where).toEqual({ kind: 'day', day: 2, blockId: 'table' });
  expect(book.homes.home).toMatchObject({
    units: 'metric',
    currency: 'USD',
    ratio: { counting: 'youngest' },
  });
  for (const content of [book.activities.trails!.content, placementAt(book, 'put')!.content]) {
    expect(content.versions.map(({ id, does }) => [id, does])).toEqual([
      ['v1', 'Moves a drop'],
      ['v2', 'Blows'],
    ]);
    expect(content.steps).toEqual([
      { text: 'Thin the paint.', owner: 'together' },
      { text: 'Hand out straws.', owner: 'together' },
    ]);
    expect(content.materials.map((line) => line.spare)).toEqual(['for-breakage', 'none']);
  }
  expect(await knex.raw('PRAGMA foreign_key_check')).toEqual([]);
  await close();
  expect(readdirSync(join(folder, 'backups'))).toContain('before-migration-2.sqlite');
});

test('gestures of before are not played again and not taken back', async () => {
  await filledFolder();
  const { knex, close } = await openStorage(folder);
  expect(await keptSince(knex, 0, 100)).toBeNull();
  expect(await keptSince(knex, 1, 100)).toEqual([]);
  expect(await knex('journal').pluck('inverse')).toEqual([null]);
  await close();
});

test('the backup is the folder as it was', async () => {
  await filledFolder();
  await (await openStorage(folder)).close();
  const backup = connect(join(folder, 'backups/before-migration-2.sqlite'));
  expect(await backup('children').select('*')).toHaveLength(1);
  expect(await backup.schema.hasTable('recipes')).toBe(false);
  expect(JSON.parse((await backup('activities').first()).content)).toEqual(CONTENT);
  await backup.destroy();
});
