import type { z } from 'zod';

// What the leaves of entities may look like; each schema takes of it what it accepts.
const TEXTS = [
  ...['x', 'Kite', 'A kite — “Drachen”, 3 m', 'two\nlines\tand “more”', 'kite-1', 'a0', 'Zk3', 'home', 'EUR'],
  ...['2027-03-08', '2027-03-12', '2024-02-29', '2027-03-11T09:40:00.000Z', '2027-03-11T10:10:00.000Z'],
  ...['09:30', '10:00', '12:30', '17:30', 'America/Chicago', 'https://example.org/kites', '#c94f4f'],
  ...['ab'.repeat(32), 'kites@example.org', 'unit-kites-1:p1', 'tick-1:2:3', '1-2, 4', 'kite-1:3'],
  ...['K AY1 T', 'L AE1 N T ER0 N'],
];
// Where nothing else fits.
const RARE = [
  'milk',
  'egg',
  'tree-nuts',
  'wheat',
  'gluten',
  'sesame',
  'latex',
  'wool',
  'own:kiwi',
  'number/money',
  'subjects/science',
];
const NUMBERS = [
  0, 1, 2, 3, 4, 5, 6, 7, 12, 18, 24, 30, 36, 48, 60, 90, 200, 365, 500, 0.5, 2.5, 0.001, 1000, 70_000, -1,
  -12.25,
];
/** What the leaves of values are taken from. */
export interface Leaves {
  readonly texts: readonly unknown[];
  readonly numbers: readonly unknown[];
  readonly fitting: WeakMap<z.ZodType, readonly unknown[]>;
}
const ORDINARY: Leaves = { texts: TEXTS, numbers: NUMBERS, fitting: new WeakMap() };
/** The same, and what a schema may accept that is hard to keep: signs of two halves, one of them alone, the ends of the numbers. */
export const EXTREME: Leaves = {
  texts: [
    ...TEXTS,
    ...['\u{1F9D1}\u200D\u{1F91D}\u200D\u{1F9D1} flies', 'n\u0303 and \u00F1', 'half \uD83E of a sign'],
    ...['constructor', `'; "-- %`],
  ],
  numbers: [
    ...NUMBERS,
    ...[1e-7, 0.1 + 0.2, 1e21, 2 ** 40, Number.MAX_SAFE_INTEGER, Number.MIN_SAFE_INTEGER, Number.MAX_VALUE],
  ],
  fitting: new WeakMap(),
};
const KEYS = ['1', '2', '3', '4', '5', '6', '7', 'a', 'kites', 'unit-1'];

type Random = () => number;
const oneOf = <T>(random: Random, list: readonly T[]): T => list[Math.floor(random() * list.length)]!;
const accepts = (schema: z.ZodType, value: unknown): boolean => schema.safeParse(value).success;

// The parts of a schema's definition that are looked at here.
interface Def {
  readonly type: string;
  readonly innerType: z.ZodType;
  readonly element: z.ZodType;
  readonly in: z.ZodType;
  readonly shape: Readonly<Record<string, z.ZodType>>;
  readonly options: readonly z.ZodType[];
  readonly items: readonly z.ZodType[];
  readonly entries: Readonly<Record<string, unknown>>;
  readonly values: readonly unknown[];
  readonly keyType: z.ZodType;
  readonly valueType: z.ZodType;
}
const defOf = (schema: z.ZodType): Def => schema._zod.def as unknown as Def;

/**
 * A value in the shape of a schema with everything filled in that may be: no null, no empty list, nothing left out. Rules over
 * several fields are not followed: see {@link filledFrom}.
 * @throws {Error} for a kind of schema, or a leaf, of which it knows nothing that fits.
 */
