import type { IncomingMessage, ServerResponse } from 'node:http';
import { problem } from '@kobby/core';
import { buildApp, type App, type AppOptions } from './app.ts';

const RETRY_SECONDS = 2;
const LET_END_MS = 5000;

/**
 * The application that answers now. The data folder can be replaced under it, as by a restore: requests wait politely meanwhile,
 * and a new application goes on with what is there then. Why not in the application itself: everything in it stands on the folder
 * as it was opened.
 */
export class Host {
  readonly #options: AppOptions;
  #app: App;
  #answer: ReturnType<App['koa']['callback']> | null;
  #underWay = 0;

  private constructor(options: AppOptions, app: App) {
    this.#options = options;
    this.#app = app;
    this.#answer = app.koa.callback();
  }

  static async open(options: Omit<AppOptions, 'replace'>): Promise<Host> {
    let host: Host | null = null;
    const all = { ...options, replace: (work: () => Promise<void>) => host!.#replace(work) };
    host = new Host(all, await buildApp(all));
    return host;
  }

  get app(): App {
    return this.#app;
  }

  /** Answers a request of Node's HTTP server. */
  readonly answer = (request: IncomingMessage, response: ServerResponse): void => {
    if (!this.#answer) return sayWait(response);
    this.#underWay += 1;
    response.once('close', () => (this.#underWay -= 1));
    void this.#answer(request, response);
  };

  close(): Promise<void> {
    return this.#app.close();
  }

  async #replace(work: () => Promise<void>): Promise<void> {
    this.#answer = null;
    this.#app.endStreams();
    const until = Date.now() + LET_END_MS;
    while (this.#underWay > 0 && Date.now() < until) await new Promise((next) => setTimeout(next, 20));
    await this.#app.close();
    try {
      await work();
    } finally {
      this.#app = await buildApp(this.#options);
      this.#answer = this.#app.koa.callback();
    }
  }
}

function sayWait(response: ServerResponse): void {
  const body = problem('being-restored', 'What you did is kept on this device. It goes on in a moment.');
  response.writeHead(body.status, {
    'Content-Type': 'application/problem+json',
    'Cache-Control': 'no-store',
    'Retry-After': String(RETRY_SECONDS),
  });
  response.end(JSON.stringify(body));
}
