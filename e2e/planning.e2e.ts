// Planning a unit, from an empty shelf to ten filled days with every corner, trays and balance: by mouse, by keyboard
// alone, and by touch. All three end in the same unit.
import type { Browser } from 'puppeteer-core';
import { afterAll, beforeAll, describe, expect, test } from 'vitest';
import { LAPTOP, openBrowser, TABLET, Visitor } from './support/browser.ts';
import { KeyboardPlanner, mousePlanner, touchPlanner, type Planner } from './support/planner.ts';
import { startServer, temporaryFolder, type RunningServer } from './support/server.ts';

const folder = temporaryFolder();
let server: RunningServer;
let browser: Browser;
let closeBrowser: () => Promise<void>;

beforeAll(async () => {
  server = await startServer(folder.path, ['--demo']);
  ({ browser, close: closeBrowser } = await openBrowser());
});

afterAll(async () => {
  await closeBrowser?.();
  await server?.stop();
  folder.remove();
});

async function arrive(viewport: typeof LAPTOP): Promise<Visitor> {
  const visitor = await Visitor.arrive(browser, viewport);
  await visitor.go(server.url);
  await visitor.fill('passPhrase', 'three blue kites');
  await visitor.strike('Enter');
  await visitor.sees('Wind and Kites');
  return visitor;
}

const CORNERS: readonly (readonly [string, string, string])[] = [
  ['blocks', 'Blocks', 'Ramp and fan run'],
  ['pretend-play', 'Pretend play', 'Kite repair counter'],
  ['sensory-bin', 'Sensory bin', 'Ribbon breeze bin'],
  ['writing', 'Writing', 'Gust lines'],
  ['light-table', 'Light table', 'Sky panels'],
  ['dough', 'Dough', 'Weather dough, cooked'],
  ['science', 'Science', 'What does wind lift?'],
  ['music', 'Music', 'Ribbon-stick dance'],
  ['easel', 'Easel', 'Straw-blown trails'],
  ['books', 'Books', 'Six on the rail'],
  ['table-trays', 'Table trays', 'Tails of one to six'],
  ['floor-games', 'Floor games', 'Fly to the colour'],
  ['felt-board', 'Felt board', 'The runaway kite'],
  ['outdoors', 'Outdoors', 'Bubble wind'],
];
const DAYS = [
  'Paper windsocks',
  'A wash of sky',
  'Lace a tail',
  'Kite corners',
  'Pinwheels',
  'Kite keepsake',
  'Roll and count',
  'Feather hunt',
  'Parachute in the hall',
  'Shell boats in a breeze',
];

async function planAll(planner: Planner, visitor: Visitor): Promise<void> {
  await planner.startUnit('Wind again', '2027-04-12');
  for (const [kind, name, title] of CORNERS) await planner.intoCorner(title, kind, name);
  for (const [i, title] of DAYS.entries()) await planner.ontoDay(title, i + 1);
  await planner.page('Days');
  await planner.moveTo('Pinwheels', 5, 7);
  await planner.moveTo('Roll and count', 7, 5);
  await planner.page('Trays');
  await planner.intoBin('Clip as many', 'Bo Marsh', { things: 'kites', thing: 'kite' });
  await planner.chooseVersion('Tails of one to six', 'Juno Hale', 'number', 2);
  await planner.hopeFor('By school subject', 'Literacy', 7);
  await visitor.kept();
}

/** The unit as it is kept, by what it says: ids, versions and order keys are made anew for each. */
async function plannedUnit(visitor: Visitor): Promise<unknown> {
  const unitId = /units\/([^/]+)/.exec(visitor.page.url())![1]!;
  const { book } = (await visitor.page.evaluate(async () => (await fetch('/api/book')).json())) as {
    book: Record<string, Record<string, Record<string, unknown>>>;
  };
  const bare = ({ id: _, version: __, unitId: ___, order: ____, ...rest }: Record<string, unknown>) => rest;
  const of = (kind: string) =>
    Object.values(book[kind]!)
      .filter((entity) => entity.unitId === unitId)
      .map(bare)
      .map((entity) => JSON.stringify(entity))
      .toSorted()
      .map((text): unknown => JSON.parse(text));
  return {
    unit: bare(book.units![unitId]!),
    placements: of('placements'),
    lines: of('dayLines'),
    omissions: of('omissions'),
    events: of('events'),
    things: of('things'),
  };
}

describe('a unit is planned from nothing', () => {
  const units: unknown[] = [];

  test('by mouse', async () => {
    const visitor = await arrive(LAPTOP);
    await planAll(mousePlanner(visitor), visitor);
    units.push(await plannedUnit(visitor));
    expect(visitor.errors).toEqual([]);
  });

  test('by keyboard alone', async () => {
    const visitor = await arrive(LAPTOP);
    await planAll(new KeyboardPlanner(visitor), visitor);
    units.push(await plannedUnit(visitor));
    expect(visitor.errors).toEqual([]);
  });

  test('by touch', async () => {
    const visitor = await arrive(TABLET);
    await planAll(touchPlanner(visitor), visitor);
    units.push(await plannedUnit(visitor));
    expect(visitor.errors).toEqual([]);
  });

  test('and it is the same unit each time', () => {
    const [first, ...others] = units as { placements: { choices: unknown[] }[] }[];
    expect(units).toHaveLength(3);
    expect(first!.placements).toHaveLength(CORNERS.length + DAYS.length + 1);
    expect(first!.placements.filter(({ choices }) => choices.length > 0)).toHaveLength(1);
    for (const other of others) expect(other).toEqual(first);
  });
});
