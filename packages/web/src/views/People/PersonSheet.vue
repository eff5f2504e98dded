<script setup lang="ts">
import { LEADS, type ChangeInput, type PersonId } from '@kobby/core';
import { computed } from 'vue';
import { LineField, TicksField, WeekField } from '../../parts/fields/index.ts';
import FormSheet from '../../parts/FormSheet.vue';
import RetireButtons from '../../parts/RetireButtons.vue';
import { newId } from '../../state/api.ts';
import { useBook } from '../../state/book.ts';
import { useDraft } from '../../state/draft.ts';
import type { ActResult } from '../../state/sync.ts';

type PersonInput = Extract<ChangeInput, { type: 'house/put-person' }>['person'];

/** Somebody who works here. */
const props = defineProps<{ id: PersonId | null }>();
const emit = defineEmits<{ close: [] }>();
const store = useBook();
const known = computed(() => (props.id ? store.book.people[props.id] : undefined));
const draft = useDraft<PersonInput>(
  () => known.value,
  () => ({
    id: `person-${newId()}`,
    name: '',
    role: 'assistant',
    work: {},
    mayLead: [],
    retired: false,
  }),
);
const submit = (): ActResult => store.perform([{ type: 'house/put-person', person: draft.value }]);
function retire(retired: boolean): void {
  draft.value.retired = retired;
  if (submit().done) emit('close');
}
</script>

<template>
  <FormSheet
    :title="known?.name ?? 'An assistant'"
    hint="Assistants need no account: they get a link."
    :live="Boolean(known)"
    :submit="submit"
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
