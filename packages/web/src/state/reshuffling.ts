import type { Reshuffled } from '@kobby/core';
import { shallowRef } from 'vue';
import type { ReshuffleNews, ReshuffleOrder } from '../workers/reshuffle.ts';
import { useBackground } from './background.ts';

/** Looks in the background for the fewest moves that make a plan hold again. */
export function useReshuffling() {
  const found = shallowRef<Reshuffled | null>(null);
  const { isWorking, trouble, start, stop } = useBackground<ReshuffleOrder, ReshuffleNews>(
    () => new Worker(new URL('../workers/reshuffle.ts', import.meta.url), { type: 'module' }),
    (news) => {
      found.value = news.found;
      return news.isLast ? 'last' : 'more';
    },
  );
  function look(order: ReshuffleOrder): void {
    found.value = null;
    start(order);
  }
  return { found, isWorking, trouble, look, stop };
}
