import { describe, expect, test } from 'vitest';
import type { Book } from '../../book/index.ts';
import type { ChangeInput } from '../../changes/index.ts';
import {
  A_MONDAY,
  aChild,
  aCorner,
  after,
  aMaterial,
  anActivity,
  aSupply,
  asTwin,
  inCorner,
  inReserve,
  onDay,
  revised,
  TEST_HOME,
  TEST_UNIT,
  testBook,
} from '../../testing/home.ts';
import { read } from '../answers/read.ts';

const told = (book: Book, rule: string): string[] =>
  read(book, TEST_UNIT, A_MONDAY)
    .headsUps.filter((one) => one.rule === rule)
    .map(({ level, title, detail }) => `${level} ${title} | ${detail}`);

const group = { mode: 'whole-group' as const };
const base = testBook(
  aCorner('a'),
  aChild('bo', '2022-01-01'),
  anActivity('build'),
  anActivity('paint', { ...group, mess: 'messy' }),
  anActivity('print', { ...group, mess: 'messy' }),
  anActivity('sing', group),
  anActivity('yard', { ...group, place: 'outdoors' }),
  anActivity('keep', { ...group, keepsake: true }),
);
const values = (rest: object): ChangeInput => ({
  type: 'house/put-home',
  home: { ...TEST_HOME, values: rest },
});

describe('a day', () => {
  const two = after(base, onDay('p', 'paint', 2), onDay('q', 'print', 2, 'groups'));
  test('has no more messy things than the home wants', () => {
    expect(told(two, 'mess')).toEqual(['note Day 2 has 2 messy things | paint and print; your limit is 1.']);
    expect(told(after(two, values({ messyPerDay: 2 })), 'mess')).toEqual([]);
    expect(told(after(base, onDay('p', 'paint', 2), onDay('q', 'print', 3)), 'mess')).toEqual([]);
  });

  test('has no more planned things than the home wants; what is outdoors does not count', () => {
    const three = after(two, onDay('r', 'sing', 2, 'late'));
    expect(told(three, 'too-much')).toEqual([]);
    const full = after(three, onDay('s', 'sing', 2, 'late'));
    expect(told(full, 'too-much')).toEqual([
      'note Day 2 is full: 4 planned things | paint, print and sing; your limit is 3.',
    ]);
    expect(told(after(three, onDay('s', 'yard', 2, 'late')), 'too-much')).toEqual([]);
  });

  test('is no day for a keepsake while somebody is away', () => {
    const kept = after(base, onDay('k', 'keep', 3));
    expect(told(kept, 'keepsake')).toEqual([]);
    const away = after(kept, {
      type: 'house/put-absence',
      absence: { id: 'x', childId: 'bo', from: '2027-03-10', to: '2027-03-10' },
    });
    expect(told(after(away, aChild('lou', '2022-02-02')), 'keepsake')).toEqual([
      'note keep: not everyone is here | Day 3: bo would lack one.',
    ]);
  });

  test('has no more recorded minutes than the home wants for the age', () => {
    const home = (minutes: number): ChangeInput => ({
      type: 'house/put-home',
      home: {
        ...TEST_HOME,
        recordedLimits: [
          { underMonths: 24, minutes: 0 },
          { underMonths: null, minutes },
        ],
      },
    });
    const film = after(base, anActivity('film', { ...group, recordedMinutes: 10 }), onDay('f', 'film', 2));
    expect(told(after(film, home(10)), 'recorded')).toEqual([]);
    expect(told(after(film, home(9)), 'recorded')).toEqual([
      'note Day 2: more recorded minutes than you want | bo 10 of 9: film.',
    ]);
    // Day 2 is 9 March: two years old on that day is not under two any more, a day younger is.
    const born = (birth: string) => told(after(film, home(10), aChild('ada', birth)), 'recorded').length;
    expect([born('2025-03-09'), born('2025-03-10')]).toEqual([0, 1]);
    const young = after(film, home(10), aChild('ada', '2025-04-01'));
    expect(told(young, 'recorded')).toEqual([
      'note Day 2: more recorded minutes than you want | ada 10 of 0: film.',
    ]);
  });
});

