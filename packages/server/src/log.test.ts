import { describe, expect, test } from 'vitest';
import { logTo } from './log.ts';

describe('a log', () => {
  test('tells what kind of mistake it was and where, and nothing that somebody wrote', () => {
    const lines: string[] = [];
    const log = logTo({ write: (line) => void lines.push(line) });
    let wrong: Error;
    try {
      JSON.parse('{"note": Zyra has a rash}');
      throw new Error('parsed');
    } catch (error) {
      wrong = Object.assign(error as Error, { code: 'E_TEST', sql: 'Zyra' });
    }
    expect(wrong.message).toContain('Z');
    log.error({ err: wrong }, 'unexpected');
    const told = JSON.parse(lines[0]!) as { err: { type: string; code: string; at: string[] } };
    expect(told.err).toMatchObject({ type: 'SyntaxError', code: 'E_TEST' });
    expect(told.err.at[0]).toMatch(/^at /);
    expect(lines[0]).not.toMatch(/zyra|rash/i);
  });
});
