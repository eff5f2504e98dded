<script setup lang="ts">
import { batchStates, type Recipe } from '@kobby/core';
import { computed } from 'vue';
import ShelfCard from '../../parts/ShelfCard.vue';
import { useBook } from '../../state/book.ts';
import BatchLine from './BatchLine.vue';

/** What this recipe gave before: how it stands, and what really went in. */
const props = defineProps<{ recipe: Recipe }>();
const store = useBook();
const SHOWN = 4;
const batches = computed(() =>
  batchStates(store.book.batches, store.book.recipes, store.today!)
    .filter(({ recipe }) => recipe.id === props.recipe.id)
    .slice(0, SHOWN),
);
const keeps = computed(() => {
  const { keepsDays, keptHow } = props.recipe;
  const days =
    keepsDays === null
      ? 'No limit is written.'
      : keepsDays === 0
        ? 'Used on the day.'
        : `Keeps ${keepsDays} ${keepsDays === 1 ? 'day' : 'days'}.`;
  return `${days} ${keptHow}`.trim();
});
</script>

<template>
  <ShelfCard title="Before" label="Made before">
    <p class="soft">{{ keeps }}</p>
    <ul v-if="batches.length">
      <BatchLine v-for="one in batches" :key="one.batch.id" :state="one" />
    </ul>
    <p v-else class="soft">Not made yet, or nobody noted it.</p>
    <p v-if="recipe.notes">{{ recipe.notes }}</p>
  </ShelfCard>
</template>
