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
  await keep({
    type: 'house/put-child',
    child: {
      ...{ id: 'child-wim', name: 'Wim Roe', shownAs: 'Wim', birth: '2023-02-01', mouthsThings: false },
      ...{ allergies: [], attendance: { '1': ['morning'] } },
    },
  });
});
afterAll(async () => {
  await demo.close();
});

/** Keeps changes as if somebody else had made them. */
async function keep(...changes: readonly object[]): Promise<void> {
  const isKept = await demo.mara.page.evaluate(async (list) => {
    const gesture = { id: crypto.randomUUID(), at: new Date().toISOString(), changes: list, bases: {} };
    const answer = await fetch('/api/gestures', {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify({ gestures: [gesture] }),
    });
    const said = await answer.text();
    return answer.ok && !said.includes('refus') ? true : said;
  }, changes);
  expect(isKept).toBe(true);
}

/** Something that is written into a unit by hand, with what it makes or uses. */
const written = (id: string, title: string, day: number, said: object, unitId = unit): object => ({
  type: 'unit/write',
  ...{ id, unitId, where: { kind: 'day', day, blockId: 'small-groups' } },
  content: {
    ...{ title, mode: 'whole-group', summary: '', cornerKinds: [], skills: [], versions: [], materials: [] },
    ...{ steps: [], cleanUpMinutes: 0, atOnce: null, ...said },
  },
});

const headOf = (words: string): string =>
  `::-p-xpath(//*[@data-test="heads-up"][contains(., "${words}")]//button[contains(@class, "head")])`;
const gone = (words: string): Promise<unknown> =>
  demo.mara.page.waitForFunction((text) => !document.body.innerText.includes(text), {}, words);

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
  expect(made).toContain('7 children × 1 piece');
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

test('a circle that is prolonged pushes the bread: told, and a shorter circle takes it back', async () => {
  const { mara } = demo;
  const made = { id: 'made', recipeId: 'flat-bread', for: 'child', readyBy: '11:30' };
  const bread = written('put-table-bread', 'Bread for the stall', 4, { eaten: true, processes: [made] }) as {
    where: object;
  };
  const talk = (id: string, minutes: number) => ({
    type: 'circle/put-piece',
    piece: {
      ...{ id: `piece-${id}`, unitId: unit, blockId: 'circle', kind: 'talk', day: 4, order: `a8${id}` },
      ...{ words: `Stall ${id}`, minutes },
    },
  });
  await keep(
    { ...bread, where: { kind: 'day', day: 4, blockId: 'table' } },
    ...['a', 'b', 'c'].map((id) => talk(id, 4)),
  );
  await mara.route(`/units/${unit}/days`);
  await mara.sees('Bread for the stall');
  await gone('Flat bread is not ready');
  await keep(talk('d', 45));
  await mara.sees('Flat bread is not ready by 11:30');
  await mara.press(headOf('Flat bread is not ready'));
  await mara.press('::-p-xpath(//*[@data-test="mends"]//button[contains(., "A shorter Circle time")])');
  await mara.kept();
  await gone('Flat bread is not ready');
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

test('ice lanterns are frozen overnight: lit on the same day is told, the day after is not', async () => {
  const { mara } = demo;
  await mara.route(`/units/${unit}/days`);
  await mara.press('[aria-label="Add to Day 3"]');
  await mara.fill('wanted', 'lantern');
  await mara.press('::-p-xpath(//*[@data-test="recipes"]//button[contains(., "Ice lanterns")])');
  await mara.kept();
  await mara.press(inDay(3, 'Ice lanterns'));
  expect(await mara.textOf('[data-test="made"]')).toContain('Then it waits 10 h or more in the freezer.');
  await mara.pressText('Done');
  await keep(written('put-lit', 'Lanterns in the dark', 3, { uses: ['ice lanterns'] }));
  await mara.sees('Lanterns in the dark is too early');
  await mara.press(headOf('Lanterns in the dark is too early'));
  await mara.press('::-p-xpath(//*[@data-test="mends"]//button[contains(., "Move it to Day 4")])');
  await mara.kept();
  await gone('Lanterns in the dark is too early');
});

test('drums made on Day 3 and wanted in the circle of Day 2: told, and made before by a press', async () => {
  const { mara } = demo;
  await keep(written('put-drums', 'Paper drums', 3, { makes: ['paper drums'], makesAfterHours: 6 }), {
    type: 'circle/put-piece',
    piece: {
      ...{ id: 'piece-march', unitId: unit, blockId: 'circle', kind: 'moving', day: 2, order: 'a9' },
      ...{ words: 'March with our drums', uses: ['paper drums'] },
    },
  });
  await mara.route(`/units/${unit}/days`);
  await mara.sees('March with our drums is too early');
  await mara.press(headOf('March with our drums is too early'));
  await mara.press('::-p-xpath(//*[@data-test="mends"]//button[contains(., "Move Paper drums to Day 1")])');
  await mara.kept();
  await gone('March with our drums is too early');
});

test('paper pressed in one unit is written on in the next, and not before it is dry', async () => {
  const { mara } = demo;
  await keep(
    written('put-paper', 'Paper of our own', 1, { makes: ['our paper'], makesAfterHours: 240 }),
    written('put-signs', 'Signs on our paper', 5, { uses: ['our paper'] }),
    {
      type: 'unit/start',
      unit: { id: 'unit-next-market', title: 'The post', style: 'theme', start: '2027-04-26', dayCount: 5 },
    },
    written('put-letter', 'A letter on our paper', 1, { uses: ['our paper'] }, 'unit-next-market'),
  );
  await mara.route(`/units/${unit}/days`);
  await mara.sees('Signs on our paper is too early');
  await mara.route('/units/unit-next-market/days');
  await mara.sees('A letter on our paper');
  await gone('Signs on our paper is too early');
  expect(await mara.page.evaluate(() => document.body.innerText)).not.toContain('A letter on our paper is');
});
