<script setup lang="ts">
import type { UnitId } from '@kobby/core';
import { computed } from 'vue';
import { useRoute } from 'vue-router';
import SheetPage from '../../parts/SheetPage.vue';
import { useBook } from '../../state/book.ts';
import { printedRun } from './printed.ts';

/** The songs of a circle printed large, to be read from the floor: each begins a page. */
const store = useBook();
const route = useRoute();
const unitId = String(route.params.unitId) as UnitId;
const printed = computed(() =>
  printedRun(store.forOthers, store.today!, unitId, Number(route.params.day), String(route.params.blockId)),
);
const songs = computed(() => (printed.value?.run.parts ?? []).filter(({ verses }) => verses.length > 0));
</script>

<template>
  <SheetPage
    title="Song sheet"
    :back="{ name: 'circle', params: { unitId }, query: { day: route.params.day } }"
    back-to="Back to the circle"
  >
    <p v-if="songs.length === 0" class="empty">There is nothing to sing in this circle on this day.</p>
    <article v-for="part in songs" :key="part.piece.id" class="song" data-test="song-sheet">
      <h1>{{ part.title }}</h1>
      <p v-for="(verse, i) in part.verses" :key="i" class="verse">
        <span v-for="(line, j) in verse.lines" :key="j" class="line">
          <b v-if="line.by">{{ line.by }}: </b>{{ line.text }}
          <small v-if="line.motion">{{ line.motion }}</small>
        </span>
      </p>
    </article>
  </SheetPage>
</template>

<style scoped>
.song {
  max-width: 186mm;
}
.song + .song {
  break-before: page;
  margin-top: 10mm;
}
h1 {
  margin-bottom: 4mm;
  font: 700 30pt/1.1 var(--display);
}
.verse {
  margin-bottom: 7mm;
  break-inside: avoid;
}
.line {
  display: block;
  font-size: 21pt;
  line-height: 1.3;
}
small {
  color: #444;
  font-size: 12pt;
  font-style: italic;
}
</style>
