<script setup lang="ts">
import { leftText, otherRecipesFor, suppliesAsMade, type Recipe, type WithoutBowl } from '@kobby/core';
import { computed } from 'vue';
import { RouterLink } from 'vue-router';
import ShelfCard from '../../parts/ShelfCard.vue';
import { useBook } from '../../state/book.ts';

/** A child for whom nothing of a recipe is measured out, why, and the two ways on: a swap, or another recipe. */
const props = defineProps<{ none: WithoutBowl; recipe: Recipe }>();
const emit = defineEmits<{ write: [] }>();
const store = useBook();
const SHOWN = 3;
const others = computed(() =>
  otherRecipesFor(props.recipe, store.book.recipes, suppliesAsMade(store.book), props.none.child).slice(
    0,
    SHOWN,
  ),
);
</script>

<template>
  <ShelfCard
    :title="`No bowl for ${none.child.shownAs}`"
    :label="`No bowl for ${none.child.shownAs}`"
    class="stop"
    data-test="no-bowl"
  >
    <p role="alert">
      Nothing is measured out for {{ none.child.shownAs }}: no swap is written for {{ leftText(none) }}.
    </p>
    <p v-if="others.length" class="soft">
      Could be made instead:
      <template v-for="(one, i) in others" :key="one.id">
        {{ i > 0 ? ', ' : ''
        }}<RouterLink :to="{ name: 'counter', params: { recipeId: one.id } }">{{ one.title }}</RouterLink>
      </template>
    </p>
    <v-btn class="is-side" @click="emit('write')">Write a swap</v-btn>
  </ShelfCard>
</template>

<style scoped>
.stop {
  border-color: var(--stop);
}
p {
  margin-bottom: var(--gap-3);
}
</style>
