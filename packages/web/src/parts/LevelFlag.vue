<script setup lang="ts">
import type { Level } from '@kobby/core';

/** How many things of a level are pointed out here; a plus when there are others below it. */
defineProps<{ level: Level; count: number; more?: boolean }>();
</script>

<template>
  <span class="flag" :class="level"
    >{{ count }} {{ count === 1 ? level : `${level}s` }}<template v-if="more"> +</template></span
  >
</template>

<style scoped>
.flag {
  padding: 0 var(--gap-2);
  border-radius: 3px;
  font-weight: 700;
  font-size: 12px;
  white-space: nowrap;
}
.stop {
  background: var(--stop-bg);
  color: var(--stop);
}
.care {
  background: var(--care-bg);
  color: var(--care);
}
.note {
  background: var(--note-bg);
  color: var(--note);
}
</style>
