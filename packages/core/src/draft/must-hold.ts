import { groupBy } from '../book/index.ts';
import type { Book } from '../book/index.ts';
import type { ChoiceRow, Take } from '../choosing/index.ts';
import type { Supply } from '../cupboard/index.ts';
import { valueIn } from '../house/index.ts';
import { isWorkKnown, sessionsOf, thereOn, usesOf, type Reading } from '../reading/index.ts';
import { stockOf } from '../reading/stock/ledger.ts';
import type { ActivityContent, ActivityId } from '../library/index.ts';
import { standsOn, type Placement } from '../unit/index.ts';
import type { Place } from './spots.ts';
import type { WouldBe } from './would-be.ts';

/** Options that may not all be chosen: the reading found what stops where they stand together. */
export type Cut = readonly number[];

/** What a row is about, so that it can be told what would have to give way. */
export type MustKind = 'once' | 'mess' | 'adults' | 'thing' | 'need' | 'money' | 'told' | 'refused';

/** What must hold in a draft. */
export interface MustRow extends ChoiceRow {
  readonly kind: MustKind;
}

/** What was cut as a row. */
export const rowOfCut = (cut: Cut, kind: 'told' | 'refused', about: string): MustRow => ({
  ...{ kind, about },
  room: cut.length - 1,
  takes: cut.map((option): Take => [option, 1]),
});

/** Something that may be chosen: what it is, and where it would stand. */
export interface Candidate {
  /** What is decided by it: a free place, or something that is placed and may move. By its index. */
  readonly spot: number;
  readonly at: Place;
  readonly id: ActivityId;
  readonly content: ActivityContent;
  readonly wouldBe: WouldBe;
}

/** What the rows and hopes of a choice are made from. */
export interface Bench<C extends Candidate = Candidate> {
  readonly book: Book;
  readonly reading: Reading;
  /** What stands in the unit whatever is chosen. */
  readonly fixed: readonly Placement[];
  readonly options: readonly C[];
  /** The numbered days that are still to come. */
  readonly days: readonly number[];
  /** Who is away on which of them besides what the house knows, by the ids of people. */
  readonly absent?: ReadonlyMap<number, ReadonlySet<string>>;
}

/** What must hold in a draft: nothing twice, and the money; and what holds wherever something is put. */
export const rowsOf = (bench: Bench): readonly MustRow[] =>
  tight([...onceRows(bench), ...standingRows(bench), ...moneyRows(bench)]);

/** What must hold wherever something stands: mess, adults, one thing in one place, the making before the using. */
export const standingRows = (bench: Bench): readonly MustRow[] =>
  tight([...messRows(bench), ...adultRows(bench), ...thingRows(bench), ...needRows(bench)]);

// Those that anything could break.
const tight = (rows: readonly MustRow[]): readonly MustRow[] =>
  rows.filter(({ takes, room }) => takes.reduce((sum, [, amount]) => sum + Math.max(0, amount), 0) > room);

// What stands in for something is hardly ever needed: the same may stand in on several days, but not beside itself.
function onceRows({ options }: Bench): readonly MustRow[] {
  const same = groupBy([...options.keys()], (o) => options[o]!.id);
  return [...same.values()].flatMap((those) => {
    const isTwin = (o: number): boolean => options[o]!.at.kind === 'twin';
    const planned = those.filter((o) => !isTwin(o)).map((o): Take => [o, 1]);
    const about = `${options[those[0]!]!.content.title}, once`;
    const twins = planned.length === 0 ? [] : those.filter(isTwin);
    return [
      { kind: 'once', about, room: 1, takes: planned },
      ...twins.map((o): MustRow => ({ kind: 'once', about, room: 1, takes: [...planned, [o, 1]] })),
    ];
  });
}

const onDay = ({ options }: Bench, day: number, takes: (option: Candidate) => number): Take[] =>
  options.flatMap((option, o): Take[] => {
    if (option.at.kind === 'twin' || !option.at.days.includes(day)) return [];
    const amount = takes(option);
    return amount === 0 ? [] : [[o, amount]];
  });

// What stands there already may be more than the home wants: then nothing comes to it.
const left = (limit: number, there: number): number => Math.max(0, limit - there);

function messRows(bench: Bench): readonly MustRow[] {
  const { frame } = bench.reading;
  const limit = valueIn(frame.home, 'messyPerDay');
  return bench.days.map((day) => {
    const there = bench.fixed.filter((one) => standsOn(one, day) && one.content.mess === 'messy').length;
    return {
      kind: 'mess',
      about: `messy things on Day ${day}`,
      room: left(limit, there),
      takes: onDay(bench, day, ({ content }) => Number(content.mess === 'messy')),
    };
  });
}

