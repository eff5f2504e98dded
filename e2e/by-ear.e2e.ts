// From a title to the assistant's link by keyboard alone, and by what is read out alone: roles, names, and what is announced.
import type { Browser } from 'puppeteer-core';
import { afterAll, beforeAll, expect, test } from 'vitest';
import { LAPTOP, openBrowser, Visitor } from './support/browser.ts';
import { Ear } from './support/ear.ts';
import { startServer, temporaryFolder, type RunningServer } from './support/server.ts';

const folder = temporaryFolder();
let server: RunningServer;
let browser: Browser;
let closeBrowser: () => Promise<void>;
let mara: Visitor;
let ear: Ear;

beforeAll(async () => {
  server = await startServer(folder.path, ['--demo']);
  ({ browser, close: closeBrowser } = await openBrowser());
  mara = await Visitor.arrive(browser, LAPTOP);
  ear = await Ear.at(mara, `${server.url}/enter`);
});

afterAll(async () => {
  await closeBrowser?.();
  await server?.stop();
  folder.remove();
});

test('the door: the field is named, and the page that opens says where one is', async () => {
  await ear.comesTo('textbox', 'Pass-phrase');
  await mara.type('three blue kites');
  await ear.strike('Enter');
  await ear.comesTo('heading', 'Low Shelf House');
  expect(await mara.page.title()).toContain('Units');
});

test('a unit is started: the sheet and its first field are read out, then the page of the unit', async () => {
  await ear.goesTo('button', 'Start a unit');
  await ear.strike('Enter');
  await ear.comesTo('textbox', 'Theme');
  await mara.type('Trams and Tickets');
  await ear.strike('Enter');
  await ear.comesTo('heading', 'The shelf');
  expect(await mara.page.title()).toMatch(/Trams and Tickets/);
});

test('things, a corner and a day are filled; the hands stay where they were', async () => {
  await ear.goesTo('link', /^Spark/);
  await ear.strike('Enter');
  await ear.comesTo('heading', 'Spark');
  await ear.goesTo('textbox', 'A new thing', 250);
  await mara.type('tram');
  await ear.strike('Enter');
  await ear.comesTo('textbox', 'A new thing');
  await ear.goesTo('link', /^Corners/, 250);
  await ear.strike('Enter');
  await ear.comesTo('heading', 'The shelf');
  await ear.goesTo('button', 'Put something in Blocks');
  await ear.strike('Enter');
  await ear.comesTo('textbox', 'Look for a word');
  await ear.strike('Enter');
  await mara.page.waitForFunction(() => document.querySelector('[data-test="cubby-blocks"]:not(.empty)'));
  await mara.page.waitForFunction(() => document.activeElement !== document.body);
  await ear.goesTo('link', /^Days/, 250);
  await ear.strike('Enter');
  await ear.comesTo('heading', 'Days');
  await ear.goesTo('button', 'Add to Day 1');
  await ear.strike('Enter');
  await ear.comesTo('textbox', 'Look for a word');
  await ear.strike('Enter');
  await mara.page.waitForFunction(() => document.querySelector('[data-test="day-1"] .item'));
  await mara.page.waitForFunction(() => document.activeElement !== document.body);
});

test('a step back says what it takes back, and what is wrong with the plan is told as a number', async () => {
  await mara.page.keyboard.down('Control');
  await ear.strike('z');
  await mara.page.keyboard.up('Control');
  await ear.wasTold('Taken back:');
  await mara.page.keyboard.down('Control');
  await mara.page.keyboard.down('Shift');
  await ear.strike('Z');
  await mara.page.keyboard.up('Shift');
  await mara.page.keyboard.up('Control');
  await ear.wasTold('Done again:');
  await ear.wasTold('heads-ups');
});

test('anything is found by one key, and by the same words that are read out', async () => {
  await ear.strike('Escape', '/');
  await ear.comesTo('combobox', /a thing/);
  await mara.type('aprons');
  await ear.strike('Escape');
});

test('the link is made, and it is said that it was', async () => {
  await ear.goesTo('link', /^Hand over/, 250);
  await ear.strike('Enter');
  await ear.comesTo('heading', /Hand over/);
  await ear.goesTo('button', /^Links/, 250);
  await ear.strike('Enter');
  await ear.goesTo('button', 'Make the link', 250);
  await ear.strike('Enter');
  await mara.find('[data-test="link-address"]');
  await ear.wasTold('/with/link-');
  expect(ear.nameless).toEqual([]);
  expect(mara.errors).toEqual([]);
});
