// Cards of a theme's things: made by a press, true to size on paper, and told where the table lacks something.
import { afterAll, beforeAll, expect, test } from 'vitest';
import { openDemo, type Demo } from './support/demo.ts';
import { printed } from './support/pdf.ts';

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
