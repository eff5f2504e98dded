// What is kept: a backup from the page, brought back from it; a file of the home begins another one.
import { readdirSync, readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { afterAll, beforeAll, describe, expect, test } from 'vitest';
import { LAPTOP, openBrowser, Visitor } from './support/browser.ts';
import { openDemo, type Demo } from './support/demo.ts';
import { startServer, temporaryFolder } from './support/server.ts';

let demo: Demo;
beforeAll(async () => {
  demo = await openDemo();
});
afterAll(() => demo.close());

const childName = 'Zyra Quill';

describe('a home', () => {
  test('is backed up, changed, and brought back; another window notices', async () => {
    const { mara, server, browser } = demo;
    await mara.route('/house/kept');
    await mara.pressText('Back up now');
    await mara.sees('You asked for it');
    const other = await Visitor.arrive(browser, LAPTOP);
    await other.go(server.url);
    await other.fill('passPhrase', 'three blue kites');
    await other.pressText('Open the door');
    await other.find('.rack');
    await other.route('/house/children');
    await other.find('[data-test="children"] li');
    await mara.page.evaluate(async (name) => {
      const child = {
        id: 'zq',
        name,
        shownAs: 'Zyra',
        birth: '2023-02-02',
        attendance: {},
        allergies: [],
        mouthsThings: false,
      };
      const gesture = {
        id: 'add-the-child-1',
        at: new Date().toISOString(),
        changes: [{ type: 'house/put-child', child }],
      };
      await fetch('/api/gestures', {
        method: 'POST',
        headers: { 'Content-Type': 'application/json' },
        body: JSON.stringify({ gestures: [gesture] }),
      });
    }, childName);
    await other.sees(childName);
    await mara.pressText('Look inside');
    await mara.sees('All of it can be read.');
    await mara.pressText('Restore it …');
    await mara.fill('passPhrase', 'three blue kites');
    await mara.pressText('Put this in the place of the home');
    await mara.sees('Open the door');
    await other.find('.signed-out');
    await mara.fill('passPhrase', 'three blue kites');
    await mara.pressText('Open the door');
    await mara.find('.rack');
    await mara.route('/house/children');
    await mara.find('[data-test="children"] li');
    expect((await mara.textsOf('[data-test="children"] li')).join(' ')).not.toContain(childName);
    await mara.route('/house/kept');
    await mara.sees('Before you restored');
  });

  test('goes out as a file, and begins another one on a new machine', async () => {
    const content = await demo.mara.page.evaluate(async () => {
      const bytes = new Uint8Array(await (await fetch('/api/home-file')).arrayBuffer());
      return bytes.reduce((text, byte) => text + String.fromCharCode(byte), '');
    });
    const folder = temporaryFolder();
    const file = join(folder.path, 'home.zip');
    const server = await startServer(join(folder.path, 'data'), []);
    const { browser, close } = await openBrowser();
    writeFileSync(file, Buffer.from(content, 'latin1'));
    const code = /code: (\S+)/.exec(server.output())![1]!;
    const mara = await Visitor.arrive(browser, LAPTOP);
    await mara.go(server.url);
    await mara.pressText('I have a backup of my home');
    await mara.fill('code', code);
    const field = await mara.page.waitForSelector('input[type="file"]');
    await field!.uploadFile(file);
    await mara.sees('All of it can be read.');
    await mara.fill('passPhrase', 'four green paper boats');
    await mara.pressText('Go on with this home');
    await mara.sees('Open the door');
    await mara.fill('passPhrase', 'four green paper boats');
    await mara.pressText('Open the door');
    await mara.find('.rack');
    await mara.sees('Wind and Kites');
    const log = readdirSync(join(folder.path, 'data/logs')).map((name) =>
      readFileSync(join(folder.path, 'data/logs', name), 'utf8'),
    );
    expect(log.join('')).toContain('"event":"restored"');
    expect(log.join('')).not.toMatch(/Mara|kites|boats/i);
    await close();
    await server.stop();
    folder.remove();
  });
});
