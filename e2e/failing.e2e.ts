// Every kind of request that fails, by a stand-in for the server: what the page says of it, and that what was done is not lost.
import type { HTTPRequest, ResponseForRequest } from 'puppeteer-core';
import { afterAll, afterEach, beforeAll, expect, test } from 'vitest';
import { LAPTOP, Visitor } from './support/browser.ts';
import { openDemo, type Demo } from './support/demo.ts';

let demo: Demo;
let mara: Visitor;
/** What is answered instead of the server; null to let a request through. */
let standIn: ((request: HTTPRequest) => Partial<ResponseForRequest> | 'cut off' | null) | null = null;

beforeAll(async () => {
  demo = await openDemo();
  mara = demo.mara;
  await mara.page.setRequestInterception(true);
  mara.page.on('request', (request) => {
    const instead = standIn?.(request) ?? null;
    if (instead === null) void request.continue();
    else if (instead === 'cut off') void request.abort('connectionfailed');
    else void request.respond(instead);
  });
});
afterEach(() => (standIn = null));
afterAll(() => demo?.close());

/** How a request ends that fails. */
const ENDS = {
  'the connection is cut': 'cut off',
  'a proxy finds nobody': { status: 502, contentType: 'text/html', body: '<h1>Bad gateway</h1>' },
  'the server stumbles': problem(500, 'our-mistake', 'It stumbled', 'It was written down.'),
  'there was too much of it': problem(413, 'too-large', 'Too large', 'At most ten at once.'),
  'there were too many': {
    ...problem(429, 'too-many', 'Too many', 'Wait a moment.'),
    headers: { 'Retry-After': '1' },
  },
  'the door was closed': problem(401, 'sign-in-needed', 'Sign in', 'Your sign-in has ended.'),
} as const satisfies Record<string, Partial<ResponseForRequest> | 'cut off'>;
type End = keyof typeof ENDS;

function problem(status: number, type: string, title: string, detail: string) {
  const body = JSON.stringify({ type: `urn:kobby:problem:${type}`, title, status, detail, errors: [] });
  return { status, contentType: 'application/problem+json', body } as const;
}

const fails = (method: string, path: string, end: End): void => {
  standIn = (request) =>
    request.method() === method && new URL(request.url()).pathname === path ? ENDS[end] : null;
};

/** Something small that is kept: a line on a day. */
async function writes(text: string): Promise<void> {
  await mara.route('/house/credits');
  await mara.route('/units/unit-kites/days');
  await mara.press('[data-test="write-day:6"]');
  await mara.type(text);
  await mara.strike('Enter');
  await mara.sees(text);
}

/** What is said when something could not be kept, and that it is kept once the server answers again. */
const KEEPING: readonly (readonly [End, string])[] = [
  ['the connection is cut', 'Not connected · 1 change waits'],
  ['a proxy finds nobody', 'Not connected · 1 change waits'],
  ['the server stumbles', 'Not kept yet, it is tried again: It was written down.'],
  ['there were too many', 'Not kept yet, it is tried again: Wait a moment.'],
];
test.each(KEEPING)('what is kept, and %s', async (end, told) => {
  fails('POST', '/api/gestures', end);
  await writes(`while ${end}`);
  await mara.sees(told);
  standIn = null;
  await mara.kept();
  await mara.sees(`while ${end}`);
});

test('what the server will never take is told with what it was, and does not stay there as if it were kept', async () => {
  fails('POST', '/api/gestures', 'there was too much of it');
  await mara.route('/house/credits');
  await mara.route('/units/unit-kites/days');
  await mara.press('[data-test="write-day:6"]');
  await mara.type('far too much');
  await mara.strike('Enter');
  await mara.sees('At most ten at once.');
  await mara.sees('Not kept:');
  standIn = null;
  await mara.page.waitForFunction(
    () => !document.querySelector('[data-test="day-6"]')?.textContent?.includes('far too much'),
  );
  await mara.kept();
});

type Doing = () => Promise<unknown>;
const on =
  (path: string, ...presses: readonly string[]): Doing =>
  async () => {
    await mara.route('/house/credits');
    await mara.route(path);
    for (const one of presses) await mara.pressText(one);
  };

/** What is asked of the server beside the book, how it fails, and what the page says. */
const ASKING: readonly (readonly [method: string, path: string, end: End, doing: Doing, told: string])[] = [
  [
    'GET',
    '/api/library/usual-stock',
    'the server stumbles',
    on('/house/cupboard?begin=usual'),
    'could not be fetched',
  ],
  [
    'GET',
    '/api/prices',
    'the connection is cut',
    on('/house/cupboard', 'Prices', 'Ask the sample shop'),
    'The shop cannot be reached',
  ],
  [
    'GET',
    '/api/words/things',
    'the connection is cut',
    on('/units/unit-lanterns/spark'),
    'Nothing can be looked up now',
  ],
  ['POST', '/api/backups', 'the server stumbles', on('/house/kept', 'Back up now'), 'It was written down.'],
  ['POST', '/api/backups', 'the connection is cut', on('/house/kept', 'Back up now'), 'cannot be reached'],
  [
    'POST',
    '/api/shares',
    'the connection is cut',
    on('/units/unit-kites/hand-over?part=links', 'Make the link'),
    'A link needs the server',
  ],
  [
    'POST',
    '/api/shares',
    'there were too many',
    on('/units/unit-kites/hand-over?part=links', 'Make the link'),
    'Wait a moment.',
  ],
];
test.each(ASKING)('%s %s, and %s', async (method, path, end, doing, told) => {
  fails(method, path, end);
  await doing();
  await mara.sees(told);
  await mara.page.keyboard.press('Escape');
});

test('a part of the program is not there: the page is loaded anew once, and then it is told', async () => {
  await mara.go(`${demo.server.url}/units`);
  await mara.find('.rack');
  let asked = 0;
  standIn = (request) => {
    if (!/WatchFrame-.*\.js$/.test(request.url())) return null;
    asked += 1;
    return 'cut off';
  };
  await mara.pressText('Watch');
  await mara.sees('This page could not be fetched');
  expect(asked).toBeGreaterThan(1);
  standIn = null;
  await mara.go(`${demo.server.url}/watch`);
  await mara.find('main .card');
});

test('the door is closed in the middle of something: it is told, what was done stays, and goes on after signing in', async () => {
  fails('POST', '/api/gestures', 'the door was closed');
  await writes('while the door was closed');
  await mara.sees('You are signed out. What you did is kept on this device.');
  standIn = null;
  // The door finds that she is in after all.
  await mara.pressText('Sign in and go on');
  await mara.kept();
  await mara.sees('while the door was closed');
});

test('the door itself: too many tries are told, and nobody to answer', async () => {
  const ren = await Visitor.arrive(demo.browser, LAPTOP);
  await ren.page.setRequestInterception(true);
  let end: End | null = null;
  ren.page.on('request', (request) => {
    const isDoor = request.method() === 'POST' && request.url().endsWith('/api/session');
    if (!isDoor || end === null) return void request.continue();
    const instead = ENDS[end];
    if (instead === 'cut off') void request.abort('connectionfailed');
    else void request.respond(instead);
  });
  await ren.go(`${demo.server.url}/enter`);
  await ren.fill('passPhrase', 'three blue kites');
  end = 'there were too many';
  await ren.pressText('Open the door');
  await ren.sees('Too many. Wait a moment.');
  end = 'the connection is cut';
  await ren.pressText('Open the door');
  await ren.sees('Kobby cannot be reached. What you typed stays here; try again.');
  end = null;
  await ren.pressText('Open the door');
  await ren.find('.rack');
});
