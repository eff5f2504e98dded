import { expect, test } from 'vitest';
import {
  laterBy,
  minutesBetween,
  minutesSinceMidnight,
  momentOf,
  momentOfInstant,
  plainDay,
  type ClockTime,
  type Moment,
} from './index.ts';

const ZONE = 'America/Chicago';
const at = (day: string, time: string): number =>
  momentOf(plainDay(day), minutesSinceMidnight(time as ClockTime), ZONE);

test('a night has as many minutes as its clock lets it have', () => {
  expect(at('2027-03-12', '08:00') - at('2027-03-11', '20:00')).toBe(12 * 60);
  // The clocks go forward on 14 March 2027 and back on 7 November.
  expect(at('2027-03-14', '08:00') - at('2027-03-13', '20:00')).toBe(11 * 60);
  expect(at('2027-11-07', '08:00') - at('2027-11-06', '20:00')).toBe(13 * 60);
});

test('moments are minutes since 1970: an instant begun counts, and what lies between is a difference', () => {
  expect(momentOfInstant('1970-01-01T02:05:59.999Z')).toBe(125);
  expect(momentOfInstant('2027-03-11T15:00:00.000Z')).toBe(at('2027-03-11', '09:00'));
  expect(minutesBetween(100 as Moment, 145 as Moment)).toBe(45);
  expect([laterBy(100 as Moment, 45), laterBy(100 as Moment, -45)]).toEqual([145, 55]);
});

test('the end of a day is the beginning of the next', () => {
  expect(momentOf(plainDay('2027-03-13'), 24 * 60, ZONE)).toBe(at('2027-03-14', '00:00'));
});

test('a time that the clock leaves out is the one after it', () => {
  expect(at('2027-03-14', '02:30')).toBe(at('2027-03-14', '03:30'));
});
