import { valueIn, type Home } from '../../house/index.ts';
import { PACES, type Song } from '../../library/index.ts';
import type { CirclePiece } from '../../unit/index.ts';
import type { SungVerse } from '../../verses/index.ts';

/** How long a piece takes, and how that comes about. */
export interface PieceLength {
  /** Everything, settling included. */
  readonly seconds: number;
  /** Of the piece itself. */
  readonly ownSeconds: number;
  readonly settleSeconds: number;
  /** From what: as noted by hand, as it is played, from its lines, or the home's value for such a piece. */
  readonly basis: 'noted' | 'played' | 'lines' | 'kind';
  readonly verseCount: number;
  readonly lineCount: number;
  /** One line at its pace; 0 where no line counts. */
  readonly lineSeconds: number;
}

const SECONDS_A_MINUTE = 60;

/**
 * How long a piece takes, in seconds: its minutes as noted; what is recorded as long as it plays; a song its lines, each at
 * the home's time for a line and the pace of the song; else what the home gives a story, a talk or a game. The home's time
 * for settling comes on top.
 */
export function lengthOf(
  { minutes, kind }: Pick<CirclePiece, 'minutes' | 'kind'>,
  song: Song | null,
  verses: readonly SungVerse[],
  home: Home,
): PieceLength {
  const settleSeconds = valueIn(home, 'circleSettleSeconds');
  const none = {
    settleSeconds,
    verseCount: verses.filter(({ part }) => part === 'verse').length,
    lineCount: 0,
    lineSeconds: 0,
  };
  const of = (ownSeconds: number, rest: Omit<PieceLength, 'seconds' | 'ownSeconds'>): PieceLength => ({
    ...rest,
    ownSeconds,
    seconds: ownSeconds + settleSeconds,
  });
  if (minutes !== null) return of(minutes * SECONDS_A_MINUTE, { ...none, basis: 'noted' });
  if (song && song.recordedMinutes > 0)
    return of(song.recordedMinutes * SECONDS_A_MINUTE, { ...none, basis: 'played' });
  if (song) {
    const lineSeconds = (valueIn(home, 'songLineSeconds') * PACES[song.pace].percent) / 100;
    const lineCount = verses.reduce((sum, { lines }) => sum + lines.length, 0);
    return of(Math.round(lineCount * lineSeconds), { ...none, basis: 'lines', lineCount, lineSeconds });
  }
  const ofKind = kind === 'story' ? 'storyMinutes' : kind === 'talk' ? 'talkMinutes' : 'gameMinutes';
  return of(valueIn(home, ofKind) * SECONDS_A_MINUTE, { ...none, basis: 'kind' });
}

/** `45 s`, `2 min`, `3 min 20 s`. */
export function formatSeconds(seconds: number): string {
  const whole = Math.round(seconds);
  const [minutes, rest] = [Math.floor(whole / SECONDS_A_MINUTE), whole % SECONDS_A_MINUTE];
  if (minutes === 0) return `${rest} s`;
  return rest === 0 ? `${minutes} min` : `${minutes} min ${rest} s`;
}

const BASES: Readonly<Record<PieceLength['basis'], (length: PieceLength) => string>> = {
  noted: ({ ownSeconds }) => `${formatSeconds(ownSeconds)}, as you noted it`,
  played: ({ ownSeconds }) => `${formatSeconds(ownSeconds)}, as long as it plays`,
  lines: ({ verseCount, lineCount, lineSeconds, ownSeconds }) =>
    `${lineCount} lines in ${verseCount} ${verseCount === 1 ? 'verse' : 'verses'} × ${lineSeconds} s a line → ${formatSeconds(ownSeconds)}`,
  kind: ({ ownSeconds }) => `${formatSeconds(ownSeconds)}, what this home gives such a piece`,
};

/** How a length comes about, in a sentence: `20 lines in 5 verses × 5 s a line → 1 min 40 s, and 15 s to settle`. */
export const explainLength = (length: PieceLength): string =>
  length.settleSeconds === 0
    ? BASES[length.basis](length)
    : `${BASES[length.basis](length)}, and ${formatSeconds(length.settleSeconds)} to settle`;
