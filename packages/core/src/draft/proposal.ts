import {
  appraise,
  boundOf,
  searchFor,
  type ChoiceProblem,
  type ChoiceSolver,
  type Picks,
} from '../choosing/index.ts';
import { groupBy } from '../book/index.ts';
import type { Finding } from '../reading/index.ts';
import type { DraftedCircle } from './circles.ts';
import type { Drafting } from './drafting.ts';
import { tellingOf } from './options.ts';
import type { ProposedPiece } from './piece.ts';

import { DRAFT_TERMS, type DraftTerm } from './weights.ts';
import { whyEmpty, type Unfilled } from './why-empty.ts';

/** A plan as it is proposed: nothing of it stands in the unit yet. */
export interface Proposal {
  readonly pieces: readonly ProposedPiece[];
  /** Circles for the days that have none; they come with the second proposal. */
  readonly circles: readonly DraftedCircle[];
  /** Places for which there is nothing that can stand there: why, and what would have to give way. */
  readonly empty: readonly Unfilled[];
  /** What it is worth, in the points of {@link DRAFT_TERMS}, term by term. */
  readonly value: number;
  readonly terms: readonly { readonly term: DraftTerm; readonly name: string; readonly points: number }[];
  /** What of all that would be nice is missed, the worst first, in words that follow "so that". */
  readonly missed: readonly string[];
  /** What the plan would tell once it stands; nothing of it stops. */
  readonly told: readonly Finding[];
  /** What no plan can be above; null while nobody worked it out. */
  readonly bound: number | null;
}

/** How much is tried. */
export interface DraftEffort {
  /** Changes that are tried for the first proposal, and for the last: for each place that is not held. */
  readonly first: number;
  readonly last: number;
  readonly seed: number;
}
/** How much is tried where nobody says otherwise: about half a second for ten days. */
export const DRAFT_EFFORT: DraftEffort = { first: 40, last: 600, seed: 20_270_311 };

/** Choices are made anew so often when the reading speaks against them. */
const MOST_ROUNDS = 12;
/** What is changed after the reading spoke is only what it spoke of, as a rule: less has to be tried. */
const MEND_TRIES = 30;

/**
 * A draft in the making, better each time: the first proposal as soon as there is one, then, where a solver is handed in, how good one can
 * be at most, and the best that was found. Each can stand as it is. Where only a place or two are open, the first is the last.
 */
export function* proposals(
  drafting: Drafting,
  solver: ChoiceSolver | null,
  effort: DraftEffort = DRAFT_EFFORT,
): Generator<Proposal> {
  const open = drafting.spots.length - drafting.kept().held.size;
  const quick = settle(drafting, null, effort.first * open, effort.seed);
  yield proposalOf(drafting, quick, open <= FEW ? drafting.circles() : []);
  if (open <= FEW) return;
  const circles = drafting.circles();
  if (circles.length > 0) yield proposalOf(drafting, quick, circles);
  if (solver && !drafting.bound) {
    drafting.bound = boundOf(drafting.problem(), solver);
    if (drafting.bound) yield proposalOf(drafting, quick, circles);
  }
  yield proposalOf(drafting, settle(drafting, quick, effort.last * open, effort.seed + 1), circles);
}
/** So many places are filled at once as well as they can be. */
const FEW = 2;

// Searches, lets the reading judge, and searches on around what it spoke against.
function settle(drafting: Drafting, from: Picks | null, tries: number, seed: number): Picks {
  const { start, held } = drafting.kept();
  const guide = from !== null && drafting.bound ? { guide: drafting.bound.guide } : {};
  const mending = MEND_TRIES * (drafting.spots.length - held.size);
  let picks = from ?? start;
  for (let round = 0; round < MOST_ROUNDS; round += 1) {
    ({ picks } = searchFor(drafting.problem(), {
      ...{ seed: seed + round, tries: round === 0 ? tries : mending, held, start: withKept(picks, start) },
      ...guide,
    }));
    if (drafting.judge(picks) === 0) break;
  }
  return withoutBarred(drafting.problem(), picks);
}

