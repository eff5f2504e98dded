import type { z } from 'zod';
import { kindNamedBy } from './ids.ts';
import { bare, shapeOf } from './shape.ts';

/** Where in an entity something stands: names of fields and places in lists. */
export type Path = readonly (string | number)[];

/** A reference that an entity holds, as its schema tells: the kind and the id that it names, and where it stands. */
export interface NamedAt {
  readonly kind: string;
  readonly id: string;
  readonly path: Path;
}

type Finder = (value: unknown, path: Path, found: NamedAt[]) => void;

/**
 * Finds the references that a schema's values hold: every id made with `idOf`, wherever it stands. The schema is gone through
 * once; what holds no id is not looked into again. An entity's own id, the field `id` at the top, is no reference.
 * @throws {Error} for ids in a union whose shapes no field tells apart.
 */
export function referencesIn(schema: z.ZodType): (entity: object) => readonly NamedAt[] {
  const { id: _own, ...fields } = shapeOf(bare(schema)).shape;
  const finder = ofFields(fields);
  return (entity) => {
    const found: NamedAt[] = [];
    finder?.(entity, [], found);
    return found;
  };
}

function finderOf(schema: z.ZodType): Finder | null {
  const kind = kindNamedBy(schema);
  if (kind !== null) return (value, path, found) => found.push({ kind, id: value as string, path });
  const inner = bare(schema);
  if (inner !== schema) return finderOf(inner);
  const shape = shapeOf(schema);
  if (shape.type === 'object') return ofFields(shape.shape);
  if (shape.type === 'array') return ofList(finderOf(shape.element));
  if (shape.type === 'record') return ofRecord(finderOf(shape.valueType));
  return shape.type === 'union' ? ofUnion(shape.options, shape.discriminator) : null;
}

function ofFields(fields: Readonly<Record<string, z.ZodType>>): Finder | null {
  const finders = Object.entries(fields).flatMap(([name, schema]) => {
    const finder = finderOf(schema);
    return finder ? [[name, finder] as const] : [];
  });
  if (finders.length === 0) return null;
  return (value, path, found) => {
    for (const [name, finder] of finders) {
      const inner = (value as Readonly<Record<string, unknown>>)[name];
      if (inner !== null && inner !== undefined) finder(inner, [...path, name], found);
    }
  };
}

const ofList = (finder: Finder | null): Finder | null =>
  finder &&
  ((value, path, found) => (value as unknown[]).forEach((one, i) => finder(one, [...path, i], found)));

const ofRecord = (finder: Finder | null): Finder | null =>
  finder &&
  ((value, path, found) => {
    for (const [key, one] of Object.entries(value as object)) finder(one, [...path, key], found);
  });

// Which of the shapes a value has is told by one of its fields.
function ofUnion(options: readonly z.ZodType[], discriminator: string | undefined): Finder | null {
  const finders = options.map(finderOf);
  if (finders.every((finder) => finder === null)) return null;
  if (discriminator === undefined) throw new Error('ids in a union need a field that tells its shapes apart');
  const byTag = new Map(
    options.flatMap((option, i) =>
      shapeOf(shapeOf(bare(option)).shape[discriminator]!).values.map((tag) => [tag, finders[i]!] as const),
    ),
  );
  return (value, path, found) =>
    byTag.get((value as Readonly<Record<string, unknown>>)[discriminator])?.(value, path, found);
}

/** Whether something stands in a list, so that its entry can go without the rest. */
export const isInList = (path: Path): boolean => path.some((step) => typeof step === 'number');

/** A value without the innermost list entries that some paths lead through. */
export function withoutEntries<T>(value: T, paths: readonly Path[]): T {
  const copy = structuredClone(value);
  const entries = paths.map((path) =>
    path.slice(0, path.findLastIndex((step) => typeof step === 'number') + 1),
  );
  // An entry that holds two of them goes once.
  const once = [...new Map(entries.map((path) => [path.join('.'), path])).values()];
  // From the end of each list: places before what is taken out stay what they are.
  for (const path of once.toReversed()) {
    const list = path.slice(0, -1).reduce<unknown>((inner, step) => (inner as never)[step], copy);
    (list as unknown[]).splice(path.at(-1) as number, 1);
  }
  return copy;
}
