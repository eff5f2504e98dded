import type { Book } from '../book/index.ts';
import type { PlainDay } from '../calendar/index.ts';
import type { ChangeInput } from '../changes/index.ts';
import { appraise, type Appraisal, type Bound, type ChoiceProblem, type Picks } from '../choosing/index.ts';
import type { CurrencyId } from '../measure/index.ts';
import { brokenBy, placementsOf, read, type Finding, type Reading } from '../reading/index.ts';
import { shownIn, themeAbout, titleIn, type UnitId } from '../unit/index.ts';
import { asksForOne, canBeAbout, inTurn } from './in-turn.ts';
import { WHOLE_DRAFT, type DraftAsk } from './ask.ts';
import { afterwards } from './afterwards.ts';
import { rowOfCut, rowsOf, type Bench, type Cut, type MustRow } from './must-hold.ts';
import { isAllowed, Library, speaksFor, type DraftOption } from './options.ts';
import { draftCircles, type DraftedCircle } from './circles.ts';
import type { ProposedPiece } from './piece.ts';
import { spotsOf, type DraftSpot } from './spots.ts';
import { hopesOf } from './would-be-nice.ts';
import { weightsOf } from './weights.ts';

/** What must not be told of what is proposed; whatever stops never is. The rest is shown with it, as notes. */
export const MUST_NOT: ReadonlySet<Finding['rule']> = new Set<Finding['rule']>([
  ...(['mess', 'too-much', 'adults-short', 'left-out', 'order', 'one-for-two', 'shared-table'] as const),
  ...(['rounds', 'recorded', 'late', 'place-full', 'spoils', 'process', 'bin-crowded', 'bin-path'] as const),
]);

/** What is asked as a problem of choices, with what each of its rows is about. */
export interface DraftProblem extends ChoiceProblem {
  readonly rows: readonly MustRow[];
}

/**
 * A draft of a unit in the making: the free places, what could come there, and what was found to be impossible on the way. What is chosen is
 * looked at by the reading itself (`judge`): what that tells is cut off, and the choice is made anew. So nothing is proposed that
 * the plan would then warn of, whatever the model behind the choice leaves out.
 */
export class Drafting {
  readonly #book: Book;
  readonly #unitId: UnitId;
  readonly #today: PlainDay;
  readonly #bench: Bench<DraftOption>;
  readonly #spots: readonly DraftSpot[];
  readonly #reading: Reading;
  readonly #library: Library;
  readonly #cuts: { readonly options: Cut; readonly title: string }[] = [];
  #made: { readonly character: DraftAsk['character']; readonly problem: DraftProblem } | null = null;
  #ask: DraftAsk;
  #circles: readonly DraftedCircle[] | null = null;
  /** What no plan of this character can be above, once it was worked out. */
  bound: Bound | null = null;

