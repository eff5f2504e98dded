import { PassThrough } from 'node:stream';
import type { Context } from 'koa';

// Proxies and phones drop a silent connection after about a minute.
const HEARTBEAT_MS = 25_000;

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
    return stream;
  }

  each(visit: (stream: LiveStream, about: T) => void): void {
    for (const [stream, about] of [...this.#open]) visit(stream, about);
  }
}
