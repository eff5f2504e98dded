// Every view and every sheet, in both lights: WCAG 2.2 A and AA and good practice as far as a program can tell; nothing goes past the side.
import { readdirSync, readFileSync } from 'node:fs';
import { basename, join } from 'node:path';
import type { Browser } from 'puppeteer-core';
import { afterAll, beforeAll, describe, expect, test } from 'vitest';
import { barriers } from './support/barriers.ts';
import { PHONE, Visitor } from './support/browser.ts';
import { openDemo, type Demo } from './support/demo.ts';
import type { RunningServer } from './support/server.ts';
import { SHEETS } from './support/sheets.ts';

let demo: Demo;
let server: RunningServer;
let browser: Browser;
let mara: Visitor;
let link: string;

beforeAll(async () => {
  demo = await openDemo();
  ({ server, mara, browser } = demo);
  await mara.go(`${server.url}/units/unit-kites/hand-over?part=links`);
  await mara.fill('label', 'Sol');
  await mara.pressText('Make the link');
  await mara.find('[data-test="link-address"]');
  link = await mara.textOf('[data-test="link-address"]');
});
afterAll(() => demo?.close());

const expectNoBarriers = async (visitor: Visitor): Promise<void> =>
  expect(await barriers(visitor)).toEqual([]);

const VIEWS = [
  ['house/children', '[data-test="children"] li'],
  ['house/children/bo', '[data-test="met"] li'],
  ['house/children/bo/letter', 'main textarea'],
  ['units/unit-kites/print/offered', '[data-test="printed"]'],
  ['house/people', '[data-test="people"] li'],
  ['house/corners', '[data-test="corners"] li'],
  ['house/rules', 'main form'],
  ['house/cupboard', '[data-test="cupboard"] li'],
  ['house/library', '[data-test="found"] li'],
  ['house/kept', 'main a[download]'],
  ['units/unit-kites/print-shop', '.sheets svg'],
  ['units', '.rack li'],
  ['units/year', 'tbody tr'],
  ['units/unit-kites/spark', 'main form'],
  ['units/unit-kites/corners', '.cubby'],
  ['units/unit-kites/days', '.day'],
  ['units/unit-kites/one-page', 'main h1, main h2'],
  ['units/unit-kites/circle', '[data-test="piece"]'],
  ['units/unit-kites/circle/4/circle/lead', '[data-test="verse"]'],
  ['units/unit-kites/circle/4/circle/card', '[data-test="circle-card"]'],
  ['units/unit-kites/circle/4/circle/songs', '[data-test="song-sheet"]'],
  ['units/unit-kites/trays', '.trays'],
  ['units/unit-kites/gather', '.baskets'],
  ['units/unit-kites/ready', '[data-test="task"]'],
  ['units/unit-kites/labels', '[data-test="label"]'],
  ['units/unit-kites/hand-over', '[data-test="lead-unit-kites-18"]'],
  ['units/unit-kites/hand-over?part=links', 'main form'],
  ['units/unit-kites/hand-over?part=home', 'main form textarea'],
  ['units/unit-kites/hand-over?part=paper', 'main li a'],
  ['units/unit-kites/look-back', '[data-test="by-day"] li'],
  ['units/unit-kites/print/day-sheet?day=4', '[data-test="printed"]'],
  ['units/unit-kites/print/bag-labels', '[data-test="printed"]'],
  ['today', '[data-test="block-now"]'],
  ['units/unit-kites/shop', '[data-test="put-away"]'],
  ['kitchen/counter/cooked-dough', '[data-test="mix"]'],
  ['kitchen/bins', '[data-test="filling"]'],
  ['kitchen/made', '[data-test="batch-batch-pan"]'],
  ['watch/begin', 'main .card'],
  ['watch/watch-sunflower', '[data-test="stage"]'],
  ['watch/watch-sunflower/strip', '[data-test="strip-day"]'],
] as const;

