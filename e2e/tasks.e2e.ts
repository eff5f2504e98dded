// Everyday tasks, each from where one is when it comes up: how many presses and keys they take. What is printed stands in
// docs/everyday-tasks.md; no task may take more than is said there.
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { afterAll, beforeAll, expect, test } from 'vitest';
import { PHONE, Visitor } from './support/browser.ts';
import { openDemo, type Demo } from './support/demo.ts';

let demo: Demo;
let mara: Visitor;
let phone: Visitor;
beforeAll(async () => {
  demo = await openDemo();
  mara = demo.mara;
  phone = await Visitor.arrive(demo.browser, PHONE);
  await phone.go(`${demo.server.url}/enter`);
  await phone.fill('passPhrase', 'three blue kites');
  await phone.pressText('Open the door');
  await phone.find('.rack');
});
afterAll(() => demo?.close());

interface Task {
  readonly name: string;
  /** Where she is when it comes up. */
  readonly at: string;
  readonly by?: 'phone';
  /** What has to be there for it to come up; it is not counted. */
  readonly before?: (by: Visitor) => Promise<unknown>;
  readonly does: (by: Visitor) => Promise<unknown>;
}
const kites = '/units/unit-kites';
/** Opens the field that finds anything, and waits until it can be typed into. */
async function find(by: Visitor, text: string): Promise<void> {
  await by.strike('/');
  await by.page.waitForFunction(() => document.activeElement?.getAttribute('name') === 'find');
  await by.type(text);
  await by.find('[data-test="found"]');
}
const TASKS: readonly Task[] = [
  {
    name: 'A child stays away today',
    at: '/today',
    by: 'phone',
    does: async (by) => {
      await by.press('[aria-label="More about Juno Hale"]');
      await by.pressText('Stays away');
      await by.find('li.away [data-test^="here-"]');
    },
  },
  {
    name: 'They loved it, today',
    at: '/today',
    by: 'phone',
    does: async (by) => {
      await by.press('[data-test="block-small-groups"]');
      await by.press('[data-test="record-loved"]');
      await by.find('[data-test="record-loved"][aria-pressed="true"]');
    },
  },
  {
    name: 'They loved it, the day before',
    at: '/today',
    by: 'phone',
    does: async (by) => {
      await by.press('[data-test="day-before"]');
      await by.press('[data-test="tell-small-groups"] [data-test="record-loved"]');
      await by.find('[data-test="tell-small-groups"] [data-test="record-loved"][aria-pressed="true"]');
    },
  },
  {
    name: 'What is wrong is put right where it is told',
    at: '/units/unit-lanterns/corners',
    before: async (by) => {
      await by.press('[aria-label="Put something in Sensory bin"]');
      await by.choose('Oat ring drift bin');
      await by.sees('Stop · Gluten and Tove Lind');
    },
    does: async (by) => {
      await by.pressText('Use Corn meal instead');
      await by.seesNot('Gluten and Tove Lind');
    },
  },
  {
    name: 'What is to be bought',
    at: `${kites}/days`,
    does: async (by) => {
      await by.press('::-p-xpath(//nav//a[b[normalize-space(.)="Gather"]])');
      await by.find('[data-test="basket-buy"]');
    },
  },
  {
    name: 'It is in the house after all',
    at: `${kites}/gather`,
    does: async (by) => {
      await by.press('[aria-label="I have it: Clothes pegs"]');
      await by.page.waitForFunction(
        () => !document.querySelector('[data-test="basket-buy"] [data-test="supply-clothes-pegs"]'),
      );
    },
  },
  {
    name: 'A price, where it is seen',
    at: `${kites}/gather`,
    does: async (by) => {
      await by.press('[data-test="basket-buy"] .price');
      await by.page.waitForFunction(() => document.activeElement?.getAttribute('name') === 'packs.0.price');
      await by.page.keyboard.down('Control');
      await by.page.keyboard.press('a');
      await by.page.keyboard.up('Control');
      await by.type('2.75');
      await by.strike('Enter');
      await by.page.waitForFunction(() => !document.querySelector('[role="dialog"]'));
      await by.sees('$2.75');
    },
  },
  {
    name: 'A line of one’s own on the list',
    at: `${kites}/gather`,
    does: async (by) => {
      await by.press('input[name="need"]');
      await by.type('12 birthday candles');
      await by.strike('Enter');
      await by.sees('birthday candles');
      await by.find('[data-test="basket-buy"]');
    },
  },
  {
    name: 'Where is it?',
    at: `${kites}/corners`,
    does: async (by) => {
      await find(by, 'aprons');
      await by.sees('B3');
      await by.page.keyboard.press('Escape');
    },
  },
  {
    name: 'The folder sheets of all days',
    at: `${kites}/days`,
    does: async (by) => {
      await find(by, 'folder');
      await by.strike('Enter');
      await by.find('[data-test="printed"]');
    },
  },
  {
    name: 'An idea of one’s own on a day',
    at: `${kites}/days`,
    does: async (by) => {
      await by.press('[data-test="write-day:5"]');
      await by.type('wind walk');
      await by.strike('Enter');
      await by.sees('wind walk');
    },
  },
  {
    name: 'Two days change places',
    at: `${kites}/days`,
    does: async (by) => {
      await by.press('[data-test="day-7"] button.name');
      await by.press('[aria-label^="Swap with day 8"]');
      await by.page.waitForFunction(() => !document.querySelector('[role="dialog"]'));
    },
  },
  {
    name: 'A day is filled by a draft',
    at: '/units/unit-lanterns/days',
    does: async (by) => {
      await by.press('[data-test="day-3"] button.name');
      await by.pressText('Draft this day');
      await by.pressText('Take it');
      await by.kept();
    },
  },
  {
    name: 'A thing to make ready is done',
    at: `${kites}/ready`,
    does: async (by) => {
      await by.press('[data-test="task"] .tick[aria-checked="false"]');
      await by.kept();
    },
  },
  {
    name: 'Whom to call, and the number',
    at: '/today',
    by: 'phone',
    does: async (by) => {
      await by.find('a[href^="tel:"]');
    },
  },
  {
    name: 'A new child',
    at: `${kites}/corners`,
    does: async (by) => {
      await find(by, 'new child');
      await by.strike('Enter');
      await by.page.waitForFunction(() => document.activeElement?.getAttribute('name') === 'name');
      await by.type('Quill Ash');
      await by.press('input[name="birth"]');
      await by.type('05042023');
      await by.pressText('Keep');
      await by.page.waitForFunction(() => !document.querySelector('[role="dialog"]'));
    },
  },
  {
    name: 'A new supply while planning',
    at: `${kites}/gather`,
    does: async (by) => {
      await find(by, 'new supply');
      await by.strike('Enter');
      await by.page.waitForFunction(() => document.activeElement?.getAttribute('name') === 'name');
      await by.type('Cork discs');
      await by.strike('Enter');
      await by.page.waitForFunction(() => !document.querySelector('[role="dialog"]'));
    },
  },
  {
    name: 'A new allergy',
    at: `${kites}/days`,
    does: async (by) => {
      await find(by, 'tove');
      await by.strike('Enter');
      await by.press('input[name="allergies.egg"]');
      await by.pressText('Done');
      await by.page.waitForFunction(() => !document.querySelector('[role="dialog"]'));
    },
  },
  {
    name: 'A link for the assistant',
    at: `${kites}/hand-over`,
    does: async (by) => {
      await by.pressText('Links');
      await by.pressText('Make the link');
      await by.find('[data-test="link-address"]');
    },
  },
  {
    name: 'One step back',
    at: `${kites}/days`,
    does: async (by) => {
      await by.press('[aria-label^="Undo"]');
      await by.kept();
    },
  },
];

