import { describe, expect, test } from 'vitest';
import { cases } from '../testing/cases.ts';
import { seeded } from '../testing/problems.ts';
import {
  allOn,
  bestOn,
  inTheWayOf,
  possibleOn,
  type Line,
  type LineProcess,
  type LineStep,
} from './index.ts';

// Everything below tries every minute for every step: it shares nothing with what it judges.

type Starts = readonly number[];

function everyWay({ adults }: Line, { steps, from, by }: LineProcess): readonly Starts[] {
  let ways: Starts[] = [[]];
  for (const [i, step] of steps.entries()) {
    ways = ways.flatMap((way) =>
      Array.from({ length: adults.length + 1 }, (_, at) => [...way, at]).filter((next) => {
        const at = next[i]!;
        const before = steps[i - 1];
        if (at + step.hands > adults.length) return false;
        if (step.within && !step.within.some((span) => span.from <= at && at + step.hands <= span.to))
          return false;
        if (!before) return at >= from;
        const waited = at - next[i - 1]! - before.hands;
        return waited >= before.leastWait && (before.mostWait === null || waited <= before.mostWait);
      }),
    );
  }
  const last = steps.at(-1)!;
  return ways.filter((way) => way.at(-1)! + last.hands + last.leastWait <= by);
}

const readyOf = ({ steps }: LineProcess, way: Starts): number =>
  way.at(-1)! + steps.at(-1)!.hands + steps.at(-1)!.leastWait;

function costOf(process: LineProcess, way: Starts): number {
  const over = process.steps.slice(0, -1).reduce((sum, step, i) => {
    return sum + way[i + 1]! - way[i]! - step.hands - step.leastWait;
  }, 0);
  const ready = readyOf(process, way);
  return 2 * over + (process.aim === 'soon' ? ready - process.from : process.by - ready);
}

/** Whether at every minute no more is taken than there is. */
function hasRoom(line: Line, list: readonly (readonly [LineProcess, Starts])[]): boolean {
  const length = line.adults.length + 40;
  for (let minute = 0; minute < length; minute += 1) {
    let adults = 0;
    const places: Record<string, number> = {};
    for (const [process, way] of list)
      process.steps.forEach((step, i) => {
        const handsEnd = way[i]! + step.hands;
        if (way[i]! <= minute && minute < handsEnd) adults += step.adults;
        const until = way[i + 1] ?? readyOf(process, way);
        if (step.hold && handsEnd <= minute && minute < until)
          places[step.hold.place] = (places[step.hold.place] ?? 0) + step.hold.room;
      });
    if (adults > (line.adults[minute] ?? 0)) return false;
    for (const [place, room] of Object.entries(places))
      if (room > (line.places[place]?.[minute] ?? 0)) return false;
  }
  return true;
}

const LENGTH = 14;

function aCase(seed: number, most: number): { readonly line: Line; readonly processes: LineProcess[] } {
  const random = seeded(seed);
  const upTo = (n: number): number => Math.floor(random() * (n + 1));
  const profile = (n: number): number[] => {
    let now = upTo(n);
    return Array.from({ length: LENGTH }, () => (random() < 0.15 ? (now = upTo(n)) : now));
  };
  const aStep = (): LineStep => {
    const leastWait = random() < 0.5 ? 0 : upTo(4);
    const from = upTo(5);
    return {
      hands: upTo(3),
      adults: random() < 0.7 ? 1 : 0,
      within: random() < 0.3 ? [{ from, to: from + 3 + upTo(6) }] : null,
      leastWait,
      mostWait: random() < 0.4 ? leastWait + upTo(3) : null,
      hold: random() < 0.4 ? { place: random() < 0.7 ? 'oven' : 'press', room: 1 } : null,
    };
  };
  const line = { adults: profile(2), places: { oven: profile(2), press: profile(1) } };
  const processes = Array.from({ length: 1 + upTo(most - 1) }, (_, i): LineProcess => ({
    id: `p${i}`,
    steps: Array.from({ length: 1 + upTo(most === 1 ? 2 : 1) }, aStep),
    from: upTo(3),
    by: LENGTH - upTo(3),
    aim: random() < 0.5 ? 'soon' : 'fresh',
  }));
  return { line, processes };
}

