import { valueIn, type Home, type StartingValueId } from '../house/index.ts';

/**
 * What a draft weighs: the one table of it. Points compare within a draft only; an activity that fits everyone, whose things are there
 * and that was not used lately comes to about forty where it stands. `per` says for what one portion of the points is given, or taken where
 * something is missed. All are Kobby's own starting points from practice.
 */
export const DRAFT_TERMS = {
  filled: { name: 'Every place has something', points: 30, per: 'place' },
  fits: { name: 'It fits whoever is there', points: 10, per: 'place, by the share of the children' },
  leftOut: { name: 'Nobody is left out', points: 200, per: 'day on which a child has nothing at all' },
  everyDay: {
    name: 'Each child has something on each day',
    points: 9,
    per: 'day without, beside the corners',
  },
  areas: { name: 'Each child meets each area', points: 3, per: 'area that a child does not meet' },
  headings: { name: 'Each heading has what is hoped for', points: 6, per: 'thing missing' },
  theme: { name: 'It is about the theme', points: 1, per: 'point that suggestions give for it' },
  fresh: { name: 'It was not used lately', points: 1.5, per: 'point that suggestions give for it' },
  loved: { name: 'They loved it, or like such things', points: 2, per: 'point that suggestions give for it' },
  onHand: { name: 'Its things are here', points: 1, per: 'point that suggestions give for it' },
  money: { name: 'It costs little', points: 1, per: 'unit of money to be spent' },
  prep: { name: 'It takes little to prepare', points: 0.15, per: 'minute' },
  late: { name: 'It can be made ready in time', points: 0.6, per: 'minute for which there is no time' },
  twin: { name: 'Something stands in when the weather stops it', points: 14, per: 'thing without' },
  outdoors: { name: 'Things go on outdoors', points: 1, per: 'thing' },
  calm: { name: 'It is calm', points: 1, per: 'step calmer, or lively' },
  lively: { name: 'Lively things do not follow each other', points: 4, per: 'thing too many in a day' },
  alike: { name: 'A day has different things', points: 4, per: 'thing of the same kind too many' },
  keepsake: { name: 'Keepsakes have a full house', points: 6, per: 'child who would lack one' },
} as const satisfies Record<string, { readonly name: string; readonly points: number; readonly per: string }>;
export type DraftTerm = keyof typeof DRAFT_TERMS;

/** What must hold in every draft, in words. */
export const DRAFT_MUST: readonly string[] = [
  'What stands in the unit stays as it is',
  'Nothing that the cautions stop, for whoever is there',
  'Enough adults, and somebody who may lead it where it takes one',
  'No more mess, and no more planned things in a day, than the home wants',
  'Turns that fit into their block',
  'No thing in two places, and nothing twice',
  'The making before the using, and made ready in time',
  'The budget of the unit',
];

/** What a draft may lean towards: each weighs some terms more than the home does. */
export const CHARACTERS = {
  even: { name: 'As you weigh it', says: 'a bit of everything', more: {} },
  little: { name: 'Little to prepare', says: 'few minutes in the evening', more: { prep: 5, late: 2 } },
  'on-hand': { name: 'What is here', says: 'nothing to buy', more: { onHand: 5, money: 5 } },
  outdoors: { name: 'Outdoors', says: 'as much as can be outside', more: { outdoors: 12 } },
  calm: { name: 'Calm', says: 'quiet things, little mess', more: { calm: 6, lively: 2 } },
  new: { name: 'New to us', says: 'nothing that you know', more: { fresh: 5 } },
} as const satisfies Record<
  string,
  { readonly name: string; readonly says: string; readonly more: Partial<Record<DraftTerm, number>> }
>;
export type Character = keyof typeof CHARACTERS;

// What a home may weigh otherwise, and by which of its values.
const BY_HOME: Partial<Record<DraftTerm, StartingValueId>> = {
  prep: 'draftPrepPercent',
  onHand: 'draftOnHandPercent',
  money: 'draftOnHandPercent',
  fresh: 'draftFreshPercent',
  outdoors: 'draftOutdoorsPercent',
  calm: 'draftCalmPercent',
};

/** The points of each term in a home, for a draft of a character. */
export function weightsOf(home: Home, character: Character): Readonly<Record<DraftTerm, number>> {
  const more: Partial<Record<DraftTerm, number>> = CHARACTERS[character].more;
  return Object.fromEntries(
    (Object.keys(DRAFT_TERMS) as DraftTerm[]).map((term) => {
      const value = BY_HOME[term];
      const own = value ? valueIn(home, value) / 100 : 1;
      return [term, DRAFT_TERMS[term].points * own * (more[term] ?? 1)];
    }),
  ) as Record<DraftTerm, number>;
}
