<script setup lang="ts">
import { mdiChevronDown } from '@mdi/js';

/** What is seldom changed: folded it says its name and what it is now, opened it can be changed. */
defineProps<{ title: string; value: string; plain?: boolean }>();
</script>

<template>
  <details :class="{ plain }">
    <summary>
      <span class="name">{{ title }}</span>
      <span class="soft value">{{ value }}</span>
      <v-icon class="mark" :icon="mdiChevronDown" size="20" aria-hidden="true" />
    </summary>
    <div class="inside"><slot /></div>
  </details>
</template>

<style scoped>
details {
  background: var(--card);
  border: 1.5px solid var(--line);
  border-bottom: 7px solid var(--shelf);
  border-radius: var(--radius);
}
summary {
  display: flex;
  gap: 0 var(--gap-3);
  align-items: center;
  min-height: var(--touch);
  padding: var(--gap-2) var(--gap-5);
  list-style: none;
  cursor: pointer;
}
summary::-webkit-details-marker {
  display: none;
}
.name {
  max-width: 45%;
  font-weight: 700;
}
.value {
  display: -webkit-box;
  flex: 1;
  min-width: 0;
  overflow: hidden;
  overflow-wrap: anywhere;
  -webkit-box-orient: vertical;
  -webkit-line-clamp: 2;
  line-clamp: 2;
}
.mark {
  flex: none;
  margin-left: auto;
}
details[open] .mark {
  rotate: 180deg;
}
details[open] > summary > .value {
  visibility: hidden;
}
.inside {
  display: flex;
  flex-direction: column;
  gap: var(--gap-4);
  padding: var(--gap-2) var(--gap-5) var(--gap-4);
}
.plain {
  background: none;
  border-width: 1.5px 0 0;
  border-radius: 0;
}
.plain > summary,
.plain > .inside {
  padding-inline: 0;
}
</style>
