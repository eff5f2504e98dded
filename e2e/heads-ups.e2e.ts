// The plan that checks itself: a stop appears while planning, a mend removes it, a reason keeps it over a reload.
import { afterAll, beforeAll, expect, test } from 'vitest';
import type { Visitor } from './support/browser.ts';
import { openDemo, type Demo } from './support/demo.ts';
import type { RunningServer } from './support/server.ts';

let demo: Demo;
let server: RunningServer;
let mara: Visitor;

beforeAll(async () => {
  demo = await openDemo();
  ({ server, mara } = demo);
  await mara.go(`${server.url}/units/unit-lanterns/corners`);
  await mara.find('.cubby');
});

afterAll(() => demo?.close());

const head = (words: string): string =>
  `::-p-xpath(//*[@data-test="heads-up"]//button[contains(@class, "head") and contains(., "${words}")])`;
const weight = (words: string): string =>
  `::-p-xpath(//*[contains(@class, "weights")]//button[normalize-space(.)="${words}"])`;

test('the current unit of the demo has no open stop, and one that is kept with its reason', async () => {
  await mara.go(`${server.url}/units/unit-kites/corners`);
  await mara.press(weight('1 kept'));
  await mara.sees('sewn to the rim');
  expect(await mara.page.$(weight('1 stop'))).toBeNull();
});

test('what is put out brings its stop, and the offered mend takes it away with one press', async () => {
  await mara.go(`${server.url}/units/unit-lanterns/corners`);
  await mara.press('[aria-label="Put something in Sensory bin"]');
  await mara.choose('Oat ring drift bin');
  await mara.press(head('Gluten and Tove Lind'));
  await mara.sees("the child's own care plan come first");
  await mara.pressText('Use Corn meal instead');
  await mara.seesNot('Gluten and Tove Lind');
  await mara.pressText('Undo');
  await mara.sees('Gluten and Tove Lind');
});

test('it is kept with a written reason, stays kept over a reload, and comes back when its facts change', async () => {
  await mara.find(head('Gluten and Tove Lind'));
  if (!(await mara.page.$('textarea[name="why"]'))) await mara.press(head('Gluten and Tove Lind'));
  await mara.pressText('Keep it, with this reason');
  await mara.sees('Say why it is kept as it is');
  await mara.press('textarea[name="why"]');
  await mara.type('Tove has her own tub of rice rings');
  await mara.pressText('Keep it, with this reason');
  await mara.find(weight('1 kept'));
  await mara.kept();
  await mara.page.reload({ waitUntil: 'load' });
  await mara.press(weight('1 kept'));
  await mara.sees('Tove has her own tub of rice rings');
  // Fewer days are other facts.
  await mara.press('[data-placement]:not([data-placement^="unit"])');
  await mara.fill('toDay', '4');
  await mara.strike('Tab');
  await mara.pressText('Done');
  await mara.find(weight('1 stop'));
  expect(mara.errors).toEqual([]);
});
