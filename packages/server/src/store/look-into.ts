import { extname } from 'node:path';
import { PDFArray, PDFDict, PDFDocument, PDFName, PDFStream, type PDFObject } from '@cantoo/pdf-lib';
import { FILE_TYPES, MAX_FILE_BYTES, type FileType } from '@kobby/core';
import { fileTypeFromBuffer } from 'file-type';
import sharp from 'sharp';

/** Why a file is not taken in, in words for people. */
export class FileRefused extends Error {}

/** A file as it is kept: drawn or written anew from what was understood of it, so that nothing else is in it. */
export interface LookedInto {
  readonly type: FileType;
  readonly content: Buffer;
}

// The endings that go with each type; a file that is called otherwise is not what it says.
const ENDINGS: Readonly<Record<FileType, readonly string[]>> = {
  'application/pdf': ['.pdf'],
  'image/png': ['.png'],
  'image/jpeg': ['.jpg', '.jpeg'],
  'image/webp': ['.webp'],
};

/** The largest picture that is drawn, in points: far beyond a page at the finest print. */
const MOST_PIXELS = 50_000_000;
const MOST_PAGES = 500;

/**
 * Looks into a file and makes it anew: a picture by its points alone, without what a camera wrote beside them; a PDF by the objects
 * that were read, so that nothing that was not looked at is carried along. It can take long and much: it runs in a process of its
 * own with bounds (aside/).
 * @throws {FileRefused} when it is not what its name says, of an unknown kind, too large, damaged, or carries scripts or files.
 */
export async function lookIntoFile(name: string, content: Buffer): Promise<LookedInto> {
  const type = await typeOf(name, content);
  const made = type === 'application/pdf' ? await pdfAnew(content) : await pictureAnew(content, type);
  if (made.length > MAX_FILE_BYTES)
    throw new FileRefused(`Drawn anew it is larger than ${MAX_FILE_BYTES / 1_000_000} MB.`);
  return { type, content: made };
}

async function typeOf(name: string, content: Buffer): Promise<FileType> {
  if (content.length === 0) throw new FileRefused('This file is empty.');
  if (content.length > MAX_FILE_BYTES)
    throw new FileRefused(`At most ${MAX_FILE_BYTES / 1_000_000} MB fit here.`);
  const found = await fileTypeFromBuffer(content);
  const mime = found?.mime;
  if (!mime || !(mime in FILE_TYPES))
    throw new FileRefused('Kobby keeps PDF files and PNG, JPEG or WebP pictures; this is none of them.');
  const type = mime as FileType;
  const ending = extname(name).toLowerCase();
  if (!ENDINGS[type].includes(ending))
    throw new FileRefused(`Its name ends in “${ending || 'nothing'}”, but it is a ${FILE_TYPES[type]}.`);
  return type;
}

const FORMATS = { 'image/png': 'png', 'image/jpeg': 'jpeg', 'image/webp': 'webp' } as const;

async function pictureAnew(content: Buffer, type: keyof typeof FORMATS): Promise<Buffer> {
  try {
    // Turned as the camera says it is to be seen, for that goes too.
    return await sharp(content, { limitInputPixels: MOST_PIXELS, failOn: 'error' })
      .rotate()
      .toFormat(FORMATS[type], { quality: 90 })
      .toBuffer();
  } catch (error) {
    const isLarge = /pixel limit/i.test((error as Error).message);
    throw new FileRefused(
      isLarge
        ? `At most ${MOST_PIXELS / 1_000_000} million points fit in a picture.`
        : 'This picture is damaged: it cannot be drawn.',
    );
  }
}

async function pdfAnew(content: Buffer): Promise<Buffer> {
  const document = await PDFDocument.load(content, {
    throwOnInvalidObject: true,
    updateMetadata: false,
  }).catch((error: Error) => {
    throw new FileRefused(
      /encrypt/i.test(error.message)
        ? 'This PDF is locked: it cannot be looked into. Print it to a plain PDF and try again.'
        : 'This PDF is damaged or of a kind that cannot be read. Print it to a plain PDF and try again.',
    );
  });
  for (const [, object] of document.context.enumerateIndirectObjects()) refuseActive(object);
  const pages = pagesOf(document);
  if (pages === 0 || pages > MOST_PAGES)
    throw new FileRefused(`A PDF of 1 to ${MOST_PAGES} pages fits here.`);
  return Buffer.from(await document.save({ useObjectStreams: false, addDefaultPage: false }));
}

function pagesOf(document: PDFDocument): number {
  try {
    return document.getPageCount();
  } catch {
    throw new FileRefused('This PDF has no pages that can be read.');
  }
}

// Names in a PDF that run or open something, or carry something along.
const ACTIVE: ReadonlySet<string> = new Set([
  ...['JavaScript', 'JS', 'Launch', 'EmbeddedFile', 'EmbeddedFiles', 'RichMedia', 'XFA'],
  ...['SubmitForm', 'ImportData', 'GoToE', 'Rendition', 'Movie', 'Sound', '3D', 'AF'],
]);

function refuseActive(object: PDFObject): void {
  if (object instanceof PDFName && ACTIVE.has(object.decodeText()))
    throw new FileRefused('This PDF carries scripts or other files. Print it to a plain PDF and try again.');
  if (object instanceof PDFArray) for (const inner of object.asArray()) refuseActive(inner);
  const dictionary = object instanceof PDFStream ? object.dict : object;
  if (!(dictionary instanceof PDFDict)) return;
  for (const [key, value] of dictionary.entries()) {
    refuseActive(key);
    refuseActive(value);
  }
}
