import {
  circleChanges,
  Drafting,
  gapOf,
  placingOf,
  proposals,
  read,
  type Book,
  type Proposal,
} from '@kobby/core';
import { describe, expect, test } from 'vitest';
import { cases } from '../../core/src/testing/cases.ts';
import { after } from '../../core/src/testing/home.ts';
import { aDraftedHome, DRAFT_TODAY, DRAFT_UNIT } from './testing/drafted-homes.ts';
import { demo } from './testing/demo-home.ts';

const today = DRAFT_TODAY as never;
const lastOf = (book: Book): Proposal => [...proposals(new Drafting(book, DRAFT_UNIT, today), null)].at(-1)!;
const NEVER = new Set([
  'mess',
  'too-much',
  'adults-short',
  'left-out',
  'order',
  'rounds',
  'late',
  'place-full',
  'spoils',
]);

describe('drafts of made-up homes', () => {
  test('judged by the reading: nothing that stops, nobody left out, nothing overfull', () => {
    for (let seed = 1; seed <= cases(8, 100); seed += 1) {
      const book = aDraftedHome(seed);
      const before = new Set(read(book, DRAFT_UNIT, today).headsUps.map(({ key }) => key));
      const proposal = lastOf(book);
      const then = after(
        book,
        ...placingOf(proposal.pieces, DRAFT_UNIT, (key) => `p-${key.replaceAll(':', '-')}`),
      );
      const wrong = read(then, DRAFT_UNIT, today).headsUps.filter(
        ({ key, level, rule }) => !before.has(key) && (level === 'stop' || NEVER.has(rule)),
      );
      expect(
        wrong.map(({ rule, title }) => `${rule}: ${title}`),
        `seed ${seed}`,
      ).toEqual([]);
      expect(proposal.pieces.length, `seed ${seed}`).toBeGreaterThan(0);
    }
  });

  test('of the demo home: the half-planned unit is filled, what stands there stays', () => {
    const unitId = 'unit-lanterns' as typeof DRAFT_UNIT;
    const drafting = new Drafting(demo, unitId, '2027-03-11' as never);
    const proposal = [...proposals(drafting, null)].at(-1)!;
    expect(proposal.empty.map(({ spot }) => spot.name)).toEqual([]);
    expect(gapOf(proposal)).toBeNull();
    const then = after(demo, ...placingOf(proposal.pieces, unitId, (key) => `p-${key.replaceAll(':', '-')}`));
    const own = Object.values(demo.placements).filter((one) => one.unitId === unitId);
    for (const one of own) expect(then.placements[one.id]).toBe(one);
    expect(proposal.circles.map(({ day }) => day)).toEqual([null, 1, 2, 3, 4, 5, 6, 7, 8, 9, 10]);
    let count = 0;
    const sung = after(then, ...circleChanges(proposal.circles, () => `drafted-${(count += 1)}`));
    const told = read(sung, unitId, '2027-03-11' as never).headsUps;
    expect(told.filter(({ level, rule }) => level === 'stop' || rule === 'circle-drags')).toEqual([]);
    const about = Object.values(then.placements).filter(
      (one) => one.unitId === unitId && one.aboutId !== null,
    );
    expect(new Set(about.map(({ aboutId }) => aboutId)).size).toBeGreaterThan(3);
  });
});
