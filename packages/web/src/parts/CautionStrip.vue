<script setup lang="ts">
import { mdiHandBackRightOutline } from '@mdi/js';

/** A caution in the room: a hand, a bar and words, so that it shows without colour. */
defineProps<{ level: 'stop' | 'care' | 'note' }>();
</script>

<template>
  <p class="caution" :class="level">
    <v-icon :icon="mdiHandBackRightOutline" size="19" aria-hidden="true" />
    <span><slot /></span>
  </p>
</template>

<style scoped>
.caution {
  display: flex;
  gap: var(--gap-3);
  padding: var(--gap-3) var(--gap-4);
  background: var(--stop-bg);
  border-left: 6px solid var(--stop);
  border-radius: 6px;
}
.caution.care {
  background: var(--care-bg);
  border-color: var(--care-edge);
}
.caution.note {
  background: var(--well);
  border-color: var(--edge);
}
</style>