function shapedLike(schema: z.ZodType, random: Random, leaves: Leaves): unknown {
  const def = defOf(schema);
  const inner = (one: z.ZodType): unknown => shapedLike(one, random, leaves);
  switch (def.type) {
    case 'string':
    case 'custom':
      return fitting(schema, leaves.texts, random, leaves.fitting);
    case 'number':
    case 'int':
      return fitting(schema, leaves.numbers, random, leaves.fitting);
    case 'boolean':
      return random() < 0.5;
    case 'enum':
      return oneOf(random, Object.values(def.entries));
    case 'literal':
      return oneOf(random, def.values);
    case 'null':
    case 'unknown':
      return null;
    case 'nullable':
    case 'optional':
    case 'default':
    case 'prefault':
    case 'readonly':
      return inner(def.innerType);
    case 'pipe':
      return isText(def.in) ? fitting(schema, leaves.texts, random, leaves.fitting) : inner(def.in);
    case 'array':
      return Array.from({ length: 1 + Math.floor(random() * 2) }, () => inner(def.element));
    case 'tuple':
      return def.items.map(inner);
    case 'object':
      return Object.fromEntries(Object.entries(def.shape).map(([name, field]) => [name, inner(field)]));
    case 'record': {
      const keys = [...new Set([0, 1].map(() => fittingKey(def.keyType, random, leaves)))];
      return Object.fromEntries(keys.map((key) => [key, inner(def.valueType)]));
    }
    case 'union':
      return inner(
        oneOf(
          random,
          def.options.filter((one) => defOf(one).type !== 'null'),
        ),
      );
    default:
      throw new Error(`nothing is known of a schema of type ${def.type}`);
  }
}

const isText = (schema: z.ZodType): boolean => defOf(schema).type === 'string';

function fitting(
  schema: z.ZodType,
  from: readonly unknown[],
  random: Random,
  knownBefore: Leaves['fitting'],
): unknown {
  const known = knownBefore.get(schema) ?? fittingIn(schema, from);
  knownBefore.set(schema, known);
  if (known.length === 0) throw new Error(`nothing known fits ${JSON.stringify(defOf(schema))}`);
  return oneOf(random, known);
}

function fittingIn(schema: z.ZodType, from: readonly unknown[]): readonly unknown[] {
  const usual = from.filter((one) => accepts(schema, one));
  return usual.length > 0 ? usual : RARE.filter((one) => accepts(schema, one));
}

const keysFitting: Leaves['fitting'] = new WeakMap();
const fittingKey = (schema: z.ZodType, random: Random, leaves: Leaves): string =>
  defOf(schema).type === 'string'
    ? String(fitting(schema, KEYS, random, keysFitting))
    : String(shapedLike(schema, random, leaves));

const MOST_TRIES = 200;
const MOST_MENDS = 30;

type Path = readonly PropertyKey[];

// What breaks a rule over several fields gets another value; what still does is left out: null, or one fewer in a list.
function mended(value: unknown, path: Path, random: Random, isLast: boolean): void {
  const parents = path
    .slice(0, -1)
    .reduce<unknown[]>((all, key) => [...all, (all.at(-1) as never)[key]], [value]);
  const holder = parents.at(-1) as Record<PropertyKey, unknown> | unknown[];
  const key = path.at(-1)!;
  if (Array.isArray(holder)) {
    holder.splice(Number(key), 1);
    return;
  }
  const current = holder[key];
  if (isLast) holder[key] = Array.isArray(current) ? [] : null;
  else if (typeof current === 'number') holder[key] = oneOf(random, NUMBERS);
  else if (Array.isArray(current) && current.length > 0) current.pop();
  else holder[key] = typeof current === 'string' ? oneOf(random, TEXTS) : null;
}

function triedFrom<T>(schema: z.ZodType<T>, random: Random, leaves: Leaves): T | z.core.$ZodError {
  const value = { value: structuredClone(shapedLike(schema, random, leaves)) };
  for (let i = 0; ; i += 1) {
    const parsed = schema.safeParse(value.value);
    if (parsed.success) return parsed.data;
    const { path } = parsed.error.issues[0]!;
    if (i === MOST_MENDS || path.length === 0) return parsed.error;
    mended(value, ['value', ...path], random, i > MOST_MENDS / 2);
  }
}

/**
 * A value that a schema accepts, with everything filled in that may be, read by it. Where a rule over several fields forbids
 * that, only what it names is left out.
 * @throws {Error} when none of many tries is accepted, with what was wrong with the last.
 */
export function filledFrom<T>(schema: z.ZodType<T>, random: Random, leaves = ORDINARY): T {
  let last: z.core.$ZodError | null = null;
  for (let i = 0; i < MOST_TRIES; i += 1) {
    const tried = triedFrom(schema, random, leaves);
    if (!(tried instanceof Error) && !isZodError(tried)) return tried;
    last = tried as z.core.$ZodError;
  }
  throw new Error(`nothing was accepted: ${last?.message}`);
}

const isZodError = (value: unknown): value is z.core.$ZodError =>
  typeof value === 'object' && value !== null && '_zod' in value && 'issues' in value;
