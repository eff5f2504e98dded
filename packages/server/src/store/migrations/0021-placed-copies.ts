import type { Knex } from 'knex';

// The table is made anew while no other table refers to it: else what refers to its rows would go with them.
export const config = { transaction: false };

type Content = Readonly<Record<string, unknown>>;

const SLOT = /\{([a-z][a-z-]{0,23})\}/g;

/**
 * A copy keeps its slots, the words that fill them, and what was written over, apart from each other; and it may be written here and
 * come from no library. Of a copy that says what its origin says with words in its slots, those words are found again; any other is
 * taken as it stands.
 */
export async function up(knex: Knex): Promise<void> {
  if (await knex.schema.hasColumn('placements', 'base')) return;
  await knex.raw('PRAGMA foreign_keys = OFF');
  try {
    await knex.transaction(async (trx) => {
      await remake(trx);
      await fillSlots(trx);
      await inJournal(trx);
      const lost = (await trx.raw('PRAGMA foreign_key_check(placements)')) as unknown[];
      if (lost.length > 0) throw new Error('what refers to placed activities does not hold together');
    });
  } finally {
    await knex.raw('PRAGMA foreign_keys = ON');
  }
}

const KEPT = [
  ...[
    'id',
    'version',
    'unit_id',
    'origin_id',
    'origin_version',
    'corner_id',
    'from_day',
    'to_day',
    'block_id',
  ],
  ...['where_kind', 'pinned', 'choices', 'out_since', 'child_id', 'twin_of', 'lead_id', 'bin'],
];

async function remake(trx: Knex.Transaction): Promise<void> {
  await trx.raw(`CREATE TABLE placements_new (
    id TEXT PRIMARY KEY,
    version INTEGER NOT NULL,
    unit_id TEXT NOT NULL REFERENCES units(id),
    origin_id TEXT REFERENCES activities(id),
    origin_version INTEGER NOT NULL,
    base JSON NOT NULL,
    slots JSON NOT NULL DEFAULT '{}',
    over JSON NOT NULL DEFAULT '{}',
    corner_id TEXT REFERENCES corners(id),
    from_day INTEGER NOT NULL,
    to_day INTEGER NOT NULL,
    block_id TEXT,
    where_kind TEXT NOT NULL,
    pinned BOOLEAN NOT NULL DEFAULT 0,
    choices JSON NOT NULL DEFAULT '[]',
    out_since TEXT,
    child_id TEXT REFERENCES children(id) DEFERRABLE INITIALLY DEFERRED,
    twin_of TEXT REFERENCES placements(id) DEFERRABLE INITIALLY DEFERRED,
    lead_id TEXT REFERENCES people(id),
    bin JSON NOT NULL DEFAULT 'null'
  )`);
  const columns = KEPT.join(', ');
  await trx.raw(
    `INSERT INTO placements_new (${columns}, base) SELECT ${columns}, content FROM placements ORDER BY rowid`,
  );
  await trx.raw('DROP TABLE placements');
  await trx.raw('ALTER TABLE placements_new RENAME TO placements');
  await trx.schema.alterTable('placements', (t) => {
    for (const column of ['unit_id', 'origin_id', 'corner_id', 'child_id', 'twin_of', 'lead_id'])
      t.index([column]);
  });
}

// The slots of what says what its origin says with words in them.
async function fillSlots(trx: Knex.Transaction): Promise<void> {
  const rows = (await trx('placements')
    .join('activities', 'activities.id', 'placements.origin_id')
    .select('placements.id', 'placements.base', 'activities.content', 'activities.version')) as readonly {
    readonly id: string;
    readonly base: string;
    readonly content: string;
    readonly version: number;
  }[];
  for (const { id, base, content, version } of rows) {
    const words = wordsIn(parsed(content), parsed(base));
    if (words === null) continue;
    await trx('placements')
      .where({ id })
      .update({ base: content, slots: JSON.stringify(words), origin_version: version });
  }
}

const parsed = (text: string): Content | null => {
  try {
    return JSON.parse(text) as Content;
  } catch {
    return null;
  }
};

/** With which words in its slots a content says what a copy of it says; null when it says something else. */
function wordsIn(content: Content | null, copy: Content | null): Readonly<Record<string, string>> | null {
  if (!content || !copy) return null;
  const words = new Map<string, string>();
  const open = new Set((copy.slots as { id: string }[] | undefined)?.map(({ id }) => id) ?? []);
  const { slots, ...texts } = content;
  const { slots: _open, ...filled } = copy;
  if (!saysAlike(texts, filled, words)) return null;
  const known = new Set((slots as { id: string }[] | undefined)?.map(({ id }) => id) ?? []);
  const found = [...words].filter(([id, word]) => word !== `{${id}}` && known.has(id) && !open.has(id));
  return Object.fromEntries(found);
}

function saysAlike(template: unknown, copy: unknown, words: Map<string, string>): boolean {
  if (typeof template === 'string') return typeof copy === 'string' && textAlike(template, copy, words);
  if (typeof template !== 'object' || template === null) return template === copy;
  if (typeof copy !== 'object' || copy === null || Array.isArray(copy) !== Array.isArray(template))
    return false;
  const [a, b] = [Object.entries(template), Object.keys(copy)];
  return (
    a.length === b.length &&
    a.every(([key, inner]) => saysAlike(inner, (copy as Record<string, unknown>)[key], words))
  );
}

// Each slot stands for one word all through.
function textAlike(template: string, copy: string, words: Map<string, string>): boolean {
  const ids = [...template.matchAll(SLOT)].map(([, id]) => id!);
  if (ids.length === 0) return template === copy;
  const between = template
    .split(/\{[a-z][a-z-]{0,23}\}/)
    .map((text) => text.replaceAll(/[$()*+./?[\\\]^{|}-]/g, String.raw`\$&`));
  const found = new RegExp(`^${between.join('([\\s\\S]+?)')}$`).exec(copy);
  if (!found) return false;
  return ids.every((id, i) => {
    const word = found[i + 1]!;
    const before = words.get(id) ?? word;
    words.set(id, before);
    return before === word;
  });
}

// Steps that can be taken back hold copies as they were.
async function inJournal(trx: Knex.Transaction): Promise<void> {
  const rows = (await trx('journal')
    .select('seq', 'inverse')
    .where('inverse', 'like', '%"originVersion"%')) as readonly {
    readonly seq: number;
    readonly inverse: string;
  }[];
  for (const { seq, inverse } of rows)
    await trx('journal')
      .where({ seq })
      .update({ inverse: JSON.stringify(asCopies(JSON.parse(inverse) as unknown)) });
}

function asCopies(value: unknown): unknown {
  if (Array.isArray(value)) return value.map(asCopies);
  if (typeof value !== 'object' || value === null) return value;
  if ('originVersion' in value && 'content' in value) {
    const { content, ...rest } = value as Record<string, unknown>;
    return { ...rest, base: content, slots: {}, over: {} };
  }
  return Object.fromEntries(Object.entries(value).map(([key, inner]) => [key, asCopies(inner)]));
}

/** Going back would lose what people wrote: the backup made before each migration is the way back. */
export async function down(): Promise<void> {
  throw new Error('restore the backup that was made before this migration');
}
