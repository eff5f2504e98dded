<script setup lang="ts">
import type { ChangeInput } from '@kobby/core';
import { ChoiceField, LineField, NumberField, RowsField } from '../../parts/fields/index.ts';
import { newId } from '../../state/api.ts';
import type { Option } from '../../state/options.ts';
import AlsoRows from './AlsoRows.vue';

/** The variants of a recipe: a part of something is another thing or nothing, and what else changes then. */
defineProps<{ supplies: readonly Option[] }>();
type Variants = Extract<ChangeInput, { type: 'library/put-recipe' }>['recipe']['variants'];
const variants = defineModel<Variants>({ required: true });
const blank = (): NonNullable<Variants>[number] => ({
  ...{ id: newId().slice(0, 10), name: '', changes: [], also: [] },
});
</script>

<template>
  <RowsField
    v-slot="{ row, path }"
    v-model="variants"
    label="Variants"
    path="variants"
    one="Variant"
    :blank="blank"
  >
    <LineField v-model="row.name" label="Called" :path="`${path}.name`" />
    <RowsField
      v-slot="{ row: change, path: changePath }"
      v-model="row.changes"
      label="What is another thing"
      :path="`${path}.changes`"
      one="Change"
      :blank="() => ({ supplyId: '', part: 1, insteadId: null, times: 1 })"
    >
      <div class="side-by-side">
        <ChoiceField
          v-model="change.supplyId"
          label="Of"
          :path="`${changePath}.supplyId`"
          :options="supplies"
        />
        <NumberField v-model="change.part" label="How much of it (1: all)" :path="`${changePath}.part`" />
        <ChoiceField
          v-model="change.insteadId"
          label="Is"
          none="left out"
          :path="`${changePath}.insteadId`"
          :options="supplies"
        />
        <NumberField v-model="change.times" label="Times as much" :path="`${changePath}.times`" />
      </div>
    </RowsField>
    <AlsoRows v-model="row.also" :path="`${path}.also`" :supplies="supplies" />
  </RowsField>
</template>
