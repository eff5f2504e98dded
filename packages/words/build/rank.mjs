// What belongs to a theme that nobody wrote: a walk over the nouns that may be offered, along scenes, senses, meanings and pictures.
import { readFileSync } from 'node:fs';
import { scenes } from '../src/scenes/index.ts';
import { emoji, isListed, levelOf, senses, synsets } from './sources.mjs';
import { above, candidates } from './nouns.mjs';

// What makes sense only where it was written: no thing by itself.
const ONLY_THERE = new Set([
  'sounds',
  'numbers',
  'in order',
  'opposites',
  'feelings',
  'faces',
  'fingers',
  'moves',
  'flavours',
  'signs',
  'events',
  'knots',
  'patterns',
  'tracks',
  'things it draws',
  'hot things',
  'cold things',
]);
const fromScenes = new Set(
  scenes.flatMap(({ things }) => things.filter(({ kind }) => !ONLY_THERE.has(kind)).map(({ name }) => name)),
);
const byHand = readFileSync(new URL('read-by-hand.txt', import.meta.url), 'utf8')
  .split('\n')
  .filter((line) => !line.startsWith('#'))
  .flatMap((line) => line.split(' '))
  .filter(Boolean)
  .map((word) => word.replaceAll('_', ' '));
const candidate = new Map(candidates(new Set([...fromScenes, ...byHand])).map((one) => [one.word, one]));

/** The nouns that may be offered, with the sense that is meant; null where no dictionary has it. */
export const nouns = [...new Set([...fromScenes, ...byHand])].map((word) => ({
  word,
  s: candidate.get(word)?.s ?? null,
  level: levelOf(word),
}));
export const numberOf = new Map(nouns.map(({ word }, i) => [word, i]));

// Words that only name a theme: common nouns, which lead to things but are never offered.
const PHYSICAL = new Set([
  'animal',
  'artifact',
  'body',
  'food',
  'object',
  'person',
  'phenomenon',
  'plant',
  'substance',
  'event',
  'time',
  'act',
  'communication',
  'location',
  'group',
]);
const only = [...senses]
  .filter(
    ([word]) =>
      /^[a-z]{3,}( [a-z]{3,})?$/.test(word) &&
      !numberOf.has(word) &&
      levelOf(word) <= (word.includes(' ') ? 20 : 35) &&
      !isListed(word),
  )
  .flatMap(([word, list]) => {
    const best = list.find(
      ({ pos, s }) =>
        pos === 'n' && PHYSICAL.has(synsets[s].field) && !synsets[s].pointers.some(([sign]) => sign === '@i'),
    );
    return best && (!word.includes(' ') || best.count > 0) ? [{ word, s: best.s, level: levelOf(word) }] : [];
  });
export const nodes = [...nouns, ...only];
const nodeOf = new Map(nodes.map(({ word }, i) => [word, i]));
const ofSense = new Map();
nodes.forEach(({ s }, i) => s !== null && ofSense.set(s, [...(ofSense.get(s) ?? []), i]));

const IRREGULAR = {
  mice: 'mouse',
  people: 'person',
  men: 'man',
  women: 'woman',
  feet: 'foot',
  leaves: 'leaf',
  knives: 'knife',
  loaves: 'loaf',
  shelves: 'shelf',
  wolves: 'wolf',
  geese: 'goose',
  teeth: 'tooth',
  children: 'child',
};
/** A word as the nouns have it; undefined for one that is none. */
const lemma = (word) =>
  nodeOf.has(word)
    ? word
    : [IRREGULAR[word], word.replace(/ies$/, 'y'), word.replace(/es$/, ''), word.replace(/s$/, '')].find(
        (one) => nodeOf.has(one),
      );
// Words in which what is told of things is told: they lead from everything to everything.
const DULL = new Set(
  'family world person people face head plate two three one circle north south east west part back line number family group water hand arm body front side top bottom end area area piece material finger star order day night time up down in out red yellow blue green orange purple pink brown black white color food animal bird plant tree man woman child house place city town game set box light head'.split(
    ' ',
  ),
);
const nodesIn = (text) => {
  const words = text.toLowerCase().match(/[a-z]+/g) ?? [];
  const found = new Set();
  for (let i = 0; i < words.length; i++) {
    const two = lemma(`${words[i]} ${words[i + 1]}`);
    if (two) {
      found.add(nodeOf.get(two));
      i++;
    } else {
      const one = lemma(words[i]);
      if (one) found.add(nodeOf.get(one));
    }
  }
  return [...found];
};

