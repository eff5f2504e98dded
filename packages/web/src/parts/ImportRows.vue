<script setup lang="ts" generic="T">
import { mdiAlertCircleOutline, mdiCheckBold } from '@mdi/js';
import type { ImportPreview, ImportRow } from '@kobby/core';

/** What was understood of something brought in, and what was not, row by row, before anything is kept. */
defineProps<{ preview: ImportPreview<T>; shown: (value: T) => string }>();
/** The rows that are left out although they were understood, where they can be. */
const left = defineModel<ReadonlySet<number>>('left');
const hintsOf = (row: ImportRow<T>): string => (row.ok ? row.hints.join('; ') : row.why);

function leave(index: number, isTaken: boolean): void {
  const next = new Set(left.value);
  if (isTaken) next.delete(index);
  else next.add(index);
  left.value = next;
}
</script>

<template>
  <p v-if="preview.problem" class="soft" role="status">{{ preview.problem }}</p>
  <ul v-else class="rows" data-test="import-rows">
    <li v-for="(row, i) in preview.rows" :key="i" :class="{ bad: !row.ok, out: left?.has(i) }">
      <input
        v-if="row.ok && left"
        type="checkbox"
        :checked="!left.has(i)"
        :aria-label="`Take ${shown(row.value)}`"
        @change.stop="leave(i, ($event.target as HTMLInputElement).checked)"
      />
      <v-icon v-else :icon="row.ok ? mdiCheckBold : mdiAlertCircleOutline" size="16" aria-hidden="true" />
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
  grid-template-columns: 24px minmax(0, auto) minmax(0, 1fr);
  gap: var(--gap-3);
  align-items: baseline;
  padding: var(--gap-2) var(--gap-3);
  background: var(--ok-bg);
  border-radius: 4px;
}
li.bad {
  background: var(--care-bg);
}
li.out {
  background: none;
}
li.out b {
  font-weight: 400;
}
small {
  color: var(--ink-soft);
}
input {
  align-self: center;
  margin: 0;
}
</style>
