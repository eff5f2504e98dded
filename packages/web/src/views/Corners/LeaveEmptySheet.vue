<script setup lang="ts">
import type { Corner } from '@kobby/core';
import { computed, ref } from 'vue';
import { LineField } from '../../parts/fields/index.ts';
import FormSheet from '../../parts/FormSheet.vue';
import { newId } from '../../state/api.ts';
import { useBook } from '../../state/book.ts';
import type { ActResult } from '../../state/sync.ts';
import { useReading } from '../../state/unit.ts';
import { keepsTyped } from '../../state/unkept.ts';

/** Leaves a corner empty on purpose, with a word why; or fills it again. */
const props = defineProps<{ corner: Corner }>();
const emit = defineEmits<{ close: [] }>();
const store = useBook();
const reading = useReading();
const known = computed(
  () => reading.value.shelf.find(({ corner }) => corner.id === props.corner.id)?.omission ?? null,
);
const why = ref(known.value?.why ?? '');
keepsTyped(`empty ${props.corner.id}`, { why });

const submit = (): ActResult =>
  store.perform([
    {
      type: 'unit/leave-empty',
      omission: {
        id: known.value?.id ?? `omission-${newId()}`,
        unitId: reading.value.frame.unit.id,
        cornerId: props.corner.id,
        why: why.value,
      },
    },
  ]);
function fillAgain(): void {
  if (known.value) store.perform([{ type: 'book/drop', kind: 'omissions', id: known.value.id }]);
  emit('close');
}
</script>

<template>
  <FormSheet
    :title="`${corner.name} stays empty`"
    hint="On purpose: it is not pointed out any more in this unit."
    :submit="submit"
    @close="emit('close')"
  >
    <LineField v-model="why" label="Why" path="why" />
    <template v-if="known" #acts>
      <v-btn class="is-quiet" @click="fillAgain">It may be filled again</v-btn>
    </template>
  </FormSheet>
</template>
