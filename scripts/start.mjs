// npm start: a home of one's own, kept in data/. Options go to the server: --port, --host, --address, --cert, --key.
import { spawn } from 'node:child_process';
import { join } from 'node:path';
import { ensureBuild, ensureDependencies } from './prepare.mjs';
import { ROOT } from './root.mjs';

ensureDependencies();
ensureBuild();
const main = join(ROOT, 'packages/server/dist/main.js');
const server = spawn(process.execPath, [main, '--data', join(ROOT, 'data'), ...process.argv.slice(2)], {
  stdio: 'inherit',
});
for (const signal of ['SIGINT', 'SIGTERM']) process.on(signal, () => server.kill(signal));
server.on('exit', (code) => process.exit(code ?? 0));
