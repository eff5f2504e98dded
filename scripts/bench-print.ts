// Figures of the print shop: 120 cards of twelve things laid out, and as a file.
import { readFileSync } from 'node:fs';
import { createRequire } from 'node:module';
import { printJob, type CardJob, type ShopTable } from '@kobby/core';
import { drawPdf, pictureKey, type Asset } from '../packages/web/src/views/PrintShop/pdf/draw-pdf.ts';
import { ms, show } from './figures.ts';

const FACE = '@fontsource/atkinson-hyperlegible-next/files/atkinson-hyperlegible-next-latin-600-normal.woff';
const NAMES = 'ferry tugboat buoy crane rope gull anchor pier net lamp sail mast'.split(' ');
const PICTURE =
  '<svg viewBox="0 0 32 32"><g fill="none"><path fill="#f00" d="M2 20h28l-4 8H6z"/><path fill="#00f" d="M4 4c3 0 6 4 9 4s6-4 9-4 6 4 9 4v8H4z"/></g></svg>';

/** 120 cards, as they are laid out at a press and as a vector PDF is made of them beside the page. */
export async function benchPrint(): Promise<void> {
  const table: ShopTable = {
    title: 'At the harbour',
    things: NAMES.map((name) => ({
      ...{ name, picture: null, kind: null, colour: null, rank: null, pair: null, parts: [], isShown: true },
    })),
    names: [],
    letter: null,
    number: null,
  };
  const lay = (): CardJob =>
    printJob({ kind: 'pairs', size: 'middle', paper: 'a4', copies: 5 }, table) as CardJob;
  lay();
  const begun = performance.now();
  const job = lay();
  const laid = performance.now();
  const face = createRequire(new URL('../packages/web/package.json', import.meta.url)).resolve(FACE);
  const assets = new Map<string, Asset>(
    NAMES.map((name) => [pictureKey({ name, picture: null }), { kind: 'svg', svg: PICTURE }]),
  );
  const font = new Uint8Array(readFileSync(face)).buffer;
  const started = performance.now();
  const bytes = await drawPdf({ title: 'Pairs', jobs: [job], assets, font }, () => undefined);
  const drawn = performance.now();
  show(
    `print shop, ${job.cards} cards on ${job.sheets.length} sheets`,
    `laid out ${ms(laid - begun)}, a PDF ${ms(drawn - started)}, ${Math.round(bytes.length / 1000)} kB`,
  );
}
