<script setup lang="ts">
import { batchStates, isKept } from '@kobby/core';
import { computed } from 'vue';
import PageBar from '../../parts/PageBar.vue';
import ShelfCard from '../../parts/ShelfCard.vue';
import { useBook } from '../../state/book.ts';
import BatchLine from './BatchLine.vue';

/** Everything that was made: what is too old first, what is in the house, and what is over. */
const store = useBook();
const SHOWN = 30;
const states = computed(() => batchStates(store.book.batches, store.book.recipes, store.today!));
const old = computed(() => states.value.filter(({ state }) => state === 'past' || state === 'ill'));
const kept = computed(() => states.value.filter((one) => isKept(one) && !old.value.includes(one)));
const over = computed(() => states.value.filter((one) => !isKept(one)).slice(0, SHOWN));
</script>

<template>
  <PageBar title="What is mixed" hint="shared by small hands: it does not keep for ever" />
  <p v-if="states.length === 0" class="soft">
    Nothing is noted yet. “Made it” on the counter writes down what was made, when, and how long it keeps.
  </p>
  <div class="cards">
    <ShelfCard v-if="old.length" :title="`Too old · ${old.length}`" label="Too old">
      <ul>
        <BatchLine v-for="one in old" :key="one.batch.id" :state="one" named />
      </ul>
    </ShelfCard>
    <ShelfCard v-if="states.length" :title="`In the house · ${kept.length}`" label="In the house">
      <p v-if="kept.length === 0" class="soft">Nothing fresh is there.</p>
      <ul>
        <BatchLine v-for="one in kept" :key="one.batch.id" :state="one" named />
      </ul>
    </ShelfCard>
    <ShelfCard v-if="over.length" title="Tried out, and gone" label="Over">
      <ul>
        <BatchLine v-for="one in over" :key="one.batch.id" :state="one" named />
      </ul>
    </ShelfCard>
  </div>
</template>

<style scoped>
.cards {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(min(340px, 100%), 1fr));
  gap: var(--gap-5);
  align-items: start;
}
@media (max-width: 900px) {
  .cards {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
