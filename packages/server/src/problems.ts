import { fieldProblems, problem, type FieldProblem, type Problem, type ProblemKind } from '@kobby/core';
import type { Context, Middleware } from 'koa';
import type { Logger } from 'pino';
import type { z } from 'zod';
import { TooBusy } from './aside/run.ts';

/** A problem on its way to the error boundary. */
export class ProblemError extends Error {
  readonly problem: Problem;
  readonly headers: Readonly<Record<string, string>>;

  constructor(body: Problem, headers: Readonly<Record<string, string>> = {}) {
    super(body.detail);
    this.problem = body;
    this.headers = headers;
  }
}

/** Makes a problem to be thrown. */
export const fail = (kind: ProblemKind, detail: string, errors: readonly FieldProblem[] = []): ProblemError =>
  new ProblemError(problem(kind, detail, errors));

/** Reads a value by its schema. @throws {ProblemError} naming every wrong field. */
export function readBy<S extends z.ZodType>(schema: S, value: unknown): z.output<S> {
  const parsed = schema.safeParse(value ?? {});
  if (parsed.success) return parsed.data;
  throw fail('wrong-fields', 'Nothing was kept. See the fields below.', fieldProblems(parsed.error));
}

/** Sends a problem as the answer. */
export function sendProblem(ctx: Context, body: Problem): void {
  ctx.status = body.status;
  ctx.body = JSON.stringify(body);
  ctx.type = 'application/problem+json';
}

const busy = (): ProblemError =>
  new ProblemError(problem('too-much', 'Others are being looked into. Try again in a moment.'), {
    'Retry-After': '5',
  });

/** The one error boundary: everything thrown below becomes a problem, and only the unexpected is logged. */
export const errorBoundary =
  (log: Logger): Middleware =>
  async (ctx, next) => {
    try {
      await next();
      if (ctx.status === 404 && ctx.body === undefined)
        throw fail('not-found', 'There is nothing at this address.');
    } catch (error) {
      const known = error instanceof ProblemError ? error : error instanceof TooBusy ? busy() : null;
      if (!known) log.error({ err: error, path: ctx.path }, 'unexpected');
      if (ctx.headerSent) return;
      for (const [name, value] of Object.entries(known?.headers ?? {})) ctx.set(name, value);
      sendProblem(
        ctx,
        known?.problem ??
          problem(
            'our-mistake',
            'Nothing was kept of this request. Try again; if it stays so, start Kobby anew.',
          ),
      );
    }
  };
