<script setup lang="ts">
import { TEST_MEASURES, type Child, type TestResult } from '@kobby/core';
import { computed, defineAsyncComponent } from 'vue';

/** The result of a test as a picture, and beside it who guessed what. */
const props = defineProps<{ test: TestResult; children: readonly Child[] }>();
const BarChart = defineAsyncComponent(() => import('../../parts/BarChart.vue'));

const nameOf = (childId: string): string =>
  props.children.find(({ id }) => id === childId)?.name ?? 'a child';
const rows = computed(() =>
  props.test.tries.map(({ label, result }, i) => {
    const { unit } = TEST_MEASURES[props.test.measure];
    const text =
      result === null
        ? 'not measured'
        : props.test.measure === 'yes-no'
          ? result === 1
            ? 'yes'
            : 'no'
          : `${result}${unit ? ` ${unit}` : ''}`;
    const guessed = props.test.guesses
      .filter(({ tryIndex }) => tryIndex === i)
      .map(({ childId }) => nameOf(childId));
    return { name: label, value: result ?? 0, text, guessed };
  }),
);
const most = computed(() => Math.max(...rows.value.map(({ value }) => value)));
const right = computed(() =>
  most.value > 0
    ? rows.value.filter(({ value }) => value === most.value).flatMap(({ guessed }) => guessed)
    : [],
);
</script>

<template>
  <figure data-test="test-picture">
    <BarChart label="What came out" :bars="rows" />
    <figcaption>
      <span v-for="row in rows" :key="row.name"
        >{{ row.name }}: {{ row.text
        }}{{ row.guessed.length ? `, guessed by ${row.guessed.join(', ')}` : '' }}.
      </span>
      <b v-if="right.length">{{ right.join(', ') }} guessed right.</b>
    </figcaption>
  </figure>
</template>
