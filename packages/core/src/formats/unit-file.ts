import equal from 'fast-deep-equal';
import { z } from 'zod';
import {
  homeOf,
  kindOf,
  refKey,
  referencesOf,
  type Book,
  type Entity,
  type EntityOf,
  type EntityRef,
  type Kind,
} from '../book/index.ts';
import type { Supply } from '../cupboard/index.ts';
import { isOwnAllergen, type Home } from '../house/index.ts';
import type { Activity, Recipe, Sheet } from '../library/index.ts';
import { asName, lineSchema, replacedInTexts, textSchema, wholeWords } from '../measure/index.ts';
import {
  eventDay,
  readyUnitSchema,
  unitDays,
  type CirclePiece,
  unfilledContent,
  type PlacedCopy,
  type ReadyUnit,
  type Unit,
  type UnitId,
} from '../unit/index.ts';

/** The format of the file of a unit. It counts up when what stands in it means something else. */
export const UNIT_FORMAT = 1;
export const UNIT_FORMAT_NAME = 'kobby-unit';

/** The kinds that go along with a unit, in the order in which they are taken in. Everything else stays at home. */
export const UNIT_FILE_KINDS = [
  'supplies',
  'bookTitles',
  'sheets',
  'songs',
  'recipes',
  'activities',
] as const;
export type UnitFileKind = (typeof UNIT_FILE_KINDS)[number];

/** What the giver says about it. */
export const givenBySchema = z.object({
  /** From whom it is, in the giver's own words; empty when they would rather not say. */
  from: z.literal('').or(lineSchema),
  /** What others may do with it, in the giver's own words. */
  licence: textSchema,
});
export type GivenBy = z.infer<typeof givenBySchema>;

/** A unit to give away: what it is, with all of the library that it stands on. */
export const unitFileSchema = z.object({
  format: z.literal(UNIT_FORMAT_NAME, 'This is not the file of a unit'),
  version: z.int().min(1),
  ...givenBySchema.shape,
  /** Where single things in it are from, as their entries say. */
  sources: z.array(z.object({ title: z.string(), source: z.string() })),
  unit: readyUnitSchema,
  /** The files of its sheets, by the checksum under which their sheets name them: base64. */
  files: z
    .array(
      z.object({
        sha256: z.string().regex(/^[0-9a-f]{64}$/, 'This is not a checksum'),
        name: z.string().max(120),
        content: z.base64('This is not the content of a file'),
      }),
    )
    .max(200)
    .default([]),
  entries: z.object(
    Object.fromEntries(
      UNIT_FILE_KINDS.map((kind) => [kind, z.array(kindOf(kind).schema).max(2000)]),
    ) as unknown as { [K in UnitFileKind]: z.ZodArray<z.ZodType<EntityOf<K>>> },
  ),
});
export type UnitFile = z.infer<typeof unitFileSchema>;

/**
 * A unit of the book as it is given to another home: its spark, things, lines, events and what stands in it, with the activities
 * as they were filled in there, their recipes, songs, books, sheets, and what they need. It is made anew from fields that are
 * listed, not by leaving some out, and every name of a child, a person or the home is taken from its texts. No child, person, note,
 * record, shop or price is in it; what stood in the bin of one child waits in the reserve.
 * @throws {Error} when the book has no such unit.
 */
export function unitFileOf(book: Book, unitId: UnitId, { from, licence }: GivenBy): UnitFile {
  const unit = book.units[unitId];
  if (!unit) throw new Error(`no such unit: ${unitId}`);
  const placements = Object.values(book.placements).filter(
    (one) => one.unitId === unitId && one.where.kind !== 'twin',
  );
  const given = new GivenActivities(book);
  const ready = readyOf(book, unit, placements, given);
  const start = referencesOf('readyUnits', ready).map(({ target }) => target);
  const entries = closureOf(book, start, given);
  const nameless = withoutNames(book);
  const stripped = Object.fromEntries(
    UNIT_FILE_KINDS.map((kind) => [
      kind,
      entries[kind].map((one) => nameless(kindOf(kind).schema, asGiven(kind, one))),
    ]),
  ) as UnitFile['entries'];
  return unitFileSchema.parse({
    format: UNIT_FORMAT_NAME,
    version: UNIT_FORMAT,
    from,
    licence,
    sources: sourcesIn(stripped),
    unit: nameless(readyUnitSchema, ready),
    entries: stripped,
  });
}

