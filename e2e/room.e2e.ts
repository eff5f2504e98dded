// The plan in the room: who leads what, the assistant's phone without a connection, and a link that is taken back.
import type { Page } from 'puppeteer-core';
import { afterAll, beforeAll, expect, test } from 'vitest';
import { PHONE, Visitor, PATIENCE_MS } from './support/browser.ts';
import { openDemo, type Demo } from './support/demo.ts';

let demo: Demo;
let mara: Visitor;
let sol: Visitor;
let link: string;

beforeAll(async () => {
  demo = await openDemo();
  mara = demo.mara;
  sol = await Visitor.arrive(demo.browser, PHONE, { keepsPages: true });
});
afterAll(() => demo?.close());

const url = (path: string): string => `${demo.server.url}/${path}`;
const HALVES = '[data-test="item-unit-kites-18"]';

/** Closes the page on the phone and opens it anew, as from the home screen. */
async function reopened(address: string, offline: boolean): Promise<Page> {
  const page = await sol.context.newPage();
  await page.setViewport(PHONE);
  await page.emulateMediaFeatures([{ name: 'prefers-reduced-motion', value: 'reduce' }]);
  page.setDefaultTimeout(PATIENCE_MS);
  page.on('pageerror', (error) => sol.errors.push(String(error)));
  await page.setOfflineMode(offline);
  await page.goto(address, { waitUntil: 'load' });
  return page;
}
const sees = (page: Page, text: string) =>
  page.waitForFunction((wanted) => document.body.innerText.includes(wanted), {}, text);
const keptOnPhone = (page: Page) =>
  page.evaluate(() => Object.keys(localStorage).filter((key) => key.startsWith('kobby.link')));

test('she names who leads what, and takes what is proposed', async () => {
  await mara.go(url('units/unit-kites/hand-over'));
  await mara.find('[data-test="lead-unit-kites-18"]');
  await mara.press('[data-test="lead-day-6"]');
  await mara.find('[data-test="lead-idea"]');
  await mara.sees('two adults are there');
  await mara.pressText('Take it');
  await mara.page.waitForFunction(() => !document.querySelector('[data-test="lead-idea"]'));
  await mara.pressText('Undo');
  await mara.find('[data-test="lead-idea"]');
  await mara.kept();
});

test('she makes a link for Sol, whose groups come first', async () => {
  await mara.pressText('Links');
  // By key: a list that slides open is pressed beside too easily.
  await mara.page.waitForSelector('[data-test="link-person"] input');
  await mara.page.focus('[data-test="link-person"] input');
  await mara.type('S');
  await mara.pressText('Make the link');
  await mara.find('[data-test="link-address"]');
  link = (await mara.textOf('[data-test="link-address"]')).trim();
  await sol.go(link);
  await sol.sees('Kite corners');
  expect(await sol.textOf(HALVES)).toMatch(/yours[\s\S]*You with Juno, Noor[\s\S]*Mara with/);
  expect(await sol.textOf(HALVES)).toContain('“A long road.”');
  // The pages are on the phone now, not only what they show.
  await sol.page.evaluate(() => navigator.serviceWorker.ready.then(() => undefined));
});

let phone: Page;

test('without a connection she ticks, writes and calls; the phone is closed in between', async () => {
  await sol.page.setOfflineMode(true);
  await sol.press(`${HALVES} .tick`);
  await sol.press(`${HALVES} .acts button`);
  await sol.press('textarea[name="text"]');
  await sol.type('Noor built a kite of eight sticks');
  await sol.pressText('Keep the note');
  await sol.sees('2 on the way, kept on this phone');
  const address = sol.page.url();
  expect(address).not.toContain('#');
  await sol.page.close();

  phone = await reopened(address, true);
  await sees(phone, '2 on the way, kept on this phone');
  expect(await phone.$eval(`${HALVES} .tick`, (tick) => tick.getAttribute('aria-pressed'))).toBe('true');
  await sees(phone, 'Noor built a kite of eight sticks');
  await phone.locator('::-p-xpath(//footer//button[contains(., "Needs help")])').click();
  await phone.waitForSelector('textarea[name="text"]', { visible: true });
  // The sheet slides in: pressed as by key, wherever it is by now.
  await phone.$eval('button[form="shared-word"]', (button) => (button as HTMLElement).click());
  await sees(phone, '3 on the way');
});

