import { describe, expect, test } from 'vitest';
import type { Book } from '../book/index.ts';
import type { ChangeInput } from '../changes/index.ts';
import { read, type Finding } from '../reading/index.ts';
import {
  A_MONDAY,
  aChild,
  aCorner,
  after,
  aMaterial,
  anActivity,
  aSupply,
  aVersion,
  inCorner,
  onDay,
  revised,
  TEST_UNIT,
  testBook,
} from '../testing/home.ts';
import { mendsFor, takesAway, triedMends, type Mend } from './index.ts';

let count = 0;
const newId = (): string => `new-${(count += 1)}`;
const findingsIn = (book: Book): readonly Finding[] => read(book, TEST_UNIT, A_MONDAY).headsUps;
const mends = (book: Book, finding: Finding): readonly Mend[] =>
  mendsFor(book, TEST_UNIT, finding, A_MONDAY, newId);
const mendsOf = (book: Book, rule: string): string[] =>
  findingsIn(book)
    .filter((one) => one.rule === rule)
    .flatMap((finding) => mends(book, finding).map(({ label }) => label));

const group = { mode: 'whole-group' as const };
const filler = (id: string, kind: string): ChangeInput =>
  aSupply(id, {
    category: 'filler',
    unit: 'mL',
    properties: { loosePart: 'none', filler: kind, foodOnly: 'no', dust: false } as never,
  });

/** A home in which nearly everything is wrong that can be mended by one press. */
const book = testBook(
  aCorner('a'),
  aCorner('b'),
  aChild('kim', '2025-01-01', { name: 'Kim Roe', mouthsThings: true }),
  aChild('tove', '2022-01-20', { allergies: [{ allergen: 'gluten', words: 'coeliac' }] }),
  aChild('ivo', '2026-08-01', { attendance: { '1': ['morning'], '2': ['morning'] } }),
  {
    type: 'house/put-person',
    person: {
      id: 'mara',
      name: 'Mara',
      role: 'provider',
      mayLead: ['water'],
      work: {
        '1': ['morning', 'afternoon'],
        '2': ['morning', 'afternoon'],
        '3': ['morning', 'afternoon'],
        '4': ['morning', 'afternoon'],
        '5': ['morning', 'afternoon'],
      },
    },
  },
  filler('rice', 'fine'),
  filler('crinkle', 'coarse'),
  aSupply('flour', { unit: 'g', allergens: ['wheat'] }),
  aSupply('rice-flour', { unit: 'g' }),
  aSupply('oil', {
    category: 'food',
    unit: 'mL',
    properties: { foodForm: 'soft', filler: 'none', ingredients: [], foodOnly: 'all' },
  }),
  {
    type: 'library/put-recipe',
    recipe: {
      id: 'dough',
      title: 'Dough',
      kind: 'dough',
      ingredients: [{ supplyId: 'flour', amount: 100 }],
      yields: { amount: 100, unit: 'g' },
      minutes: 10,
      swaps: [{ allergen: 'gluten', supplyId: 'flour', insteadId: 'rice-flour' }],
    },
  },
  anActivity('scoop', {
    versions: [aVersion(0, 24), aVersion(24)],
    materials: [aMaterial('rice', 500, { for: { kind: 'all' } })],
  }),
  anActivity('knead', { materials: [aMaterial('flour', 100), aMaterial('oil', 5)] }),
  anActivity('splash', { ...group, water: true, versions: [aVersion(12)] }),
  anActivity('paint', { ...group, mess: 'messy' }),
  anActivity('print', { ...group, mess: 'messy' }),
  anActivity('first', group),
  anActivity('then', { ...group, comesAfter: [{ activityId: 'first', leastDays: 1 }] }),
  anActivity('yard', { ...group, place: 'outdoors' }),
  anActivity('plain'),
  anActivity('mine', { mode: 'bin' }),
  { type: 'library/put-book', book: { id: 'wind', title: 'About wind', level: 'story' } },
  inCorner('p', 'scoop', 'a', 1, 2),
  inCorner('k', 'knead', 'a', 3, 5),
  onDay('w', 'splash', 4),
  onDay('m', 'paint', 5),
  onDay('n', 'print', 5, 'groups'),
  onDay('f', 'first', 6),
  onDay('t', 'then', 6, 'groups'),
  onDay('y', 'yard', 7),
  onDay('z', 'yard', 9, 'late'),
  {
    type: 'unit/put-thing',
    thing: { id: 'kite', unitId: TEST_UNIT, name: 'kite', pair: 'reel', order: 'a0' },
  },
  {
    type: 'unit/put-event',
    event: { id: 'e', unitId: TEST_UNIT, title: 'Kite day', when: { kind: 'day', day: 9 } },
  },
);
const full = after(book, revised(book, { bookIds: ['wind'] }));

