import type { Book } from '../book/index.ts';
import type { ChangeInput } from '../changes/index.ts';
import { supplySchema, type Supply } from '../cupboard/index.ts';
import type { ActivityContent, ContentPart } from '../library/index.ts';
import type { Block } from '../house/index.ts';
import { asName, MAX_LINE_LENGTH, type MeasureId } from '../measure/index.ts';
import { blockAt, freeBlock, whereAt, type PutSpot, type Reading } from '../reading/index.ts';
import { contentWritten, type Placement } from '../unit/index.ts';
import { factIn, type Fact } from './facts.ts';
import type { Jotting } from './line.ts';

/** A thing of a line: the supply that it means, or one that is begun. */
export interface JottedThing {
  readonly supply: Supply;
  readonly amount: number;
  readonly each: boolean;
  /** Not in the cupboard: begun with it, and nobody has looked at it yet. */
  readonly isNew: boolean;
}

type SupplyInput = Extract<ChangeInput, { type: 'cupboard/put-supply' }>['supply'];
type ThingFact = Extract<Fact, { kind: 'thing' }>;

/**
 * The supply that a name means: called so, or so but for being one or many; else the only one whose name ends so, as craft feathers
 * do for feathers. Among several the one that is counted as the amount is; null when none is, or when two would do.
 */
export function supplyNamed(book: Book, name: string, unit: MeasureId | null = null): Supply | null {
  const wanted = singular(name);
  const kept = Object.values(book.supplies).filter(({ retired }) => !retired);
  const called = (test: (one: string) => boolean): readonly Supply[] =>
    kept.filter((supply) => [supply.name, supply.name.split(',')[0]!].some((one) => test(singular(one))));
  const ways = [
    kept.filter((supply) => asName(supply.name) === asName(name)),
    called((one) => one === wanted),
    called((one) => one.endsWith(` ${wanted}`)),
  ];
  const named = ways.find(({ length }) => length > 0) ?? [];
  const fit = named.filter((supply) => unit === null || supply.unit === unit);
  return fit.length === 1 ? fit[0]! : null;
}

// As plain as plurals can be told without knowing words: kites, boxes, berries.
const singular = (name: string): string =>
  asName(name)
    .replace(/ies$/, 'y')
    .replace(/(ss|x|ch|sh)es$/, '$1')
    .replace(/([^s])s$/, '$1');

/** What a line needs, and what of it the cupboard does not have. */
export function thingsOf(book: Book, { facts }: Jotting, newId: () => string): readonly JottedThing[] {
  return facts
    .filter((fact): fact is ThingFact => fact.kind === 'thing')
    .map(({ name, amount, unit, each }) => {
      const known = supplyNamed(book, name, unit) ?? (unit === 'piece' ? null : weighed(book, name, unit));
      if (known) return { supply: known, amount: inUnitOf(known, amount, unit), each, isNew: false };
      return { supply: supplyBegun(book, `supply-${newId()}`, name, unit), amount, each, isNew: true };
    });
}

// Kept by weight and written by volume, or the other way round, where somebody weighed it.
function weighed(book: Book, name: string, unit: MeasureId): Supply | null {
  const other = unit === 'mL' ? 'g' : unit === 'g' ? 'mL' : null;
  const supply = other && supplyNamed(book, name, other);
  return supply?.gramsPerMl ? supply : null;
}
const inUnitOf = (supply: Supply, amount: number, unit: MeasureId): number => {
  if (supply.unit === unit) return amount;
  return supply.unit === 'g' ? amount * supply.gramsPerMl! : amount / supply.gramsPerMl!;
};

/**
 * A supply that is begun from a line. Where the house has something like it, that one's kind, properties and allergens are taken until
 * somebody looks; of anything else no more is known than its name, and what is counted stays, what is poured or weighed is used up.
 * @param unknown what is said of it where nothing is like it.
 */
export function supplyBegun(
  book: Book,
  id: string,
  name: string,
  unit: MeasureId,
  unknown: Pick<SupplyInput, 'category' | 'use'> | null = null,
): Supply {
  const like = likeOf(book, name, unit);
  const known = like && {
    ...{ category: like.category, use: like.use, properties: like.properties, gramsPerMl: like.gramsPerMl },
    ...{ allergens: like.allergens, mayContain: like.mayContain, takenFrom: like.name },
  };
  return supplySchema.parse({
    ...{ id, version: 0, name: name.slice(0, 120), unit, use: unit === 'piece' ? 'reusable' : 'consumable' },
    ...{ keptIn: null, allergens: [] },
    ...(known ?? unknown),
  });
}

// What ends with the same word, as tram wheels and wagon wheels do; of several, what shares most words, by name.
function likeOf(book: Book, name: string, unit: MeasureId): Supply | null {
  const words = wordsOf(name);
  const shared = (supply: Supply): number =>
    wordsOf(supply.name.split(',')[0]!).filter((one) => words.includes(one)).length;
  return (
    Object.values(book.supplies)
      .filter((one) => !one.retired && one.unit === unit && one.takenFrom === null && one.inside === null)
      .filter((one) => wordsOf(one.name.split(',')[0]!).at(-1) === words.at(-1))
      .toSorted((x, y) => shared(y) - shared(x) || (x.name < y.name ? -1 : 1))[0] ?? null
  );
}
const wordsOf = (name: string): readonly string[] => asName(name).split(' ').map(singular);

