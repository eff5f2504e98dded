<script setup lang="ts">
import { fitRun, aboutSeconds, ruleSecondsOf, type CircleRun, type Fitted } from '@kobby/core';
import { computed, ref, watch } from 'vue';
import ShelfCard from '../../parts/ShelfCard.vue';
import { newId } from '../../state/api.ts';
import { useCircleDesk } from './circle-desk.ts';

/** Makes a circle longer or shorter, to a number of minutes: what would change is shown before it is taken. */
const props = defineProps<{ run: CircleRun }>();
const desk = useCircleDesk();
// What is typed is no number for a while.
const minutes = ref<number | '' | null>(null);
const now = computed(() => Math.round(props.run.seconds / 60));

const MOST_MINUTES = 90;
const STEP_MINUTES = 2;
const half = computed(() => {
  const { frame, circles } = desk.reading.value;
  return Math.floor((ruleSecondsOf(props.run, frame.home) * circles.patience.factor) / 60);
});
const choices = computed(() =>
  [
    ...(props.run.parts.length === 0
      ? []
      : [
          { text: 'They are still arriving', to: now.value + STEP_MINUTES },
          { text: 'It drags', to: Math.max(1, now.value - STEP_MINUTES) },
        ]),
    { text: 'As half of them sit', to: half.value },
    { text: 'The whole block', to: props.run.block.minutes as number },
  ].filter(({ to }) => to > 0),
);
const wrong = computed(() => {
  const { value } = minutes;
  const isGood = value === null || value === '' || (value >= 1 && value <= MOST_MINUTES);
  return isGood ? null : `From 1 to ${MOST_MINUTES} minutes, not ${value}`;
});
const fitted = computed((): Fitted | null => {
  const wanted = minutes.value;
  if (wanted === null || wanted === '' || wrong.value !== null) return null;
  const { circles, frame } = desk.reading.value;
  return fitRun(props.run, Math.round(wanted * 60), {
    stuff: circles.stuff,
    frame,
    reach: desk.reach.value,
    newId,
  });
});
// Another circle is asked about anew.
watch(
  () => [props.run.day.number, props.run.block.id],
  () => (minutes.value = null),
);
function take(): void {
  if (fitted.value?.outcome !== 'fitted') return;
  const { seconds, changes } = fitted.value;
  if (desk.perform(changes, `The circle takes ${aboutSeconds(seconds)} now.`)) minutes.value = null;
}
</script>

<template>
  <ShelfCard title="Longer or shorter" class="fit">
    <div class="ask">
      <label class="to">
        To
        <input
          v-model.number="minutes"
          type="number"
          name="fit"
          min="1"
          :max="MOST_MINUTES"
          inputmode="numeric"
        />
        minutes
      </label>
      <button v-for="one in choices" :key="one.text" type="button" @click="minutes = one.to">
        {{ one.text }} <small>{{ one.to }} min</small>
      </button>
    </div>
    <p v-if="wrong" class="wrong" role="alert">{{ wrong }}</p>
    <template v-if="fitted">
      <p v-if="fitted.outcome === 'cannot'" class="cannot" role="status" data-test="cannot">
        {{ fitted.why }}
      </p>
      <template v-else>
        <p v-if="fitted.steps.length === 0" role="status">
          It fits as it is: {{ aboutSeconds(fitted.seconds) }}. {{ fitted.short ?? '' }}
        </p>
        <template v-else>
          <ul data-test="fit-steps">
            <li v-for="step in fitted.steps" :key="step">{{ step }}</li>
          </ul>
          <p role="status">It would take {{ aboutSeconds(fitted.seconds) }}. {{ fitted.short ?? '' }}</p>
          <v-btn class="is-main" data-test="take-fit" @click="take">
            Do it {{ desk.reach.value === 'day' ? `on Day ${run.day.number}` : 'on every day' }}
          </v-btn>
        </template>
      </template>
    </template>
  </ShelfCard>
</template>

<style scoped>
.fit {
  gap: var(--gap-3);
}
.ask {
  display: flex;
  flex-wrap: wrap;
  gap: var(--gap-3);
  align-items: center;
}
.to {
  display: flex;
  flex-basis: 100%;
  gap: var(--gap-3);
  align-items: center;
  font-weight: 600;
}
.to input {
  width: 58px;
  min-height: 32px;
  padding: var(--gap-1) var(--gap-3);
  background: var(--card);
  border: 1.5px solid var(--edge);
  border-radius: 5px;
  color: var(--ink);
}
.ask button {
  min-height: 30px;
  padding: var(--gap-1) var(--gap-3);
  background: var(--paper);
  border: 1.5px solid var(--edge);
  border-radius: 5px;
  color: var(--ink);
}
.ask small {
  color: var(--ink-soft);
}
ul {
  padding-left: var(--gap-5);
}
.cannot {
  color: var(--care);
  font-weight: 600;
}
@media (max-width: 900px) {
  .ask button,
  .to input {
    min-height: var(--touch);
  }
}
</style>
