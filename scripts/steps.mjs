// Runs steps that need each other, so many at once as there are cores for, and says how far it is. Uses nothing but Node.
import { spawn } from 'node:child_process';
import { availableParallelism } from 'node:os';
import { ROOT } from './root.mjs';

/**
 * A step: what it needs before it can run, and either a program to run or a function to call.
 * @typedef {object} Step
 * @property {string} name
 * @property {string[]} [needs] names of steps; one that is not part of the run is taken as done
 * @property {() => Promise<void> | void} [does]
 * @property {string[]} [runs] a program and its arguments
 * @property {Record<string, string>} [env]
 * @property {boolean} [alone] it keeps all cores busy by itself
 * @property {boolean} [shows] what it prints is shown as it comes; else only when it fails
 */

const seconds = (ms) => `${(ms / 1000).toFixed(1)} s`;
const line = (text) => process.stdout.write(`kobby: ${text}\n`);
// vitest closes with how many tests passed and failed, in colours or without.
const COLOURS = new RegExp(`${String.fromCharCode(27)}\\[[0-9;]*m`, 'g');
const counted = (output, what) =>
  Number(
    new RegExp(`Tests .*?(\\d+) ${what}`).exec(
      output.replaceAll(COLOURS, '').split('Test Files').at(-1),
    )?.[1] ?? 0,
  );
// What failed, each with its first line of why: said once more at the end, where a long log is looked at first.
const failures = (output) => [
  ...new Set(
    output.replaceAll(COLOURS, '').match(/^ *FAIL .*\n.*$/gm) ?? output.trimEnd().split('\n').slice(-5),
  ),
];

function runProgram({ runs, env, shows }) {
  const [command, ...args] = runs;
  return new Promise((ended) => {
    const child = spawn(command, args, {
      cwd: ROOT,
      env: { ...process.env, ...env },
      stdio: ['ignore', 'pipe', 'pipe'],
    });
    let output = '';
    const heard = (chunk) => {
      output += chunk;
      if (shows) process.stdout.write(chunk);
    };
    child.stdout.setEncoding('utf8').on('data', heard);
    child.stderr.setEncoding('utf8').on('data', heard);
    child.once('error', (error) => ended({ ok: false, output: `${output}\n${error.message}` }));
    child.once('close', (code) => ended({ ok: code === 0, output }));
  });
}

async function runStep(step) {
  if (step.runs) return runProgram(step);
  try {
    await step.does();
    return { ok: true, output: '' };
  } catch (error) {
    return { ok: false, output: String(error?.stack ?? error) };
  }
}

/**
 * Runs steps, the first ones first as far as their needs allow. What fails is printed whole; what does not need it goes on.
 * @param {Step[]} steps
 * @returns {Promise<boolean>} whether all of them passed
 */
export async function runSteps(steps) {
  const lanes = Math.max(1, Math.min(2, availableParallelism()));
  const names = new Set(steps.map(({ name }) => name));
  const done = new Map();
  const running = new Set();
  const began = Date.now();
  const counts = { passed: 0, failed: 0 };
  let [waiting, busy, wake] = [[...steps], 0, () => undefined];

  const failedNeed = ({ needs = [] }) => needs.find((need) => done.get(need)?.ok === false);
  const isReady = ({ needs = [] }) => needs.every((need) => !names.has(need) || done.has(need));
  const start = (step) => {
    const cost = step.alone ? lanes : 1;
    const from = Date.now();
    busy += cost;
    running.add(step.name);
    line(`▶ ${step.name}`);
    void runStep(step).then(({ ok, output }) => {
      busy -= cost;
      running.delete(step.name);
      const ms = Date.now() - from;
      done.set(step.name, { ok, ms, why: ok ? [] : failures(output) });
      const [passed, failed] = [counted(output, 'passed'), counted(output, 'failed')];
      counts.passed += passed;
      counts.failed += failed;
      if (!ok && !step.shows) process.stdout.write(`${output}\n`);
      const tests = passed + failed > 0 ? `, ${passed} passed, ${failed} failed` : '';
      line(`${ok ? '✓' : '✗'} ${step.name} ${seconds(ms)}${tests} (${done.size} of ${steps.length})`);
      wake();
    });
  };

  while (done.size < steps.length) {
    for (const step of waiting.filter((one) => failedNeed(one) !== undefined)) {
      line(`– ${step.name} left out: ${failedNeed(step)} failed`);
      done.set(step.name, { ok: false, ms: 0, why: [] });
    }
    waiting = waiting.filter(({ name }) => !done.has(name));
    const next = waiting.find((step) => isReady(step) && busy + (step.alone ? lanes : 1) <= lanes);
    if (next) {
      waiting = waiting.filter((step) => step !== next);
      start(next);
    } else if (running.size > 0) {
      await new Promise((resolve) => (wake = resolve));
    } else if (waiting.length > 0) {
      throw new Error(`these steps need each other: ${waiting.map(({ name }) => name).join(', ')}`);
    }
  }
  summary(done, Date.now() - began, counts);
  return [...done.values()].every(({ ok }) => ok);
}

function summary(done, ms, counts) {
  line('where the time went:');
  for (const [name, step] of [...done].toSorted(([, a], [, b]) => b.ms - a.ms))
    process.stdout.write(`  ${step.ok ? ' ' : '✗'} ${name.padEnd(34)} ${seconds(step.ms).padStart(9)}\n`);
  for (const [name, { why }] of done)
    if (why.length > 0) process.stdout.write(`what failed of ${name}:\n${why.join('\n')}\n`);
  line(`all of it ${seconds(ms)}`);
  if (counts.passed + counts.failed > 0)
    process.stdout.write(`${counts.passed} passed, ${counts.failed} failed\n`);
}
