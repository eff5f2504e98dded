<script setup lang="ts">
import TapeLabel from './TapeLabel.vue';

/** A card that stands on a shelf edge, named by a strip of tape. */
defineProps<{ title: string; label?: string }>();
</script>

<template>
  <section class="card" :aria-label="label ?? title">
    <TapeLabel>{{ title }}</TapeLabel>
    <slot />
  </section>
</template>

<style scoped>
.card {
  display: flex;
  flex-direction: column;
  gap: 12px;
  padding: 0 16px 14px;
  background: var(--card);
  border: 1.5px solid var(--line);
  border-bottom: 7px solid var(--shelf);
  border-radius: var(--radius);
}
.card > .tape {
  align-self: flex-start;
  margin: -3px 0 0 -8px;
  font-size: 13.5px;
}
</style>