describe('adults', () => {
  const person = (id: string): ChangeInput => ({
    type: 'house/put-person',
    person: { id, name: id, role: 'assistant', work: { '2': ['morning', 'afternoon'] } },
  });
  const tied = after(
    base,
    anActivity('saw', { ...group, adult: 'tied' }),
    anActivity('cook', { ...group, adult: 'tied' }),
    onDay('p', 'saw', 2),
    onDay('q', 'cook', 2),
  );
  test('are as many as the stations that tie one at a time', () => {
    expect(told(after(tied, person('mara')), 'adults-short')).toEqual([
      'stop Day 2: 2 stations, one adult | saw and cook each tie an adult at the same time.',
    ]);
    expect(told(after(tied, person('mara'), person('sol')), 'adults-short')).toEqual([]);
    const later = {
      type: 'unit/move',
      placementId: 'q',
      where: { kind: 'day', day: 2, blockId: 'late' },
    } as const;
    expect(told(after(tied, person('mara'), later), 'adults-short')).toEqual([]);
  });

  test('are not missed before anybody entered work', () => {
    expect(told(tied, 'adults-short')).toEqual([]);
    expect(told(tied, 'ratio')).toEqual([]);
  });

  test("meet the home's own rule at every time of a day", () => {
    const ruled: ChangeInput = {
      type: 'house/put-home',
      home: { ...TEST_HOME, ratio: { bands: [{ fromMonths: 0, perAdult: 1 }], largestGroup: null } },
    };
    const one = after(base, ruled, person('mara'), revised(base, { start: '2027-03-09', dayCount: 1 }));
    expect(told(one, 'ratio')).toEqual([]);
    const both = after(one, aChild('lou', '2022-02-02'));
    expect(told(both, 'ratio')[0]).toMatch(
      /^stop Day 1: your own rule is not met \| \d\d:\d\d to \d\d:\d\d: 2 children, 1 adult; 2 adults by your rule\./,
    );
  });
});

describe('the theme', () => {
  const four = after(
    base,
    inCorner('b', 'build', 'a', 1, 10),
    onDay('s', 'sing', 1),
    onDay('t', 'sing', 2),
    inReserve('u', 'sing'),
  );
  test('forgets no area, once something stands', () => {
    expect(told(base, 'area-forgotten')).toEqual([]);
    expect(told(four, 'area-forgotten')[0]).toMatch(/^note Nothing for language, print, world/);
  });

  test('shows what is featured in several places', () => {
    const featured = after(four, revised(four, { featured: [{ kind: 'letter', value: 'K', span: 'unit' }] }));
    expect(told(featured, 'feature-once')).toEqual(['note letter K hardly turns up | letter K nowhere.']);
    expect(told(after(featured, onDay('k', 'keep', 4)), 'feature-once')).toEqual([
      'note letter K hardly turns up | letter K once: keep.',
    ]);
    expect(told(after(featured, onDay('k', 'keep', 4), onDay('l', 'keep', 5)), 'feature-once')).toEqual([]);
  });

  test('has a partner for each of its things', () => {
    const thing = (name: string, pair: string | null): ChangeInput => ({
      type: 'unit/put-thing',
      thing: { id: name, unitId: TEST_UNIT, name, pair, order: `a${name.charAt(0)}` },
    });
    const lone = after(base, thing('kite', 'reel'));
    expect(told(lone, 'partner')).toEqual([
      'note A partner is missing | reel goes with kite and is missing.',
    ]);
    expect(told(after(lone, thing('reel', 'kite')), 'partner')).toEqual([]);
  });

  test('has a plan for its special event', () => {
    const event = (plan: { start: string; text: string }[]): ChangeInput => ({
      type: 'unit/put-event',
      event: { id: 'e', unitId: TEST_UNIT, title: 'Kite day', when: { kind: 'day', day: 4 }, plan },
    });
    expect(told(after(base, event([])), 'event-without-plan')).toHaveLength(1);
    expect(told(after(base, event([{ start: '10:00', text: 'Fly' }])), 'event-without-plan')).toEqual([]);
  });

  test('reads its books aloud', () => {
    const titled = after(base, {
      type: 'library/put-book',
      book: { id: 'wind', title: 'Picture book about wind', level: 'story' },
    });
    const unread = after(titled, revised(titled, { bookIds: ['wind'] }));
    expect(told(unread, 'book-unread')).toEqual([
      'note Never read: Picture book about wind | Picture book about wind belongs to the unit and stands on no day.',
    ]);
    const line: ChangeInput = {
      type: 'unit/put-line',
      line: { id: 'l', unitId: TEST_UNIT, kind: 'read-aloud', day: 1, bookId: 'wind', order: 'a0' },
    };
    expect(told(after(unread, line), 'book-unread')).toEqual([]);
  });

  test('reads a borrowed book before it goes back', () => {
    const lent = (backBy: string, rest: object = {}): ChangeInput => ({
      type: 'library/put-book',
      book: { id: 'wind', title: 'About wind', level: 'story', backBy, ...rest },
    });
    const line = (day: number | null): ChangeInput => ({
      type: 'unit/put-line',
      line: { id: 'l', unitId: TEST_UNIT, kind: 'read-aloud', day, bookId: 'wind', order: 'a0' },
    });
    // Day 3 is Wednesday 10 March.
    expect(told(after(base, lent('2027-03-10'), line(3)), 'book-back')).toEqual([]);
    expect(
      told(after(base, lent('2027-03-09', { borrowedFrom: 'the library' }), line(3)), 'book-back'),
    ).toEqual([
      'care About wind goes back before it is read | It goes back to the library by Tue 9 March; it is read on Day 3.',
    ]);
    expect(told(after(base, lent('2027-03-17'), line(null)), 'book-back')[0]).toContain('Day 9 and 10');
  });
});

