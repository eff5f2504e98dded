import { createHash } from 'node:crypto';

const WIDTH = 150;
const PLACES = 1e6;

const isEntity = (value: object): value is { id: string; version: number } =>
  'id' in value && 'version' in value && typeof value.id === 'string' && typeof value.version === 'number';

const isFraction = (value: object): value is { toFraction(): string } =>
  'toFraction' in value && typeof value.toFraction === 'function';

/** A value without what only looks different: entities by their ids, numbers without dust, sets and maps as lists. */
function plainly(value: unknown): unknown {
  if (typeof value === 'number') return Math.round(value * PLACES) / PLACES;
  if (typeof value === 'bigint') return `${value}`;
  if (typeof value === 'function') return undefined;
  if (typeof value !== 'object' || value === null) return value;
  if (isFraction(value)) return value.toFraction();
  if (isEntity(value)) return `#${value.id}`;
  if (value instanceof Set) return [...value].map(plainly);
  if (value instanceof Map) return [...value].map(([key, one]) => [plainly(key), plainly(one)]);
  if (Array.isArray(value)) return value.map(plainly);
  if ('_zod' in value) return 'a schema';
  const fields = Object.entries(value).map(([key, one]) => [key, plainly(one)] as const);
  return Object.fromEntries(fields.filter(([, one]) => one !== undefined));
}

// From some depth on only sums of long answers are kept: one becomes another when its answer does.
const sumOf = (text: string): string => createHash('sha256').update(text).digest('hex').slice(0, 10);
const nameOf = (one: object): string => {
  const names = Array.isArray(one) ? one.slice(0, 1) : Object.values(one).slice(0, 2);
  return (JSON.stringify(names) ?? '').slice(1, 50);
};

function lines(value: unknown, indent: string, depth: number): string {
  const short = JSON.stringify(value) ?? 'undefined';
  if (typeof value !== 'object' || value === null || short.length + indent.length <= WIDTH) return short;
  if (depth === 0) return `${nameOf(value)} … ${sumOf(short)}`;
  const deeper = `${indent} `;
  const parts = Array.isArray(value)
    ? value.map((one) => `${deeper}${lines(one, deeper, depth - 1)}`)
    : Object.entries(value).map(([key, one]) => `${deeper}${key}: ${lines(one, deeper, depth - 1)}`);
  return `${Array.isArray(value) ? '[' : '{'}\n${parts.join('\n')}`;
}

/**
 * A value as text that people can compare: short things on one line, the rest a line each; what is of the book stands by its
 * id. From a depth on what is long is told by a sum.
 */
export const told = (value: unknown, depth = Infinity): string => `${lines(plainly(value), '', depth)}\n`;
