import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { expect, test } from 'vitest';

const WEB = join(import.meta.dirname, '..');
const styled = (readdirSync(WEB, { recursive: true }) as string[]).filter((file) =>
  /\.(vue|css)$/.test(file),
);
const styleOf = (file: string): string => {
  const text = readFileSync(join(WEB, file), 'utf8');
  return file.endsWith('.css') ? text : [...text.matchAll(/<style.*?<\/style>/gs)].join('\n');
};

/** A room kept free for something that stands there, such as a bar at the thumb, is a size and no space between. */
const A_SIZE_PX = 40;
/** A phone, a tablet, a narrow desk. */
const WIDTHS = [600, 900, 1100];

test.each(styled)('%s keeps to the five spaces and the three widths', (file) => {
  const style = styleOf(file);
  const spaces = [...style.matchAll(/(?<![\w-])(?:gap|padding|margin)[\w-]*: ([^;]*);/g)].flatMap(
    ([, value]) => [...value!.matchAll(/(\d[\d.]*)px/g)].map(([, px]) => Number(px)),
  );
  expect(spaces.filter((px) => px < A_SIZE_PX)).toEqual([]);
  const widths = [...style.matchAll(/\((?:max|min)-width: (\d+)px\)/g)].map(([, px]) => Number(px));
  expect(widths.filter((px) => !WIDTHS.includes(px))).toEqual([]);
});
