import { createHash } from 'node:crypto';
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import type { Plugin } from 'vite';
import { pictureFiles } from '../pictures/src/svg.ts';

const ROOT = join(import.meta.dirname, '../..');
const FONTS = ['atkinson-hyperlegible-next', 'bricolage-grotesque'];

/** What of others is shown or asked, with the terms under which it is: one text, each under a heading of its own. */
const credits = (): string =>
  [
    ...['packages/pictures/NOTICE.md', 'packages/words/data/NOTICE.md'].map((path) =>
      readFileSync(join(ROOT, path), 'utf8'),
    ),
    ...FONTS.map(
      (font) =>
        `# The font ${font.replaceAll('-', ' ')}\n\n${readFileSync(join(ROOT, `node_modules/@fontsource/${font}/LICENSE`), 'utf8')}`,
    ),
  ].join('\n\n');

/**
 * Lays each picture that ships beside the application as a file of its own, in a folder that is named by what is in it: fetched when it
 * is looked at, and kept for good. `PICTURES_AT` is where they are. Beside them lies what the terms of others ask to be said.
 */
export function pictures(): Plugin {
  const files = pictureFiles();
  const stamp = createHash('sha256')
    .update([...files.values()].join('\n'))
    .digest('hex')
    .slice(0, 10);
  const folder = `assets/pictures-${stamp}`;
  return {
    name: 'kobby-pictures',
    config: () => ({ define: { PICTURES_AT: JSON.stringify(`/${folder}`) } }),
    configureServer: (server) => {
      server.middlewares.use(`/${folder}`, (request, response, next) => {
        const svg = files.get((request.url ?? '').replace(/^\/|\.svg$/g, ''));
        if (!svg) return next();
        response.setHeader('Content-Type', 'image/svg+xml');
        response.end(svg);
      });
    },
    generateBundle() {
      this.emitFile({ type: 'asset', fileName: 'credits.txt', source: credits() });
      for (const [id, source] of files)
        this.emitFile({ type: 'asset', fileName: `${folder}/${id}.svg`, source });
    },
  };
}
