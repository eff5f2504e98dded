<script setup lang="ts">
import { lettersEach, type Thing } from '@kobby/core';
import { computed } from 'vue';
import { useBook } from '../../state/book.ts';

/** How many of each letter are needed to lay the names of the things, and of the children. */
const props = defineProps<{ things: readonly Thing[] }>();
const store = useBook();
const letters = computed(() =>
  [
    { what: 'Their names', counts: lettersEach(props.things.map(({ name }) => name.split('/')[0]!)) },
    {
      what: 'The children’s names',
      counts: lettersEach(Object.values(store.book.children).map(({ shownAs }) => shownAs)),
    },
  ].filter(({ counts }) => counts.length > 0),
);
</script>

<template>
  <details class="letters">
    <summary>Letters to lay their names, and the children’s</summary>
    <p v-for="{ what, counts } in letters" :key="what">
      <b>{{ what }}</b>
      <span v-for="{ letter, atOnce, most } in counts" :key="letter"
        >{{ atOnce }} {{ letter }}<small v-if="most < atOnce"> ({{ most }} one by one)</small></span
      >
    </p>
  </details>
</template>

<style scoped>
.letters {
  margin-top: var(--gap-2);
  font-size: 13.5px;
}
.letters summary {
  cursor: pointer;
  font-weight: 600;
}
.letters p {
  display: flex;
  flex-wrap: wrap;
  gap: var(--gap-1) var(--gap-3);
  margin-top: var(--gap-1);
}
</style>
