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
import DeskFrame from '../../parts/DeskFrame.vue';
import type { Drawer } from '../../parts/DrawerChest.vue';
import { useBook } from '../../state/book.ts';
import { HOME_PAGES } from '../../state/places.ts';

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
  const cares = houseNotes(store.book, store.today!).some((note) => note.level !== 'note');
  return [
    {
      name: HOME_PAGES.children.name,
      figure: here === 1 ? '1 child' : `${here} children`,
      to: { name: 'children' },
      warns: cares,
    },
    {
      name: HOME_PAGES.people.name,
      figure: working === 1 ? 'you' : `${working} at work`,
      to: { name: 'people' },
    },
    {
      name: 'Corners',
      figure: `${Object.values(corners).filter((corner) => !corner.retired).length} on the shelf`,
      to: { name: 'house-corners' },
    },
    {
      name: HOME_PAGES.rules.name,
      figure: `${home.value.workingWeekdays.length} days a week`,
      to: { name: 'rules' },
    },
    {
      name: HOME_PAGES.cupboard.name,
      figure: low === 0 ? `${shelf.length} things` : `${shelf.length} things · ${low} low`,
      to: { name: 'cupboard' },
    },
    { name: HOME_PAGES.library.name, figure: `${entries} entries`, to: { name: 'library' } },
    { name: HOME_PAGES.kept.name, figure: 'backups, who is in', to: { name: 'kept' } },
  ];
});
</script>

<template>
  <DeskFrame
    :title="home.name"
    :detail="formatDay(store.today!, 'full')"
    label="Pages of the house"
    :drawers="drawers"
  />
</template>
