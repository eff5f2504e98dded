// Figures of planning: what one edit of a unit costs, applied and with every answer about the unit read again.
import {
  applyGesture,
  EMPTY_BOOK,
  freezeDeep,
  gestureSchema,
  lensFor,
  read,
  recipeInPlan,
  withSeenVersions,
  type Actor,
  type Book,
  type ChangeInput,
  type Placement,
  type UnitId,
  placementAt,
} from '@kobby/core';
import { demoGestures, DEMO_TODAY } from '@kobby/starter';
import { ms, percentile, show } from './figures.ts';

const ACTOR: Actor = { kind: 'person', id: 'bench', name: 'Bench' };
const UNIT = 'unit-kites' as UnitId;
const PLACEMENTS = 60;
const CHILDREN = 8;
const DAYS = 10;
const MOST_DAYS = 60;
let counter = 0;

/** The book after an act of a person who sees its newest state. */
export function after(book: Book, changes: ChangeInput[]): Book {
  const parsed = gestureSchema.parse({
    id: `bench-gesture-${(counter += 1)}`,
    at: '2027-03-05T18:00:00.000Z',
    changes,
  });
  const outcome = applyGesture(book, withSeenVersions(book, parsed, ACTOR), ACTOR);
  if (outcome.outcome !== 'kept') throw new Error(JSON.stringify(outcome));
  return outcome.book;
}

/** The demo home, made by the gestures that make it. */
export const demoBook = (): Book => demoGestures().reduce(after, EMPTY_BOOK);

/** Runs something many times; the median and the 95th percentile in milliseconds. */
export function time(runs: number, work: (i: number) => void): { median: number; p95: number } {
  const times: number[] = [];
  for (let i = -Math.ceil(runs / 4); i < runs; i++) {
    const start = performance.now();
    work(i);
    if (i >= 0) times.push(performance.now() - start);
  }
  times.sort((a, b) => a - b);
  return { median: percentile(times, 0.5), p95: percentile(times, 0.95) };
}

const ofUnit = (book: Book): Placement[] =>
  Object.values(book.placements)
    .filter(({ unitId }) => unitId === UNIT)
    .flatMap(({ id }) => placementAt(book, id) ?? []);

/** The demo's current unit, filled up to 60 placements, 10 days and 8 children, or so many times that; at most 60 days. */
function bookOfSize(times: number): Book {
  let book = demoBook();
  const children = Object.values(book.children);
  const wantedChildren = CHILDREN * times;
  const more = Array.from({ length: wantedChildren - children.length }, (_, n): ChangeInput => {
    const child = children[n % children.length]!;
    return {
      type: 'house/put-child',
      child: { ...child, version: 0, id: `${child.id}-${n}`, name: `${child.name} ${n}` },
    };
  });
  const days = Math.min(MOST_DAYS, DAYS * times);
  book = after(book, [...more, { type: 'unit/revise', unit: { ...book.units[UNIT]!, dayCount: days } }]);
  const placed = ofUnit(book);
  const copies = Array.from({ length: PLACEMENTS * times - placed.length }, (_, n): ChangeInput => {
    const { where, id } = placed[n % placed.length]!;
    const shift = (day: number): number => ((day + n * 3 - 1) % days) + 1;
    const moved =
      where.kind === 'day'
        ? { ...where, day: shift(where.day) }
        : where.kind === 'corner' || where.kind === 'bin'
          ? { ...where, fromDay: shift(where.fromDay), toDay: Math.min(days, shift(where.fromDay) + 4) }
          : where;
    return { type: 'unit/copy', id: `copy-${n}`, unitId: UNIT, placementId: id, where: moved };
  });
  return copies.length > 0 ? after(book, copies) : book;
}

/** Everything that the pages of a unit show. */
function readAll(book: Book): number {
  const reading = read(book, UNIT, DEMO_TODAY);
  const { shelf, supplies, headsUps, trays, changeOvers, outOfReach } = reading;
  const balance = reading.balance(lensFor(reading.frame));
  return [shelf, supplies, headsUps, trays, changeOvers, outOfReach, balance.rows].flat().length;
}

