// A whole unit is written down as with a pencil, then some of it is mended where it stands.
import { afterAll, beforeAll, expect, test } from 'vitest';
import { TABLET, Visitor } from './support/browser.ts';
import { openDemo, type Demo } from './support/demo.ts';
import { Hands } from './support/keystroke.ts';
import { mm, printed } from './support/pdf.ts';
import { CORNER_LINES, DAY_LINES, EVENT_LINES, OWN_SUPPLIES } from './support/unit-in-lines.ts';

let demo: Demo;
let hands: Hands;
const GOAL_MINUTES = 10;
let suppliesBefore: number;

beforeAll(async () => {
  demo = await openDemo();
  hands = new Hands(demo.mara);
  const { mara } = demo;
  await mara.route('/house/cupboard');
  suppliesBefore = await mara.countOf('things');
  await mara.route('/');
  await mara.pressText('Start a unit');
  await mara.fill('title', 'Trams');
  await mara.fill('start', '2027-04-12');
  await mara.fill('dayCount', '10');
  await mara.pressText('Put it on the shelf');
  await mara.sees('The shelf');
});
afterAll(() => demo.close());

/** Writes the unit of the lines down, its event last: presses are made by whatever the hands hold. */
async function writeAll(by: Hands, dayOne: string): Promise<void> {
  const { visitor } = by;
  const emptied = (): Promise<unknown> =>
    visitor.page.waitForFunction(
      () => document.querySelector<HTMLTextAreaElement>('textarea[aria-autocomplete="list"]')?.value === '',
    );
  await by.press(dayOne);
  for (const line of [...CORNER_LINES, ...DAY_LINES]) {
    await by.type(line);
    await by.strike('Enter');
    await emptied();
  }
  await visitor.kept();
  await by.press('::-p-xpath(//nav//a[b[normalize-space(.)="Days"]])');
  await by.press('[data-test="day-10"] button.name');
  await by.press('[aria-label="Add: special event, Day 10"]');
  await by.fill('title', 'The line opens');
  await by.pressText('Keep');
  await by.press('[data-test^="write-event:"]');
  for (const line of EVENT_LINES) {
    await by.type(line);
    await by.strike('Enter');
    await emptied();
  }
  await visitor.kept();
}

test('an empty unit of ten days is filled by writing alone', async () => {
  const { mara } = demo;
  await writeAll(hands, '[data-test="write-day:1"]');
  const parts = await mara.textOf('[data-test="event-parts"]');
  for (const line of EVENT_LINES) expect(parts).toContain(line.slice(0, 5));
  // The event lies over its day.
  await mara.press('::-p-xpath((//button[normalize-space(.)="Done"])[last()])');
  await mara.seesNot('What is done in it');
  await mara.pressText('Done');
  await mara.sees('steps back: we ride together, last stop');
  const days = await mara.textsOf('[data-test^="day-"]');
  for (const [i, line] of DAY_LINES.entries()) {
    const title = line.slice(line.indexOf(':') + 2).split(',')[0]!;
    expect(days[Math.floor(i / 2)], title).toContain(title);
  }
  expect(days[9]).toContain('ride to the end stop');
  await mara.press('::-p-xpath(//nav//a[b[normalize-space(.)="Corners"]])');
  await mara.sees('The shelf');
  const cubbies = await mara.textsOf('.cubby');
  for (const line of CORNER_LINES) {
    const title = line.slice(line.indexOf(':') + 2).split(',')[0]!;
    expect(
      cubbies.some((text) => text.includes(title)),
      title,
    ).toBe(true);
  }
  expect(cubbies.filter((text) => text.includes('Nothing yet'))).toEqual([]);
  console.log(`a unit of 14 corners, 20 day lines and an event: ${hands.told()}`);
  expect(hands.seconds).toBeLessThan(GOAL_MINUTES * 60);
  expect(hands.typedShare).toBeGreaterThan(0.75);
  await mara.sees('sketches have no things yet');
  const { pathname } = new URL(mara.page.url());
  await mara.route('/house/cupboard');
  await mara.sees(`${suppliesBefore + OWN_SUPPLIES} things`);
  await mara.route(pathname);
});

