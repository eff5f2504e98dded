import type { ChangeInput } from '../changes/index.ts';
import type { Home } from '../house/index.ts';
import { aboutSeconds } from '../measure/index.ts';
import {
  fitCircle,
  lengthOf,
  missingIn,
  pieceIdeas,
  placeFor,
  secondsUntil,
  type CirclePart,
  type CircleRun,
  type CircleStuff,
  type FitOption,
  type FitPiece,
  type Frame,
  type MissingPiece,
} from '../reading/index.ts';
import { PIECE_KINDS, type CirclePiece } from '../unit/index.ts';
import { mostVerses, sing, versesSung } from '../verses/index.ts';
import { addPiece, changePiece, leaveOut, withVerses, type Reach } from './pieces.ts';

/** A circle made to fit a time: what would be changed, in words, and the changes that do it. */
export type Fitted =
  | {
      readonly outcome: 'fitted';
      readonly steps: readonly string[];
      readonly seconds: number;
      /** Why what is to be longer does not fill the time; null when it does. */
      readonly short: string | null;
      readonly changes: readonly ChangeInput[];
    }
  | { readonly outcome: 'cannot'; readonly why: string };

/** More verses of one song than this nobody asks for by fitting. */
const MOST_FITTED = 12;

/** A piece that is there, or one that could be added: before the part at `index`. */
interface Candidate {
  readonly fit: FitPiece;
  readonly part: CirclePart | null;
  readonly added: {
    readonly index: number;
    readonly kind: CirclePiece['kind'];
    readonly songId: string | null;
    readonly bookId: string | null;
  } | null;
  readonly title: string;
}

/**
 * A circle that takes at most so many seconds and as near to it as its verses and pieces allow: see `fitCircle` for what it
 * weighs. Where it is made longer, what it lacks may be added, one idea for each kind. Nothing is changed by asking.
 */
export function fitRun(
  run: CircleRun,
  atMostSeconds: number,
  { stuff, frame, reach, newId, sung = 0 }: FitContext,
): Fitted {
  const lacks = run.seconds < atMostSeconds ? missingIn(run, frame) : [];
  const candidates = candidatesOf(run, lacks, { stuff, frame, reach, newId, sung });
  const result = fitCircle({ pieces: candidates.map(({ fit }) => fit), atMostSeconds });
  if (result.outcome !== 'fitted')
    return { outcome: 'cannot', why: whyNot(result, candidates, atMostSeconds) };
  const steps: string[] = [];
  // Of several that are added in one place, each stands behind the one before.
  const behind = new Map<number, string>();
  const changes = candidates.flatMap((one, i): readonly ChangeInput[] => {
    const way = result.chosen[i]!;
    if (way === one.fit.now) return [];
    steps.push(stepText(one, way));
    if (one.added) return adding(one.added, run, { stuff, frame, reach, newId }, behind);
    return changesFor(one.part!.piece, one.fit, way, run, { stuff, frame, reach, newId });
  });
  const short =
    result.leftSeconds > 0 && run.seconds < atMostSeconds
      ? `That is all there is: ${aboutSeconds(result.seconds)} of ${aboutSeconds(atMostSeconds)}.`
      : null;
  return { outcome: 'fitted', steps, seconds: result.seconds, short, changes };
}

export interface FitContext {
  readonly stuff: CircleStuff;
  readonly frame: Frame;
  readonly reach: Reach;
  readonly newId: () => string;
  /** How many of the parts are over already: they stay. */
  readonly sung?: number;
}

/** What somebody who leads a circle asks for in the middle of it. */
export type Pull = 'longer' | 'shorter';
/** So much longer a circle becomes while children are still arriving. Kobby's own starting point. */
const LONGER_SECONDS = 120;

/** A circle made longer or shorter for its day from the part at `index` on: what came until then, and it, stay. Shorter halves the rest. */
export function fitFrom(
  run: CircleRun,
  index: number,
  pull: Pull,
  context: Omit<FitContext, 'reach' | 'sung'>,
): Fitted {
  const sung = index + 1;
  const until = secondsUntil(run, sung);
  const wanted =
    pull === 'longer' ? run.seconds + LONGER_SECONDS : until + Math.floor((run.seconds - until) / 2);
  return fitRun(run, wanted, { ...context, reach: 'day', sung });
}