// Edges.
const edges = nodes.map(() => new Map());
const edge = (a, b, w) => a !== b && edges[a].set(b, (edges[a].get(b) ?? 0) + w);
const both = (a, b, w) => (edge(a, b, w), edge(b, a, w));

const inScenes = new Map();
for (const { things } of scenes)
  for (const { name } of things) inScenes.set(name, (inScenes.get(name) ?? 0) + 1);
const rare = (name) => 1 / Math.sqrt(inScenes.get(name) ?? 1);
export const P = {
  scene: 1.6,
  part: 2.2,
  kind: 1.2,
  sister: 0.7,
  told: 2.2,
  picture: 0.8,
  token: 1.2,
  group: 0.85,
};
for (const { things, themes } of scenes) {
  const list = things.filter(({ name }) => numberOf.has(name));
  list.forEach((a, i) => {
    for (const b of list.slice(i + 1))
      both(
        nodeOf.get(a.name),
        nodeOf.get(b.name),
        P.scene * rare(a.name) * rare(b.name) * (a.kind === b.kind ? P.group : 1) * 0.14,
      );
  });
  for (const a of list) {
    for (const part of a.parts)
      if (nodeOf.has(part)) both(nodeOf.get(a.name), nodeOf.get(part), P.part * 0.8);
    if (a.pair && nodeOf.has(a.pair)) edge(nodeOf.get(a.name), nodeOf.get(a.pair), P.part * 0.6);
    for (const theme of themes) {
      const node = nodeOf.get(lemma(theme) ?? '');
      if (node !== undefined) both(node, nodeOf.get(a.name), P.scene * rare(a.name) * 0.5);
    }
  }
}
const seen = new Map();
const inTold = synsets.map(({ told, words }) => (told ? [nodesIn(told), words] : [[], words]));
for (const [list] of inTold) for (const i of list) seen.set(i, (seen.get(i) ?? 0) + 1);
const idf = (i) => Math.max(0, Math.log(20000 / (1 + (seen.get(i) ?? 0)))) / 9;
synsets.forEach(({ pointers, pos }, s) => {
  const own = ofSense.get(s) ?? [];
  const [told] = inTold[s];
  for (const a of own) {
    for (const b of told) {
      const w = P.told * (DULL.has(nodes[b].word) ? 0.05 : 0.35) * idf(b);
      both(a, b, w);
    }
    const kids = pointers.filter(([sign]) => sign === '~').flatMap(([, to]) => ofSense.get(to) ?? []);
    for (const [sign, to] of pointers)
      for (const b of ofSense.get(to) ?? []) {
        if (sign[0] === '%') edge(a, b, P.part);
        if (sign[0] === '#') edge(a, b, P.part * 0.5);
        if (sign === '~') edge(a, b, P.kind / Math.sqrt(kids.length));
        if (sign[0] === '@') edge(a, b, P.kind * 0.4);
        if (sign === '+' || sign[0] === ';' || sign[0] === '-') edge(a, b, 0.8);
      }
  }
  if (pos !== 'n') return;
  // Parts of what it is a kind of, and others of its kind.
  const below = pointers.filter(([sign]) => sign === '~').map(([, to]) => to);
  const sisters = below.flatMap((to) => ofSense.get(to) ?? []);
  const parts = pointers.filter(([sign]) => sign[0] === '%').flatMap(([, to]) => ofSense.get(to) ?? []);
  for (const a of sisters) {
    for (const b of sisters) if (a !== b) edge(a, b, P.sister / Math.max(3, sisters.length));
    for (const part of parts) edge(a, part, P.part * 0.5);
  }
  // What is told of together.
  if (told.length > 1 && told.length <= 6)
    for (const a of told) for (const b of told) if (a < b) both(a, b, 0.12 * idf(a) * idf(b));
});
// Broader families: what is the same two steps up.
const families = new Map();
nouns.forEach(({ s }, i) => {
  if (s === null) return;
  for (const [a, d] of above(s)) if (d === 2) families.set(a, [...(families.get(a) ?? []), i]);
});
for (const list of families.values())
  if (list.length <= 40)
    for (const a of list) for (const b of list) if (a !== b) edge(a, b, 0.25 / list.length);
