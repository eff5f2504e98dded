import {
  Drafting,
  proposals,
  type Book,
  type ChoiceSolver,
  type DraftAsk,
  type PlainDay,
  type Proposal,
  type UnitId,
} from '@kobby/core';
import loadHighs from 'highs';
import wasmUrl from 'highs/runtime?url';

/** What is asked of the worker: `plan` where the book is another one than the last time. */
export interface DraftOrder {
  /** Answers carry it, so that what came too late is known. */
  readonly number: number;
  readonly plan: { readonly book: Book; readonly unitId: UnitId; readonly today: PlainDay } | null;
  readonly ask: DraftAsk;
  /** Only looks at what is free and at what fits, so that a proposal comes at once when it is asked for. */
  readonly isAhead: boolean;
}

/** What the worker tells: better and better proposals, then that it is over. */
export type DraftNews =
  | { readonly kind: 'proposal'; readonly number: number; readonly proposal: Proposal }
  | { readonly kind: 'over'; readonly number: number }
  | { readonly kind: 'failed'; readonly number: number; readonly message: string };

const tell = (news: DraftNews): void => self.postMessage(news);

let latest = 0;
let plan: DraftOrder['plan'] = null;
let known: { readonly shape: string; readonly drafting: Drafting } | null = null;
// The solver is large: it comes while the first proposal is made, and where it does not come nothing is proven.
const highs = loadHighs({ locateFile: () => wasmUrl }).catch(() => null);
let solver: Awaited<typeof highs> = null;
const NOT_SOLVED = { Status: 'Unknown', ObjectiveValue: 0, Columns: {} };
const solve: ChoiceSolver = (lp, options) => solver?.solve(lp, options) ?? NOT_SOLVED;

self.addEventListener('message', (event: MessageEvent<DraftOrder>) => {
  const order = event.data;
  latest = order.number;
  if (order.plan) [plan, known] = [order.plan, null];
  void draft(order);
});

// What decides which places there are: another character or something refused asks for no new ones.
const shapeOf = ({ parts, days, cornerId, childId }: DraftAsk): string =>
  JSON.stringify([parts, days, cornerId, childId]);

function draftingFor(ask: DraftAsk): Drafting {
  const shape = shapeOf(ask);
  if (known?.shape !== shape) {
    const { book, unitId, today } = plan!;
    known = { shape, drafting: new Drafting(book, unitId, today, ask) };
  }
  known.drafting.ask = ask;
  return known.drafting;
}

/** Lets in what came meanwhile: whoever asked for something else waits no longer. */
const breathe = (): Promise<void> => new Promise((done) => setTimeout(done));

async function draft({ number, ask, isAhead }: DraftOrder): Promise<void> {
  try {
    await breathe();
    if (number !== latest) return;
    const drafting = draftingFor(ask);
    if (isAhead) {
      drafting.problem();
      return;
    }
    for (const proposal of proposals(drafting, solve)) {
      tell({ kind: 'proposal', number, proposal });
      await breathe();
      if (number !== latest) return;
      // Only what comes after the first proposal asks for it.
      solver ??= await highs;
    }
    tell({ kind: 'over', number });
  } catch (error) {
    // What fails ahead fails again when it is asked for, and is told then.
    if (!isAhead) tell({ kind: 'failed', number, message: String(error) });
  }
}
