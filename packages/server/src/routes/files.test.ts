import { existsSync, readdirSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { deflateSync } from 'node:zlib';
import { MAX_FILE_BYTES } from '@kobby/core';
import { afterEach, beforeEach, describe, expect, test } from 'vitest';
import { startTestServer, type Caller, type TestServer } from '../testing/server.ts';

let server: TestServer;
let mara: Caller;
beforeEach(async () => {
  server = await startTestServer();
  mara = await server.provider();
});
afterEach(() => server.stop());

// The smallest picture there is: one white point.
const PNG = Buffer.from(
  'iVBORw0KGgoAAAANSUhEUgAAAAEAAAABCAQAAAC1HAwCAAAAC0lEQVR42mP8/x8AAwMCAO+ip1sAAAAASUVORK5CYII=',
  'base64',
);
const pdf = (inside: string): Buffer => Buffer.from(`%PDF-1.4\n1 0 obj\n${inside}\nendobj\n%%EOF`, 'latin1');
const packed = (inside: string): Buffer => {
  const stream = deflateSync(Buffer.from(inside)).toString('latin1');
  return pdf(`<< /Type /ObjStm /Filter /FlateDecode >> stream\n${stream}\nendstream`);
};

const send = (name: string, content: Buffer, as = mara) =>
  as.ask('POST', `/api/files?name=${encodeURIComponent(name)}`, content, {
    'content-type': 'application/octet-stream',
  });

describe('a file of the home', () => {
  test('is kept under its checksum, once, and given out only when a sheet names it', async () => {
    const { status, body } = await send('Kite cards.png', PNG);
    expect([status, body]).toEqual([
      200,
      {
        sha256: expect.stringMatching(/^[0-9a-f]{64}$/),
        bytes: PNG.length,
        type: 'image/png',
        name: 'Kite cards.png',
      },
    ]);
    await send('The same.png', PNG);
    expect(readdirSync(join(server.folder, 'files'))).toEqual([body.sha256]);
    const path = `/api/files/${body.sha256}`;
    expect((await mara.ask('GET', path)).status).toBe(404);
    await mara.send([
      {
        type: 'library/put-sheet',
        sheet: { id: 'sheet-1', title: 'Kite cards', file: body, pages: '1-2, 4' },
      },
    ]);
    const { status: found, headers } = await mara.ask('GET', path);
    expect([found, headers.get('content-type'), headers.get('content-security-policy')]).toEqual([
      200,
      'image/png',
      expect.stringContaining('sandbox'),
    ]);
    expect(headers.get('x-content-type-options')).toBe('nosniff');
    expect((await server.caller().ask('GET', path)).status).toBe(401);
  });

  test('that was damaged on the disk is not given out', async () => {
    const { body } = await send('a.png', PNG);
    await mara.send([{ type: 'library/put-sheet', sheet: { id: 'sheet-1', title: 'A', file: body } }]);
    writeFileSync(join(server.folder, 'files', body.sha256), 'something else');
    expect((await mara.ask('GET', `/api/files/${body.sha256}`)).status).toBe(404);
  });
});

describe('at its limits a file', () => {
  // A picture goes on after its end.
  const large = (bytes: number): Buffer => Buffer.concat([PNG, Buffer.alloc(bytes - PNG.length)]);

  test('may be as large as that and no larger, by its announced and by its real length', async () => {
    expect((await send('a.png', large(MAX_FILE_BYTES))).status).toBe(200);
    const { status, body } = await send('b.png', large(MAX_FILE_BYTES + 1));
    expect([status, body.type]).toEqual([413, 'urn:kobby:problem:too-large']);
    const stream = new ReadableStream({
      start(controller) {
        controller.enqueue(large(MAX_FILE_BYTES));
        controller.enqueue(Buffer.alloc(1));
        controller.close();
      },
    });
    const answer = await mara.stream('POST', '/api/files?name=c.png', stream).catch(() => null);
    // The server may close the door before everything was sent.
    expect(answer?.status ?? 413).toBe(413);
    expect(readdirSync(join(server.folder, 'files'))).toHaveLength(1);
  });

  test('may have a name of 200 characters, of which the home keeps 120', async () => {
    const longest = `${'k'.repeat(196)}.png`;
    expect((await send(longest, PNG)).body.name).toBe('k'.repeat(120));
    expect((await send(`k${longest}`, PNG)).status).toBe(422);
    expect((await send('', PNG)).status).toBe(422);
  });
});

describe('a file is refused, and nothing is kept,', () => {
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
    [
      'a PDF with a script',
      'a.pdf',
      pdf('<< /OpenAction << /S /JavaScript /JS (1) >> >>'),
      'carries scripts',
    ],
    ...['JavaScript', 'JS', 'Launch', 'EmbeddedFile', 'RichMedia', 'XFA'].map(
      (name): [string, string, Buffer, string] => [
        `a PDF with ${name}`,
        'a.pdf',
        pdf(`<< /${name} (1) >>`),
        'carries scripts',
      ],
    ),
    ...['JavaScript', 'Launch', 'XFA'].map((name): [string, string, Buffer, string] => [
      `a PDF that packs ${name}`,
      'a.pdf',
      packed(`<< /${name} (1) >>`),
      'carries scripts',
    ]),
    ['a PDF that hides it', 'a.pdf', pdf('<< /S /Java#53cript >>'), 'carries scripts'],
    ['a PDF that packs it', 'a.pdf', packed('<< /S /Launch /F (x) >>'), 'carries scripts'],
  ])('%s', async (_, name, content, why) => {
    const { status, body } = await send(name, content);
    expect([status, body.type]).toEqual([422, 'urn:kobby:problem:wrong-file']);
    expect(body.errors).toEqual([{ path: ['file'], message: expect.stringContaining(why) }]);
    expect(existsSync(join(server.folder, 'files'))).toBe(false);
  });

  test('that is huge, before it is read', async () => {
    const { status, body } = await send('a.png', Buffer.alloc(20_000_001));
    expect([status, body.type]).toEqual([413, 'urn:kobby:problem:too-large']);
  });

  test('without a name, or from somebody who is not signed in', async () => {
    expect((await send('', PNG)).status).toBe(422);
    expect((await send('a.png', PNG, server.caller())).status).toBe(401);
  });

  test('and a PDF without anything of the kind is kept', async () => {
    expect((await send('plain.pdf', pdf('<< /Type /Catalog >>'))).status).toBe(200);
    expect((await send('packed.pdf', packed('<< /Type /Page >>'))).status).toBe(200);
    // Words that only begin like it.
    expect((await send('like.pdf', pdf('<< /XFAny (1) /JSON (2) /Launched (3) >>'))).status).toBe(200);
  });
});
