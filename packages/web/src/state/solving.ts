import type { ScheduleProblem, Solved, Stage } from '@kobby/core';
import { ref, shallowRef } from 'vue';
import type { ScheduleNews } from '../workers/schedule.ts';
import { useBackground } from './background.ts';

/** A better schedule, worked out in the background. */
export function useSolving() {
  const stage = ref<Stage | 'begin'>('begin');
  const solved = shallowRef<Solved | null>(null);
  const { isWorking, trouble, ...worker } = useBackground<ScheduleProblem, ScheduleNews>(
    () => new Worker(new URL('../workers/schedule.ts', import.meta.url), { type: 'module' }),
    (news) => {
      if (news.kind === 'stage') stage.value = news.stage;
      else solved.value = news.solved;
      return news.kind === 'solved' ? 'last' : 'more';
    },
  );
  function start(problem: ScheduleProblem): void {
    [solved.value, stage.value] = [null, 'begin'];
    worker.start(problem);
  }
  return { stage, solved, isWorking, failed: trouble, start, stop: worker.stop };
}
