// Every view so far, in both lights: WCAG 2.2 A and AA as far as a program can tell; nothing scrolls sideways.
import axe from 'axe-core';
import type { Browser } from 'puppeteer-core';
import { afterAll, beforeAll, expect, test } from 'vitest';
import { LAPTOP, PHONE, Visitor } from './support/browser.ts';
import { openDemo, type Demo } from './support/demo.ts';
import type { RunningServer } from './support/server.ts';

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

const ALL = ['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa'];

/** What is wrong, as `rule: where`: by everything that is asked of a page, or by some rules only. */
async function problemsOf({ page }: Visitor, rules?: readonly string[]): Promise<string[]> {
  if (!(await page.evaluate(() => 'axe' in window))) {
    await page.evaluate(axe.source);
    await page.addStyleTag({ content: STILL });
  }
  return page.evaluate(
    async (runOnly) => {
      const { violations } = await (window as unknown as { axe: typeof axe }).axe.run(document, {
        runOnly,
        resultTypes: ['violations'],
        // Style sheets are read again only by a rule of the whole list.
        preload: runOnly.type === 'tag',
      });
      return violations.flatMap((v) =>
        v.nodes.map((node) => `${v.id}: ${node.target.join(' ')} ${node.failureSummary}`),
      );
    },
    rules ? { type: 'rule' as const, values: [...rules] } : { type: 'tag' as const, values: ALL },
  );
}

const scrollsSideways = ({ page }: Visitor): Promise<boolean> =>
  page.evaluate(() => document.documentElement.scrollWidth > window.innerWidth);

interface MountedApp {
  readonly __vue_app__: {
    readonly _context: { readonly provides: Record<symbol, { change(name: string): void }> };
  };
}

/** Colours that are still on their way from one light to the other would be judged as they pass. */
const STILL = '*, *::before, *::after { transition: none !important; animation: none !important; }';

/** Puts an open page in another light, as the switch for it does. */
const inLight = ({ page }: Visitor, light: 'day' | 'evening'): Promise<void> =>
  page.evaluate((chosen) => {
    document.documentElement.dataset.light = chosen;
    const { provides } = (document.querySelector('#app') as unknown as MountedApp).__vue_app__._context;
    const key = Object.getOwnPropertySymbols(provides).find((one) => one.description === 'vuetify:theme')!;
    provides[key]!.change(chosen);
    return new Promise<void>((drawn) => requestAnimationFrame(() => requestAnimationFrame(() => drawn())));
  }, light);

/**
 * Everything once, at a laptop by day; elsewhere what can differ there: contrast by evening light, how large what is
 * touched is and whether the page still fits on a phone.
 */
async function expectNoBarriers(visitor: Visitor): Promise<void> {
  expect(await problemsOf(visitor)).toEqual([]);
  expect(await scrollsSideways(visitor)).toBe(false);
  await inLight(visitor, 'evening');
  expect(await problemsOf(visitor, ['color-contrast'])).toEqual([]);
  await inLight(visitor, 'day');
}

async function expectToFitPhones(visitor: Visitor): Promise<void> {
  await visitor.page.setViewport(PHONE);
  expect(await problemsOf(visitor, ['target-size'])).toEqual([]);
  expect(await scrollsSideways(visitor)).toBe(false);
  await visitor.page.setViewport(LAPTOP);
}

const VIEWS = [
  ['house/children', '[data-test="children"] li'],
  ['house/people', '[data-test="people"] li'],
  ['house/corners', '[data-test="corners"] li'],
  ['house/rules', 'main form'],
  ['house/cupboard', '[data-test="cupboard"] li'],
  ['house/library', '[data-test="found"] li'],
  ['house/kept', 'main a[download]'],
  ['units', '.rack li'],
  ['units/unit-kites/spark', 'main form'],
  ['units/unit-kites/corners', '.cubby'],
  ['units/unit-kites/days', '.day'],
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
  await expectToFitPhones(mara);
});

test('the sheets for picking and for looking closer', async () => {
  await mara.route('/units/unit-kites/corners');
  await mara.press('[aria-label="Put something in Music"]');
  await mara.find('[data-test="choices"] button');
  await expectNoBarriers(mara);
  await mara.page.keyboard.press('Escape');
  await mara.page.waitForFunction(() => !document.querySelector('[data-test="choices"]'));
  await mara.pressText('Weather dough');
  await mara.sees('Who does what');
  await expectNoBarriers(mara);
  await mara.page.keyboard.press('Escape');
});

test.each([
  ['children', 'Tove Lind', 'input[name="birth"]'],
  ['people', 'Sol', 'input[name="mayLead.heat"]'],
  ['corners', 'Sensory bin', 'input[name="places"]'],
  ['cupboard', 'Aprons', 'input[name="packs.0.shop"]'],
  ['library', 'A wash of sky', 'input[name="content.title"]'],
  ['library', 'A bridge of backs', 'textarea[name="verses.0"]'],
  ['library', 'Blocks to thaw', 'input[name="keptHow"]'],
  ['library', 'Paste a list or text', 'textarea[name="list"]'],
  ['library', 'A sheet', 'input[name="pages"]'],
])('the sheets of the house: %s, %s', async (page, opens, ready) => {
  await mara.route('/units');
  await mara.route(`/house/${page}`);
  await mara.pressText(opens);
  await mara.find(ready);
  await expectNoBarriers(mara);
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
