import { themeQuerySchema, wordsQuerySchema } from '@kobby/core';
import { offers, openWordBook, told, type WordBook } from '@kobby/words';
import type { Context } from 'koa';
import { readBy } from '../problems.ts';
import { requireProvider } from './door.ts';
import type { Services } from './services.ts';

// Opened once somebody asks, and kept: it never changes while the server runs.
let opened: WordBook | null = null;
const wordBook = (): WordBook => (opened ??= openWordBook());

/** What belongs to a theme. */
export async function showThemeThings(ctx: Context, services: Services): Promise<void> {
  await requireProvider(ctx, services);
  const { theme, sense } = readBy(themeQuerySchema, ctx.query);
  ctx.body = offers(wordBook(), theme, sense ?? null);
}

/** What is known of the names of things. */
export async function showToldWords(ctx: Context, services: Services): Promise<void> {
  await requireProvider(ctx, services);
  const { name } = readBy(wordsQuerySchema, ctx.query);
  ctx.body = { words: name.map((one) => told(wordBook(), one)) };
}