describe('every offered mend', () => {
  const offers = findingsIn(full).flatMap((finding) =>
    mends(full, finding).map((mend) => ({ finding, mend })),
  );

  test('is there for the most of what is wrong', () => {
    expect([...new Set(offers.map(({ finding }) => finding.rule))].toSorted()).toEqual([
      'allergen',
      'book-unread',
      'caution',
      'empty-corner',
      'label-unread',
      'left-out',
      'mess',
      'no-twin',
      'order',
      'partner',
      'special-day',
      'water',
    ]);
  });

  test.each(offers.map((offer) => [`${offer.finding.title}: ${offer.mend.label}`, offer] as const))(
    '%s: removes its finding and adds no stop',
    (_, { finding, mend }) => {
      const stops = (base: Book) =>
        findingsIn(base).flatMap(({ key, level }) => (level === 'stop' ? [key] : []));
      const mended = after(full, ...mend.changes);
      expect(findingsIn(mended).map(({ key }) => key)).not.toContain(finding.key);
      const before = new Set(stops(full));
      expect(stops(mended).filter((key) => !before.has(key))).toEqual([]);
    },
  );

  test('changes nothing by being asked for', () => {
    const text = JSON.stringify(full);
    for (const finding of findingsIn(full)) mends(full, finding);
    expect(JSON.stringify(full)).toBe(text);
  });
});

