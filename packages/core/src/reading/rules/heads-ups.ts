import { withGaps } from '../../library/index.ts';
import type { Keeping } from '../../unit/index.ts';
import { aboutPieces } from '../circle/stand-ins.ts';
import { factsOf, type Finding, type Level } from '../ground/finding.ts';
import { memoised } from '../ground/memo.ts';
import { phaseOf } from '../plan/days.ts';
import type { Asked, Rule } from './rule.ts';
import { RULES } from './rules.ts';

const ALL: readonly Rule[] = Object.values(RULES);
// What is over is over, and an idea has no days to fill: only what the children meet is looked at.
const EVER = ALL.filter(({ when }) => when !== 'to-come');
const questionsOf = (rules: readonly Rule[]): readonly Rule['ask'][] => [
  ...new Set(rules.map(({ ask }) => ask)),
];
const [ALL_QUESTIONS, QUESTIONS_EVER] = [questionsOf(ALL), questionsOf(EVER)];

/** Every rule asked about a unit, and what of it somebody keeps as it is: stops first, within a level by their first day. */
export function headsUpsOf(asked: Asked, keepings: readonly Keeping[]): readonly Finding[] {
  const phase = phaseOf(asked.frame, asked.today);
  const questions = phase === 'over' || phase === 'idea' ? QUESTIONS_EVER : ALL_QUESTIONS;
  const lists = questions.map((ask) => ask(asked)) as [readonly Finding[], ...(readonly Finding[])[]];
  return withKept(toldOfPieces(inOrder(...lists)), keepings);
}

const WEIGHT: Record<Level, number> = { stop: 0, care: 1, note: 2 };

const inOrder = memoised(
  (...lists: readonly [readonly Finding[], ...(readonly Finding[])[]]): readonly Finding[] =>
    lists.flat().toSorted((a, b) => WEIGHT[a.level] - WEIGHT[b.level] || (a.days[0] ?? 0) - (b.days[0] ?? 0)),
);

const toldOfPieces = memoised((found: readonly Finding[]): readonly Finding[] => {
  const told = found.map((finding) => gapped(aboutPieces(finding)));
  return told.every((one, i) => one === found[i]) ? found : told;
});

// A pattern whose words are open is called with gaps, as it is everywhere else.
const gapped = memoised((finding: Finding): Finding => {
  const { title, detail, instead = '' } = finding;
  if (![title, detail, instead].some((text) => text.includes('{'))) return finding;
  return {
    ...finding,
    title: withGaps(title),
    detail: withGaps(detail),
    ...(finding.instead === undefined ? {} : { instead: withGaps(instead) }),
  };
});

// What is kept goes to the end, and comes back as soon as its facts are others.
const withKept = memoised((found: readonly Finding[], keepings: readonly Keeping[]): readonly Finding[] => {
  if (keepings.length === 0) return found;
  const byKey = new Map(keepings.map((keeping) => [keeping.key, keeping]));
  const open: Finding[] = [];
  const kept: Finding[] = [];
  for (const finding of found) {
    const keeping = byKey.get(finding.key);
    if (keeping?.facts === factsOf(finding)) {
      const { by, at, why } = keeping;
      kept.push({ ...finding, kept: { by, at, why } });
    } else open.push(finding);
  }
  return [...open, ...kept];
});
