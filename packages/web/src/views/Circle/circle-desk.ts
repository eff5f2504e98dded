import {
  addPiece,
  changePiece,
  insteadOn,
  leaveOut,
  listed,
  type Block,
  type ChangeInput,
  type CirclePart,
  type CirclePiece,
  type CircleRun,
  type PieceWish,
  type Reach,
  type Reading,
} from '@kobby/core';
import { computed, ref, type ComputedRef, type Ref } from 'vue';
import { newId } from '../../state/api.ts';
import { useBook } from '../../state/book.ts';
import { createContext } from '../../state/context.ts';
import { withPage } from '../../state/hand.ts';
import { CircleHand } from './circle-hand.ts';

/** Where a new piece is being looked for: in which circle or seam, before which part, instead of which piece. */
export interface Wanted {
  readonly run: CircleRun;
  readonly kind: CirclePiece['kind'];
  readonly index: number;
  readonly insteadOf: CirclePiece | null;
}

/** What the circle page looks at, what is in hand there, and everything that can be done to a circle. */
class CircleDesk {
  readonly day: Ref<number>;
  readonly blockId = ref<string | null>(null);
  /** What a change holds for. */
  readonly reach = ref<Reach>('every-day');
  readonly wanted = ref<Wanted | null>(null);
  readonly openId = ref<CirclePiece['id'] | null>(null);
  readonly wrong = ref<string | null>(null);
  readonly reading: ComputedRef<Reading>;
  /** The hand that puts pieces into their order. */
  readonly hand: CircleHand;
  readonly #store = useBook();

  constructor(reading: ComputedRef<Reading>) {
    this.reading = reading;
    this.day = ref(firstDay(reading.value, this.#store.today!));
    this.hand = new CircleHand(this.run, (changes) => this.perform(changes, ''));
  }

  readonly block = computed((): Block | null => {
    const { blocks } = this.reading.value.circles;
    return blocks.find(({ id }) => id === this.blockId.value) ?? blocks[0] ?? null;
  });
  readonly run = computed((): CircleRun | null =>
    this.block.value ? this.reading.value.circles.on(this.day.value, this.block.value, 'in') : null,
  );
  /** The seams of the day, each after its block, with what stands there. */
  readonly seams = computed((): readonly CircleRun[] => {
    const { circles, frame } = this.reading.value;
    return frame.home.blocks.flatMap((block) => circles.on(this.day.value, block, 'after') ?? []);
  });

  perform(changes: readonly ChangeInput[], said: string): boolean {
    if (changes.length === 0) return true;
    const result = this.#store.perform(changes);
    this.wrong.value = result.done ? null : (result.errors[0]?.message ?? 'This could not be done');
    this.hand.said.value = result.done ? said : this.wrong.value!;
    return result.done;
  }

  add({ run, index, insteadOf }: Wanted, wish: PieceWish): void {
    const id = `piece-${newId()}`;
    const { unit } = this.reading.value.frame;
    const changes =
      insteadOf === null
        ? addPiece(run, unit.id, wish, { index, reach: this.reach.value, id })
        : insteadOn(insteadOf, run.day.number, wish, this.#pieces(), id);
    if (this.perform(changes, 'It is in the circle.')) this.wanted.value = null;
  }

  /** Puts pieces that were written at the end of a circle or seam, in their order. */
  addAll(run: CircleRun, wishes: readonly PieceWish[]): boolean {
    const { unit } = this.reading.value.frame;
    let behind: string | null = null;
    const changes = wishes.flatMap((wish) => {
      const id = `piece-${newId()}`;
      const added = addPiece(run, unit.id, wish, {
        ...{ index: run.parts.length, reach: this.reach.value, id, behind },
      });
      const [put] = added;
      if (put?.type === 'circle/put-piece') behind = put.piece.order;
      return added;
    });
    return this.perform(changes, wishes.length === 1 ? 'It is in the circle.' : 'They are in the circle.');
  }

  /** What of a piece is changed holds for the day or for every day, as chosen. */
  change({ piece }: CirclePart, rest: Parameters<typeof changePiece>[1]): void {
    const changes = changePiece(piece, rest, this.day.value, this.reach.value, `piece-${newId()}`);
    // On its day it is another one then: what lies open stays open.
    const [put] = changes.filter(({ type }) => type === 'circle/put-piece');
    const wasOpen = this.openId.value === piece.id;
    const done = this.perform(changes, 'Changed.');
    if (done && wasOpen && put?.type === 'circle/put-piece')
      this.openId.value = put.piece.id as CirclePiece['id'];
  }

  leaveOut({ piece, title }: CirclePart): void {
    const done = this.perform(
      leaveOut(piece, this.day.value, this.reach.value, this.#pieces()),
      `${title} is left out.`,
    );
    if (done && this.openId.value === piece.id) this.openId.value = null;
  }

  /** The piece of every day comes back in the place of what stood in for it. */
  bringBack({ piece, insteadOf }: CirclePart): void {
    this.openId.value = insteadOf?.id ?? null;
    this.perform([{ type: 'book/drop', kind: 'circlePieces', id: piece.id }], 'As on every day.');
  }

  #pieces(): readonly CirclePiece[] {
    return this.reading.value.circles.stuff.pieces;
  }
}

function firstDay({ frame }: Reading, today: string): number {
  const { days } = frame.calendar;
  return (days.find(({ date }) => date >= today) ?? days.at(-1))?.number ?? 1;
}

const [provideIt, useIt] = createContext<CircleDesk>('circle-desk', 'the circle page (views/Circle)');

/** Makes the desk of the page and hands it to every part below. */
export function provideCircleDesk(reading: ComputedRef<Reading>): CircleDesk {
  const desk = new CircleDesk(reading);
  withPage(
    desk.hand,
    ({ piece }) => desk.run.value?.parts.some((part) => part.piece.id === piece.id) ?? false,
  );
  return provideIt(desk);
}

/** The desk of the page. */
export const useCircleDesk = useIt;

/** On which days a part is there, in few words. */
export function whenText({ piece, insteadOf }: CirclePart): string {
  if (insteadOf) return 'only this day';
  if (piece.day !== null) return 'this day';
  return piece.notOn.length === 0 ? 'every day' : `not on Day ${listed(piece.notOn.map(String))}`;
}
