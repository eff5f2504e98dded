// What others see: no full name of a child reaches a link, paper or a calendar, in whatever text it stands.
import {
  bookOf,
  composeNoteHome,
  eventEntries,
  forOthers,
  KINDS,
  kindOf,
  preparationEntries,
  PRINTED,
  printedPages,
  project,
  read,
  type Book,
  type Entity,
  type PrintedId,
  type Share,
  type UnitId,
} from '@kobby/core';
import { describe, expect, test } from 'vitest';
import { DEMO_TODAY } from './index.ts';
import { demo } from './testing/demo-home.ts';

const child = Object.values(demo.children)[2]!;
const SLUG = /^[a-z0-9:._-]*$/;
// Written as hands write: another case, two spaces.
const WAYS = [child.name, child.name.toUpperCase(), child.name.replace(' ', '  ')];

/** A value with a full name before each of its texts. */
function named(value: unknown, way: string): unknown {
  if (typeof value === 'string') return SLUG.test(value) || /^\d/.test(value) ? value : `${way}: ${value}`;
  if (typeof value !== 'object' || value === null) return value;
  if (Array.isArray(value)) return value.map((one) => named(one, way));
  return Object.fromEntries(Object.entries(value).map(([key, inner]) => [key, named(inner, way)]));
}

// Wherever the schema takes it: a field that is too short for it, or is no free text, stays.
function planted(entity: Entity, kind: (typeof KINDS)[number], way: string): Entity {
  const schema = kindOf(kind).schema;
  const whole = schema.safeParse(named(entity, way));
  if (whole.success) return whole.data as Entity;
  return Object.entries(entity).reduce<Entity>((one, [key, value]) => {
    const next = schema.safeParse({ ...one, [key]: named(value, way) });
    return next.success ? (next.data as Entity) : one;
  }, entity);
}

const full = (way: string): Book =>
  bookOf(
    Object.fromEntries(
      KINDS.map((kind) => [
        kind,
        Object.fromEntries(
          Object.entries(demo[kind]).map(([id, entity]) => [
            id,
            kind === 'children' ? entity : planted(entity as Entity, kind, way),
          ]),
        ),
      ]),
    ),
  );

const hasName = (value: unknown): boolean =>
  new RegExp(child.name.replace(' ', String.raw`\s+`), 'i').test(JSON.stringify(value));

describe('with the full name of a child in every text of the home', () => {
  test.each(WAYS)('%s reaches no link, no paper, no calendar and no note home', (way) => {
    const book = full(way);
    const unitId = 'unit-kites' as UnitId;
    expect(hasName(read(book, unitId, DEMO_TODAY).frame.unit)).toBe(true);
    const share = {
      ...{ id: 'link', version: 1, unitId, label: 'Sol', fromDay: 1, toDay: 10, lastDate: null },
      ...{ personId: null, scope: 'all', locked: false, revokedAt: null },
    } as unknown as Share;
    const view = project(book, share, DEMO_TODAY);
    expect(JSON.stringify(view)).toContain(child.shownAs);
    expect(hasName(view)).toBe(false);
    for (const id of Object.keys(PRINTED) as PrintedId[])
      for (const day of [1, 4, 5])
        expect([id, day, hasName(printedPages(id, book, { unitId, day, today: DEMO_TODAY }))]).toEqual([
          id,
          day,
          false,
        ]);
    const reading = read(forOthers(book), unitId, DEMO_TODAY);
    expect(hasName([eventEntries(reading), preparationEntries(reading)])).toBe(false);
    expect(hasName(composeNoteHome(forOthers(book), reading, DEMO_TODAY))).toBe(false);
  });

  test('who is called otherwise from now on is, everywhere', () => {
    const book = full(child.name);
    expect(forOthers(book).units['unit-kites' as UnitId]!.title).toContain(child.shownAs);
    const children = { ...book.children, [child.id]: { ...child, shownAs: 'N. V.' } };
    expect(forOthers(bookOf({ ...book, children })).units['unit-kites' as UnitId]!.title).toMatch(
      /^N\. V\.: /,
    );
  });

  test('what holds none of them is the same object, and a home that shows full names the same book', () => {
    const shown = forOthers(demo);
    expect(shown.supplies).toBe(demo.supplies);
    expect(forOthers(demo)).toBe(shown);
    const children = Object.fromEntries(
      Object.entries(demo.children).map(([id, one]) => [id, { ...one, shownAs: one.name }]),
    );
    const open = bookOf({ ...demo, children });
    expect(forOthers(open)).toBe(open);
  });
});
