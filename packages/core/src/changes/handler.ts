import type { Actor, Change, ChangeType } from './change.ts';
import type { Pen } from './pen.ts';
import type { Refusal } from './refusal.ts';

/** What a handler sees besides the book. */
export interface Envelope {
  readonly at: string;
  readonly actor: Actor;
}

/** One handler for each kind of change: it writes with the pen, or says why the change cannot be represented. */
export type Handlers<T extends ChangeType = ChangeType> = {
  readonly [K in T]: (pen: Pen, change: Extract<Change, { type: K }>, envelope: Envelope) => Refusal | void;
};
