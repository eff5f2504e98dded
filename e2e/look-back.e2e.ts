// A unit is looked back on: what nobody said is told, what was learned goes to the library, and the next time begins with it.
import { afterAll, beforeAll, expect, test } from 'vitest';
import { openDemo, type Demo } from './support/demo.ts';
import { printed } from './support/pdf.ts';

let demo: Demo;
beforeAll(async () => {
  demo = await openDemo();
});
afterAll(() => demo?.close());

test('what was learned goes to the library, and the next time begins with it', async () => {
  const { mara } = demo;
  await mara.route('/units/unit-kites/look-back');
  await mara.find('[data-test="by-day"] li');
  const ran = (): Promise<readonly string[]> =>
    mara.page.$$eval('[data-test="ran"] > li b', (all) => all.map((one) => one.textContent));

  // What nobody said is told in one touch and is asked no more.
  const asked = await mara.textOf('[data-test="to-tell"] > li b');
  await mara.press('[data-test="to-tell"] > li [data-test="record-lost"]');
  await mara.page.waitForFunction(
    (title) =>
      [...document.querySelectorAll('[data-test="ran"] > li b')].some((one) => one.textContent === title),
    {},
    asked,
  );

  // Three things go to the library: two words for next time, and one that is dropped.
  const [first, second, third] = (await ran()).filter((title) => title !== asked);
  for (const [title, words] of [
    [first, 'In two small groups'],
    [second, 'Thicker paper'],
  ]) {
    await mara.press(`[aria-label="For next time: ${title}"]`);
    await mara.page.keyboard.type(words!);
    await mara.page.keyboard.press('Enter');
    await mara.sees(`Remembered: ${words}`);
  }
  await mara.press(`[aria-label="Drop it: ${third}"]`);
  await mara.find(`[aria-label="Propose it again: ${third}"]`);
  await mara.kept();

  // Another year, with two children who were not there.
  for (const [name, born] of [
    ['Ivo Reed', '2024-05-01'],
    ['Una Moor', '2023-11-20'],
  ]) {
    await mara.route('/house/children');
    await mara.pressText('A child');
    await mara.find('.sheet-form');
    await mara.fill('name', name!);
    await mara.fill('birth', born!);
    await mara.pressText('Keep');
    await mara.page.waitForFunction(() => !document.querySelector('.sheet-form'));
    await mara.sees(name!);
  }
  await mara.route('/units');
  await mara.pressText('Start a unit');
  await mara.pressText('One of ours again');
  await mara.press('::-p-xpath(//*[@data-test="start-from"]//button[contains(., "Wind and Kites")])');
  await mara.fill('start', '2028-03-06');
  await mara.find('[data-test="again"]');
  const said = await mara.textOf('[data-test="again"]');
  for (const words of [
    'lost them last time',
    'dropped since',
    'noted: In two small groups',
    'noted: Thicker paper',
  ])
    expect(said).toContain(words);
  await mara.press('[data-test="again"] button');
  const outs = await mara.page.$$eval('[data-test="again"] input:checked', (all) =>
    all.map((one) => one.getAttribute('aria-label')),
  );
  expect(outs).toContain(`Leave out: ${asked}`);
  expect(outs).toContain(`Leave out: ${third}`);
  await mara.pressText('Put it on the shelf');
  await mara.find('.cubby');
  await mara.kept();
  expect(await mara.textOf('main')).not.toContain(asked);
  expect(mara.errors).toEqual([]);
});

test('the year shows what was out month by month, and an idea that waits is a press away', async () => {
  const { mara } = demo;
  await mara.route('/units');
  await mara.pressText('The year');
  await mara.find('tbody tr');
  const months = await mara.page.$$eval('thead th[aria-label]', (all) =>
    all.map((one) => one.getAttribute('aria-label')),
  );
  expect(months.at(-1)).toBe('Mar 2027');
  expect(months[0]).toBe('Sep 2026');
  await mara.pressText('By school subject');
  await mara.sees('Music and movement');
  await mara.press('[aria-label="Open it: Bridges"]');
  await mara.page.waitForFunction(() => location.pathname.endsWith('/spark'));
});

test('the page for a family and the page for whoever inspects hold what they may, as PDF', async () => {
  const { mara } = demo;
  const others = ['Ada', 'Juno', 'Tove', 'Eli', 'Ines', 'Bo Marsh', 'milk', 'peanut', 'wet paint'];
  await mara.route('/house/children/noor/letter');
  await mara.find('textarea[name="letter"]');
  const letter = (await printed(mara.page, 'letter')).words;
  expect(letter).toContain('Dear family of Noor');
  for (const word of [...others, 'As Kobby writes it']) expect(letter).not.toContain(word);

  await mara.route('/units/unit-kites/print/offered');
  await mara.find('[data-test="printed"]');
  const offered = (await printed(mara.page, 'a4')).words;
  for (const word of ['What was offered: Wind and Kites', 'Recorded', 'Planned', 'Looked through and signed'])
    expect(offered).toContain(word);
  for (const word of [...others, 'Noor', 'lost', 'loved']) expect(offered).not.toContain(word);
});
