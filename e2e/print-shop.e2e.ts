// Cards of a theme's things: made by a press, true to size on paper, and told where the table lacks something.
import { mkdtempSync, readdirSync, readFileSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterAll, beforeAll, expect, test, vi } from 'vitest';
import { openDemo, type Demo } from './support/demo.ts';
import { facesOf, printed, readPdf } from './support/pdf.ts';

let demo: Demo;
beforeAll(async () => {
  demo = await openDemo();
});
afterAll(() => demo?.close());

test('sets of a theme are made by one press each, and come out of the printer true to size', async () => {
  const { mara } = demo;
  await mara.route('/units/unit-kites/hand-over?part=paper');
  await mara.pressText('Cards of the theme’s things');
  await mara.find('.sheets svg');
  await mara.sees('Picture and word');
  for (const [kind, cards, sheets] of [
    ['named', 6, 1],
    ['pairs', 12, 2],
    ['order', 6, 1],
    ['clips', 10, 2],
  ] as const) {
    await mara.press(`[data-test="kind-${kind}"]`);
    await mara.page.waitForFunction(
      (wanted) => document.querySelector('[data-test="job"] dt')?.textContent === wanted,
      {},
      String(cards),
    );
    expect(await mara.page.$$eval('.sheets svg', (all) => all.length)).toBe(sheets);
  }
  // Pictures are there before it is printed.
  await mara.press('[data-test="kind-named"]');
  const loaded = await mara.page.evaluate(async () => {
    const hrefs = [...document.querySelectorAll('.sheets image')].map((one) => one.getAttribute('href')!);
    return Promise.all(hrefs.map(async (href) => (await fetch(href)).ok));
  });
  expect([loaded.length, loaded.every(Boolean)]).toEqual([5, true]);

  for (const [paper, width, height] of [
    ['a4', 595.28, 841.89],
    ['letter', 612, 792],
  ] as const) {
    await mara.press(`input[name="paper"][value="${paper}"]`);
    const { size, pageCount, words } = await printed(mara.page, 'own');
    expect([pageCount, Math.abs(size[0]! - width) < 0.6, Math.abs(size[1]! - height) < 0.6]).toEqual([
      1,
      true,
      true,
    ]);
    for (const name of ['kite', 'windsock', 'pinwheel', 'streamer', 'cloud', 'reel'])
      expect(words).toContain(name);
  }
  // A hundred millimetres are 377.95 pixels of a page that is true to size.
  await mara.page.emulateMediaType('print');
  const line = await mara.page.$eval('.measure line', (one) => one.getBoundingClientRect().width);
  await mara.page.emulateMediaType('screen');
  expect(Math.abs(line - (100 * 96) / 25.4)).toBeLessThan(0.6);
  expect(mara.errors).toEqual([]);
});

test('what the table of things lacks is said in a line, with the way there', async () => {
  const { mara } = demo;
  await mara.route('/units/unit-bridges/print-shop?kind=order');
  await mara.sees('No two things have an order');
  await mara.press('[data-test="kind-numbers"]');
  await mara.find('.sheets svg');
  await mara.press('[data-test="kind-order"]');
  await mara.pressText('To the theme’s things');
  await mara.find('main form');
});

