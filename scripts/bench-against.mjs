// The benchmarks of this tree beside those of an earlier commit, in turns on the same machine, so that a busy minute hits both.
// Printed: the median over the runs of every figure in milliseconds, or a second, and its ratio to before.
import { execFileSync } from 'node:child_process';
import { mkdirSync, mkdtempSync, readdirSync, rmSync, symlinkSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { say } from './prepare.mjs';
import { ROOT } from './root.mjs';

const RUNS = 5;
const LABEL_WIDTH = 62;
// What stays below is noise rather than news.
const NOTABLE = 1.1;

/** A checkout of a commit with the packages of this one, its own workspace excepted. */
function checkout(commit) {
  const folder = mkdtempSync(join(tmpdir(), 'kobby-against-'));
  execFileSync('git', ['worktree', 'add', '--detach', folder, commit], { cwd: ROOT, stdio: 'pipe' });
  const modules = join(folder, 'node_modules');
  mkdirSync(join(modules, '@kobby'), { recursive: true });
  for (const name of readdirSync(join(ROOT, 'node_modules')))
    if (name !== '@kobby' && name !== '.cache')
      symlinkSync(join(ROOT, 'node_modules', name), join(modules, name));
  for (const name of readdirSync(join(folder, 'packages')))
    symlinkSync(join(folder, 'packages', name), join(modules, '@kobby', name));
  execFileSync(process.execPath, [join(folder, 'scripts/build.mjs')], { cwd: folder, stdio: 'pipe' });
  return folder;
}

const close = (folder) => {
  execFileSync('git', ['worktree', 'remove', '--force', folder], { cwd: ROOT, stdio: 'pipe' });
  rmSync(folder, { recursive: true, force: true });
};

/** The figures of one run: `label`, then which of its figures it is. A line that tells none is passed over. */
function figuresIn(output) {
  const figures = new Map();
  for (const line of output.split('\n')) {
    const label = line.slice(0, LABEL_WIDTH).trimEnd();
    const numbers = [...line.slice(LABEL_WIDTH).matchAll(/(\d+(?:\.\d+)?) (ms|a second)/g)];
    numbers.forEach(([, value, unit], i) => figures.set(`${label}\u0000${i}\u0000${unit}`, Number(value)));
  }
  return figures;
}

function runOnce(folder, parts) {
  const tsx = join(ROOT, 'node_modules/.bin/tsx');
  const output = execFileSync(tsx, [join(folder, 'scripts/bench.ts'), ...parts], {
    cwd: folder,
    encoding: 'utf8',
    stdio: ['ignore', 'pipe', 'inherit'],
  });
  return figuresIn(output);
}

const median = (values) => values.toSorted((a, b) => a - b)[Math.floor(values.length / 2)];

/** Prints how much longer everything takes than at a commit. */
export function benchAgainst(commit, parts) {
  say(`building ${commit} beside this one …`);
  const before = checkout(commit);
  const runs = { before: [], now: [] };
  try {
    for (let i = 0; i < RUNS; i += 1) {
      const turn = i % 2 === 0 ? ['before', 'now'] : ['now', 'before'];
      for (const which of turn) runs[which].push(runOnce(which === 'now' ? ROOT : before, parts));
      say(`run ${i + 1} of ${RUNS} of both`);
    }
  } finally {
    close(before);
  }
  console.log(
    `${'figure, median of the runs'.padEnd(LABEL_WIDTH + 6)}${'before'.padStart(12)}${'now'.padStart(12)}   ratio`,
  );
  for (const key of runs.now[0].keys()) {
    const [label, index, unit] = key.split('\u0000');
    const [then, now] = [runs.before, runs.now].map((list) => list.flatMap((one) => one.get(key) ?? []));
    if (then.length === 0) continue;
    const [a, b] = [median(then), median(now)];
    // Of how many a second, more is better.
    const ratio = unit === 'ms' ? b / a : a / b;
    const name = `${label}${Number(index) > 0 ? ` (${Number(index) + 1}.)` : ''}`.padEnd(LABEL_WIDTH + 6);
    console.log(
      `${name}${a.toFixed(2).padStart(12)}${b.toFixed(2).padStart(12)}   ${ratio.toFixed(2)}${ratio > NOTABLE ? '  ←' : ''}`,
    );
  }
}
