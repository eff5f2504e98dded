// Finds test files by where they lie, for `npm test -- core/circle`.
import { readdirSync } from 'node:fs';
import { join } from 'node:path';
import { ROOT } from './root.mjs';

const within = (folder) =>
  readdirSync(join(ROOT, folder), { recursive: true })
    .map((file) => `${folder}/${file}`)
    .filter((file) => /\.(test|e2e)\.ts$/.test(file));

const folders = () => [
  ...readdirSync(join(ROOT, 'packages')).map((name) => `packages/${name}/src`),
  'scripts',
  'e2e',
];

// `circle` is called so: the folder, or a file up to its first dot.
const isCalled = (segment, word) => segment === word || segment.split('.')[0] === word;

function liesIn(file, words) {
  let rest = words;
  for (const segment of file.split('/'))
    if (rest.length > 0 && isCalled(segment, rest[0])) rest = rest.slice(1);
  return rest.length === 0;
}

/** Every test file whose path begins with the text, or in whose path its words come in this order: `core/circle`. */
export function findTests(text) {
  const plain = text.replace(/^\.\//, '').replace(/\/$/, '');
  return folders()
    .flatMap(within)
    .filter((file) => file === plain || file.startsWith(`${plain}/`) || liesIn(file, plain.split('/')))
    .toSorted();
}
