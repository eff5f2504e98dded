// Help goes along from page to page: a home is walked through with it, and nothing stands in the way of anybody.
import { afterAll, beforeAll, expect, test } from 'vitest';
import { barriers } from './support/barriers.ts';
import { openDemo, type Demo } from './support/demo.ts';
import { helpPages } from './support/help-pages.ts';

let demo: Demo;
beforeAll(async () => {
  demo = await openDemo();
});
afterAll(() => demo?.close());

test('every page says what it is for and what to try, with a picture, and leads on to the next', async () => {
  const { mara } = demo;
  const { page } = mara;
  await mara.route('/units');
  await mara.press('[aria-label="Help with this page"]');
  const walked: string[] = [];
  for (;;) {
    await mara.find('aside.help img');
    const [picture, at] = await page.evaluate(async () => {
      const image = document.querySelector<HTMLImageElement>('aside.help img')!;
      await image.decode().catch(() => undefined);
      return [image.naturalWidth, location.pathname] as const;
    });
    expect([at, picture]).toEqual([at, 640]);
    walked.push(at);
    const on = await page.$('aside.help .acts button');
    if (!on) break;
    await on.click();
    await page.waitForFunction((before) => location.pathname !== before, {}, at);
    await mara.find('main h1, h1');
  }
  expect(walked).toEqual(
    helpPages('unit-kites').map(({ path }) => expect.stringContaining(path.replace('/cooked-dough', ''))),
  );
  expect(await barriers(mara)).toEqual([]);
  await mara.page.keyboard.press('Escape');
  await page.waitForFunction(() => !document.querySelector('aside.help'));
  expect(mara.errors).toEqual([]);
});
