import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import {
  ageInMonths,
  applyGesture,
  CAUTION_LINE,
  EMPTY_BOOK,
  gestureSchema,
  read,
  type Book,
  type UnitId,
} from '@kobby/core';
import { describe, expect, test } from 'vitest';
import { STARTER_ACTIVITIES } from './activities.ts';
import { demoGestures, DEMO_TODAY } from './index.ts';
import { STARTER_SUPPLIES } from './supplies.ts';

const demoBook = (): Book =>
  demoGestures().reduce<Book>((book, changes, i) => {
    const gesture = gestureSchema.parse({ id: `demo-gesture-${i}`, at: '2027-03-05T18:00:00.000Z', changes });
    const outcome = applyGesture(book, gesture, { kind: 'person', id: 'kobby', name: 'Kobby' });
    if (outcome.outcome !== 'kept') throw new Error(JSON.stringify(outcome));
    return outcome.book;
  }, EMPTY_BOOK);

describe('the demo home', () => {
  const book = demoBook();
  const kites = read(book, 'unit-kites' as UnitId, DEMO_TODAY);

  test('is on Day 4 of ten, with Monday 15 closed', () => {
    expect(kites.frame.calendar.days.find((day) => day.date === DEMO_TODAY)?.number).toBe(4);
    expect(kites.frame.calendar.days[5]?.date).toBe('2027-03-16');
    expect(kites.frame.calendar.skipped).toEqual([{ date: '2027-03-15', why: 'Spring cleaning day' }]);
  });

  test('has seven children from nine months to six years and fourteen corners', () => {
    const ages = Object.values(book.children).map((child) => ageInMonths(child.birth, DEMO_TODAY));
    expect([ages.length, Math.min(...ages), Math.max(...ages)]).toEqual([7, 9, 72]);
    expect(Object.keys(book.corners)).toHaveLength(14);
  });

  test('has something to buy, something on the shelf, and heads-ups of its own', () => {
    expect(kites.supplies.filter((line) => line.buy.amount > 0).map((line) => line.supply.id)).toEqual([
      'bubble-mix',
      'paper-straws',
      'small-trays',
      'wooden-dowels',
    ]);
    expect(kites.headsUps.map((finding) => finding.title)).toEqual([
      'Gluten and Tove Lind',
      'Tree nuts and Noor Vale',
      'Music is empty',
    ]);
  });
});

describe('the starter library', () => {
  test.each(STARTER_ACTIVITIES.map((activity) => [activity.id, activity] as const))(
    '%s has three versions in which children do different things, and only known supplies',
    (_, { versions, materials }) => {
      expect(new Set(versions.map(([, , does]) => does)).size).toBeGreaterThanOrEqual(3);
      const supplies = new Set(STARTER_SUPPLIES.map((supply) => supply.id));
      for (const [supplyId] of materials) expect(supplies).toContain(supplyId);
    },
  );
});

test("the product's own voice never certifies", () => {
  const packages = join(import.meta.dirname, '../..');
  const sources = readdirSync(packages, { recursive: true, encoding: 'utf8' }).filter(
    (name) => /src\/.*\.(ts|vue|css|html)$/.test(name) && !/\.test\.ts$|node_modules|dist\//.test(name),
  );
  expect(sources.length).toBeGreaterThan(60);
  for (const name of sources) {
    const text = readFileSync(join(packages, name), 'utf8').replaceAll(/\bsafe(Parse|ty)\w*/gi, '');
    expect([name, /\b(safe|compliant|taste-safe)\b/i.exec(text)?.[0]]).toEqual([name, undefined]);
  }
  expect(CAUTION_LINE).toContain('does not certify');
});
