import { groupBy } from '../../book/index.ts';
import {
  addDays,
  countByMonth,
  dayInZone,
  monthOf,
  monthsUpTo,
  type Month,
  type PlainDay,
} from '../../calendar/index.ts';
import type { DayRecord } from '../../daybook/index.ts';
import type { Money } from '../../measure/index.ts';
import { headingsOf, headingsOfContent, type LensId } from '../../skills/index.ts';
import { unfilledContent, type UnitId } from '../../unit/index.ts';
import { answer, type Look } from '../ground/answer.ts';
import { stoodIn } from '../plan/copies.ts';
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
  /** What was paid by the stock ledger in those of the months in which anything was. */
  readonly paid: readonly { readonly month: Month; readonly amount: Money }[];
}

// Something that was out: from its first day on, once, whatever the number of its days.
interface Out {
  readonly first: PlainDay;
  readonly last: PlainDay;
  readonly headings: readonly string[];
}

const isSkipped = (records: readonly DayRecord[]): boolean =>
  records.every(({ outcome }) => outcome === 'skipped');

// Each unit by itself: what changes in one leaves the years before as they were.
const outIn = answer(
  (look, unitId: UnitId, records: readonly DayRecord[], lens: LensId, today: PlainDay): readonly Out[] => {
    const { days } = daysIn(look, unitId);
    const { ownHeadings } = homeIn(look);
    const said = groupBy(records, ({ placementId }) => placementId);
    return stoodIn(look, unitId).flatMap(({ copy, from, to }): readonly Out[] => {
      const first = days[from - 1]?.date;
      const records = said.get(copy.id);
      if (!first || first > today || (records && isSkipped(records))) return [];
      const end = days[Math.min(to, days.length) - 1]!.date;
      const last = end < today ? end : today;
      return [{ first, last, headings: headingsOfContent(lens, unfilledContent(copy), ownHeadings) }];
    });
  },
);
const NONE: readonly never[] = [];

/**
 * What was out over the last twelve months, under the headings of a lens: each thing once, in the month of its first day. What was
 * said to be skipped was not out; what nobody said anything of was, as it was planned.
 */
export const overMonths = answer((look, lens: LensId, today: PlainDay): OverMonths => {
  const months = monthsUpTo(today, MONTHS_SHOWN);
  const recorded = unitsRecorded(look);
  const out = Object.values(look.table('units'))
    .filter(({ start }) => start !== null && start <= today)
    .flatMap(({ id }) => outIn(look, id, recorded.get(id) ?? NONE, lens, today));
  const rows = headingsOf(lens, homeIn(look).ownHeadings).map(({ id, name }) =>
    rowOf(
      id,
      name,
      out.filter(({ headings }) => headings.includes(id)),
      months,
      today,
    ),
  );
  return { months, rows, paid: paidIn(look, months) };
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

// By the home's own clock: what is bought on the evening of the 31st belongs to that month.
function paidIn(look: Look, months: readonly Month[]): OverMonths['paid'] {
  const { zone } = homeIn(look);
  const paid = Object.values(look.table('stockMoves')).flatMap(({ at, paid }) =>
    paid ? [{ month: monthOf(dayInZone(Date.parse(at), zone)), paid }] : [],
  );
  const byMonth = groupBy(paid, ({ month }) => month);
  return months.flatMap((month) => {
    const of = byMonth.get(month);
    return of ? [{ month, amount: of.reduce((sum, one) => sum + one.paid, 0) as Money }] : [];
  });
}