test.each(VIEWS)('%s', async (path, ready) => {
  await mara.route(`/${path}`);
  await mara.find(ready);
  await expectNoBarriers(mara);
});

describe('each sheet, and where the hands are afterwards', () => {
  /** Sheets that are looked at where what they need is there: below, and what all of them stand on. */
  const ELSEWHERE = [
    ...['ProposedSheet', 'WeighSheet', 'AssistantWords', 'FormSheet', 'PlankSheet'],
    ...['LackingSheet', 'UnknownSheet'],
  ];
  test('all of them are in the table', () => {
    const root = join(import.meta.dirname, '../packages/web/src');
    const sheets = readdirSync(root, { recursive: true, encoding: 'utf8' })
      .filter((path) => path.endsWith('.vue'))
      .filter((path) => /<(FormSheet|PlankSheet|v-dialog)\b/.test(readFileSync(join(root, path), 'utf8')))
      .map((path) => basename(path, '.vue'));
    expect(new Set([...SHEETS.map(({ sheet }) => sheet), ...ELSEWHERE])).toEqual(new Set(sheets));
  });

  test.each(SHEETS)('$sheet', async ({ at, opens }) => {
    // From elsewhere: then the hands are at the heading, as for whoever comes by a link.
    await mara.route('/house/credits');
    await mara.route(at);
    await mara.page.waitForFunction(() => document.activeElement !== document.body);
    await opens(mara);
    await mara.page.waitForFunction(() => document.activeElement?.closest('[role="dialog"]'));
    await expectNoBarriers(mara);
    const dialogs = (): Promise<number> => mara.page.$$eval('[role="dialog"]', (all) => all.length);
    // Counted anew each time: one that lies over another may have come after the first look.
    for (let left = await dialogs(); left > 0; left = await dialogs()) {
      await mara.strike('Escape');
      await mara.page.waitForFunction(
        (fewer) => document.querySelectorAll('[role="dialog"]').length < fewer,
        {},
        left,
      );
      // Never nowhere: where they were before, or at the heading of the page.
      await mara.page.waitForFunction(() => document.activeElement !== document.body);
    }
  });
});

test('the sign-in page and the assistant on a phone', async () => {
  const sol = await Visitor.arrive(browser, PHONE);
  await sol.go(server.url);
  await sol.find('input[name="passPhrase"]');
  await expectNoBarriers(sol);
  await sol.go(link);
  await sol.find('article .tick');
  await expectNoBarriers(sol);
  const small = await sol.page.$$eval('button, a', (targets) =>
    targets
      .filter((target) => target.getBoundingClientRect().height < 44 && target.closest('p') === null)
      .map((t) => t.textContent),
  );
  expect(small).toEqual([]);
  await sol.press('::-p-xpath(//footer//button[contains(., "Needs help")])');
  await sol.find('textarea[name="text"]');
  await expectNoBarriers(sol);
});

test('what nobody recorded of a thing, and what the library lacks', async () => {
  await mara.route('/units/unit-kites/corners');
  await mara.pressText('Weather dough');
  await mara.pressText('Mend it here');
  await mara.fill('thing', '3 glimmets');
  await mara.strike('Enter');
  await mara.kept();
  await mara.route('/house/credits');
  await mara.route('/units/unit-kites/corners');
  await mara.press(
    '::-p-xpath(//*[@data-test="heads-up"]//button[contains(@class, "head") and contains(., "Not recorded")])',
  );
  await mara.pressText('Fill it in');
  await mara.sees('look at it once');
  await expectNoBarriers(mara);
  await mara.route('/house/library');
  await mara.fill('words', 'ice lanterns');
  await mara.pressText('Ice lanterns');
  await mara.pressText('Take it away');
  await mara.kept();
  await mara.page.reload();
  await mara.press('[data-test="news"]');
  await mara.find('[role="dialog"] fieldset');
  await expectNoBarriers(mara);
});

