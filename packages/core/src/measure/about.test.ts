import { describe, expect, test } from 'vitest';
import fc from 'fast-check';
import { aboutDays, aboutDuration, aboutQuantity, aboutSeconds } from './index.ts';

describe('as people can use it', () => {
  test.each([
    [0, '0 s'],
    [43, '45 s'],
    [57, '55 s'],
    [58, '1 min'],
    [100, '1½ min'],
    [200, '3½ min'],
    [631, '10½ min'],
    [660, '11 min'],
  ])('%i seconds are %s', (seconds, text) => expect(aboutSeconds(seconds)).toBe(text));

  test.each([
    [559.63, 'mL', 'about 560 mL'],
    [560, 'mL', '560 mL'],
    [37.2, 'g', 'about 35 g'],
    [3.4, 'g', 'about 3 g'],
    [0.2, 'mL', 'about 1 mL'],
    [3217, 'g', 'about 3.2 kg'],
    [12_480, 'mL', 'about 12 L'],
    [2.6, 'piece', '3'],
  ] as const)('%d %s is %s', (amount, unit, text) =>
    expect(aboutQuantity({ amount, unit }, 'metric')).toBe(text),
  );
  test.each([
    [0, '0 min'],
    [59, '59 min'],
    [60, '1 h'],
    [65, 'about 1 h'],
    [126, 'about 2 h'],
    [150, '2½ h'],
    [154, 'about 2½ h'],
    [47 * 60, '47 h'],
    [48 * 60, '2 days'],
    [66 * 60, 'about 3 days'],
    [13 * 1440, '13 days'],
    [14 * 1440, '2 weeks'],
    [18 * 1440, 'about 2½ weeks'],
  ])('%i minutes are %s', (minutes, text) => expect(aboutDuration(minutes)).toBe(text));

  test('never further from what it is than half of a half', () => {
    const UNITS: Readonly<Record<string, number>> = {
      min: 1,
      h: 60,
      day: 1440,
      days: 1440,
      week: 10_080,
      weeks: 10_080,
    };
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 200_000 }), (minutes) => {
        const [, number, unit] = /^(?:about )?(\d*½?) (\w+)$/.exec(aboutDuration(minutes))!;
        const told =
          (Number(number!.replace('½', '') || 0) + (number!.includes('½') ? 0.5 : 0)) * UNITS[unit!]!;
        expect(Math.abs(told - minutes)).toBeLessThanOrEqual(unit === 'min' ? 0 : UNITS[unit!]! / 4);
        expect(aboutDuration(minutes).startsWith('about ')).toBe(told !== minutes);
      }),
    );
  });

  test.each([
    [6, 11, '6 to 11 days'],
    [18, 37, 'about 2½ to 5½ weeks'],
    [14, 28, '2 to 4 weeks'],
    [3, 30, '3 to 30 days'],
    [1, 1, '1 day'],
    [15, 15, 'about 2 weeks'],
  ])('%i to %i days are %s', (least, most, text) => expect(aboutDays(least, most)).toBe(text));

  test('in US units too', () =>
    expect(aboutQuantity({ amount: 561, unit: 'mL' }, 'us')).toBe('about 2⅜ cups'));
});
