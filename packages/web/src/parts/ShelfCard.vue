<script setup lang="ts">
import TapeLabel from './TapeLabel.vue';

/** A card that stands on a shelf edge, named by a strip of tape. */
defineProps<{ title: string; label?: string }>();
</script>

<template>
  <section class="card" :aria-label="label ?? title">
    <h2>
      <TapeLabel class="name">{{ title }}</TapeLabel>
    </h2>
    <slot />
  </section>
</template>

<style scoped>
.card {
  display: flex;
  flex-direction: column;
  gap: var(--gap-4);
  /* What is drawn in it, as a chart, follows the page and does not hold it open. */
  min-width: 0;
  padding: 0 var(--gap-5) var(--gap-4);
  background: var(--card);
  border: 1.5px solid var(--line);
  border-bottom: 7px solid var(--shelf);
  border-radius: var(--radius);
}
h2 {
  align-self: flex-start;
  max-width: 100%;
  margin: calc(-1 * var(--gap-2)) 0 0 calc(-1 * var(--gap-3));
  font: inherit;
}
.name {
  font-size: 13.5px;
}
</style>
