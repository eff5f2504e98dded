import { z } from 'zod';
import { Vault } from './vault.ts';

// What was typed and is not in the book yet. It lies in the tab, where it is there again at once after a reload, a step back or a lost
// session, and ciphered on the device, where it outlives the tab. It goes when it is kept, when it is thrown away, or with signing out.

interface Typed {
  readonly value: unknown;
  readonly atMs: number;
}
const typedSchema = z.object({ value: z.unknown(), atMs: z.number() });

const IN_TAB = 'kobby.typed:';
/** Nobody goes on with what she began to type longer ago. */
const LONGEST_MS = 14 * 24 * 60 * 60_000;
/** What is typed is ciphered once the typing rests. */
const REST_MS = 300;

const vault = new Vault('kobby.typed');
const known = new Map<string, Typed>();
const resting = new Map<string, ReturnType<typeof setTimeout>>();

/** Looks for what was typed on this device before: once, before the first page is shown. */
export async function openTyped(): Promise<void> {
  for (const place of await vault.names()) {
    const read = typedSchema.safeParse(await vault.read(place));
    if (!read.success || Date.now() - read.data.atMs > LONGEST_MS) await vault.remove([place]);
    else if (!known.has(place)) known.set(place, read.data);
  }
}

/** What was typed into a place and is not in the book yet; undefined for nothing. */
export function typedAt(place: string): unknown {
  return (known.get(place) ?? inTab(place))?.value;
}

/** The text that was typed into a place; empty for nothing. */
export function textAt(place: string): string {
  const typed = typedAt(place);
  return typeof typed === 'string' ? typed : '';
}

/** Remembers what is typed into a place; undefined when nothing is left to be remembered. */
export function keepTyped(place: string, value: unknown): void {
  const typed = { value, atMs: Date.now() };
  if (value === undefined) known.delete(place);
  else known.set(place, typed);
  try {
    if (value === undefined) sessionStorage.removeItem(IN_TAB + place);
    else sessionStorage.setItem(IN_TAB + place, JSON.stringify(typed));
  } catch {
    // The field itself still has it, and the device below.
  }
  clearTimeout(resting.get(place));
  resting.set(
    place,
    setTimeout(() => {
      resting.delete(place);
      void (value === undefined ? vault.remove([place]) : vault.write(place, typed));
    }, REST_MS),
  );
}

/** Whoever signs out leaves nothing half written behind. */
export async function forgetTyped(): Promise<void> {
  for (const timer of resting.values()) clearTimeout(timer);
  resting.clear();
  known.clear();
  try {
    for (const key of Object.keys(sessionStorage)) if (key.startsWith(IN_TAB)) sessionStorage.removeItem(key);
  } catch {
    // Nothing was kept.
  }
  await vault.forget();
}

function inTab(place: string): Typed | undefined {
  try {
    return typedSchema.safeParse(JSON.parse(sessionStorage.getItem(IN_TAB + place) ?? 'null')).data;
  } catch {
    return undefined;
  }
}
