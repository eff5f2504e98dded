import { MAX_AGE_MONTHS, type ContentPart } from '../library/index.ts';
import { amountAhead, asName, measureOf, parseAmount, type MeasureId } from '../measure/index.ts';
import { numberWord } from '../verses/index.ts';

/** Something that a part of a line was understood to say. */
export type Fact =
  | { readonly kind: 'minutes'; readonly minutes: number }
  | { readonly kind: 'at-once'; readonly count: number }
  | { readonly kind: 'mess'; readonly mess: NonNullable<ContentPart['mess']> }
  | { readonly kind: 'place'; readonly place: NonNullable<ContentPart['place']> }
  | { readonly kind: 'mode'; readonly mode: NonNullable<ContentPart['mode']> }
  | { readonly kind: 'energy'; readonly energy: NonNullable<ContentPart['energy']> }
  | { readonly kind: 'ages'; readonly fromMonths: number; readonly untilMonths: number | null }
  | {
      readonly kind: 'thing';
      readonly name: string;
      readonly amount: number;
      readonly unit: MeasureId;
      readonly each: boolean;
    };

// From one to twelve, as in the texts of songs.
const NUMBERS = Array.from({ length: 12 }, (_, i) => numberWord(i + 1));
const withDigits = (text: string): string =>
  text.replace(/^(?:an?|one|two|three|four|five|six|seven|eight|nine|ten|eleven|twelve)(?=\s)/i, (word) =>
    String(Math.max(1, NUMBERS.indexOf(word.toLowerCase()) + 1)),
  );

const WORDS: ReadonlyMap<string, Fact> = new Map<string, Fact>([
  ['messy', { kind: 'mess', mess: 'messy' }],
  ['some mess', { kind: 'mess', mess: 'some' }],
  ['a little messy', { kind: 'mess', mess: 'some' }],
  ['clean', { kind: 'mess', mess: 'clean' }],
  ['no mess', { kind: 'mess', mess: 'clean' }],
  ['outdoors', { kind: 'place', place: 'outdoors' }],
  ['outside', { kind: 'place', place: 'outdoors' }],
  ['indoors', { kind: 'place', place: 'indoors' }],
  ['inside', { kind: 'place', place: 'indoors' }],
  ['indoors or outdoors', { kind: 'place', place: 'either' }],
  ['inside or outside', { kind: 'place', place: 'either' }],
  ['whole group', { kind: 'mode', mode: 'whole-group' }],
  ['all together', { kind: 'mode', mode: 'whole-group' }],
  ['everyone together', { kind: 'mode', mode: 'whole-group' }],
  ['small group', { kind: 'mode', mode: 'small-group' }],
  ['a few at a time', { kind: 'mode', mode: 'small-group' }],
  ['half an hour', { kind: 'minutes', minutes: 30 }],
  ['quarter of an hour', { kind: 'minutes', minutes: 15 }],
  ['calm', { kind: 'energy', energy: 'calm' }],
  ['quiet', { kind: 'energy', energy: 'calm' }],
  ['lively', { kind: 'energy', energy: 'lively' }],
]);

const MOST_MINUTES = 24 * 60;
const YEAR = 12;

/**
 * What one part of a line says, between its commas; null when it says none of these. The rules, in their order:
 *
 * - one of a few words: `messy`, `outdoors`, `whole group`, `calm` and their likes;
 * - minutes or hours: `20 min`, `an hour`, `1 1/2 hours`;
 * - how many at once: `2 at once`, `three at a time`;
 * - ages: `from 2 years`, `from 18 months`, `3 to 5 years`, `under 3 years`;
 * - an amount and what of: `6 sponges`, `500 g sand`, `two cups of rice`, with `each` for every child.
 */
export function factIn(part: string): Fact | null {
  const text = withDigits(asName(part));
  return WORDS.get(asName(part)) ?? minutesIn(text) ?? atOnceIn(text) ?? agesIn(text) ?? thingIn(part);
}

function minutesIn(text: string): Fact | null {
  const ahead = amountAhead(text);
  const unit = ahead?.rest.replace(/\.$/, '');
  const factor =
    unit && /^min(?:ute)?s?$/.test(unit) ? 1 : unit && /^h(?:our|ours|rs?)?$/.test(unit) ? 60 : 0;
  const amount = ahead ? parseAmount(ahead.amount, 'piece') : null;
  if (factor === 0 || !amount?.ok) return null;
  const minutes = Math.round(amount.quantity.amount * factor);
  return minutes > 0 && minutes <= MOST_MINUTES ? { kind: 'minutes', minutes } : null;
}

