import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { homeOf, type Book } from '../../book/index.ts';
import { headingsFor, LENSES, type LensId } from '../../skills/index.ts';
import {
  aChild,
  aCorner,
  after,
  anActivity,
  aVersion,
  A_MONDAY,
  inCorner,
  onDay,
  revised,
  TEST_HOME,
  TEST_UNIT,
  testBook,
} from '../../testing/home.ts';
import { sessionsOf } from '../plan/plan.ts';
import { read } from '../answers/read.ts';
import { lensFor, targetFor } from './balance.ts';

const book = testBook(
  aChild('noor', '2024-06-01'),
  aChild('bo', '2022-01-01', { attendance: { '1': ['morning'], '3': ['morning'] } }),
  aCorner('a'),
  aCorner('b', { expected: false }),
  anActivity('count', { skills: ['counting', 'pouring-and-scooping'], versions: [aVersion(36)] }),
  anActivity('sing', { skills: ['singing'] }),
);
const balance = (base: Book, lens: LensId) => read(base, TEST_UNIT, A_MONDAY).balance(lens);
const row = (base: Book, lens: LensId, id: string) => balance(base, lens).rows.find((one) => one.id === id)!;

test('counts what is out, by heading, day and child', () => {
  const planned = after(book, inCorner('p', 'count', 'a', 1, 3), onDay('q', 'sing', 2));
  expect(row(planned, 'subjects', 'mathematics')).toMatchObject({
    total: 1,
    byDay: [1, 1, 1, 0, 0, 0, 0, 0, 0, 0],
    // Noor is too young for it, Bo comes on Monday and Wednesday.
    byChild: [0, 2],
  });
  expect(row(planned, 'subjects', 'life-skills').total).toBe(1);
  expect(row(planned, 'individual-work', 'practical-life').total).toBe(1);
  expect(row(planned, 'subjects', 'music-and-movement').byChild).toEqual([1, 0]);
  expect(balance(planned, 'subjects').children.map(({ id }) => id)).toEqual(['noor', 'bo']);
  expect(balance(planned, 'subjects').comes).toEqual([10, 4]);
});

test('by corners it counts the places, and hopes for one thing where the home expects it', () => {
  const planned = after(book, inCorner('p', 'count', 'a', 1, 3));
  expect(
    balance(planned, 'corners').rows.map(({ id, total, target, isThin }) => [id, total, target, isThin]),
  ).toEqual([
    ['a', 1, 1, false],
    ['b', 0, 0, false],
  ]);
});

test('what is hoped for comes from the unit, else the home, else the style', () => {
  const unit = book.units[TEST_UNIT]!;
  expect(targetFor(unit, 'subjects', 'art', undefined)).toBe(2);
  expect(targetFor({ ...unit, style: 'letter' }, 'subjects', 'art', undefined)).toBe(1);
  expect(targetFor({ ...unit, style: 'passion' }, 'subjects', 'art', 3)).toBe(4);
  expect(targetFor({ ...unit, style: 'letter' }, 'subjects', 'art', 3)).toBe(1);
  expect(targetFor({ ...unit, targets: { 'subjects/art': 0 } }, 'subjects', 'art', 3)).toBe(0);
  const own = after(book, revised(book, { targets: { 'subjects/art': 7 } }));
  expect(row(own, 'subjects', 'art').target).toBe(7);
});

test('is looked at first as the style says, else as the home does', () => {
  const lens = (base: Book) => lensFor(read(base, TEST_UNIT, A_MONDAY).frame);
  const home = after(book, { type: 'house/put-home', home: { ...TEST_HOME, lens: 'development' } });
  expect(lens(home)).toBe('development');
  expect(lens(after(home, revised(home, { style: 'letter' })))).toBe('subjects');
});

test('is told in words: what is thin, and who finds nothing under a heading', () => {
  const planned = after(
    book,
    inCorner('p', 'count', 'a', 1, 3),
    onDay('q', 'sing', 2),
    onDay('r', 'sing', 3),
  );
  expect(balance(planned, 'development').text).toBe(
    'Thin: Physical 1 of 2, Language 0 of 2, Thinking 1 of 2 and Social and emotional 0 of 2. Nothing fitting under a heading for noor: Physical, Language, Thinking and Social and emotional; bo: Language and Social and emotional.',
  );
});

test('says what runs by itself, what ties an adult, and how what is made is made', () => {
  const runs = (...changes: Parameters<typeof after>[1][]): string =>
    read(after(book, ...changes), TEST_UNIT, A_MONDAY).balance('development').runs;
  expect(read(book, TEST_UNIT, A_MONDAY).balance('development').runs).toBe('');
  const many = [
    anActivity('lids', { adult: 'alone', selfChecking: true }),
    anActivity('copy', { adult: 'tied', craft: 'model' }),
    anActivity('free', { craft: 'own-way' }),
  ];
  const placed = ['lids', 'copy', 'free', 'sing'].map((id, i) => onDay(id, id, i + 1));
  expect(runs(...many, ...placed, onDay('again', 'copy', 6))).toBe(
    "Of 5: 1 runs by itself, 2 tie an adult, 1 shows by itself whether it is right, 2 copy a model and 1 is made in the child's own way.",
  );
});

describe('any lens', () => {
  const lenses = Object.keys(LENSES) as LensId[];
  test('agrees with counting everything again, placement by placement', () => {
    const act = fc.tuple(fc.boolean(), fc.integer({ min: 1, max: 12 }), fc.nat({ max: 4 }));
    fc.assert(
      fc.property(fc.array(act, { maxLength: 12 }), fc.constantFrom(...lenses), (acts, lens) => {
        const planned = acts.reduce(
          (base, [inCornerToo, day, more], i) =>
            after(
              base,
              inCornerToo ? inCorner(`p${i}`, 'count', 'a', day, day + more) : onDay(`p${i}`, 'sing', day),
            ),
          book,
        );
        const { frame, placements } = read(planned, TEST_UNIT, A_MONDAY);
        const own = homeOf(planned).ownHeadings;
        for (const one of balance(planned, lens).rows) {
          const counted = placements.filter(
            ({ content, where }) =>
              headingsFor(lens, content.skills, own).includes(one.id) ||
              (lens === 'corners' && where.kind === 'corner' && where.cornerId === one.id),
          );
          const sessions = counted.flatMap((placement) => sessionsOf(placement, frame));
          expect(one.total).toBe(counted.length);
          expect(one.byDay).toEqual(
            frame.calendar.days.map(
              ({ number }) => sessions.filter(({ day }) => day.number === number).length,
            ),
          );
          expect(one.byChild.reduce((a, b) => a + b, 0)).toBe(
            sessions.flatMap(({ seats }) => seats.filter(({ version }) => version)).length,
          );
        }
      }),
      { numRuns: 60 },
    );
  });
});