/** What people do while planning, one after the other, each undone by a later one. */
function editFor(book: Book, i: number): ChangeInput[] {
  const placed = ofUnit(book);
  const nth = (kind: Placement['where']['kind']): Placement => {
    const those = placed.filter(({ where }) => where.kind === kind);
    return those[i % those.length]!;
  };
  const day = nth('day');
  const corner = nth('corner');
  const child = Object.values(book.children)[i % 7]!;
  const where = corner.where as Extract<Placement['where'], { kind: 'corner' }>;
  const acts: (() => ChangeInput[])[] = [
    () => [
      { type: 'unit/move', placementId: corner.id, where: { ...where, toDay: where.fromDay + (i % 2) } },
    ],
    () => [
      {
        type: 'unit/move',
        placementId: day.id,
        where: { ...(day.where as typeof day.where & { kind: 'day' }), day: (i % DAYS) + 1 },
      },
    ],
    () => [
      {
        type: 'unit/choose-version',
        placementId: corner.id,
        childId: child.id,
        versionId: corner.content.versions[0]?.id ?? null,
        byHand: i % 2 === 0,
      },
    ],
    () => [
      {
        type: 'unit/copy',
        id: `edit-${(counter += 1)}`,
        unitId: UNIT,
        placementId: day.id,
        where: day.where,
      },
    ],
    () => [{ type: 'unit/unplace', placementId: placed.findLast(({ id }) => /^(edit|copy)-/.test(id))!.id }],
  ];
  return acts[((i % acts.length) + acts.length) % acts.length]!();
}

function benchSize(times: number): { edit: number; frame: number } {
  let book = bookOfSize(times);
  const text = JSON.stringify(book);
  readAll(book);
  const edit = time(400, (i) => {
    book = after(book, editFor(book, Math.abs(i)));
    readAll(book);
  });
  const child = Object.values(book.children)[1]!;
  const away = time(40, (i) => {
    book = after(book, [
      { type: 'house/put-child', child: { ...child, version: 0, mouthsThings: i % 2 === 0 } },
    ]);
    readAll(book);
  });
  const cold = time(6, () => readAll(freezeDeep(JSON.parse(text) as Book)));
  const parse = time(30, () => JSON.parse(text));
  const { length } = ofUnit(book);
  const days = book.units[UNIT]!.dayCount;
  show(
    `one edit (${length} placements, ${days} days, ${CHILDREN * times} children)`,
    `${ms(edit.median)}, 95 % ${ms(edit.p95)}`,
  );
  show('  an edit of a child, which moves everything', `${ms(away.median)}, 95 % ${ms(away.p95)}`);
  show('  the whole unit from nothing', ms(cold.median));
  show(
    '  JSON.parse of the same book',
    `${ms(parse.median)} → an edit takes ${(edit.median / parse.median).toFixed(2)} of it`,
  );
  return { edit: edit.median, frame: edit.p95 };
}

const PROCESSES = 20;

/** The full unit with twenty recipes in it: an edit, which is to stay within its frame. */
function benchProcesses(): void {
  const base = bookOfSize(1);
  const recipes = Object.values(base.recipes);
  const { blocks } = base.homes.home!;
  const put = Array.from({ length: PROCESSES }, (_, i): ChangeInput => {
    const { id } = blocks[i % blocks.length]!;
    const where = { kind: 'day', day: (i % DAYS) + 1, blockId: id } as const;
    return recipeInPlan(recipes[i % recipes.length]!, UNIT, where, `made-${i}` as Placement['id']);
  });
  let book = after(base, put);
  readAll(book);
  const edit = time(400, (i) => {
    book = after(book, editFor(book, Math.abs(i)));
    readAll(book);
  });
  show(`one edit with ${PROCESSES} recipes in the unit`, `${ms(edit.median)}, 95 % ${ms(edit.p95)}`);
}

/** An edit at the size of a full unit, and at ten times that. Goals: 16 ms (95 %), and no more than 11 times as long. */
export function benchPlanning(): void {
  const small = benchSize(1);
  const large = benchSize(10);
  benchProcesses();
  show('  ten times the size takes', `${(large.edit / small.edit).toFixed(1)} times as long (goal: 11)`);
}
