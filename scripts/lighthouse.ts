// Figures of loading, not assertions: the main pages of the demo and, in the same run, a plain page of the same server, which
// shows what this machine can do at best. Three runs of each, medians. `-- units/unit-kites/days` measures just that page.
// `-- --looks` asks instead what each page is for everyone, and for good practice: two scores of 100, and what costs them.
import { rmSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import lighthouse, { desktopConfig, type Config, type RunnerResult } from 'lighthouse';
import type { Page } from 'puppeteer-core';
import { keepNoPages } from '../e2e/support/browser.ts';
import { openDemo } from '../e2e/support/demo.ts';

const RUNS = 3;
const PAGES = [
  'enter',
  'units',
  'today',
  'units/unit-kites/corners',
  'units/unit-kites/days',
  'units/unit-kites/gather',
  'units/unit-kites/ready',
  'units/unit-kites/circle',
  'units/unit-kites/hand-over',
  'house/library',
  'kitchen/counter/cooked-dough',
];
/** Pages that are looked at and not measured: they load as the others do. */
const MORE_PAGES = [
  'units/unit-kites/spark',
  'units/unit-kites/trays',
  'units/unit-kites/shop',
  'units/unit-kites/one-page',
  'units/unit-kites/print/day-sheet',
  'units/unit-kites/print-shop',
  'units/year',
  'units/unit-kites/look-back',
  'house/children',
  'house/children/bo',
  'house/people',
  'house/corners',
  'house/cupboard',
  'house/rules',
  'house/kept',
  'kitchen/made',
  'watch',
];
const FORMS: Readonly<Record<string, Config | undefined>> = { phone: undefined, laptop: desktopConfig };

/** What is told of a page: score of 100, milliseconds, bytes that came over the wire, tasks over 50 ms and how long they block. */
interface Figures {
  readonly score: number;
  readonly firstPaintMs: number;
  readonly largestPaintMs: number;
  readonly blockingMs: number;
  readonly shift: number;
  readonly bytes: number;
  readonly longTasks: number;
}

const valueOf = ({ lhr }: RunnerResult, audit: string): number =>
  lhr.audits[audit]?.numericValue ?? Number.NaN;
const itemsOf = ({ lhr }: RunnerResult, audit: string): number => {
  const details = lhr.audits[audit]?.details;
  return details && 'items' in details && Array.isArray(details.items) ? details.items.length : 0;
};

async function measured(page: Page, url: string, config: Config | undefined): Promise<Figures> {
  // As at a first visit of somebody who is signed in: what the browser keeps is emptied before each run, cookies are not.
  const flags = { onlyCategories: ['performance'], logLevel: 'silent' as const };
  const result = await lighthouse(url, flags, config, page as never);
  if (!result) throw new Error(`nothing came of ${url}`);
  return {
    score: Math.round((result.lhr.categories.performance?.score ?? 0) * 100),
    firstPaintMs: valueOf(result, 'first-contentful-paint'),
    largestPaintMs: valueOf(result, 'largest-contentful-paint'),
    blockingMs: valueOf(result, 'total-blocking-time'),
    shift: valueOf(result, 'cumulative-layout-shift'),
    bytes: valueOf(result, 'total-byte-weight'),
    longTasks: itemsOf(result, 'long-tasks'),
  };
}

const median = (values: readonly number[]): number =>
  values.toSorted((a, b) => a - b)[Math.floor(values.length / 2)]!;
const medians = (runs: readonly Figures[]): Figures =>
  Object.fromEntries(
    Object.keys(runs[0]!).map((name) => [name, median(runs.map((run) => run[name as keyof Figures]))]),
  ) as unknown as Figures;

const whole = (value: number): string => (Number.isNaN(value) ? '–' : String(Math.round(value)));
const row = (name: string, f: Figures): string =>
  [
    name.padEnd(34),
    whole(f.score).padStart(5),
    whole(f.firstPaintMs).padStart(9),
    whole(f.largestPaintMs).padStart(9),
    whole(f.blockingMs).padStart(9),
    f.shift.toFixed(3).padStart(7),
    `${Math.round(f.bytes / 1000)} kB`.padStart(9),
    whole(f.longTasks).padStart(6),
  ].join('');

const LOOKS = ['accessibility', 'best-practices'] as const;

/** What a page is for everyone, and for good practice, of 100 each; every audit that costs a point is named. */
async function looked(page: Page, url: string, config: Config | undefined): Promise<readonly string[]> {
  const flags = { onlyCategories: [...LOOKS], logLevel: 'silent' as const };
  const result = await lighthouse(url, flags, config, page as never);
  if (!result) throw new Error(`nothing came of ${url}`);
  const { categories, audits } = result.lhr;
  const lost = LOOKS.flatMap((look) => categories[look]!.auditRefs)
    .filter(({ id, weight }) => weight > 0 && (audits[id]!.score ?? 1) < 1)
    .map(({ id }) => id);
  const scores = LOOKS.map((look) => whole((categories[look]!.score ?? Number.NaN) * 100).padStart(9));
  return [...scores, lost.length > 0 ? `  ${lost.join(', ')}` : ''];
}

const isLook = process.argv.includes('--looks');
const wanted = process.argv.slice(2).filter((word) => word !== '--looks');
// A page with nothing but a sentence, from the same server: the built client lies in a folder that it may be put into.
const plain = join(import.meta.dirname, '../packages/web/dist/plain.html');
writeFileSync(plain, '<!doctype html><html lang="en"><title>Plain</title><p>A plain page.</p></html>');
const { server, mara, close } = await openDemo();

async function onNewPage<T>(does: (page: Page) => Promise<T>): Promise<T> {
  const page = await mara.context.newPage();
  await page.evaluateOnNewDocument(keepNoPages);
  try {
    return await does(page);
  } finally {
    await page.close();
  }
}

async function measure(form: string, config: Config | undefined): Promise<void> {
  console.log(`\n${form.padEnd(34)}score    first  largest blocking  shift    bytes  long`);
  for (const path of ['plain.html', ...(wanted.length > 0 ? wanted : PAGES)]) {
    const runs: Figures[] = [];
    for (let i = 0; i < RUNS; i += 1)
      runs.push(await onNewPage((page) => measured(page, `${server.url}/${path}`, config)));
    console.log(row(path, medians(runs)));
  }
}

async function look(form: string, config: Config | undefined): Promise<void> {
  console.log(`\n${form.padEnd(34)} everyone practice`);
  for (const path of wanted.length > 0 ? wanted : [...PAGES, ...MORE_PAGES]) {
    const said = await onNewPage((page) => looked(page, `${server.url}/${path}`, config));
    console.log(path.padEnd(34) + said.join(''));
  }
}

for (const [form, config] of Object.entries(FORMS)) await (isLook ? look : measure)(form, config);
await close();
rmSync(plain);
