// npm run check:deep: what takes too long for each run. First every case of the tests that compare with trying everything; then every
// view and sheet at four sizes, in both lights, with wide text and with the colours of the system; then small faults put into the code one at a time, and whether the tests find them (mutate/run.ts, which says its options).
// Without options: faults in what changed since main's last commit but ten; `-- --sample 600 --seed 7` over everything.
import { join } from 'node:path';
import { ensureChromium, ensureDependencies, run, say } from './prepare.mjs';
import { ROOT } from './root.mjs';

ensureDependencies();
const options = process.argv.slice(2);
if (!options.includes('--no-cases')) {
  say('every case of core and server');
  const vitest = join(ROOT, 'node_modules/vitest/vitest.mjs');
  const env = { ...process.env, KOBBY_DEEP: '1', TZ: 'America/Chicago' };
  run(process.execPath, [vitest, 'run', '--project', 'core', '--project', 'server'], { env });
}
if (!options.includes('--no-views')) {
  say('every view and sheet at every size');
  run(process.execPath, [join(ROOT, 'scripts/build.mjs')]);
  const vitest = join(ROOT, 'node_modules/vitest/vitest.mjs');
  const env = { ...process.env, KOBBY_DEEP: '1', CHROMIUM_PATH: ensureChromium() };
  run(process.execPath, [vitest, 'run', '--config', 'e2e/vitest.config.ts', 'accessibility'], { env });
}
say('small faults, one at a time');
const faults = options.filter((one) => one !== '--no-cases' && one !== '--no-views');
const which = faults.length > 0 ? faults : ['--since', 'HEAD~10'];
run(join(ROOT, 'node_modules/.bin/tsx'), [join(ROOT, 'scripts/mutate/run.ts'), ...which]);
