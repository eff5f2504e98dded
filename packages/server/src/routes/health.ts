import { statfs } from 'node:fs/promises';
import { parsePlainDay } from '@kobby/core';
import type { Context } from 'koa';
import type { Services } from './services.ts';

const LOW_BYTES = 500_000_000;

/** 503 when the home could not be kept: whoever watches over the machine sees it without signing in. */
export async function showHealth(ctx: Context, { knex, backups, folder }: Services): Promise<void> {
  const answers = await knex('marks')
    .first()
    .then(
      () => true,
      () => false,
    );
  const { bavail, bsize } = await statfs(folder);
  const isLow = bavail * bsize < LOW_BYTES;
  const newest = backups.list()[0];
  ctx.status = answers && !isLow ? 200 : 503;
  ctx.body = {
    ok: answers && !isLow,
    database: answers ? 'answers' : 'silent',
    disk: isLow ? 'low' : 'enough',
    lastBackup: newest ? parsePlainDay(newest.madeAt.slice(0, 10)) : null,
  };
}
