// What every command needs before it can run: dependencies, a build, a browser. Uses nothing but Node itself.
import { execFileSync, spawnSync } from 'node:child_process';
import { existsSync, readdirSync, readFileSync, statSync, writeFileSync } from 'node:fs';
import { createHash } from 'node:crypto';
import { dirname, join, resolve } from 'node:path';
import { fileURLToPath } from 'node:url';

export const ROOT = resolve(dirname(fileURLToPath(import.meta.url)), '..');

/** Says what is going on. */
export const say = (text) => console.log(`kobby: ${text}`);

/** Runs a command with its output on the terminal; ends the program when it fails. */
export function run(command, args, options = {}) {
  const { status, error } = spawnSync(command, args, { cwd: ROOT, stdio: 'inherit', ...options });
  if (error || status !== 0) {
    console.error(`kobby: ${command} ${args.join(' ')} failed${error ? `: ${error.message}` : ''}`);
    process.exit(status ?? 1);
  }
}

const hashOfLock = () =>
  createHash('sha256')
    .update(readFileSync(join(ROOT, 'package-lock.json')))
    .digest('hex');
const lockMark = join(ROOT, 'node_modules', '.kobby-installed');

/** Installs the dependencies when they are missing or the lock file has changed. */
export function ensureDependencies() {
  if (existsSync(lockMark) && readFileSync(lockMark, 'utf8') === hashOfLock()) return;
  say(
    'installing dependencies; the first time a database driver is compiled, which takes about two minutes …',
  );
  run('npm', ['ci', '--no-audit', '--no-fund'], { env: { ...process.env, PUPPETEER_SKIP_DOWNLOAD: '1' } });
  writeFileSync(lockMark, hashOfLock());
}

const newestIn = (path) => {
  const stat = statSync(path);
  if (!stat.isDirectory()) return stat.mtimeMs;
  const inside = readdirSync(path)
    .filter((name) => name !== 'node_modules' && name !== 'dist')
    .map((name) => newestIn(join(path, name)));
  return Math.max(0, ...inside);
};

/** Builds the web client and the server when their sources are newer than what was built. */
export function ensureBuild() {
  const outputs = ['packages/web/dist/index.html', 'packages/server/dist/main.js'].map((file) =>
    join(ROOT, file),
  );
  const sources = newestIn(join(ROOT, 'packages'));
  if (outputs.every((file) => existsSync(file) && statSync(file).mtimeMs > sources)) return;
  say('building …');
  run(process.execPath, [join(ROOT, 'scripts/build.mjs')]);
}

const BROWSERS = ['chromium', 'chromium-browser', 'google-chrome'];

const onPath = (name) => {
  const found = spawnSync('sh', ['-c', `command -v ${name}`], { encoding: 'utf8' });
  return found.status === 0 ? found.stdout.trim() : null;
};

/** Where Chromium is; installed from Debian's packages when it is missing and this user may. */
export function ensureChromium() {
  const known = process.env.CHROMIUM_PATH ?? BROWSERS.map(onPath).find(Boolean);
  if (known) return known;
  if (process.getuid?.() !== 0 || !onPath('apt-get')) {
    console.error(
      'kobby: the end-to-end tests need Chromium. Install it (apt-get install chromium) or set CHROMIUM_PATH.',
    );
    process.exit(1);
  }
  say('installing Chromium from the distribution …');
  execFileSync('apt-get', ['update', '-qq'], { stdio: 'inherit' });
  const env = { ...process.env, DEBIAN_FRONTEND: 'noninteractive' };
  execFileSync('apt-get', ['install', '-y', '-qq', '--no-install-recommends', 'chromium'], {
    stdio: 'inherit',
    env,
  });
  const installed = BROWSERS.map(onPath).find(Boolean);
  if (!installed) throw new Error('Chromium was installed and cannot be found');
  return installed;
}
