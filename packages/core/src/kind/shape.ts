import type { z } from 'zod';

/** The parts of a schema's own description that are looked at here. */
export interface Shape {
  readonly type: string;
  readonly innerType: z.ZodType;
  readonly out: z.ZodType;
  readonly in: z.ZodType;
  readonly element: z.ZodType;
  readonly shape: Readonly<Record<string, z.ZodType>>;
  readonly options: readonly z.ZodType[];
  readonly items: readonly z.ZodType[];
  readonly discriminator?: string;
  readonly valueType: z.ZodType;
  readonly values: readonly unknown[];
}

/** What a schema says about itself. */
export const shapeOf = (schema: z.ZodType): Shape => schema._zod.def as unknown as Shape;

const WRAPPERS: ReadonlySet<string> = new Set(['nullable', 'optional', 'default', 'prefault', 'readonly']);

/** A schema without what only says that its value may be missing, or where it comes from. */
export function bare(schema: z.ZodType): z.ZodType {
  const shape = shapeOf(schema);
  if (WRAPPERS.has(shape.type)) return bare(shape.innerType);
  if (shape.type !== 'pipe') return schema;
  return bare(shapeOf(shape.out).type === 'transform' ? shape.in : shape.out);
}
