// From the door to the assistant's link, by one pair of hands: a new home of six with true stock, a theme of its own with ten things, ten
// days, circles, bins, baskets, what to prepare, a link. Counted in presses, keys and seconds by the keystroke-level model.
import type { Browser } from 'puppeteer-core';
import { afterAll, beforeAll, expect, test } from 'vitest';
import { LAPTOP, openBrowser, Visitor } from './support/browser.ts';
import { Hands } from './support/keystroke.ts';
import { startServer, temporaryFolder, type RunningServer } from './support/server.ts';

const folder = temporaryFolder();
let server: RunningServer;
let browser: Browser;
let closeBrowser: () => Promise<void>;
let ren: Visitor;

beforeAll(async () => {
  server = await startServer(folder.path, []);
  ({ browser, close: closeBrowser } = await openBrowser());
  ren = await Visitor.arrive(browser, LAPTOP);
});

afterAll(async () => {
  await closeBrowser?.();
  await server?.stop();
  folder.remove();
});

/** Names, birthdays as they are typed, what puts things in the mouth, what one must not have. */
const CHILDREN = [
  { name: 'Ada Elm', birth: '06022026' },
  { name: 'Bo Fern', birth: '05112025', mouths: true },
  { name: 'Cleo Ash', birth: '03202024' },
  { name: 'Dov Reed', birth: '08152023', allergy: 'gluten' },
  { name: 'Emi Sage', birth: '10012022' },
  { name: 'Finn Moss', birth: '04302021', allergy: 'tree-nuts' },
] as const;
const THINGS = ['tram', 'rail', 'ticket', 'driver', 'bell', 'stop', 'wheel', 'map', 'tunnel', 'bridge'];

const drawer = (name: string): string => `::-p-xpath(//nav//a[b[normalize-space(.)="${name}"]])`;
const open = async (hands: Hands, name: string): Promise<void> => {
  await hands.press(drawer(name));
  await ren.find(`::-p-xpath(//nav//a[@aria-current="page" and b[normalize-space(.)="${name}"]])`);
  await ren.drawn();
};
const isIn = (name: string): Promise<unknown> =>
  ren.page.waitForFunction((wanted) => document.activeElement?.getAttribute('name') === wanted, {}, name);

test('a home of six with what is in it', async () => {
  const code = /one-time code: (\S+)/.exec(server.output())![1]!;
  const hands = new Hands(ren);
  // The terminal shows a link that has the code in it.
  await ren.go(`${server.url}/enter#${code}`);
  await isIn('homeName');
  await hands.type('Oak Corner');
  await hands.tab();
  await hands.type('Ren');
  // Past the time zone, which the browser knows.
  await hands.tab(2);
  await hands.type('four green paper boats');
  await hands.strike('Enter');
  await hands.pressText('Add the children in the house');
  for (const [at, child] of CHILDREN.entries()) {
    await isIn('name');
    await hands.type(child.name);
    await hands.tab(2);
    await hands.type(child.birth);
    if ('mouths' in child) await hands.press('input[name="mouthsThings"]');
    if ('allergy' in child) await hands.press(`input[name="allergies.${child.allergy}"]`);
    const isLast = at === CHILDREN.length - 1;
    if (isLast) await hands.strike('Enter');
    else await hands.pressText('Keep, and the next child');
    await ren.page.waitForFunction(
      (name, last) =>
        document.querySelector('[data-test="children"]')?.textContent?.includes(name) &&
        (last
          ? !document.querySelector('.sheet-form')
          : (document.querySelector('input[name="name"]') as HTMLInputElement | null)?.value === ''),
      {},
      child.name,
      isLast,
    );
  }
  await hands.pressText('People');
  await hands.pressText('An assistant');
  await isIn('name');
  await hands.type('Kit');
  await hands.strike('Enter');
  await ren.sees('Kit');
  await hands.pressText('Cupboard');
  await hands.pressText('The usual things');
  await ren.sees('things in');
  // No cooking with yeast here, half the paint, no music yet.
  await hands.press('[data-test="usual-food"] summary');
  await hands.press('::-p-xpath(//*[@data-test="usual-food"]//label[contains(., "Dry yeast")])');
  await hands.press('[data-test="usual-music"] summary');
  await hands.press('::-p-xpath(//*[@data-test="usual-music"]//button[normalize-space(.)="None of it"])');
  await hands.press('[data-test="usual-paint-and-glue"] summary');
  await hands.press('[aria-label="How much of Washable paint"]');
  await ren.page.$eval('[aria-label="How much of Washable paint"]', (field) =>
    (field as HTMLInputElement).select(),
  );
  await hands.type('450 mL');
  await hands.pressText('Keep');
  await ren.page.waitForFunction(() => !document.querySelector('.sheet-form'));
  await ren.kept();
  console.log(`a home of six with true stock: ${hands.told()}`);
  expect(hands.seconds).toBeLessThanOrEqual(150);
});