const withKept = (picks: Picks, kept: Picks): Picks => kept.map((own, s) => own ?? picks[s] ?? null);

// After the last round something may still be spoken against: it is left out rather than proposed.
function withoutBarred(problem: ChoiceProblem, picks: Picks): Picks {
  let left = [...picks];
  for (let { broken } = appraise(problem, left); broken.length > 0; { broken } = appraise(problem, left)) {
    const takers = broken[0]!.takes.filter(([, amount]) => amount > 0).map(([option]) => option);
    const spot = left.findLastIndex((pick) => pick !== null && takers.includes(pick));
    if (spot < 0) break;
    left = left.with(spot, null);
  }
  return left;
}

/** How good a proposal is, in a line: what is missing, and how far it lies from the best. */
export function soundness(proposal: Proposal): string {
  const { empty, missed } = proposal;
  const places =
    empty.length > MOST_LACKS
      ? [`${empty.length} places for which nothing fits`]
      : empty.map(({ spot }) => `something for ${spot.name}`);
  const lacks = [...places, ...missed];
  const more = lacks.length > MOST_LACKS ? ` and ${lacks.length - MOST_LACKS} more` : '';
  const missing =
    lacks.length === 0 ? 'Nothing missing' : `Missing: ${lacks.slice(0, MOST_LACKS).join('; ')}${more}`;
  const gap = gapOf(proposal);
  if (gap === null) return missing;
  const far = Math.ceil(gap * PER_MILLE) / 10;
  return `${missing} · ${far === 0 ? 'the best there can be' : `within ${far} % of the best there can be`}`;
}
const MOST_LACKS = 2;
const PER_MILLE = 1000;

/** How far below the best there can be a proposal lies, from 0 to 1; null when that is not known. */
export function gapOf({ value, bound }: Pick<Proposal, 'value' | 'bound'>): number | null {
  if (bound === null) return null;
  return bound <= 0 ? 0 : Math.max(0, (bound - value) / bound);
}

const MOST_REASONS = 3;

function proposalOf(drafting: Drafting, picks: Picks, circles: readonly DraftedCircle[]): Proposal {
  const { spots, options } = drafting;
  const problem = drafting.problem();
  const { value, terms, missed } = appraise(problem, picks);
  const bySpot = groupBy(options, ({ spot }) => spot);
  return {
    circles,
    pieces: drafting.pieces(picks).map((piece): ProposedPiece => {
      const s = spots.indexOf(piece.spot);
      const pick = picks[s]!;
      const reasons = [...onlyBy(problem, picks, pick), ...tellingOf(options[pick]!, bySpot.get(s)!)];
      return { ...piece, reasons: reasons.slice(0, MOST_REASONS) };
    }),
    empty: whyEmpty(drafting, picks),
    value,
    terms: [...terms]
      .map(([term, points]) => ({
        term: term as DraftTerm,
        name: DRAFT_TERMS[term as DraftTerm].name,
        points,
      }))
      .toSorted((a, b) => b.points - a.points),
    missed: missed
      .toSorted((a, b) => b.hope.points * b.by - a.hope.points * a.by)
      .map(({ hope }) => hope.about),
    told: drafting.told(picks),
    bound: drafting.bound?.value ?? null,
  };
}

// What is met by this one thing alone: without it, it would be missed.
function onlyBy(problem: ChoiceProblem, picks: Picks, pick: number): readonly string[] {
  const chosen = new Set(picks);
  return problem.hopes
    .filter(({ side, sums }) => {
      const [sum] = sums;
      if (side !== 'at-least' || !sum?.takes.some(([option]) => option === pick)) return false;
      const all = sum.takes.reduce((count, [option, amount]) => count + (chosen.has(option) ? amount : 0), 0);
      return all >= sum.want && all - 1 < sum.want;
    })
    .toSorted((a, b) => b.points - a.points)
    .slice(0, 1)
    .map(({ about }) => about);
}
