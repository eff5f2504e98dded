// Puts small faults into the code, one at a time, and counts how many the unit tests find (operators.ts, beside.ts).
// --since COMMIT: only in lines changed since; --only TEXT: only in files whose path holds it; --sample N --seed S: so many
// of them, picked by the seed; --near: without asking the tests that stand further away.
import { execFileSync, fork, type ChildProcess } from 'node:child_process';
import { readdirSync, readFileSync } from 'node:fs';
import { join, resolve } from 'node:path';
import { parseArgs } from 'node:util';
import ts from 'typescript';
import { seeded } from '../../packages/core/src/testing/problems.ts';
import { ALL_TESTS, testsBeside, testsBeyond } from './beside.ts';
import type { Asked } from './lane.ts';
import { mutantsOf, type Mutant } from './operators.ts';
import { isRefused } from './types.ts';

const ROOT = resolve(import.meta.dirname, '../..');
const LANES = 2;
// Longer than any test takes: a fault that goes round for ever is found by that.
const PATIENCE_MS = 90_000;
const FIRST_PATIENCE_MS = 900_000;

const { values: options } = parseArgs({
  options: {
    since: { type: 'string' },
    only: { type: 'string', multiple: true },
    sample: { type: 'string' },
    seed: { type: 'string', default: '1' },
    near: { type: 'boolean', default: false },
  },
});

// Core rules, access and storage. What only gathers names, and steps between versions of the database, are no rules.
const BASE = ['packages/core/src', 'packages/server/src'];
const NO_RULES = /\.test\.ts$|\/testing\/|\/index\.ts$|\/migrations\/|\/main\.ts$|\/demo\.ts$/;

const sources = (): readonly string[] =>
  BASE.flatMap((folder) =>
    (readdirSync(join(ROOT, folder), { recursive: true }) as string[]).map((file) => `${folder}/${file}`),
  ).filter((file) => file.endsWith('.ts') && !NO_RULES.test(file));

/** The lines of each file that are other than in a commit. */
function changedLines(commit: string): ReadonlyMap<string, ReadonlySet<number>> {
  const diff = execFileSync('git', ['diff', '-U0', commit, '--', ...BASE], {
    cwd: ROOT,
    encoding: 'utf8',
    maxBuffer: 1e9,
  });
  const lines = new Map<string, Set<number>>();
  let file = '';
  for (const text of diff.split('\n')) {
    if (text.startsWith('+++ ')) file = text.slice(6);
    const hunk = /^@@ -\S+ \+(\d+)(?:,(\d+))? @@/.exec(text);
    if (!hunk) continue;
    const from = Number(hunk[1]);
    for (let line = from; line < from + Number(hunk[2] ?? 1); line += 1)
      lines.set(file, (lines.get(file) ?? new Set()).add(line));
  }
  return lines;
}

const parses = (mutant: Mutant): boolean => {
  const text = readFileSync(join(ROOT, mutant.file), 'utf8');
  const { diagnostics } = ts.transpileModule(
    text.slice(0, mutant.start) + mutant.by + text.slice(mutant.end),
    {
      reportDiagnostics: true,
      compilerOptions: { target: ts.ScriptTarget.ES2022 },
    },
  );
  return (diagnostics ?? []).length === 0;
};

/** All faults that there are, in the order of the seed. */
function chosen(): readonly Mutant[] {
  const changed = options.since ? changedLines(options.since) : null;
  const all = sources()
    .filter((file) => !options.only || options.only.some((text) => file.includes(text)))
    .flatMap((file) => mutantsOf(file, readFileSync(join(ROOT, file), 'utf8')))
    .filter(({ file, line }) => !changed || changed.get(file)?.has(line));
  const random = seeded(Number(options.seed));
  const inAnyOrder = all.map((mutant) => ({ mutant, at: random() })).toSorted((a, b) => a.at - b.at);
  console.log(`${all.length} faults in ${new Set(all.map(({ file }) => file)).size} files`);
  return inAnyOrder.map(({ mutant }) => mutant);
}

interface Equivalent {
  readonly file: string;
  readonly line: string;
  readonly by: string;
  readonly why: string;
}
const EQUIVALENT = JSON.parse(
  readFileSync(join(import.meta.dirname, 'equivalent.json'), 'utf8'),
) as readonly Equivalent[];

const lineOf = ({ file, line }: Mutant): string =>
  readFileSync(join(ROOT, file), 'utf8').split('\n')[line - 1]!.trim();
const argued = (mutant: Mutant): Equivalent | undefined =>
  EQUIVALENT.find((one) => one.file === mutant.file && one.line === lineOf(mutant) && one.by === mutant.by);

type Verdict = 'beside' | 'beyond' | 'lived' | 'equivalent';

/** A process that tries faults; one that hangs is ended and another one takes its place. */
class Lane {
  #child: ChildProcess | null = null;

