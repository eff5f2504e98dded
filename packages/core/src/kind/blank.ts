import type { z } from 'zod';
import { shapeOf } from './shape.ts';

const EMPTY: Readonly<Record<string, () => unknown>> = {
  string: () => '',
  // Nothing was typed yet: a field shows it empty, and whoever reads it asks for a number.
  number: () => Number.NaN,
  int: () => Number.NaN,
  boolean: () => false,
  array: () => [],
  record: () => ({}),
  nullable: () => null,
  optional: () => undefined,
};

/**
 * What a form for something new begins with, out of the schema of what it makes: what the schema takes when nothing is said,
 * else the emptiest of its type: `''`, null where there may be none, the first of a closed list, NaN for a number. Why not in
 * each form: a field that is added to a schema would have to be added to every form that makes one.
 */
export function blankOf(schema: z.ZodType): unknown {
  const shape = shapeOf(schema) as ReturnType<typeof shapeOf> & {
    readonly defaultValue?: unknown;
    readonly entries?: Readonly<Record<string, unknown>>;
  };
  if (shape.type === 'default' || shape.type === 'prefault') return structuredClone(shape.defaultValue);
  if (shape.type === 'readonly') return blankOf(shape.innerType);
  if (shape.type === 'pipe') return blankOf(shapeOf(shape.in).type === 'transform' ? shape.out : shape.in);
  if (shape.type === 'enum') return Object.values(shape.entries ?? {})[0];
  if (shape.type === 'literal') return shape.values[0];
  if (shape.type === 'union') return blankOf(shape.options[0]!);
  if (shape.type === 'object')
    return Object.fromEntries(Object.entries(shape.shape).map(([key, field]) => [key, blankOf(field)]));
  return EMPTY[shape.type]?.();
}
