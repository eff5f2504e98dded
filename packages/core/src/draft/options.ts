import type { Book } from '../book/index.ts';
import type { PlainDay } from '../calendar/index.ts';
import type { ChildId, CornerId } from '../house/index.ts';
import type { Speaks } from '../choosing/index.ts';
import type { Finding, Reading, Suggestion } from '../reading/index.ts';
import { areaOf, skillName } from '../skills/index.ts';
import { asksFirst } from '../unit/index.ts';
import type { DraftAsk } from './ask.ts';
import type { Candidate } from './must-hold.ts';
import type { DraftSpot } from './spots.ts';
import type { DraftTerm } from './weights.ts';
import { WouldBes } from './would-be.ts';

/** An activity of the library in a free place. */
export interface DraftOption extends Candidate {
  readonly suggestion: Suggestion;
}

/** What of the library could come to a free place: what fits somebody, can be filled, and meets nothing that stops. */
export class Library {
  readonly #book: Book;
  readonly #reading: Reading;
  readonly #wouldBes: WouldBes;
  readonly #there: ReadonlySet<string>;
  readonly #known = new Map<string, readonly Suggestion[]>();

  constructor(book: Book, reading: Reading, today: PlainDay) {
    this.#book = book;
    this.#reading = reading;
    this.#wouldBes = new WouldBes(book, reading, today);
    this.#there = new Set(reading.placements.map(({ originId }) => originId));
  }

