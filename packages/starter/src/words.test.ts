// What the product itself says: every text in its sources, shown or printed, and its front page.
import { readdirSync, readFileSync, statSync } from 'node:fs';
import { join, resolve } from 'node:path';
import { describe, expect, test } from 'vitest';

const ROOT = resolve(import.meta.dirname, '../../..');
const FORBIDDEN = /\b(?:taste-)?safe(?:ly|r|st)?\b|\bunsafe\b|\bcomplian(?:t|ce)\b/i;

/** Words of the web's own standard for content policies, which nobody reads as a promise. */
const CONTENT_POLICY = /(?:wasm-)?unsafe-(?:inline|eval)/g;

function filesIn(folder: string): string[] {
  return readdirSync(folder).flatMap((name) => {
    const path = join(folder, name);
    if (name === 'node_modules' || name === 'dist') return [];
    return statSync(path).isDirectory() ? filesIn(path) : [path];
  });
}

const isText = (path: string): boolean =>
  /\.(?:ts|vue|html|css)$/.test(path) && !/\.test\.ts$|\/testing\//.test(path);
/** The lines of a text in which a word stands that promises what nobody can promise. */
const promisesIn = (text: string): string[] =>
  text.split('\n').filter((line) => FORBIDDEN.test(line.replaceAll(CONTENT_POLICY, '')));

describe('the words of the product', () => {
  const sources = ['core', 'starter', 'server', 'web'].flatMap((name) =>
    filesIn(join(ROOT, 'packages', name, 'src')),
  );
  const texts = [...sources.filter(isText), join(ROOT, 'packages/web/index.html'), join(ROOT, 'README.md')];

  test('are many enough to have been found', () => {
    expect(texts.length).toBeGreaterThan(200);
  });

  test('never promise that something cannot hurt, or that a rule is met', () => {
    const found = texts.flatMap((path) =>
      promisesIn(readFileSync(path, 'utf8')).map((line) => `${path}: ${line.trim()}`),
    );
    expect(found).toEqual([]);
  });

  test('would be found out', () => {
    for (const words of ['a taste-safe dough', 'Safe for toddlers', 'fully compliant', 'play safely'])
      expect(promisesIn(words)).toHaveLength(1);
    expect(promisesIn('safety pins; Child Safety Protection Act')).toEqual([]);
  });
});
