<script setup lang="ts" generic="T">
import { mdiAlertCircleOutline, mdiCheckBold } from '@mdi/js';
import type { ImportPreview, ImportRow } from '@kobby/core';

/** What was understood of something brought in, and what was not, row by row, before anything is kept. */
defineProps<{ preview: ImportPreview<T>; shown: (value: T) => string }>();
const hintsOf = (row: ImportRow<T>): string => (row.ok ? row.hints.join('; ') : row.why);
</script>

<template>
  <p v-if="preview.problem" class="soft" role="status">{{ preview.problem }}</p>
  <ul v-else class="rows" data-test="import-rows">
    <li v-for="(row, i) in preview.rows" :key="i" :class="{ bad: !row.ok }">
      <v-icon :icon="row.ok ? mdiCheckBold : mdiAlertCircleOutline" size="16" aria-hidden="true" />
      <span class="sr-only">{{ row.ok ? 'Understood:' : 'Not taken:' }}</span>
      <b>{{ row.ok ? shown(row.value) : row.text || `Row ${row.line}` }}</b>
      <small>{{ hintsOf(row) }}</small>
    </li>
  </ul>
</template>

<style scoped>
.rows {
  display: grid;
  gap: var(--gap-2);
  max-height: 300px;
  overflow: auto;
}
li {
  display: grid;
  grid-template-columns: 20px minmax(0, auto) minmax(0, 1fr);
  gap: var(--gap-3);
  align-items: baseline;
  padding: var(--gap-2) var(--gap-3);
  background: var(--ok-bg);
  border-radius: 4px;
}
li.bad {
  background: var(--care-bg);
}
small {
  color: var(--ink-soft);
}
</style>
