import { describe, expect, test } from 'vitest';
import { anyEntity } from '../testing/entities.ts';
import { seeded } from '../testing/problems.ts';
import { KINDS, type Entity, type Kind } from './book.ts';
import { referencesOf, type HeldReference } from './references.ts';

// Fields that are called like a reference and are none: parts of the entity itself, of the home, or of what it is about.
const NONE = new Set([
  'versionId',
  'blockId',
  'slotId',
  'stageId',
  'taskId',
  'versionIds',
  'headingId',
  'partId',
  'id',
]);
// What a reference is called that does not end in `Id`.
const ALSO = new Set(['sharesTableWith', 'insteadOf', 'of']);
const isReference = (name: string): boolean => !NONE.has(name) && (/Ids?$/.test(name) || ALSO.has(name));

/** Where in an entity something stands that is called like a reference, with what it refers to. */
function calledSo(value: unknown, path: readonly (string | number)[] = []): [string, string][] {
  const name = String(path.findLast((part) => typeof part === 'string') ?? '');
  if (typeof value === 'string') return isReference(name) ? [[path.join('.'), value]] : [];
  if (typeof value !== 'object' || value === null) return [];
  return Object.entries(value).flatMap(([key, one]) =>
    calledSo(one, [...path, Array.isArray(value) ? Number(key) : key]),
  );
}

const text = ({ path, target }: HeldReference): [string, string] => [path.join('.'), target.id];

// Parts of the home that are kept although whom they name is gone.
const NOT_HELD: Readonly<Partial<Record<Kind, readonly RegExp[]>>> = {
  // A thing that is gone leaves what was about it to what the theme is about.
  placements: [/^aboutId$/],
  homes: [/^prepSlots\.\d+\.personId$/],
};

describe.each(KINDS)('what %s refer to', (kind) => {
  test('is all that is called so, at its place', () => {
    const random = seeded(KINDS.indexOf(kind) + 40);
    for (let i = 0; i < 8; i += 1) {
      const entity: Entity = anyEntity(kind, random);
      const held = referencesOf(kind, entity as never)
        .map(text)
        .toSorted();
      const named = calledSo(entity)
        .filter(([path]) => !NOT_HELD[kind]?.some((pattern) => pattern.test(path)))
        .toSorted();
      expect(held).toEqual(named);
    }
  });
});
