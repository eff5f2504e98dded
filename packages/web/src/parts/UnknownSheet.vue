<script setup lang="ts">
import { unknownOf, type ChangeInput, type SupplyId } from '@kobby/core';
import { computed, ref, watch } from 'vue';
import { copyOf } from '../state/api.ts';
import { useBook } from '../state/book.ts';
import type { ActResult } from '../state/sync.ts';
import FormSheet from './FormSheet.vue';
import PropertyFields from './PropertyFields.vue';

type SupplyInput = Extract<ChangeInput, { type: 'cupboard/put-supply' }>['supply'];

/** What nobody recorded, thing by thing: filled in and kept, the next one comes. */
const props = defineProps<{ supplyIds: readonly SupplyId[] }>();
const emit = defineEmits<{ close: [] }>();
const store = useBook();

// As they were when the sheet was opened: what is filled in stays in its place in the row.
const ids = [...props.supplyIds];
const at = ref(0);
const supply = computed(() => store.book.supplies[ids[at.value]!]);
const draft = ref<SupplyInput | undefined>(copyOf(supply.value as SupplyInput | undefined));
watch(at, () => (draft.value = copyOf(supply.value as SupplyInput | undefined)));

const submit = (): ActResult =>
  draft.value ? store.perform([{ type: 'cupboard/put-supply', supply: draft.value }]) : { done: true };
const isKnown = computed(() => supply.value === undefined || unknownOf(supply.value).length === 0);
// Closing after keeping goes on to the next, as long as there is one.
function closed(): void {
  if (isKnown.value && at.value + 1 < ids.length) at.value += 1;
  else emit('close');
}
</script>

<template>
  <FormSheet
    :key="at"
    :title="supply?.name ?? ''"
    :hint="`${at + 1} of ${ids.length}: look at it once, and the cautions can speak`"
    :submit="submit"
    @close="closed"
  >
    <PropertyFields v-if="draft" v-model="draft.properties" :category="draft.category" />
  </FormSheet>
</template>