// At the beginning of each block of a day: blocks may overlap.
function adultRows(bench: Bench): readonly MustRow[] {
  const { frame } = bench.reading;
  if (!isWorkKnown(frame.people)) return [];
  return bench.days.flatMap((day) => {
    const fixed = bench.fixed
      .filter(({ where, content }) => where.kind === 'day' && where.day === day && content.adult === 'tied')
      .flatMap((one) => sessionsOf(one, frame));
    const own = bench.options.flatMap(({ at: { where, kind }, content, wouldBe }, o) => {
      if (content.adult !== 'tied' || kind === 'twin' || where.kind !== 'day' || where.day !== day) return [];
      return sessionsOf(wouldBe.placement, frame).map(({ span }) => ({ o, span }));
    });
    return [...new Set(own.map(({ span }) => span.from))].map((from) => {
      const on = ({ span }: { span: { from: number; to: number } }): boolean =>
        span.from <= from && from < span.to;
      const adults = thereOn(frame, day, { from, to: from + 1 } as never).adults.filter(
        ({ id }) => !bench.absent?.get(day)?.has(id),
      );
      return {
        kind: 'adults',
        about: `adults on Day ${day}`,
        room: left(adults.length, fixed.filter(on).length),
        takes: own.filter(on).map(({ o }): Take => [o, 1]),
      };
    });
  });
}

// Reusable things: what is out on a day cannot be in two places.
function thingRows(bench: Bench): readonly MustRow[] {
  const { book, reading, options } = bench;
  const users = new Map<Supply, { readonly o: number; readonly amount: number }[]>();
  options.forEach(({ wouldBe, at }, o) => {
    if (at.kind === 'twin') return;
    for (const [supply, amount] of wouldBe.things) {
      const those = users.get(supply);
      if (those) those.push({ o, amount });
      else users.set(supply, [{ o, amount }]);
    }
  });
  const fixed = bench.fixed.flatMap((one) => usesOf(book, one, reading.frame));
  return [...users].flatMap(([supply, all]) => {
    const have = stockOf(supply, book.stockMoves).amount;
    // What is not there even for one is a question of getting it, not of who has it.
    const those = all.filter(({ amount }) => amount <= have);
    if (those.length < 2) return [];
    const amounts = new Map(those.map(({ o, amount }) => [o, amount]));
    const rows = bench.days.map((day): MustRow => {
      const there = fixed
        .filter((use) => use.supply === supply && use.day.number === day)
        .reduce((most, use) => Math.max(most, use.amount), 0);
      const takes = those.flatMap(({ o }): Take[] =>
        options[o]!.at.days.includes(day) ? [[o, amounts.get(o)!]] : [],
      );
      return { kind: 'thing', about: supply.name, room: left(have, there), takes };
    });
    // Days on which the same may be out say the same.
    return [...new Map(rows.map((row) => [`${row.room}|${row.takes.map(([o]) => o).join()}`, row])).values()];
  });
}

// What something uses is made before, on an earlier day; what comes after something likewise.
function needRows(bench: Bench): readonly MustRow[] {
  const { options, fixed } = bench;
  const firstDay = ({ at }: Candidate): number => at.days[0]!;
  const sameWord = (a: string, b: string): boolean => a.trim().toLowerCase() === b.trim().toLowerCase();
  return options.flatMap((option, o) => {
    const { comesAfter, uses, title } = option.content;
    const needs = [
      ...comesAfter.map(({ activityId, leastDays }) => ({
        least: Math.max(1, leastDays),
        is: (id: string, _: readonly string[]) => id === (activityId as string),
      })),
      ...uses.map((made) => ({
        least: 1,
        is: (_: string, makes: readonly string[]) => makes.some((one) => sameWord(one, made)),
      })),
    ];
    return needs.flatMap(({ least, is }): MustRow[] => {
      const before = firstDay(option) - least;
      const isThere = fixed.some((one) => is(one.originId, one.content.makes) && standsBefore(one, before));
      if (isThere) return [];
      const makers = options.flatMap((other, m): Take[] => {
        const { id, content, at } = other;
        const fits = at.kind !== 'twin' && firstDay(other) <= before && is(id, content.makes);
        return fits ? [[m, -1]] : [];
      });
      return [{ kind: 'need', about: `what ${title} needs first`, room: 0, takes: [[o, 1], ...makers] }];
    });
  });
}
const standsBefore = (placement: Parameters<typeof standsOn>[0], day: number): boolean =>
  Array.from({ length: Math.max(0, day) }, (_, i) => i + 1).some((one) => standsOn(placement, one));

// About: packs hold more than the need, and what is needed twice is bought once.
function moneyRows({ reading, options }: Bench): readonly MustRow[] {
  const { budget } = reading.frame.unit;
  if (budget === null) return [];
  const { paid, toBuy } = reading.cost;
  return [
    {
      kind: 'money',
      about: 'the budget of the unit',
      room: left(budget, paid + toBuy),
      takes: options.flatMap(({ wouldBe, at }, o): Take[] =>
        wouldBe.toBuy > 0 && at.kind !== 'twin' ? [[o, wouldBe.toBuy]] : [],
      ),
    },
  ];
}
