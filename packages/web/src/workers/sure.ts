import { tryWeeks, type Sure, type SureProblem } from '@kobby/core';

/** What came out so far, until all tries are done. */
export type SureNews =
  | { readonly kind: 'told'; readonly sure: Sure; readonly isLast: boolean }
  | { readonly kind: 'failed'; readonly message: string };

/** How many weeks are tried: shares of them are true to about three of a hundred, nineteen times of twenty. */
const TRIES = 1000;
const STEP = 100;
// The same plan is told the same each time.
const SEED = 20_270_308;

const tell = (news: SureNews): void => self.postMessage(news);

self.addEventListener('message', ({ data }: MessageEvent<SureProblem>) => {
  try {
    for (const sure of tryWeeks(data, { seed: SEED, tries: TRIES, step: STEP }))
      tell({ kind: 'told', sure, isLast: sure.tries === TRIES });
  } catch (error) {
    tell({ kind: 'failed', message: String(error) });
  }
});
