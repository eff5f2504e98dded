import type { Page, PaperFormat } from 'puppeteer-core';
import { getDocument } from 'pdfjs-dist/legacy/build/pdf.mjs';

/** A word or a line of a PDF, with where it begins, in points from the lower left corner of its page. */
interface PdfText {
  readonly page: number;
  readonly text: string;
  readonly x: number;
  readonly y: number;
}

/** What a PDF holds, read by a program that did not make it. */
export interface Pdf {
  /** Width and height of its first page in points. */
  readonly size: readonly [number, number];
  readonly pageCount: number;
  readonly texts: readonly PdfText[];
  /** All of it as one text, each run of blanks as one. */
  readonly words: string;
}

/** Prints a page as the browser's own print would, and reads what came out; `own` leaves the paper to the page. */
export async function printed(page: Page, format: PaperFormat | 'own', landscape = false): Promise<Pdf> {
  await page.evaluate(() => document.fonts.ready.then(() => undefined));
  const paper = format === 'own' ? { preferCSSPageSize: true } : { format, landscape };
  return readPdf(await page.pdf({ ...paper, printBackground: true }));
}

/** Reads a file that was made, wherever it is from. */
export async function readPdf(data: Uint8Array): Promise<Pdf> {
  const pdf = await getDocument({ data: new Uint8Array(data), verbosity: 0 }).promise;
  const texts: PdfText[] = [];
  for (let number = 1; number <= pdf.numPages; number += 1) {
    const content = await (await pdf.getPage(number)).getTextContent();
    for (const item of content.items) {
      if (!('str' in item) || item.str.trim() === '') continue;
      texts.push({ page: number, text: item.str, x: item.transform[4], y: item.transform[5] });
    }
  }
  const { width, height } = (await pdf.getPage(1)).getViewport({ scale: 1 });
  const words = texts
    .map(({ text }) => text)
    .join(' ')
    .replaceAll(/\s+/g, ' ');
  return { size: [width, height], pageCount: pdf.numPages, texts, words };
}

/** Points of a length in millimetres. */
export const mm = (length: number): number => (length * 72) / 25.4;

/** The faces of a file, and whether each is in it. */
export async function facesOf(data: Uint8Array): Promise<readonly { name: string; isInside: boolean }[]> {
  const page = await (await getDocument({ data, verbosity: 0 }).promise).getPage(1);
  await page.getOperatorList();
  const { items } = await page.getTextContent();
  const names = new Set(items.flatMap((item) => ('fontName' in item ? [item.fontName] : [])));
  return [...names].map((id) => {
    const { name, missingFile } = page.commonObjs.get(id) as { name: string; missingFile?: boolean };
    return { name, isInside: !missingFile };
  });
}
