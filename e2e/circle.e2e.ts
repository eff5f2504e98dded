// A circle from nothing: what is missing is put in, it is fitted to its time, dragged, sung verse by verse, told of, and undone.
import { afterAll, beforeAll, expect, test } from 'vitest';
import type { Visitor } from './support/browser.ts';
import { openDemo, type Demo } from './support/demo.ts';

let demo: Demo;
let mara: Visitor;

beforeAll(async () => {
  demo = await openDemo();
  ({ mara } = demo);
});

afterAll(() => demo?.close());

const titles = (): Promise<string[]> =>
  mara.page.$$eval('[data-test="piece"] .what b', (all) => all.map((one) => one.textContent!.trim()));
const becomes = (wanted: readonly string[]): Promise<unknown> =>
  mara.page.waitForFunction(
    (text) =>
      JSON.stringify(
        [...document.querySelectorAll('[data-test="piece"] .what b')].map((one) => one.textContent!.trim()),
      ) === text,
    {},
    JSON.stringify(wanted),
  );
const middleOf = (selector: string) =>
  mara.page.$eval(selector, (element) => {
    const { x, y, width, height } = element.getBoundingClientRect();
    return { x: x + width / 2, y: y + height / 2 };
  });
const missing = (kind: string): string =>
  `::-p-xpath(//button[@data-test="missing" and contains(., "${kind}")])`;
const FIRST_IDEA = '[data-test="ideas"] button';

test('a circle is put together from what is not in it yet', async () => {
  await mara.route(`/units/unit-lanterns/circle`);
  for (const kind of ['Welcome', 'Song', 'Moving song', 'Story', 'Calm close']) {
    const before = (await titles()).length;
    await mara.press(missing(kind));
    await mara.press(FIRST_IDEA);
    await mara.page.waitForFunction(
      (count) => document.querySelectorAll('[data-test="piece"]').length === count + 1,
      {},
      before,
    );
  }
  // Each stands where it belongs: what moves comes before the story.
  const kinds = await mara.page.$$eval('[data-test="piece"] .what small:first-of-type', (all) =>
    all.map((one) => one.textContent!.trim().split(' ·')[0]),
  );
  expect(kinds).toEqual(['Welcome', 'Song', 'Moving song', 'Story', 'Calm close']);
  await mara.kept();
});

test('it is dragged into another order, noted where that is odd, and put back by undo', async () => {
  const order = await titles();
  const from = await middleOf(`[aria-label="Move ${order[4]}"]`);
  await mara.page.mouse.move(from.x, from.y);
  await mara.page.mouse.down();
  await mara.page.mouse.move(from.x + 10, from.y - 12, { steps: 4 });
  await mara.find('[data-spot="before:1"]');
  const to = await middleOf('[data-spot="before:1"]');
  await mara.page.mouse.move(to.x, to.y, { steps: 6 });
  await mara.page.mouse.up();
  await becomes([order[0]!, order[4]!, order[1]!, order[2]!, order[3]!]);
  await mara.find('[data-test="order-notes"]');
  await mara.pressText('Undo');
  await becomes(order);
});

test('it is fitted to a time: what would change is shown, then done, for one day only', async () => {
  await mara.press('input[value="day"]');
  await mara.fill('fit', '4');
  await mara.find('[data-test="fit-steps"] li');
  await mara.press('[data-test="take-fit"]');
  await mara.page.waitForFunction(() => !document.querySelector('[data-test="fit-steps"]'));
  const shorter = await titles();
  expect(shorter.length).toBeLessThan(5);
  await mara.press('::-p-xpath(//ol[@aria-label="Days"]//button[starts-with(normalize-space(.), "2")])');
  await mara.page.waitForFunction(() => document.querySelectorAll('[data-test="piece"]').length === 5);
});

test('it is sung verse by verse from the full screen, shortened there, and told of in two taps', async () => {
  await mara.route(`/units/unit-kites/circle`);
  // Three circles that went this way and that show nothing clearly.
  await mara.sees('This group sits as the age rule says');
  const told = (count: number): Promise<unknown> =>
    mara.page.waitForFunction(
      (wanted) => document.querySelectorAll('[data-test="patience-steps"] li').length === wanted,
      {},
      count,
    );
  await told(3);
  await mara.press('[data-test="lead"]');
  await mara.sees('Ada came up the path today.');
  await mara.press('[data-test="verse"]');
  await mara.sees('Juno came up the path today.');
  await mara.page.keyboard.press('ArrowLeft');
  await mara.sees('Ada came up the path today.');
  await mara.press('[data-test="shorter"]');
  await mara.sees('Today: ');
  while (await mara.page.$('[data-test="verse"]')) await mara.press('[data-test="verse"]');
  await mara.press('[data-test="went-lost"]');
  await mara.press('[data-test="lost-at"]:nth-of-type(2)');
  await mara.pressText('Back to the plan');
  await mara.kept();
  await told(4);
  // It is the same after a reload, and what was told can be forgotten.
  await mara.page.reload({ waitUntil: 'load' });
  await told(4);
  await mara.press('::-p-xpath(//summary[contains(., "This group sits")])');
  await mara.press('[data-test="count-anew"]');
  await mara.seesNot('This group sits');
});

test('props land in the baskets and in the circle basket, and the card prints on its paper', async () => {
  await mara.route(`/units/unit-kites/gather`);
  await mara.sees('Felt kites with tails');
  await mara.route(`/units/unit-kites/ready`);
  await mara.pressText('Folders and baskets');
  await mara.sees('Felt kites × 5');
  await mara.route(`/units/unit-kites/circle/5/circle/card`);
  await mara.sees('Five bright kites on a washing line');
  for (const [format, width] of [
    ['a4', 595],
    ['letter', 612],
  ] as const) {
    const pdf = Buffer.from(await mara.page.pdf({ format })).toString('latin1');
    const box = /\/MediaBox\s*\[\s*0\s+0\s+([\d.]+)/.exec(pdf);
    expect(Math.abs(Number(box?.[1]) - width)).toBeLessThan(1);
  }
});
