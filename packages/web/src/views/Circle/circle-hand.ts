import { movePiece, type ChangeInput, type CirclePart, type CircleRun } from '@kobby/core';
import type { ComputedRef } from 'vue';
import { Hand } from '../../state/hand.ts';

/** The hand that puts the pieces of a circle into their order. */
export class CircleHand extends Hand<CirclePart> {
  readonly #run: ComputedRef<CircleRun | null>;
  readonly #perform: (changes: readonly ChangeInput[]) => boolean;

  constructor(run: ComputedRef<CircleRun | null>, perform: (changes: readonly ChangeInput[]) => boolean) {
    super();
    this.#run = run;
    this.#perform = perform;
  }

  nameOf({ title }: CirclePart): string {
    return title;
  }

  protected idOf({ piece }: CirclePart): string {
    return piece.id;
  }

  protected shownBy({ piece }: CirclePart): string {
    return `[data-piece="${CSS.escape(piece.id)}"]`;
  }

  protected drop(spot: string): boolean {
    if (!spot.startsWith(BEFORE)) return false;
    this.put(Number(spot.slice(BEFORE.length)));
    return true;
  }

  /** Puts what is in hand before the part that is at `to`. */
  put(to: number): void {
    const part = this.release();
    if (part) this.#move(part, to);
  }

  nudge(part: CirclePart, by: 1 | -1): void {
    const from = this.#placeOf(part);
    this.#move(part, by === 1 ? from + 2 : from - 1);
  }

  /** Whether putting what is in hand before the part at `to` would change anything. */
  canPut(to: number): boolean {
    if (!this.held.value) return false;
    const from = this.#placeOf(this.held.value);
    return to !== from && to !== from + 1;
  }

  #placeOf({ piece }: CirclePart): number {
    return this.#run.value?.parts.findIndex((part) => part.piece.id === piece.id) ?? -1;
  }

  #move(part: CirclePart, to: number): void {
    const run = this.#run.value;
    const from = this.#placeOf(part);
    if (!run || from < 0 || to < 0 || to > run.parts.length) return;
    if (this.#perform(movePiece(run, from, to)))
      this.settled(part, `${part.title} is number ${(to > from ? to - 1 : to) + 1} now.`);
  }
}

/** The key of the spot before a part of the run: `before:3`. */
export const BEFORE = 'before:';