  async #open(): Promise<ChildProcess> {
    if (this.#child) return this.#child;
    const child = fork(join(import.meta.dirname, 'lane.ts'), { execArgv: ['--import', 'tsx'], cwd: ROOT });
    await new Promise((ready) => child.once('message', ready));
    child.once('exit', () => (this.#child = null));
    return (this.#child = child);
  }

  /** Whether one of the tests fails. */
  async fails(asked: Asked): Promise<boolean> {
    const child = await this.#open();
    return new Promise((answered) => {
      const finish = (fails: boolean): void => {
        clearTimeout(patience);
        child.off('message', heard);
        child.off('exit', gone);
        answered(fails);
      };
      const heard = (answer: unknown): void => finish((answer as { fails: boolean }).fails);
      const gone = (): void => finish(true);
      const patience = setTimeout(
        () => child.kill('SIGKILL'),
        asked.mutant ? PATIENCE_MS : FIRST_PATIENCE_MS,
      );
      child.once('message', heard);
      child.once('exit', gone);
      child.send(asked);
    });
  }

  close(): void {
    this.#child?.kill();
  }
}

async function judge(lane: Lane, mutant: Mutant): Promise<Verdict> {
  const beside = testsBeside(mutant.file);
  if (await lane.fails({ mutant, tests: beside })) return 'beside';
  if (argued(mutant)) return 'equivalent';
  if (options.near) return 'lived';
  return (await lane.fails({ mutant, tests: testsBeyond(mutant.file, beside) })) ? 'beyond' : 'lived';
}

const said = (mutant: Mutant): string => {
  const text = readFileSync(join(ROOT, mutant.file), 'utf8').slice(mutant.start, mutant.end);
  const short = (words: string): string => words.replaceAll(/\s+/g, ' ').slice(0, 70) || 'nothing';
  return `${mutant.file}:${mutant.line} ${mutant.operator}: ${short(text)} → ${short(mutant.by)}`;
};

const began = Date.now();
const queue = [...chosen()];
const total = Math.min(queue.length, Number(options.sample ?? Infinity));
const verdicts = new Map<Mutant, Verdict>();
let [asked, refused] = [0, 0];

/** The next fault that compiles: another one never gets as far as the tests, and none of them has to find it. */
function next(): Mutant | null {
  while (asked < total) {
    const mutant = queue.shift();
    if (!mutant) return null;
    if (parses(mutant) && !isRefused(mutant)) {
      asked += 1;
      return mutant;
    }
    refused += 1;
  }
  return null;
}

async function work(): Promise<void> {
  const lane = new Lane();
  // With nothing put into it the code passes: else every fault would be found.
  if (await lane.fails({ mutant: null, tests: ALL_TESTS })) throw new Error('the tests fail as things are');
  for (let mutant = next(); mutant; mutant = next()) {
    verdicts.set(mutant, await judge(lane, mutant));
    if (verdicts.get(mutant) === 'lived') console.log(`  lived: ${said(mutant)}`);
    if (verdicts.size % 25 === 0)
      console.log(`${verdicts.size} of ${total}: ${score([...verdicts.values()])}`);
  }
  lane.close();
}

const share = (part: number, whole: number): string => `${((100 * part) / Math.max(1, whole)).toFixed(1)} %`;
function score(list: readonly Verdict[]): string {
  const count = (verdict: Verdict): number => list.filter((one) => one === verdict).length;
  const found = count('beside') + count('beyond');
  return (
    `${found} of ${list.length} found (${share(found, list.length)}), ${count('beside')} of them beside; ` +
    `${count('equivalent')} argued to change nothing (${share(count('equivalent'), list.length)}), ${count('lived')} lived`
  );
}

await Promise.all(Array.from({ length: LANES }, work));
for (const verdict of ['beyond', 'equivalent', 'lived'] as const) {
  const some = [...verdicts].filter(([, one]) => one === verdict).map(([mutant]) => mutant);
  console.log(`\n${verdict === 'beyond' ? 'found only by tests further away' : verdict}: ${some.length}`);
  if (verdict !== 'beyond')
    for (const mutant of some.toSorted((a, b) => (said(a) < said(b) ? -1 : 1)))
      console.log(`  ${said(mutant)}${verdict === 'equivalent' ? `\n    ${argued(mutant)!.why}` : ''}`);
}
const rooms = new Map<string, Verdict[]>();
for (const [{ file }, verdict] of verdicts) {
  const room = file
    .split('/')
    .slice(1, file.includes('/reading/') ? 5 : 4)
    .filter((part) => part !== 'src' && !part.endsWith('.ts'))
    .join('/');
  rooms.set(room, [...(rooms.get(room) ?? []), verdict]);
}
console.log('\nby room:');
for (const [room, list] of [...rooms].toSorted()) console.log(`  ${room.padEnd(28)} ${score(list)}`);
console.log(`\n${refused} others do not compile and were passed over`);
console.log(`${score([...verdicts.values()])}, in ${((Date.now() - began) / 60_000).toFixed(1)} minutes`);
process.exit(0);