function atOnceIn(text: string): Fact | null {
  const [, digits] = /^(\d{1,2}) (?:children )?at (?:once|a time|the same time)$/.exec(text) ?? [];
  const count = Number(digits);
  return digits && count >= 1 && count <= 30 ? { kind: 'at-once', count } : null;
}

function agesIn(text: string): Fact | null {
  const found =
    /^(?:from |ages? )?(\d{1,3})(?: ?(?:to|-|–) ?(\d{1,3}))? ?(years?|y|months?|m)(?: (?:old|and up|on|up))?$/.exec(
      text,
    );
  const under = /^(?:under|until|up to) (\d{1,3}) ?(years?|y|months?|m)$/.exec(text);
  const inMonths = (digits: string, unit: string): number =>
    Number(digits) * (unit.startsWith('y') ? YEAR : 1);
  if (under) return agesFact(0, inMonths(under[1]!, under[2]!));
  if (!found) return null;
  const [, first, last, unit] = found as unknown as [string, string, string | undefined, string];
  // A last year is a whole one: who is five is in “3 to 5 years”.
  const until = last === undefined ? null : inMonths(String(Number(last) + 1), unit);
  return agesFact(inMonths(first, unit), until);
}

const agesFact = (fromMonths: number, untilMonths: number | null): Fact | null =>
  fromMonths <= MAX_AGE_MONTHS &&
  (untilMonths === null || (fromMonths < untilMonths && untilMonths <= MAX_AGE_MONTHS))
    ? { kind: 'ages', fromMonths, untilMonths }
    : null;

// A number before one of these counts something else than things.
const COUNTS_OTHER =
  /^(?:min(?:ute)?s?|h(?:our)?s?|hrs?|years?|months?|weeks?|days?|times?|children|kids|babies|adults?|people|helpers?|groups?|at|to|of|or|and|each|per|in|on|for|by|with|more|less|x|st|nd|rd|th|am|pm)(?![\p{L}\p{N}])/iu;
// Longer than any name of a thing, shorter than a title may be.
const MOST_NAME = 100;
const EACH = /[\s(]+(?:each|per child|for each(?: child)?|a child)\)?$/i;

function thingIn(part: string): Fact | null {
  const text = withDigits(part.trim().replaceAll(/\s+/g, ' '));
  const each = EACH.test(text);
  const ahead = amountAhead(each ? text.replace(EACH, '') : text);
  const word = ahead?.amount.replace(/^[^\p{L}]+/u, '') ?? '';
  const unit = (word && measureOf(word)) || 'piece';
  const amount = ahead && parseAmount(ahead.amount, unit);
  if (!ahead || !amount?.ok || amount.quantity.amount <= 0) return null;
  if (COUNTS_OTHER.test(ahead.rest)) return null;
  if (!/^\p{L}/u.test(ahead.rest) || ahead.rest.length > MOST_NAME) return null;
  return { kind: 'thing', name: ahead.rest, amount: amount.quantity.amount, unit, each };
}

/** A fact as it would be written, so that it is understood as the same. */
export function factText(fact: Fact): string {
  switch (fact.kind) {
    case 'minutes':
      return `${fact.minutes} min`;
    case 'at-once':
      return `${fact.count} at once`;
    case 'mess':
      return { messy: 'messy', some: 'some mess', clean: 'clean' }[fact.mess];
    case 'place':
      return { outdoors: 'outdoors', indoors: 'indoors', either: 'indoors or outdoors' }[fact.place];
    case 'mode':
      return fact.mode === 'small-group' ? 'small group' : 'whole group';
    case 'energy':
      return fact.energy === 'lively' ? 'lively' : 'calm';
    case 'ages':
      return agesText(fact.fromMonths, fact.untilMonths);
    case 'thing': {
      const unit = fact.unit === 'piece' ? '' : ` ${fact.unit}`;
      return `${fact.amount}${unit} ${fact.name}${fact.each ? ' each' : ''}`;
    }
  }
}

function agesText(from: number, until: number | null): string {
  if (until === null) return from % YEAR === 0 ? `from ${from / YEAR} years` : `from ${from} months`;
  if (from === 0) return until % YEAR === 0 ? `under ${until / YEAR} years` : `under ${until} months`;
  const isYears = from % YEAR === 0 && until % YEAR === 0;
  return isYears ? `${from / YEAR} to ${until / YEAR - 1} years` : `${from} to ${until - 1} months`;
}
