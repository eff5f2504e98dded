<script setup lang="ts">
import { belongsOn, homeOf } from '@kobby/core';
import { computed, ref } from 'vue';
import { ChoiceField, LineField, TicksField } from '../../parts/fields/index.ts';
import FormSheet from '../../parts/FormSheet.vue';
import { newId } from '../../state/api.ts';
import { useBook } from '../../state/book.ts';
import type { ActResult } from '../../state/sync.ts';
import { keepsTyped } from '../../state/unkept.ts';

/** A child is away, or comes although it usually does not: on whole days or for parts of them. */
const props = defineProps<{ kind: 'away' | 'extra' }>();
const emit = defineEmits<{ close: [] }>();
const store = useBook();
const children = Object.values(store.book.children)
  .filter((child) => belongsOn(child, store.today!))
  .map((child) => ({ title: child.name, value: child.id as string }));
const parts = computed(() =>
  Object.fromEntries(homeOf(store.book).parts.map((part): [string, string] => [part.id, part.name])),
);
const draft = ref({
  id: `${props.kind}-${newId()}`,
  childId: children[0]?.value ?? '',
  from: store.today as string,
  to: store.today as string,
  parts: [] as string[],
});
// One day is what is meant until another one is chosen.
function fromTaken(from: string | null | undefined): void {
  if (draft.value.to < (from ?? '')) draft.value.to = from ?? '';
  draft.value.from = from ?? '';
}
keepsTyped(`exception ${props.kind}`, { draft });

const submit = (): ActResult =>
  store.perform([
    props.kind === 'away'
      ? { type: 'house/put-absence', absence: draft.value }
      : { type: 'house/put-extra', extra: draft.value },
  ]);
</script>

<template>
  <FormSheet
    :title="kind === 'away' ? 'Who is away?' : 'Who comes too?'"
    hint="The plan and its amounts follow at once."
    :submit="submit"
    @close="emit('close')"
  >
    <ChoiceField v-model="draft.childId" label="Child" path="childId" :options="children" />
    <div class="side-by-side">
      <LineField
        :model-value="draft.from"
        label="From"
        path="from"
        type="date"
        @update:model-value="fromTaken"
      />
      <LineField v-model="draft.to" label="To" path="to" type="date" />
    </div>
    <TicksField v-model="draft.parts" label="Only for a part of the day" path="parts" :options="parts" />
  </FormSheet>
</template>
