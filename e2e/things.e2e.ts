// The theme's things: taken by a press or typed, with what is known of them, and from there in every pattern.
import { writeFileSync } from 'node:fs';
import { join } from 'node:path';
import type { ElementHandle } from 'puppeteer-core';
import { afterAll, beforeAll, expect, test } from 'vitest';
import { temporaryFolder } from './support/server.ts';
import { openDemo, type Demo } from './support/demo.ts';

let demo: Demo;
const folder = temporaryFolder();

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
afterAll(async () => {
  await demo.close();
  folder.remove();
});

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

const spark = (): Promise<void> => demo.mara.press('::-p-xpath(//nav//a[b[normalize-space(.)="Spark"]])');
const picturesIn = (where: string): Promise<readonly string[]> =>
  demo.mara.page.$$eval(`${where} img`, (all) => all.map((one) => one.getAttribute('src') ?? ''));

test('each thing has a picture by its name, another one, one of the home’s own, or none', async () => {
  const { mara } = demo;
  await spark();
  await mara.find('.things [data-test="thing-picture"] img[src*="/hook."]');
  // What a drawing carries besides its lines stays outside.
  const drawing = `<svg xmlns="http://www.w3.org/2000/svg" width="4000" height="3000"><script>document.title='taken'</script><circle cx="2000" cy="1500" r="900" fill="red" onload="document.title='taken'"/></svg>`;
  const path = join(folder.path, 'winch drawn by Ada.svg');
  writeFileSync(path, drawing);
  await mara.press('[aria-label="Picture of winch"]');
  const input = (await mara.find('input[name="picture"]')) as ElementHandle<HTMLInputElement>;
  await input.uploadFile(path);
  await mara.find('.things img[src^="/api/files/"]');
  await mara.kept();
  const [own] = (await picturesIn('.things')).filter((one) => one.startsWith('/api/files/'));
  const kept = await mara.page.evaluate(async (address) => {
    const answer = await fetch(address);
    const bitmap = await createImageBitmap(await answer.blob());
    return [answer.headers.get('content-type'), bitmap.width, bitmap.height];
  }, own!);
  expect(kept).toEqual(['image/png', 1400, 1050]);
  expect(await mara.page.title()).not.toBe('taken');
  // What is no picture is told and leaves what was there.
  writeFileSync(join(folder.path, 'list.png'), 'kites, reels');
  await mara.press('[aria-label="Picture of winch"]');
  await ((await mara.find('input[name="picture"]')) as ElementHandle<HTMLInputElement>).uploadFile(
    join(folder.path, 'list.png'),
  );
  await mara.sees('cannot be drawn as a picture');
  await mara.press('[data-test="no-picture"]');
  await mara.kept();
  expect((await picturesIn('.things')).filter((one) => one.startsWith('/api/files/'))).toEqual([]);
});

test('what stands for a thing in the room is on the list, and a list of things starts another unit', async () => {
  const { mara } = demo;
  await mara.press('::-p-xpath(//button[@data-test="ask-column"][normalize-space(.)="In the room as"])');
  await mara.page.select('[aria-label="What stands for winch in the room"]', 'begin:borrowed');
  await mara.kept();
  await mara.fill('own-column', 'floats');
  await mara.strike('Enter');
  const floats = await mara.find('[aria-label="floats of hook"]');
  await floats.type('no');
  await mara.strike('Tab');
  await mara.kept();
  await mara.pressText('Keep these as a list');
  await mara.fill('list-name', 'lifting things');
  await mara.pressText('Keep it');
  await mara.find('.lists .list');
  // Buried and found again, it is needed; without a word about where it comes from it is borrowed.
  await mara.press('::-p-xpath(//nav//a[b[normalize-space(.)="Corners"]])');
  await mara.press('[data-test="cubby-sensory-bin"] [data-test^="write-"]');
  await mara.type('dug in');
  await mara.sees('Dug in: winches');
  await mara.strike('ArrowDown');
  await mara.strike('Enter');
  await mara.kept();
  await mara.press('::-p-xpath(//nav//a[b[normalize-space(.)="Gather"]])');
  await mara.sees('Winch');
  expect(await mara.textOf('[data-test="basket-borrow"]')).toContain('Winch');
});

test('another unit is started from the list', async () => {
  const { mara } = demo;
  await mara.go(`${demo.server.url}/units`);
  await mara.pressText('Start a unit');
  await mara.fill('title', 'Harbour work');
  await mara.fill('start', '2027-05-03');
  await mara.fill('dayCount', '5');
  await mara.pressText('Put it on the shelf');
  await mara.sees('The shelf');
  await spark();
  await mara.press('::-p-xpath(//*[@data-test="thing-lists"]//button[contains(., "lifting things")])');
  await mara.find('[aria-label="floats of hook"]');
  await mara.kept();
  await mara.sees('all here');
});
