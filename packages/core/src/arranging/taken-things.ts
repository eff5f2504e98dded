import type { ChangeInput } from '../changes/index.ts';
import type { Thing } from '../unit/index.ts';
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
