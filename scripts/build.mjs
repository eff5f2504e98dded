// Builds the web client (Vite) and the server (esbuild, one file and one for long work beside it, packages outside).
import { join } from 'node:path';
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
