import { fileNamed, keptFilesIn, MAX_FILE_BYTES, type KeptFile } from '@kobby/core';
import type { Context } from 'koa';
import { fail } from '../problems.ts';
import { FileRefused } from '../store/look-into.ts';
import { requireProvider } from './door.ts';
import type { Services } from './services.ts';
import { requireShare } from './shares.ts';

/** Takes a file in: the body is its content, the query its name. */
export async function keepFile(ctx: Context, services: Services): Promise<void> {
  await requireProvider(ctx, services);
  const name = String(ctx.query.name ?? '').trim();
  if (name === '' || name.length > 200) throw wrongFile('A file needs a name of at most 200 characters.');
  const content = await bodyOf(ctx);
  try {
    ctx.body = await services.files.keep(name, content);
  } catch (error) {
    throw error instanceof FileRefused ? wrongFile(error.message) : error;
  }
}

const wrongFile = (detail: string) =>
  fail('wrong-file', `Nothing was kept. ${detail}`, [{ path: ['file'], message: detail }]);

const tooLarge = () =>
  fail('too-large', `Nothing was kept. At most ${MAX_FILE_BYTES / 1_000_000} MB fit in one file.`, [
    { path: ['file'], message: `At most ${MAX_FILE_BYTES / 1_000_000} MB fit in one file` },
  ]);

async function bodyOf(ctx: Context): Promise<Buffer> {
  if (Number(ctx.get('Content-Length') || 0) > MAX_FILE_BYTES) throw tooLarge();
  const chunks: Buffer[] = [];
  let bytes = 0;
  for await (const chunk of ctx.req as AsyncIterable<Buffer>) {
    bytes += chunk.length;
    if (bytes > MAX_FILE_BYTES) throw tooLarge();
    chunks.push(chunk);
  }
  return Buffer.concat(chunks);
}

/** Gives out a file that something of the home names, and nothing else from the folder. */
export async function showFile(
  ctx: Context,
  services: Services,
  params: Record<string, string>,
): Promise<void> {
  await requireProvider(ctx, services);
  await giveOut(ctx, services, fileNamed(services.keeper.book, params.sha256!));
}

/** Gives out a picture that a link shows, and no other file. */
export async function showSharedFile(
  ctx: Context,
  services: Services,
  params: Record<string, string>,
): Promise<void> {
  const view = services.shareViews.view(await requireShare(ctx, services, params));
  const shown = keptFilesIn(view).find(({ sha256 }) => sha256 === params.sha256);
  await giveOut(ctx, services, shown ?? null);
}

async function giveOut(ctx: Context, services: Services, file: KeptFile | null): Promise<void> {
  const content = file && (await services.files.read(file.sha256));
  if (!content) throw fail('not-found', 'There is no such file any more.');
  ctx.type = file.type;
  ctx.length = file.bytes;
  // Whatever it is, it runs nothing here.
  ctx.set(
    'Content-Security-Policy',
    "sandbox; default-src 'none'; style-src 'unsafe-inline'; img-src 'self'",
  );
  ctx.set('Content-Disposition', `inline; filename*=UTF-8''${encodeURIComponent(file.name)}`);
  ctx.set('Cache-Control', 'no-store, no-transform');
  ctx.body = content;
}
