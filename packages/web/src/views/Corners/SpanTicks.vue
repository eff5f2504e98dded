<script setup lang="ts">
import { formatDays, standsOn, type Placement } from '@kobby/core';
import { computed } from 'vue';

/** The days on which something stands in a corner, a tick a day; a second set-up has its own pattern. */
const props = defineProps<{ setUps: readonly Placement[]; dayCount: number }>();

const days = computed(() =>
  Array.from({ length: props.dayCount }, (_, i) => props.setUps.findIndex((setUp) => standsOn(setUp, i + 1))),
);
const text = computed(() => formatDays(days.value.flatMap((index, i) => (index < 0 ? [] : [i + 1]))));
</script>

<template>
  <span class="ticks" :class="{ dense: dayCount > 20 }" role="img" :aria-label="text">
    <i v-for="(index, i) in days" :key="i" :class="{ on: index >= 0, other: index % 2 === 1 }" />
  </span>
</template>

<style scoped>
.ticks {
  display: flex;
  flex: 1;
  gap: var(--gap-1);
  min-width: 0;
}
/* Many days run together into one bar. */
.dense {
  gap: 0;
}
.dense i {
  border-radius: 0;
}
i {
  flex: 1;
  height: 6px;
  background: var(--well);
  border-radius: 2px;
}
.on {
  background: var(--plum);
}
.other {
  background: repeating-linear-gradient(
    90deg,
    var(--teal),
    var(--teal) 3px,
    var(--card) 3px,
    var(--card) 4px
  );
}
</style>
