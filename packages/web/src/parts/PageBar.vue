<script setup lang="ts">
import { useTitle } from '../state/page-title.ts';

/** The name of a page, what it is for in a few words, and at the right what can be begun there. */
const props = defineProps<{ title: string; hint: string }>();
useTitle('page', () => props.title);
</script>

<template>
  <div class="bar">
    <h1>{{ title }}</h1>
    <span class="soft">{{ hint }}</span>
    <span class="acts"><slot /></span>
  </div>
</template>

<style scoped>
.bar {
  display: flex;
  flex-wrap: wrap;
  align-items: baseline;
  gap: var(--gap-1) var(--gap-4);
  margin-bottom: var(--gap-4);
}
.acts :deep(.v-btn.is-side) {
  height: 34px !important;
  padding: 0 var(--gap-4);
  font-size: 13px;
}
.acts {
  display: flex;
  flex-wrap: wrap;
  gap: var(--gap-3);
  margin-left: auto;
}
/* On a phone what can be begun lies in one row: the page itself begins in the first third. */
@media (max-width: 900px) {
  .acts {
    flex-wrap: nowrap;
    width: 100%;
    margin-left: 0;
    padding-bottom: var(--gap-1);
    overflow-x: auto;
  }
  .acts > :deep(*) {
    flex: none;
  }
  .acts :deep(.v-btn.is-side) {
    height: var(--touch) !important;
  }
}
</style>
