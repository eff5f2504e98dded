import {
  dayPlanOf,
  forecastSchema,
  homeOf,
  inTheRoom,
  minutesInZone,
  nowAndNext,
  presenceOn,
  whoIsHere,
  type BlockPlan,
  type DayPlan,
  type Person,
  type Reading,
  type Weather,
} from '@kobby/core';
import { computed, onBeforeUnmount, onMounted, ref, type ComputedRef, type Ref } from 'vue';
import { ask } from '../../state/api.ts';
import { useBook } from '../../state/book.ts';

const NOBODY: readonly Person[] = [];
const TICK_MS = 20_000;

/** Minutes since midnight by the home's clock, as they pass. */
function useMinutes(): Ref<number> {
  const store = useBook();
  const read = (): number => minutesInZone(Date.now(), homeOf(store.book).zone);
  const minutes = ref(read());
  let ticking: ReturnType<typeof setInterval> | undefined;
  onMounted(() => (ticking = setInterval(() => (minutes.value = read()), TICK_MS)));
  onBeforeUnmount(() => clearInterval(ticking));
  return minutes;
}

const DAY_MINUTES = 24 * 60;

/** The room on a day: its plan, who is in it, what is on and what comes. Of a day that was nothing is on: all of it is over. */
export function useRoom(reading: ComputedRef<Reading>, day: () => number, isToday: () => boolean) {
  const store = useBook();
  const now = useMinutes();
  const minutes = computed(() => (isToday() ? now.value : DAY_MINUTES));
  const chosen = ref<string | null>(null);
  const plan = computed((): DayPlan => dayPlanOf(store.book, reading.value, day())!);
  const rows = computed(() =>
    whoIsHere(
      reading.value.frame.attendance[day() - 1]!,
      Object.values(store.book.children),
      store.book.arrivals,
    ),
  );
  const clock = computed(() => nowAndNext(plan.value, minutes.value));
  // Looked at is what somebody chose, else what is on, else what comes, else what was last.
  const focus = computed(
    (): BlockPlan | null =>
      plan.value.blocks.find(({ block }) => block.id === chosen.value) ??
      clock.value.now ??
      clock.value.next ??
      plan.value.blocks.at(-1) ??
      null,
  );
  return {
    minutes,
    plan,
    rows,
    here: computed(() => inTheRoom(rows.value)),
    adults: computed(() => {
      const { attendance, home, people } = reading.value.frame;
      const stretches = presenceOn(attendance[day() - 1]!, home, people);
      const present = stretches.find(({ from, to }) => from <= minutes.value && minutes.value < to);
      return present?.adults ?? NOBODY;
    }),
    clock,
    focus,
    isLookedAt: computed(() => focus.value !== null && focus.value.block.id === chosen.value),
    look: (blockId: string | null) => (chosen.value = blockId),
  };
}

/** The weather of today; null until it is known, and while the server cannot be reached. */
export function useWeather(): Ref<Weather | null> {
  const store = useBook();
  const weather = ref<Weather | null>(null);
  onMounted(async () => {
    const said = await ask('GET', '/api/weather', forecastSchema);
    if (said.kind === 'ok') weather.value = said.data.days.find(({ date }) => date === store.today) ?? null;
  });
  return weather;
}
