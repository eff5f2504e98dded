import type { Book } from '../book/index.ts';
import type { PlainDay } from '../calendar/index.ts';
import { applyAsSeen, gestureSchema, type Actor, type ChangeInput } from '../changes/index.ts';
import { appraise, type Appraisal, type ChoiceProblem, type Picks } from '../choosing/index.ts';
import { brokenBy, placementsOf, read, type Finding, type Reading } from '../reading/index.ts';
import type { PlacementId, UnitId } from '../unit/index.ts';
import { WHOLE_DRAFT, type DraftAsk } from './ask.ts';
import { rowOfCut, rowsOf, type Bench, type Cut } from './must-hold.ts';
import { isAllowed, optionsOf, speaksFor, type DraftOption } from './options.ts';
import { spotsOf, type DraftSpot } from './spots.ts';
import { hopesOf } from './would-be-nice.ts';
import { weightsOf } from './weights.ts';

/** What must not be told of a draft; whatever stops never is. The rest is shown with it, as notes. */
const MUST_NOT: ReadonlySet<Finding['rule']> = new Set<Finding['rule']>([
  ...(['mess', 'too-much', 'adults-short', 'left-out', 'order', 'one-for-two', 'shared-table'] as const),
  ...(['rounds', 'recorded', 'late', 'place-full', 'spoils', 'process', 'bin-crowded', 'bin-path'] as const),
]);

/**
 * A draft of a unit in the making: the free places, what could come there, and what was found to be impossible on the way. What is chosen is
 * looked at by the reading itself (`judge`): what that tells is cut off, and the choice is made anew. So nothing is proposed that
 * the plan would then warn of, whatever the model behind the choice leaves out.
 */
export class Drafting {
  readonly #book: Book;
  readonly #unitId: UnitId;
  readonly #today: PlainDay;
  readonly #bench: Bench;
  readonly #reading: Reading;
  readonly #cuts: Cut[] = [];
  #made: { readonly character: DraftAsk['character']; readonly problem: ChoiceProblem } | null = null;
  ask: DraftAsk;

  /** @throws {Error} when the book has no such unit. */
  constructor(book: Book, unitId: UnitId, today: PlainDay, ask: DraftAsk = WHOLE_DRAFT) {
    this.#book = book;
    this.#unitId = unitId;
    this.#today = today;
    this.ask = ask;
    const reading = read(book, unitId, today);
    this.#reading = reading;
    const spots = spotsOf(book, reading, ask, today);
    const days = reading.frame.calendar.days.filter(({ date }) => date >= today).map(({ number }) => number);
    this.#bench = { book, reading, spots, days, options: optionsOf(book, reading, spots, today) };
  }

  get spots(): readonly DraftSpot[] {
    return this.#bench.spots;
  }

  get options(): readonly DraftOption[] {
    return this.#bench.options;
  }

  /** What is asked now as a problem of choices: what was refused, or cut, can be chosen no more. */
  problem(): ChoiceProblem {
    const { spots, options } = this.#bench;
    const barred = options.flatMap((option, o): Cut[] =>
      isAllowed(option, spots[option.spot]!, this.ask) ? [] : [[o]],
    );
    const whole = this.#whole();
    return { ...whole, rows: [...whole.rows, ...[...this.#cuts, ...barred].map(rowOfCut)] };
  }

  // Without what was refused: the same for as long as nothing else is asked.
  #whole(): ChoiceProblem {
    const { character } = this.ask;
    if (this.#made?.character === character) return this.#made.problem;
    const { spots, options, reading } = this.#bench;
    const weights = weightsOf(reading.frame.home, character);
    const problem: ChoiceProblem = {
      spots: spots.length,
      options: options.map((option) => ({
        spot: option.spot,
        speaks: speaksFor(option, spots[option.spot]!, reading, weights),
      })),
      rows: rowsOf(this.#bench),
      hopes: hopesOf(this.#bench, weights),
    };
    this.#made = { character, problem };
    return problem;
  }

  /** What was liked stays where it is: picks to begin with, and the places that are held. */
  kept(): { readonly start: Picks; readonly held: ReadonlySet<number> } {
    const { spots, options } = this.#bench;
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

  /** The changes that put picks into the unit; `idOf` gives each its id. */
  changes(picks: Picks, idOf: (option: number) => string): readonly ChangeInput[] {
    const { spots, options } = this.#bench;
    const bySpot = new Map(
      picks.flatMap((pick, s) => (pick === null ? [] : [[spots[s]!.key, pick] as const])),
    );
    return picks.flatMap((pick, s): ChangeInput[] => {
      if (pick === null) return [];
      const { of, where } = spots[s]!;
      const { suggestion, wouldBe } = options[pick]!;
      const stood = of === null ? undefined : bySpot.get(of);
      // What stands in for something that is not there stands in for nothing.
      if (of !== null && stood === undefined) return [];
      return putting(idOf(pick), {
        ...{ unitId: this.#unitId, activityId: suggestion.activity.id },
        where: stood === undefined ? where : { kind: 'twin', of: idOf(stood) },
        leadId: wouldBe.lead?.id ?? null,
      });
    });
  }

  /** What the plan tells once picks stand in it and did not tell before. */
  told(picks: Picks): readonly Finding[] {
    const after = afterwards(this.#book, this.changes(picks, idOfOption));
    return brokenBy(this.#reading.headsUps, read(after, this.#unitId, this.#today).headsUps);
  }

  /**
   * Looks at picks as they would stand, by the reading: what must not be told is cut off, so that it is not chosen again. Returns how
   * many cuts there are more; none when picks can be proposed.
   */
  judge(picks: Picks): number {
    const known = new Set(this.#cuts.map((cut) => cut.join()));
    const before = known.size;
    for (const finding of this.told(picks)) {
      if (finding.level !== 'stop' && !MUST_NOT.has(finding.rule)) continue;
      const ids = new Set<string>(placementsOf(finding));
      const cut = picks.filter((pick): pick is number => pick !== null && ids.has(idOfOption(pick)));
      if (cut.length === 0 || known.has(cut.join())) continue;
      known.add(cut.join());
      this.#cuts.push(cut);
    }
    return known.size - before;
  }

  appraise(picks: Picks): Appraisal {
    return appraise(this.problem(), picks);
  }
}

const idOfOption = (option: number): string => `drafted-${option}`;

function putting(
  id: string,
  {
    leadId,
    ...rest
  }: Omit<Extract<ChangeInput, { type: 'unit/place' }>, 'type' | 'id'> & { leadId: string | null },
): ChangeInput[] {
  const place: ChangeInput = { type: 'unit/place', id, ...rest };
  return leadId === null
    ? [place]
    : [place, { type: 'unit/assign', placementId: id as PlacementId, personId: leadId } as ChangeInput];
}

const NOBODY: Actor = { kind: 'person', id: 'draft', name: 'Draft' };

function afterwards(book: Book, changes: readonly ChangeInput[]): Book {
  if (changes.length === 0) return book;
  const gesture = gestureSchema.parse({ id: 'tried-draft', at: '2000-01-01T00:00:00.000Z', changes });
  const { outcome } = applyAsSeen(book, gesture, NOBODY);
  if (outcome.outcome !== 'kept') throw new Error(`a draft cannot stand: ${JSON.stringify(outcome)}`);
  return outcome.book;
}
