// Everything in time: what needs a night on Day 1 is late, is mended by one press; a better schedule is worked out and shown.
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

const head = (words: string): string =>
  `::-p-xpath(//*[@data-test="heads-up"]//button[contains(@class, "head") and contains(., "${words}")])`;

test('what needs a night on the first day is late, and the offered mend takes that away', async () => {
  await mara.pressText('Start a unit');
  await mara.fill('title', 'Mirrors again');
  await mara.fill('start', '2027-03-11');
  await mara.press('button[form="start-unit"]');
  await mara.find('.cubby');
  await mara.press('::-p-xpath(//nav//a[b[normalize-space(.)="Days"]])');
  // The shelf that goes has days to add to as well.
  await mara.find('::-p-xpath(//main//h1[normalize-space(.)="Days"])');
  await mara.press('[aria-label="Add to Day 1"]');
  await mara.fill('wanted', 'ice');
  await mara.choose('Light out of the ice');
  await mara.press(head('Is it ready? Light out of the ice'));
  await mara.sees('It needs 10 h before it is used');
  await mara.pressText('Move it to Day 2');
  await mara.seesNot('Is it ready? Light out of the ice');
  await mara.press('::-p-xpath(//nav//a[b[normalize-space(.)="Make ready"]])');
  await mara.sees('Thu 11 March · Nap time');
  await mara.sees('Freeze water in two tubs');
});

test('a better schedule is worked out beside the page, and taken over by one press', async () => {
  await mara.route(`/units/unit-lanterns/ready`);
  await mara.find('[data-test="task"]');
  await mara.press('[data-test="work-out"]');
  // The page answers meanwhile.
  await mara.pressText('By person');
  await mara.pressText('By time');
  await mara.page.waitForFunction(() =>
    /Found:|None is better|None was found/.test(
      document.querySelector('[data-test="better"]')?.textContent ?? '',
    ),
  );
  const found = await mara.textOf('[data-test="better"]');
  if (found.includes('Found:')) {
    await mara.pressText('Take it and show it');
    await mara.sees('Everyone sees it as it is');
  } else expect(found).toContain('None is better than this one');
});

test('what is ticked on one screen is ticked on the other, and kept', async () => {
  await mara.route(`/units/unit-kites/ready`);
  await mara.press('[aria-label="Draw the folding lines on each square. done"]');
  await mara.kept();
  await mara.page.reload({ waitUntil: 'load' });
  await mara.find('[aria-label="Draw the folding lines on each square. done"][aria-checked="true"]');
});

test('a task is dragged into another time', async () => {
  await mara.route(`/units/unit-kites/ready`);
  await mara.find('[data-test="task"]');
  const middleOf = (selector: string) =>
    mara.page.$eval(selector, (element) => {
      element.scrollIntoView({ block: 'nearest', behavior: 'instant' });
      const { x, y, width, height } = element.getBoundingClientRect();
      return { x: x + width / 2, y: y + height / 2 };
    });
  const from = await middleOf('[aria-label="Move: Set out the things of Day 5"]');
  await mara.page.mouse.move(from.x, from.y);
  await mara.page.mouse.down();
  await mara.page.mouse.move(from.x + 12, from.y + 12, { steps: 4 });
  // In hand, times that are empty appear as well.
  await mara.find('section[aria-label^="Thu 11 March · Sol"]');
  const to = await middleOf('section[aria-label^="Thu 11 March · Sol"]');
  await mara.page.mouse.move(to.x, to.y, { steps: 6 });
  await mara.page.mouse.up();
  await mara.find('section[aria-label^="Thu 11 March · Sol"] [data-task="unit-kites:set-out:5"]');
  await mara.sees('1 that moved');
});

test('what is watched is forecast again from what is seen, and stays after a reload', async () => {
  await mara.route(`/watch/begin`);
  await mara.press('[aria-label="Begin: Cress on wool"]');
  await mara.fill('observation.startedOn', '2029-03-12');
  await mara.pressText('Keep');
  await mara.sees('This is more than a year ahead');
  await mara.fill('observation.startedOn', '2027-03-10');
  await mara.pressText('Keep');
  await mara.sees('between Thu 11 March and Fri 12 March');
  await mara.pressText('It has begun');
  await mara.sees('between Fri 12 March and Sat 13 March');
  await mara.kept();
  await mara.page.reload({ waitUntil: 'load' });
  await mara.sees('began Thu 11 March');
  // What is watched lands where the day is made ready.
  await mara.route(`/units/unit-kites/ready`);
  await mara.sees('To look at today:');
});