test('with a connection again everything arrives once, in its order', async () => {
  await mara.go(url('today'));
  await mara.find('[data-test="words"]');
  await phone.setOfflineMode(false);
  await mara.sees('Noor built a kite of eight sticks');
  await mara.sees('Needs help');
  await sees(phone, 'up to date');
  const words = await mara.textsOf('[data-test="words"] li');
  expect(words.filter((text) => text.includes('eight sticks'))).toHaveLength(1);
  expect(words.filter((text) => text.includes('Needs help'))).toHaveLength(1);
  await mara.pressText('Seen');
  await mara.go(url('units/unit-kites/hand-over?part=links'));
  await mara.find('[data-test="ticks"] li');
  expect(await mara.textsOf('[data-test="ticks"] li')).toHaveLength(1);
  expect(await mara.textOf('[data-test="ticks"]')).toMatch(/Kite corners\s+Day 4 · Sol/);
  await mara.sees('last opened');
});

test('what the home can no longer keep is said on the phone, not lost', async () => {
  await phone.setOfflineMode(true);
  await phone.locator('[data-test="item-unit-kites-17"] .tick').click();
  await sees(phone, '1 on the way');
  // Meanwhile the parachute is taken out of the day.
  await mara.go(url('units/unit-kites/days'));
  await mara.press('::-p-xpath(//*[@data-test="day-4"]//button[contains(., "Parachute in the hall")])');
  await mara.pressText('Take it out');
  await mara.kept();
  await phone.setOfflineMode(false);
  await sees(phone, 'This could not be kept');
  await sees(phone, 'This is not on your list any more.');
  await phone.locator('::-p-xpath(//button[contains(., "I have read it")])').click();
  await phone.waitForFunction(() => !document.querySelector('[data-test="unkept"]'));
});

test('a link that is taken back is refused, and its copy goes from the phone at the next contact', async () => {
  await phone.setOfflineMode(true);
  await mara.go(url('units/unit-kites/hand-over?part=links'));
  await mara.press('[aria-label="Take back the link for Sol"]');
  await mara.kept();
  // Without a connection it cannot know, and still has what it needs.
  const address = phone.url();
  await phone.close();
  phone = await reopened(address, true);
  await sees(phone, 'Kite corners');
  expect(await keptOnPhone(phone)).not.toEqual([]);
  await phone.setOfflineMode(false);
  await sees(phone, 'This link was taken back');
  expect(await keptOnPhone(phone)).toEqual([]);
  await phone.close();
  phone = await reopened(address, true);
  await phone.waitForFunction(() => !document.body.innerText.includes('Kite corners'));
  await phone.close();
});

test('a link with a pass-phrase asks for it', async () => {
  await mara.go(url('units/unit-kites/hand-over?part=links'));
  await mara.fill('label', 'Wren');
  await mara.fill('passPhrase', 'blue door');
  await mara.pressText('Make the link');
  const address = (await mara.textOf('[data-test="link-address"]')).trim();
  const wren = await Visitor.arrive(demo.browser, PHONE, { keepsPages: true });
  await wren.go(address);
  await wren.sees('This link asks for a pass-phrase');
  await wren.fill('passPhrase', 'red door');
  await wren.pressText('Open');
  await wren.sees('This is not the pass-phrase of this link');
  await wren.fill('passPhrase', 'blue door');
  await wren.pressText('Open');
  await wren.sees('Kite corners');
  expect(wren.errors).toEqual([]);
});

test('no page made an error on the way', () => {
  expect([...mara.errors, ...sol.errors]).toEqual([]);
});
