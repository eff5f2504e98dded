<script setup lang="ts">
import { FILE_TYPES, MAX_FILE_BYTES } from '@kobby/core';
import { ref } from 'vue';
import {
  ChoiceField,
  LineField,
  NumberField,
  SwitchField,
  TextField,
  WordsField,
} from '../../parts/fields/index.ts';
import FormSheet from '../../parts/FormSheet.vue';
import RetireButtons from '../../parts/RetireButtons.vue';
import { chosenFile, newId, sendFile } from '../../state/api.ts';
import { formOf } from '../../state/entity-form.ts';
import { useBook } from '../../state/book.ts';
import { skillOptions } from '../../state/skill-options.ts';

/** A sheet to print: a file of the home or a link, where it is from, and what is done with it. */
const store = useBook();
const props = defineProps<{ id: string | null }>();
const emit = defineEmits<{ close: [] }>();
const { known, draft, submit, retire } = formOf('sheets')({
  id: () => props.id,
  first: () => ({ id: `sheet-${newId()}` }),
  put: (sheet) => [{ type: 'library/put-sheet', sheet }],
  close: () => emit('close'),
});
const fileState = ref<'none' | 'sending' | 'kept' | 'refused'>('none');
const fileWhy = ref('');

async function take(event: Event): Promise<void> {
  const file = chosenFile(event);
  if (!file) return;
  fileState.value = 'sending';
  const said = await sendFile(file);
  fileState.value = said.kind === 'ok' ? 'kept' : 'refused';
  if (said.kind === 'unreachable')
    fileWhy.value = 'Kobby cannot be reached. Nothing was kept of the file; try again.';
  if (said.kind === 'problem') fileWhy.value = said.problem.detail;
  if (said.kind !== 'ok') return;
  draft.value.file = said.data;
  if (!draft.value.title) draft.value.title = said.data.name.replace(/\.\w+$/, '');
  if (known.value) submit();
}
const PAPERS = { plain: 'plain', card: 'card', label: 'label', sticker: 'sticker', photo: 'photo' };
const CUTS = {
  none: 'not cut',
  plain: 'cut',
  before: 'cut before laminating',
  after: 'cut after laminating',
};
</script>

<template>
  <FormSheet
    :title="known?.title ?? 'A sheet'"
    hint="Found again by anything that is written here."
    :live="Boolean(known)"
    :submit="submit"
    :width="760"
    @close="emit('close')"
  >
    <LineField v-model="draft.title" label="Title" path="title" />
    <p v-if="draft.file">
      <a :href="`/api/files/${draft.file.sha256}`" target="_blank" rel="noopener">{{ draft.file.name }}</a>
      <span class="soft">
        {{ FILE_TYPES[draft.file.type] }}, {{ Math.ceil(draft.file.bytes / 1000) }} kB</span
      >
    </p>
    <label class="file">
      {{ draft.file ? 'Another file' : 'A file' }}
      <input type="file" name="file" accept=".pdf,.png,.jpg,.jpeg,.webp" @change.stop="take" />
    </label>
    <p v-if="fileState === 'sending'" aria-live="polite">Sending …</p>
    <p v-if="fileState === 'refused'" class="wrong" role="alert">{{ fileWhy }}</p>
    <p class="soft">PDF, PNG, JPEG or WebP, up to {{ MAX_FILE_BYTES / 1_000_000 }} MB.</p>
    <LineField v-model="draft.link" label="Or its address" path="link" type="url" empty-is-null />
    <div class="side-by-side">
      <LineField v-model="draft.from" label="Where it is from" path="from" />
      <LineField v-model="draft.pages" label="Pages used (2-4, 7)" path="pages" />
      <LineField v-model="draft.level" label="Level" path="level" empty-is-null />
    </div>
    <div class="side-by-side">
      <ChoiceField v-model="draft.paper" label="Paper" path="paper" :options="PAPERS" />
      <ChoiceField v-model="draft.cut" label="Cutting" path="cut" :options="CUTS" />
    </div>
    <div class="side-by-side">
      <SwitchField v-model="draft.colour" label="In colour" path="colour" />
      <SwitchField v-model="draft.laminate" label="Laminated" path="laminate" />
      <NumberField v-model="draft.cardsPerPage" label="Cards from a page" path="cardsPerPage" />
      <NumberField v-model="draft.cutAtOnce" label="Pages cut at one go" path="cutAtOnce" />
    </div>
    <WordsField v-model="draft.finishing" label="Finishing parts" path="finishing" />
    <WordsField v-model="draft.about" label="About" path="about" />
    <WordsField v-model="draft.skills" label="Skills" path="skills" :options="skillOptions(store.book)" />
    <TextField v-model="draft.notes" label="Notes" path="notes" />
    <template v-if="known" #acts>
      <RetireButtons
        :id="known.id"
        kind="sheets"
        :retired="known.retired"
        @gone="emit('close')"
        @retire="retire"
      />
    </template>
  </FormSheet>
</template>
