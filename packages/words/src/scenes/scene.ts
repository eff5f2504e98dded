import type { ThingRole } from '@kobby/core';

/** One thing of a scene as it is offered, with what was written down of it. */
export interface SceneThing {
  readonly name: string;
  readonly kind: string;
  readonly role: ThingRole | null;
  readonly parts: readonly string[];
  readonly pair: string | null;
  readonly rank: number | null;
  /** Written down beside what it goes with: of a kind and role of its own. */
  readonly isPartner: boolean;
}

/** What happens at a place or with a thing, as a list of things to take: what no dictionary tells. */
export interface Scene {
  /** What people call the theme; the first is its usual name. */
  readonly themes: readonly string[];
  /** The most telling first. */
  readonly things: readonly SceneThing[];
  /** What belongs to it, but not among the first that are offered. */
  readonly later: ReadonlySet<string>;
}

/** What a kind of thing is to a theme; all other kinds have no role. */
export const ROLE_OF_KIND: Readonly<Record<string, ThingRole>> = {
  people: 'who',
  animals: 'who',
  places: 'place',
  vehicles: 'carries',
  tools: 'tool',
  machines: 'tool',
  materials: 'material',
  sounds: 'sound',
};
// Said last: a sound alone is no thing to put on a shelf.
const LAST: ReadonlySet<string> = new Set(['sounds']);

/**
 * Scenes as they are written down, apart by an empty line. The first line of each has the names of the theme, apart by `;`; every
 * other one a kind and its things, the most telling first. `tram(wheel+bell)` has parts, `lock~key` are partners, and a line
 * `order: seed > sprout > plant` says what comes after what; what is in no list joins it there. `later: …` names what is no first choice.
 */
export function readScenes(text: string): readonly Scene[] {
  return text
    .trim()
    .split(/\n\s*\n/)
    .map(readScene);
}

function readScene(block: string): Scene {
  const [names = '', ...lines] = block.split('\n');
  const groups = lines.map((line) => {
    const colon = line.indexOf(':');
    return { kind: line.slice(0, colon).trim(), said: line.slice(colon + 1) };
  });
  const order = groups.find(({ kind }) => kind === 'order');
  const later = groups.find(({ kind }) => kind === 'later');
  const ranked = (order?.said.split('>') ?? []).map((name) => name.trim());
  const rankOf = (name: string): number | null => {
    const at = ranked.indexOf(name);
    return at < 0 ? null : at + 1;
  };
  const listed = groups
    .filter((group) => group !== order && group !== later)
    .map(({ kind, said }) => said.split(',').flatMap((entry) => thingsOf(entry, kind, rankOf)));
  const seen = new Set<string>();
  const once = ({ name }: SceneThing): boolean => !seen.has(name) && !!seen.add(name);
  const spoken = listed.filter((group) => LAST.has(group[0]!.kind));
  const things = [...inTurns(listed.filter((group) => !spoken.includes(group))), ...spoken.flat()].filter(
    once,
  );
  const only = ranked
    .filter((name) => !seen.has(name))
    .map((name) => ({
      ...{ name, kind: 'in order', role: null, parts: [] },
      ...{ pair: null, rank: rankOf(name), isPartner: false },
    }));
  return {
    themes: names.split(';').map((name) => name.trim()),
    things: [...things, ...only],
    later: new Set(later?.said.split(',').map((name) => name.trim())),
  };
}

function thingsOf(entry: string, kind: string, rankOf: (name: string) => number | null): SceneThing[] {
  const [, said = '', parts = ''] = /^([^(]*)(?:\(([^)]*)\))?$/.exec(entry.trim()) ?? [];
  const names = said.split('~').map((name) => name.trim());
  return names.map((name, i) => ({
    name,
    kind,
    role: ROLE_OF_KIND[kind] ?? null,
    parts: i > 0 || parts === '' ? [] : parts.split('+').map((part) => part.trim()),
    pair: names.length > 1 ? names[1 - i]! : null,
    rank: rankOf(name),
    isPartner: i > 0,
  }));
}

// The first of each kind, then the second of each: a dozen of them shows the whole scene.
function inTurns(groups: readonly (readonly SceneThing[])[]): readonly SceneThing[] {
  const longest = Math.max(0, ...groups.map(({ length }) => length));
  return Array.from({ length: longest }, (_, i) => groups.flatMap((group) => group[i] ?? [])).flat();
}
