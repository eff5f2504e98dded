import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import type { TestProject } from 'vitest/node';
import { DEMO_TODAY } from '@kobby/starter';
import { buildApp } from '../app.ts';
import { DEMO_PASS_PHRASE, makeDemoHome } from '../demo.ts';

declare module 'vitest' {
  export interface ProvidedContext {
    /** A data folder with the demo home in it, to be copied and never opened. */
    demoFolder: string;
  }
}

/**
 * Makes the demo home once a run: making it takes more than a second of computing, copying it some milliseconds.
 * @returns what takes it away again.
 */
export default async function makeOnce(project: TestProject): Promise<() => void> {
  const folder = mkdtempSync(join(tmpdir(), 'kobby-demo-'));
  const app = await buildApp({
    folder,
    webFolder: null,
    fixedToday: DEMO_TODAY,
    demoPassPhrase: DEMO_PASS_PHRASE,
    publicAddress: null,
    logLevel: 'silent',
  });
  await makeDemoHome(app);
  await app.close();
  project.provide('demoFolder', folder);
  return () => rmSync(folder, { recursive: true, force: true });
}
