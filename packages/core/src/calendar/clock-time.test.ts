import { expect, test } from 'vitest';
import { clockSpan, clockTimeSchema, formatDuration, minutesSchema, spansMeet } from './index.ts';

const span = (start: string, minutes: number) =>
  clockSpan(clockTimeSchema.parse(start), minutesSchema.parse(minutes));

test('spans that touch do not meet, those that share a minute do', () => {
  expect(spansMeet(span('09:30', 30), span('10:00', 30))).toBe(false);
  expect(spansMeet(span('09:30', 31), span('10:00', 30))).toBe(true);
  expect(spansMeet(span('09:00', 120), span('10:00', 5))).toBe(true);
});

test('a span ends at midnight at the latest', () => {
  expect(span('23:30', 90)).toEqual({ from: 1410, to: 1440 });
});

test.each(['24:00', '9:30', '09:60', 'noon'])('%s is no time of the day', (text) => {
  expect(clockTimeSchema.safeParse(text).success).toBe(false);
});

test.each([
  [0, '0 min'],
  [8, '8 min'],
  [60, '1 h'],
  [140, '2 h 20 min'],
  [1440, '1 day'],
  [3000, '2 days 2 h'],
  [-5, '0 min'],
])('%d minutes are %s', (minutes, text) => expect(formatDuration(minutes)).toBe(text));
