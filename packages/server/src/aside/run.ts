import { fork } from 'node:child_process';
import { fileURLToPath } from 'node:url';
import type { JobInput, JobName, JobResult } from './jobs.ts';

/** What a job may take: time, and memory of its process altogether. */
export interface Bounds {
  readonly milliseconds: number;
  readonly megabytes: number;
}

/** For work on a whole home. */
export const WHOLE_HOME: Bounds = { milliseconds: 30 * 60_000, megabytes: 2000 };

/** A job that said why it could not be done, in words for people. */
export class JobRefused extends Error {
  /** The class of the error over there. */
  readonly kind: string;

  constructor(message: string, kind: string) {
    super(message);
    this.kind = kind;
  }
}

// The built server has the worker beside it; tests build one once; from the sources it is read through a loader.
const isBuilt = !import.meta.url.endsWith('.ts');
const worker = (): string =>
  process.env.KOBBY_WORKER ??
  fileURLToPath(new URL(isBuilt ? './worker.js' : './worker.ts', import.meta.url));

// Each has a core to itself, and those that wait behind are few: whoever comes then is told to come again.
const AT_ONCE = 2;
const MOST_WAITING = 20;
let running = 0;
const waiting: (() => void)[] = [];

async function inTurn<T>(work: () => Promise<T>): Promise<T> {
  if (running >= AT_ONCE) {
    if (waiting.length >= MOST_WAITING) throw new TooBusy();
    await new Promise<void>((next) => waiting.push(next));
  }
  running += 1;
  try {
    return await work();
  } finally {
    running -= 1;
    waiting.shift()?.();
  }
}

/** Too many jobs wait already. */
export class TooBusy extends Error {}

/**
 * Does a job in a process of its own: the server goes on answering, and whatever happens there, this process does not end.
 * @throws {TooBusy} when too many wait already.
 * @throws {JobRefused} with its sentence when it cannot be done, takes longer or more than its bounds, or ends before it is done.
 */
export const runAside = <J extends JobName>(
  job: J,
  input: JobInput<J>,
  bounds: Bounds,
): Promise<JobResult<J>> => inTurn(() => forked(job, input, bounds));

function forked<J extends JobName>(job: J, input: JobInput<J>, bounds: Bounds): Promise<JobResult<J>> {
  return new Promise((done, failed) => {
    const file = worker();
    const loader = file.endsWith('.ts') ? ['--import', 'tsx'] : [];
    const child = fork(file, [], {
      execArgv: [`--max-old-space-size=${bounds.megabytes}`, ...loader],
      serialization: 'advanced',
      stdio: ['ignore', 'ignore', 'inherit', 'ipc'],
    });
    const refuse = (message: string, kind = 'Error'): void => failed(new JobRefused(message, kind));
    const timer = setTimeout(() => {
      refuse('This took too long and was stopped. Nothing was changed.', 'TookTooLong');
      child.kill('SIGKILL');
    }, bounds.milliseconds);
    child.once('message', (said: { result: JobResult<J> } | { error: string; name: string }) =>
      'error' in said ? refuse(said.error, said.name) : done(said.result),
    );
    child.once('error', (error) => refuse(error.message));
    child.once('exit', () => {
      clearTimeout(timer);
      refuse('This ended before it was done. Nothing was changed.', 'Ended');
    });
    child.send({ job, input, megabytes: bounds.megabytes });
  });
}
