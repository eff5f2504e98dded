import { describe, expect, test } from 'vitest';
import type { z } from 'zod';
import { blankOf } from '../kind/index.ts';
import { kindOf, KINDS } from './index.ts';

describe('what a form for something new begins with', () => {
  test.each(KINDS)('%s: every field of the schema, with what the schema takes by itself', (kind) => {
    const schema = kindOf(kind).schema as unknown as z.ZodObject<Record<string, z.ZodType>>;
    const blank = blankOf(schema) as Record<string, unknown>;
    expect(Object.keys(blank)).toEqual(Object.keys(schema.shape));
    for (const [key, field] of Object.entries(schema.shape)) {
      const alone = field.safeParse(undefined);
      if (alone.success && alone.data !== undefined)
        expect([key, field.parse(blank[key])]).toEqual([key, alone.data]);
    }
  });

  test('what has to be typed is empty: a text, a number, the first of a closed list, nothing where there may be none', () => {
    const supply = blankOf(kindOf('supplies').schema) as Record<string, unknown>;
    expect(supply).toMatchObject({
      name: '',
      unit: 'piece',
      packs: [],
      lowMark: null,
      properties: {},
      retired: false,
    });
    expect(blankOf(kindOf('recipes').schema)).toMatchObject({
      yields: { amount: Number.NaN, unit: 'piece' },
      repeats: 1,
    });
    expect(blankOf(kindOf('events').schema)).toMatchObject({ when: { kind: 'day', day: Number.NaN } });
    // Each has its own: what is typed into one form is in no other.
    expect(blankOf(kindOf('songs').schema)).not.toBe(blankOf(kindOf('songs').schema));
    const one = blankOf(kindOf('songs').schema) as { skills: unknown[] };
    one.skills.push('counting');
    expect((blankOf(kindOf('songs').schema) as { skills: unknown[] }).skills).toEqual([]);
  });
});
