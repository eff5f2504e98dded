import { refKey } from '../book/index.ts';
import type { Change, GestureId } from './change.ts';
import type { Touch } from './pen/pen.ts';

/** One gesture of a person as the journal keeps it. */
export interface HistoryEntry {
  readonly id: GestureId;
  readonly label: string;
  readonly touched: readonly Touch[];
  readonly inverse: Change | null;
  readonly undoes: GestureId | null;
}

/** A gesture that can be taken back (or done again), and the versions that must still stand for it. */
export interface Step {
  readonly entry: HistoryEntry;
  readonly bases: Readonly<Record<string, number>>;
}

/** What one person can undo and redo, newest last. */
export interface History {
  readonly undo: readonly Step[];
  readonly redo: readonly Step[];
}

export const EMPTY_HISTORY: History = { undo: [], redo: [] };

/** How many steps back a person can go. */
export const HISTORY_LENGTH = 100;

/**
 * The history after one more gesture of the same person. A new gesture ends what could be redone; one that
 * takes another back moves it to the other side. Gestures that cannot be undone (ticks, links) leave the
 * history as it is.
 */
export function advance(history: History, entry: HistoryEntry): History {
  if (entry.inverse === null) return withoutForgotten(history, entry);
  const step: Step = { entry, bases: basesAfter(entry) };
  if (entry.undoes === null) return { undo: [...history.undo, step].slice(-HISTORY_LENGTH), redo: [] };
  const undone = history.undo.find(({ entry: other }) => other.id === entry.undoes);
  if (undone) {
    return remap(
      { undo: history.undo.filter((s) => s !== undone), redo: [...history.redo, step] },
      undone,
      entry,
    );
  }
  const redone = history.redo.find(({ entry: other }) => other.id === entry.undoes);
  if (!redone) return history;
  return remap(
    { undo: [...history.undo, step], redo: history.redo.filter((s) => s !== redone) },
    redone,
    entry,
  );
}

// Steps that know a child who was forgotten go with the child.
function withoutForgotten(history: History, { touched }: HistoryEntry): History {
  const gone = new Set(touched.filter((t) => t.kind === 'children' && t.after === 0).map(refKey));
  if (gone.size === 0) return history;
  const stays = (step: Step): boolean => !step.entry.touched.some((touch) => gone.has(refKey(touch)));
  return { undo: history.undo.filter(stays), redo: history.redo.filter(stays) };
}

/** Rebuilds a history from a person's gestures, oldest first. */
export const foldHistory = (entries: readonly HistoryEntry[]): History =>
  entries.reduce(advance, EMPTY_HISTORY);

const basesAfter = (entry: HistoryEntry): Readonly<Record<string, number>> =>
  Object.fromEntries(entry.touched.map((touch) => [refKey(touch), touch.after]));

// Taking `taken` back gives its entities new versions with the contents of before it. Steps that stood on
// those contents now stand on the new versions; without this only the newest step could ever be undone.
function remap(history: History, taken: Step, by: HistoryEntry): History {
  const contentBefore = new Map(taken.entry.touched.map((touch) => [refKey(touch), touch.before]));
  const versionNow = basesAfter(by);
  const move = (step: Step): Step => {
    if (step.entry.id === by.id) return step;
    const moved = Object.entries(step.bases).map(([key, version]) => [
      key,
      contentBefore.get(key) === version && key in versionNow ? versionNow[key]! : version,
    ]);
    return { entry: step.entry, bases: Object.fromEntries(moved) };
  };
  return { undo: history.undo.map(move), redo: history.redo.map(move) };
}