test('the same pages are kept as a file: size, face, words and drawings, read by a program that did not make it', async () => {
  const { mara } = demo;
  const folder = mkdtempSync(join(tmpdir(), 'kobby-cards-'));
  const session = await mara.page.createCDPSession();
  await session.send('Browser.setDownloadBehavior', {
    ...{ behavior: 'allow', downloadPath: folder },
    browserContextId: mara.page.browserContext().id!,
  });
  await mara.route('/units/unit-kites/print-shop?kind=pairs');
  await mara.find('.sheets svg');
  await mara.press('[data-test="kind-apart"]');
  await mara.page.waitForFunction(() => document.querySelectorAll('.sheets svg').length === 2);
  await mara.pressText('Keep as PDF');
  const name = await vi.waitUntil(() => readdirSync(folder).find((one) => one.endsWith('.pdf')), {
    timeout: 60_000,
  });
  const data = readFileSync(join(folder, name));
  const { size, pageCount, texts, words } = await readPdf(new Uint8Array(data));
  expect([name, pageCount]).toEqual(['Picture and word apart, Wind and Kites.pdf', 2]);
  expect(size.map((points) => Math.round((points * 254) / 72) / 10)).toEqual([210, 297]);
  // The word alone and with its picture; what has no picture is not among those to be matched.
  for (const thing of ['kite', 'windsock', 'pinwheel', 'streamer', 'cloud'])
    expect(texts.filter(({ text }) => text === thing)).toHaveLength(2);
  expect(words).toContain('100 mm');
  expect(await facesOf(new Uint8Array(data))).toEqual([
    { name: expect.stringContaining('AtkinsonHyperlegibleNext'), isInside: true },
  ]);
  rmSync(folder, { recursive: true });
  expect(mara.errors).toEqual([]);
});

test('three levels of a new theme are a job: gathered, made ready, in bins, and one of it again', async () => {
  const { mara } = demo;
  await mara.route('/');
  await mara.pressText('Start a unit');
  await mara.fill('title', 'Cranes and Pulleys');
  await mara.fill('start', '2027-04-12');
  await mara.pressText('Put it on the shelf');
  await mara.sees('The shelf');
  await mara.press('::-p-xpath(//nav//a[b[normalize-space(.)="Spark"]])');
  await mara.pressText('Take these');
  await mara.find('input[aria-label^="First sound of"]');
  const unit = mara.page.url().match(/units\/[\w-]+/)![0];

  await mara.route(`/${unit}/print-shop?kind=named`);
  await mara.find('.sheets svg');
  await mara.press('input[name="levels"]');
  await mara.press('input[name="laminate"]');
  await mara.page.select('select[name="place"]', 'bins');
  await mara.sees('Pictures: Ada, Juno');
  await mara.sees('Picture and word: Noor, Tove, Bo');
  await mara.sees('Picture and word apart: Eli, Ines');
  await mara.page.select('select[name="fromDay"]', '3');
  await mara.pressText('Keep it as a job');
  await mara.sees('know of it');
  expect(await mara.page.$$eval('[data-test="kept"] li', (all) => all.length)).toBe(3);

  await mara.route(`/${unit}/gather`);
  await mara.sees('White card, sheets');
  const prints = await mara.textOf('[data-test="basket-prints"]');
  expect(prints).toContain('bins of Noor, Tove, Bo');
  expect(prints.match(/^Picture and word: Cranes and Pulleys$/gm)).toHaveLength(1);

  await mara.route(`/${unit}/ready`);
  await mara.find('[data-test="task"]');
  const tasks = await mara.page.$$eval('[data-test="task"]', (all) =>
    all.map((one) => one.textContent ?? '').filter((text) => text.includes('Picture and word')),
  );
  expect(tasks).toHaveLength(1);
  expect(tasks[0]).toContain('print, laminate, cut');
  await mara.pressText('Folders and baskets');
  await mara.sees('Bin of Bo');
  await mara.sees('Picture and word: Cranes and Pulleys × 1');

  // Bo was away: hers once again.
  await mara.route(`/${unit}/gather`);
  await mara.pressText('by child');
  await mara.press('[data-test="basket-prints"] a[href*="kind=named"][href*="copies=1"]');
  await mara.find('.sheets svg');
  expect(await mara.page.$$eval('.sheets svg', (all) => all.length)).toBeLessThan(3);

  // What was made is a set of the house, with its pieces and its next ways to play.
  await mara.pressText('Made: a set of the house');
  await mara.sees('among the sets of the house');
  expect(mara.errors).toEqual([]);
});