/** The activities of a unit as they say there, their slots open. One that says what the library says is that of the library. */
class GivenActivities {
  readonly #book: Book;
  readonly all = new Map<string, Activity>();

  constructor(book: Book) {
    this.#book = book;
  }

  idFor(copy: PlacedCopy): string {
    const content = unfilledContent(copy);
    const origin = copy.originId === null ? undefined : this.#book.activities[copy.originId];
    const activity =
      origin && equal(origin.content, content)
        ? origin
        : ({
            ...(origin ?? { version: 1, retired: false }),
            id: `given-${copy.id}`.slice(0, 64),
            content,
          } as Activity);
    this.all.set(activity.id, activity);
    return activity.id;
  }
}

function readyOf(
  book: Book,
  unit: Unit,
  placements: readonly PlacedCopy[],
  given: GivenActivities,
): ReadyUnit {
  const ofUnit = <E extends { readonly unitId: UnitId }>(table: Readonly<Record<string, E>>): E[] =>
    Object.values(table).filter((one) => one.unitId === unit.id);
  const days = unitDays(unit, homeOf(book), Object.values(book.closures));
  const events = ofUnit(book.events).flatMap((event) => {
    const at = eventDay(event, days);
    return 'day' in at ? [{ ...event, when: { kind: 'day', day: at.day } }] : [];
  });
  return readyUnitSchema.parse({
    ...unit,
    id: `given-${unit.id}`.slice(0, 64),
    version: 1,
    things: ofUnit(book.things).toSorted((a, b) => (a.order < b.order ? -1 : 1)),
    lines: ofUnit(book.dayLines),
    events,
    placements: placements.map((placement) => ({
      activityId: given.idFor(placement),
      where: readyWhere(book, placement, events),
      slots: placement.slots,
    })),
    circle: circleOf(ofUnit(book.circlePieces), homeOf(book)),
    retired: false,
  });
}

// Blocks by their place in the day; what takes the place of another piece by that one's place in the list.
function circleOf(pieces: readonly CirclePiece[], { blocks }: Home): object[] {
  const byTime = blocks.toSorted((a, b) => (a.start < b.start ? -1 : 1));
  const numberOf = (list: Home['blocks'], id: string): number => list.findIndex((one) => one.id === id) + 1;
  const momentOf = ({ moment, blockId }: CirclePiece): ReadyUnit['circle'][number]['moment'] =>
    moment === 'after'
      ? { kind: 'after', block: numberOf(byTime, blockId) }
      : {
          kind: 'circle',
          number: numberOf(
            byTime.filter(({ isCircle }) => isCircle),
            blockId,
          ),
        };
  const known = pieces.filter((piece) => !Object.values(momentOf(piece)).includes(0));
  const everyDay = new Set(known.filter(({ insteadOf }) => insteadOf === null).map(({ id }) => id));
  const listed = known
    .filter(({ insteadOf }) => insteadOf === null || everyDay.has(insteadOf))
    .toSorted((a, b) => (a.order < b.order ? -1 : 1));
  return listed.map((piece) => ({
    ...piece,
    moment: momentOf(piece),
    insteadOf: piece.insteadOf === null ? null : listed.findIndex(({ id }) => id === piece.insteadOf),
  }));
}

function readyWhere(book: Book, { where }: PlacedCopy, events: readonly { readonly id: string }[]): object {
  if (where.kind === 'event') {
    const event = events.findIndex(({ id }) => id === where.eventId);
    return event < 0 ? { kind: 'reserve' } : { kind: 'event', event, start: where.start };
  }
  if (where.kind === 'day') return { kind: 'day', day: where.day };
  const corner = where.kind === 'corner' ? book.corners[where.cornerId] : undefined;
  if (where.kind !== 'corner' || !corner) return { kind: 'reserve' };
  return { kind: 'corner', cornerKind: corner.kind, fromDay: where.fromDay, toDay: where.toDay };
}

type Entries = { [K in UnitFileKind]: EntityOf<K>[] };

const isGiven = (kind: Kind): kind is UnitFileKind => (UNIT_FILE_KINDS as readonly Kind[]).includes(kind);

