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
  | { readonly kind: 'problem'; readonly problem: Problem }
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

/** Sends the content of a file; what comes back names it by its checksum. */
export async function sendFile(file: File): Promise<Said<KeptFile>> {
  const request = {
    method: 'POST',
    headers: { 'Content-Type': 'application/octet-stream' },
    body: file,
  };
  const path = `/api/files?name=${encodeURIComponent(file.name)}`;
  return heard(await fetch(path, request).catch(() => null), keptFileSchema);
}

/** The file that was just chosen in a field. The field lets go of it: the same one, mended, can be chosen again. */
export function chosenFile(event: Event): File | null {
  const field = event.target as HTMLInputElement;
  const file = field.files?.[0] ?? null;
  field.value = '';
  return file;
}

async function heard<S extends z.ZodType>(response: Response | null, schema: S): Promise<Said<z.output<S>>> {
  const json: unknown = await response?.json().catch(() => null);
  if (!response || json === null) return { kind: 'unreachable' };
  if (response.ok) return { kind: 'ok', data: schema.parse(json) };
  const parsed = problemSchema.safeParse(json);
  return {
    kind: 'problem',
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
