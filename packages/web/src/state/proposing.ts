import {
  circleChanges,
  placingOf,
  WHOLE_DRAFT,
  type Character,
  type DraftAsk,
  type DraftedAt,
  type DraftedCircle,
  type Proposal,
  type ProposedPiece,
  type Reading,
} from '@kobby/core';
import { computed, onBeforeUnmount, ref, shallowRef, watch, type ComputedRef, type Ref } from 'vue';
import type { DraftNews, DraftOrder } from '../workers/draft.ts';
import { newId } from './api.ts';
import { useBook } from './book.ts';
import { createContext } from './context.ts';

/** A plan that is proposed for what is free of a unit: it stands nowhere until somebody takes it. */
export interface Proposing {
  readonly proposal: Readonly<Ref<Proposal | null>>;
  /** A better one is being looked for. */
  readonly isWorking: Readonly<Ref<boolean>>;
  readonly trouble: Readonly<Ref<string | null>>;
  readonly ask: Readonly<Ref<DraftAsk>>;
  /** Somebody is about to ask: what is free and what fits is looked at already. Nothing is shown of it. */
  ahead(wanted: Partial<DraftAsk>): void;
  /** Proposes anew: everything, or what is asked for. */
  begin(wanted: Partial<DraftAsk>): void;
  /** Proposes a plan of another character; what is kept stays. */
  lean(character: Character): void;
  /** Something else for this place; the rest stays. */
  another(piece: ProposedPiece): void;
  /** Not this, in no place. */
  never(piece: ProposedPiece): void;
  /** Stays, whatever else is proposed; once more and it does not. */
  keep(piece: ProposedPiece): void;
  isKept(piece: ProposedPiece): boolean;
  /** Puts pieces into the unit, in one step that can be undone. */
  take(pieces: readonly ProposedPiece[]): void;
  /** What was found so far is enough. */
  stop(): void;
  away(): void;
  inCorner(cornerId: string): readonly ProposedPiece[];
  onDay(day: number): readonly ProposedPiece[];
  inBin(childId: string): readonly ProposedPiece[];
  /** Titles of what a day's circle would be made of, as far as it is proposed. */
  circleOn(day: number): readonly string[];
  /** No circle is proposed for a day. */
  leaveCircle(day: number): void;
}

const [provideIt, useIt] = createContext<Proposing>('proposing', 'the unit page (views/Unit)');
/** What is proposed for the unit of the page. */
export const useProposing = useIt;

const atOf = ({ spot, activityId }: ProposedPiece): DraftedAt => ({ spot: spot.key, activityId });
const isAt = (one: DraftedAt, other: DraftedAt): boolean =>
  one.spot === other.spot && one.activityId === other.activityId;

/** The worker that drafts, made when it is first needed, with answers to the newest order only. */
class Drafter {
  #worker: Worker | null = null;
  #number = 0;
  readonly #onNews: (news: DraftNews) => void;

  constructor(onNews: (news: DraftNews) => void) {
    this.#onNews = onNews;
  }

  get isThere(): boolean {
    return this.#worker !== null;
  }

