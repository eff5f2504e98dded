// npm run screenshots: retakes docs/screenshots from a fresh demo home.
import { mkdirSync } from 'node:fs';
import { join } from 'node:path';
import { LAPTOP, PHONE, Visitor } from '../e2e/support/browser.ts';
import { openDemo } from '../e2e/support/demo.ts';
import { helpPages } from '../e2e/support/help-pages.ts';

const target = process.argv[2] ?? join(import.meta.dirname, '../docs/screenshots');
mkdirSync(target, { recursive: true });
const { server, browser, mara, close } = await openDemo();

async function take(visitor: Visitor, name: string): Promise<void> {
  // Fonts must be there, and panels that slide must have arrived; what turns for ever is not waited for.
  await visitor.page.evaluate(async () => {
    await document.fonts.ready;
    const sliding = document
      .getAnimations()
      .filter((a) => a.effect?.getComputedTiming().iterations !== Infinity);
    await Promise.all(sliding.map((animation) => animation.finished.catch(() => undefined)));
  });
  await visitor.page.screenshot({ path: join(target, `${name}.png`) as `${string}.png` });
  console.log(`took ${name}`);
}

/** Each page as help shows it, half as large, where the client finds it. */
async function takeForHelp(): Promise<void> {
  const folder = join(import.meta.dirname, '../packages/web/public/help');
  mkdirSync(folder, { recursive: true });
  await mara.page.setViewport({ ...LAPTOP, deviceScaleFactor: 0.5 });
  for (const { name, path } of helpPages('unit-kites')) {
    await mara.route(path);
    await mara.find('main h1, h1');
    await new Promise((rested) => setTimeout(rested, 1000));
    await mara.page.screenshot({ path: join(folder, `${name}.webp`) as `${string}.webp`, quality: 60 });
  }
  await mara.page.setViewport(LAPTOP);
  await mara.route('/units');
  await mara.find('.rack li');
}

await mara.find('.rack li');
await takeForHelp();
await take(mara, 'units');
await mara.go(`${server.url}/house/library`);
await mara.find('[data-test="found"] li');
await mara.fill('words', 'kite');
await mara.page.waitForFunction(() => document.body.innerText.includes('entries fit'));
await take(mara, 'library');
await mara.go(`${server.url}/units/year`);
await mara.find('tbody tr');
await take(mara, 'year');
await mara.go(`${server.url}/house/children/bo`);
await mara.find('[data-test="met"] li');
await take(mara, 'child');
await mara.go(`${server.url}/units/unit-kites/print-shop?kind=named`);
await mara.find('.sheets image');
await take(mara, 'print-shop');
await mara.go(`${server.url}/units/unit-kites/corners`);
await mara.find('.cubby');
await take(mara, 'corners');
for (const [page, ready] of [
  ['spark', 'main form'],
  ['days', '.day'],
  ['trays', '.trays'],
  ['hand-over', '[data-test="lead-unit-kites-18"]'],
  ['look-back', '[data-test="by-day"] li'],
] as const) {
  await mara.go(`${server.url}/units/unit-kites/${page}`);
  await mara.find(ready);
  await take(mara, page);
}
await mara.go(`${server.url}/units/unit-kites/days`);
await mara.pressText('How sure is it?');
await mara.page.waitForFunction(() =>
  document.querySelector('[data-test="whole"]')?.textContent.trim().endsWith('tries.'),
);
await take(mara, 'sure');
await mara.go(`${server.url}/units/unit-lanterns/corners`);
await mara.pressText('Draft the rest');
await mara.page.waitForFunction(() => document.body.innerText.includes('best there can be'));
await mara.page.waitForFunction(() => !document.body.innerText.includes('looking for a better one'));
await take(mara, 'draft');
await mara.pressText('Away');
await mara.go(`${server.url}/today`);
for (const child of ['ada', 'juno', 'noor', 'bo']) await mara.press(`[data-test="here-${child}"]`);
await mara.press('[data-test="block-small-groups"]');
await mara.press('[data-test="record-loved"]');
await mara.sees('Loved it (Mara)');
await mara.page.evaluate(() => window.scrollTo(0, 0));
await take(mara, 'today');
await mara.go(`${server.url}/units/unit-kites/hand-over?part=links`);
await mara.find('main form');
// By key: a list that slides open is pressed beside too easily.
await mara.page.focus('[data-test="link-person"] input');
await mara.type('S');
await mara.pressText('Make the link');
await mara.find('[data-test="link-address"]');
const link = await mara.textOf('[data-test="link-address"]');

const sol = await Visitor.arrive(browser, PHONE);
await sol.go(link);
await sol.find('article .tick');
await sol.sees('up to date');
await sol.page.$eval('[data-test="item-unit-kites-18"]', (item) => item.scrollIntoView({ block: 'start' }));
await take(sol, 'assistant');
await mara.go(`${server.url}/units/unit-kites/gather`);
await mara.press('[data-test="supply-lump-rice"] .amount');
await mara.find('.how-come');
await mara.find('[data-test="cost"] svg text');
await take(mara, 'gather');
await mara.go(`${server.url}/units/unit-kites/ready`);
await mara.find('main svg text');
await take(mara, 'ready');
await mara.go(`${server.url}/units/unit-kites/circle`);
await mara.find('main svg text');
await take(mara, 'circle');
await mara.go(`${server.url}/kitchen/counter/cloud-dough`);
await mara.find('[data-test="mix"]');
await mara.pressText('cups and spoons');
await mara.pressText('US');
await mara.press('[data-test="goes-in-vegetable-oil"] .amount');
await take(mara, 'counter');
await close();
