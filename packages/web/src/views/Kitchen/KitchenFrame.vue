<script setup lang="ts">
import { batchStates, fillerCount, formatDay, isKept } from '@kobby/core';
import { computed } from 'vue';
import { RouterView } from 'vue-router';
import DrawerChest, { type Drawer } from '../../parts/DrawerChest.vue';
import InkBand from '../../parts/InkBand.vue';
import { useBook } from '../../state/book.ts';

/** The kitchen: any recipe to any number of children, what fills a bin, and what was made. */
const store = useBook();
const drawers = computed((): Drawer[] => {
  const { recipes, batches, supplies } = store.book;
  const kept = batchStates(batches, recipes, store.today!).filter(isKept);
  const old = kept.filter(({ state }) => state === 'past' || state === 'ill').length;
  const count = Object.values(recipes).filter(({ retired }) => !retired).length;
  return [
    { name: 'Counter', figure: `${count} recipes`, to: { name: 'counter' } },
    { name: 'Bins', figure: `${fillerCount(supplies)} fillers`, to: { name: 'bins' } },
    {
      name: 'Made',
      figure: `${kept.length} in the house${old > 0 ? ` · ${old} too old` : ''}`,
      to: { name: 'made' },
      warns: old > 0,
      count: old,
    },
  ];
});
</script>

<template>
  <div class="desk">
    <InkBand title="Kitchen" :detail="formatDay(store.today!, 'full')" />
    <DrawerChest label="Pages of the kitchen" :drawers="drawers" />
    <main><RouterView /></main>
  </div>
</template>

<style scoped>
.desk {
  display: grid;
  grid-template: auto minmax(0, 1fr) / 150px minmax(0, 1fr);
  height: 100vh;
}
.desk > :deep(.top) {
  grid-column: 1 / 3;
}
main {
  min-width: 0;
  padding: 14px 18px 30px;
  overflow: auto;
}
@media (max-width: 900px) {
  .desk {
    display: block;
    height: auto;
  }
  main {
    overflow: visible;
  }
}
</style>
