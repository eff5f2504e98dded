// npm run demo: installs what is missing, builds, makes the demo home once and keeps it, starts.
// `-- --fresh` begins anew and sets the old home aside. `-- --port 8080` and other options go to the server.
import { spawn } from 'node:child_process';
import { existsSync, renameSync } from 'node:fs';
import { join } from 'node:path';
import { ensureBuild, ensureDependencies, say } from './prepare.mjs';
import { ROOT } from './root.mjs';

const args = process.argv.slice(2);
const folder = join(ROOT, 'demo-data');

ensureDependencies();
ensureBuild();
if (args.includes('--fresh') && existsSync(folder)) {
  const aside = `${folder}-${new Date().toISOString().replace(/[:.]/g, '-')}`;
  renameSync(folder, aside);
  say(`the old demo home was set aside in ${aside}`);
}
const passedOn = args.filter((arg) => arg !== '--fresh');
const server = spawn(
  process.execPath,
  [join(ROOT, 'packages/server/dist/main.js'), '--demo', '--data', folder, ...passedOn],
  { stdio: 'inherit' },
);
for (const signal of ['SIGINT', 'SIGTERM']) process.on(signal, () => server.kill(signal));
server.on('exit', (code) => process.exit(code ?? 0));
