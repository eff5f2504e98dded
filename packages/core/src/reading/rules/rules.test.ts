import { readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { expect, test } from 'vitest';
import { A_MONDAY, anActivity, onDay, TEST_UNIT, testBook } from '../../testing/home.ts';
import { read } from '../answers/read.ts';
import { CAUTION_RULES } from '../cautions/rules.ts';
import type { RuleId } from '../ground/finding.ts';
import { RULES } from './rules.ts';

const PAGE = join(import.meta.dirname, '../../../../../docs/cautions.md');
const [BEGIN, END] = [
  '<!-- made of the rules: KOBBY_DOCS=1 npm test -- core/reading/rules -->',
  '<!-- end of what is made -->',
];

const tableOf = (head: readonly string[], rows: readonly (readonly string[])[]): string =>
  [head, head.map(() => '---'), ...rows].map((cells) => `| ${cells.join(' | ')} |`).join('\n');

/** The tables of docs/cautions.md, made of the rules. */
function tables(): string {
  const rules = Object.entries(RULES);
  const rows = [
    ...CAUTION_RULES.map(({ row, about, basis }) => [String(row), about, basis] as const),
    ...rules.flatMap(([id, { rows: own = [], about }]) =>
      own.map((row) => [String(row), about, `rule \`${id}\``] as const),
    ),
  ].toSorted(([a], [b]) => Number(a) - Number(b));
  const ruleRows = rules.map(([id, { about, levels, when, tells, ways }]) => [
    `\`${id}\``,
    about,
    levels.join(', '),
    when === 'to-come' ? 'while there are days to plan' : 'always',
    tells?.join(', ') ?? '',
    ways?.map((one) => (typeof one === 'string' ? one : one.way)).join(', ') ?? '',
  ]);
  return [
    '<!-- prettier-ignore-start -->',
    tableOf(['Row', 'About', 'Basis'], rows),
    '',
    tableOf(['Rule', 'About', 'Levels', 'Asked', 'Also told', 'Ways out'], ruleRows),
    '<!-- prettier-ignore-end -->',
  ].join('\n');
}

test('the page of cautions says what the rules say', () => {
  const page = readFileSync(PAGE, 'utf8');
  const [from, to] = [page.indexOf(BEGIN) + BEGIN.length, page.indexOf(END)];
  const wanted = `${page.slice(0, from)}\n\n${tables()}\n\n${page.slice(to)}`;
  if (process.env.KOBBY_DOCS) writeFileSync(PAGE, wanted);
  else expect(page).toBe(wanted);
});

test('stops and cares about what is met in the room reach whoever is in it', () => {
  const planning: readonly RuleId[] = ['adults-short', 'ratio'];
  for (const [id, { levels, tells, rows = [] }] of Object.entries(RULES)) {
    if (rows.length > 0 && levels.includes('stop') && !planning.includes(id as RuleId))
      expect([id, tells]).toEqual([id, expect.arrayContaining(['paper'])]);
  }
});

test('a pattern whose words are open is called with gaps, wherever it is told of', () => {
  const slots = [{ id: 'things', asks: 'What are they?', kind: 'thing' as const }];
  const pattern = anActivity('match', {
    title: 'Match the {things}',
    slots,
    prep: [{ id: 'cut', text: 'Cut the {things}.', minutes: 400 }],
  });
  const { headsUps } = read(testBook(pattern, onDay('p', 'match', 2)), TEST_UNIT, A_MONDAY);
  expect(headsUps.map(({ title }) => title)).toContain('Match the … is not filled in yet');
  expect(JSON.stringify(headsUps)).not.toContain('{things}');
});
