// npm run lighthouse: how the main pages of the demo load, on a phone and on a laptop (lighthouse.ts). Builds what is missing.
import { join } from 'node:path';
import { ensureBuild, ensureChromium, ensureDependencies, run } from './prepare.mjs';
import { ROOT } from './root.mjs';

ensureDependencies();
ensureBuild();
const env = { ...process.env, CHROMIUM_PATH: ensureChromium() };
run(join(ROOT, 'node_modules/.bin/tsx'), [join(ROOT, 'scripts/lighthouse.ts'), ...process.argv.slice(2)], {
  env,
});
