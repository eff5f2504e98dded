<script setup lang="ts">
import { TEST_MEASURES, type Child, type TestMeasure, type TestResult } from '@kobby/core';
import { computed } from 'vue';

/** A real test: what was different in each try, what came out, and which try each child guessed to have the most. */
defineProps<{ here: readonly Child[] }>();
const test = defineModel<TestResult>({ required: true });

const measures = Object.entries(TEST_MEASURES).map(([value, { name }]) => ({
  title: name,
  value: value as TestMeasure,
}));
const isYesNo = computed(() => test.value.measure === 'yes-no');
const tries = computed(() => test.value.tries.map(({ label }, i) => ({ title: label, value: i })));
const change = (rest: Partial<TestResult>): void => void (test.value = { ...test.value, ...rest });

function setTry(index: number, rest: Partial<TestResult['tries'][number]>): void {
  change({ tries: test.value.tries.map((one, i) => (i === index ? { ...one, ...rest } : one)) });
}
function dropTry(index: number): void {
  const guesses = test.value.guesses
    .filter(({ tryIndex }) => tryIndex !== index)
    .map((guess) => ({ ...guess, tryIndex: guess.tryIndex > index ? guess.tryIndex - 1 : guess.tryIndex }));
  change({ tries: test.value.tries.filter((_, i) => i !== index), guesses });
}
function guess(childId: Child['id'], tryIndex: number | null): void {
  const others = test.value.guesses.filter((one) => one.childId !== childId);
  change({ guesses: tryIndex === null ? others : [...others, { childId, tryIndex }] });
}
const numberOf = (text: string): number | null => (text.trim() === '' ? null : Number(text));
</script>

<template>
  <fieldset>
    <legend>The test</legend>
    <v-select
      :model-value="test.measure"
      :items="measures"
      label="What was measured"
      @update:model-value="change({ measure: $event })"
    />
    <div v-for="(one, i) in test.tries" :key="i" class="try">
      <v-text-field
        :model-value="one.label"
        label="What was different"
        @update:model-value="setTry(i, { label: $event })"
      />
      <v-switch
        v-if="isYesNo"
        :model-value="one.result === 1"
        :label="one.result === 1 ? 'yes' : 'no'"
        @update:model-value="setTry(i, { result: $event ? 1 : 0 })"
      />
      <v-text-field
        v-else
        :model-value="one.result === null ? '' : String(one.result)"
        :label="`What came out${TEST_MEASURES[test.measure].unit ? `, ${TEST_MEASURES[test.measure].unit}` : ''}`"
        type="number"
        min="0"
        @update:model-value="setTry(i, { result: numberOf($event) })"
      />
      <v-btn
        v-if="test.tries.length > 1"
        class="is-quiet"
        :aria-label="`Without ${one.label}`"
        @click="dropTry(i)"
        >Without</v-btn
      >
    </div>
    <v-btn
      v-if="test.tries.length < 8"
      class="is-side"
      @click="change({ tries: [...test.tries, { label: `way ${test.tries.length + 1}`, result: null }] })"
      >Another try</v-btn
    >
    <div v-for="child in here" :key="child.id" class="guess">
      <v-select
        :model-value="test.guesses.find(({ childId }) => childId === child.id)?.tryIndex ?? null"
        :items="tries"
        :label="`${child.name} guessed`"
        clearable
        @update:model-value="guess(child.id, $event)"
      />
    </div>
  </fieldset>
</template>

<style scoped>
fieldset {
  display: grid;
  gap: var(--gap-3);
  padding: 0;
  border: 0;
}
legend {
  font-weight: 700;
}
.try {
  display: grid;
  grid-template-columns: 1.4fr 1fr auto;
  gap: var(--gap-3);
  align-items: start;
}
@media (max-width: 600px) {
  .try {
    grid-template-columns: 1fr 1fr;
  }
}
</style>
