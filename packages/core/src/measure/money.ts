import { z } from 'zod';

/** Currencies that a home can count in, with how many digits stand after the point (ISO 4217). */
export const CURRENCIES = {
  USD: 2,
  CAD: 2,
  EUR: 2,
  GBP: 2,
  AUD: 2,
  NZD: 2,
  CHF: 2,
  SEK: 2,
  NOK: 2,
  JPY: 0,
} as const;
export type CurrencyId = keyof typeof CURRENCIES;
export const currencySchema = z.enum(
  Object.keys(CURRENCIES) as [CurrencyId, ...CurrencyId[]],
  'This is not a currency that Kobby knows',
);

/** Money in the smallest part of the home's currency, such as cents. Never negative. */
export const moneySchema = z
  .int('A price is a number')
  .min(0, 'A price cannot be below zero')
  .max(100_000_000, 'This is more than Kobby can count')
  .brand<'Money'>();
export type Money = z.infer<typeof moneySchema>;

/** `$2.50`, `€3.00`, `¥400`. */
export const formatMoney = (money: Money, currency: CurrencyId): string =>
  new Intl.NumberFormat('en', { style: 'currency', currency }).format(money / 10 ** CURRENCIES[currency]);

/** Reads `2.50`, `2,5` or `3` into the smallest part of a currency; null for anything else, negative included. */
export function parseMoney(text: string, currency: CurrencyId): Money | null {
  const digits = CURRENCIES[currency];
  const found = /^(\d{1,7})(?:[.,](\d+))?$/.exec(text.trim());
  if (!found) return null;
  const [, whole, rest = ''] = found;
  if (rest.length > digits) return null;
  return moneySchema.parse(Number(whole) * 10 ** digits + Number(rest.padEnd(digits, '0') || 0));
}
