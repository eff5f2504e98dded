import { readFileSync } from 'node:fs';
import { createRequire } from 'node:module';
import { CARD_KINDS, printJob, type CardJob, type CardKindId, type ShopTable } from '@kobby/core';
import { PDFDocument, type PDFOperator } from 'pdf-lib';
import { expect, test } from 'vitest';
import { drawPdf, pictureKey, type Asset } from './draw-pdf.ts';
import { isPlain, pathOps, pictureOps } from './svg-ops.ts';

const FACE = '@fontsource/atkinson-hyperlegible-next/files/atkinson-hyperlegible-next-latin-600-normal.woff';
const font = (): ArrayBuffer =>
  new Uint8Array(readFileSync(createRequire(import.meta.url).resolve(FACE))).buffer;

const BOAT =
  '<svg xmlns="x" viewBox="0 0 32 32"><g fill="none"><path fill="#f00" d="M2 20h28l-4 8H6z"/><circle cx="16" cy="8" r="4" fill="#00f"/></g></svg>';
const NAMES = ['ferry', 'tugboat', 'buoy', 'crane', 'Möwe', 'landing stage'];
const table: ShopTable = {
  title: 'At the harbour',
  things: NAMES.map((name, i) => ({
    ...{
      name,
      picture: null,
      kind: i < 3 ? 'floats' : 'stands',
      colour: i % 2 ? 'red' : 'white',
      rank: i + 1,
    },
    ...{ pair: i < 2 ? NAMES[1 - i]! : null, parts: ['rim'], isShown: i < 5 },
  })),
  names: ['Ada', 'Zoë'],
  letter: null,
  number: 4,
};
const assets: ReadonlyMap<string, Asset> = new Map(
  NAMES.map((name) => [pictureKey({ name, picture: null }), { kind: 'svg', svg: BOAT }]),
);
const jobOf = (kind: CardKindId, paper: 'a4' | 'letter' = 'a4'): CardJob => {
  const job = printJob({ kind, size: 'middle', paper, copies: 1 }, table);
  if (typeof job === 'string') throw new Error(job);
  return job;
};

const texts = (ops: readonly PDFOperator[]): string => ops.map(String).join('\n');

test('every kind becomes a file: pages of their size, as many as its sheets, told one by one', async () => {
  const jobs = (Object.keys(CARD_KINDS) as CardKindId[]).map((kind) => jobOf(kind));
  const heard: number[] = [];
  const bytes = await drawPdf({ title: 'All of it', jobs, assets, font: font() }, (done) => heard.push(done));
  const file = await PDFDocument.load(bytes);
  const sheets = jobs.reduce((sum, job) => sum + job.sheets.length, 0);
  expect([file.getPageCount(), heard.length, heard.at(-1), file.getTitle()]).toEqual([
    sheets,
    sheets,
    sheets,
    'All of it',
  ]);
  const sizes = jobs.flatMap((job) => job.sheets.map(() => job.grid.page));
  for (const [i, page] of file.getPages().entries()) {
    // To a tenth of a millimetre.
    expect(Math.abs((page.getWidth() * 25.4) / 72 - sizes[i]!.width)).toBeLessThan(0.1);
    expect(Math.abs((page.getHeight() * 25.4) / 72 - sizes[i]!.height)).toBeLessThan(0.1);
  }
}, 60_000);

test('an image goes in as such, in halves too; a thing without one leaves its place free', async () => {
  const dot = Uint8Array.from(
    atob('iVBORw0KGgoAAAANSUhEUgAAAAEAAAABCAYAAAAfFcSJAAAADUlEQVR42mNk+M9QDwADhgGAWjR9awAAAABJRU5ErkJggg=='),
    (letter) => letter.charCodeAt(0),
  );
  const image: Asset = { kind: 'image', bytes: dot.buffer, type: 'image/png' };
  const order = { title: 'x', jobs: [jobOf('halves', 'letter')], font: font() };
  const [withOne, without] = await Promise.all([
    drawPdf(
      { ...order, assets: new Map([[pictureKey({ name: 'ferry', picture: null }), image]]) },
      () => undefined,
    ),
    drawPdf({ ...order, font: font(), assets: new Map() }, () => undefined),
  ]);
  expect(withOne.length).toBeGreaterThan(without.length);
});

test('outlines become lines and curves, whichever way they are written', () => {
  expect(texts(pathOps('m1 2h3v4l-3-4z'))).toBe('1 2 m\n4 2 l\n4 6 l\n1 2 l\nh');
  expect(texts(pathOps('M0 0Q3 3 6 0'))).toBe('0 0 m\n2 2 4 2 6 0 c');
  expect(texts(pathOps('M0 0a2 2 0 0 1 4 0s1 1 2 2')).match(/ c$/gm)!.length).toBeGreaterThan(2);
});

test('a picture keeps its colours, or is black as a shadow; what is beyond shapes is told', () => {
  const ops = texts(pictureOps(BOAT, 10, 20, 64, false));
  expect(ops.split('\n').slice(0, 2)).toEqual(['q', '2 0 0 2 10 20 cm']);
  expect(ops.match(/^[\d. ]+ rg$/gm)).toEqual(['1 0 0 rg', '0 0 1 rg']);
  expect(texts(pictureOps(BOAT, 0, 0, 32, true)).match(/^[\d. ]+ rg$/gm)).toEqual(['0 0 0 rg', '0 0 0 rg']);
  const half = '<svg viewBox="0 0 8 4"><rect width="8" height="4" rx="1" fill="#000" opacity=".5"/></svg>';
  expect(texts(pictureOps(half, 0, 0, 8, false))).toContain('0.5 0.5 0.5 rg');
  expect([
    isPlain(BOAT),
    isPlain('<svg><linearGradient/></svg>'),
    isPlain('<svg><g transform="x"/></svg>'),
  ]).toEqual([true, false, false]);
});