test('what opens over a circle: another piece, a piece looked at, what fitting would change', async () => {
  await mara.route(`/units/unit-kites/circle`);
  await mara.press('[data-test="add-piece"]');
  await mara.find('[data-test="ideas"] button');
  await expectNoBarriers(mara);
  await mara.page.keyboard.press('Escape');
  await mara.page.waitForFunction(() => !document.querySelector('[data-test="ideas"]'));
  await mara.pressText('I opened my sack');
  await mara.find('[aria-label="As it is sung"]');
  await expectNoBarriers(mara);
  await mara.page.keyboard.press('Escape');
  await mara.page.waitForFunction(() => !document.querySelector('[aria-label="As it is sung"]'));
  await mara.fill('fit', '6');
  await mara.find('[data-test="fit-steps"]');
  await mara.press('[aria-label="Move Gust and hush"]');
  await mara.press('[data-test="went-lost"]');
  await expectNoBarriers(mara);
});

test('what opens over the kitchen and the baskets', async () => {
  await mara.route(`/kitchen/counter/cooked-dough`);
  await mara.press('.times button');
  await mara.find('[data-test="timers"] li');
  await expectNoBarriers(mara);
  await mara.press('::-p-xpath(//button[normalize-space(.)="Made it"])');
  await mara.find('input[name="madeOn"]');
  await expectNoBarriers(mara);
  await mara.route(`/units/unit-kites/gather`);
  await mara.press('[data-test="supply-wooden-dowels"] .name');
  await mara.find('input[name="amount.set"]');
  await expectNoBarriers(mara);
});

test('what opens beside and over a unit: a heads-up, the ledge, something in hand, the balance, a day', async () => {
  await mara.route(`/units/unit-kites/days`);
  await mara.press('[data-test="heads-up"] .head');
  await mara.find('.opened');
  await expectNoBarriers(mara);
  await mara.press('[data-test="open-ledge"]');
  await mara.find('[data-test="ledge"] li');
  await mara.press('[data-test="ledge"] .grip');
  await mara.find('.put');
  await expectNoBarriers(mara);
  await mara.strike('Escape');
  await mara.pressText('Balance');
  await mara.find('svg text');
  await expectNoBarriers(mara);
  await mara.press('[aria-label="Close: Balance"]');
  await mara.page.waitForFunction(() => !document.querySelector('.spread'));
  await mara.press('[data-test="day-5"] button.name');
  await mara.sees('When the day goes another way');
  await expectNoBarriers(mara);
});

test('a draft, why something is proposed, what weighs, and another way for the days', async () => {
  await mara.route('/units/unit-lanterns/corners');
  await mara.pressText('Draft the rest');
  await mara.find('[data-test^="proposed-corner"]');
  await mara.page.waitForFunction(
    () => !document.querySelector('[data-test="proposal"]')?.textContent?.includes('better one'),
    { timeout: 60_000 },
  );
  await expectNoBarriers(mara);
  await mara.press('[data-test^="proposed-corner"] .open');
  await mara.sees('Why this');
  await expectNoBarriers(mara);
  await mara.strike('Escape');
  await mara.page.waitForFunction(() => !document.body.innerText.includes('Why this'));
  await mara.pressText('What weighs');
  await mara.sees('What must hold');
  await expectNoBarriers(mara);
  await mara.strike('Escape');
  await mara.page.waitForFunction(() => !document.body.innerText.includes('What must hold'));
  await mara.pressText('Away');
  await mara.route('/units/unit-lanterns/days');
  await mara.pressText('Draft the rest');
  await mara.find('[data-test^="proposed-day"]');
  await expectNoBarriers(mara);
  await mara.pressText('Away');
  await mara.pressText('Another way');
  await mara.pressText('Nobody goes out');
  await mara.find('[data-test="reshuffled"]');
  await expectNoBarriers(mara);
});
