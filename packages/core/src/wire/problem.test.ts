import { describe, expect, test } from 'vitest';
import { z } from 'zod';
import {
  fieldProblems,
  isProblemOf,
  problem,
  problemSchema,
  PROBLEM_STATUS,
  setupRequestSchema,
  type ProblemKind,
} from './index.ts';

const problemsOf = (schema: z.ZodType, value: unknown) =>
  fieldProblems(schema.safeParse(value).error!).map(({ path, message }) => `${path.join('.')}: ${message}`);

describe('what a schema finds wrong', () => {
  const schema = z.object({
    name: z.string(),
    colour: z.enum(['red', 'blue']),
    list: z.array(z.object({ amount: z.number('A number is needed here') })),
  });

  test('is told in plain words, with the path of each field', () => {
    expect(problemsOf(schema, { colour: 'green', list: [{ amount: 1 }, { amount: 'two' }] })).toEqual([
      'name: This is missing',
      'colour: Kobby does not know this kind',
      'list.1.amount: A number is needed here',
    ]);
    expect(problemsOf(schema, { name: 7, colour: 'red', list: 'none' })).toEqual([
      'name: Something of another kind is needed here',
      'list: Something of another kind is needed here',
    ]);
  });

  test('names fields that nobody knows, and puts a path before its own', () => {
    expect(problemsOf(z.strictObject({ a: z.number() }), { a: 1, b: 2 })).toEqual([
      'b: Kobby does not know this field',
    ]);
    const { error } = schema.shape.name.safeParse(1);
    expect(fieldProblems(error!, ['changes', 0])[0]?.path).toEqual(['changes', 0]);
  });

  test('in one of several shapes is told for the shape that was meant', () => {
    const shapes = z.union([
      z.object({ kind: z.literal('day'), day: z.int('A day is needed here') }),
      z.object({ kind: z.literal('corner'), corner: z.string() }),
    ]);
    expect(problemsOf(shapes, { kind: 'day', day: 'one' })).toEqual(['day: A day is needed here']);
    expect(problemsOf(shapes, { kind: 'corner' })).toEqual(['corner: This is missing']);
  });
});

describe('a problem', () => {
  test.each(Object.entries(PROBLEM_STATUS))('%s has its status, a title and its own type', (kind, status) => {
    const made = problem(kind as ProblemKind, 'What happened.');
    expect(problemSchema.parse(made)).toEqual(made);
    expect([made.status, isProblemOf(made, kind as ProblemKind)]).toEqual([status, true]);
    expect(made.title.length).toBeGreaterThan(5);
  });

  test('types differ from each other', () => {
    expect(isProblemOf(problem('clash', ''), 'refused')).toBe(false);
  });
});

test('a home can be set up from any zone that exists, with a pass-phrase of some length', () => {
  const request = {
    code: 'ABCD',
    homeName: 'Oak',
    providerName: 'Ren',
    zone: 'Asia/Kathmandu',
    passPhrase: 'twelve letters',
  };
  expect(setupRequestSchema.parse(request)).toEqual(request);
  expect(problemsOf(setupRequestSchema, { ...request, zone: 'Moon', passPhrase: 'x'.repeat(201) })).toEqual([
    'zone: This is not a time zone, such as America/Chicago',
    'passPhrase: At most 200 characters fit here',
  ]);
});
