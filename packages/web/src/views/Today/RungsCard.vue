<script setup lang="ts">
import { freshRungs, type Child } from '@kobby/core';
import { computed, ref } from 'vue';
import RungStep from '../../parts/RungStep.vue';
import ShelfCard from '../../parts/ShelfCard.vue';
import { useBook } from '../../state/book.ts';

/** Steps of those who are here, while they are fresh: opened with one touch, noted with another. Looked for only once it is opened. */
const props = defineProps<{ here: readonly Child[] }>();
const store = useBook();
const isOpen = ref(false);
const steps = computed(() => (isOpen.value ? freshRungs(store.book, props.here, store.today!) : []));
const opened = (event: Event): void => void (isOpen.value = (event.target as HTMLDetailsElement).open);
</script>

<template>
  <ShelfCard v-if="here.length > 0" title="A step further?" label="A step further?">
    <details data-test="rungs" @toggle="opened">
      <summary>What this week’s records speak for</summary>
      <ul v-if="steps.length > 0" data-test="fresh-steps">
        <RungStep
          v-for="{ child, step } in steps"
          :key="`${child.id} ${step.skill}`"
          :child="child"
          :step="step"
          named
        />
      </ul>
      <p v-else class="soft">Nothing speaks for a step of somebody who is here.</p>
    </details>
  </ShelfCard>
</template>

<style scoped>
summary {
  min-height: var(--touch);
  align-content: center;
  font-weight: 600;
}
</style>
