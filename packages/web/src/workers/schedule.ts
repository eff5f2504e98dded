import { solveSchedule, type ScheduleProblem, type Solved, type Stage } from '@kobby/core';
import loadHighs from 'highs';
import wasmUrl from 'highs/runtime?url';

/** What the worker tells: where it is, and at last what it found. */
export type ScheduleNews =
  | { readonly kind: 'stage'; readonly stage: Stage }
  | { readonly kind: 'solved'; readonly solved: Solved }
  | { readonly kind: 'failed'; readonly message: string };

const tell = (news: ScheduleNews): void => self.postMessage(news);

/** Solves the schedule that it is sent. It blocks while it computes: that is why it is a worker. */
self.addEventListener('message', (event: MessageEvent<ScheduleProblem>) => {
  void solve(event.data);
});

async function solve(problem: ScheduleProblem): Promise<void> {
  try {
    const highs = await loadHighs({ locateFile: () => wasmUrl });
    const solved = solveSchedule(
      problem,
      (lp, options) => highs.solve(lp, options),
      (stage) => tell({ kind: 'stage', stage }),
    );
    tell({ kind: 'solved', solved });
  } catch (error) {
    tell({ kind: 'failed', message: String(error) });
  }
}
