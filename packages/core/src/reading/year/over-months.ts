import { addDays, countByMonth, monthsUpTo, type Month, type PlainDay } from '../../calendar/index.ts';
import type { DayRecord } from '../../daybook/index.ts';
import { headingsOf, headingsOfContent, type LensId } from '../../skills/index.ts';
import { spanOfDays, unfilledContent, type UnitId } from '../../unit/index.ts';
import { answer } from '../ground/answer.ts';
import { copiesIn } from '../plan/copies.ts';
import { daysIn } from '../plan/days.ts';
import { homeIn } from '../plan/house.ts';
import { unitsRecorded } from '../went/went.ts';

/** How many months a year's picture has. */
export const MONTHS_SHOWN = 12;
/** Kobby's own starting point: what has not been out for two months has not been for long. */
const LONG_DAYS = 60;

/** How often something was out in each month of a year, and when last. */
export interface MonthRow {
  readonly id: string;
  readonly name: string;
  /** A figure for each month of {@link OverMonths.months}. */
  readonly byMonth: readonly number[];
  readonly total: number;
  /** The last day on which it was out, of any year; null for never. */
  readonly lastOn: PlainDay | null;
  /** Whether it has not been for long, or never was. */
  readonly isLongAgo: boolean;
}

/** A year of the home, month by month. */
export interface OverMonths {
  /** Twelve, that of today the last. */
  readonly months: readonly Month[];
  /** The headings of a lens in their order. */
  readonly rows: readonly MonthRow[];
  /** What was paid in each month by the stock ledger, in money as it is kept. */
  readonly paid: readonly number[];
}

// Something that was out: from its first day on, once, whatever the number of its days.
interface Out {
  readonly first: PlainDay;
  readonly last: PlainDay;
  readonly headings: readonly string[];
}

/** Whether all that was said of something says that it was skipped. */
const isSkipped = (records: readonly DayRecord[]): boolean =>
  records.length > 0 && records.every(({ outcome }) => outcome === 'skipped');

// Each unit by itself: what changes in one leaves the years before as they were.
const outIn = answer(
  (
    look,
    unitId: UnitId,
    records: readonly DayRecord[] | null,
    lens: LensId,
    today: PlainDay,
  ): readonly Out[] => {
    const { days } = daysIn(look, unitId);
    const { ownHeadings } = homeIn(look);
    return copiesIn(look, unitId).flatMap((copy): readonly Out[] => {
      const span = spanOfDays(copy);
      const first = span && days[span.from - 1]?.date;
      if (!span || !first || first > today) return [];
      if (isSkipped((records ?? []).filter(({ placementId }) => placementId === copy.id))) return [];
      const end = days[Math.min(span.to, days.length) - 1]!.date;
      return [
        {
          first,
          last: end < today ? end : today,
          headings: headingsOfContent(lens, unfilledContent(copy), ownHeadings),
        },
      ];
    });
  },
);

/**
 * What was out over the last twelve months, under the headings of a lens: each thing once, in the month of its first day. What was
 * said to be skipped was not out; what nobody said anything of was, as it was planned.
 */
export const overMonths = answer((look, lens: LensId, today: PlainDay): OverMonths => {
  const months = monthsUpTo(today, MONTHS_SHOWN);
  const recorded = unitsRecorded(look);
  const out = Object.values(look.table('units'))
    .filter(({ start }) => start !== null && start <= today)
    .flatMap(({ id }) => outIn(look, id, recorded.get(id) ?? null, lens, today));
  const rows = headingsOf(lens, homeIn(look).ownHeadings).map(({ id, name }) =>
    rowOf(
      id,
      name,
      out.filter(({ headings }) => headings.includes(id)),
      months,
      today,
    ),
  );
  return { months, rows, paid: paidBy(Object.values(look.table('stockMoves')), months) };
});

function rowOf(
  id: string,
  name: string,
  out: readonly Out[],
  months: readonly Month[],
  today: PlainDay,
): MonthRow {
  const byMonth = countByMonth(
    out.map(({ first }) => first),
    months,
  );
  const lastOn = out.reduce<PlainDay | null>(
    (last, one) => (last && last > one.last ? last : one.last),
    null,
  );
  return {
    id,
    name,
    byMonth,
    total: byMonth.reduce((sum, count) => sum + count, 0),
    lastOn,
    isLongAgo: lastOn === null || lastOn < addDays(today, -LONG_DAYS),
  };
}

function paidBy(
  moves: readonly { readonly at: string; readonly paid: number | null }[],
  months: readonly Month[],
): readonly number[] {
  const sums = new Map<string, number>();
  for (const { at, paid } of moves)
    if (paid) sums.set(at.slice(0, 7), (sums.get(at.slice(0, 7)) ?? 0) + paid);
  return months.map((month) => sums.get(month) ?? 0);
}
