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
  return heard(await sent(path, request, LONGEST_MS), schema);
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
  return heard(await sent(path, request, LONGEST_FILE_MS), schema);
}

/** So long an answer is waited for; a file on a slow line may take its time. */
const LONGEST_MS = 30_000;
const LONGEST_FILE_MS = 600_000;

// What did not come in its time did not come: whatever is sent can be sent again.
const sent = (path: string, request: RequestInit, limitMs: number): Promise<Response | null> =>
  fetch(path, { ...request, signal: AbortSignal.timeout(limitMs) }).catch(() => null);

/** Sends a file to be kept; what comes back names it by its checksum. */
export const sendFile = (file: File): Promise<Said<KeptFile>> =>
  sendContent(`/api/files?name=${encodeURIComponent(file.name)}`, file, keptFileSchema);

/** Hands something to the browser as a file to be kept where it keeps such. */
export function giveFile(name: string, type: string, content: BlobPart): void {
  const link = document.createElement('a');
  link.href = URL.createObjectURL(new Blob([content], { type }));
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
  // Something between here and the server answers for it while it is away.
  if (!response || (json === null && (response.ok || GONE.has(response.status))))
    return { kind: 'unreachable' };
  const seconds = Number(response.headers.get('Retry-After') ?? Number.NaN);
  const retryAfterMs = Number.isFinite(seconds) ? seconds * 1000 : null;
  const trouble = (said: Problem): Said<never> => ({ kind: 'problem', retryAfterMs, problem: said });
  if (response.ok) {
    const read = schema.safeParse(json);
    return read.success ? { kind: 'ok', data: read.data } : trouble(problem('our-mistake', NOT_READABLE));
  }
  const parsed = problemSchema.safeParse(json);
  if (parsed.success) return trouble(parsed.data);
  const { status, statusText } = response;
  return trouble({ ...problem(status === TOO_LARGE ? 'too-large' : 'our-mistake', statusText), status });
}
const GONE = new Set([502, 503, 504]);
const TOO_LARGE = 413;
const NOT_READABLE = 'It answered in a way that this page does not know. Load the page anew.';

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
