import { readFileSync } from 'node:fs';
import { createRequire } from 'node:module';
import { optimize } from 'svgo';
import { COLOURS, DRAWN } from './drawn.ts';
import { eachShown } from './shown.ts';

// A tenth of a field of 32 is a third of a millimetre on a card of a hand's breadth.
const wrapped = (body: string): string =>
  optimize(`<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 32 32">${body}</svg>`, {
    multipass: true,
    floatPrecision: 1,
  }).data;

/**
 * The file of every picture that ships, by its id: SVG without scripts, on a field of 32 × 32. Read where the application is built.
 * @throws {Error} when the open set lacks a picture that is to be shown.
 */
export function pictureFiles(): ReadonlyMap<string, string> {
  const set = JSON.parse(
    readFileSync(
      createRequire(import.meta.url).resolve('@iconify-json/fluent-emoji-flat/icons.json'),
      'utf8',
    ),
  ) as { icons: Record<string, { body: string }> };
  const files = new Map<string, string>();
  for (const { id } of eachShown()) {
    const icon = set.icons[id];
    if (!icon) throw new Error(`The open set has no picture ${id}`);
    files.set(id, wrapped(icon.body));
  }
  for (const line of DRAWN.trim().split('\n')) {
    const [head = '', drawing = ''] = line.split(' | ');
    const body = drawing.replaceAll(
      /(fill|stroke)="(\w)"/g,
      (_, what: string, letter: string) => `${what}="${COLOURS[letter] ?? letter}"`,
    );
    files.set(head.split(': ')[0]!, wrapped(body));
  }
  return files;
}
