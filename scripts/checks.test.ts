import { spawnSync } from 'node:child_process';
import { readFileSync } from 'node:fs';
import { join, resolve } from 'node:path';
import { ESLint } from 'eslint';
import { check as isFormatted } from 'prettier';
import { describe, expect, test } from 'vitest';

const ROOT = resolve(import.meta.dirname, '..');
const fixture = (name: string): string => join(import.meta.dirname, 'fixtures', name);
const run = (bin: string, args: string[], cwd = ROOT) => {
  const { status, stdout, stderr } = spawnSync(join(ROOT, 'node_modules/.bin', bin), args, {
    cwd,
    encoding: 'utf8',
  });
  return { status, output: stdout + stderr };
};

describe('each static check refuses its fixture', () => {
  test('imports run downwards, and the core stays by itself', () => {
    const config = join(ROOT, '.dependency-cruiser.cjs');
    const { status, output } = run('depcruise', ['packages', '--config', config], fixture('imports'));
    expect(status).not.toBe(0);
    for (const rule of [
      ...['core-downwards-from-measure', 'core-stays-in-core', 'reading-downwards-from-plan'],
      ...['reading-apart-on-the-floor-of-cautions', 'every-question-has-a-floor'],
      ...['changes-downwards', 'rooms-of-changes-apart'],
    ])
      expect(output).toContain(`error ${rule}`);
  });

  test('the core reads no clock and knows no chance', async () => {
    const lint = new ESLint({ cwd: ROOT });
    const text = readFileSync(fixture('clock.ts'), 'utf8');
    const [result] = await lint.lintText(text, {
      filePath: join(ROOT, 'packages/core/src/measure/clock.ts'),
    });
    expect(result?.messages.map((message) => message.ruleId)).toEqual([
      'no-restricted-syntax',
      'no-restricted-syntax',
    ]);
  });

  test('ids, days and quantities cannot be mixed', () => {
    const args = [
      '--ignoreConfig',
      '--noEmit',
      '--strict',
      '--skipLibCheck',
      '--module',
      'preserve',
      '--allowImportingTsExtensions',
    ];
    const { status, output } = run('tsc', [
      ...args,
      '--moduleResolution',
      'bundler',
      '--target',
      'es2022',
      '--lib',
      'es2023',
      fixture('types.ts'),
    ]);
    expect(status).not.toBe(0);
    expect(output.match(/types\.ts\(\d+/g)?.map((place) => Number(place.slice(9)))).toEqual([3, 4, 5]);
  });

  test('code is formatted', async () => {
    expect(await isFormatted(readFileSync(fixture('format.ts'), 'utf8'), { parser: 'typescript' })).toBe(
      false,
    );
  });
});
