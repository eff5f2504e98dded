<script setup lang="ts">
import { libraryMarkdown } from '@kobby/core';
import { shallowRef } from 'vue';
import BringInSheet from '../../parts/BringInSheet.vue';
import ShelfCard from '../../parts/ShelfCard.vue';
import { giveFile } from '../../state/api.ts';
import { useBook } from '../../state/book.ts';
import { HOME_TABLES, type HomeTable, type TableContext } from './tables.ts';

/** Parts of the home as tables for spreadsheets, which come back again, and as text. */
const store = useBook();
const bringing = shallowRef<HomeTable | null>(null);
const context = (): TableContext => ({ book: store.book, today: store.today!, at: store.instant() });
</script>

<template>
  <ShelfCard title="Tables and texts">
    <p class="soft">
      CSV for spreadsheets, out and back. Those of children and records have full names in them.
    </p>
    <ul class="tables">
      <li v-for="table in HOME_TABLES" :key="table.name">
        <span>{{ table.name }}</span>
        <v-btn
          class="is-side"
          :aria-label="`${table.name}: take out as a table`"
          @click="giveFile(`${table.file}.csv`, 'text/csv', table.out(context()))"
          >Take out</v-btn
        >
        <v-btn class="is-quiet" :aria-label="`${table.name}: bring back`" @click="bringing = table"
          >Bring back</v-btn
        >
      </li>
      <li>
        <span>Library as text</span>
        <v-btn
          class="is-side"
          aria-label="Library as text: take out"
          @click="giveFile('library.md', 'text/markdown', libraryMarkdown(store.book))"
          >Take out</v-btn
        >
      </li>
    </ul>
  </ShelfCard>
  <BringInSheet
    v-if="bringing"
    :title="`${bringing.name}, from a table`"
    :hint="bringing.back"
    :read="(text) => bringing!.read(text, context())"
    :shown="bringing.shown"
    :changes="(rows) => bringing!.changes(rows, context())"
    @close="bringing = null"
  />
</template>

<style scoped>
.tables {
  display: grid;
  gap: var(--gap-2);
}
.tables li {
  display: grid;
  grid-template-columns: minmax(0, 1fr) auto minmax(100px, auto);
  gap: var(--gap-3);
  align-items: center;
}
</style>
