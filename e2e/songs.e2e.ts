// A song of six unlike verses: pasted, put into the circle, cut to two, sung with a verse once more, printed, and seen on the phone.
import { afterAll, beforeAll, expect, test } from 'vitest';
import { PHONE, Visitor } from './support/browser.ts';
import { openDemo, type Demo } from './support/demo.ts';

let demo: Demo;
let mara: Visitor;
beforeAll(async () => {
  demo = await openDemo();
  ({ mara } = demo);
});
afterAll(() => demo?.close());

const SONG = `The night market

Opening:
The bell has rung, the stalls go up. (ring)

The first one sells a paper star.

The second one has soup in a jar. (stir)

The third one mends a broken shoe.

The fourth one has a drum for you. (drum)

The fifth one sleeps behind her bread.

The sixth one counts the lamps instead.

Last time: All: Good night, good night, the lamps go red.`;

test('it is pasted, shown before it is taken, and kept', async () => {
  await mara.route('/house/library');
  await mara.pressText('A song');
  await mara.press('::-p-xpath(//summary[contains(., "Paste a whole song")])');
  await mara.press('textarea[name="pasted"]');
  await mara.page.$eval(
    'textarea[name="pasted"]',
    (field, text) => {
      (field as HTMLTextAreaElement).value = text;
      field.dispatchEvent(new Event('input', { bubbles: true }));
    },
    SONG,
  );
  const shown = await mara.textOf('[data-test="pasted"]');
  expect(shown).toMatch(
    /Title\s+The night market\s+Opening\s+The bell has rung, the stalls go up\. \/\/ ring/,
  );
  expect(shown).toContain('Verse 6');
  await mara.pressText('Take it like this');
  await mara.pressText('Keep');
  await mara.page.waitForFunction(() => !document.querySelector('.sheet-form'));
  await mara.kept();
});

test('it is put into the circle and cut to two verses that are chosen', async () => {
  await mara.route('/units/unit-lanterns/circle');
  await mara.press('::-p-xpath(//button[@data-test="missing" and contains(., "Gathering attention")])');
  await mara.fill('look', 'night market');
  await mara.press('::-p-xpath(//*[@data-test="ideas"]//button[contains(., "The night market")])');
  await mara.kept();
  await mara.press('::-p-xpath(//*[@data-test="piece"]//button[contains(., "The night market")])');
  for (const n of [1, 3, 5, 6])
    await mara.press(`[data-test="chosen-verses"] input[aria-label^="Verse ${n}:"]`);
  await mara.pressText('Keep');
  await mara.page.waitForFunction(() => !document.querySelector('[data-test="chosen-verses"]'));
  await mara.kept();
});

test('it is sung on the full screen, one verse once more, and a verse of theirs is written down', async () => {
  await mara.press('[data-test="lead"]');
  await mara.sees('The bell has rung, the stalls go up.');
  await mara.press('[data-test="verse"]');
  await mara.sees('The second one has soup in a jar.');
  await mara.press('[data-test="again"]');
  await mara.press('[data-test="verse"]');
  await mara.sees('The second one has soup in a jar.');
  await mara.press('[data-test="verse"]');
  await mara.sees('The fourth one has a drum for you.');
  await mara.press('[data-test="made-up"]');
  await mara.press('textarea[name="made-up"]');
  await mara.type('The seventh one has lost her cat.');
  await mara.pressText('Write it down');
  await mara.sees('Written down in The night market.');
  await mara.press('[data-test="verse"]');
  await mara.sees('Good night, good night, the lamps go red.');
  expect(await mara.textOf('[data-test="verse"]')).toContain('All');
  await mara.pressText('Back to the plan');
  await mara.kept();
});

test('it is printed and seen on the phone as it is sung', async () => {
  await mara.route('/units/unit-lanterns/circle/1/circle/songs');
  const sheet = (await mara.textOf('[data-test="song-sheet"]')).replaceAll(/\s+/g, ' ');
  expect(sheet).toBe(
    'The night market The bell has rung, the stalls go up. ring The second one has soup in a jar. stir The fourth one has a drum for you. drum All: Good night, good night, the lamps go red.',
  );
  await mara.route('/units/unit-lanterns/hand-over');
  await mara.pressText('Links');
  await mara.page.waitForSelector('[data-test="link-person"] input');
  await mara.page.focus('[data-test="link-person"] input');
  await mara.type('S');
  await mara.pressText('Make the link');
  const link = (await mara.textOf('[data-test="link-address"]')).trim();
  const sol = await Visitor.arrive(demo.browser, PHONE);
  await sol.go(link);
  await sol.sees('The night market');
  await sol.press('[data-test="shared-circle"] ol button');
  await sol.sees('The second one has soup in a jar.');
  await sol.sees('All: Good night, good night, the lamps go red.');
  expect(await sol.page.evaluate(() => document.body.innerText)).not.toContain('The third one mends');
});
