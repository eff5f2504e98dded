<script setup lang="ts">
import { houseNotes, type HouseNote } from '@kobby/core';
import { computed } from 'vue';
import { useRouter } from 'vue-router';
import ShelfCard from '../../parts/ShelfCard.vue';
import { useBook } from '../../state/book.ts';

/** What the house says about itself, each with the way to what it is about. */
const emit = defineEmits<{ child: [id: string] }>();
const store = useBook();
const router = useRouter();
const notes = computed(() => houseNotes(store.book, store.today!));

// Whatever is about supplies is seen in the cupboard, narrowed down to it.
function show({ key, about }: HouseNote): void {
  if (about?.kind === 'children') emit('child', about.id);
  else if (key === 'nobody-at-work') void router.push({ name: 'people' });
  else if (key === 'hot-tap') void router.push({ name: 'rules' });
  else if (key === 'books-back') void router.push({ name: 'library', query: { kind: 'bookTitles' } });
  else void router.push({ name: 'cupboard', query: { only: key } });
}
</script>

<template>
  <ShelfCard v-if="notes.length" :title="`To look at · ${notes.length}`" label="To look at">
    <ul data-test="house-notes">
      <li v-for="note in notes" :key="note.key" :class="note.level">
        <b>{{ note.title }}</b>
        <p>{{ note.detail }}</p>
        <v-btn class="is-quiet" size="small" :aria-label="`Show: ${note.title}`" @click="show(note)"
          >Show</v-btn
        >
      </li>
    </ul>
  </ShelfCard>
</template>

<style scoped>
ul {
  display: grid;
  gap: var(--gap-3);
}
li {
  padding: var(--gap-3) var(--gap-4) var(--gap-2);
  background: var(--note-bg);
  border-left: 5px solid var(--note-edge);
  border-radius: var(--radius);
}
li.stop {
  background: var(--stop-bg);
  border-color: var(--stop);
}
li.care {
  background: var(--care-bg);
  border-color: var(--care-edge);
}
.v-btn {
  margin-left: calc(-1 * var(--gap-3));
}
</style>