// What something refers to goes along, and what that refers to; what is made at home, with its recipe.
function closureOf(book: Book, start: readonly EntityRef[], given: GivenActivities): Entries {
  const found = Object.fromEntries(UNIT_FILE_KINDS.map((kind) => [kind, []])) as unknown as Entries;
  const seen = new Set<string>();
  const queue = [...start];
  for (let next = queue.pop(); next; next = queue.pop()) {
    const entity =
      next.kind === 'activities'
        ? (given.all.get(next.id) ?? book.activities[next.id])
        : book[next.kind][next.id];
    if (!isGiven(next.kind) || !entity || seen.has(refKey(next))) continue;
    seen.add(refKey(next));
    (found[next.kind] as Entity[]).push(entity);
    queue.push(...referencesOf(next.kind, entity as never).map(({ target }) => target));
    if (next.kind === 'supplies') queue.push(...recipesFor(book, next.id));
  }
  for (const kind of UNIT_FILE_KINDS) found[kind].sort((a, b) => (a.id < b.id ? -1 : 1));
  return found;
}

const recipesFor = (book: Book, supplyId: string): EntityRef[] =>
  Object.values(book.recipes)
    .filter(({ makesId, retired }) => makesId === supplyId && !retired)
    .map(({ id }) => ({ kind: 'recipes', id }));

// What is the home's own about an entry: where it keeps it, what it paid, what it wrote beside it.
const STRIPS: { readonly [K in UnitFileKind]: (entity: EntityOf<K>) => object } = {
  supplies: ({
    id,
    name,
    category,
    unit,
    use,
    got,
    gramsPerMl,
    inside,
    set,
    properties,
    ...rest
  }: Supply) => ({
    ...{ id, version: 1, name, category, unit, use, got, gramsPerMl, inside, set, properties, keptIn: null },
    allergens: rest.allergens.filter((one) => !isOwnAllergen(one)),
    mayContain: rest.mayContain.filter((one) => !isOwnAllergen(one)),
    glutenFree: rest.glutenFree,
    takenFrom: rest.takenFrom,
  }),
  bookTitles: ({ id, title, level, use, keptHigh, about, skills }) => ({
    ...{ id, version: 1, title, level, use, keptHigh, about, skills },
  }),
  sheets: (sheet: Sheet) => ({ ...sheet, version: 1, notes: '', keptIn: undefined }),
  songs: (song) => ({ ...song, version: 1, notes: '' }),
  recipes: (recipe: Recipe) => ({
    ...recipe,
    version: 1,
    notes: '',
    swaps: recipe.swaps.filter(({ allergen }) => allergen === null || !isOwnAllergen(allergen)),
  }),
  activities: ({ content, ...activity }: Activity) => ({
    ...activity,
    version: 1,
    content: { ...content, notes: [] },
  }),
};

/** An entry without what is the home's own about it. */
export const asGiven = <K extends UnitFileKind>(kind: K, entity: EntityOf<K>): EntityOf<K> =>
  kindOf(kind).schema.parse(STRIPS[kind](entity)) as EntityOf<K>;

/** Takes the names of everybody and of the home from texts, wherever they stand as whole words. */
function withoutNames(book: Book): <T>(schema: z.ZodType, value: T) => T {
  const children = Object.values(book.children).flatMap(({ name, shownAs }) => [name, shownAs]);
  const people = Object.values(book.people).map(({ name }) => name);
  const home = homeOf(book).name;
  const instead = new Map<string, string>([
    ...children.map((name) => [asName(name), 'a child'] as const),
    ...people.map((name) => [asName(name), 'somebody'] as const),
    [asName(home), 'a home'],
  ]);
  const pattern = wholeWords([...children, ...people, home].filter((word) => word.trim() !== ''));
  return (schema, value) => {
    const said = replacedInTexts(value, pattern, (found) => instead.get(asName(found)) ?? 'somebody');
    // A dash where the longer words do not fit: it can be read again all the same.
    return schema.safeParse(said).success ? said : replacedInTexts(value, pattern, () => '–');
  };
}

const sourcesIn = ({ activities, recipes, songs, sheets }: UnitFile['entries']): UnitFile['sources'] =>
  [
    ...activities.map(({ content: { title, source } }) => ({ title, source })),
    ...recipes.map(({ title, source }) => ({ title, source })),
    ...songs.map(({ title, source }) => ({ title, source })),
    ...sheets.map(({ title, from: source }) => ({ title, source })),
  ].filter(({ source }) => source !== '');