/** A thing by name with how much of it, as one writes it: `6 sponges each`, or `sponge` for one. Null for what says neither. */
export function thingNamed(book: Book, text: string, newId: () => string): JottedThing | null {
  const fact = factIn(text) ?? factIn(`1 ${text.trim()}`);
  if (fact?.kind !== 'thing') return null;
  return (
    thingsOf(book, { title: '', day: null, corner: null, time: null, facts: [fact], rest: [] }, newId)[0] ??
    null
  );
}

/** The content that a line writes into a plan. */
export function contentOfLine(
  { title, facts, rest }: Pick<Jotting, 'title' | 'facts' | 'rest'>,
  things: readonly JottedThing[],
): ActivityContent {
  const part: Record<string, unknown> = { summary: rest.join(', ') };
  for (const fact of facts) Object.assign(part, partOf(fact, title));
  const materials = things.map(({ supply, amount, each }) => ({
    ...{ supplyId: supply.id, amount, for: { kind: each ? 'child' : 'all' }, every: 'span', spare: 'none' },
  }));
  return contentWritten(title, { ...part, materials } as ContentPart);
}

function partOf(fact: Fact, title: string): ContentPart {
  switch (fact.kind) {
    case 'minutes':
      return { turnMinutes: fact.minutes as never };
    case 'at-once':
      return { atOnce: fact.count };
    case 'mess':
      return { mess: fact.mess };
    case 'place':
      return { place: fact.place };
    case 'mode':
      return { mode: fact.mode };
    case 'energy':
      return { energy: fact.energy };
    case 'ages': {
      const { fromMonths, untilMonths } = fact;
      return {
        versions: [{ id: 'v1', fromMonths, untilMonths, does: title, say: '' }],
      } as unknown as ContentPart;
    }
    case 'thing':
      return {};
  }
}

type Where = Placement['where'];
/** Into which place lines are written: one that finds its days and block itself, or one that was chosen to the block. */
export type JotPlace = PutSpot | { readonly kind: 'at'; readonly where: Where };

/**
 * The changes that write lines into a unit, as one act: what the cupboard does not have is begun, then each stands at its place. A
 * line that says a day stands in a block of that day in which nothing stands, one that says a corner in that corner; every other at
 * `place`. What is said of a day after the unit's end waits in the reserve. `headings` are those for which all of them count.
 */
export function jotChanges(
  book: Book,
  reading: Reading,
  jottings: readonly Jotting[],
  place: JotPlace,
  newId: () => string,
  headings: readonly string[] = [],
): readonly ChangeInput[] {
  const { frame, placements, shelf } = reading;
  const changes: ChangeInput[] = [];
  const begun = new Map<string, Supply>();
  const standing: { readonly where: Where }[] = [...placements];
  for (const jotting of jottings) {
    const at = placeOf(jotting, place, frame, shelf);
    const found = at.kind === 'at' ? at.where : whereAt(at, null, reading);
    const { time } = jotting;
    const where = whereSaid(
      at,
      found,
      time,
      () => freeBlock(standing, found.kind === 'day' ? found.day : 1, frame).id,
      frame,
    );
    standing.push({ where });
    const things = thingsOf(book, jotting, newId).map((thing) => begunOnce(thing, begun, changes));
    // A time that means nothing where it stands is a part of what was written.
    const isTold = time === null || where.kind === 'day' || where.kind === 'event';
    const content = contentOfLine(
      isTold ? jotting : { ...jotting, title: `${time} ${jotting.title}`.slice(0, MAX_LINE_LENGTH) },
      things,
    );
    const isModeSaid = jotting.facts.some(({ kind }) => kind === 'mode');
    changes.push({
      ...{ type: 'unit/write', id: `put-${newId()}`, unitId: frame.unit.id, where },
      content: { ...content, ...(isModeSaid ? {} : { mode: modeAt(where) }), headings: [...headings] },
    });
  }
  return changes;
}

// A time that is said decides over what is free.
function whereSaid(
  at: JotPlace,
  found: Where,
  time: Jotting['time'],
  freeBlockId: () => Block['id'],
  { home }: Reading['frame'],
): Where {
  if (found.kind === 'event') return time === null ? found : { ...found, start: time };
  if (found.kind !== 'day') return found;
  if (time !== null) return { ...found, blockId: blockAt(home, time).id };
  return at.kind === 'day' ? { ...found, blockId: freeBlockId() } : found;
}

// Two lines that name the same new thing mean one.
function begunOnce(thing: JottedThing, begun: Map<string, Supply>, changes: ChangeInput[]): JottedThing {
  if (!thing.isNew) return thing;
  const key = `${asName(thing.supply.name)} ${thing.supply.unit}`;
  const before = begun.get(key);
  if (before) return { ...thing, supply: before };
  begun.set(key, thing.supply);
  changes.push({ type: 'cupboard/put-supply', supply: thing.supply });
  return thing;
}

function placeOf(
  { day, corner }: Jotting,
  place: JotPlace,
  { unit }: Reading['frame'],
  shelf: Reading['shelf'],
): JotPlace {
  if (day !== null) return day >= 1 && day <= unit.dayCount ? { kind: 'day', day } : { kind: 'reserve' };
  const cubby = shelf.find((one) => corner !== null && asName(one.corner.name) === asName(corner));
  return cubby ? { kind: 'corner', cornerId: cubby.corner.id } : place;
}

// What stands on a day is for everyone at once, until somebody says otherwise; what stands in a corner is open.
const modeAt = ({ kind }: Where): ActivityContent['mode'] =>
  kind === 'day' || kind === 'event'
    ? 'whole-group'
    : kind === 'bin'
      ? 'bin'
      : kind === 'reserve'
        ? 'reserve'
        : 'open-corner';
