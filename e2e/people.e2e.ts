// Two people in the same unit; signed out meanwhile; a unit planned with the keyboard alone.
import type { Browser } from 'puppeteer-core';
import { afterAll, afterEach, beforeAll, describe, expect, test } from 'vitest';
import { LAPTOP, openBrowser, Visitor } from './support/browser.ts';
import { startServer, temporaryFolder, type RunningServer } from './support/server.ts';

let browser: Browser;
let closeBrowser: () => Promise<void>;
let server: RunningServer;
let folder: ReturnType<typeof temporaryFolder>;

beforeAll(async () => {
  ({ browser, close: closeBrowser } = await openBrowser());
});
afterAll(() => closeBrowser?.());
afterEach(async () => {
  await server.stop();
  folder.remove();
});

async function open(...options: string[]): Promise<void> {
  folder = temporaryFolder();
  server = await startServer(folder.path, options);
}

async function enter(): Promise<Visitor> {
  const visitor = await Visitor.arrive(browser, LAPTOP);
  await visitor.go(server.url);
  await visitor.fill('passPhrase', 'three blue kites');
  await visitor.pressText('Open the door');
  await visitor.find('.rack');
  await visitor.go(`${server.url}/units/unit-kites/corners`);
  await visitor.find('.cubby');
  return visitor;
}

describe('two people in the same unit', () => {
  test('see what the other does, and nobody overwrites the other silently', async () => {
    await open('--demo');
    const one = await enter();
    const two = await enter();
    await one.press('[aria-label="Put something in Music"]');
    await one.choose('Ribbon-stick dance');
    await two.find('[data-test="cubby-music"]:not(.empty)');
    // The second one cannot reach the server for a moment; both change the same thing meanwhile.
    await two.page.setOfflineMode(true);
    await two.pressText('Ribbon-stick dance');
    await two.fill('toDay', '6');
    await two.page.keyboard.press('Tab');
    await two.sees('1 change waits');
    await one.pressText('Ribbon-stick dance');
    await one.fill('fromDay', '4');
    await one.page.keyboard.press('Tab');
    await one.kept();
    await two.page.setOfflineMode(false);
    await two.sees('Somebody changed the same thing meanwhile');
    await two.page.waitForFunction(
      () => document.querySelector<HTMLInputElement>('input[name="fromDay"]')?.value === '4',
    );
    expect(await two.page.$eval('input[name="toDay"]', (field) => (field as HTMLInputElement).value)).toBe(
      '10',
    );
    expect([...one.errors, ...two.errors]).toEqual([]);
  });

  test('windows of one browser share one stream: ten of them still answer', async () => {
    await open('--demo');
    const first = await enter();
    for (let i = 0; i < 9; i++) {
      const page = await first.context.newPage();
      await page.goto(`${server.url}/units/unit-kites/corners`, { waitUntil: 'load' });
      await page.waitForSelector('.cubby');
    }
    const [, , last] = await first.context.pages();
    await first.page.bringToFront();
    await first.press('[aria-label="Put something in Music"]');
    await first.choose('Ribbon-stick dance');
    await first.kept();
    await last!.waitForSelector('[data-test="cubby-music"]:not(.empty)');
  });
});

test('whoever is signed out meanwhile keeps what was done, signs in and goes on', async () => {
  await open('--demo');
  const mara = await enter();
  await mara.page.deleteCookie(...(await mara.page.cookies(`${server.url}/api/book`)));
  await mara.press('[aria-label="Put something in Music"]');
  await mara.choose('Ribbon-stick dance');
  await mara.sees('You are signed out. What you did is kept on this device.');
  await mara.sees('Signed out · 1 change waits');
  await mara.pressText('Sign in and go on');
  await mara.fill('passPhrase', 'three blue kites');
  await mara.pressText('Open the door');
  await mara.find('[data-test="cubby-music"]:not(.empty)');
  await mara.kept();
  await mara.pressText('Undo');
  await mara.find('[data-test="cubby-music"].empty');
  await mara.kept();
});

test('with the keyboard alone: a unit is started, a corner filled, a step taken back', async () => {
  await open('--demo');
  const mara = await Visitor.arrive(browser, LAPTOP);
  const { keyboard } = mara.page;
  await mara.go(server.url);
  await mara.find('input[name="passPhrase"]');
  await mara.tabTo('passPhrase');
  await keyboard.type('three blue kites');
  await keyboard.press('Enter');
  await mara.find('.rack');
  await mara.tabTo('Start a unit');
  await keyboard.press('Enter');
  await mara.find('form#start-unit');
  await mara.tabTo('title');
  await keyboard.type('Mirrors');
  await keyboard.press('Enter');
  await mara.sees('The shelf');
  await mara.tabTo('Put something in Music');
  await keyboard.press('Enter');
  await mara.find('[data-test="choices"]');
  await mara.tabTo('Ribbon-stick dance');
  await keyboard.press('Enter');
  await mara.find('[data-test="cubby-music"]:not(.empty)');
  await keyboard.down('Control');
  await keyboard.press('z');
  await keyboard.up('Control');
  await mara.find('[data-test="cubby-music"].empty');
  expect(mara.errors).toEqual([]);
});
