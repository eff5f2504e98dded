// One lane of the mutation run, a process of its own: puts a fault into a file as it is loaded, never on the disk, and runs
// the tests that it is told.
import { join, resolve } from 'node:path';
import { BaseSequencer, createVitest, type TestSpecification, type Vitest } from 'vitest/node';
import { readFileSync } from 'node:fs';
import type { Mutant } from './operators.ts';

const ROOT = resolve(import.meta.dirname, '../..');

/** What a lane is asked: does one of these tests fail with this fault, or, without one, as things are? */
export interface Asked {
  readonly mutant: Mutant | null;
  readonly tests: readonly string[];
}

let mutant: Mutant | null = null;

const fault = {
  name: 'kobby-fault',
  enforce: 'pre' as const,
  transform(code: string, id: string) {
    if (!mutant || id !== join(ROOT, mutant.file)) return undefined;
    const text = readFileSync(id, 'utf8');
    return { code: text.slice(0, mutant.start) + mutant.by + text.slice(mutant.end), map: null };
  },
};

/** Tests in the order in which they are asked for: the nearest ones find most. */
class AsAsked extends BaseSequencer {
  override async sort(files: TestSpecification[]): Promise<TestSpecification[]> {
    return files;
  }
}

async function open(): Promise<{ vitest: Vitest; byFile: Map<string, TestSpecification> }> {
  const vitest = await createVitest(
    'test',
    {
      config: false,
      root: ROOT,
      watch: false,
      include: ['packages/{core,starter,server}/src/**/*.test.ts'],
      setupFiles: ['packages/core/src/testing/setup.ts'],
      globalSetup: ['packages/server/src/testing/made-once.ts'],
      pool: 'threads',
      isolate: false,
      maxWorkers: 1,
      bail: 1,
      sequence: { sequencer: AsAsked },
      testTimeout: 20_000,
      hookTimeout: 20_000,
      reporters: [{}],
      env: { TZ: 'America/Chicago' },
    },
    { plugins: [fault] },
  );
  const specs = await vitest.globTestSpecifications();
  return { vitest, byFile: new Map(specs.map((spec) => [spec.moduleId.slice(ROOT.length + 1), spec])) };
}

const { vitest, byFile } = await open();
process.on('message', async ({ mutant: next, tests }: Asked) => {
  for (const one of [mutant, next]) if (one) vitest.invalidateFile(join(ROOT, one.file));
  mutant = next;
  const specs = tests.flatMap((file) => byFile.get(file) ?? []);
  // What failed before is forgotten: only this run counts.
  vitest.state.filesMap.clear();
  vitest.state.idMap.clear();
  vitest.state.errorsSet.clear();
  const { testModules, unhandledErrors } = await vitest.runTestSpecifications(specs, false);
  const failed = testModules.find((module) => !module.ok());
  process.send!({ fails: failed !== undefined || unhandledErrors.length > 0 });
});
process.send!({ ready: true });