describe('things', () => {
  const needs = after(
    base,
    aSupply('foil'),
    anActivity('wrap', { materials: [aMaterial('foil', 1)] }),
    inCorner('w', 'wrap', 'a', 2, 2),
  );
  test('are in the house', () => {
    expect(told(needs, 'out-of-stock')).toEqual([
      'note None in the house: foil | foil, first needed on Day 2.',
    ]);
    const counted = after(needs, {
      type: 'cupboard/record-stock',
      move: { id: 'm', supplyId: 'foil', kind: 'counted', amount: 50, at: '2027-03-01T10:00:00.000Z' },
    });
    expect(told(counted, 'out-of-stock')).toEqual([]);
  });

  test('that are sets have all their pieces', () => {
    const set = (missing: number, worn = 0): ChangeInput =>
      aSupply('foil', { set: { pieces: [{ name: 'card', count: 8, missing, worn }], waysToPlay: [] } });
    expect(told(after(needs, set(0)), 'pieces-missing')).toEqual([]);
    expect(told(after(needs, set(2)), 'pieces-missing')).toEqual([
      'note Pieces missing: foil | foil: 2 of 8 × card, Day 2.',
    ]);
    expect(told(after(needs, set(0, 3)), 'pieces-missing')).toEqual([
      'note Pieces worn: foil | foil: 3 × card worn, Day 2.',
    ]);
    expect(told(after(needs, set(2, 3)), 'pieces-missing')).toEqual([
      'note Pieces missing or worn: foil | foil: 2 of 8 × card and 3 × card worn, Day 2.',
    ]);
  });

  test('outdoors have something that stands in for them', () => {
    const out = after(base, onDay('y', 'yard', 3));
    expect(told(out, 'no-twin')).toEqual(['note No rain plan: yard | yard, Day 3.']);
    expect(told(after(out, asTwin('z', 'sing', 'y')), 'no-twin')).toEqual([]);
  });
});

test('an idea is asked nothing of the kind', () => {
  const idea = after(base, inCorner('w', 'build', 'a', 1, 10), revised(base, { start: null }));
  expect(read(idea, TEST_UNIT, A_MONDAY).headsUps).toEqual([]);
});