for (const { name, keys } of emoji) {
  const own = nodeOf.get(lemma(name) ?? '');
  // A maker's name among the keywords is no fruit.
  const known = keys
    .filter((key) => key !== 'apple' || name.includes('apple'))
    .flatMap((key) => nodeOf.get(lemma(key) ?? '') ?? []);
  if (own !== undefined)
    known.forEach((k, j) => both(own, k, ((DULL.has(nodes[k].word) ? 0.2 : 1) * P.picture) / (1 + 0.15 * j)));
  known.forEach((a, i) => known.slice(i + 1, 8).forEach((b) => both(a, b, 0.12)));
}
nouns.forEach(({ word }, i) => {
  for (const token of word.split(' ')) {
    const t = nodeOf.get(lemma(token) ?? '');
    if (t !== undefined && word.includes(' ')) both(i, t, P.token * 0.5);
  }
});

// A walk that begins at the theme again and again, along the strongest ways out of each node.
const WAYS = 80;
const starts0 = new Int32Array(nodes.length + 1);
const to = [];
const share = [];
edges.forEach((map, i) => {
  const strongest = [...map].sort((a, b) => b[1] - a[1]).slice(0, WAYS);
  const total = strongest.reduce((sum, [, w]) => sum + w, 0);
  for (const [j, w] of strongest) {
    to.push(j);
    share.push(w / total);
  }
  starts0[i + 1] = to.length;
});
const [TO, SHARE] = [Int32Array.from(to), Float64Array.from(share)];
const FAINT = 4e-5;
/** How much of the walk is at each node that it reaches. */
export function walk(seeds, restart = 0.42, steps = 5) {
  const total = seeds.reduce((sum, [, w]) => sum + w, 0);
  let now = new Map(seeds.map(([i, w]) => [i, w / total]));
  const sum = new Map();
  let left = 1;
  for (let step = 0; step < steps; step++) {
    for (const [i, w] of now) sum.set(i, (sum.get(i) ?? 0) + w * restart * left);
    left *= 1 - restart;
    const next = new Float64Array(nodes.length);
    for (const [i, w] of now)
      if (w > FAINT) for (let k = starts0[i]; k < starts0[i + 1]; k++) next[TO[k]] += w * SHARE[k];
    now = new Map();
    for (let i = 0; i < next.length; i++) if (next[i] > FAINT / 4) now.set(i, next[i]);
  }
  return sum;
}
// How often a node is reached from anywhere: what everything leads to says little of any theme.
const base = new Float64Array(nodes.length);
const starts = nouns.map((_, i) => i).filter((i) => i % 5 === 0);
for (const i of starts)
  for (const [j, w] of walk([[i, 1]], 0.42, 4)) if (j !== i) base[j] += w / starts.length;

const names = new Set(emoji.map(({ name }) => name));
const worth = ({ word, level }) =>
  (DULL.has(word) ? -1.6 : 0) +
  (fromScenes.has(word) ? (word.includes(' ') ? -0.2 : 0.5) : 0) +
  (names.has(word) ? 0.3 : 0) -
  (level > 35 && !fromScenes.has(word) ? 0.5 : 0) -
  (word.includes(' ') && !fromScenes.has(word) ? 0.3 : 0);

/** The best nouns for some seeds, each with its score. */
export function rank(seeds, most = 24) {
  const reached = walk(seeds);
  const isSeed = new Set(seeds.map(([i]) => i));
  const scored = nouns.flatMap((noun, i) => {
    const w = reached.get(i);
    if (!w) return [];
    const lift = Math.log(w / (base[i] + 3e-5) ** 0.6);
    const direct = Math.max(...seeds.map(([s]) => edges[s].get(i) ?? 0)) > 0.12 ? 0.7 : 0;
    return [{ i, word: noun.word, score: lift + direct + worth(noun) + (isSeed.has(i) ? 9 : 0) }];
  });
  scored.sort((a, b) => b.score - a.score);
  const heads = new Map();
  const senseSeen = new Set();
  const list = [];
  for (const one of scored) {
    const head = one.word.split(' ').at(-1);
    const { s } = nouns[one.i];
    if ((heads.get(head) ?? 0) >= 2 || (s !== null && senseSeen.has(s))) continue;
    heads.set(head, (heads.get(head) ?? 0) + 1);
    senseSeen.add(s);
    list.push(one);
    if (list.length >= most) break;
  }
  return list;
}
export const seedsFor = (text) => nodesIn(text).map((i) => [i, 1]);
