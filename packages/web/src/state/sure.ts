import type { Sure, SureProblem } from '@kobby/core';
import { shallowRef } from 'vue';
import type { SureNews } from '../workers/sure.ts';
import { useBackground } from './background.ts';

/** Tries the days to come many times, in the background; what came out so far stands there meanwhile. */
export function useSure() {
  const sure = shallowRef<Sure | null>(null);
  const { isWorking, trouble, start } = useBackground<SureProblem, SureNews>(
    () => new Worker(new URL('../workers/sure.ts', import.meta.url), { type: 'module' }),
    (news) => {
      sure.value = news.sure;
      return news.isLast ? 'last' : 'more';
    },
  );
  return { sure, isWorking, trouble, start };
}
