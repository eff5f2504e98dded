// Builds the web client (Vite) and the server (esbuild, one file and one for long work beside it, packages outside). What browsers load
// is packed once here, as tightly as it goes, instead of each time it is asked for.
import { readFile, readdir, writeFile } from 'node:fs/promises';
import { extname, join } from 'node:path';
import { promisify } from 'node:util';
import { brotliCompress, constants, gzip } from 'node:zlib';
import { build as bundle } from 'esbuild';
import { build as buildWeb } from 'vite';

import { ROOT } from './root.mjs';

const src = (name) => join(ROOT, 'packages', name, 'src/index.ts');

await bundle({
  entryPoints: {
    main: join(ROOT, 'packages/server/src/main.ts'),
    worker: join(ROOT, 'packages/server/src/aside/worker.ts'),
  },
  outdir: join(ROOT, 'packages/server/dist'),
  bundle: true,
  platform: 'node',
  target: 'node20',
  format: 'esm',
  packages: 'external',
  // Kobby's own packages are source, not installed code: they go into the file.
  alias: { '@kobby/core': src('core'), '@kobby/starter': src('starter'), '@kobby/words': src('words') },
  sourcemap: true,
  logLevel: 'warning',
});
await buildWeb({ configFile: join(ROOT, 'packages/web/vite.config.ts'), logLevel: 'warn' });

const PACKED = new Set(['.js', '.css', '.html', '.svg', '.wasm']);
const [tight, wide] = [promisify(brotliCompress), promisify(gzip)];

async function pack(path) {
  const content = await readFile(path);
  // What is large already is loaded when it is used; the last per cent of it would take most of the time.
  const quality = content.length > 1_000_000 ? 9 : constants.BROTLI_MAX_QUALITY;
  const params = {
    [constants.BROTLI_PARAM_QUALITY]: quality,
    [constants.BROTLI_PARAM_SIZE_HINT]: content.length,
  };
  const [br, gz] = await Promise.all([tight(content, { params }), wide(content, { level: 9 })]);
  // The server sends the one beside a file whenever there is one.
  if (br.length < content.length) await writeFile(`${path}.br`, br);
  if (gz.length < content.length) await writeFile(`${path}.gz`, gz);
}

const client = join(ROOT, 'packages/web/dist');
for (const folder of [client, join(client, 'assets')]) {
  const there = await readdir(folder, { withFileTypes: true });
  const wanted = there.filter((one) => one.isFile() && PACKED.has(extname(one.name)));
  await Promise.all(wanted.map(({ name }) => pack(join(folder, name))));
}