test('lies on one landscape page, with every corner and every day', async () => {
  const { mara } = demo;
  const unitId = new URL(mara.page.url()).pathname.split('/')[2]!;
  await mara.go(`${demo.server.url}/units/${unitId}/print/one-page`);
  await mara.find('[data-test="printed"]');
  for (const [format, width, height] of [
    ['a4', mm(297), mm(210)],
    ['letter', 792, 612],
  ] as const) {
    const pdf = await printed(mara.page, format, true);
    expect(pdf.pageCount).toBe(1);
    expect(Math.abs(pdf.size[0] - width)).toBeLessThan(1);
    expect(Math.abs(pdf.size[1] - height)).toBeLessThan(1);
    const titles = [...CORNER_LINES, ...DAY_LINES].map(
      (line) => line.slice(line.indexOf(':') + 2).split(',')[0]!,
    );
    // Words are wrapped in their cells: compared without blanks.
    const all = pdf.words.replaceAll(' ', '');
    for (const title of titles) expect(all).toContain(title.replaceAll(' ', ''));
    for (let day = 1; day <= 10; day += 1) expect(pdf.words).toContain(`Day ${day}`);
  }
  await mara.go(`${demo.server.url}/units/${unitId}/corners`);
  await mara.sees('The shelf');
});

test('three things are tuned where they stand', async () => {
  const { mara } = demo;
  for (const [title, field, text, told] of [
    ['wires across the sky', 'thing', '7 paper plates', 'Paper plates: 7 for all'],
    ['what rolls furthest', 'content.title', 'what rolls furthest, one after the other', ''],
    ['chalk rails round the yard', 'content.turnMinutes', '5', ''],
  ] as const) {
    await mara.pressText(title);
    await mara.pressText('Mend it here');
    await mara.fill(field, text);
    await mara.strike(field === 'thing' ? 'Enter' : 'Tab');
    if (told !== '') await mara.sees(told);
    await mara.kept();
    await mara.strike('Escape');
    await mara.seesNot('Mended here, in this unit alone.');
    await mara.pressText('Done');
    await mara.seesNot('Mend it here');
  }
  await mara.sees('what rolls furthest, one after the other');
  expect(mara.errors).toEqual([]);
});

test('by touch: the same unit on the glass of a tablet', async () => {
  const { mara } = demo;
  const other = await Visitor.arrive(demo.browser, TABLET);
  await other.go(demo.server.url);
  await other.fill('passPhrase', 'three blue kites');
  await other.strike('Enter');
  await other.find('.rack');
  const fingers = new Hands(other, 'finger');
  await fingers.pressText('Start a unit');
  await fingers.fill('title', 'Trams again');
  await other.fill('start', '2027-05-10');
  await other.fill('dayCount', '10');
  await fingers.pressText('Put it on the shelf');
  await other.sees('The shelf');
  await writeAll(fingers, '[data-test="write-day:1"]');
  console.log(`the same by touch: ${fingers.told()}`);
  const parts = await other.textOf('[data-test="event-parts"]');
  for (const line of EVENT_LINES) expect(parts).toContain(line.slice(0, 5));
  expect(fingers.seconds).toBeLessThan(GOAL_MINUTES * 60);
  expect(other.errors).toEqual([]);
  await other.context.close();
  expect(mara.errors).toEqual([]);
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
  await mara.pressText('Ideas');
  await mara.press('[data-test="write-reserve"]');
  await mara.type('half an idea');
  await mara.page.reload();
  await mara.sees('The shelf');
  await mara.pressText('Ideas');
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
  // Two more step back from the day that the event fills.
  await mara.sees('In reserve · 4');
  expect(mara.errors).toEqual([]);
});
