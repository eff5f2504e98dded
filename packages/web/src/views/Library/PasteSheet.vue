<script setup lang="ts">
import { readActivityList, type ActivityContent, type ImportPreview } from '@kobby/core';
import { computed, ref } from 'vue';
import FormSheet from '../../parts/FormSheet.vue';
import ImportRows from '../../parts/ImportRows.vue';
import { chosenFile, newId } from '../../state/api.ts';
import { useBook } from '../../state/book.ts';
import type { ActResult } from '../../state/sync.ts';

/** A list of activities, pasted or from a file: what was understood is seen first, then taken in as one step. */
const emit = defineEmits<{ close: []; open: [id: string] }>();
const store = useBook();
const text = ref('');

const preview = computed((): ImportPreview<ActivityContent> => readActivityList(text.value));
const fresh = computed(() => preview.value.rows.flatMap((row) => (row.ok ? [row.value] : [])));
const bad = computed(() => preview.value.rows.length - fresh.value.length);

async function take(event: Event): Promise<void> {
  const file = chosenFile(event);
  if (!file) return;
  text.value = file.size > 2_000_000 ? 'x'.repeat(2_000_000) : await file.text();
}
function submit(): ActResult {
  if (fresh.value.length === 0)
    return { done: false, errors: [{ path: [], message: 'There is nothing to take in yet.' }] };
  const changes = fresh.value.map((content) => ({
    type: 'library/put-activity' as const,
    activity: { id: `activity-${newId()}`, content },
  }));
  const result = store.perform(changes);
  // The first draft is opened, to be completed at once.
  const draft = changes.find(({ activity }) => activity.content.versions.length === 0);
  if (result.done && draft) emit('open', draft.activity.id);
  return result;
}
</script>

<template>
  <FormSheet
    title="Paste a list"
    hint="One activity a line, or rows of a table under a line of headings."
    :submit="submit"
    :width="820"
    @close="emit('close')"
  >
    <v-textarea v-model="text" label="The list" name="list" rows="6" max-rows="12" auto-grow />
    <p class="soft">
      Headings that are understood: title, corner, mode, skills, from, until, does, summary, steps, clean-up.
      Ages in months; several skills or steps apart by a semicolon.
    </p>
    <label
      >Or a file: <input type="file" name="file" accept=".csv,.txt,text/csv,text/plain" @change="take"
    /></label>
    <template v-if="text">
      <ImportRows :preview="preview" :shown="(content: ActivityContent) => content.title" />
      <p v-if="!preview.problem" aria-live="polite">
        {{ fresh.length }} understood{{ bad ? `, ${bad} left out` : '' }}. They are taken in as one step.
      </p>
    </template>
  </FormSheet>
</template>
