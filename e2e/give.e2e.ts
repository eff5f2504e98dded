// A unit goes from one home to another: given as a file, looked at, taken in, started; tables and texts go out, the cupboard back.
import { mkdtempSync, readdirSync, readFileSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterEach, beforeEach, describe, expect, test, vi } from 'vitest';
import { openDemo, type Demo } from './support/demo.ts';

let demo: Demo;
let folder: string;
beforeEach(async () => {
  demo = await openDemo();
  folder = mkdtempSync(join(tmpdir(), 'kobby-downloads-'));
  const session = await demo.mara.page.createCDPSession();
  await session.send('Browser.setDownloadBehavior', {
    behavior: 'allow',
    downloadPath: folder,
    browserContextId: demo.mara.page.browserContext().id!,
  });
});
afterEach(() => demo.close());

const downloaded = async (end: string): Promise<string> => {
  const name = await vi.waitUntil(() => readdirSync(folder).find((one) => one.endsWith(end)), {
    timeout: 20_000,
  });
  return join(folder, name);
};

describe('a unit', () => {
  test('is given away as a file without anything of the home, and taken in again', async () => {
    const { mara } = demo;
    await mara.route('/units/unit-kites/hand-over?part=give');
    await mara.sees('No child, person, note, record, shop or price is in it');
    await mara.pressText('Make the file');
    await mara.sees('The file is made.');
    const path = await downloaded('.kobby-unit.json');
    const text = readFileSync(path, 'utf8');
    expect(text).not.toMatch(/Noor|Vale|Mara|Low Shelf/);
    const other = join(folder, 'other.json');
    writeFileSync(other, text.replaceAll('Wind and Kites', 'Kites of others'));
    await mara.route('/units');
    await mara.pressText('Take one in');
    const field = await mara.page.waitForSelector('input[name="unit"]');
    await field!.uploadFile(other);
    await mara.sees('Nothing of yours becomes another');
    await mara.pressText('Take it in');
    await mara.sees('stands among the ready-made units now');
    await mara.pressText('Done');
    await mara.pressText('Start a unit');
    await mara.pressText('A ready-made unit');
    await mara.sees('Kites of others');
  });

  test('goes out as text; the cupboard goes out as a table and comes back changed', async () => {
    const { mara } = demo;
    await mara.route('/units/unit-kites/hand-over?part=give');
    await mara.sees('As text and table');
    await mara.pressText('The whole unit');
    expect(readFileSync(await downloaded('.md'), 'utf8')).toContain('# Wind and Kites');
    await mara.route('/house/kept');
    await (await mara.find('[aria-label="Cupboard: take out as a table"]')).click();
    const path = await downloaded('cupboard.csv');
    const lines = readFileSync(path, 'utf8').split('\r\n');
    expect(lines.length).toBeGreaterThan(150);
    const changed = join(folder, 'changed.csv');
    writeFileSync(changed, `${lines[0]}\r\nMoon lamps,Room,piece,reusable,3,,Attic,bought,,,,,,,\r\n`);
    await (await mara.find('[aria-label="Cupboard: bring back"]')).click();
    const field = await mara.page.waitForSelector('input[name="file"]');
    await field!.uploadFile(changed);
    await mara.sees('1 is taken in, as one step');
    await mara.pressText('Keep');
    await mara.route('/house/cupboard');
    await mara.fill('wanted', 'moon');
    await mara.sees('Moon lamps');
    await mara.pressText('Prices');
    await mara.pressText('Ask the sample shop');
    await mara.sees('Plain flour, 1 kg: $1.45 ($1.40 at ');
    await mara.pressText('Keep');
    await mara.fill('wanted', 'plain flour');
    await mara.pressText('Plain flour');
    await mara.sees('The price is of Thursday 11 March 2027');
  });
});
