<script setup lang="ts">
import { LINE_KINDS, type DayLine } from '@kobby/core';
import { generateKeyBetween } from 'fractional-indexing';
import { computed } from 'vue';
import { ChoiceField, NumberField, TextField } from '../../parts/fields/index.ts';
import FormSheet from '../../parts/FormSheet.vue';
import { newId } from '../../state/api.ts';
import { useBook } from '../../state/book.ts';
import { formOf } from '../../state/entity-form.ts';
import { useReading } from '../../state/unit.ts';

/** A line of a day, or of every day: a book, a circle, a note, what is open indoors and outdoors. */
const props = defineProps<{ id: DayLine['id'] | null; day: number | null; kind: DayLine['kind'] }>();
const emit = defineEmits<{ close: [] }>();
const store = useBook();
const reading = useReading();
const { known, draft, submit } = formOf('dayLines')({
  id: () => props.id,
  first: () => ({
    id: `line-${newId()}`,
    unitId: reading.value.frame.unit.id,
    kind: props.kind,
    day: props.day,
    order: generateKeyBetween(reading.value.lines.at(-1)?.order ?? null, null),
  }),
  put: (line) => [{ type: 'unit/put-line', line }],
  close: () => emit('close'),
});
// The books of the unit first, then all others.
const books = computed(() => {
  const own = new Set<string>(reading.value.frame.unit.bookIds);
  return Object.values(store.book.bookTitles)
    .filter((one) => !one.retired)
    .toSorted((a, b) => Number(own.has(b.id)) - Number(own.has(a.id)) || a.title.localeCompare(b.title, 'en'))
    .map((one) => ({
      title: one.keptHigh ? `${one.title} (kept high)` : one.title,
      value: one.id as string,
    }));
});
const blocks = computed(() =>
  reading.value.frame.home.blocks.map(({ id, name, start }) => ({
    title: `${start} ${name}`,
    value: id as string,
  })),
);
function takeOut(): void {
  if (known.value) store.perform([{ type: 'book/drop', kind: 'dayLines', id: known.value.id }]);
  emit('close');
}
</script>

<template>
  <FormSheet
    :title="LINE_KINDS[draft.kind]"
    :hint="draft.day ? `on Day ${draft.day}${draft.toDay ? ` to ${draft.toDay}` : ''}` : 'on every day'"
    :live="Boolean(known)"
    :submit="submit"
    @close="emit('close')"
  >
    <ChoiceField
      v-if="draft.kind === 'read-aloud'"
      v-model="draft.bookId"
      label="Book"
      path="bookId"
      none="no book of the library"
      :options="books"
    />
    <TextField v-model="draft.words" label="In words" path="words" />
    <div class="side-by-side">
      <NumberField v-model="draft.day" label="Day (empty: every day)" path="day" empty-is-null />
      <NumberField
        v-if="draft.day"
        v-model="draft.toDay"
        label="To Day (empty: that day alone)"
        path="toDay"
        empty-is-null
      />
      <ChoiceField v-model="draft.blockId" label="Block" path="blockId" none="any time" :options="blocks" />
    </div>
    <template v-if="known" #acts>
      <v-btn class="is-quiet" @click="takeOut">Take it away</v-btn>
    </template>
  </FormSheet>
</template>
