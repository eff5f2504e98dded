<script setup lang="ts">
import { readResults, resultsTyped, TEST_MEASURES, type TestMeasure } from '@kobby/core';
import { computed, ref } from 'vue';
import { useBook } from '../state/book.ts';

/** A cell for what was measured, in the units of the home: one number, or as many as there were tries, with blanks between them. */
const props = defineProps<{ measure: TestMeasure; label: string; one?: boolean }>();
const results = defineModel<readonly number[]>({ required: true });
const store = useBook();
const system = computed(() => store.book.homes.home?.units ?? 'metric');
const wrong = ref<string | null>(null);
const typed = computed(() => resultsTyped(results.value, props.measure, system.value));
const unit = computed(() =>
  props.measure === 'yes-no' ? 'yes or no' : TEST_MEASURES[props.measure].in[system.value].unit,
);
function read(text: string): void {
  const found = readResults(text, props.measure, system.value);
  if ('word' in found) {
    const wanted = props.measure === 'yes-no' ? 'yes or no' : 'a number';
    wrong.value = `“${found.word}” is not ${wanted}`;
    return;
  }
  wrong.value = props.one && found.length > 1 ? 'One number is needed here' : null;
  if (wrong.value === null) results.value = found;
}
</script>

<template>
  <v-text-field
    :model-value="typed"
    :label="label"
    :suffix="unit"
    :error-messages="wrong"
    autocomplete="off"
    data-test="result"
    @change.stop="read(($event.target as HTMLInputElement).value)"
  />
</template>
