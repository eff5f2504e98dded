// Which tests stand beside a source file, and which ones may find its faults besides.
import { readFileSync } from 'node:fs';
import { dirname, join, resolve } from 'node:path';
import { findTests } from '../find-tests.mjs';

const ROOT = resolve(import.meta.dirname, '../..');
const textOf = (file: string): string => readFileSync(join(ROOT, file), 'utf8');

const TESTS: readonly string[] = ['core', 'starter', 'server'].flatMap((name) =>
  findTests(`packages/${name}`).filter((file: string) => file.startsWith(`packages/${name}/src/`)),
);
const TEXTS = new Map(TESTS.map((file) => [file, textOf(file)]));

const exportedBy = (text: string): readonly string[] =>
  [...text.matchAll(/^export (?:async )?(?:const|function\*?|class) (\w+)/gm)].map(([, name]) => name!);

/** The tests of a file's folder, and those that name something that it exports; else those of the folders above it. */
export function testsBeside(file: string): readonly string[] {
  const names = exportedBy(textOf(file));
  const named = new RegExp(`\\b(?:${names.join('|')})\\b`);
  const own = TESTS.filter((test) => dirname(test) === dirname(file));
  const naming = TESTS.filter((test) => names.length > 0 && named.test(TEXTS.get(test)!));
  const found = [...new Set([...own, ...naming])];
  if (found.length > 0) return found;
  for (let folder = dirname(file); folder !== '.'; folder = dirname(folder)) {
    const above = TESTS.filter((test) => test.startsWith(`${folder}/`));
    if (above.length > 0) return above;
  }
  return [];
}

const PACKAGES_THAT_SEE: Readonly<Record<string, readonly string[]>> = {
  core: ['core', 'starter', 'server'],
  starter: ['starter', 'server'],
  server: ['server'],
};

const sharedFolders = (a: string, b: string): number => {
  const [left, right] = [a.split('/'), b.split('/')];
  const differs = left.findIndex((part, i) => part !== right[i]);
  return differs < 0 ? left.length : differs;
};

/** All unit tests that may meet a file, the nearest ones first, without those that stand beside it. */
export function testsBeyond(file: string, beside: readonly string[]): readonly string[] {
  const seeing = PACKAGES_THAT_SEE[file.split('/')[1]!] ?? [];
  return TESTS.filter((test) => seeing.includes(test.split('/')[1]!) && !beside.includes(test)).toSorted(
    (a, b) => sharedFolders(b, file) - sharedFolders(a, file),
  );
}
