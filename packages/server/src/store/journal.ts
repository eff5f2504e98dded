import { createHash } from 'node:crypto';
import type { Actor, Answer, Change, Gesture, HistoryEntry, KeptGesture, Touch } from '@kobby/core';
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

/** The gestures kept after a number, oldest first; null when there are more than `most`. */
export async function keptSince(db: Knex, seq: number, most: number): Promise<readonly KeptGesture[] | null> {
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
