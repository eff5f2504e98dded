// Whatever is made with the children in a full unit holds together: hands and waits by the clock, places, bowls, amounts.
import {
  allergensOf,
  processesOfDay,
  read,
  recipeInPlan,
  toNumber,
  type Book,
  type ChangeInput,
  type DayProcess,
  type Minutes,
  type PlacementId,
  type Reading,
  type UnitId,
} from '@kobby/core';
import { describe, expect, test } from 'vitest';
import { thereOn } from '../../core/src/reading/plan/plan.ts';
import { seeded } from '../../core/src/testing/problems.ts';
import { DEMO_TODAY } from './index.ts';
import { after, demo } from './testing/demo-home.ts';

const UNIT = 'unit-kites' as UnitId;
const SEEDS = Array.from({ length: 24 }, (_, seed) => seed + 1);
const BLOCKS = demo.homes.home!.blocks.filter(({ isCircle }) => !isCircle);

/** The full unit of the demo with one to five recipes more, on days and in blocks of chance, for children, groups or all. */
function crowded(seed: number): Book {
  const random = seeded(seed);
  const oneOf = <T>(list: readonly T[]): T => list[Math.floor(random() * list.length)]!;
  const recipes = Object.values(demo.recipes);
  const changes = Array.from({ length: 1 + Math.floor(random() * 5) }, (_, i): ChangeInput[] => {
    const id = `put-made-${i}` as PlacementId;
    const where = { kind: 'day', day: 4 + Math.floor(random() * 6), blockId: oneOf(BLOCKS).id } as const;
    const put = recipeInPlan(oneOf(recipes), UNIT, where, id) as Extract<ChangeInput, { type: 'unit/write' }>;
    const [made] = put.content.processes!;
    const process = {
      ...made!,
      for: oneOf(['child', 'group', 'all'] as const),
      groups: 1 + Math.floor(random() * 3),
      repeats: 1 + Math.floor(random() * 2),
    };
    return [{ ...put, content: { ...put.content, processes: [process] } }];
  });
  return after(demo, changes.flat());
}

const minutes = ({ from, until }: { from: Minutes; until: Minutes }) =>
  Array.from({ length: until - from }, (_, i) => from + i);
const made = (book: Book): readonly (readonly [Reading, number, readonly DayProcess[]])[] => {
  const reading = read(book, UNIT, DEMO_TODAY);
  return reading.frame.calendar.days.map(({ number }) => [
    reading,
    number,
    processesOfDay(book, reading.placements, reading.circles, reading.frame, number),
  ]);
};

describe.each(SEEDS)('a full unit with more to make, from seed %i', (seed) => {
  const book = crowded(seed);
  const days = made(book);
  const laid = days.flatMap(([, , list]) => list.filter(({ steps }) => steps.length > 0));

  test('a step follows the one before it after its wait, and not later than it may', () => {
    for (const { steps, ready, made: of } of laid) {
      steps.forEach(({ step, from, until, ready: waited, next }, i) => {
        const { repeats } = of.process;
        // A step without minutes takes its part of those of the recipe.
        if (step && step.minutes > 0) expect(until - from).toBe(step.minutes * repeats);
        expect(waited).toBeGreaterThanOrEqual(until);
        const after = steps[i + 1];
        if (!after) return;
        expect(after.from).toBe(next);
        expect(next).toBeGreaterThanOrEqual(waited);
        if (typeof step?.mostWaitMinutes === 'number')
          expect(next - until).toBeLessThanOrEqual(Math.max(step.mostWaitMinutes, waited - until));
      });
      expect(ready).toBe(steps.at(-1)!.ready);
    }
  });

  test('no more adults are asked for than are there', () => {
    for (const [{ frame }, number, list] of days) {
      const tied = new Map<number, number>();
      for (const { steps, made: of } of list)
        for (const one of steps) {
          if (one.step?.owner === 'child' && of.process.when !== 'asleep') continue;
          for (const minute of minutes(one)) {
            tied.set(minute, (tied.get(minute) ?? 0) + 1);
            const { adults } = thereOn(frame, number, { from: minute, to: minute + 1 } as never);
            expect(tied.get(minute)).toBeLessThanOrEqual(Math.max(1, adults.length));
          }
        }
    }
  });

  test('no place holds more than it can', () => {
    for (const [{ frame }, , list] of days)
      for (const { kind, holds } of frame.home.waitingPlaces) {
        const room = new Map<number, number>();
        for (const { steps, made: of } of list)
          for (const one of steps.filter(({ step }) => step?.waitsIn === kind)) {
            const bowls = Math.min(holds, Math.max(1, of.mixes.length));
            for (const minute of minutes({ from: one.until, until: one.ready }))
              room.set(minute, (room.get(minute) ?? 0) + bowls);
          }
        for (const used of room.values()) expect(used).toBeLessThanOrEqual(holds);
      }
  });

  test('a bowl has nothing in it that its children must not meet, and gives each a share; whole things stay whole', () => {
    for (const { made: of } of days.flatMap(([, , list]) => list))
      for (const { own, scaled } of of.mixes) {
        for (const { supply, amount } of scaled.portions) {
          expect(toNumber(amount)).toBeGreaterThan(0);
          if (own)
            for (const allergen of own.without) expect([...allergensOf(supply)]).not.toContain(allergen);
        }
        const { process } = of;
        const shared = own ? own.children.length : of.children.length;
        if (process.for === 'child' && process.share !== null && own)
          expect(toNumber(scaled.gives)).toBeGreaterThanOrEqual(process.share * shared * 0.999);
      }
  });

  test('what goes in is on the list, no less than all of it', () => {
    const reading = days[0]![0];
    const asked = new Map<string, number>();
    for (const { supplies } of [reading])
      for (const { supply, uses, planned } of supplies) {
        if (supply.use !== 'consumable') continue;
        const sum = uses.reduce((all, use) => all + use.amount, 0);
        asked.set(supply.id, planned.amount);
        expect(planned.amount).toBeGreaterThanOrEqual(sum * 0.999);
      }
    for (const { made: of, session } of days.flatMap(([, , list]) => list)) {
      if (session.day.date < DEMO_TODAY) continue;
      for (const { scaled } of of.mixes)
        for (const { supply, amount } of scaled.portions)
          if (supply.use === 'consumable' && supply.got !== 'tap')
            expect(asked.get(supply.id) ?? 0).toBeGreaterThanOrEqual(toNumber(amount) * 0.999);
    }
  });
});

test('enough of them have something that is laid', () => {
  const laid = SEEDS.flatMap((seed) =>
    made(crowded(seed)).flatMap(([, , list]) => list.filter(({ steps }) => steps.length > 0)),
  );
  expect(laid.length).toBeGreaterThan(SEEDS.length);
});
