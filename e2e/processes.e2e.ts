// What takes time: a recipe stands in the plan, is laid into its day, and is told, mended, shown and printed.
import { afterAll, beforeAll, expect, test } from 'vitest';
import { PHONE, Visitor } from './support/browser.ts';
import { openDemo, type Demo } from './support/demo.ts';

let demo: Demo;
let unit: string;

beforeAll(async () => {
  demo = await openDemo();
  const { mara } = demo;
  await mara.pressText('Start a unit');
  await mara.fill('title', 'The market');
  await mara.fill('start', '2027-04-12');
  await mara.fill('dayCount', '5');
  await mara.pressText('Put it on the shelf');
  await mara.sees('The shelf');
  unit = new URL(mara.page.url()).pathname.split('/')[2]!;
  // A seventh for the mornings.
  const kept = await mara.page.evaluate(async () => {
    const child = {
      ...{ id: 'child-wim', name: 'Wim Roe', shownAs: 'Wim', birth: '2023-02-01', mouthsThings: false },
      ...{ allergies: [], attendance: { '1': ['morning'] } },
    };
    const gesture = {
      id: 'wim-comes',
      at: new Date().toISOString(),
      changes: [{ type: 'house/put-child', child }],
    };
    const answer = await fetch('/api/gestures', {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify({ gestures: [{ ...gesture, bases: {} }] }),
    });
    return answer.ok;
  });
  expect(kept).toBe(true);
});
afterAll(async () => {
  await demo.close();
});

const inDay = (day: number, words: string): string =>
  `::-p-xpath(//*[@data-test="day-${day}"]//*[contains(., "${words}")][self::button or self::a])`;

async function chooseBlock(name: string): Promise<void> {
  const { mara } = demo;
  await mara.press(
    '::-p-xpath(//*[contains(@class, "v-select")][.//label[contains(., "Block of the day")]])',
  );
  await mara.press(`::-p-xpath(//*[@role="option"][contains(., "${name}")])`);
}

test('flat bread for the market day: put on it by a word, kneaded before the yard and ready after it', async () => {
  const { mara } = demo;
  await mara.route(`/units/${unit}/days`);
  await mara.press('[aria-label="Add to Day 1"]');
  await chooseBlock('Yard');
  await mara.fill('wanted', 'parachute');
  await mara.press('[data-test="choices"] button');
  await mara.kept();
  await mara.press('[aria-label="Add to Day 1"]');
  await chooseBlock('Small groups');
  await mara.fill('wanted', 'bread');
  await mara.press('[data-test="recipes"] button');
  await mara.kept();
  await mara.press(inDay(1, 'Flat bread'));
  const made = await mara.textOf('[data-test="made"]');
  expect(made).toContain('7 children × 1');
  expect(made).toContain('300 g Plain flour');
  expect(made).toContain('Own bowl of Tove, without gluten');
  expect(made).toContain('50 g Rice flour');
  expect(made).toMatch(/10:25, 20 min: Wash hands.*It waits until 11:30/);
  expect(made).toContain('Ready at 12:03');
  await mara.strike('Escape');
});

test('its parts are on the list, its care among the heads-ups', async () => {
  const { mara } = demo;
  await mara.sees('Gluten and Tove');
  await mara.route(`/units/${unit}/gather`);
  await mara.sees('Rice flour, certified');
  await mara.sees('Dry yeast');
});

test('begun too late it is told, and mended by a press', async () => {
  const { mara } = demo;
  await mara.route(`/units/${unit}/days`);
  await mara.press(inDay(1, 'Flat bread'));
  await chooseBlock('Yard');
  await mara.pressText('Done');
  await mara.kept();
  await mara.sees('Flat bread is not ready by the end of Morning');
  await mara.press(
    '::-p-xpath(//*[@data-test="heads-up"][contains(., "Flat bread is not ready")]//button[contains(@class, "head")])',
  );
  await mara.press('::-p-xpath(//button[contains(., "Begin it in Small groups")])');
  await mara.kept();
  await mara.page.waitForFunction(() => !document.body.innerText.includes('Flat bread is not ready'));
});

test('the phone has its bowls and steps by the clock, the card as well', async () => {
  const { mara } = demo;
  await mara.route(`/units/${unit}/print/recipe-cards`);
  const card = await mara.textOf('main');
  expect(card).toContain('Own bowl of Tove, without gluten');
  expect(card).toContain('10:25, 20 min: Wash hands');
  await mara.route(`/units/${unit}/hand-over`);
  await mara.pressText('Links');
  await mara.page.waitForSelector('[data-test="link-person"] input');
  await mara.page.focus('[data-test="link-person"] input');
  await mara.type('S');
  await mara.pressText('Make the link');
  const link = (await mara.textOf('[data-test="link-address"]')).trim();
  const sol = await Visitor.arrive(demo.browser, PHONE);
  await sol.go(link);
  await sol.sees('Flat bread');
  const text = await sol.page.evaluate(() => document.body.innerText);
  expect(text).toContain('10:25, 20 min: Wash hands');
});
