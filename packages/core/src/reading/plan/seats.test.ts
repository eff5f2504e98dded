// Who sits where, asked for one day and child or for all of them, is the same.
import fc from 'fast-check';
import { expect, test } from 'vitest';
import type { ChangeInput } from '../../changes/index.ts';
import {
  A_MONDAY,
  aChild,
  aCorner,
  anActivity,
  aVersion,
  inBin,
  inCorner,
  inReserve,
  onDay,
  TEST_UNIT,
  testBook,
} from '../../testing/home.ts';
import { read } from '../answers/read.ts';
import { seatOn, sessionsOf } from './plan.ts';

const CHILDREN = ['ada', 'bo', 'noor'] as const;
const DAYS = Array.from({ length: 12 }, (_, i) => i);
const weekdays = fc.subarray(['1', '2', '3', '4', '5']);
const away = fc.record({ child: fc.constantFrom(...CHILDREN), from: fc.nat(9), days: fc.nat(4) });
const dateOf = (day: number): string => `2027-03-${String(8 + day).padStart(2, '0')}`;

test('the seat of a child on a day is the one in the sessions of that day, whoever comes when and is away', () => {
  fc.assert(
    fc.property(
      fc.array(weekdays, { minLength: 3, maxLength: 3 }),
      fc.array(away, { maxLength: 3 }),
      fc.integer({ min: 1, max: 10 }),
      fc.integer({ min: 0, max: 4 }),
      (comes, absences, from, more) => {
        const to = Math.min(10, from + more);
        const book = testBook(
          aCorner('blocks'),
          ...CHILDREN.map((id, i) =>
            aChild(id, `202${1 + i}-05-01`, {
              attendance: Object.fromEntries(comes[i]!.map((day) => [day, ['morning']])),
            }),
          ),
          anActivity('build', { versions: [aVersion(12, 40), aVersion(40, 80)] }),
          inCorner('corner', 'build', 'blocks', from, to),
          onDay('table', 'build', from),
          onDay('late', 'build', from, 'late'),
          inBin('bin', 'build', 'bo', from, to),
          inReserve('reserve', 'build'),
          ...absences.map(({ child, from: first, days }, i): ChangeInput => ({
            type: 'house/put-absence',
            absence: {
              ...{ id: `absence-${i}`, childId: child },
              ...{ from: dateOf(first), to: dateOf(first + days) },
            } as never,
          })),
        );
        const { frame, placements } = read(book, TEST_UNIT, A_MONDAY);
        for (const placement of placements) {
          const sessions = sessionsOf(placement, frame);
          for (const day of DAYS)
            for (const child of CHILDREN) {
              const session = sessions.find((one) => one.day.number === day);
              const seat = session?.seats.find((one) => one.child.id === child) ?? null;
              expect(seatOn(placement, frame, day, child as never)).toEqual(seat);
            }
        }
      },
    ),
    { numRuns: 60 },
  );
});
