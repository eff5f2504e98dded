import {
  formatDay,
  formatQuantity,
  WATCH_MEASURES,
  type Forecast,
  type Sighting,
  type StageForecast,
  type StageNeed,
  type UnitSystem,
} from '@kobby/core';

/** Whether a stage has not begun by its latest day. */
export const isLate = ({ stages, isOver }: Forecast): boolean =>
  !isOver && stages.some(({ overdueDays }) => overdueDays > 0);

/** When a stage begins or began, in words. */
export function windowText({ began, earliest, latest, overdueDays }: StageForecast): string {
  if (began !== null) return `began ${formatDay(began)}`;
  const late =
    overdueDays > 0 ? `, ${overdueDays} ${overdueDays === 1 ? 'day' : 'days'} later than it should` : '';
  const when =
    earliest === latest
      ? `about ${formatDay(earliest)}`
      : `between ${formatDay(earliest)} and ${formatDay(latest)}`;
  return `${when}${late}`;
}

/** How often something is looked at in a stage. */
export function lookText({ stage: { look } }: StageForecast): string {
  if (look.kind === 'daily') return 'looked at each day';
  return look.kind === 'closed' ? 'left closed' : `looked at every ${look.days} days`;
}

/** What was measured, `31 mm`. */
export const measuredText = ({ measured }: Sighting): string =>
  measured
    .map(({ kind, value }) =>
      `${WATCH_MEASURES[kind].name.toLocaleLowerCase('en')} ${value} ${WATCH_MEASURES[kind].unit}`.trim(),
    )
    .join(', ');

/** What a stage needs, and what of it is missing. */
export const needText = ({ supply, need, missing }: StageNeed, units: UnitSystem): string =>
  missing.amount > 0
    ? `${supply.name}: ${formatQuantity(need, units)}, ${formatQuantity(missing, units)} missing`
    : `${supply.name}: ${formatQuantity(need, units)}, is there`;

/** Who was lost and set free, `2 set free`. */
export const headsText = ({ lost, setFree }: Sighting): string =>
  [lost > 0 ? `${lost} lost` : '', setFree > 0 ? `${setFree} set free` : ''].filter(Boolean).join(', ');
