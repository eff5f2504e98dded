<script setup lang="ts">
import { formatDay, watchedIn, type Forecast } from '@kobby/core';
import { computed } from 'vue';
import DeskFrame from '../../parts/DeskFrame.vue';
import type { Drawer } from '../../parts/DrawerChest.vue';
import { useBook } from '../../state/book.ts';
import { isLate } from './telling.ts';

/** What grows, hatches, dries or dissolves over weeks: a drawer for each thing that is watched. */
const store = useBook();
const figure = ({ isOver, now, observation }: Forecast): string =>
  isOver
    ? `ended ${formatDay(observation.endedOn!, 'brief')}`
    : observation.awaited
      ? `to come from ${formatDay(observation.startedOn, 'brief')}`
      : `${now.stage.name} · ${now.state === 'to-come' ? 'from' : 'since'} ${formatDay(now.earliest, 'brief')}`;
const drawers = computed((): Drawer[] => [
  { name: 'Begin', figure: 'something new to watch', to: { name: 'watch-begin' } },
  ...watchedIn(store.book, store.today!).map((forecast) => ({
    name: forecast.observation.title,
    figure: figure(forecast),
    to: { name: 'watch', params: { observationId: forecast.observation.id } },
    warns: false,
    count: isLate(forecast) ? 1 : 0,
  })),
]);
</script>

<template>
  <DeskFrame
    title="Watch"
    :detail="formatDay(store.today!, 'full')"
    label="What is watched"
    :drawers="drawers"
  />
</template>
