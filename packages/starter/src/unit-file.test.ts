// A unit that is given away: nothing of the home goes along, and another home plans with it.
import {
  bookOf,
  givenBySchema,
  EMPTY_BOOK,
  HOME_ID,
  KINDS,
  kindOf,
  plainDay,
  read,
  readUnitFile,
  startFromReady,
  takeInUnit,
  UNIT_FILE_KINDS,
  unitFileOf,
  type Book,
  type Entity,
  type Kind,
  type UnitId,
} from '@kobby/core';
import { describe, expect, test } from 'vitest';
import { DEMO_TODAY, STARTER_RULES, starterChanges } from './index.ts';
import { after, demo, newId } from './testing/demo-home.ts';

const KITES = 'unit-kites' as UnitId;
const GIVEN = { from: 'A home with a small yard', licence: 'Use it as you like.' };

const otherHome = (): Book =>
  after(EMPTY_BOOK, [
    {
      type: 'house/put-home',
      home: { id: HOME_ID, name: 'Elder Yard', zone: 'Europe/Vienna', ...STARTER_RULES } as never,
    },
    { type: 'house/put-person', person: { id: 'wren', name: 'Wren', role: 'provider' } as never },
    ...starterChanges(),
  ]);

const SLUG = /^[a-z0-9:._-]*$/;
function marked(value: unknown, mark: string): unknown {
  if (typeof value === 'string') return SLUG.test(value) || /^\d/.test(value) ? value : `${value} ${mark}`;
  if (typeof value !== 'object' || value === null) return value;
  if (Array.isArray(value)) return value.map((one) => marked(one, mark));
  return Object.fromEntries(Object.entries(value).map(([key, inner]) => [key, marked(inner, mark)]));
}

/** An entity with a mark in each of its texts that the schema lets be longer; a field at a time where not all do. */
function withMark(kind: Kind, entity: Entity, mark: string, fields = Object.keys(entity)): Entity {
  const { schema } = kindOf(kind);
  return fields.reduce<Entity>((one, field) => {
    const value = (entity as unknown as Record<string, unknown>)[field];
    const next = schema.safeParse({ ...one, [field]: marked(value, mark) });
    return next.success ? (next.data as Entity) : one;
  }, entity);
}

