import { expect, test } from 'vitest';
import { clockSpan, clockTimeSchema, minutesSchema, spansMeet } from './index.ts';

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
