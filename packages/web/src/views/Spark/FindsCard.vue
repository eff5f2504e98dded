<script setup lang="ts">
import {
  LibrarySearch,
  listed,
  sparkFinds,
  titleIn,
  withGaps,
  type Find,
  type LibraryEntry,
} from '@kobby/core';
import { computed } from 'vue';
import { RouterLink } from 'vue-router';
import ShelfCard from '../../parts/ShelfCard.vue';
import { useBook } from '../../state/book.ts';
import { useReading } from '../../state/unit.ts';

/** What the house already has for the theme: by its words, its things and what it features. */
const store = useBook();
const reading = useReading();
const search = new LibrarySearch();
const finds = computed(() => {
  search.follow(store.book);
  return sparkFinds(search, store.book, reading.value.frame, reading.value.things);
});
const isNothing = computed(() => {
  const { entries, supplies, units } = finds.value;
  return entries.length + supplies.length + units.length === 0;
});
const KIND_WORDS: Readonly<Record<string, string>> = {
  activities: 'activity',
  recipes: 'recipe',
  songs: 'song',
  bookTitles: 'book',
  sheets: 'sheet',
};
const because = (find: Find<unknown>): string => listed(find.because.slice(0, 4));
const titleOf = ({ found: { entity, title } }: Find<LibraryEntry>): string =>
  'content' in entity ? titleIn(entity.content, reading.value.theme) : withGaps(title);
</script>

<template>
  <ShelfCard title="Already in the house">
    <p v-if="isNothing" class="soft">Nothing yet. Words and things above find what is here.</p>
    <template v-if="finds.entries.length">
      <h3>In the library</h3>
      <ul data-test="finds">
        <li v-for="find in finds.entries" :key="find.found.entity.id">
          <b>{{ titleOf(find) }}</b>
          <small>{{ KIND_WORDS[find.found.kind] }} · {{ because(find) }}</small>
        </li>
      </ul>
    </template>
    <template v-if="finds.supplies.length">
      <h3>In the cupboard</h3>
      <ul>
        <li v-for="find in finds.supplies" :key="find.found.id">
          <b>{{ find.found.name }}</b>
          <small
            >{{ because(find)
            }}<template v-if="find.found.keptIn"> · {{ find.found.keptIn }}</template></small
          >
        </li>
      </ul>
    </template>
    <template v-if="finds.units.length">
      <h3>In earlier units</h3>
      <ul>
        <li v-for="find in finds.units" :key="find.found.id">
          <RouterLink :to="{ name: 'corners', params: { unitId: find.found.id } }">{{
            find.found.title
          }}</RouterLink>
          <small>{{ because(find) }}</small>
        </li>
      </ul>
    </template>
  </ShelfCard>
</template>

<style scoped>
h3 {
  margin: 0 0 calc(-1 * var(--gap-3));
  font: 700 14px var(--display);
}
li {
  padding: var(--gap-1) 0;
  border-top: 1px dashed var(--line);
  line-height: 1.25;
}
small {
  display: block;
  color: var(--ink-soft);
  font-size: 12.5px;
}
</style>
