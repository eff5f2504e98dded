// The page of one child: what was met by what was recorded, and a step that is noted by one press; nobody else stands there.
import { afterAll, beforeAll, expect, test } from 'vitest';
import { openDemo, type Demo } from './support/demo.ts';

let demo: Demo;
beforeAll(async () => {
  demo = await openDemo();
});
afterAll(() => demo?.close());

test('what was recorded stands on the page of who was there, and nobody else does', async () => {
  const { mara } = demo;
  await mara.route('/house/children');
  await mara.press('a[aria-label="What was met: Bo Marsh"]');
  await mara.find('[data-test="met"] li');
  await mara.sees('Lace a tail');
  const told = await mara.textOf('main');
  for (const name of ['Ada', 'Juno', 'Noor', 'Tove', 'Eli', 'Ines', 'milk']) expect(told).not.toContain(name);
  expect(await mara.page.$$eval('main table tbody tr', (all) => all.length)).toBe(11);

  await mara.press('[data-test="steps"] button');
  await mara.seesNot('A step further?');
  await mara.kept();
  await mara.page.reload();
  await mara.find('[data-test="met"] li');
  await mara.seesNot('A step further?');
  expect(mara.errors).toEqual([]);
});
