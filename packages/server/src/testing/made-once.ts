import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { dirname, join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { build } from 'esbuild';
import type { TestProject } from 'vitest/node';
import { DEMO_TODAY } from '@kobby/starter';
import { Host } from '../host.ts';
import { DEMO_PASS_PHRASE, makeDemoHome } from '../demo.ts';

declare module 'vitest' {
  export interface ProvidedContext {
    /** A data folder with the demo home in it, to be copied and never opened. */
    demoFolder: string;
    /** The program that does something until it is killed (killed.ts). */
    killed: string;
  }
}

const HERE = dirname(fileURLToPath(import.meta.url));
const PACKAGES = join(HERE, '../../..');

// Read through a loader, each would take seconds to begin.
async function buildWorker(): Promise<string> {
  const outdir = join(PACKAGES, '../node_modules/.cache/kobby');
  await build({
    entryPoints: { worker: join(HERE, '../aside/worker.ts'), killed: join(HERE, 'killed.ts') },
    outdir,
    outExtension: { '.js': '.mjs' },
    bundle: true,
    platform: 'node',
    format: 'esm',
    packages: 'external',
    alias: {
      '@kobby/core': join(PACKAGES, 'core/src/index.ts'),
      '@kobby/starter': join(PACKAGES, 'starter/src/index.ts'),
    },
  });
  process.env.KOBBY_WORKER = join(outdir, 'worker.mjs');
  return join(outdir, 'killed.mjs');
}

/**
 * Makes the demo home once a run: making it takes more than a second of computing, copying it some milliseconds.
 * @returns what takes it away again.
 */
export default async function makeOnce(project: TestProject): Promise<() => void> {
  project.provide('killed', await buildWorker());
  const folder = mkdtempSync(join(tmpdir(), 'kobby-demo-'));
  const host = await Host.open({
    folder,
    webFolder: null,
    fixedToday: DEMO_TODAY,
    demoPassPhrase: DEMO_PASS_PHRASE,
    publicAddress: null,
  });
  await makeDemoHome(host.app);
  await host.close();
  project.provide('demoFolder', folder);
  return () => rmSync(folder, { recursive: true, force: true });
}
