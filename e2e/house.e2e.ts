// The house: a home set up from nothing, kept with the keyboard alone, and what it says to bad input.
import { writeFileSync } from 'node:fs';
import { join } from 'node:path';
import type { Browser, ElementHandle } from 'puppeteer-core';
import { afterAll, afterEach, beforeAll, describe, expect, test } from 'vitest';
import { LAPTOP, openBrowser, Visitor } from './support/browser.ts';
import { startServer, temporaryFolder, type RunningServer } from './support/server.ts';

let browser: Browser;
let closeBrowser: () => Promise<void>;
let server: RunningServer;
let folder: ReturnType<typeof temporaryFolder>;

beforeAll(async () => {
  ({ browser, close: closeBrowser } = await openBrowser());
});
afterAll(() => closeBrowser?.());
afterEach(async () => {
  await server.stop();
  folder.remove();
});

async function open(...options: string[]): Promise<void> {
  folder = temporaryFolder();
  server = await startServer(folder.path, options);
}

/** Somebody who has entered the demo home and stands on one of its pages. */
async function at(path: string, sees: string): Promise<Visitor> {
  await open('--demo');
  const mara = await Visitor.arrive(browser, LAPTOP);
  await mara.go(server.url);
  await mara.fill('passPhrase', 'three blue kites');
  await mara.strike('Enter');
  await mara.find('.rack');
  await mara.route(`/house/${path}`);
  await mara.sees(sees);
  return mara;
}

/** Gives a file field a file with some content, as a person would choose it. */
async function choose(
  visitor: Visitor,
  name: string,
  fileName: string,
  content: string | Buffer,
): Promise<void> {
  const path = join(folder.path, fileName);
  writeFileSync(path, content);
  const field = (await visitor.page.waitForSelector(
    `input[name="${name}"]`,
  )) as ElementHandle<HTMLInputElement>;
  await field.uploadFile(path);
}

test('a new home of three children is set up from nothing and has a supply list with amounts', async () => {
  await open();
  const code = /one-time code: (\S+)/.exec(server.output())![1]!;
  const ren = await Visitor.arrive(browser, LAPTOP);
  await ren.go(server.url);
  await ren.sees('A new home');
  await ren.fill('code', 'AAAA-AAAA-AAAA');
  await ren.fill('homeName', 'Oak Corner');
  await ren.fill('providerName', 'Ren');
  await ren.fill('passPhrase', 'short');
  await ren.pressText('Make this home');
  await ren.sees('Use at least 12 characters');
  await ren.fill('passPhrase', 'four green paper boats');
  await ren.pressText('Make this home');
  await ren.sees('This is not the code that the terminal shows');
  await ren.fill('code', code.toLowerCase());
  await ren.pressText('Make this home');
  await ren.sees('Nobody comes yet');
  await ren.sees('Oak Corner');

  await ren.pressText('Add the children in the house');
  await ren.find('.sheet-form');
  const child = async (name: string, birth: string, rows: readonly string[]): Promise<void> => {
    // The first one is asked for at once.
    if (!(await ren.page.$('.sheet-form'))) await ren.pressText('A child');
    await ren.fill('name', name);
    await ren.fill('birth', birth);
    for (const row of rows) await ren.press(`[aria-label="${row}"]`);
  };
  const kept = async (name: string): Promise<void> => {
    await ren.pressText('Keep');
    await ren.page.waitForFunction(() => !document.querySelector('.sheet-form'));
    await ren.sees(name);
  };
  await child('Tove Lind', '', []);
  await ren.pressText('Keep');
  await ren.sees('There is no such day');
  await ren.fill('birth', '2023-01-20');
  // The first one is proposed every working day, the others come as the one before.
  await ren.press('[aria-label="Afternoon: no day"]');
  for (const day of ['Thursday', 'Friday']) await ren.press(`[aria-label="${day}, Morning"]`);
  await ren.press('input[name="allergies.gluten"]');
  await ren.fill('allergies.0.words', 'Coeliac disease');
  await kept('Mon Tue Wed');
  await child('Bo Marsh', '2022-09-02', ['Morning: every day', 'Afternoon: every day']);
  await kept('Bo Marsh');
  await child('Juno Hale', '2024-11-03', ['Afternoon: no day']);
  await ren.press('input[name="mouthsThings"]');
  await kept('Juno Hale');

  await ren.pressText('Units');
  await ren.pressText('Start a unit');
  await ren.fill('title', 'Mirrors');
  await ren.pressText('Put it on the shelf');
  await ren.press('[aria-label="Put something in Dough"]');
  await ren.choose('Weather dough');
  await ren.sees('Stop · Gluten and Tove Lind');
  await ren.press('[aria-label="Put something in Table trays"]');
  await ren.press('::-p-xpath(//*[@data-test="choices"]//button[contains(., "Find its partner")])');
  await ren.fill('slot-things', 'mirrors');
  await ren.fill('slot-thing', 'mirror');
  await ren.pressText('Place it');
  await ren.sees('Find its partner: mirrors');
  // Two cards for each of the theme's things: so many are needed once some are written down.
  await ren.press('::-p-xpath(//nav//a[b[normalize-space(.)="Spark"]])');
  await ren.press('::-p-xpath(//button[@data-test="take-thing"][normalize-space(.)="hand mirror"])');
  await ren.press('::-p-xpath(//button[@data-test="take-thing"][normalize-space(.)="kaleidoscope"])');
  await ren.find('input[aria-label^="First sound of kaleidoscope"]');
  await ren.pressText('Gather');
  expect(await ren.textOf('[data-test="supply-plain-flour"]')).toMatch(
    // Three shares of 240 mL: one of them is Tove's own, the rest makes one batch.
    /^260 g\s+Plain flour\s+need 260 g, none on hand/,
  );
  expect(await ren.textOf('[data-test="supply-picture-cards"]')).toContain('need 4');
  await ren.kept();
  expect(ren.errors).toEqual([]);
  console.log(
    `from nothing to a supply list for three children: ${ren.presses} presses, ${ren.keys} keys (two wrong tries included)`,
  );
});

