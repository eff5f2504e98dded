import {
  asIf,
  reshuffle,
  type Book,
  type ChangeInput,
  type ChoiceSolver,
  type Disruption,
  type PlainDay,
  type Reshuffled,
  type UnitId,
} from '@kobby/core';
import loadHighs from 'highs';
import wasmUrl from 'highs/runtime?url';

/** What has happened to which plan: `facts` are changes that the house does not know yet. */
export interface ReshuffleOrder {
  readonly book: Book;
  readonly unitId: UnitId;
  readonly today: PlainDay;
  readonly facts: readonly ChangeInput[];
  readonly happened: Disruption;
}

/** A way that holds, then the one of which it is proven that none has fewer moves. */
export type ReshuffleNews =
  | { readonly kind: 'found'; readonly found: Reshuffled; readonly isLast: boolean }
  | { readonly kind: 'failed'; readonly message: string };

const tell = (news: ReshuffleNews): void => self.postMessage(news);

self.addEventListener('message', (event: MessageEvent<ReshuffleOrder>) => {
  void work(event.data);
});

async function work({ book, unitId, today, facts, happened }: ReshuffleOrder): Promise<void> {
  try {
    const then = asIf(book, facts);
    if (!then) throw new Error('what happened cannot be written down so');
    tell({ kind: 'found', found: reshuffle(then, unitId, happened, today, null), isLast: false });
    const highs = await loadHighs({ locateFile: () => wasmUrl }).catch(() => null);
    const solve: ChoiceSolver | null = highs && ((lp, options) => highs.solve(lp, options));
    tell({ kind: 'found', found: reshuffle(then, unitId, happened, today, solve), isLast: true });
  } catch (error) {
    tell({ kind: 'failed', message: String(error) });
  }
}
