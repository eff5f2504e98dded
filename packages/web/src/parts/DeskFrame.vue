<script setup lang="ts">
import { RouterView } from 'vue-router';
import DrawerChest, { type Drawer } from './DrawerChest.vue';
import InkBand from './InkBand.vue';

/** A place with pages: the band above, its drawers at the left, the page that is pulled out beside them. */
defineProps<{ title: string; detail?: string | undefined; label: string; drawers: readonly Drawer[] }>();
</script>

<template>
  <div class="desk">
    <InkBand :title="title" :detail="detail" />
    <DrawerChest :label="label" :drawers="drawers" />
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
  padding: var(--gap-4) var(--gap-5) calc(2 * var(--gap-4));
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
