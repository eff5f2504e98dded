import { PassThrough } from 'node:stream';
import type { Context } from 'koa';

// Proxies and phones drop a silent connection after about a minute.
const HEARTBEAT_MS = 25_000;

// Whoever does not read is let go, and asks for what it missed when it comes back.
const MOST_UNREAD_BYTES = 8_000_000;
/** Streams that are open at once: with one more, the one that is open longest ends. */
export const MOST_STREAMS = 200;

/** One listener's stream of server-sent events. */
export class LiveStream {
  readonly #body = new PassThrough();
  readonly #heartbeat: NodeJS.Timeout;

  /** Answers a request with an event stream; `onEnd` is called once, whoever ends it. */
  constructor(ctx: Context, onEnd: () => void) {
    ctx.compress = false;
    ctx.set({ 'Cache-Control': 'no-store, no-transform', 'X-Accel-Buffering': 'no' });
    ctx.status = 200;
    ctx.type = 'text/event-stream';
    ctx.body = this.#body;
    this.#heartbeat = setInterval(() => this.#body.write(': still here\n\n'), HEARTBEAT_MS);
    this.#heartbeat.unref();
    this.#body.write('retry: 1000\n\n');
    this.#body.once('close', () => {
      clearInterval(this.#heartbeat);
      onEnd();
    });
    // A listener that goes away is no error.
    this.#body.on('error', () => undefined);
    ctx.req.once('close', () => this.#body.destroy());
  }

  /** Sends an event; with an id, a listener that comes back tells it and gets what it missed. */
  send(event: string, data: unknown, id?: number): void {
    const idLine = id === undefined ? '' : `id: ${id}\n`;
    this.#body.write(`event: ${event}\n${idLine}data: ${JSON.stringify(data)}\n\n`);
    if (this.#body.writableLength > MOST_UNREAD_BYTES) this.#body.destroy();
  }

  end(): void {
    this.#body.end();
  }
}

/** The streams that are open, each with what it is about. */
export class Hub<T> {
  readonly #open = new Map<LiveStream, T>();

  add(ctx: Context, about: T): LiveStream {
    const stream: LiveStream = new LiveStream(ctx, () => this.#open.delete(stream));
    this.#open.set(stream, about);
    const [oldest] = this.#open.keys();
    if (this.#open.size > MOST_STREAMS) oldest?.end();
    return stream;
  }

  each(visit: (stream: LiveStream, about: T) => void): void {
    for (const [stream, about] of [...this.#open]) visit(stream, about);
  }
}