describe('with the keyboard alone', () => {
  test('children, people and corners are entered, moved and taken back', async () => {
    const mara = await at('children', 'Ada Brook');
    await mara.tabTo('A child');
    await mara.strike('Enter');
    await mara.tabTo('name');
    await mara.type('Uma Reed');
    await mara.tabTo('birth');
    await mara.type('04052023');
    await mara.tabTo('Tuesday, Morning');
    await mara.strike('Space');
    await mara.tabTo('allergies.egg');
    await mara.strike('Space');
    await mara.tabTo('Help');
    await mara.strike('Enter');
    await mara.tabTo('helps.0.words');
    await mara.type('Her bear');
    await mara.strike('Enter');
    await mara.page.waitForFunction(() => !document.querySelector('.sheet-form'));
    expect(await mara.textOf('[data-test="children"]')).toMatch(/Uma Reed[\s\S]*Tue[\s\S]*egg/);
    await mara.tabTo('Somebody is away');
    await mara.strike('Enter');
    await mara.find('input[name="from"]');
    await mara.tabTo('Keep');
    await mara.strike('Enter');
    await mara.sees('Away · 2');

    await mara.tabTo('People');
    await mara.strike('Enter');
    await mara.sees('At work · 3');
    await mara.tabTo('An assistant');
    await mara.strike('Enter');
    await mara.tabTo('name');
    await mara.type('Pim');
    await mara.tabTo('mayLead.water');
    await mara.strike('Space', 'Enter');
    await mara.sees('At work · 4');

    await mara.tabTo('Corners');
    await mara.strike('Enter');
    await mara.sees('On the shelf · 14');
    const shelf = () => mara.textsOf('[data-test="corners"] b');
    const [first, second, ...rest] = await shelf();
    await mara.tabTo('Blocks');
    await mara.page.keyboard.down('Alt');
    await mara.strike('ArrowDown');
    await mara.page.keyboard.up('Alt');
    expect(await shelf()).toEqual([second, first, ...rest]);
    await mara.sees('Blocks is now place 2 of 14');
    await mara.strike('Enter');
    await mara.tabTo('places');
    await mara.page.keyboard.down('Control');
    await mara.strike('a');
    await mara.page.keyboard.up('Control');
    await mara.type('6');
    await mara.strike('Enter');
    await mara.sees('6 fit');
    await mara.kept();
    await mara.page.reload();
    await mara.sees('On the shelf · 14');
    expect(await shelf()).toEqual([second, first, ...rest]);
    expect(mara.errors).toEqual([]);
  });

  test('rules are changed, supplies entered and counted', async () => {
    const mara = await at('rules', 'The week');
    await mara.tabTo('workingWeekdays.6');
    await mara.strike('Space');
    await mara.sees('6 days a week');
    // What is seldom changed is folded.
    await mara.tabToIn('summary', 'How things are shown');
    await mara.strike('Enter');
    await mara.tabTo('Currency');
    await mara.page.keyboard.down('Shift');
    await mara.strike('Tab');
    await mara.page.keyboard.up('Shift');
    await mara.strike('ArrowDown');
    const wanted = '::-p-xpath(//*[@role="option"][contains(., "US")])';
    await mara.find(wanted);
    // The list takes the focus with the key that opened it, or, where it was drawn later, with a next one.
    const isThere = (): Promise<boolean> => mara.page.$eval(wanted, (one) => one.matches(':focus'));
    for (let i = 0; i < 40 && !(await isThere()); i += 1) {
      await mara.strike('ArrowDown');
      await mara.drawn();
    }
    await mara.strike('Enter');
    await mara.find('input[value="US"]');
    await mara.kept();
    await mara.tabTo('Cupboard');
    await mara.strike('Enter');
    await mara.sees('1¾ lb');
    await mara.tabTo('A supply');
    await mara.strike('Enter');
    await mara.tabTo('name');
    await mara.type('Cork lids');
    await mara.tabTo('move.amount');
    await mara.type('2 dozen');
    await mara.strike('Enter');
    await mara.sees('Cork lids');
    // Apples and aprons come first then.
    await mara.tabTo('wanted');
    await mara.type('ap');
    await mara.tabTo('Take stock');
    await mara.strike('Enter');
    await mara.find('[data-test="cupboard"] input:focus');
    await mara.type('7');
    await mara.strike('Enter');
    await mara.type('9');
    await mara.strike('Enter');
    await mara.page.waitForFunction(() => {
      const [apples, aprons] = document.querySelectorAll<HTMLElement>('[data-test="cupboard"] .have');
      return apples?.innerText === '7' && aprons?.innerText === '9';
    });
    await mara.tabTo('wish');
    await mara.type('Old clocks');
    await mara.strike('Enter');
    await mara.sees('Wanted for later · 3');
    expect(mara.errors).toEqual([]);
  });

  test('the library is searched, and every kind of entry is made', async () => {
    const mara = await at('library', 'entries');
    const before = await mara.countOf('entries');
    await mara.tabTo('words');
    await mara.type('kite reapir');
    await mara.sees('One entry fit');
    await mara.tabTo('Kite repair counter');
    await mara.strike('Enter');
    await mara.find('input[name="content.title"]');
    await mara.tabTo('Version 2 up');
    await mara.strike('Enter', 'Escape');
    await mara.kept();

    const begin = async (what: string, field: string, title: string): Promise<void> => {
      await mara.go(`${server.url}/house/library`);
      await mara.tabTo(what);
      await mara.strike('Enter');
      await mara.tabTo(field);
      await mara.type(title);
    };
    const keep = async (more: number): Promise<void> => {
      await mara.tabTo('Keep');
      await mara.strike('Enter');
      await mara.page.waitForFunction(() => !document.querySelector('.sheet-form'));
      await mara.sees(`${before + more} entries`);
    };
    await begin('An activity', 'content.title', 'Clock hands');
    await mara.tabTo('Version');
    await mara.strike('Enter');
    await mara.tabTo('content.versions.0.does');
    await mara.type('Turns the hands');
    await keep(1);
    await begin('A recipe', 'title', 'Sand paste');
    await keep(2);
    await begin('A song', 'title', 'Tick and tock');
    await mara.tabTo('verses.0');
    await mara.type('Tick, tock');
    await keep(3);
    await begin('A book', 'title', 'A book about locks');
    await keep(4);
    await begin('A sheet', 'title', 'Clock faces');
    await keep(5);
    await mara.tabTo('Paste a list or text');
    await mara.strike('Enter');
    await mara.tabTo('Or paste it');
    await mara.type('title,from,does,skills');
    await mara.strike('Enter');
    await mara.type('Key hunt,24,Finds a key,counting');
    await mara.strike('Enter');
    await mara.type('Lock wall,none,,flying');
    await mara.sees('2 are taken in');
    await mara.sees('“flying” is not one of the skills');
    await mara.tabTo('Keep');
    await mara.strike('Enter');
    // The draft without a version is opened to be completed.
    await mara.find('input[name="content.title"]');
    await mara.strike('Escape');
    await mara.sees(`${before + 7} entries`);
    await mara.pressText('Undo');
    await mara.sees(`${before + 5} entries`);
    expect(mara.errors).toEqual([]);
  });
});

