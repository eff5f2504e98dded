import type { ClockTime } from '../calendar/index.ts';
import { asName, MAX_LINE_LENGTH, MAX_TEXT_LENGTH } from '../measure/index.ts';
import { factIn, factText, type Fact } from './facts.ts';

/** The most lines that are written in at once. */
export const MAX_JOTTINGS = 200;

/** A line as it was understood. */
export interface Jotting {
  readonly title: string;
  /** `Day 3:` in front of it; null when it says no day. */
  readonly day: number | null;
  /** A corner in front of it, as it is called here; null when it says none. */
  readonly corner: string | null;
  /** A time of the day in front of it; null when it says none. */
  readonly time: ClockTime | null;
  readonly facts: readonly Fact[];
  /** What of it was not understood, as it stands: kept with it, and counted as nothing. */
  readonly rest: readonly string[];
}

const DAY = /^day\s*(\d{1,2})\s*[:.)–-]\s*/i;
// A comma between two digits is one in a number.
const SEPARATES = /;|,(?!\d)|(?<!\d),/;
const TIME = /^(\d{1,2}):([0-5]\d)(?:\s*([ap])\.?m\b\.?)?\s*[–-]?\s+/i;
const BULLET = /^(?:[-*•–]|\d{1,2}[.)])\s+/;

/**
 * Reads a line that somebody writes into a plan: `paint kites with sponges, 6 sponges, 20 min, messy, outdoors`. What stands before
 * the first comma is its title, as it is; every part after it is understood by the rules of {@link factIn} or kept as it stands. A
 * line may say in front for which day it is, for which of the corners named, and from what time on. Null for an empty line.
 * @throws nothing: whatever is typed is a line.
 */
export function readLine(text: string, corners: readonly string[] = []): Jotting | null {
  const plain = text
    .replaceAll(/[<>\p{Cc}]/gu, ' ')
    .trim()
    .replace(BULLET, '');
  const [, digits] = DAY.exec(plain) ?? [];
  const afterDay = plain.replace(DAY, '');
  const corner = corners.find((name) => asName(afterDay).startsWith(`${asName(name)}:`)) ?? null;
  const said = corner === null ? afterDay : afterDay.slice(afterDay.indexOf(':') + 1);
  const { time, after } = timeIn(said.trim());
  const [first = '', ...parts] = after.split(SEPARATES).map((part) => part.trim().replaceAll(/\s+/g, ' '));
  if (first === '') return null;
  const facts: Fact[] = [];
  const rest: string[] = first.length > MAX_LINE_LENGTH ? [first] : [];
  for (const part of parts) {
    const fact = part === '' ? null : factIn(part);
    const isSaid = fact !== null && fact.kind !== 'thing' && facts.some(({ kind }) => kind === fact.kind);
    if (fact && !isSaid) facts.push(fact);
    else if (part !== '') rest.push(part);
  }
  const title = first.length > MAX_LINE_LENGTH ? `${first.slice(0, MAX_LINE_LENGTH - 1)}…` : first;
  return { title, day: digits === undefined ? null : Number(digits), corner, time, facts, rest };
}

function timeIn(text: string): { readonly time: ClockTime | null; readonly after: string } {
  const [whole, hours, minutes, half] = TIME.exec(text) ?? [];
  const hour =
    half === undefined ? Number(hours) : (Number(hours) % 12) + (half.toLowerCase() === 'p' ? 12 : 0);
  if (whole === undefined || hour > 23) return { time: null, after: text };
  const time = `${String(hour).padStart(2, '0')}:${minutes}` as ClockTime;
  return { time, after: text.slice(whole.length) };
}

/** Several lines, each by itself; empty ones say nothing. */
export const readLines = (text: string, corners: readonly string[] = []): readonly Jotting[] =>
  text.split('\n').flatMap((line) => readLine(line, corners) ?? []);

/** Why a text cannot be written in as it is; null when it can. Cut off it would lose what somebody typed. */
export function tooMuch(text: string): string | null {
  const lines = text.split('\n').filter((line) => line.trim() !== '');
  if (lines.length > MAX_JOTTINGS)
    return `These are ${lines.length} lines. At most ${MAX_JOTTINGS} are written in at once: take the rest after them.`;
  const long = lines.findIndex((line) => line.trim().length > MAX_TEXT_LENGTH);
  if (long < 0) return null;
  return `Line ${long + 1} has ${lines[long]!.trim().length} characters; at most ${MAX_TEXT_LENGTH} fit.`;
}

/** A line as it would be written, so that it is understood as the same. */
export const lineOf = ({ title, day, corner, time, facts, rest }: Jotting): string =>
  [
    `${day === null ? '' : `Day ${day}: `}${corner === null ? '' : `${corner}: `}${time === null ? '' : `${time} `}${title}`,
    ...facts.map(factText),
    ...rest,
  ].join(', ');
