<script setup lang="ts">
import {
  TEST_BY,
  TEST_MEASURES,
  type Child,
  type TestBy,
  type TestMeasure,
  type TestResult,
} from '@kobby/core';
import { computed, ref } from 'vue';
import ResultCell from './ResultCell.vue';

/** A real test: what was different in each way, which way each child guessed to have the most, and what came out for whom. */
const props = defineProps<{
  here: readonly Child[];
  /** It was planned: what it is needs no telling, only what came out. */
  planned?: boolean;
}>();
const test = defineModel<TestResult>({ required: true });

const measures = Object.entries(TEST_MEASURES).map(([value, { name }]) => ({
  title: name,
  value: value as TestMeasure,
}));
const tryers = Object.entries(TEST_BY).map(([value, title]) => ({ title, value: value as TestBy }));
const ways = computed(() => test.value.tries.map(({ label }, i) => ({ title: label, value: i })));
const change = (rest: Partial<TestResult>): void => void (test.value = { ...test.value, ...rest });

function setWay(index: number, rest: Partial<TestResult['tries'][number]>): void {
  change({ tries: test.value.tries.map((one, i) => (i === index ? { ...one, ...rest } : one)) });
}
function dropWay(index: number): void {
  const without = <T extends { tryIndex: number }>(list: readonly T[]): T[] =>
    list
      .filter(({ tryIndex }) => tryIndex !== index)
      .map((one) => ({ ...one, tryIndex: one.tryIndex > index ? one.tryIndex - 1 : one.tryIndex }));
  const { tries, guesses, own, groups } = test.value;
  change({
    tries: tries.filter((_, i) => i !== index),
    ...{ guesses: without(guesses), own: without(own), groups: without(groups) },
  });
}
function guess(childId: Child['id'], tryIndex: number | null): void {
  const others = test.value.guesses.filter((one) => one.childId !== childId);
  change({ guesses: tryIndex === null ? others : [...others, { childId, tryIndex }] });
}
// As many groups as were measured, two to begin with.
const MOST_GROUPS = 12;
const more = ref(2);
const groups = computed(() => Math.max(more.value, ...test.value.groups.map(({ group }) => group)));
type Results = readonly number[];
/** Somebody who guesses, tries, or both. */
interface Row {
  readonly key: string;
  readonly name: string;
  readonly childId: Child['id'] | null;
  readonly tries: boolean;
  of(way: number): Results;
  set(way: number, results: Results): void;
}
const rows = computed((): readonly Row[] => [
  ...props.here.map(({ id, name }): Row => ({
    ...{ key: id, name, childId: id, tries: test.value.by === 'child' },
    of: (way) => test.value.own.find((one) => one.childId === id && one.tryIndex === way)?.results ?? [],
    set: (tryIndex, results) => {
      const others = test.value.own.filter((one) => one.childId !== id || one.tryIndex !== tryIndex);
      const said = results.length === 0 ? [] : [{ childId: id, tryIndex, results: [...results] }];
      change({ own: [...others, ...said] });
    },
  })),
  ...Array.from({ length: test.value.by === 'group' ? groups.value : 0 }, (_, i): Row => {
    const group = i + 1;
    return {
      ...{ key: `group-${group}`, name: `Group ${group}`, childId: null, tries: true },
      of: (way) =>
        test.value.groups.find((one) => one.group === group && one.tryIndex === way)?.results ?? [],
      set: (tryIndex, results) => {
        const others = test.value.groups.filter((one) => one.group !== group || one.tryIndex !== tryIndex);
        const said = results.length === 0 ? [] : [{ group, tryIndex, results: [...results] }];
        change({ groups: [...others, ...said] });
      },
    };
  }),
]);
const guessOf = (childId: string): number | null =>
  test.value.guesses.find((one) => one.childId === childId)?.tryIndex ?? null;
</script>

<template>
  <fieldset>
    <legend>{{ test.question || 'The test' }}</legend>
    <details :open="!planned || test.by === 'all'">
      <summary>Its ways, and how it is measured</summary>
      <div class="side-by-side">
        <v-select
          :model-value="test.measure"
          :items="measures"
          label="What was measured"
          @update:model-value="change({ measure: $event })"
        />
        <v-select
          :model-value="test.by"
          :items="tryers"
          label="Who tried"
          @update:model-value="change({ by: $event })"
        />
      </div>
      <div v-for="(one, i) in test.tries" :key="i" class="way">
        <v-text-field
          :model-value="one.label"
          label="What was different"
          @update:model-value="setWay(i, { label: $event })"
        />
        <ResultCell
          v-if="test.by === 'all'"
          :model-value="one.result === null ? [] : [one.result]"
          :measure="test.measure"
          label="What came out"
          one
          @update:model-value="setWay(i, { result: $event[0] ?? null })"
        />
        <v-btn
          v-if="test.tries.length > 1"
          class="is-quiet"
          :aria-label="`Without ${one.label}`"
          @click="dropWay(i)"
          >Without</v-btn
        >
      </div>
      <v-btn
        v-if="test.tries.length < 8"
        class="is-side"
        @click="change({ tries: [...test.tries, { label: `way ${test.tries.length + 1}`, result: null }] })"
        >Another way</v-btn
      >
    </details>
    <div v-for="row in rows" :key="row.key" class="who">
      <b>{{ row.name }}</b>
      <v-select
        v-if="row.childId"
        :model-value="guessOf(row.childId)"
        :items="ways"
        label="guessed"
        :aria-label="`${row.name} guessed`"
        density="compact"
        clearable
        @update:model-value="guess(row.childId, $event)"
      />
      <template v-if="row.tries">
        <ResultCell
          v-for="way in ways"
          :key="way.value"
          density="compact"
          :model-value="row.of(way.value)"
          :measure="test.measure"
          :label="way.title"
          :aria-label="`${row.name}: ${way.title}`"
          @update:model-value="row.set(way.value, $event)"
        />
      </template>
    </div>
    <v-btn v-if="test.by === 'group' && groups < MOST_GROUPS" class="is-side" @click="more = groups + 1"
      >Another group</v-btn
    >
    <p v-if="test.by !== 'all'" class="soft">Several tries: with a blank between them, as 12 9.5.</p>
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
  padding-bottom: var(--gap-3);
  font-weight: 700;
}
details {
  display: grid;
  gap: var(--gap-3);
}
summary {
  min-height: var(--touch);
  font-weight: 600;
  cursor: pointer;
}
.way {
  display: grid;
  grid-template-columns: 1.4fr 1fr auto;
  gap: var(--gap-3);
  align-items: start;
}
.who {
  display: grid;
  grid-template-columns: 80px repeat(auto-fit, minmax(min(120px, 100%), 1fr));
  gap: var(--gap-3);
  align-items: start;
  padding-top: var(--gap-3);
  border-top: 1px dashed var(--line);
}
.v-btn {
  justify-self: start;
}
.who b {
  padding-top: var(--gap-3);
}
@media (max-width: 600px) {
  .way {
    grid-template-columns: 1fr 1fr;
  }
  .who {
    grid-template-columns: 1fr 1fr;
  }
  .who b {
    grid-column: 1 / -1;
    padding-top: 0;
  }
}
</style>
