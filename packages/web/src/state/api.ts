import {
  keptFileSchema,
  problem,
  problemSchema,
  type FieldProblem,
  type KeptFile,
  type Problem,
} from '@kobby/core';
import type { z } from 'zod';

/** What the server said: what was asked for, a problem, or nothing because it could not be reached. */
export type Said<T> =
  | { readonly kind: 'ok'; readonly data: T }
  | { readonly kind: 'problem'; readonly problem: Problem; readonly retryAfterMs: number | null }
  | { readonly kind: 'unreachable' };

/** Asks the server. The answer is read by the schema that describes it. */
export async function ask<S extends z.ZodType>(
  method: 'GET' | 'POST' | 'DELETE',
  path: string,
  schema: S,
  body?: unknown,
): Promise<Said<z.output<S>>> {
  const request =
    body === undefined
      ? { method }
      : { method, headers: { 'Content-Type': 'application/json' }, body: JSON.stringify(body) };
  return heard(await fetch(path, request).catch(() => null), schema);
}

/** Sends the content of a file to an address. */
export async function sendContent<S extends z.ZodType>(
  path: string,
  file: File,
  schema: S,
  headers: Readonly<Record<string, string>> = {},
): Promise<Said<z.output<S>>> {
  const request = {
    method: 'POST',
    headers: { 'Content-Type': 'application/octet-stream', ...headers },
    body: file,
  };
  return heard(await fetch(path, request).catch(() => null), schema);
}

/** Sends a file to be kept; what comes back names it by its checksum. */
export const sendFile = (file: File): Promise<Said<KeptFile>> =>
  sendContent(`/api/files?name=${encodeURIComponent(file.name)}`, file, keptFileSchema);

/** Hands a text to the browser as a file to be kept where it keeps such. */
export function giveFile(name: string, type: string, text: string): void {
  const link = document.createElement('a');
  link.href = URL.createObjectURL(new Blob([text], { type }));
  link.download = name.replaceAll(/[/\\:*?"<>|]/g, '-');
  link.click();
  URL.revokeObjectURL(link.href);
}

/** Lays a text where it can be pasted from; where the browser does not let it, as a file. Says what became of it. */
export async function copyText(name: string, text: string): Promise<string> {
  try {
    await navigator.clipboard.writeText(text);
    return 'It can be pasted now.';
  } catch {
    giveFile(`${name}.txt`, 'text/plain', text);
    return 'It is a file now.';
  }
}

/** The file that was just chosen in a field. The field lets go of it: the same one, mended, can be chosen again. */
export function chosenFile(event: Event): File | null {
  const field = event.target as HTMLInputElement;
  const file = field.files?.[0] ?? null;
  field.value = '';
  return file;
}

// A list that long is refused by whoever reads it: no more of it is taken into memory.
const MOST_LIST_BYTES = 2_000_000;

/** The text of a list that was chosen; of one that is far too long just something that is too long as well. */
export const listText = async (file: File): Promise<string> =>
  file.size > MOST_LIST_BYTES ? 'x'.repeat(MOST_LIST_BYTES) : file.text();

async function heard<S extends z.ZodType>(response: Response | null, schema: S): Promise<Said<z.output<S>>> {
  const json: unknown = await response?.json().catch(() => null);
  if (!response || json === null) return { kind: 'unreachable' };
  if (response.ok) return { kind: 'ok', data: schema.parse(json) };
  const parsed = problemSchema.safeParse(json);
  const seconds = Number(response.headers.get('Retry-After') ?? Number.NaN);
  return {
    kind: 'problem',
    retryAfterMs: Number.isFinite(seconds) ? seconds * 1000 : null,
    problem: parsed.success ? parsed.data : problem('our-mistake', response.statusText),
  };
}

/** What stands beside a field: the first message whose path ends in it. */
export const messageFor = (errors: readonly FieldProblem[], field: string): string[] =>
  errors
    .filter((error) => error.path.at(-1) === field)
    .slice(0, 1)
    .map((error) => error.message);

/** Messages that belong to none of the fields shown. */
export const messagesBeside = (errors: readonly FieldProblem[], fields: readonly string[]): string[] =>
  errors.filter((error) => !fields.includes(String(error.path.at(-1)))).map((error) => error.message);

/** A new id of 128 random bits. */
export const newId = (): string =>
  [...crypto.getRandomValues(new Uint8Array(16))].map((byte) => byte.toString(16).padStart(2, '0')).join('');

/** A copy of something frozen, to be edited; nothing of nothing. */
export const copyOf = <T>(value: T | undefined): T | undefined =>
  value === undefined ? undefined : (JSON.parse(JSON.stringify(value)) as T);

/** The instant by this machine's clock: stamps only, dates come from the home's clock. */
export const instantNow = (): string => new Date().toISOString();
