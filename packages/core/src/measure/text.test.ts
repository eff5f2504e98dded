import { expect, test } from 'vitest';
import { idSchema, lineSchema, MAX_LINE_LENGTH, MAX_TEXT_LENGTH, textSchema } from './index.ts';

const messageOf = (schema: typeof lineSchema, value: unknown) =>
  schema.safeParse(value).error?.issues[0]?.message ?? null;

test.each([
  ['Wind and Kites', null],
  ['  trimmed  ', null],
  ['Åsa, Zoë & 小さい', null],
  ['', 'This cannot be empty'],
  ['   ', 'This cannot be empty'],
  ['x'.repeat(MAX_LINE_LENGTH), null],
  ['x'.repeat(MAX_LINE_LENGTH + 1), 'At most 120 characters fit here'],
  ['<script>', 'Use plain text without < or >'],
  ['two\nlines', 'Use plain text without < or >'],
  [7, 'Text is needed here'],
])('a line: %j', (value, message) => {
  expect(messageOf(lineSchema, value)).toBe(message);
});

test('a line is stored without what stood around it', () => {
  expect(lineSchema.parse('  Day 3 ')).toBe('Day 3');
});

test('a text may have line breaks and be empty, but no control characters', () => {
  expect(textSchema.parse('one\ntwo\tthree')).toBe('one\ntwo\tthree');
  expect(textSchema.parse('')).toBe('');
  expect(textSchema.safeParse('bell\u0007').success).toBe(false);
  expect(textSchema.safeParse('x'.repeat(MAX_TEXT_LENGTH + 1)).success).toBe(false);
});

test.each(['a', 'unit-kites', 'p:4:sticks', 'x'.repeat(64)])('%s is an id', (id) =>
  expect(idSchema.parse(id)).toBe(id),
);
test.each(['', 'two words', 'ü', 'x'.repeat(65), '../etc', 'a/b'])('%j is no id', (id) => {
  expect(idSchema.safeParse(id).success).toBe(false);
});
