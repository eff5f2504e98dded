import { createHash } from 'node:crypto';
import {
  refKey,
  withoutWords,
  type Actor,
  type Answer,
  type Change,
  type Gesture,
  type HistoryEntry,
  type KeptGesture,
  type Touch,
} from '@kobby/core';
import type { Knex } from 'knex';

/** A gesture as it goes into the journal. */
export interface JournalEntry {
  readonly gesture: Gesture;
  readonly bodyHash: string;
  readonly actor: Actor;
  readonly label: string;
  readonly touched: readonly Touch[];
  readonly inverse: Change | null;
  readonly keptAt: string;
}

interface JournalRow {
  readonly seq: number;
  readonly gesture_id: string;
  readonly body_hash: string;
  readonly actor_kind: string;
  readonly actor_id: string;
  readonly actor_name: string;
  readonly label: string;
  readonly gesture: string;
  readonly touched: string;
  readonly inverse: string | null;
}

/** The number of the newest line; 0 for an empty journal. */
export async function newestSeq(db: Knex): Promise<number> {
  const row = (await db('journal').max('seq as seq').first()) as { seq: number | null } | undefined;
  return row?.seq ?? 0;
}

/** Appends a line; its number comes back. */
export async function append(trx: Knex.Transaction, entry: JournalEntry): Promise<number> {
  const [seq] = (await trx('journal').insert({
    gesture_id: entry.gesture.id,
    body_hash: entry.bodyHash,
    actor_kind: entry.actor.kind,
    actor_id: entry.actor.id,
    actor_name: entry.actor.name,
    label: entry.label,
    gesture: JSON.stringify(entry.gesture),
    touched: JSON.stringify(entry.touched),
    inverse: entry.inverse ? JSON.stringify(entry.inverse) : null,
    kept_at: entry.keptAt,
  })) as [number];
  return seq;
}

/** What was answered to a gesture when it was kept, with the hash of its body then; null when it is new. */
export async function earlierAnswer(
  db: Knex,
  id: string,
): Promise<{ bodyHash: string; answer: Answer } | null> {
  const row = (await db('journal').where({ gesture_id: id }).first()) as JournalRow | undefined;
  if (!row) return null;
  return {
    bodyHash: row.body_hash,
    answer: {
      outcome: 'kept',
      id: row.gesture_id as Gesture['id'],
      seq: row.seq,
      touched: JSON.parse(row.touched),
    },
  };
}

// Up to this number gestures cannot be played again: they name somebody who was forgotten, or are in older shapes.
const REPLAY_FLOOR = 'replay-floor';

/**
 * The gestures kept after a number, oldest first; null when there are more than `most`, or when one of them cannot
 * be played again.
 */
export async function keptSince(db: Knex, seq: number, most: number): Promise<readonly KeptGesture[] | null> {
  const floor = (await db('marks').where({ name: REPLAY_FLOOR }).first()) as { seq: number } | undefined;
  if (seq < (floor?.seq ?? 0)) return null;
  const rows = (await db('journal')
    .where('seq', '>', seq)
    .orderBy('seq')
    .limit(most + 1)) as JournalRow[];
  if (rows.length > most) return null;
  return rows.map((row) => ({
    seq: row.seq,
    actor: { kind: row.actor_kind as Actor['kind'], id: row.actor_id, name: row.actor_name },
    gesture: JSON.parse(row.gesture),
  }));
}

/** A person's own newest gestures, oldest first. */
export async function historyOf(db: Knex, actor: Actor, most: number): Promise<readonly HistoryEntry[]> {
  const rows = (await db('journal')
    .where({ actor_kind: actor.kind, actor_id: actor.id })
    .orderBy('seq', 'desc')
    .limit(most)) as JournalRow[];
  return rows.toReversed().map((row) => {
    const gesture = JSON.parse(row.gesture) as Gesture;
    return {
      id: gesture.id,
      label: row.label,
      touched: JSON.parse(row.touched),
      inverse: row.inverse ? JSON.parse(row.inverse) : null,
      undoes: gesture.undoes ?? null,
    };
  });
}

/**
 * Takes somebody who was forgotten out of the journal: gestures that touched one of `refs` keep only their id and
 * their versions, and `words` go from the texts of all others. Nothing up to now is played again.
 */
export async function redact(
  trx: Knex.Transaction,
  refs: ReadonlySet<string>,
  words: readonly string[],
): Promise<void> {
  const rows = (await trx('journal').select('*')) as JournalRow[];
  for (const row of rows) {
    const touched = JSON.parse(row.touched) as Touch[];
    const gesture = JSON.parse(row.gesture) as Gesture;
    const clean = touched.some((touch) => refs.has(refKey(touch)))
      ? { gesture: { ...gesture, changes: [] }, inverse: null, label: 'about a child' }
      : {
          gesture: withoutWords(gesture, words),
          inverse: row.inverse ? withoutWords(JSON.parse(row.inverse) as Change, words) : null,
          label: withoutWords(row.label, words),
        };
    await trx('journal')
      .where({ seq: row.seq })
      .update({
        gesture: JSON.stringify(clean.gesture),
        inverse: clean.inverse ? JSON.stringify(clean.inverse) : null,
        label: clean.label,
      });
  }
  await trx('marks')
    .where({ name: REPLAY_FLOOR })
    .update({ seq: await newestSeq(trx) });
}

/** A hash of a value that does not depend on the order of its fields. */
export const hashOf = (value: unknown): string => createHash('sha256').update(canonical(value)).digest('hex');

function canonical(value: unknown): string {
  if (Array.isArray(value)) return `[${value.map(canonical).join(',')}]`;
  if (typeof value !== 'object' || value === null) return JSON.stringify(value) ?? 'null';
  const fields = Object.entries(value)
    .toSorted(([a], [b]) => (a < b ? -1 : 1))
    .map(([key, inner]) => `${JSON.stringify(key)}:${canonical(inner)}`);
  return `{${fields.join(',')}}`;
}
