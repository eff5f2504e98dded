// Does one job and ends: whoever asked hears the result, or the sentence why there is none.
import { Worker } from 'node:worker_threads';
import { JOBS, type JobName } from './jobs.ts';

process.umask(0o077);

interface Asked {
  readonly job: JobName;
  readonly input: never;
  readonly megabytes: number;
}

// What is unpacked lies outside of what the engine counts, and nothing else here runs while it is: a thread of its own looks.
const watchMemory = (megabytes: number): Worker =>
  new Worker(
    `const { workerData } = require('node:worker_threads');
    setInterval(() => {
      if (process.memoryUsage.rss() > workerData) process.kill(process.pid, 'SIGKILL');
    }, 20);`,
    { eval: true, workerData: megabytes * 1_000_000 },
  );

process.once('message', ({ job, input, megabytes }: Asked) => {
  watchMemory(megabytes).unref();
  const work = async (): Promise<unknown> => JOBS[job](input);
  void work()
    .then((result) => ({ result }))
    .catch((error: Error) => ({ error: error.message, name: error.constructor.name }))
    .then((said) => process.send!(said, () => process.exit(0)));
});
// Whoever asked is gone: nobody wants it any more.
process.once('disconnect', () => process.exit(1));
