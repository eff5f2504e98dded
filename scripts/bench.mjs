// npm run bench: figures of speed and size, printed (bench.ts). Installs and builds what is missing. `-- planning circle` runs
// these parts. `-- --against COMMIT [parts]`: the same at an earlier commit, five times each, in turns (bench-against.mjs).
import { join } from 'node:path';
import { benchAgainst } from './bench-against.mjs';
import { ensureBuild, ensureDependencies, run } from './prepare.mjs';
import { ROOT } from './root.mjs';

ensureDependencies();
ensureBuild();
const args = process.argv.slice(2);
const at = args.indexOf('--against');
if (at >= 0) {
  const [, commit] = args.splice(at, 2);
  benchAgainst(commit, args);
} else run(join(ROOT, 'node_modules/.bin/tsx'), [join(ROOT, 'scripts/bench.ts'), ...args]);
