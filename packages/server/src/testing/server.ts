import { cpSync, existsSync, mkdtempSync, rmSync } from 'node:fs';
import { createServer, type Server } from 'node:http';
import type { AddressInfo } from 'node:net';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import type { ChangeInput, PlainDay } from '@kobby/core';
import { DEMO_TODAY } from '@kobby/starter';
import { expect, inject } from 'vitest';
import type { App } from '../app.ts';
import { DEMO_PASS_PHRASE } from '../demo.ts';
import { loadBook } from '../store/book-store.ts';
import { DATABASE_FILE } from '../backups/places.ts';
import { Host } from '../host.ts';

/** An answer, read. */
export interface Reply {
  readonly status: number;
  readonly type: string;
  // Tests look into many shapes; each says what it expects of this one.
  // eslint-disable-next-line @typescript-eslint/no-explicit-any
  readonly body: any;
  readonly headers: Headers;
}

/** Somebody who talks to the server over HTTP and keeps cookies as a browser would. */
export class Caller {
  readonly #base: string;
  readonly #cookies = new Map<string, string>();

  constructor(base: string) {
    this.#base = base;
  }

  /** What it sends along as a cookie. */
  get cookie(): string {
    return [...this.#cookies].map(([name, value]) => `${name}=${value}`).join('; ');
  }

  async ask(
    method: string,
    path: string,
    body?: unknown,
    headers: Record<string, string> = {},
  ): Promise<Reply> {
    const response = await this.open(method, path, body, headers);
    const text = await response.text();
    const type = response.headers.get('content-type') ?? '';
    const parsed: unknown = type.includes('json') ? JSON.parse(text) : text;
    return { status: response.status, type, body: parsed, headers: response.headers };
  }

  /** Asks and leaves the body unread, as for a stream. */
  async open(
    method: string,
    path: string,
    body?: unknown,
    headers: Record<string, string> = {},
  ): Promise<Response> {
    const { cookie } = this;
    const response = await fetch(this.#base + path, {
      method,
      headers: {
        ...(cookie ? { cookie } : {}),
        ...(body === undefined ? {} : { 'content-type': 'application/json' }),
        ...headers,
      },
      body: body === undefined ? null : isRaw(body) ? body : JSON.stringify(body),
    });
    for (const line of response.headers.getSetCookie()) {
      const [, name, value] = /^([^=]+)=([^;]*)/.exec(line)!;
      if (value) this.#cookies.set(name!, value);
      else this.#cookies.delete(name!);
    }
    return response;
  }

  /** Sends a body whose length is not told beforehand. */
  stream(method: string, path: string, body: ReadableStream): Promise<Response> {
    const { cookie } = this;
    const headers = { cookie, 'content-type': 'application/octet-stream' };
    return fetch(this.#base + path, { method, headers, body, duplex: 'half' } as RequestInit);
  }

  /** Sends one gesture and gives its reply. */
  send(changes: readonly ChangeInput[], rest: object = {}): Promise<Reply> {
    return this.ask('POST', '/api/gestures', { gestures: [aGesture(changes, rest)] });
  }

  signIn(passPhrase: string = DEMO_PASS_PHRASE, headers: Record<string, string> = {}): Promise<Reply> {
    return this.ask('POST', '/api/session', { passPhrase }, headers);
  }
}

// Text and the content of files go as they are, everything else as JSON.
const isRaw = (body: unknown): body is string | Uint8Array<ArrayBuffer> =>
  typeof body === 'string' || body instanceof Uint8Array;

let counter = 0;

/** A gesture as a browser would send it. */
export function aGesture(
  changes: readonly unknown[],
  rest: object = {},
): { id: string; changes: readonly unknown[] } {
  counter += 1;
  return { id: `test-gesture-${counter}`, changes, ...{ at: '2027-03-11T15:00:00.000Z' }, ...rest };
}

/** Reads the events of a stream as they come. */
export class EventReader {
  readonly #reader: ReadableStreamDefaultReader<string>;
  #rest = '';

  constructor(response: Response) {
    this.#reader = response.body!.pipeThrough(new TextDecoderStream()).getReader();
  }

  /** The next event; null when the stream has ended. */
  async next(): Promise<{ event: string; data: unknown } | null> {
    for (;;) {
      const end = this.#rest.indexOf('\n\n');
      if (end >= 0) {
        const block = this.#rest.slice(0, end);
        this.#rest = this.#rest.slice(end + 2);
        const data = /^data: (.*)$/m.exec(block)?.[1];
        if (data !== undefined) return { event: /^event: (.*)$/m.exec(block)![1]!, data: JSON.parse(data) };
        continue;
      }
      const { done, value } = await this.#reader.read();
      if (done) return null;
      this.#rest += value;
    }
  }

  close(): Promise<void> {
    return this.#reader.cancel();
  }
}

/** A server on a free port with a data folder of its own. */
export interface TestServer {
  /** The application that answers now. */
  readonly app: App;
  readonly folder: string;
  readonly port: number;
  caller(): Caller;
  /** A caller who is signed in as the provider of the demo home. */
  provider(): Promise<Caller>;
  /** Stops, checks that the book in the file equals the book in memory, and removes the folder unless told to keep it. */
  stop(options?: { keepFolder?: boolean }): Promise<void>;
}

interface Options {
  /** False for a folder without a home. */
  readonly demo?: boolean;
  readonly folder?: string;
  readonly today?: PlainDay;
  readonly webFolder?: string;
  readonly publicAddress?: string;
  readonly proxies?: number;
  readonly onlyHttps?: boolean;
}

/** Starts a server for a test. */
export async function startTestServer({
  demo = true,
  folder,
  today = DEMO_TODAY,
  webFolder,
  publicAddress,
  proxies = 0,
  onlyHttps = false,
}: Options = {}): Promise<TestServer> {
  const dataFolder = folder ?? mkdtempSync(join(tmpdir(), 'kobby-test-'));
  if (demo && !existsSync(join(dataFolder, DATABASE_FILE)))
    cpSync(inject('demoFolder'), dataFolder, { recursive: true });
  const host = await Host.open({
    folder: dataFolder,
    webFolder: webFolder ?? null,
    fixedToday: today,
    demoPassPhrase: demo ? DEMO_PASS_PHRASE : null,
    publicAddress: publicAddress ?? null,
    proxies,
    onlyHttps,
  });
  const server = createServer(host.answer);
  // What holds up the loop for seconds, as a command does, would let it close a connection while a test sends on it.
  server.keepAliveTimeout = 0;
  await new Promise<void>((listening) => server.listen(0, '127.0.0.1', listening));
  const { port } = server.address() as AddressInfo;
  const base = `http://127.0.0.1:${port}`;
  return {
    get app() {
      return host.app;
    },
    folder: dataFolder,
    port,
    caller: () => new Caller(base),
    provider: async () => {
      const caller = new Caller(base);
      expect((await caller.signIn()).status).toBe(200);
      return caller;
    },
    stop: async ({ keepFolder = false } = {}) => {
      await closeServer(server);
      const { knex, keeper } = host.app.services;
      expect(await loadBook(knex)).toEqual(keeper.book);
      await host.close();
      if (!keepFolder) rmSync(dataFolder, { recursive: true, force: true });
    },
  };
}

function closeServer(server: Server): Promise<void> {
  return new Promise((closed) => {
    server.close(() => closed());
    server.closeAllConnections();
  });
}
