import { describe, expect, test } from 'vitest';
import { EMPTY_BOOK, KINDS, referencesOf, type Book, type Entity, type Kind } from '../book/index.ts';
import { applyGesture } from './apply.ts';
import type { Change } from './change.ts';
import { anyEntity } from '../testing/entities.ts';
import { seeded } from '../testing/problems.ts';
import {
  after,
  aChild,
  aCorner,
  anActivity,
  attempt,
  gesture,
  inCorner,
  MARA,
  TEST_HOME,
  testBook,
} from '../testing/home.ts';

// Lines of the ledger, ticks, notes and timers: whoever comes second finds the same result.
const COMMUTES: ReadonlySet<Kind> = new Set([
  'ticks',
  'stockMoves',
  'pickups',
  'prepMarks',
  'arrivals',
  'notes',
  'keepsakes',
  'timers',
]);

const AT = '2027-03-08T12:00:00.000Z';

/** A book in which an entity stands, and something for all that it refers to. */
function bookAround(kind: Kind, entity: Entity): Book {
  const tables: Record<string, Record<string, unknown>> = { [kind]: { [entity.id]: entity } };
  const wanted = [...referencesOf(kind, entity as never), ...referencesOf(kind, another(entity) as never)];
  for (const { target } of wanted)
    (tables[target.kind] ??= {})[target.id] ??= { id: target.id, version: 1, groups: [], choices: [] };
  const stands = 'blockId' in entity ? entity : 'where' in entity ? entity.where : {};
  const blockId = 'blockId' in stands ? stands.blockId : 'x';
  const home = {
    ...testBook().homes.home!,
    blocks: [...TEST_HOME.blocks, { ...TEST_HOME.blocks[0]!, id: blockId }],
  };
  return { ...EMPTY_BOOK, homes: { home }, ...tables } as unknown as Book;
}

const WORDS = ['name', 'title', 'why', 'text', 'label', 'by', 'note', 'words', 'subject'];

/** The same with something about it that is not the same. */
const another = (entity: Entity): Entity =>
  Object.fromEntries(
    Object.entries(entity).map(([name, value]) => {
      if (typeof value === 'boolean') return [name, !value];
      return [name, name === 'day' ? Number(value) + 1 : WORDS.includes(name) ? `${value} too` : value];
    }),
  ) as unknown as Entity;

/** What becomes of it when somebody puts it otherwise who saw another version of it, or this one. */
function putOver(kind: Kind, seen: 'this' | 'another'): string {
  const entity = { ...anyEntity(kind, seeded(5)), version: 3 } as Entity;
  const to = isSame(another(entity), entity) ? null : another(entity);
  const change = { type: 'book/restore', entities: [{ kind, id: entity.id, to }] } as unknown as Change;
  const bases = { [`${kind}/${entity.id}`]: seen === 'this' ? 3 : 2 };
  const made = { id: 'gesture-of-somebody', at: AT, changes: [change], bases };
  return applyGesture(bookAround(kind, entity), made as never, MARA).outcome;
}

const isSame = (a: Entity, b: Entity): boolean => JSON.stringify(a) === JSON.stringify(b);

describe('what two people change at the same time', () => {
  test('clashes, save for what commutes', () => {
    const timer = (label: string) => ({
      type: 'kitchen/start-timer' as const,
      timer: { id: 't', label, startedAt: AT, endsAt: '2027-03-08T12:10:00.000Z' },
    });
    const book = after(testBook(aCorner('a')), timer('Dough'));
    // Nobody saw what is there: no versions are given.
    const stop = { type: 'book/drop', kind: 'timers', id: 't' } as const;
    expect(applyGesture(book, gesture([stop]), MARA).outcome).toBe('kept');
    expect(applyGesture(book, gesture([aCorner('a', { places: 3 })]), MARA).outcome).toBe('clash');
    expect(applyGesture(book, gesture([aCorner('b')]), MARA).outcome).toBe('kept');
  });

  test.each(KINDS)('%s', (kind) => {
    expect([kind, putOver(kind, 'this')]).toEqual([kind, 'kept']);
    expect([kind, putOver(kind, 'another')]).toEqual([kind, COMMUTES.has(kind) ? 'kept' : 'clash']);
  });
});

describe('what is brought back', () => {
  test('carries a version two higher than it had: the dropping counts as one', () => {
    const placed = testBook(
      aCorner('a'),
      aChild('bo', '2022-01-01'),
      anActivity('build'),
      inCorner('p', 'build', 'a', 1, 2),
    );
    const moved = after(placed, { type: 'unit/pin', placementId: 'p', pinned: true });
    expect(moved.placements.p?.version).toBe(2);
    const dropped = attempt(moved, [{ type: 'unit/unplace', placementId: 'p' }]);
    if (dropped.outcome !== 'kept') throw new Error('it was not dropped');
    const back = applyGesture(
      dropped.book,
      { ...gesture([aCorner('a')]), changes: [dropped.inverse!] },
      MARA,
    );
    expect(back.outcome === 'kept' && back.book.placements.p?.version).toBe(4);
    // Whoever still has the second version in hand is told.
    if (back.outcome !== 'kept') throw new Error('it was not brought back');
    const late = gesture([{ type: 'unit/pin', placementId: 'p', pinned: false }], {
      bases: { 'placements/p': 2 },
    });
    expect(applyGesture(back.book, late, MARA).outcome).toBe('clash');
  });
});