test('a corner is dragged to another place on the shelf', async () => {
  const mara = await at('corners', 'On the shelf · 14');
  const handles = await mara.page.$$('[data-test="corners"] .handle');
  const [from, to] = await Promise.all([handles[0]!.boundingBox(), handles[3]!.boundingBox()]);
  const { mouse } = mara.page;
  await mouse.move(from!.x + 10, from!.y + 15);
  await mouse.down();
  for (let step = 1; step <= 12; step++)
    await mouse.move(to!.x + 10, from!.y + 15 + ((to!.y + 20 - from!.y) * step) / 12);
  await mouse.up();
  await mara.sees('Blocks is now place');
  const shelf = () => mara.textsOf('[data-test="corners"] b');
  const dragged = await shelf();
  expect(dragged[0]).not.toContain('Blocks');
  await mara.kept();
  await mara.page.reload();
  await mara.sees('On the shelf · 14');
  expect(await shelf()).toEqual(dragged);
});

describe('bad input is told where it stands, and nothing is kept of it', () => {
  test('a birthday to come, an unknown unit, a negative count', async () => {
    const mara = await at('children', 'Ada Brook');
    await mara.pressText('A child');
    await mara.fill('name', 'Uma Reed');
    await mara.fill('birth', '2027-03-12');
    await mara.pressText('Keep');
    await mara.sees('This day is still to come');
    await mara.pressText('Not now');
    await mara.pressText('Ines Ford');
    await mara.fill('birth', '2031-01-01');
    await mara.strike('Tab');
    await mara.sees('This day is still to come');
    await mara.pressText('Done');
    await mara.sees('This day is still to come');
    await mara.press('[aria-label="Close: Ines Ford"]');
    await mara.sees('Not kept yet');
    await mara.press('[aria-label="Close: Ines Ford"]');
    expect(await mara.textOf('[data-test="children"]')).toMatch(/Ines Ford\s+6 y/);

    await mara.go(`${server.url}/house/cupboard`);
    await mara.fill('wanted', 'plain flour');
    await mara.pressText('Take stock');
    await mara.find('[data-test="cupboard"] input');
    for (const [typed, told] of [
      ['3 handfuls', 'Kobby does not know the unit “handfuls”. Use g, kg, oz or lb.'],
      ['-4', 'This cannot be below zero'],
    ] as const) {
      await mara.page.$eval('[data-test="cupboard"] input', (field) => (field as HTMLInputElement).select());
      await mara.page.focus('[data-test="cupboard"] input');
      await mara.type(typed);
      await mara.strike('Enter');
      await mara.sees(told);
    }
    expect(await mara.textOf('[data-test="cupboard"] .have')).toBe('600 g');
    expect(mara.errors).toEqual([]);
  });

  test('a calendar file: good and bad rows are shown, the good ones taken in as one step', async () => {
    const mara = await at('rules', 'Closed · 1');
    await mara.pressText('From a calendar file');
    await choose(mara, 'calendar', 'not.ics', 'hello');
    await mara.sees('This is not a calendar file');
    const event = (...lines: string[]) => ['BEGIN:VEVENT', 'UID:x', ...lines, 'END:VEVENT'].join('\r\n');
    const calendar = [
      'BEGIN:VCALENDAR',
      'VERSION:2.0',
      event('SUMMARY:Spring break', 'DTSTART;VALUE=DATE:20270405', 'DTEND;VALUE=DATE:20270410'),
      event('SUMMARY:Dentist', 'DTSTART:20270406T090000'),
      event('SUMMARY:Paper day', 'DTSTART;VALUE=DATE:20270503'),
      'END:VCALENDAR',
    ].join('\r\n');
    await choose(mara, 'calendar', 'closed.ics', calendar);
    await mara.sees('2 closures are new');
    await mara.sees('It has a clock time; a closure is whole days');
    await mara.pressText('Keep');
    await mara.sees('Closed · 3');
    await mara.pressText('Undo');
    await mara.sees('Closed · 1');
  });

  /** A PDF of one empty page, with objects of its own beside it. */
  const onePage = (...objects: readonly string[]): string =>
    [
      '%PDF-1.4',
      ...[
        '<< /Type /Catalog /Pages 2 0 R >>',
        '<< /Type /Pages /Kids [3 0 R] /Count 1 >>',
        '<< /Type /Page /Parent 2 0 R /MediaBox [0 0 200 200] >>',
        ...objects,
      ].map((object, i) => `${i + 1} 0 obj\n${object}\nendobj`),
      'trailer\n<< /Root 1 0 R >>',
      '%%EOF',
    ].join('\n');

  test('a file that is not what it says, or carries a script', async () => {
    const mara = await at('library', 'entries');
    const before = await mara.countOf('entries');
    await mara.tabTo('A sheet');
    await mara.strike('Enter');
    await choose(mara, 'file', 'cards.pdf', 'GIF89a, not a PDF at all');
    await mara.sees('this is none of them');
    await choose(mara, 'file', 'cards.pdf', onePage('<< /S /JavaScript /JS (x) >>'));
    await mara.sees('carries scripts');
    await choose(mara, 'file', 'Kite cards.pdf', onePage());
    await mara.sees('Kite cards.pdf');
    await mara.pressText('Keep');
    await mara.sees(`${before + 1} entries`);
    await mara.fill('words', 'kite cards');
    await mara.page.waitForFunction(() =>
      document.querySelector('[data-test="found"] li')?.textContent?.includes('Kite cards'),
    );
  });
});

