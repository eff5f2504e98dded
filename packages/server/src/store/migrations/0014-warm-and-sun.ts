import type { Knex } from 'knex';
import { cameWithKobby } from './0011-asked-of-all.ts';

type Recorded = Readonly<Record<string, unknown>>;

// Frozen as they were when this step was written: what a kind asks for since, with a no for each.
const NO: Readonly<Record<string, Recorded>> = {
  food: { touchC: 'none' },
  made: { touchC: 'none' },
  filler: { touchC: 'none' },
  'fabric-and-yarn': { touchC: 'none', mostAtOnce: 'none' },
  'craft-pieces': { sun: 'none' },
  tools: { sun: 'none' },
  toys: { touchC: 'none', sun: 'none', mostAtOnce: 'none' },
  outdoors: { touchC: 'none', sun: 'none', mostAtOnce: 'none' },
  science: { touchC: 'none', sun: 'none' },
  room: { touchC: 'none', sun: 'none', mostAtOnce: 'none' },
};
const CAME: Readonly<Record<string, Recorded>> = {
  magnifiers: { sun: 'gathers' },
  'mirrors-plastic': { sun: 'gathers' },
  'play-parachute': { mostAtOnce: 12 },
};

/**
 * Warmth, sun and how many at once are asked of whatever can have them. What came with Kobby was looked at and is filled in;
 * what a home brought along itself is pointed out as not recorded. What a home said stays.
 */
export async function up(knex: Knex): Promise<void> {
  const rows = (await knex('supplies').select('id', 'version', 'category', 'properties')) as Row[];
  for (const row of rows) {
    if (!cameWithKobby(row.id) || !(row.category in NO)) continue;
    const after = { ...NO[row.category], ...CAME[row.id], ...(JSON.parse(row.properties) as Recorded) };
    if (JSON.stringify(after) === row.properties) continue;
    // A version more: whoever still shows the old one is told, and does not write over it.
    await knex('supplies')
      .where({ id: row.id })
      .update({ properties: JSON.stringify(after), version: row.version + 1 });
  }
}

interface Row {
  readonly id: string;
  readonly version: number;
  readonly category: string;
  readonly properties: string;
}

/** What was known before is not told apart from what was filled in: the backup made before each migration is the way back. */
export async function down(): Promise<void> {
  throw new Error('restore the backup that was made before this migration');
}
