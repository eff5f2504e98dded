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
  readonly facts: readonly Fact[];
  /** What of it was not understood, as it stands: kept with it, and counted as nothing. */
  readonly rest: readonly string[];
}

const DAY = /^day\s*(\d{1,2})\s*[:.)–-]\s*/i;
// A comma between two digits is one in a number.
const SEPARATES = /;|,(?!\d)|(?<!\d),/;
const BULLET = /^(?:[-*•–]|\d{1,2}[.)])\s+/;

/**
 * Reads a line that somebody writes into a plan: `paint kites with sponges, 6 sponges, 20 min, messy, outdoors`. What stands before
 * the first comma is its title, as it is; every part after it is understood by the rules of {@link factIn} or kept as it stands. A
 * line may say in front for which day it is, or for which of the corners named. Null for an empty line.
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
  const [first = '', ...parts] = said.split(SEPARATES).map((part) => part.trim().replaceAll(/\s+/g, ' '));
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
  return { title, day: digits === undefined ? null : Number(digits), corner, facts, rest };
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
export const lineOf = ({ title, day, corner, facts, rest }: Jotting): string =>
  [
    `${day === null ? '' : `Day ${day}: `}${corner === null ? '' : `${corner}: `}${title}`,
    ...facts.map(factText),
    ...rest,
  ].join(', ');
