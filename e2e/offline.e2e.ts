// The provider's own pages without a network: opened, changed, closed and opened again, and everything arrives once; and what is typed and
// not kept, which no press beside it, step back, reload or closed tab takes away.
import { afterAll, beforeAll, expect, test } from 'vitest';
import { LAPTOP, PATIENCE_MS, Visitor } from './support/browser.ts';
import { openDemo, type Demo } from './support/demo.ts';

let demo: Demo;
let mara: Visitor;
beforeAll(async () => {
  demo = await openDemo();
  mara = await Visitor.arrive(demo.browser, LAPTOP, { keepsPages: true });
  await enter(mara);
});
afterAll(() => demo?.close());

const url = (path: string): string => `${demo.server.url}${path}`;
async function enter(visitor: Visitor): Promise<void> {
  await visitor.go(url('/enter'));
  await visitor.fill('passPhrase', 'three blue kites');
  await visitor.pressText('Open the door');
  await visitor.find('.rack');
}

/** Another window of the same browser, as after everything was closed. */
async function reopened(path: string, offline: boolean): Promise<Visitor> {
  const again = await mara.another(LAPTOP);
  await again.page.setOfflineMode(offline);
  await again.go(url(path));
  return again;
}

type Doing = (by: Visitor) => Promise<unknown>;
const written =
  (where: string, text: string): Doing =>
  async (by) => {
    await by.press(where);
    await by.type(text);
    await by.strike('Enter');
  };
/** What is done on each page, and what is seen there then. */
const PAGES: readonly (readonly [path: string, doing: Doing, sees: string])[] = [
  ['/units/unit-lanterns/corners', written('[data-test^="write-"]', 'paper planes'), 'paper planes'],
  ['/units/unit-kites/days', written('[data-test="write-day:2"]', 'wind walk'), 'wind walk'],
  [
    '/units/unit-kites/gather',
    async (by) => {
      await by.fill('need', '12 birthday candles');
      await by.strike('Enter');
    },
    'birthday candles',
  ],
  [
    '/units/unit-kites/spark',
    async (by) => {
      await by.fill('thing-new', 'weather vane');
      await by.strike('Enter');
    },
    'weather vane',
  ],
  [
    '/house/children',
    async (by) => {
      await by.pressText('A child');
      await by.fill('name', 'Quill Ash');
      await by.fill('birth', '2023-05-04');
      await by.pressText('Keep');
    },
    'Quill Ash',
  ],
  [
    '/house/people',
    async (by) => {
      await by.pressText('An assistant');
      await by.fill('name', 'Fenn');
      await by.pressText('Keep');
    },
    'Fenn',
  ],
  [
    '/house/cupboard',
    async (by) => {
      await by.pressText('A supply');
      await by.fill('name', 'Cork discs');
      await by.pressText('Keep');
      await by.fill('wanted', 'Cork discs');
    },
    'Cork discs',
  ],
  [
    '/units',
    async (by) => {
      await by.pressText('Start a unit');
      await by.fill('title', 'Trams');
      await by.pressText('Put it on the shelf');
    },
    'Trams',
  ],
];

test('eight pages are opened, changed and closed without a network, and everything arrives once', async () => {
  // The pages are kept once the worker has them; the book when it was written down.
  await mara.page.evaluate(() => navigator.serviceWorker.ready);
  await mara.page.waitForFunction(
    async () => (await indexedDB.databases()).some(({ name }) => name === 'kobby.book'),
    { polling: 200 },
  );
  await mara.page.setOfflineMode(true);
  await mara.page.waitForFunction(() => document.body.innerText.includes('Not connected'));
  await mara.page.close();
  for (const [path, doing, sees] of PAGES) {
    const by = await reopened(path, true);
    await doing(by);
    await by.sees(sees);
    expect(by.errors).toEqual([]);
    await by.page.close();
  }
  const again = await reopened('/house/children', true);
  await again.sees('Quill Ash');
  await again.sees(`${PAGES.length} changes wait`);
  await again.page.close();

  const back = await reopened('/units', false);
  await back.sees('Trams');
  await back.kept();
  mara = back;
  const { mara: other } = demo;
  await other.route('/house/children');
  await other.sees('Quill Ash');
  const book = (await other.page.evaluate(async () => (await fetch('/api/book')).json())) as {
    book: Record<string, Record<string, { name?: string; title?: string }>>;
  };
  const named = (kind: string, name: string): number =>
    Object.values(book.book[kind]!).filter((one) => (one.name ?? one.title) === name).length;
  expect([
    named('children', 'Quill Ash'),
    named('people', 'Fenn'),
    named('supplies', 'Cork discs'),
    named('units', 'Trams'),
  ]).toEqual([1, 1, 1, 1]);
}, 180_000);

