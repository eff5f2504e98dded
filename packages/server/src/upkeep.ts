import type { Logger } from 'pino';
import type { Backups } from './backups/backups.ts';
import type { Keeper } from './keeper.ts';

const SOON_MS = 60_000;
const AGAIN_MS = 15 * 60_000;

/**
 * What a home needs to have done without anybody asking: a backup each day, and a journal that does not grow for ever. What does
 * not work is logged and tried again later. What comes back ends it.
 */
export function startUpkeep(backups: Backups, keeper: Keeper, log: Logger): () => void {
  let isEnded = false;
  let timer: NodeJS.Timeout;
  const later = (afterMs: number): void => {
    timer = setTimeout(() => void round(), afterMs).unref();
  };
  const round = async (): Promise<void> => {
    keeper.condenseJournal();
    await backups.makeDaily().catch((error: unknown) => log.error({ err: error }, 'daily backup'));
    if (!isEnded) later(AGAIN_MS);
  };
  later(SOON_MS);
  return () => {
    isEnded = true;
    clearTimeout(timer);
  };
}
