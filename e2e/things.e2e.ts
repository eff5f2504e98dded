// The theme's things: taken by a press or typed, with what is known of them, and from there in every pattern.
import { afterAll, beforeAll, expect, test } from 'vitest';
import { openDemo, type Demo } from './support/demo.ts';

let demo: Demo;

beforeAll(async () => {
  demo = await openDemo();
  const { mara } = demo;
  await mara.pressText('Start a unit');
  await mara.fill('title', 'Cranes');
  await mara.fill('start', '2027-04-12');
  await mara.fill('dayCount', '5');
  await mara.pressText('Put it on the shelf');
  await mara.sees('The shelf');
  await mara.press('::-p-xpath(//nav//a[b[normalize-space(.)="Spark"]])');
});
afterAll(() => demo.close());

test('what belongs to a theme is taken by a press, either of its two senses, with what is known of it', async () => {
  const { mara } = demo;
  await mara.sees('a machine that lifts');
  await mara.press('::-p-xpath(//button[normalize-space(.)="a bird with long legs"])');
  await mara.sees('heron');
  await mara.press('::-p-xpath(//button[normalize-space(.)="a machine that lifts"])');
  await mara.press('::-p-xpath(//button[@data-test="take-thing"][normalize-space(.)="crane"])');
  await mara.find('input[aria-label^="First sound of crane"]');
  await mara.press('::-p-xpath(//button[@data-test="take-thing"][normalize-space(.)="hook"])');
  await mara.find('input[aria-label^="First sound of hook"]');
  await mara.press('input[name="thing-new"]');
  await mara.type('knight');
  await mara.strike('Enter');
  await mara.find('input[aria-label^="First sound of knight"]');
  const valueOf = (label: string): Promise<string> =>
    mara.page.$eval(`[aria-label^="${label}"]`, (field) => (field as HTMLInputElement).value);
  expect(await valueOf('First sound of knight')).toBe('n');
  expect(await valueOf('First sound of crane')).toBe('k');
  expect(await valueOf('Role of crane')).toBe('tool');
  expect(await valueOf('Syllables of hook')).toBe('1');
});

test('a pattern asks nothing: it stands there with the words of the table, and follows them', async () => {
  const { mara } = demo;
  await mara.press('::-p-xpath(//nav//a[b[normalize-space(.)="Corners"]])');
  await mara.press('[data-test="cubby-table-trays"] [data-test^="write-"]');
  await mara.type('find its partner');
  await mara.sees('Find its partner: cranes');
  await mara.strike('ArrowDown');
  await mara.strike('Enter');
  await mara.kept();
  expect(await mara.textOf('[data-test="cubby-table-trays"]')).toContain('Find its partner: cranes');
  await mara.press('::-p-xpath(//nav//a[b[normalize-space(.)="Spark"]])');
  await mara.page.$eval('input[aria-label="Name of the member"]', (field) => {
    (field as HTMLInputElement).value = 'winch';
    field.dispatchEvent(new Event('change'));
  });
  await mara.kept();
  await mara.press('::-p-xpath(//nav//a[b[normalize-space(.)="Corners"]])');
  await mara.sees('Find its partner: winches');
});
