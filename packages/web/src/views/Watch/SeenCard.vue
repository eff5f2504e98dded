<script setup lang="ts">
import { WATCH_MEASURES, type Forecast, type WatchMeasure } from '@kobby/core';
import { computed, reactive, ref } from 'vue';
import { ChoiceField, LineField, NumberField, provideForm, TextField } from '../../parts/fields/index.ts';
import ShelfCard from '../../parts/ShelfCard.vue';
import { newId } from '../../state/api.ts';
import { useBook } from '../../state/book.ts';

/** What was seen, measured, and by whom: one line of the log. */
const props = defineProps<{ forecast: Forecast }>();
const store = useBook();
const form = provideForm(() => undefined);
const on = ref<string | null>(store.today);
const seen = ref<string | undefined>('');
const stageId = ref<string | null>(null);
const lost = ref<number | null>(null);
const setFree = ref<number | null>(null);
const values = reactive<Partial<Record<WatchMeasure, number | null>>>({});
const open = computed(() =>
  Object.fromEntries(
    props.forecast.stages
      .filter(({ state }) => state === 'to-come')
      .map(({ stage }) => [stage.id, stage.name]),
  ),
);
const measures = computed(() => props.forecast.observation.measures);

const labelOf = (kind: WatchMeasure): string =>
  [WATCH_MEASURES[kind].name, WATCH_MEASURES[kind].unit].filter(Boolean).join(', ');

function keep(): void {
  const measured = measures.value.flatMap((kind) => {
    const value = values[kind] ?? null;
    return value === null ? [] : [{ kind, value }];
  });
  const done = form.took(
    store.perform([
      {
        type: 'watch/record',
        sighting: {
          id: `saw-${newId()}`,
          observationId: props.forecast.observation.id,
          on: on.value as never,
          stageId: stageId.value,
          seen: seen.value ?? '',
          measured,
          lost: lost.value ?? 0,
          setFree: setFree.value ?? 0,
        },
      },
    ]),
  );
  if (!done) return;
  seen.value = '';
  stageId.value = null;
  lost.value = null;
  setFree.value = null;
  for (const kind of measures.value) values[kind] = null;
}
</script>

<template>
  <ShelfCard title="What was seen">
    <form novalidate @submit.prevent="keep">
      <TextField v-model="seen" label="In a few words" path="sighting.seen" :rows="2" />
      <div class="side-by-side">
        <LineField v-model="on" label="On" type="date" path="sighting.on" />
        <NumberField
          v-for="(kind, i) in measures"
          :key="kind"
          v-model="values[kind]"
          :label="labelOf(kind)"
          :path="`sighting.measured.${i}.value`"
          empty-is-null
        />
        <template v-if="forecast.heads">
          <NumberField v-model="lost" label="Lost" path="sighting.lost" empty-is-null />
          <NumberField v-model="setFree" label="Set free" path="sighting.setFree" empty-is-null />
        </template>
        <ChoiceField
          v-model="stageId"
          label="A stage began"
          path="sighting.stageId"
          none="none"
          :options="open"
        />
      </div>
      <p v-for="message in form.unclaimed.value" :key="message" class="wrong" role="alert">{{ message }}</p>
      <v-btn class="is-main" type="submit">Write it down</v-btn>
    </form>
  </ShelfCard>
</template>

<style scoped>
form {
  display: grid;
  gap: var(--gap-3);
  justify-items: start;
  padding-top: var(--gap-2);
}
form > * {
  width: 100%;
}
form > .v-btn {
  width: auto;
}
</style>