  /** For each free place, by its index, what could come there. */
  optionsFor(spots: readonly DraftSpot[]): readonly DraftOption[] {
    return spots.flatMap((spot, index) =>
      this.#suggested(spot).flatMap((suggestion): DraftOption[] => {
        const wouldBe = this.#wouldBes.of(suggestion, spot);
        if (wouldBe === null) return [];
        const { id, content } = suggestion.activity;
        return [{ spot: index, at: spot, id, content, suggestion, wouldBe }];
      }),
    );
  }

  /** For what would fit a place and is stopped there: the first thing that stops each. */
  whatStops(spot: DraftSpot): readonly Finding[] {
    return this.#suggested(spot).flatMap((suggestion) =>
      this.#wouldBes.whatStops(suggestion, spot).slice(0, 1),
    );
  }

  #suggested(spot: DraftSpot): readonly Suggestion[] {
    const { where, kind } = spot;
    const id = where.kind === 'corner' ? where.cornerId : where.kind === 'bin' ? where.childId : kind;
    const found =
      this.#known.get(id) ??
      suggestedFor(this.#book, this.#reading, spot)
        .filter((one) => isProposed(one, this.#reading))
        .slice(0, MOST_LOOKED_AT)
        .filter(({ activity }) => !this.#there.has(activity.id));
    this.#known.set(id, found);
    return found;
  }
}

/** Of a large library the best for each place are looked at: more would not be chosen, and each is asked of every rule. */
const MOST_LOOKED_AT = 90;

// What belongs to another theme, or would stand there with a gap, is not proposed: it can be looked for.
const isProposed = ({ belongs, lacksRole, fits, activity }: Suggestion, { theme }: Reading): boolean =>
  belongs !== 'other' && !lacksRole && fits > 0 && !asksFirst(activity.content, theme);

function suggestedFor(
  book: Book,
  { suggestions }: Reading,
  { where, kind }: DraftSpot,
): readonly Suggestion[] {
  if (where.kind === 'corner')
    return suggestions({ corner: book.corners[where.cornerId as CornerId] ?? null });
  if (where.kind === 'bin') return suggestions({ child: book.children[where.childId as ChildId] ?? null });
  return suggestions({}).filter(
    ({
      activity: {
        content: { mode, place, weather, skills },
      },
    }) => {
      const moves = skills.some((skill) => areaOf(skill) === 'body' || skill === 'moving-to-music');
      if (kind === 'outdoors') return mode !== 'reserve' && place !== 'indoors';
      if (kind === 'twin') return mode !== 'reserve' && place !== 'outdoors' && weather === 'any' && moves;
      if (place === 'outdoors' || weather !== 'any') return false;
      return kind === 'together' ? mode === 'whole-group' : mode === 'small-group';
    },
  );
}

// Which term the words of a suggestion count for.
const TERM_OF: Readonly<Record<Suggestion['told'][number]['about'], DraftTerm | null>> = {
  // Whom it fits is counted where it stands, not for the whole unit.
  ...{ fits: null, littlePrep: null },
  ...{ onHand: 'onHand', eachMissing: 'onHand', madeSet: 'onHand' },
  ...{ ownTheme: 'theme', named: 'theme', pattern: 'theme', table: 'theme', lacking: 'theme' },
  ...{ featured: 'theme', inSeason: 'theme', outOfSeason: 'theme' },
  ...{ notLately: 'fresh', justUsed: 'fresh' },
  ...{ loved: 'loved', lost: 'loved', liked: 'loved', unliked: 'loved' },
};
const CALM = { calm: 1, middling: 0, lively: -1 } as const;

/** What speaks for an option by itself, in points, as much as each term weighs. */
export function speaksFor(
  { suggestion, wouldBe }: DraftOption,
  spot: DraftSpot,
  { frame }: Reading,
  weights: Readonly<Record<DraftTerm, number>>,
): readonly Speaks[] {
  const { content } = suggestion.activity;
  const points = new Map<DraftTerm, number>();
  const count = (term: DraftTerm, portions: number): void => {
    if (portions !== 0) points.set(term, (points.get(term) ?? 0) + portions * weights[term]);
  };
  // What stands in is worth as much as what it saves; little speaks for one rather than for another.
  const share = spot.kind === 'twin' ? TWIN_SHARE : 1;
  if (spot.kind !== 'twin') count('filled', 1);
  const present = (day: number): number => frame.attendance[day - 1]!.children.length;
  const meant =
    spot.kind === 'bin' ? spot.days.length : spot.days.reduce((sum, day) => sum + present(day), 0);
  const served = spot.days.reduce((sum, day) => sum + (wouldBe.served.get(day)?.length ?? 0), 0);
  if (meant > 0) count('fits', (share * served) / meant);
  for (const { about, points: told } of suggestion.told) {
    const term = TERM_OF[about];
    if (term) count(term, share * told);
  }
  count('prep', -wouldBe.prep.reduce((sum, { minutes }) => sum + minutes, 0));
  count('money', -wouldBe.toBuy / SMALL_MONEY);
  if (spot.kind !== 'twin') {
    if (content.place !== 'indoors' && spot.kind !== 'corner') count('outdoors', 1);
    count('calm', CALM[content.energy] - Number(content.mess === 'messy') - Number(content.adult === 'tied'));
    if (content.keepsake && spot.where.kind === 'day')
      count('keepsake', -frame.attendance[spot.days[0]! - 1]!.away.length);
  }
  return [...points].map(([term, value]) => ({ term, points: value }));
}
const TWIN_SHARE = 0.3;
/** So many of the smallest part of a currency are one unit of money. */
const SMALL_MONEY = 100;

// What speaks for it by how it runs, where a library says nothing.
const runsWell = ({ prep, adult, mess }: Suggestion['activity']['content']): readonly string[] => [
  ...(adult === 'alone' ? ['runs by itself'] : []),
  ...(prep.length === 0 ? ['nothing to prepare'] : []),
  ...(mess === 'clean' ? ['no mess'] : []),
];

/**
 * What tells an option from the others of its place, the most telling first, a few words each: what speaks for nearly all of them is no
 * reason for one.
 */
export function tellingOf(option: DraftOption, others: readonly DraftOption[]): readonly string[] {
  const mean = (about: string): number =>
    others.reduce(
      (sum, { suggestion }) => sum + (suggestion.told.find((one) => one.about === about)?.points ?? 0),
      0,
    ) / others.length;
  const told = option.suggestion.told
    .map(({ about, points, reason }) => ({ about, reason, more: points - mean(about) }))
    .filter(({ about, reason, more }) => reason !== '' && about !== 'littlePrep' && more > TELLING)
    .toSorted((a, b) => b.more - a.more)
    .map(({ reason }) => reason);
  const { content } = option.suggestion.activity;
  const [main] = content.skills;
  const ways = [...(main ? [skillName(main)] : []), ...runsWell(content)];
  const [fits] = option.suggestion.reasons.filter((reason) => reason.startsWith('fits'));
  return [...new Set([...told, ...ways, ...(fits ? [fits] : [])])];
}
/** So many points more than the others of its place have, and it is told. */
const TELLING = 0.25;

/** Whether an option may be chosen, by what somebody said of it. */
export function isAllowed(
  { suggestion: { activity } }: DraftOption,
  { key }: DraftSpot,
  ask: DraftAsk,
): boolean {
  if (ask.never.includes(activity.id)) return false;
  return !ask.not.some((one) => one.spot === key && one.activityId === activity.id);
}