describe('one process', () => {
  test('is as early, as late and as good as the best of all ways, minute by minute', () => {
    for (let seed = 0; seed < cases(500, 2000); seed += 1) {
      const { line, processes } = aCase(seed, 1);
      const process = processes[0]!;
      const ways = everyWay(line, process).filter((way) => hasRoom(line, [[process, way]]));
      const found = possibleOn(line, process);
      if (ways.length === 0) {
        expect(found, `seed ${seed}`).toBeNull();
        expect(inTheWayOf(line, process).length, `seed ${seed}`).toBeGreaterThan(0);
        continue;
      }
      expect(inTheWayOf(line, process)).toEqual([]);
      const least = Math.min(...ways.map((way) => costOf(process, way)));
      expect(
        {
          cost: found!.best.cost,
          ready: found!.earliest.ready,
          from: found!.latest.starts[0],
          real: [found!.best, found!.earliest, found!.latest].map(({ starts, cost }) => [
            hasRoom(line, [[process, starts]]) && ways.some((way) => `${way}` === `${starts}`),
            cost === costOf(process, starts),
          ]),
        },
        `seed ${seed}`,
      ).toEqual({
        cost: least,
        ready: Math.min(...ways.map((way) => readyOf(process, way))),
        from: Math.max(...ways.map((way) => way[0]!)),
        real: [
          [true, true],
          [true, true],
          [true, true],
        ],
      });
    }
  });
});

describe('several processes', () => {
  const MISSING = 1e7;
  /** The least cost of laying some of them together, whichever way. */
  function leastOf(line: Line, processes: readonly LineProcess[]): number {
    let least = Infinity;
    const ways = processes.map((process) => [null, ...everyWay(line, process)]);
    const lay = (i: number, laid: readonly (readonly [LineProcess, Starts])[], cost: number): void => {
      if (cost >= least) return;
      if (i === processes.length) {
        least = cost;
        return;
      }
      for (const way of ways[i]!) {
        const next = way ? [...laid, [processes[i]!, way] as const] : laid;
        if (way && !hasRoom(line, next)) continue;
        lay(i + 1, next, cost + (way ? costOf(processes[i]!, way) : MISSING));
      }
    };
    lay(0, [], 0);
    return least;
  }

  test('lie together as well as the best of all ways, and never ask for what is not there', () => {
    let proven = 0;
    const count = cases(300, 2000);
    for (let seed = 0; seed < count; seed += 1) {
      const { line, processes } = aCase(seed + 10_000, 3);
      const { laid, isBest } = allOn(line, processes);
      const real = laid.flatMap((one, i) => (one ? [[processes[i]!, one.starts] as const] : []));
      expect(hasRoom(line, real), `seed ${seed}`).toBe(true);
      if (!isBest) continue;
      proven += 1;
      const cost = laid.reduce((sum, one) => sum + (one?.cost ?? MISSING), 0);
      expect(cost, `seed ${seed}`).toBe(leastOf(line, processes));
    }
    expect(proven / count).toBeGreaterThan(0.99);
  });
});

describe('what is in the way', () => {
  const line = (adults: number, oven = 1): Line => ({
    adults: new Array<number>(60).fill(adults),
    places: { oven: new Array<number>(60).fill(oven) },
  });
  const step = (rest: Partial<LineStep>): LineStep => ({
    ...{ hands: 10, adults: 1, within: null, leastWait: 0, mostWait: null, hold: null },
    ...rest,
  });
  const bread = (rest: Partial<LineProcess> = {}): LineProcess => ({
    ...{ id: 'bread', from: 0, by: 60, aim: 'fresh' },
    steps: [step({ leastWait: 20 }), step({ leastWait: 15, hold: { place: 'oven', room: 1 } })],
    ...rest,
  });

  test('nothing, where it lies', () => {
    expect(inTheWayOf(line(1), bread())).toEqual([]);
    expect(bestOn(line(1), bread())).toEqual({ starts: [5, 35], ready: 60, cost: 0 });
  });
  test('nobody is free, the oven is full, the children are elsewhere', () => {
    expect(inTheWayOf(line(0), bread())).toEqual([{ kind: 'adult' }]);
    expect(inTheWayOf(line(1, 0), bread())).toEqual([{ kind: 'place', place: 'oven' }]);
    expect(inTheWayOf(line(1), bread({ steps: [step({ within: [{ from: 4, to: 9 }] })] }))).toEqual([
      { kind: 'children' },
    ]);
  });
  test('it lasts longer than there is time, by so many minutes', () => {
    expect(inTheWayOf(line(1), bread({ by: 40 }))).toEqual([{ kind: 'time', short: 15 }]);
  });
  test('an oven that is not there', () => {
    const nowhere = bread({ steps: [step({ leastWait: 5, hold: { place: 'kiln', room: 1 } })] });
    expect(bestOn(line(1), nowhere)).toBeNull();
  });
  test('a process without steps is there, and one of a thousand minutes is not', () => {
    expect(bestOn(line(0), bread({ steps: [] }))).toEqual({ starts: [], ready: 60, cost: 0 });
    expect(inTheWayOf(line(1), bread({ steps: [step({ hands: 1000 })] }))).toEqual([
      { kind: 'time', short: 940 },
    ]);
  });
});
