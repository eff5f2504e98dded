import { describe, expect, test } from 'vitest';
import { aboutQuantity, aboutSeconds } from './index.ts';

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
  test('in US units too', () =>
    expect(aboutQuantity({ amount: 561, unit: 'mL' }, 'us')).toBe('about 2⅜ cups'));
});
