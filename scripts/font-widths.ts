// How wide the letters of the printed face are, for the core, which lays text out without a browser. Run it after the face changes:
// npx tsx scripts/font-widths.ts
import { readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import puppeteer from 'puppeteer-core';
import { findChromium } from './prepare.mjs';
import { ROOT } from './root.mjs';

const FACE = 'node_modules/@fontsource/atkinson-hyperlegible-next/files/atkinson-hyperlegible-next';
const files = ['latin', 'latin-ext'].map((part) =>
  readFileSync(join(ROOT, `${FACE}-${part}-600-normal.woff2`)).toString('base64'),
);
// Basic Latin, Latin-1 and Latin Extended-A, and the marks that names and labels use.
const letters = [...Array.from({ length: 0x180 - 0x20 }, (_, i) => 0x20 + i)]
  .filter((code) => code < 0x7f || code > 0xa0)
  .map((code) => String.fromCodePoint(code))
  .concat(['’', '‘', '“', '”', '–', '—', '…', '·']);
const browser = await puppeteer.launch({ executablePath: findChromium()!, args: ['--no-sandbox'] });
const page = await browser.newPage();
const widths = await page.evaluate(
  async (sources, wanted) => {
    for (const source of sources) {
      const face = new FontFace('Printed', `url(data:font/woff2;base64,${source})`, { weight: '600' });
      document.fonts.add(await face.load());
    }
    const pen = document.createElement('canvas').getContext('2d')!;
    // One face a subset: a letter is as wide as the one that has it says.
    pen.font = '600 1000px Printed';
    return wanted.map((letter) => Math.round(pen.measureText(letter).width));
  },
  files,
  letters,
);
await browser.close();
const out = `// Written by scripts/font-widths.ts: thousandths of the size of the letters, semibold Atkinson Hyperlegible Next.
export const LETTERS = ${JSON.stringify(letters.join(''))};
export const WIDTHS: readonly number[] = [
${widths.reduce((text, width, i) => `${text}${i % 20 === 0 ? '  ' : ' '}${width},${i % 20 === 19 ? '\n' : ''}`, '')}
];
`;
writeFileSync(join(ROOT, 'packages/core/src/printshop/widths.ts'), out);
