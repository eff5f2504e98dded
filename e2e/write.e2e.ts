// A whole unit is written down as with a pencil, then some of it is mended where it stands.
import { afterAll, beforeAll, expect, test } from 'vitest';
import { openDemo, type Demo } from './support/demo.ts';
import { Hands } from './support/keystroke.ts';
import { CORNER_LINES, DAY_LINES, OWN_SUPPLIES } from './support/unit-in-lines.ts';

let demo: Demo;
let hands: Hands;
const GOAL_MINUTES = 10;
const DEMO_SUPPLIES = 196;

beforeAll(async () => {
  demo = await openDemo();
  hands = new Hands(demo.mara);
  const { mara } = demo;
  await mara.pressText('Start a unit');
  await mara.fill('title', 'Trams');
  await mara.fill('start', '2027-04-12');
  await mara.fill('dayCount', '10');
  await mara.pressText('Put it on the shelf');
  await mara.sees('The shelf');
});
afterAll(() => demo.close());

test('an empty unit of ten days is filled by writing alone', async () => {
  const { mara } = demo;
  await hands.press('[data-test="write-day:1"]');
  for (const line of [...CORNER_LINES, ...DAY_LINES]) {
    await hands.type(line);
    await hands.strike('Enter');
    await mara.page.waitForFunction(
      () => document.querySelector<HTMLTextAreaElement>('textarea[role="combobox"]')?.value === '',
    );
  }
  await mara.kept();
  const cubbies = await mara.textsOf('.cubby');
  for (const line of CORNER_LINES) {
    const title = line.slice(line.indexOf(':') + 2).split(',')[0]!;
    expect(
      cubbies.some((text) => text.includes(title)),
      title,
    ).toBe(true);
  }
  expect(cubbies.filter((text) => text.includes('Nothing yet'))).toEqual([]);
  const days = await mara.textsOf('[data-test^="day-"]');
  for (const [i, line] of DAY_LINES.entries()) {
    const title = line.slice(line.indexOf(':') + 2).split(',')[0]!;
    expect(days[Math.floor(i / 2)], title).toContain(title);
  }
  console.log(`a unit of 14 corners and 20 day lines: ${hands.told()}`);
  expect(hands.seconds).toBeLessThan(GOAL_MINUTES * 60);
  expect(hands.typedShare).toBeGreaterThan(0.75);
  await mara.sees('sketches have no things yet');
  const { pathname } = new URL(mara.page.url());
  await mara.route('/house/cupboard');
  await mara.sees(`${DEMO_SUPPLIES + OWN_SUPPLIES} things`);
  await mara.route(pathname);
});

test('is mended where it stands, taken over into the library, and takes what the library has anew', async () => {
  const { mara } = demo;
  await mara.pressText('paint a tram');
  await mara.pressText('Mend it here');
  await mara.fill('thing', '7 paper plates');
  await mara.strike('Enter');
  await mara.sees('Paper plates: 7 for all');
  await mara.fill('content.title', 'paint a tram, all together');
  await mara.strike('Tab');
  await mara.sees('Written here; it is in no library yet.');
  await mara.pressText('Into the library');
  await mara.sees('As the library has it.');
  await mara.strike('Escape');
  await mara.seesNot('Mended here, in this unit alone.');
  await mara.pressText('Done');
  await mara.seesNot('Mend it here');
  // Somebody betters the entry in the library: here it stays, until it is taken over.
  const url = mara.page.url();
  await mara.route('/house/library');
  await mara.fill('words', 'paint a tram');
  await mara.pressText('paint a tram, all together');
  await mara.fill('content.turnMinutes', '15');
  await mara.strike('Tab');
  await mara.pressText('Done');
  await mara.route(new URL(url).pathname);
  await mara.pressText('paint a tram, all together');
  await mara.pressText('Mend it here');
  await mara.sees('The library has a newer one');
  await mara.sees('Take its minutes for a turn');
  await mara.pressText('Take over what is ticked');
  await mara.sees('As the library has it.');
  await mara.strike('Escape');
  await mara.seesNot('Mended here, in this unit alone.');
  await mara.pressText('Done');
  expect(mara.errors).toEqual([]);
});

test('what was typed is there after a reload, and a line that is pasted in several is several things', async () => {
  const { mara } = demo;
  await mara.pressText('Ledge');
  await mara.press('[data-test="write-reserve"]');
  await mara.type('half an idea');
  await mara.page.reload();
  await mara.sees('The shelf');
  await mara.pressText('Ledge');
  const field = await mara.find('[aria-label="Write into the reserve"]');
  expect(await field.evaluate((one) => (one as HTMLTextAreaElement).value)).toBe('half an idea');
  await field.evaluate((one) => {
    const area = one as HTMLTextAreaElement;
    area.value = 'a tram of boxes\nDay 2: whistle\na song of stops';
    area.dispatchEvent(new Event('input', { bubbles: true }));
    area.focus();
  });
  await mara.sees('3 lines, each by itself');
  await mara.strike('Enter');
  await mara.sees('In reserve · 2');
  expect(mara.errors).toEqual([]);
});
