import { Temporal } from 'temporal-polyfill';
import type { PlainDay } from '../calendar/index.ts';

/** An age or an age limit in completed months; negative before birth. */
export type Months = number & { readonly __months?: never };

/**
 * Completed months of age on a day. A month is complete on the same day number, or on the first of the next
 * month where there is none: born on 31 January, the first month is complete on 1 March.
 */
export function ageInMonths(birth: PlainDay, on: PlainDay): Months {
  if (on < birth) return Temporal.PlainDate.from(birth).until(on, { largestUnit: 'months' }).months;
  const [fromYear, fromMonth, fromDay] = partsOf(birth);
  const [year, month, day] = partsOf(on);
  return (year - fromYear) * 12 + month - fromMonth - (day < fromDay ? 1 : 0);
}
const partsOf = (day: PlainDay): readonly [number, number, number] => [
  Number(day.slice(0, 4)),
  Number(day.slice(5, 7)),
  Number(day.slice(8)),
];

/** `9 months` below two years, then `2 y 4 m`, `3 y`. */
export function formatAge(months: Months): string {
  if (months < 0) return 'not born yet';
  if (months === 1) return '1 month';
  if (months < 24) return `${months} months`;
  const rest = months % 12;
  return rest === 0 ? `${Math.floor(months / 12)} y` : `${Math.floor(months / 12)} y ${rest} m`;
}