function candidatesOf(
  run: CircleRun,
  lacks: readonly MissingPiece[],
  { stuff, frame, sung = 0 }: FitContext,
): readonly Candidate[] {
  const there = run.parts.map((part, i): Candidate => ({
    part,
    added: null,
    title: part.title,
    fit: fitPieceOf(part, frame.home, i < sung),
  }));
  const all: { readonly at: number; readonly one: Candidate }[] = there.map((one, i) => ({
    at: i + 0.5,
    one,
  }));
  for (const { kind } of lacks) {
    const index = placeFor(run, kind);
    const [idea] = pieceIdeas(kind, run, stuff, frame);
    if (!idea || index < sung) continue;
    const { song, book } = idea;
    const verses = song ? sing(song, run.words) : [];
    const { seconds } = lengthOf({ minutes: null, kind }, song, verses, frame.home);
    all.push({
      at: index,
      one: {
        part: null,
        added: { index, kind, songId: song?.id ?? null, bookId: book?.id ?? null },
        title: song?.title ?? book!.title,
        fit: {
          id: `new-${kind}`,
          options: [{ verses: verses.length, seconds }],
          now: null,
          pinned: false,
          lively: (song?.energy ?? PIECE_KINDS[kind].energy) === 'lively',
          frames: false,
        },
      },
    });
  }
  return all.toSorted((a, b) => a.at - b.at).map(({ one }) => one);
}

function fitPieceOf(part: CirclePart, home: Home, isOver: boolean): FitPiece {
  const { options, now } = optionsOf(part, home);
  const { piece } = part;
  return {
    id: piece.id,
    options,
    now,
    pinned: piece.pinned || isOver,
    lively: part.energy === 'lively',
    frames: piece.kind === 'welcome' || piece.kind === 'close',
  };
}

// What takes as long as its lines can have more or fewer verses; everything else is as it is.
function optionsOf(
  { piece, song, words, length }: CirclePart,
  home: Home,
): { readonly options: readonly FitOption[]; readonly now: number } {
  if (!song || length.basis !== 'lines' || song.whole)
    return { options: [{ verses: length.verseCount, seconds: length.seconds }], now: 0 };
  const own = versesSung(song, words, piece.singing);
  const most = Math.max(own, Math.min(MOST_FITTED, mostVerses(song, words, piece.singing)));
  const options = Array.from({ length: most }, (_, i): FitOption => {
    const verses = sing(song, words, { ...piece.singing, count: i + 1 });
    return { verses: i + 1, seconds: lengthOf(piece, song, verses, home).seconds };
  });
  return { options, now: Math.min(own, most) - 1 };
}

function whyNot(
  result: Exclude<ReturnType<typeof fitCircle>, { outcome: 'fitted' }>,
  candidates: readonly Candidate[],
  atMostSeconds: number,
): string {
  const pinned = candidates.filter(({ fit }) => fit.pinned).map(({ title }) => title);
  if (result.outcome === 'too-long')
    return `It cannot be done in ${aboutSeconds(atMostSeconds)}: what stays as it is takes ${aboutSeconds(result.pinnedSeconds)} (${pinned.join(', ')}).`;
  return `It cannot be done: as ${pinned.join(', ')} ${pinned.length === 1 ? 'stays' : 'stay'}, it would end lively or have two lively pieces together.`;
}

function stepText({ title, fit, added }: Candidate, way: number | null): string {
  if (way === null) return `Leave out ${title}`;
  if (added) return `Add ${title}`;
  const [before, after] = [fit.options[fit.now!]!.verses, fit.options[way]!.verses];
  return `${title}: ${after} ${after === 1 ? 'verse' : 'verses'} in place of ${before}`;
}

function adding(
  { index, ...wish }: NonNullable<Candidate['added']>,
  run: CircleRun,
  { frame, reach, newId }: FitContext,
  behind: Map<number, string>,
): readonly ChangeInput[] {
  const at = { index, reach, id: `piece-${newId()}`, behind: behind.get(index) ?? null };
  const changes = addPiece(run, frame.unit.id, wish, at);
  for (const change of changes) if (change.type === 'circle/put-piece') behind.set(index, change.piece.order);
  return changes;
}

function changesFor(
  piece: CirclePiece,
  { options }: FitPiece,
  way: number | null,
  { day }: CircleRun,
  { stuff, reach, newId }: FitContext,
): readonly ChangeInput[] {
  if (way === null) return leaveOut(piece, day.number, reach, stuff.pieces);
  const singing = withVerses(piece.singing, options[way]!.verses);
  return changePiece(piece, { singing }, day.number, reach, `piece-${newId()}`);
}
