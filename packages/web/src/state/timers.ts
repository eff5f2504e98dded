import type { Timer } from '@kobby/core';
import { computed, onScopeDispose, ref, watch } from 'vue';
import { instantNow, newId } from './api.ts';
import { useBook } from './book.ts';

/** A timer with what is left of it, in seconds; below nought it is over since then. */
export interface RunningTimer {
  readonly timer: Timer;
  readonly secondsLeft: number;
}

const TICK_MS = 500;

/** `7:04`, `1:02:30`; what is over is told as `0:00`. */
export function clockText(seconds: number): string {
  const left = Math.max(0, Math.ceil(seconds));
  const [hours, minutes, rest] = [Math.floor(left / 3600), Math.floor((left % 3600) / 60), left % 60];
  const two = (value: number): string => String(value).padStart(2, '0');
  return hours > 0 ? `${hours}:${two(minutes)}:${two(rest)}` : `${minutes}:${two(rest)}`;
}

/** A short tone, made here: nothing has to be loaded. A browser that was not touched yet stays silent. */
export function ring(): void {
  try {
    const audio = new AudioContext();
    const tone = audio.createOscillator();
    const volume = audio.createGain();
    tone.frequency.value = 660;
    volume.gain.setValueAtTime(0.2, audio.currentTime);
    volume.gain.exponentialRampToValueAtTime(0.001, audio.currentTime + 1.2);
    tone.connect(volume).connect(audio.destination);
    tone.start();
    tone.stop(audio.currentTime + 1.2);
  } catch {
    // Without sound the bell is still seen.
  }
}

/** The home's timers as they run: the same on every device. */
export function useTimers() {
  const store = useBook();
  const now = ref(Date.now());
  const timers = computed(() => Object.values(store.book.timers));
  let ticking: ReturnType<typeof setInterval> | undefined;
  const stop = (): void => clearInterval(ticking);
  // Nothing ticks while nothing runs.
  watch(
    () => timers.value.length > 0,
    (some) => {
      stop();
      now.value = Date.now();
      if (some) ticking = setInterval(() => (now.value = Date.now()), TICK_MS);
    },
    { immediate: true },
  );
  onScopeDispose(stop);
  const running = computed((): readonly RunningTimer[] =>
    timers.value
      .map((timer) => ({ timer, secondsLeft: (Date.parse(timer.endsAt) - now.value) / 1000 }))
      .toSorted((a, b) => a.secondsLeft - b.secondsLeft),
  );
  return {
    running,
    start(label: string, minutes: number, recipeId: string | null = null): void {
      const startedAt = instantNow();
      const endsAt = new Date(Date.parse(startedAt) + minutes * 60_000).toISOString();
      store.perform([
        {
          type: 'kitchen/start-timer',
          timer: { id: `timer-${newId()}`, label, startedAt, endsAt, recipeId },
        },
      ]);
    },
    drop(id: string): void {
      store.perform([{ type: 'book/drop', kind: 'timers', id }]);
    },
  };
}
