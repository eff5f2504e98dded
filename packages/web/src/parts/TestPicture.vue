<script setup lang="ts">
import { outcomeOf, type Child, type TestResult } from '@kobby/core';
import { computed, defineAsyncComponent } from 'vue';
import { useBook } from '../state/book.ts';

/** What came out of a test as a picture, under it what was guessed; the same as text. */
const props = defineProps<{
  test: TestResult;
  children: Readonly<Record<string, Child>>;
  title: string;
}>();
const BarChart = defineAsyncComponent(() => import('./BarChart.vue'));
const store = useBook();
const outcome = computed(() =>
  outcomeOf(props.test, props.children, store.book.homes.home?.units ?? 'metric'),
);
const bars = computed(() =>
  outcome.value.ways.map(({ label, size, figure, dots }) => ({
    ...{ name: label, value: size ?? 0, text: figure, points: dots },
  })),
);
const guesses = computed(() =>
  props.test.guesses.length === 0
    ? []
    : outcome.value.ways.map(({ label, guessedBy }) => ({
        name: label,
        value: guessedBy.length,
        text: String(guessedBy.length),
      })),
);
</script>

<template>
  <figure data-test="test-picture">
    <h3>{{ title }}</h3>
    <BarChart label="What came out" :bars="bars" />
    <template v-if="guesses.length">
      <h3>What was guessed</h3>
      <BarChart label="What was guessed" :bars="guesses" quiet />
    </template>
    <figcaption>{{ outcome.text }}</figcaption>
  </figure>
</template>

<style scoped>
figure {
  display: grid;
  gap: var(--gap-2);
  margin: 0;
}
h3 {
  font-size: 12.5px;
  font-weight: 600;
  color: var(--ink-soft);
}
</style>