describe('what is offered', () => {
  test('for a fine filler: the larger one, something else for the child, or the reserve', () => {
    expect(mendsOf(full, 'caution')).toEqual([
      'Use crinkle instead',
      'ivo and Kim: something else meanwhile',
      'Put scoop into the reserve',
    ]);
  });

  test('for an allergen: what the recipes say to use instead', () => {
    expect(mendsOf(full, 'allergen')).toEqual(['Use rice-flour instead', 'Put knead into the reserve']);
  });

  test('for water: somebody who may lead it and is there all the time', () => {
    expect(mendsOf(full, 'water')[0]).toBe('Mara stays with it (water)');
    const off = after(full, {
      type: 'house/put-person',
      person: { id: 'mara', name: 'Mara', role: 'provider', mayLead: ['heat'] },
    });
    expect(mendsOf(off, 'water')).not.toContain('Mara stays with it (water)');
  });

  test('for a wrong order: days on which it fits', () => {
    expect(mendsOf(full, 'order')).toContain('Move it to Day 7');
  });

  test('the version that does without the thing', () => {
    const versions = [aVersion(0, null, { id: 'bare' }), aVersion(12, null, { id: 'with-rice' })];
    const materials = [aMaterial('rice', 500, { for: { kind: 'all' }, versionIds: ['with-rice'] })];
    const chosen = after(
      full,
      anActivity('scoop', { versions, materials }),
      { type: 'unit/unplace', placementId: 'p' },
      inCorner('p2', 'scoop', 'b', 1, 2),
    );
    expect(mendsOf(chosen, 'caution')).toContain('Give Kim the version without it');
  });

  test('for water: nobody who has left, may lead something else only, or is not there all the time', () => {
    const sol = (more: object): ChangeInput => ({
      type: 'house/put-person',
      person: { id: 'sol', name: 'Sol', role: 'assistant', mayLead: ['water'], ...more } as never,
    });
    const work = { '4': ['morning', 'afternoon'] };
    const offered = 'Sol stays with it (water)';
    expect(mendsOf(after(full, sol({ work })), 'water')).toContain(offered);
    for (const other of [
      { work, retired: true },
      { work, mayLead: ['heat'] },
      { work: { '3': ['morning'] } },
    ])
      expect(mendsOf(after(full, sol(other)), 'water')).not.toContain(offered);
  });

  test('for too much mess: one of the things, the last one first, and nothing that is pinned', () => {
    expect(mendsOf(full, 'mess')).toEqual(['Put print into the reserve', 'Put paint into the reserve']);
    const pinned = after(full, { type: 'unit/pin', placementId: 'n', pinned: true });
    expect(mendsOf(pinned, 'mess')).toEqual(['Put paint into the reserve']);
  });

  test('for a book that is never read: the first day on which none is read, and nothing where there is none', () => {
    expect(mendsOf(full, 'book-unread')).toEqual(['Read it on Day 1']);
    const line = (day: number): ChangeInput => ({
      type: 'unit/put-line',
      line: { id: `l${day}`, unitId: TEST_UNIT, kind: 'read-aloud', day, words: 'x', order: `a${day}` },
    });
    expect(mendsOf(after(full, line(1), line(2)), 'book-unread')).toEqual(['Read it on Day 3']);
    const others = after(
      full,
      { type: 'library/put-book', book: { id: 'rain', title: 'About rain', level: 'story' } },
      { type: 'library/put-book', book: { id: 'rail', title: 'On the rail', level: 'story', use: 'rail' } },
    );
    const three = after(others, revised(others, { bookIds: ['wind', 'rain', 'rail'] }));
    expect(mendsOf(three, 'book-unread')).toEqual(['Read each on a free day']);
  });

  test('for a partner that is missing: the partner, with who it goes with', () => {
    const [finding] = findingsIn(full).filter(({ rule }) => rule === 'partner');
    expect(mends(full, finding!)).toMatchObject([
      { label: 'Add reel', changes: [{ type: 'unit/put-thing', thing: { name: 'reel', pair: 'kite' } }] },
    ]);
  });

  test('for a special day: its ordinary things into the reserve, and those of no other day', () => {
    const [finding] = findingsIn(full).filter(({ rule }) => rule === 'special-day');
    const [mend] = mends(full, finding!);
    expect(mend?.changes).toEqual([{ type: 'unit/move', placementId: 'z', where: { kind: 'reserve' } }]);
  });

  test('for a wrong order: nothing on days that are over, and nothing for what is pinned', () => {
    const [finding] = findingsIn(full).filter(({ rule }) => rule === 'order');
    const later = mendsFor(full, TEST_UNIT, finding!, '2027-03-18' as never, newId);
    expect(later.map(({ label }) => label)).not.toContain('Move it to Day 7');
    const pinned = after(full, { type: 'unit/pin', placementId: 't', pinned: true });
    // What is pinned stays; what comes first may move.
    expect(mendsOf(pinned, 'order')).toEqual([
      'Move first to Day 5',
      'Move first to Day 4',
      'Put then into the reserve',
    ]);
  });

  test('nothing for what only somebody can decide', () => {
    expect(mendsOf(full, 'area-forgotten')).toEqual([]);
  });
});

describe('what a way out costs', () => {
  const changes = (...list: readonly object[]): Mend => ({
    label: '',
    changes: list as readonly ChangeInput[],
  });

  test('takes something away, or not', () => {
    expect(takesAway(changes({ type: 'unit/unplace', placementId: 'p' }))).toBe(true);
    expect(takesAway(changes({ type: 'unit/move', placementId: 'p', where: { kind: 'reserve' } }))).toBe(
      true,
    );
    const forNobody = { type: 'unit/choose-version', placementId: 'p', childId: 'kim', versionId: null };
    expect(takesAway(changes(forNobody))).toBe(true);
    expect(takesAway(changes({ ...forNobody, versionId: 'early' }))).toBe(false);
    expect(takesAway(changes({ type: 'unit/move', placementId: 'p', where: { kind: 'day', day: 2 } }))).toBe(
      false,
    );
  });

  test('each try says what came of it, and what works is what is offered', () => {
    const finding = findingsIn(book).find(({ level }) => level === 'stop')!;
    const tried = [...triedMends(book, TEST_UNIT, finding, A_MONDAY, newId)];
    expect(tried.length).toBeGreaterThan(0);
    const labels = (list: readonly (Mend | null)[]) => list.flatMap((mend) => mend?.label ?? []);
    expect(labels(tried)).toEqual(labels(mends(book, finding)));
  });
});
