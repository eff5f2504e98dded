// npm run check: every static check, in one command. Each of them has a fixture that must fail (checks.test.ts).
import { join } from 'node:path';
import { ensureDependencies, ROOT, run, say } from './prepare.mjs';

ensureDependencies();
const bin = (name) => join(ROOT, 'node_modules/.bin', name);
const checks = {
  lint: () => run(bin('eslint'), ['.', '--max-warnings', '0']),
  format: () => run(bin('prettier'), ['--check', '--log-level', 'warn', '.']),
  types: () => {
    for (const name of ['core', 'starter', 'server']) run(bin('tsc'), ['-p', `packages/${name}`]);
    run(bin('vue-tsc'), ['-p', 'packages/web']);
    run(bin('tsc'), ['-p', 'tsconfig.json']);
  },
  imports: () => run(bin('depcruise'), ['packages', '--config']),
  'dead code': () => run(bin('knip'), ['--no-progress']),
};
const [only] = process.argv.slice(2);
for (const [name, check] of Object.entries(checks)) {
  if (only && only !== name) continue;
  say(name);
  check();
}
