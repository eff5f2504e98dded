// npm test: installs what is missing, then runs unit tests and end-to-end tests. `-- --unit` leaves the browser out.
import { join } from 'node:path';
import { ensureBuild, ensureChromium, ensureDependencies, ROOT, run, say } from './prepare.mjs';

const unitOnly = process.argv.includes('--unit');
ensureDependencies();
const vitest = join(ROOT, 'node_modules/vitest/vitest.mjs');
say('unit tests, in two time zones');
for (const zone of ['America/Chicago', 'Pacific/Auckland']) {
  run(process.execPath, [vitest, 'run'], { env: { ...process.env, TZ: zone } });
}
if (!unitOnly) {
  const chromium = ensureChromium();
  ensureBuild();
  say('end-to-end tests');
  run(process.execPath, [vitest, 'run', '--config', 'e2e/vitest.config.ts'], {
    env: { ...process.env, CHROMIUM_PATH: chromium },
  });
}
