import { KINDS, type Entity, type Kind } from '@kobby/core';
import { afterAll, beforeAll, describe, expect, test } from 'vitest';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { cases } from '../../../core/src/testing/cases.ts';
import { anyEntity } from '../../../core/src/testing/entities.ts';
import { EXTREME } from '../../../core/src/testing/from-schema.ts';
import { seeded } from '../../../core/src/testing/problems.ts';
import { codecOf, type Row } from './codecs.ts';
import { openStorage, type Storage } from './database.ts';

let folder: string;
let storage: Storage;
beforeAll(async () => {
  folder = mkdtempSync(join(tmpdir(), 'kobby-codecs-'));
  storage = await openStorage(folder);
  // Each row stands alone here: what it refers to is not there.
  await storage.knex.raw('PRAGMA foreign_keys = OFF');
});
afterAll(async () => {
  await storage.close();
  rmSync(folder, { recursive: true, force: true });
});

/** What comes back from the database for an entity that is written to it. */
async function writtenAndRead(kind: Kind, entity: Entity): Promise<Entity> {
  const codec = codecOf(kind);
  await storage.knex(codec.table).insert(codec.toRow(entity)).onConflict('id').merge();
  return codec.fromRow((await storage.knex(codec.table).where({ id: entity.id }).first()) as Row);
}

describe.each(KINDS)('the codec of %s', (kind) => {
  test('gives back what was written, every field filled in', async () => {
    const random = seeded(KINDS.indexOf(kind) + 1);
    for (let i = 0; i < cases(24, 400); i += 1) {
      const entity = { ...anyEntity(kind, random, i % 2 === 0 ? EXTREME : undefined), version: i + 1 };
      expect(await writtenAndRead(kind, entity)).toEqual(entity);
    }
  });
});
