// Makes `data/words.br`: how words are spoken, the nouns that may be offered with what is known of them, and what belongs to which theme.
import { mkdirSync, readFileSync, writeFileSync } from 'node:fs';
import { brotliCompressSync, constants } from 'node:zlib';
import pluralize from 'pluralize';
import { scenes } from '../src/scenes/index.ts';
import { above } from './nouns.mjs';
import { nodes, nouns, numberOf, rank } from './rank.mjs';
import { COLOURS, KINDS, MASS, OFFERED, PICTURES, SIZES, SPOKEN_OTHERWISE } from './by-hand.mjs';
import { commonWords, emoji, isListed, nounSense, spokenOf, synsets } from './sources.mjs';

const PER = OFFERED;
const PHONEMES =
  'AA AE AH AO AW AY B CH D DH EH ER EY F G HH IH IY JH K L M N NG OW OY P R S SH T TH UH UW V W Y Z ZH'.split(
    ' ',
  );
// One letter a phoneme; after a vowel that is stressed ' or ".
const packed = (spoken) =>
  spoken
    .split(' ')
    .map((one) => {
      const [, phoneme, stress] = /^([A-Z]+)(\d)?$/.exec(one);
      return (
        String.fromCharCode(65 + PHONEMES.indexOf(phoneme)) +
        (stress === '1' ? "'" : stress === '2' ? '"' : '')
      );
    })
    .join('');
const spoken = (word) => SPOKEN_OTHERWISE[word] ?? spokenOf(word);

