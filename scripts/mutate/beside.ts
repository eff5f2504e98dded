// Which tests stand beside a source file, and which ones may find its faults besides.
import { readFileSync } from 'node:fs';
import { dirname, join, resolve } from 'node:path';
import { findTests } from '../find-tests.mjs';

const ROOT = resolve(import.meta.dirname, '../..');
const textOf = (file: string): string => readFileSync(join(ROOT, file), 'utf8');

/** All unit tests of what is put to the test here. */
export const ALL_TESTS: readonly string[] = ['core', 'starter', 'server'].flatMap((name) =>
  findTests(`packages/${name}`).filter((file: string) => file.startsWith(`packages/${name}/src/`)),
);
const TEXTS = new Map(ALL_TESTS.map((file) => [file, textOf(file)]));

const ALL_THAT_IS_SAID = 'packages/starter/src/approved.test.ts';

const exportedBy = (text: string): readonly string[] =>
  [...text.matchAll(/^export (?:async )?(?:const|function\*?|class) (\w+)/gm)].map(([, name]) => name!);

// More than these are hardly ever about the file.
const MOST_NAMING = 5;

const sharedFolders = (a: string, b: string): number => {
  const [left, right] = [a.split('/'), b.split('/')];
  const differs = left.findIndex((part, i) => part !== right[i]);
  return differs < 0 ? left.length : differs;
};

/** The tests of a file's folder, and the nearest ones that name something that it exports; else those of the folders above it. */
export function testsBeside(file: string): readonly string[] {
  const names = exportedBy(textOf(file));
  const named = new RegExp(`\\b(?:${names.join('|')})\\b`);
  const own = ALL_TESTS.filter((test) => dirname(test) === dirname(file));
  const naming = ALL_TESTS.filter((test) => names.length > 0 && named.test(TEXTS.get(test)!))
    .filter((test) => test !== ALL_THAT_IS_SAID)
    .toSorted((a, b) => sharedFolders(b, file) - sharedFolders(a, file))
    .slice(0, MOST_NAMING);
  const found = [...new Set([...own, ...naming])];
  if (found.length > 0) return found;
  for (let folder = dirname(file); folder !== '.'; folder = dirname(folder)) {
    const above = ALL_TESTS.filter((test) => test.startsWith(`${folder}/`));
    if (above.length > 0) return above.slice(0, MOST_NAMING);
  }
  return [];
}

/** Further tests that may meet a file, without those that stand beside it: of the core all that it says, of the server the rest. */
export function testsBeyond(file: string, beside: readonly string[]): readonly string[] {
  const isCore = file.startsWith('packages/core/');
  const further = isCore
    ? [ALL_THAT_IS_SAID]
    : ALL_TESTS.filter((test) => test.startsWith('packages/server/'));
  return further.filter((test) => !beside.includes(test));
}
