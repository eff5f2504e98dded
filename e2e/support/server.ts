import { spawn, type ChildProcess } from 'node:child_process';
import { cpSync, mkdtempSync, readdirSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join, resolve } from 'node:path';

const MAIN = resolve(import.meta.dirname, '../../packages/server/dist/main.js');

/** The built server as a process of its own, on a free port. */
export interface RunningServer {
  readonly url: string;
  /** What it printed so far. */
  readonly output: () => string;
  /** Ends it: politely, or in the middle of whatever it does. */
  stop(signal?: 'SIGTERM' | 'SIGKILL'): Promise<void>;
}

/** A temporary data folder; `remove` takes it away. */
export function temporaryFolder(): { readonly path: string; remove(): void } {
  const path = mkdtempSync(join(tmpdir(), 'kobby-'));
  return { path, remove: () => rmSync(path, { recursive: true, force: true }) };
}

/** A demo home that was made for this run: copying it takes milliseconds, making it takes seconds. */
export const MADE_HOME = 'KOBBY_MADE_HOME';

function putDemoInto(folder: string): void {
  const made = process.env[MADE_HOME];
  if (made && readdirSync(folder).length === 0) cpSync(made, folder, { recursive: true });
}

/** Starts the built server and waits for its address. The same port again keeps cookies and links alive. */
export async function startServer(
  folder: string,
  options: readonly string[] = [],
  port = 0,
): Promise<RunningServer> {
  if (options.includes('--demo')) putDemoInto(folder);
  const args = [MAIN, '--data', folder, '--port', String(port), ...options];
  const child = spawn(process.execPath, args, { stdio: ['ignore', 'pipe', 'pipe'] });
  let output = '';
  const collect = (chunk: Buffer): void => void (output += chunk.toString());
  child.stdout.on('data', collect);
  child.stderr.on('data', collect);
  const url = await waitForAddress(child, () => output);
  return { url, output: () => output, stop: (signal = 'SIGTERM') => end(child, signal) };
}

function waitForAddress(child: ChildProcess, output: () => string): Promise<string> {
  return new Promise((found, failed) => {
    const look = (): void => {
      const address = /ready: (http\S+)\/\n/.exec(output());
      if (address) found(address[1]!);
    };
    child.stdout!.on('data', look);
    child.once('exit', (code) => failed(new Error(`the server ended with ${code}:\n${output()}`)));
  });
}

function end(child: ChildProcess, signal: NodeJS.Signals): Promise<void> {
  if (child.exitCode !== null || child.signalCode !== null) return Promise.resolve();
  return new Promise((ended) => {
    child.once('exit', () => ended());
    child.kill(signal);
  });
}

/** The port of an address, to start a server there again. */
export const portOf = (url: string): number => Number(new URL(url).port);
