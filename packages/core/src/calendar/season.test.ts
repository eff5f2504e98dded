import { expect, test } from 'vitest';
import { plainDay } from './plain-day.ts';
import { seasonOf } from './season.ts';

test.each([
  ['2027-01-15', 'America/Chicago', 'winter'],
  ['2027-02-28', 'America/Chicago', 'winter'],
  ['2027-03-01', 'America/Chicago', 'spring'],
  ['2027-07-31', 'Europe/Berlin', 'summer'],
  ['2027-11-30', 'Europe/Berlin', 'autumn'],
  ['2027-12-01', 'Europe/Berlin', 'winter'],
  ['2027-01-15', 'Australia/Sydney', 'summer'],
  ['2027-10-01', 'Pacific/Auckland', 'spring'],
  ['2027-05-01', 'America/Argentina/Salta', 'autumn'],
])('%s in %s is %s', (day, zone, season) => {
  expect(seasonOf(plainDay(day), zone)).toBe(season);
});
