<script setup lang="ts">
import { computed } from 'vue';
import ShelfCard from '../../parts/ShelfCard.vue';
import { useBook } from '../../state/book.ts';

/** What is wanted for later units rides along: it turns up when nobody needs it. */
const store = useBook();
const wishes = computed(() =>
  Object.values(store.book.wishes).toSorted((a, b) => a.words.localeCompare(b.words, 'en')),
);
</script>

<template>
  <ShelfCard v-if="wishes.length" :title="`For later · ${wishes.length}`" label="Wanted for later units">
    <ul>
      <li v-for="wish in wishes" :key="wish.id">
        {{ wish.words }} <small v-if="wish.forWhat" class="soft">for {{ wish.forWhat }}</small>
      </li>
    </ul>
  </ShelfCard>
</template>

<style scoped>
li {
  padding: var(--gap-2) 0;
  border-top: 1px dashed var(--line);
}
</style>
