<script setup lang="ts">
import { batchStates, fillerCount, formatDay, isKept } from '@kobby/core';
import { computed } from 'vue';
import DeskFrame from '../../parts/DeskFrame.vue';
import type { Drawer } from '../../parts/DrawerChest.vue';
import { useBook } from '../../state/book.ts';
import { HOME_PAGES } from '../../state/places.ts';

/** The kitchen: any recipe to any number of children, what fills a bin, and what was made. */
const store = useBook();
const drawers = computed((): Drawer[] => {
  const { recipes, batches, supplies } = store.book;
  const kept = batchStates(batches, recipes, store.today!).filter(isKept);
  const old = kept.filter(({ state }) => state === 'past' || state === 'ill').length;
  const count = Object.values(recipes).filter(({ retired }) => !retired).length;
  return [
    { name: HOME_PAGES.counter.name, figure: `${count} recipes`, to: { name: 'counter' } },
    { name: HOME_PAGES.bins.name, figure: `${fillerCount(supplies)} fillers`, to: { name: 'bins' } },
    {
      name: HOME_PAGES.made.name,
      figure: `${kept.length} in the house${old > 0 ? ` · ${old} too old` : ''}`,
      to: { name: 'made' },
      warns: old > 0,
      count: old,
    },
  ];
});
</script>

<template>
  <DeskFrame
    title="Kitchen"
    :detail="formatDay(store.today!, 'full')"
    label="Pages of the kitchen"
    :drawers="drawers"
  />
</template>
