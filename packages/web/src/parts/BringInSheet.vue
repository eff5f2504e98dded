<script setup lang="ts" generic="T">
import type { ChangeInput, ImportPreview } from '@kobby/core';
import { computed, ref, watch } from 'vue';
import { chosenFile, listText } from '../state/api.ts';
import { useBook } from '../state/book.ts';
import type { ActResult } from '../state/sync.ts';
import FormSheet from './FormSheet.vue';
import ImportRows from './ImportRows.vue';

/**
 * A text or file that is brought in: what was understood of it is seen row by row first, each can be left out, and the rest is
 * taken in as one step.
 */
const props = defineProps<{
  title: string;
  hint: string;
  /** What a text would bring. */
  read: (text: string) => ImportPreview<T>;
  shown: (value: T) => string;
  changes: (values: readonly T[]) => readonly ChangeInput[];
  /** Rows are there without a text: something else gave them. */
  isGiven?: boolean;
}>();
const emit = defineEmits<{ close: []; taken: [values: readonly T[]] }>();
const store = useBook();
const text = ref('');
const left = ref<ReadonlySet<number>>(new Set());
watch([text, () => props.isGiven], () => (left.value = new Set()));

const preview = computed(() => props.read(text.value));
const good = computed(() =>
  preview.value.rows.flatMap((row, i) => (row.ok && !left.value.has(i) ? [row.value] : [])),
);
const bad = computed(() => preview.value.rows.filter(({ ok }) => !ok).length);

async function take(event: Event): Promise<void> {
  const file = chosenFile(event);
  if (file) text.value = await listText(file);
}
const NOTHING: ActResult = {
  done: false,
  errors: [{ path: [], message: 'There is nothing to take in yet.' }],
};

function submit(): ActResult {
  const taken = good.value;
  if (taken.length === 0) return NOTHING;
  const changes = props.changes(taken);
  if (changes.length === 0)
    return { done: false, errors: [{ path: [], message: 'All of it is here already, as it stands there.' }] };
  const result = store.perform(changes);
  if (result.done) emit('taken', taken);
  return result;
}
</script>

<template>
  <FormSheet :title="title" :hint="hint" :submit="submit" :width="820" @close="emit('close')">
    <slot />
    <label class="file"
      >A file <input type="file" name="file" accept=".csv,.txt,.md,text/csv,text/plain" @change.stop="take"
    /></label>
    <v-textarea v-model="text" label="Or paste it" name="list" rows="4" max-rows="10" auto-grow />
    <template v-if="text || isGiven">
      <ImportRows v-model:left="left" :preview="preview" :shown="shown" />
      <p v-if="!preview.problem" role="status">
        {{ good.length }} {{ good.length === 1 ? 'is' : 'are' }} taken in, as one step{{
          bad > 0 ? `; ${bad} not understood: those stay out` : ''
        }}{{ left.size > 0 ? `; ${left.size} left out` : '' }}.
      </p>
    </template>
  </FormSheet>
</template>

<style scoped>
.file {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: var(--gap-3);
}
</style>
