<script setup lang="ts">
import { type SpecialEvent } from '@kobby/core';
import { computed } from 'vue';
import { newId } from '../state/api.ts';
import { useBook } from '../state/book.ts';
import { formOf } from '../state/entity-form.ts';
import { useReading } from '../state/unit.ts';
import { ChoiceField, LineField, NumberField, RowsField } from './fields/index.ts';
import FormSheet from './FormSheet.vue';

/** A special event: its day by number, or its date, and a plan of its own. */
const props = defineProps<{ id: SpecialEvent['id'] | null; day?: number | undefined }>();
const emit = defineEmits<{ close: [] }>();
const store = useBook();
const reading = useReading();
const { known, draft, submit } = formOf('events')({
  id: () => props.id,
  first: () => ({
    id: `event-${newId()}`,
    unitId: reading.value.frame.unit.id,
    when: { kind: 'day', day: props.day ?? reading.value.frame.unit.dayCount },
  }),
  put: (event) => [{ type: 'unit/put-event', event }],
  close: () => emit('close'),
});
const KINDS = { day: 'a numbered day, which moves with a closure', date: 'a date, which does not move' };
const kind = computed({
  get: () => draft.value.when.kind,
  set: (to) => {
    const { days } = reading.value.frame.calendar;
    const { when } = draft.value;
    const day = when.kind === 'day' ? when.day : (days.find(({ date }) => date === when.date)?.number ?? 1);
    const date = when.kind === 'date' ? when.date : (days[when.day - 1]?.date ?? store.today!);
    draft.value.when = to === 'day' ? { kind: 'day', day } : { kind: 'date', date };
  },
});
function takeOut(): void {
  if (known.value) store.perform([{ type: 'book/drop', kind: 'events', id: known.value.id }]);
  emit('close');
}
</script>

<template>
  <FormSheet
    title="A special event"
    hint="A party, an outing, a guest: on its day the ordinary plan is thrown out."
    :live="Boolean(known)"
    :submit="submit"
    @close="emit('close')"
  >
    <LineField v-model="draft.title" label="What" path="title" />
    <div class="side-by-side">
      <ChoiceField v-model="kind" label="Kept to" path="when.kind" :options="KINDS" />
      <NumberField v-if="draft.when.kind === 'day'" v-model="draft.when.day" label="Day" path="when.day" />
      <LineField v-else v-model="draft.when.date" label="Date" path="when.date" type="date" />
    </div>
    <RowsField
      v-slot="{ row, path }"
      v-model="draft.plan"
      label="The plan of that day"
      path="plan"
      one="Line"
      ordered
      :blank="() => ({ start: '09:30', text: '' })"
    >
      <div class="plan">
        <LineField v-model="row.start" label="From" :path="`${path}.start`" type="time" />
        <LineField v-model="row.text" label="What is done" :path="`${path}.text`" />
      </div>
    </RowsField>
    <template v-if="known" #acts>
      <v-btn class="is-quiet" @click="takeOut">Take it away</v-btn>
    </template>
  </FormSheet>
</template>

<style scoped>
.plan {
  display: grid;
  grid-template-columns: 120px 1fr;
  gap: var(--gap-3);
}
</style>
