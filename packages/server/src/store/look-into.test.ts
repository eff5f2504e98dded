import { deflateSync } from 'node:zlib';
import { PDFDocument, PDFStream } from '@cantoo/pdf-lib';
import sharp from 'sharp';
import { describe, expect, test } from 'vitest';
import { FileRefused, lookIntoFile } from './look-into.ts';

// The smallest picture there is: one white point.
const PNG = Buffer.from(
  'iVBORw0KGgoAAAANSUhEUgAAAAEAAAABCAQAAAC1HAwCAAAAC0lEQVR42mP8/x8AAwMCAO+ip1sAAAAASUVORK5CYII=',
  'base64',
);
/** A whole PDF of one page, with objects of its own beside it. */
const pdf = (...objects: readonly string[]): Buffer => {
  const all = [
    '<< /Type /Catalog /Pages 2 0 R >>',
    '<< /Type /Pages /Kids [3 0 R] /Count 1 >>',
    '<< /Type /Page /Parent 2 0 R /MediaBox [0 0 200 200] >>',
    ...objects,
  ];
  let text = '%PDF-1.7\n';
  const offsets = all.map((object, i) => {
    const at = text.length;
    text += `${i + 1} 0 obj\n${object}\nendobj\n`;
    return `${String(at).padStart(10, '0')} 00000 n \n`;
  });
  const at = text.length;
  text += `xref\n0 ${all.length + 1}\n0000000000 65535 f \n${offsets.join('')}`;
  text += `trailer\n<< /Size ${all.length + 1} /Root 1 0 R >>\nstartxref\n${at}\n%%EOF`;
  return Buffer.from(text, 'latin1');
};
const stream = (dictionary: string, content: Buffer): string =>
  `<< ${dictionary} /Length ${content.length} >>\nstream\n${content.toString('latin1')}\nendstream`;
// An object that lies packed with others in a stream.
const packed = (inside: string): Buffer =>
  pdf(stream('/Type /ObjStm /N 1 /First 4 /Filter /FlateDecode', deflateSync(Buffer.from(`9 0 ${inside}`))));
const twicePacked = (inside: string): Buffer =>
  pdf(
    stream(
      '/Type /ObjStm /N 1 /First 4 /Filter [/ASCIIHexDecode /FlateDecode]',
      Buffer.from(`${deflateSync(Buffer.from(`9 0 ${inside}`)).toString('hex')}>`),
    ),
  );
const SCRIPT = '<< /S /JavaScript /JS (app.alert) >>';

describe('a file is refused', () => {
  test.each<[string, string, Buffer, string]>([
    ['that is not what its name says', 'plan.pdf', PNG, 'Its name ends in “.pdf”, but it is a PNG picture.'],
    ['without an ending', 'plan', PNG, 'Its name ends in “nothing”'],
    ['of another kind', 'a.png', Buffer.from('hello, I am text'), 'this is none of them'],
    [
      'that is a page with scripts',
      'a.svg',
      Buffer.from('<svg xmlns="x"><script>1</script></svg>'),
      'none of them',
    ],
    ['that is empty', 'a.png', Buffer.alloc(0), 'This file is empty.'],
    ['a picture that is damaged', 'a.png', PNG.subarray(0, 40), 'damaged'],
    ['a PDF that is damaged', 'a.pdf', Buffer.from('%PDF-1.7\nnothing'), 'no pages'],
    ['a PDF with a script', 'a.pdf', pdf(SCRIPT), 'carries scripts'],
    ...[
      ...['JavaScript', 'JS', 'Launch', 'EmbeddedFile', 'RichMedia', 'XFA'],
      ...['EmbeddedFiles', 'SubmitForm', 'ImportData', 'GoToE'],
    ].map((name): [string, string, Buffer, string] => [
      `a PDF with ${name}`,
      'a.pdf',
      pdf(`<< /${name} (1) >>`),
      'carries scripts',
    ]),
    ['a PDF that spells it otherwise', 'a.pdf', pdf('<< /S /Java#53cript >>'), 'carries scripts'],
    ['a PDF that packs it', 'a.pdf', packed(SCRIPT), 'carries scripts'],
    ['a PDF that packs it twice', 'a.pdf', twicePacked(SCRIPT), 'carries scripts'],
    [
      'a PDF that holds it deep inside',
      'a.pdf',
      pdf(`<< /A [ [ << /B [ ${SCRIPT} ] >> ] ] >>`),
      'carries scripts',
    ],
    [
      'a PDF that has it with a stream',
      'a.pdf',
      pdf(stream('/S /Launch', Buffer.from('x'))),
      'carries scripts',
    ],
    [
      'a PDF that adds it after its end',
      'a.pdf',
      Buffer.concat([pdf(), Buffer.from(`\n9 0 obj\n${SCRIPT}\nendobj\n%%EOF`)]),
      'carries scripts',
    ],
    [
      'a PDF that is locked',
      'a.pdf',
      Buffer.from(
        pdf('<< /Filter /Standard /V 1 /R 2 /O (x) /U (y) /P -4 >>')
          .toString('latin1')
          .replace('/Root 1 0 R', '/Root 1 0 R /Encrypt 4 0 R'),
        'latin1',
      ),
      'locked',
    ],
  ])('%s', async (_, name, content, why) => {
    const looking = lookIntoFile(name, content);
    await expect(looking).rejects.toThrow(FileRefused);
    await expect(looking).rejects.toThrow(why);
  });
});

describe('what is kept of a file', () => {
  test('of a PDF is what was read of it and nothing else', async () => {
    // Words that only begin like the others.
    const { content: kept } = await lookIntoFile('a.pdf', pdf('<< /XFAny (1) /JSON (2) /Launched (3) >>'));
    expect((await PDFDocument.load(kept)).getPageCount()).toBe(1);
    // An object that only the table of the file knows, in the middle of what looks like a picture.
    const { content: again } = await lookIntoFile(
      'b.pdf',
      pdf(stream('/Type /XObject', Buffer.from(`9 0 obj ${SCRIPT} endobj`))),
    );
    for (const [, object] of (await PDFDocument.load(again)).context.enumerateIndirectObjects())
      expect(String(object instanceof PDFStream ? object.dict : object)).not.toContain('JavaScript');
  });

  test('of a picture is drawn anew: what a camera wrote beside it is gone, and it stands as it is to be seen', async () => {
    const taken = await sharp({ create: { width: 6, height: 4, channels: 3, background: '#a04' } })
      .withExif({ IFD0: { ImageDescription: 'Zyra at home', Orientation: '6' } })
      .withMetadata({ orientation: 6 })
      .jpeg()
      .toBuffer();
    const { content: kept } = await lookIntoFile(
      'a.jpg',
      Buffer.concat([taken, Buffer.from('<script>1</script>')]),
    );
    expect(kept.toString('latin1')).not.toMatch(/zyra|script/i);
    const { width, height, exif, orientation } = await sharp(kept).metadata();
    expect([width, height, exif, orientation]).toEqual([4, 6, undefined, undefined]);
  });
});
