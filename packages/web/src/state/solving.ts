import type { ScheduleProblem, Solved, Stage } from '@kobby/core';
import { onBeforeUnmount, ref, shallowRef } from 'vue';
import type { ScheduleNews } from '../workers/schedule.ts';

/** A better schedule, worked out in a worker of its own: nothing here waits for it, and it can be stopped. */
export function useSolving() {
  const stage = ref<Stage | 'begin' | null>(null);
  const solved = shallowRef<Solved | null>(null);
  const failed = ref<string | null>(null);
  let worker: Worker | null = null;

  function stop(): void {
    worker?.terminate();
    worker = null;
    stage.value = null;
  }

  function start(problem: ScheduleProblem): void {
    stop();
    solved.value = null;
    failed.value = null;
    stage.value = 'begin';
    worker = new Worker(new URL('../workers/schedule.ts', import.meta.url), { type: 'module' });
    worker.addEventListener('message', ({ data }: MessageEvent<ScheduleNews>) => {
      if (data.kind === 'stage') stage.value = data.stage;
      else {
        if (data.kind === 'solved') solved.value = data.solved;
        else failed.value = data.message;
        stop();
      }
    });
    worker.addEventListener('error', ({ message }) => {
      failed.value = message || 'it could not begin';
      stop();
    });
    worker.postMessage(problem);
  }

  onBeforeUnmount(stop);
  return { stage, solved, failed, start, stop };
}