test('what two changed meanwhile, one of them without a network and with everything closed: the other is told, and nothing is written over', async () => {
  await mara.page.setOfflineMode(true);
  await mara.page.close();
  const away = await reopened('/house/children', true);
  await away.pressText('Bo Marsh');
  await away.fill('shownAs', 'Bo M');
  await away.strike('Tab');
  await away.sees('1 change waits');
  await away.page.close();
  const { mara: other } = demo;
  await other.route('/house/children');
  await other.pressText('Bo Marsh');
  await other.fill('name', 'Bo Marsh-Hill');
  await other.strike('Tab');
  await other.kept();
  await other.strike('Escape');
  mara = await reopened('/house/children', false);
  await mara.sees('Somebody changed the same thing meanwhile');
  await mara.pressText('Bo Marsh-Hill');
  const field = await mara.find('input[name="shownAs"]');
  expect(await field.evaluate((input) => (input as HTMLInputElement).value)).toBe('Bo');
  await mara.strike('Escape');
  await mara.page.waitForFunction(() => !document.querySelector('[role="dialog"]'));
}, 180_000);

test('what is typed survives a press beside the sheet, Escape, a step back, a reload and a closed tab', async () => {
  const typedName = () =>
    mara.page.waitForFunction(
      () => document.querySelector<HTMLInputElement>('input[name="name"]')?.value === 'Half a nam',
    );
  const gone = () => mara.page.waitForFunction(() => !document.querySelector('input[name="name"]'));
  await mara.route('/house/people');
  await mara.pressText('An assistant');
  await mara.fill('name', 'Half a nam');
  // A press beside it counts once the sheet lies still.
  await new Promise((done) => setTimeout(done, 500));
  await mara.page.mouse.click(8, 400);
  await gone();
  await mara.pressText('An assistant');
  await typedName();
  await mara.strike('Escape');
  await gone();
  await mara.pressText('An assistant');
  await typedName();
  await mara.page.goBack();
  await gone();
  expect(new URL(mara.page.url()).pathname).toBe('/house/people');
  await mara.pressText('An assistant');
  await typedName();
  await mara.page.reload();
  await mara.pressText('An assistant');
  await typedName();
  await new Promise((done) => setTimeout(done, 600));
  const next = await reopened('/house/people', false);
  await mara.page.close();
  mara = next;
  await mara.pressText('An assistant');
  await mara.sees('What you typed last time is here again');
  await typedName();
  await mara.pressText('Begin anew');
  await mara.strike('Escape');
});

test('Back takes off the sheet and keeps what was searched behind it', async () => {
  await mara.route('/house/cupboard');
  await mara.fill('wanted', 'paper');
  const before = await mara.page.evaluate(() => document.querySelectorAll('main button').length);
  await mara.press('[data-test="cupboard"] li button');
  await mara.find('[role="dialog"]');
  await mara.page.goBack();
  await mara.page.waitForFunction(() => !document.querySelector('[role="dialog"]'));
  expect(await mara.page.$eval('input[name="wanted"]', (field) => (field as HTMLInputElement).value)).toBe(
    'paper',
  );
  expect(await mara.page.evaluate(() => document.querySelectorAll('main button').length)).toBe(before);
});

test('signing out without a network: nothing of the home is left, and the door is closed when it is back', async () => {
  await mara.page.setOfflineMode(true);
  await mara.pressText('Sign out');
  await mara.sees('Kobby cannot be reached: is it started?');
  const gone = await reopened('/units', true);
  await gone.sees('this device keeps no copy of the home');
  await gone.page.setOfflineMode(false);
  await gone.find('input[name="passPhrase"]');
  await gone.page.close();
});

test('what the server says instead of the book is told, and the page opens by itself', async () => {
  const by = demo.mara;
  await by.page.setRequestInterception(true);
  let stumbles = true;
  by.page.on('request', (request) => {
    const isBook = request.url().includes('/api/book');
    if (!isBook || !stumbles) return void request.continue();
    void request.respond({
      status: 500,
      contentType: 'application/problem+json',
      body: JSON.stringify({
        type: 'urn:kobby:problem:our-mistake',
        title: 'It stumbled',
        status: 500,
        detail: 'Here.',
        errors: [],
      }),
    });
  });
  await by.go(url('/units'));
  await by.sees('It stumbled. Here. Nothing is lost');
  stumbles = false;
  await by.page.waitForSelector('.rack', { timeout: PATIENCE_MS });
  await by.page.setRequestInterception(false);
});
