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
  const jobs = await redactionsLeft(db);
  return rows.toReversed().map((kept) => {
    const row = jobs.reduce(redacted, kept);
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

/** Somebody who is to be taken out of the journal: what the gestures about them touched, and their names. */
interface Redaction {
  readonly number: number;
  readonly refs: ReadonlySet<string>;
  readonly words: readonly string[];
  readonly doneTo: number;
  readonly upTo: number;
}

/**
 * Orders that somebody who was forgotten goes from the journal: gestures that touched one of `refs` keep only their id and their
 * versions, and `words` go from the texts of all others. Nothing up to now is played again. The lines are gone over afterwards,
 * some at a time ({@link redactSome}): a long journal holds nobody up, and until then what is told of it is cleaned as it is read.
 */
export async function orderRedaction(
  trx: Knex.Transaction,
  refs: ReadonlySet<string>,
  words: readonly string[],
): Promise<void> {
  const upTo = await newestSeq(trx);
  await trx('redactions').insert({
    refs: JSON.stringify([...refs]),
    words: JSON.stringify(words),
    done_to: 0,
    up_to: upTo,
  });
  await closeReplay(trx);
}

async function redactionsLeft(db: Knex): Promise<readonly Redaction[]> {
  const rows = (await db('redactions')
    .select('number', 'refs', 'words', 'done_to as doneTo', 'up_to as upTo')
    .orderBy('number')) as (Omit<Redaction, 'refs' | 'words'> & { refs: string; words: string })[];
  return rows.map((row) => ({
    ...row,
    refs: new Set(JSON.parse(row.refs) as string[]),
    words: JSON.parse(row.words) as string[],
  }));
}

// What stays of a line; the same one back where nothing of it goes.
function redacted(row: JournalRow, { refs, words }: Redaction): JournalRow {
  const isAbout = (JSON.parse(row.touched) as Touch[]).some((touch) => refs.has(refKey(touch)));
  if (isAbout)
    return {
      ...row,
      gesture: JSON.stringify({ ...(JSON.parse(row.gesture) as Gesture), changes: [] }),
      inverse: null,
      label: 'about a child',
    };
  const label = withoutWords(row.label, words);
  const gesture = withoutIn(row.gesture, words);
  const inverse = row.inverse === null ? null : withoutIn(row.inverse, words);
  return label === row.label && gesture === row.gesture && inverse === row.inverse
    ? row
    : { ...row, label, gesture, inverse };
}

// Most lines hold none of the words: those are not taken apart.
const withoutIn = (json: string, words: readonly string[]): string =>
  withoutWords(json, words.map(asInJson)) === json
    ? json
    : JSON.stringify(withoutWords(JSON.parse(json) as unknown, words));

const asInJson = (word: string): string => JSON.stringify(word.trim()).slice(1, -1);

/** How many lines are gone over at a time: a few milliseconds. */
const LINES_AT_ONCE = 50;

/** Goes over some more lines for whoever was forgotten. Whether something is left to do comes back. */
export async function redactSome(db: Knex): Promise<boolean> {
  const [job] = await redactionsLeft(db);
  if (!job) return false;
  await db.transaction(async (trx) => {
    const rows = (await trx('journal')
      .where('seq', '>', job.doneTo)
      .where('seq', '<=', job.upTo)
      .orderBy('seq')
      .limit(LINES_AT_ONCE)) as JournalRow[];
    for (const row of rows) {
      const { seq, gesture, inverse, label } = redacted(row, job);
      if (gesture === row.gesture && inverse === row.inverse && label === row.label) continue;
      await trx('journal').where({ seq }).update({ gesture, inverse, label });
    }
    const last = rows.at(-1)?.seq;
    if (last === undefined || last >= job.upTo)
      await trx('redactions').where({ number: job.number }).delete();
    else await trx('redactions').where({ number: job.number }).update({ done_to: last });
  });
  return true;
}

/** How long a line of the journal stays whole at least, and how many of the newest do however old they are. */
const JOURNAL_KEEPS = { days: 90, lines: 2000 } as const;
const DAY_MS = 24 * 60 * 60 * 1000;
const CONDENSED_TO = 'condensed-to';
const CONDENSED_AT_ONCE = 200;

/**
 * Condenses some old lines: who did what and when stays, and that it was kept, so that what is sent again is known; what it
 * changed goes. Undo, and whoever comes back from being away, need only the newer ones. Whether something is left to do comes back.
 */
export async function condenseSome(db: Knex, now: number): Promise<boolean> {
  const before = new Date(now - JOURNAL_KEEPS.days * DAY_MS).toISOString();
  return db.transaction(async (trx) => {
    const mark = (await trx('marks').where({ name: CONDENSED_TO }).first()) as { seq: number } | undefined;
    const rows = (await trx('journal')
      .select('seq', 'gesture')
      .where('seq', '>', mark?.seq ?? 0)
      .where('seq', '<=', (await newestSeq(trx)) - JOURNAL_KEEPS.lines)
      .where('kept_at', '<', before)
      .orderBy('seq')
      .limit(CONDENSED_AT_ONCE)) as Pick<JournalRow, 'seq' | 'gesture'>[];
    for (const { seq, gesture } of rows) {
      const { id, at } = JSON.parse(gesture) as Gesture;
      const rest = {
        gesture: JSON.stringify({ id, at, changes: [], bases: {} }),
        inverse: null,
        touched: '[]',
      };
      await trx('journal').where({ seq }).update(rest);
    }
    const last = rows.at(-1)?.seq;
    if (last !== undefined)
      await trx('marks').insert({ name: CONDENSED_TO, seq: last }).onConflict('name').merge();
    return rows.length === CONDENSED_AT_ONCE;
  });
}

/** Nothing up to now is played again: whoever is behind takes a snapshot. */
export async function closeReplay(trx: Knex): Promise<void> {
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
