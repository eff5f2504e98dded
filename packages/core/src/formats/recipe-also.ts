import { nameAt, type Book } from '../book/index.ts';
import type { SupplyId } from '../cupboard/index.ts';
import { allergenName, allergenNamed } from '../house/index.ts';
import type { Recipe, RecipeVariant, Swap } from '../library/index.ts';
import { oneLine } from './one-line.ts';
import { partsOf } from './read-table.ts';

/** What stands before a line of what may come instead; no step and no ingredient begins so. */
export const ALSO = '~';
const ONLY_FOOD = 'only food';

/**
 * What may come instead in a recipe, and its variants, a line each: `~ without gluten: Plain flour becomes 1 × Rice flour; also 1.1 × Water`,
 * `~ as Seeded: 0.1 of Plain flour becomes 1 × Poppy seed`. Read back by {@link alsoIn}.
 */
export function alsoLines(
  { swaps, variants }: Pick<Recipe, 'swaps' | 'variants'>,
  book: Book,
): readonly string[] {
  const name = (id: SupplyId): string => nameAt(book, { kind: 'supplies', id }) ?? id;
  const becomes = (id: SupplyId, part: number, insteadId: SupplyId | null, times: number): string => {
    const what = `${part === 1 ? '' : `${part} of `}${name(id)}`;
    return insteadId === null ? `${what} is left out` : `${what} becomes ${times} × ${name(insteadId)}`;
  };
  const also = (list: Swap['also']): readonly string[] =>
    list.map(({ supplyId, times }) => `also ${times} × ${name(supplyId)}`);
  return [
    ...swaps.map(({ allergen, supplyId, insteadId, times, also: others, how }) => {
      const said = [becomes(supplyId, 1, insteadId, times), ...also(others), how ? `(${asPart(how)})` : ''];
      return `${ALSO} ${allergen === null ? ONLY_FOOD : `without ${allergenName(allergen)}`}: ${said.filter(Boolean).join('; ')}`;
    }),
    ...variants.map(({ name: called, changes, also: others }) => {
      const said = changes.map((one) => becomes(one.supplyId, one.part, one.insteadId, one.times));
      return `${ALSO} as ${asPart(called).replaceAll(':', ',')}: ${[...said, ...also(others)].join('; ')}`;
    }),
  ];
}

// A semicolon ends a part.
const asPart = (text: string): string => oneLine(text).replaceAll(';', ',');

/** What of such a line was understood. */
export type AlsoRead =
  | { readonly kind: 'swaps'; readonly value: Omit<Swap, 'allergen'> & { readonly allergen: string | null } }
  | { readonly kind: 'variants'; readonly value: RecipeVariant }
  | { readonly kind: 'unread'; readonly why: string };

/**
 * Reads a line of {@link alsoLines}.
 * @param supplyOf the id of a supply by its name; null where the cupboard has none.
 * @param newId makes the id of a variant.
 */
export function alsoIn(
  line: string,
  supplyOf: (name: string) => SupplyId | null,
  newId: () => string,
): AlsoRead {
  const [, head = '', rest = ''] = /^~\s*([^:]+):\s*(.*)$/.exec(line.trim()) ?? [];
  const changes: RecipeVariant['changes'] = [];
  const also: Swap['also'] = [];
  let how = '';
  for (const part of partsOf(rest)) {
    const more = /^also ([\d.]+) × (.+)$/.exec(part);
    const gone = /^(?:([\d.]+) of )?(.+) is left out$/.exec(part);
    const other = /^(?:([\d.]+) of )?(.+) becomes ([\d.]+) × (.+)$/.exec(part);
    const words = /^\((.*)\)$/.exec(part);
    if (words) how = words[1]!;
    else {
      const found = gone ?? other;
      const names = more ? [more[2]!] : gone ? [gone[2]!] : other ? [other[2]!, other[4]!] : [];
      const ids = names.map(supplyOf);
      if (ids.length === 0 || ids.includes(null))
        return { kind: 'unread', why: `“${part}” is not understood: it is left out` };
      if (more) also.push({ supplyId: ids[0]!, times: Number(more[1]) });
      else
        changes.push({
          ...{ supplyId: ids[0]!, part: Number(found![1] ?? 1) },
          ...{ insteadId: other ? ids[1]! : null, times: Number(other?.[3] ?? 1) },
        });
    }
  }
  const called = /^as (.+)$/.exec(head)?.[1];
  if (called) return { kind: 'variants', value: { id: newId().slice(0, 10), name: called, changes, also } };
  const free = /^without (.+)$/.exec(head)?.[1];
  const [first] = changes;
  if (!first || (free === undefined && head !== ONLY_FOOD))
    return { kind: 'unread', why: `“${line.trim()}” is not understood: it is left out` };
  const { supplyId, insteadId, times } = first;
  return {
    kind: 'swaps',
    value: {
      allergen: free === undefined ? null : allergenNamed(free),
      ...{ supplyId, insteadId, times, also, how },
    },
  };
}
