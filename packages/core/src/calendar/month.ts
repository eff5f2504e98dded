import type { PlainDay } from './plain-day.ts';

/** A month of a year, as `2027-03`. Compares correctly as text. */
export type Month = string & { readonly __brand: 'Month' };

/** The month in which a day lies. */
export const monthOf = (day: PlainDay): Month => day.slice(0, 7) as Month;

/** The first day of a month. */
export const firstOf = (month: Month): PlainDay => `${month}-01` as PlainDay;

const MONTHS_A_YEAR = 12;

/** So many months up to and with the one of a day, the earliest first. */
export function monthsUpTo(day: PlainDay, count: number): readonly Month[] {
  const last = Number(day.slice(0, 4)) * MONTHS_A_YEAR + Number(day.slice(5, 7)) - 1;
  return Array.from({ length: count }, (_, i) => {
    const at = last - count + 1 + i;
    const month = String((at % MONTHS_A_YEAR) + 1).padStart(2, '0');
    return `${Math.floor(at / MONTHS_A_YEAR)}-${month}` as Month;
  });
}

/** How many of some days lie in each of some months. */
export function countByMonth(days: readonly PlainDay[], months: readonly Month[]): readonly number[] {
  const counts = new Map<Month, number>();
  for (const day of days) counts.set(monthOf(day), (counts.get(monthOf(day)) ?? 0) + 1);
  return months.map((month) => counts.get(month) ?? 0);
}

const NAMES = ['Jan', 'Feb', 'Mar', 'Apr', 'May', 'Jun', 'Jul', 'Aug', 'Sep', 'Oct', 'Nov', 'Dec'];

/** A month in three letters and its year: `Mar 2027`. */
export const formatMonth = (month: Month): string =>
  `${NAMES[Number(month.slice(5)) - 1]!} ${month.slice(0, 4)}`;
