import { generateNKeysBetween, generateKeyBetween } from 'fractional-indexing';
import type { Knex } from 'knex';

const TABLES = ['corners', 'things', 'day_lines', 'circle_pieces'] as const;

interface Row {
  readonly id: string;
  readonly version: number;
  readonly order: string;
}

/**
 * Keys that no other key fits behind came from two mends and from outside: the page on which something was put there did not open
 * any more. Where there is one, all of its table get keys anew, in the order in which they stand.
 */
export async function up(knex: Knex): Promise<void> {
  for (const table of TABLES) {
    const rows = (await knex(table).select('id', 'version', 'order')) as Row[];
    if (rows.every(({ order }) => isOrderKey(order))) continue;
    const standing = rows.toSorted((a, b) => compare(a.order, b.order) || compare(a.id, b.id));
    const keys = generateNKeysBetween(null, null, standing.length);
    for (const [i, { id, version }] of standing.entries()) {
      // A version more: whoever still shows the old one is told, and does not write over it.
      await knex(table)
        .where({ id })
        .update({ order: keys[i], version: version + 1 });
    }
  }
}

const compare = (a: string, b: string): number => (a < b ? -1 : a > b ? 1 : 0);

function isOrderKey(key: string): boolean {
  try {
    return generateKeyBetween(key, null) > key;
  } catch {
    return false;
  }
}

/** The keys that were are gone: the backup made before each migration is the way back. */
export async function down(): Promise<void> {
  throw new Error('restore the backup that was made before this migration');
}
