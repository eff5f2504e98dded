import { join } from 'node:path';
import { pino, type Logger, type LoggerOptions } from 'pino';

const MEGABYTES = '5m';
const FILES = 5;

/**
 * What is told of an error: its class, its code, and where it happened. Never its message, which may quote what somebody wrote:
 * a note about a child has no place in a log.
 */
const errorTold = (error: Error & { readonly code?: string }): object => ({
  type: error.constructor.name,
  code: error.code,
  at: (error.stack ?? '')
    .split('\n')
    .filter((line) => /^\s+at /.test(line))
    .slice(0, 12)
    .map((line) => line.trim()),
});

const OPTIONS: LoggerOptions = { level: 'info', serializers: { err: errorTold }, base: null };

/** A log of JSON lines in the data folder: a new file at five megabytes, the last five stay. */
export const fileLog = (folder: string): Logger =>
  pino(
    OPTIONS,
    pino.transport({
      target: 'pino-roll',
      options: {
        file: join(folder, 'logs', 'kobby'),
        extension: '.log',
        size: MEGABYTES,
        limit: { count: FILES },
        mkdir: true,
      },
    }) as pino.DestinationStream,
  );

/** A log to somewhere of one's own, told in the same way. */
export const logTo = (destination: pino.DestinationStream): Logger => pino(OPTIONS, destination);

/** A log to nowhere. */
export const quietLog = (): Logger => pino({ level: 'silent' });
