<script setup lang="ts">
import { ChoiceField, NumberField, RowsField } from '../../parts/fields/index.ts';
import type { Option } from '../../state/options.ts';

/** Of which other ingredients more or less is needed then. */
defineProps<{ path: string; supplies: readonly Option[] }>();
const rows = defineModel<{ supplyId: string; times: number }[] | undefined>({ required: true });
</script>

<template>
  <RowsField
    v-slot="{ row, path: rowPath }"
    v-model="rows"
    label="Then also"
    :path="path"
    one="Other amount"
    :blank="() => ({ supplyId: '', times: 1 })"
  >
    <div class="side-by-side">
      <ChoiceField v-model="row.supplyId" label="Of" :path="`${rowPath}.supplyId`" :options="supplies" />
      <NumberField v-model="row.times" label="Times as much" :path="`${rowPath}.times`" />
    </div>
  </RowsField>
</template>
