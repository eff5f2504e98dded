// npm run screenshots: installs and builds what is missing, then retakes docs/screenshots (screenshots.ts).
import { join } from 'node:path';
import { ensureBuild, ensureChromium, ensureDependencies, run } from './prepare.mjs';
import { ROOT } from './root.mjs';

ensureDependencies();
ensureBuild();
const env = { ...process.env, CHROMIUM_PATH: ensureChromium() };
run(join(ROOT, 'node_modules/.bin/tsx'), [join(ROOT, 'scripts/screenshots.ts'), ...process.argv.slice(2)], {
  env,
});
