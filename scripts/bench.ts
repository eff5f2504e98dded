// Figures, not assertions: recomputing after an edit, search, five years of history, durable gestures, start of the
// demo, size of the first load; planning, gathering and the choice of packs, making ready, drafting, circles.
import { spawn } from 'node:child_process';
import { readFileSync } from 'node:fs';
import { join, resolve } from 'node:path';
import { brotliCompressSync, gzipSync } from 'node:zlib';
import { KINDS, type Actor, type Book } from '@kobby/core';
import { demoGestures, DEMO_TODAY } from '@kobby/starter';
import { temporaryFolder } from '../e2e/support/server.ts';
import { Keeper } from '../packages/server/src/keeper.ts';
import { loadBook, writeTouched } from '../packages/server/src/store/book-store.ts';
import { openStorage } from '../packages/server/src/store/database.ts';
import { benchCircle } from './bench-circle.ts';
import { benchDraft } from './bench-draft.ts';
import { benchGather, benchPacks } from './bench-gather.ts';
import { benchKept } from './bench-kept.ts';
import { benchPlanning, demoBook } from './bench-planning.ts';
import { benchPages } from './bench-pages.ts';
import { benchPrint } from './bench-print.ts';
import { benchReady, benchSolverInBrowser } from './bench-ready.ts';
import { benchLoad, benchSearch, fiveYears } from './bench-house.ts';
import { ms, show } from './figures.ts';

const ACTOR: Actor = { kind: 'person', id: 'bench', name: 'Bench' };
const ROOT = resolve(import.meta.dirname, '..');
let counter = 0;

async function benchGestures(): Promise<void> {
  const COUNT = 400;
  const folder = temporaryFolder();
  const storage = await openStorage(folder.path);
  const keeper = await Keeper.open(storage.knex, { now: () => Date.now(), today: () => DEMO_TODAY });
  for (const changes of demoGestures()) {
    await keeper.keep({ id: `bench-seed-${(counter += 1)}`, at: '2027-03-05T18:00:00.000Z', changes }, ACTOR);
  }
  const line = (i: number) => ({
    id: `m-${i}`,
    supplyId: 'ribbon',
    kind: 'used',
    amount: 1,
    at: '2027-03-05T18:00:00.000Z',
  });
  let start = performance.now();
  for (let i = 0; i < COUNT; i++) {
    const changes = [{ type: 'cupboard/record-stock', move: line(i) }];
    await keeper.keep({ id: `bench-keep-${i}`, at: '2027-03-05T18:00:00.000Z', changes }, ACTOR);
  }
  const kept = (performance.now() - start) / COUNT;
  start = performance.now();
  for (let i = 0; i < COUNT; i++) {
    // The same two rows, each pair in a transaction of its own, without judging anything.
    await storage.knex.transaction(async (trx) => {
      const { id, supplyId, ...rest } = line(COUNT + i);
      await trx('stock_moves').insert({ id, version: 1, supply_id: supplyId, ...rest });
      const journal = await trx('journal').where({ seq: keeper.seq }).first();
      await trx('journal').insert({ ...journal, seq: undefined, gesture_id: `raw-${i}` });
    });
  }
  const raw = (performance.now() - start) / COUNT;
  show('durable gestures, one after the other', `${Math.round(1000 / kept)} a second`);
  show(
    '  raw inserts of the same rows, as durable',
    `${Math.round(1000 / raw)} a second → ratio ${(kept / raw).toFixed(2)}`,
  );
  await storage.close();
  folder.remove();
}

/** What the server does when it starts on a folder with five years of history. */
async function benchServerLoad(demo: Book): Promise<void> {
  const folder = temporaryFolder();
  const storage = await openStorage(folder.path);
  const book = fiveYears(demo);
  const refs = KINDS.flatMap((kind) => Object.keys(book[kind]).map((id) => ({ kind, id })));
  await storage.knex.transaction((trx) => writeTouched(trx, book, refs));
  const start = performance.now();
  await loadBook(storage.knex);
  show('  the same read from its file, as when the server starts', ms(performance.now() - start));
  await storage.close();
  folder.remove();
}

/** From the command to the first answer, with the dependencies there and everything built. */
async function benchDemo(): Promise<void> {
  const folder = temporaryFolder();
  for (const name of ['made new', 'there already']) {
    const start = performance.now();
    const demo = spawn('npm', ['run', 'demo', '--', '--port', '0', '--data', folder.path], {
      cwd: ROOT,
      detached: true,
    });
    const url = await new Promise<string>((found) => {
      let output = '';
      demo.stdout.on('data', (chunk: Buffer) => {
        const address = /ready: (http\S+)\/\n/.exec((output += chunk.toString()));
        if (address) found(address[1]!);
      });
    });
    await fetch(`${url}/api/door`);
    show(`from npm run demo to the first response, home ${name}`, ms(performance.now() - start));
    process.kill(-demo.pid!, 'SIGTERM');
    await new Promise((ended) => demo.once('exit', ended));
  }
  folder.remove();
}

interface ManifestChunk {
  readonly file: string;
  readonly css?: readonly string[];
  readonly imports?: readonly string[];
}

/** What the browser loads before the first page shows: the entry, the sign-in page, and all that they import. */
function benchFirstLoad(): void {
  const dist = join(import.meta.dirname, '../packages/web/dist');
  const manifest = JSON.parse(readFileSync(join(dist, '.vite/manifest.json'), 'utf8')) as Record<
    string,
    ManifestChunk
  >;
  const files = new Set<string>();
  const add = (name: string): void => {
    const chunk = manifest[name]!;
    if (files.has(chunk.file)) return;
    [chunk.file, ...(chunk.css ?? [])].forEach((file) => files.add(file));
    chunk.imports?.forEach(add);
  };
  add('index.html');
  add('src/views/Enter/EnterView.vue');
  const size = (kind: string, compress: (data: Buffer) => Buffer): string => {
    const wanted = [...files].filter((file) => file.endsWith(kind));
    const bytes = wanted.reduce((sum, file) => sum + compress(readFileSync(join(dist, file))).length, 0);
    return `${Math.round(bytes / 1000)} kB`;
  };
  for (const kind of ['js', 'css']) {
    show(
      `first load, ${kind}`,
      `${size(`.${kind}`, gzipSync)} gzip, ${size(`.${kind}`, brotliCompressSync)} brotli`,
    );
  }
}

const demo = demoBook();
/** Each part by itself: `npm run bench -- planning circle` runs these two. */
const PARTS: Readonly<Record<string, () => void | Promise<void>>> = {
  planning: benchPlanning,
  gather: benchGather,
  packs: benchPacks,
  ready: benchReady,
  draft: benchDraft,
  circle: () => benchCircle(demo),
  print: benchPrint,
  search: () => benchSearch(demo),
  load: () => benchLoad(demo),
  pages: () => benchPages(demo),
  'server-load': () => benchServerLoad(demo),
  gestures: benchGestures,
  kept: benchKept,
  demo: benchDemo,
  solver: benchSolverInBrowser,
  'first-load': benchFirstLoad,
};
const wanted = process.argv.slice(2);
for (const name of wanted) if (!PARTS[name]) throw new Error(`there is no such part: ${name}`);
for (const [name, bench] of Object.entries(PARTS))
  if (wanted.length === 0 || wanted.includes(name)) await bench();
