import { existsSync, readdirSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { promisify } from 'node:util';
import { deflate } from 'node:zlib';
import { MAX_FILE_BYTES } from '@kobby/core';
import sharp from 'sharp';
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
const pdf = (...objects: readonly string[]): Buffer =>
  Buffer.from(
    ['%PDF-1.7', ...objects.map((one, i) => `${i + 1} 0 obj\n${one}\nendobj`), '%%EOF'].join('\n'),
    'latin1',
  );
const stream = (dictionary: string, content: Buffer): string =>
  `<< ${dictionary} /Length ${content.length} >>\nstream\n${content.toString('latin1')}\nendstream`;

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
        bytes: expect.any(Number),
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

  test('that shows a thing is given out to the provider, and to a link only while the link shows it', async () => {
    const { body } = await send('tram.png', PNG);
    const picture = { from: 'home' as const, file: body };
    const { book } = server.app.services.keeper;
    const supply = book.supplies['toy-cars']!;
    const at = '2027-03-11T14:00:00.000Z';
    const share = { id: 'link-p', unitId: 'unit-kites', label: 'Sol', fromDay: 4, toDay: 4, lastDate: null };
    const made = await mara.ask('POST', '/api/shares', { gestureId: 'make-link-p', at, share });
    const sol = server.caller();
    const shown = `/api/shared/link-p/files/${body.sha256}`;
    expect((await sol.ask('GET', shown)).status).toBe(401);
    await sol.ask('POST', '/api/shared/link-p/enter', { secret: made.body.secret });
    expect((await sol.ask('GET', shown)).status).toBe(404);
    await mara.send([{ type: 'cupboard/put-supply', supply: { ...supply, picture } }], {
      bases: { 'supplies/toy-cars': 1 },
    });
    expect((await mara.ask('GET', `/api/files/${body.sha256}`)).status).toBe(200);
    expect((await sol.ask('GET', shown)).headers.get('content-type')).toBe('image/png');
    expect((await sol.ask('GET', `/api/files/${body.sha256}`)).status).toBe(401);
    await mara.send([{ type: 'cupboard/put-supply', supply: { ...supply, picture: { from: 'none' } } }], {
      bases: { 'supplies/toy-cars': 2 },
    });
    expect((await sol.ask('GET', shown)).status).toBe(404);
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
    ['that carries a script', 'a.pdf', pdf('<< /S /JavaScript >>'), 'carries scripts'],
    ['that is damaged', 'a.png', PNG.subarray(0, 40), 'damaged'],
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
});

describe('a picture', () => {
  test('of more points than anybody prints, or a PDF that unpacks without end, holds nobody up', async () => {
    const flat = await sharp({ create: { width: 9000, height: 9000, channels: 3, background: '#fff' } })
      .png({ compressionLevel: 9 })
      .toBuffer();
    // Packed beside the loop: what is asked meanwhile is asked over connections that live.
    const air = await promisify(deflate)(Buffer.alloc(300_000_000));
    const bomb = pdf(
      ...Array.from({ length: 4 }, () => stream('/Type /ObjStm /N 1 /First 4 /Filter /FlateDecode', air)),
    );
    let [answered, isDone] = [0, false];
    const watching = (async () => {
      while (!isDone) {
        expect((await server.caller().ask('GET', '/api/door')).status).toBe(200);
        answered += 1;
      }
    })();
    const picture = await send('flat.png', flat);
    expect([picture.status, picture.body.detail]).toEqual([422, expect.stringContaining('million points')]);
    const file = await send('bomb.pdf', bomb);
    expect([file.status, file.body.detail]).toEqual([422, expect.stringMatching(/too much|cannot be read/)]);
    isDone = true;
    await watching;
    expect(answered).toBeGreaterThan(10);
    expect(existsSync(join(server.folder, 'files'))).toBe(false);
  });
});