// 1 How words are spoken: common ones, and each that a noun or a scene is made of.
const parts = new Set(
  [
    ...nouns.map(({ word }) => word),
    ...scenes.flatMap(({ themes, things }) => [
      ...themes,
      ...things.flatMap((one) => [one.name, ...one.parts]),
    ]),
  ].flatMap((name) => name.toLowerCase().split(/[ -]/)),
);
const said = [...new Set([...commonWords(40), ...parts])]
  .filter((word) => /^[a-z]+('[a-z]+)?$/.test(word) && spoken(word) && (parts.has(word) || !isListed(word)))
  .sort();

// 2 The nouns.
const rootsOf = (table) => {
  const roots = new Map();
  for (const [name, list] of Object.entries(table))
    for (const one of list.split(' ')) {
      const [word, number] = one.split(':');
      const s = nounSense(word.replaceAll('_', ' '), Number(number ?? 1));
      if (s !== undefined && !roots.has(s)) roots.set(s, name);
    }
  return (s) => {
    if (s === null) return null;
    const [nearest] = [...above(s)].filter(([a]) => roots.has(a)).sort((a, b) => a[1] - b[1]);
    return nearest ? roots.get(nearest[0]) : null;
  };
};
const kindBySense = rootsOf(KINDS);
const sizeBySense = rootsOf(SIZES);
const inScenes = new Map();
for (const { things } of scenes)
  for (const one of things) {
    const known = inScenes.get(one.name) ?? { kinds: new Map(), parts: new Set(), pair: null };
    known.kinds.set(one.kind, (known.kinds.get(one.kind) ?? 0) + 1);
    for (const part of one.parts) known.parts.add(part);
    known.pair ??= one.pair;
    inScenes.set(one.name, known);
  }
const USUAL = new Set([
  ...Object.keys(KINDS),
  'people',
  'animals',
  'materials',
  'tools',
  'machines',
  'containers',
  'paper things',
  'signs',
  'treasure',
]);
const kindOf = ({ word, s }) => {
  const kinds = [...(inScenes.get(word)?.kinds ?? [])]
    .filter(([kind]) => USUAL.has(kind))
    .sort((a, b) => b[1] - a[1]);
  return kinds[0]?.[0] ?? kindBySense(s) ?? 'things';
};
const pictureOf = new Map();
for (const { name, slug, group } of emoji)
  if (group !== 'Flags' && group !== 'Symbols' && !pictureOf.has(name)) pictureOf.set(name, slug);
const pictured = ({ word }) => (word in PICTURES ? PICTURES[word] : (pictureOf.get(word) ?? ''));
const partsOf = ({ word, s }) => {
  const own = [...(inScenes.get(word)?.parts ?? [])];
  if (own.length > 0 || s === null) return own;
  return synsets[s].pointers
    .filter(([sign]) => sign[0] === '%')
    .flatMap(([, to]) => nouns.find((one) => one.s === to)?.word ?? [])
    .slice(0, 6);
};
// Where a scene means another thing than the dictionary's first, a crane that lifts, nothing is taken from that.
const isSameSense = (noun, kind) => kindBySense(noun.s) === kind;
const manyOf = (noun, kind) => {
  const { word } = noun;
  const many =
    MASS.has(word) || MASS.has(word.split(' ').at(-1)) || (kind === 'materials' && isSameSense(noun, kind))
      ? word
      : pluralize.plural(word);
  return many === pluralize.plural(word) ? '' : many;
};
const rows = nouns.map((noun) => {
  const kind = kindOf(noun);
  return [
    noun.word,
    kind,
    (isSameSense(noun, kind) ? sizeBySense(noun.s) : null) ?? '',
    pictured(noun),
    partsOf(noun).join(','),
    inScenes.get(noun.word)?.pair ?? '',
    COLOURS.get(noun.word) ?? '',
    manyOf(noun, kind),
    noun.level,
  ];
});

// 3 What belongs to a theme that nobody wrote. A list that nothing speaks for is left out.
const written = new Set(scenes.flatMap(({ themes }) => themes));
const lists = nodes
  .map(({ word }, i) => ({ word, i }))
  .filter(({ word }) => !written.has(word))
  .map(({ word, i }) => ({ word, list: rank([[i, 1]], PER) }))
  .filter(({ list }) => list.length === PER);
const senses = readFileSync(new URL('senses.txt', import.meta.url), 'utf8')
  .split('\n')
  .filter((line) => line !== '' && !line.startsWith('#'))
  .map((line) => {
    const colon = line.indexOf(':');
    return {
      word: line.slice(0, colon),
      senses: line
        .slice(colon + 1)
        .split('|')
        .map((one) => {
          const [means, leads] = one.split('=').map((text) => text.trim());
          const scene = /\[([^\]]+)\]/.exec(leads)?.[1] ?? '';
          if (scene && !scenes.some(({ themes }) => themes.includes(scene)))
            throw new Error(`no scene ${scene}`);
          const seeds = leads
            .replace(/\[[^\]]+\]/, '')
            .split(',')
            .map((word) => word.trim())
            .filter((word) => numberOf.has(word))
            .map((word) => [numberOf.get(word), 1]);
          if (!scene && seeds.length === 0) throw new Error(`nothing leads to ${line}`);
          return { means, scene, list: scene ? [] : rank(seeds, PER).map(({ i }) => i) };
        }),
    };
  });

const text = [
  PHONEMES.join(' '),
  said.map((word) => `${word}\t${packed(spoken(word))}`).join('\n'),
  rows.map((row) => row.join('\t')).join('\n'),
  lists.map(({ word }) => word).join('\n'),
  JSON.stringify(senses),
].join('\n\n');
const head = Buffer.from(text);
const length = Buffer.alloc(4);
length.writeUInt32LE(head.length);
const numbers = Buffer.alloc(lists.length * PER * 2);
lists.forEach(({ list }, k) => list.forEach(({ i }, j) => numbers.writeUInt16LE(i, (k * PER + j) * 2)));
const all = Buffer.concat([length, head, numbers]);
const small = brotliCompressSync(all, {
  params: { [constants.BROTLI_PARAM_QUALITY]: 11, [constants.BROTLI_PARAM_LGWIN]: 24 },
});
mkdirSync(new URL('../data/', import.meta.url), { recursive: true });
writeFileSync(new URL('../data/words.br', import.meta.url), small);
console.log({
  said: said.length,
  nouns: rows.length,
  pictured: rows.filter((row) => row[3]).length,
  lists: lists.length,
  senses: senses.length,
  raw: all.length,
  packed: small.length,
});
