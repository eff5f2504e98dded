// A pattern for any theme names nothing of another one: nouns of scenes are found out unless they are in any room.
import { activityContentSchema } from '@kobby/core';
import { describe, expect, test } from 'vitest';
import { STARTER_ACTIVITIES } from '../packages/starter/src/activities/index.ts';
import { STARTER_SUPPLIES } from '../packages/starter/src/supplies/index.ts';
import { ROOM_WORDS } from '../packages/starter/src/testing/room-words.ts';
import { scenes } from '../packages/words/src/scenes/index.ts';

const nouns = new Set(
  scenes
    .flatMap(({ things }) => things.map(({ name }) => name.toLowerCase()))
    .filter((name) => !/\s/.test(name)),
);
const kept = new Map(STARTER_SUPPLIES.map(({ supply }) => [supply.id, supply.name.toLowerCase()]));

/** The nouns in a text that are things of some scene. */
const nounsIn = (text: string): readonly string[] =>
  (text.toLowerCase().match(/(?<!\{)\b\p{L}+(?!\})/gu) ?? [])
    .map((word) => (nouns.has(word) ? word : word.replace(/s$/, '')))
    .filter((word) => nouns.has(word));

const textsOf = (value: unknown): string =>
  typeof value === 'string'
    ? `${value} `
    : value && typeof value === 'object'
      ? Object.values(value).map(textsOf).join('')
      : '';

describe('the patterns', () => {
  const patterns = STARTER_ACTIVITIES.map(({ id, content }) => ({
    id,
    content: activityContentSchema.parse(content),
  }));
  test.each(
    patterns.filter(({ content }) => content.hints.well !== '').map((one) => [one.id, one.content] as const),
  )(
    '%s names nothing but its theme, its things and what is in any room',
    (_, { title, summary, versions, steps, prep, hints, directions, materials }) => {
      const own = materials.map(({ supplyId }) => kept.get(supplyId) ?? '').join(' ');
      const said = textsOf([
        title,
        summary,
        directions,
        hints,
        steps.map(({ text }) => text),
        prep.map(({ text }) => text),
      ]);
      const perAge = textsOf(versions.map(({ does, changes, say }) => [does, changes, say]));
      expect(nounsIn(said + perAge).filter((word) => !ROOM_WORDS.has(word) && !own.includes(word))).toEqual(
        [],
      );
    },
  );

  test('would be found out', () => {
    expect(nounsIn('A garage for the lantern.').some((word) => !ROOM_WORDS.has(word))).toBe(true);
  });
});
