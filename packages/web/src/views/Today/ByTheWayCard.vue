<script setup lang="ts">
import {
  comingText,
  sleepsText,
  stageDueText,
  formatMinutes,
  watchedIn,
  type DayPlan,
  type Forecast,
} from '@kobby/core';
import { mdiCheckboxBlankOutline } from '@mdi/js';
import { computed } from 'vue';
import { RouterLink } from 'vue-router';
import ShelfCard from '../../parts/ShelfCard.vue';
import { useBook } from '../../state/book.ts';
import { useReading } from '../../state/unit.ts';

/** What else belongs to today: what is made ready, what is looked at, what is out all day. */
const props = defineProps<{ plan: DayPlan }>();
const store = useBook();
const reading = useReading();

const looks = computed(() =>
  watchedIn(store.book, store.today!).flatMap((forecast) => {
    if (forecast.due) return [];
    const look = forecast.looks.find(({ date, isDone }) => date === store.today && !isDone);
    return look ? [{ forecast, stage: look.stage }] : [];
  }),
);
// What is due is told each day until it was seen, whether somebody looks on that day or not.
const due = computed(() =>
  watchedIn(store.book, store.today!).flatMap((forecast) =>
    forecast.due ? [{ forecast, stage: forecast.due }] : [],
  ),
);
// How many sleeps: what a circle asks every morning; behind what is told of it already.
const sleepsOf = (forecast: Forecast): string | null => sleepsText(forecast, store.today!);
// Whoever opens the door knows what may be brought.
const comingOf = (forecast: Forecast): string | null => comingText(forecast, store.today!);
const sleeps = computed(() => {
  const told = new Set([...due.value, ...looks.value].map(({ forecast }) => forecast.observation.id));
  return watchedIn(store.book, store.today!).flatMap((forecast) => {
    const text = [comingOf(forecast), sleepsOf(forecast)].filter(Boolean).join(' · ');
    return text && !told.has(forecast.observation.id) ? [{ forecast, text }] : [];
  });
});
const tasks = computed(() =>
  reading.value.ready.entries
    .filter(({ slot, state }) => slot?.date === store.today && state === 'laid')
    .toSorted((a, b) => a.slot!.start - b.slot!.start),
);
const outAllDay = computed(() =>
  props.plan.setUps.map(({ session }) => session.placement.content.title).toSorted(),
);
</script>

<template>
  <ShelfCard title="By the way">
    <ul>
      <li v-for="{ forecast, stage } in due" :key="`due-${forecast.observation.id}`" data-test="due">
        <RouterLink :to="{ name: 'watch', params: { observationId: forecast.observation.id } }">{{
          forecast.observation.title
        }}</RouterLink>
        <small>{{
          [stageDueText(stage, store.today!), sleepsOf(forecast)].filter(Boolean).join(' · ')
        }}</small>
      </li>
      <li v-for="{ forecast, stage } in looks" :key="forecast.observation.id">
        <RouterLink :to="{ name: 'watch', params: { observationId: forecast.observation.id } }"
          >Look at {{ forecast.observation.title }}</RouterLink
        >
        <small>{{
          [stage.name, forecast.observation.care, sleepsOf(forecast)].filter(Boolean).join(' · ')
        }}</small>
      </li>
      <li v-for="{ forecast, text } in sleeps" :key="`sleeps-${forecast.observation.id}`" data-test="sleeps">
        <RouterLink :to="{ name: 'watch', params: { observationId: forecast.observation.id } }">{{
          forecast.observation.title
        }}</RouterLink>
        <small>{{ text }}</small>
      </li>
      <li v-for="{ task, slot } in tasks" :key="task.id">
        <button
          type="button"
          role="checkbox"
          aria-checked="false"
          @click="store.perform([{ type: 'ready/done', unitId: task.unit.id, taskId: task.id }])"
        >
          <v-icon :icon="mdiCheckboxBlankOutline" aria-hidden="true" />
          <span
            >{{ task.text }}
            <small
              >{{ formatMinutes(slot!.start) }} {{ slot!.name }}, {{ task.minutes }} min ·
              {{ task.forWhat }}</small
            ></span
          >
        </button>
      </li>
    </ul>
    <p v-if="plan.lines.length">{{ plan.lines.join(' · ') }}</p>
    <details v-if="outAllDay.length">
      <summary>{{ outAllDay.length }} out all day</summary>
      {{ outAllDay.join(', ') }}
    </details>
  </ShelfCard>
</template>

<style scoped>
li {
  padding: var(--gap-2) 0;
  border-top: 1px dashed var(--line);
}
small {
  display: block;
  color: var(--ink-soft);
  font-size: 13px;
}
li a {
  display: inline-block;
  min-height: 30px;
  color: var(--ink);
}
button {
  display: flex;
  gap: var(--gap-3);
  align-items: center;
  width: 100%;
  min-height: var(--touch);
  padding: 0;
  background: none;
  border: 0;
  color: inherit;
  text-align: left;
}
summary {
  min-height: var(--touch);
  font-weight: 600;
  cursor: pointer;
}
</style>