  order(plan: DraftOrder['plan'], ask: DraftAsk, isAhead: boolean): void {
    this.#number += 1;
    try {
      const worker = this.#worker ?? this.#make();
      worker.postMessage({ number: this.#number, plan, ask, isAhead } satisfies DraftOrder);
    } catch (error) {
      this.#onNews({ kind: 'failed', number: this.#number, message: String(error) });
    }
  }

  end(): void {
    this.#worker?.terminate();
    this.#worker = null;
  }

  #make(): Worker {
    const worker = new Worker(new URL('../workers/draft.ts', import.meta.url), { type: 'module' });
    worker.addEventListener('message', ({ data }: MessageEvent<DraftNews>) => {
      if (data.number === this.#number) this.#onNews(data);
    });
    worker.addEventListener('error', ({ message }) => {
      this.#onNews({ kind: 'failed', number: this.#number, message: message || 'it could not begin' });
    });
    this.#worker = worker;
    return worker;
  }
}

const titlesOn = (circles: readonly DraftedCircle[], day: number): readonly string[] => {
  if (!circles.some((one) => one.day === day)) return [];
  return circles
    .filter((one) => one.day === null || one.day === day)
    .flatMap(({ pieces }) => pieces)
    .toSorted((a, b) => (a.change.piece.order < b.change.piece.order ? -1 : 1))
    .map(({ title }) => title);
};

const placesOf = (
  pieces: ComputedRef<readonly ProposedPiece[]>,
): Pick<Proposing, 'inCorner' | 'onDay' | 'inBin'> => ({
  inCorner: (cornerId) =>
    pieces.value.filter(({ spot: { where } }) => where.kind === 'corner' && where.cornerId === cornerId),
  onDay: (day) => pieces.value.filter(({ spot: { where } }) => where.kind === 'day' && where.day === day),
  inBin: (childId) =>
    pieces.value.filter(({ spot: { where } }) => where.kind === 'bin' && where.childId === childId),
});

// What is asked of the worker for a unit, and what it answered last.
function useOrders(reading: ComputedRef<Reading>) {
  const store = useBook();
  const proposal = shallowRef<Proposal | null>(null);
  const isWorking = ref(false);
  const trouble = ref<string | null>(null);
  const ask = shallowRef<DraftAsk>(WHOLE_DRAFT);
  let sent: object | null = null;
  const drafter = new Drafter((news) => {
    if (news.kind === 'failed' && isWorking.value) trouble.value = news.message;
    if (news.kind === 'proposal') proposal.value = news.proposal;
    else isWorking.value = false;
  });
  function send(next: DraftAsk, isAhead: boolean): void {
    const { book, today } = store;
    const isKnown = drafter.isThere && sent === book;
    sent = book;
    const plan = isKnown ? null : { book, unitId: reading.value.frame.unit.id, today: today! };
    drafter.order(plan, next, isAhead);
  }
  function order(next: DraftAsk): void {
    ask.value = next;
    [isWorking.value, trouble.value] = [true, null];
    send(next, false);
  }
  function ahead(next: DraftAsk): void {
    const isDone = drafter.isThere && sent === store.book;
    if (!isWorking.value && proposal.value === null && !isDone) send(next, true);
  }
  function stop(): void {
    drafter.end();
    isWorking.value = false;
  }
  onBeforeUnmount(() => drafter.end());
  return { proposal, isWorking, trouble, ask, order, ahead, stop };
}

/** Makes the proposing of a unit, and hands it to every part below. */
export function provideProposing(reading: ComputedRef<Reading>): Proposing {
  const store = useBook();
  const { order, ahead, ...orders } = useOrders(reading);
  const { proposal, ask, trouble, stop } = orders;
  const kept = shallowRef<readonly DraftedAt[]>([]);
  const pieces = computed(() => proposal.value?.pieces ?? []);
  const left = shallowRef<readonly number[]>([]);
  const circles = computed(() =>
    (proposal.value?.circles ?? []).filter(({ day }) => day === null || !left.value.includes(day)),
  );
  const restOf = (piece: ProposedPiece): DraftedAt[] => pieces.value.filter((one) => one !== piece).map(atOf);

  // What stands in the unit, or who is there, is another: what is still free of the proposal is offered anew.
  watch([() => reading.value.placements, () => reading.value.frame], () => {
    if (proposal.value) order({ ...ask.value, kept: pieces.value.map(atOf) });
  });
  function away(): void {
    stop();
    kept.value = [];
    [proposal.value, trouble.value] = [null, null];
  }
  const proposing: Proposing = {
    ...orders,
    away,
    ahead: (wanted) => ahead({ ...WHOLE_DRAFT, character: ask.value.character, ...wanted }),
    begin: (wanted) => {
      [kept.value, left.value] = [[], []];
      order({ ...WHOLE_DRAFT, character: ask.value.character, ...wanted });
    },
    lean: (character) => order({ ...ask.value, character, kept: kept.value }),
    another: (piece) => order({ ...ask.value, kept: restOf(piece), not: [...ask.value.not, atOf(piece)] }),
    never: (piece) =>
      order({ ...ask.value, kept: restOf(piece), never: [...ask.value.never, piece.activityId] }),
    keep: (piece) => {
      const at = atOf(piece);
      const rest = kept.value.filter((one) => !isAt(one, at));
      kept.value = rest.length < kept.value.length ? rest : [...kept.value, at];
    },
    isKept: (piece) => kept.value.some((one) => isAt(one, atOf(piece))),
    take: (wanted) => {
      // What stands in for something comes with it.
      const keys = new Set(wanted.map(({ spot }) => spot.key));
      const chosen = pieces.value.filter(({ spot }) => keys.has(spot.key) || keys.has(spot.of ?? ''));
      const ids = new Map(chosen.map(({ spot }) => [spot.key, `put-${newId()}`]));
      const whole = chosen.length === pieces.value.length;
      const placing = placingOf(chosen, reading.value.frame.unit.id, (key) => ids.get(key)!);
      const circling = whole ? circleChanges(circles.value, newId) : [];
      if (placing.length + circling.length > 0) store.perform([...placing, ...circling]);
      if (whole) away();
    },
    ...placesOf(pieces),
    circleOn: (day) => titlesOn(circles.value, day),
    leaveCircle: (day) => (left.value = [...left.value, day]),
  };
  return provideIt(proposing);
}
