import type { Book } from '../book/index.ts';
import type { ChangeInput } from '../changes/index.ts';
import { supplySchema, type Supply, type WayToGet } from '../cupboard/index.ts';
import { supplyBegun } from '../jotting/index.ts';
import { nounOfThing, type KeptMember, type Thing } from '../unit/index.ts';
import type { ToldWord } from '../wire/index.ts';

type ThingInput = Extract<ChangeInput, { type: 'unit/put-thing' }>['thing'];
type Guess = Thing['guessed'][number];

/** What is filled in where somebody takes a name and nothing was said of it: parts, partner, colour and order are only offered. */
const FILLED: readonly Exclude<Guess, 'rank'>[] = ['kind', 'role', 'sizeMm', 'many'];

/**
 * A member of a theme from a name and what was looked up of it. How it is spoken and what rhymes with it stand as facts; kind, role,
 * size and many are filled in and marked as guessed.
 */
export const thingFrom = (told: ToldWord, at: Pick<Thing, 'id' | 'unitId' | 'order'>): ThingInput =>
  filledIn({ ...at, name: told.name }, told);

/** A member with what was looked up of its name: whatever somebody said of it stays. */
export const lookedUp = (thing: Thing, told: ToldWord): ThingInput =>
  filledIn({ ...thing, parts: [...thing.parts], rhymes: [], guessed: [...thing.guessed] }, told);

/** A member under another name: what was looked up of the old one goes, and what was only guessed from it. */
export function renamed(thing: Thing, name: string, told: ToldWord | null): ThingInput {
  const forgotten = Object.fromEntries(thing.guessed.map((guess) => [guess, null]));
  const bare = {
    ...thing,
    ...forgotten,
    parts: [...thing.parts],
    name,
    spoken: null,
    rhymes: [],
    guessed: [],
  };
  return told ? filledIn(bare, told) : bare;
}

function filledIn(thing: ThingInput, told: ToldWord): ThingInput {
  const filled = FILLED.filter((field) => told[field] !== null && (thing[field] ?? null) === null);
  return {
    ...thing,
    ...Object.fromEntries(filled.map((field) => [field, told[field]])),
    spoken: told.spoken,
    rhymes: [...told.rhymes],
    guessed: [...new Set([...(thing.guessed ?? []), ...filled])],
  };
}

type At = Pick<Thing, 'id' | 'unitId' | 'order'>;

/** A member that was written down before, of an earlier unit or of a kept list, as a new one at a place. */
export const takenAgain = (member: KeptMember | Thing, at: At): ThingInput => ({
  ...(structuredClone(member) as ThingInput),
  ...at,
  version: 0,
});

/** Members as they are kept in a list: all of them but where they stand. */
export const asKept = (
  things: readonly Thing[],
): Extract<ChangeInput, { type: 'unit/keep-list' }>['list']['members'] =>
  things.map(
    ({ id: _id, version: _version, unitId: _unit, order: _order, ...member }) =>
      structuredClone(member) as never,
  );

const namesOf = (thing: Pick<Thing, 'name' | 'many'>): readonly string[] => {
  const { one, many } = nounOfThing(thing);
  return [one, many].map((name) => ` ${plain(name)} `);
};
const plain = (text: string): string =>
  text
    .toLocaleLowerCase('en')
    .replaceAll(/[^\p{L}\p{N}]+/gu, ' ')
    .trim();

/** What of the cupboard may stand for a member: whatever has its name, one or many of it, as whole words in its own. */
export function standingFor(
  { supplies }: Pick<Book, 'supplies'>,
  thing: Pick<Thing, 'name' | 'many'>,
): readonly Supply[] {
  const names = namesOf(thing).filter((name) => name.trim() !== '');
  return Object.values(supplies)
    .filter((supply) => !supply.retired && names.some((name) => ` ${plain(supply.name)} `.includes(name)))
    .toSorted((a, b) => (a.name < b.name ? -1 : 1));
}

/** Something that stands for a member and is begun with it: one that is put back, to be got in a way. */
export function toyBegun(book: Book, id: string, thing: Pick<Thing, 'name' | 'many'>, got: WayToGet): Supply {
  const { one } = nounOfThing(thing);
  const name = one.charAt(0).toLocaleUpperCase('en') + one.slice(1);
  const begun = supplyBegun(book, id, name, 'piece', { category: 'toys', use: 'reusable' });
  return supplySchema.parse({ ...begun, got, use: 'reusable' });
}
