// npm run load: a hundred clients listening while gestures arrive (load-live.ts). Installs and builds what is missing.
import { join } from 'node:path';
import { ensureBuild, ensureDependencies, run } from './prepare.mjs';
import { ROOT } from './root.mjs';

ensureDependencies();
ensureBuild();
run(join(ROOT, 'node_modules/.bin/tsx'), [join(ROOT, 'scripts/load-live.ts')]);