test('what the library that ships has and this one does not is shown, and taken in by one step', async () => {
  const mara = await at('library', 'entries');
  const before = await mara.countOf('entries');
  await mara.fill('words', 'ice lanterns');
  await mara.pressText('Ice lanterns');
  await mara.pressText('Take it away');
  await mara.kept();
  await mara.page.reload();
  await mara.sees(`${before - 1} entries`);
  await mara.press('[data-test="news"]');
  await mara.sees('One entry is taken in');
  expect(await mara.textOf('[data-test^="new-recipes/"]')).toBe('Ice lanterns');
  await mara.press('.sheet-form button[type="submit"], button[type="submit"]');
  await mara.sees(`${before} entries`);
  await mara.seesNot('new from Kobby');
  await mara.pressText('Undo');
  await mara.sees(`${before - 1} entries`);
  expect(mara.errors).toEqual([]);
});

test('what is in use is retired instead of taken away, and a child can be forgotten', async () => {
  const mara = await at('cupboard', 'things');
  await mara.fill('wanted', 'paper straws');
  await mara.pressText('Paper straws');
  await mara.pressText('Take it away');
  await mara.sees('still uses this. Retire it instead?');
  await mara.pressText('Retire it');
  await mara.sees('Retired · 1');
  await mara.go(`${server.url}/units/unit-kites/gather`);
  await mara.sees('Paper straws');

  await mara.go(`${server.url}/house/children`);
  await mara.pressText('Eli Stone');
  await mara.pressText('Forget this child');
  await mara.sees('This cannot be undone.');
  await mara.press('::-p-xpath(//section[.//h2[contains(., "Forget")]]//button[normalize-space(.)="Keep"])');
  await mara.seesNot('Eli Stone');
  await mara.kept();
  await mara.page.reload();
  await mara.sees('Children · 6');
  await mara.seesNot('Eli');
  expect(mara.errors).toEqual([]);
});
