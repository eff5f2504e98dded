<script setup lang="ts">
import { BOOK_LEVELS } from '@kobby/core';
import { ChoiceField, LineField, SwitchField, TextField, WordsField } from '../../parts/fields/index.ts';
import FormSheet from '../../parts/FormSheet.vue';
import RetireButtons from '../../parts/RetireButtons.vue';
import { newId } from '../../state/api.ts';
import { formOf } from '../../state/entity-form.ts';
import { useBook } from '../../state/book.ts';
import { skillOptions } from '../../state/skill-options.ts';

/** A book: its level, whether it is read aloud or stands on the rail, and where it is. */
const store = useBook();
const props = defineProps<{ id: string | null }>();
const emit = defineEmits<{ close: [] }>();
const { known, draft, submit, retire } = formOf('bookTitles')({
  id: () => props.id,
  first: () => ({ id: `book-${newId()}`, level: 'picture' }),
  put: (book) => [{ type: 'library/put-book', book }],
  close: () => emit('close'),
});
</script>

<template>
  <FormSheet
    :title="known?.title ?? 'A book'"
    hint="To be read aloud, or to stand on the rail."
    :live="Boolean(known)"
    :submit="submit"
    @close="emit('close')"
  >
    <LineField v-model="draft.title" label="Title" path="title" />
    <div class="side-by-side">
      <ChoiceField v-model="draft.level" label="Level" path="level" :options="BOOK_LEVELS" />
      <ChoiceField
        v-model="draft.use"
        label="Use"
        path="use"
        :options="{ 'read-aloud': 'read aloud', rail: 'on the rail', both: 'both' }"
      />
    </div>
    <SwitchField v-model="draft.keptHigh" label="Kept high: too delicate for the rail" path="keptHigh" />
    <WordsField v-model="draft.about" label="About" path="about" />
    <div class="side-by-side">
      <LineField v-model="draft.keptIn" label="Kept in" path="keptIn" empty-is-null />
      <LineField v-model="draft.borrowedFrom" label="Borrowed from" path="borrowedFrom" empty-is-null />
      <LineField v-model="draft.backBy" label="Back by" path="backBy" type="date" empty-is-null />
    </div>
    <WordsField v-model="draft.skills" label="Skills" path="skills" :options="skillOptions(store.book)" />
    <TextField v-model="draft.notes" label="Notes" path="notes" />
    <template v-if="known" #acts>
      <RetireButtons
        :id="known.id"
        kind="bookTitles"
        :retired="known.retired"
        @gone="emit('close')"
        @retire="retire"
      />
    </template>
  </FormSheet>
</template>
