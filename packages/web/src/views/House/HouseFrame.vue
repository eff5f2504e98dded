<script setup lang="ts">
import {
  belongsOn,
  cupboardOf,
  formatDay,
  homeOf,
  houseNotes,
  LIBRARY_KINDS,
  type LibraryKind,
} from '@kobby/core';
import { computed } from 'vue';
import { RouterView } from 'vue-router';
import DrawerChest, { type Drawer } from '../../parts/DrawerChest.vue';
import InkBand from '../../parts/InkBand.vue';
import { useBook } from '../../state/book.ts';

/** The house: everything that stays from unit to unit, in drawers. */
const store = useBook();
const home = computed(() => homeOf(store.book));

const drawers = computed((): Drawer[] => {
  const { children, people, corners } = store.book;
  const here = Object.values(children).filter((child) => belongsOn(child, store.today!)).length;
  const working = Object.values(people).filter((person) => !person.retired).length;
  const shelf = cupboardOf(store.book, store.today!);
  const low = shelf.filter((row) => row.isLow).length;
  const entries = Object.keys(LIBRARY_KINDS).reduce(
    (sum, kind) => sum + Object.keys(store.book[kind as LibraryKind]).length,
    0,
  );
  const cares = houseNotes(store.book, store.today!).some((note) => note.level === 'care');
  return [
    {
      name: 'Children',
      figure: here === 1 ? '1 child' : `${here} children`,
      to: { name: 'children' },
      warns: cares,
    },
    { name: 'People', figure: working === 1 ? 'you' : `${working} at work`, to: { name: 'people' } },
    {
      name: 'Corners',
      figure: `${Object.values(corners).filter((corner) => !corner.retired).length} on the shelf`,
      to: { name: 'house-corners' },
    },
    {
      name: 'Days and rules',
      figure: `${home.value.workingWeekdays.length} days a week`,
      to: { name: 'rules' },
    },
    {
      name: 'Cupboard',
      figure: low === 0 ? `${shelf.length} things` : `${shelf.length} things · ${low} low`,
      to: { name: 'cupboard' },
    },
    { name: 'Library', figure: `${entries} entries`, to: { name: 'library' } },
  ];
});
</script>

<template>
  <div class="desk">
    <InkBand :title="home.name" :detail="formatDay(store.today!, 'full')" />
    <DrawerChest label="Pages of the house" :drawers="drawers" />
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
