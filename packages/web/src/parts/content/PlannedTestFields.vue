<script setup lang="ts">
import { TEST_BY, TEST_MEASURES, type PlannedTest } from '@kobby/core';
import { computed } from 'vue';
import { ChoiceField, LineField, NumberField, RowsField, SwitchField } from '../fields/index.ts';
import ResultCell from '../ResultCell.vue';
import type { ContentInput } from './content.ts';

/** A test in an activity: a question, the one thing that is changed, its ways, what is measured, and what came out beforehand. */
const content = defineModel<ContentInput>({ required: true });
const test = computed(() => content.value.test ?? null);
const measures = Object.fromEntries(Object.entries(TEST_MEASURES).map(([id, { name }]) => [id, name]));
const blankWay = (): PlannedTest['ways'][number] => ({ label: '', tried: null });
const isTest = computed({
  get: () => test.value !== null,
  set: (is: boolean | undefined) => {
    content.value.test = is
      ? {
          ...{ question: '', changed: '', measure: 'seconds', by: 'child', tries: 1 },
          ways: [blankWay(), blankWay()],
        }
      : null;
  },
});
</script>

<template>
  <SwitchField v-model="isTest" label="It is a test: guessed, tried and measured" path="content.test" />
  <template v-if="test">
    <div class="side-by-side">
      <LineField v-model="test.question" label="What is asked" path="content.test.question" />
      <LineField v-model="test.changed" label="The one thing that is changed" path="content.test.changed" />
    </div>
    <div class="side-by-side">
      <ChoiceField
        v-model="test.measure"
        label="What is measured"
        path="content.test.measure"
        :options="measures"
      />
      <ChoiceField v-model="test.by" label="Who tries" path="content.test.by" :options="TEST_BY" />
      <NumberField v-model="test.tries" label="Tries of each way" path="content.test.tries" />
    </div>
    <RowsField
      v-slot="{ row, index, path }"
      v-model="test.ways"
      label="Ways of doing it"
      path="content.test.ways"
      one="Way"
      :blank="blankWay"
    >
      <div class="side-by-side">
        <LineField v-model="row.label" :label="`Way ${index + 1}`" :path="`${path}.label`" />
        <ResultCell
          :model-value="row.tried == null ? [] : [row.tried]"
          :measure="test.measure ?? 'seconds'"
          label="Tried beforehand"
          one
          @update:model-value="row.tried = $event[0] ?? null"
        />
      </div>
    </RowsField>
  </template>
</template>
