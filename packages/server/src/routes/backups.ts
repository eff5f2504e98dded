import { createReadStream, rmSync, statSync } from 'node:fs';
import {
  restoreRequestSchema,
  SETUP_CODE_HEADER,
  setupRestoreRequestSchema,
  type BackupTried,
} from '@kobby/core';
import type { Context } from 'koa';
import { refuseKnown } from '../access/known.ts';
import { BackupRefused } from '../backups/backups.ts';
import { fail, readBy } from '../problems.ts';
import { setAsideRows } from '../store/set-aside.ts';
import { requirePassPhrase, requireProvider, requireSetUpCode } from './door.ts';
import type { Services } from './services.ts';

type Params = Record<string, string>;

export async function showBackups(ctx: Context, services: Services): Promise<void> {
  await requireProvider(ctx, services);
  await tellBackups(ctx, services);
}

async function tellBackups(ctx: Context, { backups, knex }: Services): Promise<void> {
  ctx.body = {
    backups: backups.list(),
    keepsDaily: backups.keepsDaily,
    setAside: await setAsideRows(knex),
  };
}

export async function makeBackup(ctx: Context, services: Services): Promise<void> {
  await requireProvider(ctx, services);
  await services.backups.make('asked');
  await tellBackups(ctx, services);
}

export async function showBackup(ctx: Context, services: Services, { name }: Params): Promise<void> {
  await requireProvider(ctx, services);
  const path = services.backups.pathOf(name!);
  if (!path) throw fail('not-found', 'There is no such backup any more.');
  services.events.note('backup-taken-out', ctx);
  ctx.type = 'application/vnd.sqlite3';
  ctx.length = statSync(path).size;
  ctx.set('Content-Disposition', `attachment; filename="${name}"`);
  ctx.set('Cache-Control', 'no-store, no-transform');
  ctx.body = createReadStream(path);
}

/** The whole home for other programs. It is there only while it is being sent. */
export async function showHomeFile(ctx: Context, services: Services): Promise<void> {
  await requireProvider(ctx, services);
  const path = await services.backups.writeHome();
  services.events.note('home-taken-out', ctx);
  ctx.type = 'application/zip';
  ctx.length = statSync(path).size;
  ctx.set('Content-Disposition', `attachment; filename="home-${services.clock.today()}.zip"`);
  ctx.set('Cache-Control', 'no-store, no-transform');
  ctx.res.once('close', () => rmSync(path, { force: true }));
  ctx.body = createReadStream(path);
}

export async function tryBackup(ctx: Context, services: Services, { name }: Params): Promise<void> {
  await requireProvider(ctx, services);
  ctx.body = await services.backups.try(name!).catch(wrongBackup);
}

export async function dropBackup(ctx: Context, services: Services, { name }: Params): Promise<void> {
  await requireProvider(ctx, services);
  if (!services.backups.pathOf(name!)) throw fail('not-found', 'There is no such backup any more.');
  await services.backups.drop(name!).catch(wrongBackup);
  await tellBackups(ctx, services);
}

export async function bringBackup(ctx: Context, services: Services): Promise<void> {
  await requireProvider(ctx, services);
  ctx.body = await services.backups.bringIn(ctx.req).catch(wrongBackup);
}

const wrongBackup = (error: unknown): never => {
  if (!(error instanceof BackupRefused)) throw error;
  throw fail('wrong-file', `Nothing was changed. ${error.message}`, [
    { path: ['name'], message: error.message },
  ]);
};

/** What a home is replaced by is tried first, and whoever asks for it types the pass-phrase once more. */
export async function restore(ctx: Context, services: Services): Promise<void> {
  await requireProvider(ctx, services);
  const { name, passPhrase } = readBy(restoreRequestSchema, ctx.request.body);
  await requirePassPhrase(ctx, services, passPhrase);
  begin(ctx, services, await services.backups.try(name).catch(wrongBackup), passPhrase);
}

/** A new home may begin with an old one: whoever has the code from the terminal brings it in. */
export async function setUpBrought(ctx: Context, services: Services): Promise<void> {
  await requireSetUpCode(ctx, services, ctx.get(SETUP_CODE_HEADER));
  ctx.body = await services.backups.bringIn(ctx.req).catch(wrongBackup);
}

export async function setUpRestored(ctx: Context, services: Services): Promise<void> {
  const { code, name, passPhrase } = readBy(setupRestoreRequestSchema, ctx.request.body);
  await requireSetUpCode(ctx, services, code);
  const tried = await services.backups.try(name).catch(wrongBackup);
  if (!tried.hasPassPhrase && passPhrase === null)
    throw fail('wrong-fields', 'It brings no pass-phrase along. Choose one.', [
      { path: ['passPhrase'], message: 'It brings no pass-phrase along: choose one' },
    ]);
  if (passPhrase !== null) refuseKnown(passPhrase, [tried.homeName]);
  begin(ctx, services, tried, passPhrase);
}

// It begins when this was answered: what is open is closed then.
function begin(ctx: Context, services: Services, tried: BackupTried, passPhrase: string | null): void {
  const { backups, replace, log, events } = services;
  events.note('restored', ctx);
  ctx.body = tried;
  ctx.status = 202;
  ctx.res.once('close', () => {
    replace(() => backups.restore(tried.name, passPhrase)).catch((error: unknown) =>
      log.error({ err: error }, 'restore'),
    );
  });
}