test('its first ten days by hand, with a theme of its own', async () => {
  const hands = new Hands(ren);
  await hands.pressText('Units');
  await hands.pressText('Start the first unit');
  await isIn('title');
  await hands.type('Trams and Tickets');
  await hands.strike('Enter');
  await ren.sees('The shelf');
  await open(hands, 'Spark');
  await hands.press('input[name="thing-new"]');
  for (const thing of THINGS) {
    await hands.type(thing);
    await hands.strike('Enter');
    await ren.page.waitForFunction(
      () =>
        (document.activeElement as HTMLInputElement | null)?.name === 'thing-new' &&
        (document.activeElement as HTMLInputElement).value === '',
    );
  }
  await open(hands, 'Corners');
  await ren.find('.cubby');
  // Each empty corner: the first of what it offers, else the first of what the library has for it.
  for (;;) {
    const empty = await ren.page.$('.cubby.empty .offer');
    if (!empty) break;
    const before = await ren.page.$$eval('.cubby.empty', (all) => all.length);
    await hands.press('.cubby.empty .offer');
    await ren.page.waitForFunction((n) => document.querySelectorAll('.cubby.empty').length < n, {}, before);
  }
  await open(hands, 'Days');
  for (let day = 1; day <= 10; day += 1) {
    await hands.press(`[aria-label="Add to Day ${day}"]`);
    await ren.find('[data-test="choices"] button');
    await isIn('wanted');
    await hands.strike('Enter');
    await ren.page.waitForFunction(
      (n) =>
        !document.querySelector('[data-test="choices"]') &&
        document.querySelector(`[data-test="day-${n}"] .item`),
      {},
      day,
    );
  }
  await open(hands, 'Circle');
  await hands.pressText('Draft the circles');
  await hands.pressText('Take it');
  await open(hands, 'Trays');
  await hands.pressText('Draft the bins');
  await hands.pressText('Take it');
  await open(hands, 'Gather');
  await ren.find('[data-test="basket-buy"]');
  await open(hands, 'Make ready');
  await hands.press('[data-test="show-it"]');
  await open(hands, 'Hand over');
  await hands.pressText('Links');
  await hands.pressText('Make the link');
  await ren.find('[data-test="link-address"]');
  await ren.kept();
  console.log(`ten days by hand, to the link: ${hands.told()}`);
  expect(hands.seconds).toBeLessThanOrEqual(300);
  expect(hands.points).toBeLessThanOrEqual(150);
  expect(ren.errors).toEqual([]);
});

test('the same with a draft', async () => {
  const hands = new Hands(ren);
  await hands.pressText('Units');
  await hands.pressText('Start a unit');
  await isIn('title');
  await hands.type('Trams again');
  await hands.strike('Enter');
  await open(hands, 'Spark');
  await hands.pressText('Take these');
  await ren.find('input[aria-label="Name of the member"]');
  await hands.pressText('Draft the unit');
  await hands.pressText('Take it');
  await open(hands, 'Hand over');
  await hands.pressText('Links');
  await hands.pressText('Make the link');
  await ren.find('[data-test="link-address"]');
  await ren.kept();
  console.log(`the same with a draft: ${hands.told()}`);
  expect(hands.seconds).toBeLessThanOrEqual(60);
  expect(ren.errors).toEqual([]);
});