test('no everyday task takes more than is written down', async () => {
  const told = readFileSync(join(import.meta.dirname, '..', 'docs', 'everyday-tasks.md'), 'utf8');
  const most = new Map(
    [...told.matchAll(/^\| (.+?) +\| (\d+) +\| (\d+) +\|$/gm)].map(([, name, presses, keys]) => [
      name!,
      [Number(presses), Number(keys)] as const,
    ]),
  );
  for (const { name, at, by, before: brings, does } of TASKS) {
    const visitor = by === 'phone' ? phone : mara;
    await visitor.route(at);
    await visitor.page.waitForFunction(() => document.querySelector('main h1, h1') !== null);
    await brings?.(visitor);
    const before = [visitor.presses, visitor.keys] as const;
    await does(visitor);
    const [presses, keys] = [visitor.presses - before[0], visitor.keys - before[1]];
    console.log(`${name}: ${presses} presses, ${keys} keys`);
    const [mostPresses, mostKeys] = most.get(name) ?? [0, 0];
    expect.soft(presses, `${name}, presses`).toBeLessThanOrEqual(mostPresses);
    expect.soft(keys, `${name}, keys`).toBeLessThanOrEqual(mostKeys);
  }
  expect([mara.errors, phone.errors]).toEqual([[], []]);
});