describe('the file of a unit', () => {
  const MARK = 'PRIVATEMARK';
  // Of what goes along, the fields that are the home's own business; of everything else, all.
  const OWN: { readonly [K in Kind]?: readonly string[] } = {
    supplies: ['keptIn', 'gotFrom', 'packs', 'notes', 'broken', 'lowMark'],
    bookTitles: ['keptIn', 'borrowedFrom', 'notes'],
    sheets: ['notes'],
    songs: ['notes'],
    recipes: ['notes'],
    ...{ activities: [], placements: [], units: [], things: [], dayLines: [], events: [], readyUnits: [] },
    circlePieces: [],
  };

  test('has no text of what stays at home in it, wherever it stands', () => {
    const book = bookOf(
      Object.fromEntries(
        KINDS.map((kind) => [
          kind,
          Object.fromEntries(
            Object.entries(demo[kind]).map(([id, entity]) => [
              id,
              withMark(kind, entity as Entity, MARK, OWN[kind] as string[] | undefined),
            ]),
          ),
        ]),
      ),
    );
    expect(JSON.stringify([book.children, book.notes, book.records, book.supplies])).toContain(MARK);
    const text = JSON.stringify(unitFileOf(book, KITES, GIVEN));
    expect(text).not.toContain(MARK);
    for (const { id, name, shownAs } of Object.values(demo.children))
      for (const word of [id, name, shownAs])
        expect([word, new RegExp(`\\b${word}\\b`).test(text)]).toEqual([word, false]);
    expect(text).not.toMatch(/"(?:price|packs":\[\{|shop|personId|childId)/);
  });

  test('takes names from the texts that do go along', () => {
    const [child] = Object.values(demo.children);
    const thing = Object.values(demo.things).find(({ unitId }) => unitId === KITES)!;
    const about = `As ${child!.name} likes it; ${child!.shownAs.toUpperCase()} and Mara at Low Shelf House.`;
    const book = bookOf({
      ...demo,
      units: { ...demo.units, [KITES]: { ...demo.units[KITES]!, about } },
      things: { ...demo.things, [thing.id]: { ...thing, name: `Kite of ${child!.shownAs}` } },
    });
    const { unit } = unitFileOf(book, KITES, GIVEN);
    expect(unit.about).toMatch(/^As a child likes it; a child and (?:somebody|Mara) at a home\.$/);
    expect(unit.things.map(({ name }) => name)).toContain('Kite of a child');
  });

  test('is made also where what stands for a name does not fit, and of what a giver may say', () => {
    const [child] = Object.values(demo.children);
    const title = `${child!.shownAs} ${'k'.repeat(115)}`.slice(0, 120);
    const book = bookOf({ ...demo, units: { ...demo.units, [KITES]: { ...demo.units[KITES]!, title } } });
    expect(unitFileOf(book, KITES, GIVEN).unit.title).toMatch(/^– k+$/);
    expect(givenBySchema.safeParse({ from: '', licence: '' }).success).toBe(true);
    expect(givenBySchema.safeParse({ from: 'a < b', licence: '' }).success).toBe(false);
    expect(givenBySchema.safeParse({ from: 'k'.repeat(121), licence: '' }).success).toBe(false);
  });

  test.each(Object.keys(demo.units).filter((id) => demo.units[id]!.dayCount > 0))(
    '%s comes back as it went out and plans in another home',
    (unitId) => {
      const file = unitFileOf(demo, unitId as UnitId, GIVEN);
      const again = readUnitFile(JSON.stringify(file));
      expect(again).toEqual({ ok: true, file });
      const home = otherHome();
      const taken = takeInUnit(file, home, plainDay('2027-04-01'), newId);
      const book = after(home, taken.changes);
      // What the house has is its own: nothing of it became another, and no name stands twice.
      for (const kind of UNIT_FILE_KINDS)
        for (const [id, entity] of Object.entries(home[kind])) expect(book[kind][id]).toBe(entity);
      const names = Object.values(book.supplies).map(({ name, unit }) => `${name} ${unit}`.toLowerCase());
      const before = Object.values(home.supplies).map(({ name, unit }) => `${name} ${unit}`.toLowerCase());
      expect(names.length - new Set(names).size).toBe(before.length - new Set(before).size);
      const unit = {
        id: 'planned',
        start: '2027-04-12',
        dayCount: file.unit.dayCount,
        title: file.unit.title,
        style: file.unit.style,
      };
      const begun = startFromReady(book.readyUnits[taken.readyUnitId]!, book, unit as never, newId);
      expect(begun.left).toEqual([]);
      const planned = after(book, begun.changes);
      const sung = (from: Book, of: string) =>
        Object.values(from.circlePieces)
          .filter((piece) => piece.unitId === of)
          .toSorted((a, b) => (a.order < b.order ? -1 : 1))
          .map(({ kind, day, notOn, insteadOf, songId, words, moment, minutes, pinned }) => ({
            ...{ kind, day, notOn, moment, minutes, pinned, words },
            song: songId && from.songs[songId]?.title,
            instead: insteadOf && from.circlePieces[insteadOf]?.kind,
          }));
      expect(sung(planned, 'planned')).toEqual(sung(demo, unitId));
      const reading = read(planned, 'planned' as UnitId, plainDay('2027-04-01'));
      expect(Object.keys(planned.placements)).toHaveLength(file.unit.placements.length);
      expect(JSON.stringify(reading.supplies).length).toBeGreaterThan(1);
      // Taken in once more, all of it is here already.
      const twice = takeInUnit(file, book, plainDay('2027-04-01'), newId);
      expect(twice.entries.filter(({ as }) => as === 'new')).toEqual([]);
    },
  );

  test('says what the house lacks, and what is its own', () => {
    const file = unitFileOf(demo, KITES, GIVEN);
    const { entries, lacks } = takeInUnit(file, demo, DEMO_TODAY, newId);
    expect(entries.every(({ as, kind }) => as === 'own' || kind === 'activities')).toBe(true);
    expect(lacks.length).toBeLessThan(file.entries.supplies.length);
    const empty = takeInUnit(file, otherHome(), DEMO_TODAY, newId);
    const made = new Set(file.entries.recipes.map(({ makesId }) => makesId));
    const wanted = file.entries.supplies.filter(({ id, got }) => got !== 'tap' && !made.has(id));
    expect(empty.lacks.toSorted()).toEqual(wanted.map(({ name }) => name).toSorted());
    expect(empty.lacks).not.toContain('Water');
  });

  test.each([
    ['not json', 'cannot be read as JSON'],
    ['{}', 'This is not the file of a unit.'],
    ['null', 'This is not the file of a unit.'],
    [JSON.stringify({ format: 'kobby-unit', version: 1, from: '<b>' }), 'from: '],
    [JSON.stringify({ format: 'kobby-unit', version: 99 }), 'A newer Kobby'],
  ])('%.20s is refused with a sentence', (text, why) => {
    expect(readUnitFile(text)).toEqual({ ok: false, why: expect.stringContaining(why) as string });
  });

  test('that refers to what is not in it is refused', () => {
    const file = unitFileOf(demo, KITES, GIVEN);
    const [, ...supplies] = file.entries.supplies;
    const told = readUnitFile(JSON.stringify({ ...file, entries: { ...file.entries, supplies } }));
    expect(told).toEqual({
      ok: false,
      why: expect.stringMatching(/refers to supplies \S+, which is not in it/) as string,
    });
  });
});
