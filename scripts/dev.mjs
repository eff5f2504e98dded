// npm run dev: the server with tsx watch on port 4310 with the demo home, and Vite before it on port 5173.
import { spawn } from 'node:child_process';
import { join } from 'node:path';
import { ensureDependencies } from './prepare.mjs';
import { ROOT } from './root.mjs';

ensureDependencies();
const bin = (name) => join(ROOT, 'node_modules/.bin', name);
const demo = ['--demo', '--data', join(ROOT, 'demo-data'), '--address', 'http://localhost:5173'];
const parts = [
  spawn(bin('tsx'), ['watch', join(ROOT, 'packages/server/src/main.ts'), ...demo], { stdio: 'inherit' }),
  spawn(bin('vite'), [join(ROOT, 'packages/web')], { stdio: 'inherit' }),
];
for (const part of parts) part.on('exit', () => parts.forEach((other) => other.kill()));
