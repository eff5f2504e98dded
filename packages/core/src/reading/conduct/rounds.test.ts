import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { read, roundsFor } from '../index.ts';
import { aChild, after, anActivity, A_MONDAY, onDay, TEST_UNIT, testBook } from '../../testing/home.ts';

/** Everybody waits in a line; as many as there are places sit down, and the place is put back before the next ones do. */
function playedThrough(turn: number, places: number, reset: number, children: number): number {
  let line = children;
  let minutes = 0;
  while (line > 0) {
    if (minutes > 0) minutes += reset;
    for (let i = 0; i < turn; i++) minutes += 1;
    line -= Math.min(places, line);
  }
  return minutes;
}

describe('rounds', () => {
  test('equal playing it through', () => {
    const number = (max: number) => fc.integer({ min: 1, max });
    fc.assert(
      fc.property(number(60), number(8), fc.nat(10), number(14), (turn, places, reset, children) => {
        const told = roundsFor(
          { turnMinutes: turn as never, atOnce: places, resetMinutes: reset as never },
          children,
        );
        expect(told?.minutes).toBe(playedThrough(turn, places, reset, children));
      }),
    );
  });

  test('are one where everyone does it at once, and none where nobody said how long', () => {
    expect(roundsFor({ turnMinutes: 10 as never, atOnce: null, resetMinutes: 5 as never }, 7)).toEqual({
      rounds: 1,
      minutes: 10,
    });
    expect(roundsFor({ turnMinutes: null, atOnce: 2, resetMinutes: 0 as never }, 7)).toBeNull();
    expect(roundsFor({ turnMinutes: 10 as never, atOnce: 2, resetMinutes: 0 as never }, 0)).toBeNull();
  });
});

describe('a block that overflows', () => {
  const children = ['ada', 'bo', 'cy', 'di', 'ed', 'flo'].map((id) => aChild(id, '2023-01-01'));
  const plan = (turn: number, atOnce: number | null, reset = 0) =>
    after(
      testBook(...children),
      anActivity('dig', { turnMinutes: turn as never, atOnce, resetMinutes: reset as never }),
      onDay('p', 'dig', 2),
    );
  const told = (...of: Parameters<typeof plan>) =>
    read(plan(...of), TEST_UNIT, A_MONDAY)
      .headsUps.filter(({ rule }) => rule === 'rounds')
      .map(({ title, detail }) => `${title}. ${detail}`);

  test('is told with what would do, the smallest change first', () => {
    const minutes = read(plan(1, null), TEST_UNIT, A_MONDAY).frame.home.blocks.find(
      ({ id }) => id === 'table',
    )!.minutes;
    expect(told(10, 2, 2)[0]).toMatch(
      new RegExp(
        `^dig takes 34 min, .* has ${minutes}\\. 6 children, 2 at once: 3 × 10 min and 2 × 2 min to put it back\\.`,
      ),
    );
    expect(told(10, 2, 2)[0]).toContain('It fits with 3 at once');
    expect(told(10, 1)[0]).toContain('two places of 1, or with half of them');
    expect(told(minutes, null)).toEqual([]);
    expect(told(minutes + 1, null)[0]).not.toContain('at once');
  });
});
