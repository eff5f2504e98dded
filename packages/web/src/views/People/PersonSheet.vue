<script setup lang="ts">
import { homeOf, LEADS, proposedWeek, type PersonId } from '@kobby/core';
import { LineField, TicksField, WeekField } from '../../parts/fields/index.ts';
import FormSheet from '../../parts/FormSheet.vue';
import RetireButtons from '../../parts/RetireButtons.vue';
import { newId } from '../../state/api.ts';
import { useBook } from '../../state/book.ts';
import { formOf } from '../../state/entity-form.ts';

/** Somebody who works here. */
const props = defineProps<{ id: PersonId | null }>();
const store = useBook();
const emit = defineEmits<{ close: []; next: [] }>();
const { known, draft, submit, retire } = formOf('people')({
  id: () => props.id,
  first: () => ({
    ...{ id: `person-${newId()}`, role: 'assistant' },
    work: proposedWeek(
      homeOf(store.book),
      Object.values(store.book.people)
        .filter(({ role }) => role === 'assistant')
        .map(({ work }) => work),
    ),
  }),
  put: (person) => [{ type: 'house/put-person', person }],
  close: () => emit('close'),
});
</script>

<template>
  <FormSheet
    :title="known?.name ?? 'An assistant'"
    hint="Assistants need no account: they get a link."
    :live="Boolean(known)"
    :submit="submit"
    next="Keep, and the next"
    @next="emit('next')"
    @close="emit('close')"
  >
    <LineField v-model="draft.name" label="Name" path="name" />
    <WeekField v-model="draft.work" label="Works on" path="work" />
    <TicksField v-model="draft.mayLead" label="May lead" path="mayLead" :options="LEADS" />
    <template v-if="known && known.role === 'assistant'" #acts>
      <RetireButtons
        :id="known.id"
        kind="people"
        :retired="known.retired"
        @gone="emit('close')"
        @retire="retire"
      />
    </template>
  </FormSheet>
</template>
