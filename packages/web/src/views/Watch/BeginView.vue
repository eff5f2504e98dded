<script setup lang="ts">
import { aboutDays, learnedOf, stageAsLearned, type WatchPattern } from '@kobby/core';
import { computed, shallowRef } from 'vue';
import PageBar from '../../parts/PageBar.vue';
import ShelfCard from '../../parts/ShelfCard.vue';
import { useBook } from '../../state/book.ts';
import ObservationSheet from './ObservationSheet.vue';

/** Something new to watch: from what is kept for that, or from nothing. */
const store = useBook();
const chosen = shallowRef<WatchPattern | 'new' | null>(null);
const patterns = computed(() => Object.values(store.book.watchPatterns).filter(({ retired }) => !retired));
// What its stages took here before counts more than what is written.
const isLearned = (pattern: WatchPattern): boolean => learnedOf(store.book, pattern).length > 0;
const spanOf = (pattern: WatchPattern): string => {
  const learned = learnedOf(store.book, pattern);
  const stages = pattern.stages.map((stage) => stageAsLearned(stage, learned));
  const sum = (of: (stage: WatchPattern['stages'][number]) => number): number =>
    stages.reduce((all, stage) => all + of(stage), 0);
  return aboutDays(
    sum(({ leastDays }) => leastDays),
    sum(({ mostDays }) => mostDays),
  );
};
</script>

<template>
  <PageBar title="Begin to watch" hint="from today, a day before, or one to come">
    <v-btn class="is-side" @click="chosen = 'new'">Something of your own</v-btn>
  </PageBar>
  <p v-if="patterns.length === 0" class="empty">
    Nothing is kept for watching yet. Begin with something of your own.
  </p>
  <div class="cards">
    <ShelfCard v-for="pattern in patterns" :key="pattern.id" :title="pattern.title">
      <p>{{ pattern.about }}</p>
      <p class="soft">
        {{ pattern.stages.map(({ name }) => name).join(' → ') }} · {{ spanOf(pattern)
        }}{{ isLearned(pattern) ? ', by what yours took' : '' }}
      </p>
      <v-btn class="is-side" :aria-label="`Begin: ${pattern.title}`" @click="chosen = pattern">Begin</v-btn>
    </ShelfCard>
  </div>
  <ObservationSheet v-if="chosen" :pattern="chosen === 'new' ? null : chosen" @close="chosen = null" />
</template>

<style scoped>
.cards {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(min(300px, 100%), 1fr));
  gap: var(--gap-5);
  align-items: start;
}
.cards .v-btn {
  align-self: flex-start;
}
</style>
