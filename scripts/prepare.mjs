// What commands need before they can run: packages, the database driver, a build, a browser. Uses nothing but Node itself.
// As a program: node scripts/prepare.mjs packages | driver | browser | build
import { execFileSync, spawnSync } from 'node:child_process';
import { existsSync, readdirSync, readFileSync, statSync, writeFileSync } from 'node:fs';
import { createHash } from 'node:crypto';
import { join } from 'node:path';
import { pathToFileURL } from 'node:url';
import { ROOT } from './root.mjs';

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
const markOf = (part) => join(ROOT, 'node_modules', `.kobby-${part}`);
const isDone = (part) => existsSync(markOf(part)) && readFileSync(markOf(part), 'utf8') === hashOfLock();
const note = (part) => writeFileSync(markOf(part), hashOfLock());

/** Whether the packages of the lock file are installed. */
export const hasPackages = () => isDone('packages');
/** Whether the database driver is compiled. */
export const hasDriver = () => isDone('driver');

function installPackages() {
  if (hasPackages()) return;
  say('installing packages …');
  const env = { ...process.env, PUPPETEER_SKIP_DOWNLOAD: '1' };
  run('npm', ['ci', '--ignore-scripts', '--no-audit', '--no-fund'], { env });
  note('packages');
}

// Apart from the packages: it takes the longest, and most checks do without it.
function compileDriver() {
  if (hasDriver()) return;
  say('compiling the database driver, which takes about two minutes …');
  run('npm', ['rebuild', 'better-sqlite3']);
  note('driver');
}

/** Installs the dependencies when they are missing or the lock file has changed. */
export function ensureDependencies() {
  installPackages();
  compileDriver();
}

const newestIn = (path) => {
  const stat = statSync(path);
  if (!stat.isDirectory()) return stat.mtimeMs;
  const inside = readdirSync(path)
    .filter((name) => name !== 'node_modules' && name !== 'dist')
    .map((name) => newestIn(join(path, name)));
  return Math.max(0, ...inside);
};

/** Whether what was built is newer than its sources. */
export function isBuilt() {
  const outputs = ['packages/web/dist/index.html', 'packages/server/dist/main.js'].map((file) =>
    join(ROOT, file),
  );
  const sources = newestIn(join(ROOT, 'packages'));
  return outputs.every((file) => existsSync(file) && statSync(file).mtimeMs > sources);
}

/** Builds the web client and the server when their sources are newer than what was built. */
export function ensureBuild() {
  if (isBuilt()) return;
  say('building …');
  run(process.execPath, [join(ROOT, 'scripts/build.mjs')]);
}

// The one without windows draws the same pages with two thirds of the work.
const BROWSERS = ['chromium-headless-shell', 'chromium', 'chromium-browser', 'google-chrome'];

const onPath = (name) => {
  const found = spawnSync('sh', ['-c', `command -v ${name}`], { encoding: 'utf8' });
  return found.status === 0 ? found.stdout.trim() : null;
};

/** Where Chromium is; null when it is not installed. */
export const findChromium = () => process.env.CHROMIUM_PATH ?? BROWSERS.map(onPath).find(Boolean) ?? null;

/** Where Chromium is; installed from Debian's packages when it is missing and this user may. */
export function ensureChromium() {
  const known = findChromium();
  if (known) return known;
  if (process.getuid?.() !== 0 || !onPath('apt-get')) {
    console.error(
      'kobby: the end-to-end tests need Chromium. Install it (apt-get install chromium-headless-shell) or set CHROMIUM_PATH.',
    );
    process.exit(1);
  }
  say('installing Chromium from the distribution …');
  execFileSync('apt-get', ['update', '-qq'], { stdio: 'inherit' });
  const env = { ...process.env, DEBIAN_FRONTEND: 'noninteractive' };
  const install = (name) =>
    spawnSync('apt-get', ['install', '-y', '-qq', '--no-install-recommends', name], {
      stdio: 'inherit',
      env,
    }).status === 0;
  // Older releases of Debian have no package without windows.
  if (!install('chromium-headless-shell') && !install('chromium'))
    throw new Error('Chromium could not be installed from the packages of the distribution');
  const installed = findChromium();
  if (!installed) throw new Error('Chromium was installed and cannot be found');
  return installed;
}

if (import.meta.url === pathToFileURL(process.argv[1] ?? '').href) {
  const part = process.argv[2];
  const parts = {
    packages: installPackages,
    driver: compileDriver,
    browser: ensureChromium,
    build: ensureBuild,
  };
  if (!parts[part]) throw new Error(`there is no such part: ${part}`);
  parts[part]();
}
