import type { Reshuffled } from '@kobby/core';
import { onBeforeUnmount, ref, shallowRef } from 'vue';
import type { ReshuffleNews, ReshuffleOrder } from '../workers/reshuffle.ts';

/** Looks in a worker of its own for the fewest moves that make a plan hold again: nothing here waits for it. */
export function useReshuffling() {
  const found = shallowRef<Reshuffled | null>(null);
  const isWorking = ref(false);
  const trouble = ref<string | null>(null);
  let worker: Worker | null = null;

  function stop(): void {
    worker?.terminate();
    worker = null;
    isWorking.value = false;
  }
  function fail(message: string): void {
    trouble.value = message;
    stop();
  }
  function look(order: ReshuffleOrder): void {
    stop();
    [found.value, trouble.value, isWorking.value] = [null, null, true];
    try {
      begin(order);
    } catch (error) {
      fail(String(error));
    }
  }
  function begin(order: ReshuffleOrder): void {
    worker = new Worker(new URL('../workers/reshuffle.ts', import.meta.url), { type: 'module' });
    worker.addEventListener('message', ({ data }: MessageEvent<ReshuffleNews>) => {
      if (data.kind === 'failed') fail(data.message);
      else {
        found.value = data.found;
        if (data.isLast) stop();
      }
    });
    worker.addEventListener('error', ({ message }) => fail(message || 'it could not begin'));
    worker.postMessage(order);
  }
  onBeforeUnmount(stop);
  return { found, isWorking, trouble, look, stop };
}
