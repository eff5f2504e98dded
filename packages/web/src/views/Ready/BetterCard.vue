<script setup lang="ts">
import { compareGoals, type Goals, type Stage } from '@kobby/core';
import { computed } from 'vue';
import { useBook } from '../../state/book.ts';
import { useSolving } from '../../state/solving.ts';
import { useReading } from '../../state/unit.ts';
import { publishing } from './publishing.ts';

/** A better schedule: worked out on request, compared goal by goal, taken over by one press. */
const store = useBook();
const reading = useReading();
const { stage, solved, isWorking, failed, start, stop } = useSolving();

const STAGES: Readonly<Record<Stage | 'begin', string>> = {
  begin: 'getting ready',
  unplaced: 'placing what has no time',
  over: 'easing what runs over',
  last: 'clearing the last evening',
  moved: 'keeping what was shown',
  ties: 'settling the rest',
};
const text = ({ unplaced, over, last, moved }: Goals): string =>
  `${unplaced} without a time · ${over} min over · ${last} min on a last evening · ${moved} moved`;
// The plan may have changed since: then what was found answers another question.
const asked = computed(() => reading.value.ready.problem);
let askedThen: unknown = null;
function begin(): void {
  askedThen = asked.value;
  start(asked.value);
}
const isOld = computed(() => solved.value !== null && askedThen !== asked.value);
const isBetter = computed(
  () => solved.value !== null && compareGoals(solved.value.goals, reading.value.ready.goals) < 0,
);
function take(): void {
  if (!solved.value || isOld.value) return;
  store.perform(publishing(reading.value.ready, solved.value.laid));
  solved.value = null;
}
</script>

<template>
  <div class="better" role="status" data-test="better">
    <template v-if="isWorking">
      <span>Working out a better one: {{ STAGES[stage] }} …</span>
      <v-btn class="is-side" @click="stop">Stop</v-btn>
    </template>
    <template v-else-if="solved && !isOld">
      <span v-if="isBetter"
        >Found: {{ text(solved.goals) }}<br /><span class="soft"
          >Now: {{ text(reading.ready.goals) }}</span
        ></span
      >
      <span v-else
        >{{ solved.isBest ? 'None is better than this one' : 'None was found that is better' }}:
        {{ text(reading.ready.goals) }}</span
      >
      <v-btn v-if="isBetter" class="is-main" @click="take">Take it and show it</v-btn>
    </template>
    <template v-else>
      <span v-if="failed" class="wrong">It could not be worked out: {{ failed }}</span>
      <span v-else-if="isOld">The plan has changed since; what was found is out of date.</span>
      <v-btn class="is-side" data-test="work-out" @click="begin">Find a better order</v-btn>
    </template>
  </div>
</template>

<style scoped>
.better {
  display: flex;
  flex-wrap: wrap;
  gap: var(--gap-2) var(--gap-4);
  align-items: center;
}
</style>