  /** @throws {Error} when the book has no such unit. */
  constructor(book: Book, unitId: UnitId, today: PlainDay, ask: DraftAsk = WHOLE_DRAFT) {
    this.#book = book;
    this.#unitId = unitId;
    this.#today = today;
    this.#ask = ask;
    const reading = read(book, unitId, today);
    this.#reading = reading;
    const spots = spotsOf(book, reading, ask, today);
    const days = reading.frame.calendar.days.filter(({ date }) => date >= today).map(({ number }) => number);
    this.#spots = spots;
    this.#library = new Library(book, reading, today);
    this.#bench = {
      ...{ book, reading, days, fixed: reading.placements },
      options: this.#library.optionsFor(spots),
    };
  }

  get ask(): DraftAsk {
    return this.#ask;
  }

  /** Asks otherwise, of the same places. What is refused leaves the bound standing; another character has one of its own. */
  set ask(ask: DraftAsk) {
    if (ask.character !== this.#ask.character) this.bound = null;
    this.#ask = ask;
  }

  /** The circles that are proposed for days without one; the same whatever else is chosen. */
  circles(): readonly DraftedCircle[] {
    if (!this.#ask.parts.includes('circles')) return [];
    this.#circles ??= draftCircles(this.#book, this.#unitId, this.#today, this.#ask.days);
    return this.#circles;
  }

  get spots(): readonly DraftSpot[] {
    return this.#spots;
  }

  get options(): readonly DraftOption[] {
    return this.#bench.options;
  }

  /** What is asked now as a problem of choices: what was refused, or cut, can be chosen no more. */
  problem(): DraftProblem {
    const { options } = this.#bench;
    const spots = this.#spots;
    const told = this.#cuts.map(({ options: cut, title }) => rowOfCut(cut, 'told', title));
    const barred = options.flatMap((option, o): MustRow[] => {
      if (isAllowed(option, spots[option.spot]!, this.ask)) return [];
      return [rowOfCut([o], 'refused', option.content.title)];
    });
    const whole = this.#whole();
    return { ...whole, rows: [...whole.rows, ...told, ...barred] };
  }

  /** What stands against everything in a place that no option is left for, by the rules that stop it. */
  whatStops(spot: DraftSpot): readonly Finding[] {
    return this.#library.whatStops(spot);
  }

  /** The currency of the home. */
  get currency(): CurrencyId {
    return this.#reading.frame.home.currency;
  }

  // Without what was refused: the same for as long as nothing else is asked.
  #whole(): DraftProblem {
    const { character } = this.ask;
    if (this.#made?.character === character) return this.#made.problem;
    const { options, reading } = this.#bench;
    const spots = this.#spots;
    const weights = weightsOf(reading.frame.home, character);
    const problem: DraftProblem = {
      spots: spots.length,
      options: options.map((option) => ({
        spot: option.spot,
        speaks: speaksFor(option, spots[option.spot]!, reading, weights),
      })),
      rows: rowsOf(this.#bench),
      hopes: hopesOf(this.#bench, spots, weights),
    };
    this.#made = { character, problem };
    return problem;
  }

  /** What was liked stays where it is: picks to begin with, and the places that are held. */
  kept(): { readonly start: Picks; readonly held: ReadonlySet<number> } {
    const { options } = this.#bench;
    const spots = this.#spots;
    const held = new Set<number>();
    const start = spots.map(({ key }, s): number | null => {
      const kept = this.ask.kept.find((one) => one.spot === key);
      const found = options.findIndex(
        (option) => option.spot === s && option.suggestion.activity.id === kept?.activityId,
      );
      if (found >= 0) held.add(s);
      return found < 0 ? null : found;
    });
    return { start, held };
  }

  // Which of the theme's things each pick is about: in turn, so that a week is not all about one of them.
  #about(picks: Picks): ReadonlyMap<number, string> {
    const { options, reading } = this.#bench;
    const turns = inTurn(reading);
    if (turns.length < 2) return new Map();
    let turn = 0;
    return new Map(
      picks.flatMap((pick): [number, string][] => {
        if (pick === null) return [];
        const { content } = options[pick]!.suggestion.activity;
        if (!asksForOne(content)) return [];
        const next = turns.findIndex((_, i) => canBeAbout(content, turns[(turn + i) % turns.length]!));
        const thing = turns[(turn + Math.max(0, next)) % turns.length]!;
        turn += 1;
        return [[pick, thing.id]];
      }),
    );
  }

  /** What picks propose, place by place, in the order of the places; what would stand in for nothing is left out. */
  pieces(picks: Picks): readonly Omit<ProposedPiece, 'reasons'>[] {
    const { options } = this.#bench;
    const spots = this.#spots;
    const { theme } = this.#reading;
    const about = this.#about(picks);
    const filled = new Set(picks.flatMap((pick, s) => (pick === null ? [] : [spots[s]!.key])));
    return picks.flatMap((pick, s) => {
      const spot = spots[s]!;
      if (pick === null || (spot.of !== null && !filled.has(spot.of))) return [];
      const { suggestion, wouldBe } = options[pick]!;
      const { content, id: activityId } = suggestion.activity;
      const aboutId = about.get(pick) ?? null;
      const own = theme && themeAbout(theme, aboutId);
      const reads = { title: titleIn(content, own), shownBy: shownIn(content, own) };
      return [{ ...{ spot, activityId, aboutId, leadId: wouldBe.lead?.id ?? null }, ...reads }];
    });
  }

  // Ids for trying only: the number of the place.
  readonly #idOf = (spotKey: string): string =>
    `drafted-${this.#spots.findIndex(({ key }) => key === spotKey)}`;

  /** What the plan tells once picks stand in it and did not tell before. */
  told(picks: Picks): readonly Finding[] {
    const pieces = this.pieces(picks);
    const after = afterwards(this.#book, placingOf(pieces, this.#unitId, this.#idOf));
    return brokenBy(this.#reading.headsUps, read(after, this.#unitId, this.#today).headsUps);
  }

  /**
   * Looks at picks as they would stand, by the reading: what must not be told is cut off, so that it is not chosen again. Returns how
   * many cuts there are more; none when picks can be proposed.
   */
  judge(picks: Picks): number {
    const known = new Set(this.#cuts.map(({ options }) => options.join()));
    const before = known.size;
    for (const finding of this.told(picks)) {
      if (finding.level !== 'stop' && !MUST_NOT.has(finding.rule)) continue;
      const ids = new Set<string>(placementsOf(finding));
      const spots = this.#spots;
      const cut = picks.filter(
        (pick, s): pick is number => pick !== null && ids.has(this.#idOf(spots[s]!.key)),
      );
      if (cut.length === 0 || known.has(cut.join())) continue;
      known.add(cut.join());
      this.#cuts.push({ options: cut, title: finding.title });
    }
    return known.size - before;
  }

  appraise(picks: Picks): Appraisal {
    return appraise(this.problem(), picks);
  }
}

/** The changes that put pieces into a unit; `idOf` gives what stands in a place its id, the same for the same place. */
export function placingOf(
  pieces: readonly Omit<ProposedPiece, 'reasons'>[],
  unitId: UnitId,
  idOf: (spotKey: string) => string,
): readonly ChangeInput[] {
  const there = new Set(pieces.map(({ spot }) => spot.key));
  return pieces.flatMap(({ spot, activityId, aboutId, leadId }): readonly ChangeInput[] => {
    if (spot.of !== null && !there.has(spot.of)) return [];
    const id = idOf(spot.key);
    const where = spot.of === null ? spot.where : { kind: 'twin' as const, of: idOf(spot.of) };
    const place = { type: 'unit/place', id, unitId, activityId, where, aboutId } as ChangeInput;
    return leadId === null ? [place] : [place, { type: 'unit/assign', placementId: id, personId: leadId }];
  });
}
