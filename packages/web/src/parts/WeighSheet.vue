<script setup lang="ts">
import {
  DRAFT_MUST,
  DRAFT_TERMS,
  homeOf,
  STARTING_VALUES,
  weightsOf,
  type DraftTerm,
  type StartingValueId,
} from '@kobby/core';
import { computed } from 'vue';
import { useBook } from '../state/book.ts';
import { useProposing } from '../state/proposing.ts';
import { useStartingValues } from '../state/starting-value.ts';
import PlankSheet from './PlankSheet.vue';

/** What must hold in a draft, what would be nice and how much it weighs; some of that is the home's own. */
const emit = defineEmits<{ close: [] }>();
const store = useBook();
const proposing = useProposing();
const isOpen = computed({ get: () => true, set: (open) => (open ? undefined : emit('close')) });

const home = computed(() => homeOf(store.book));
const { valueOf, take } = useStartingValues();
const SLIDERS = {
  draftPrepPercent: 'Little to prepare',
  draftOnHandPercent: 'What is here, nothing to buy',
  draftFreshPercent: 'Something new to us',
  draftOutdoorsPercent: 'Being outdoors',
  draftCalmPercent: 'Calm',
} as const satisfies Partial<Record<StartingValueId, string>>;
const sliders = Object.entries(SLIDERS) as [keyof typeof SLIDERS, string][];
const STEP = 50;
const wordOf = (percent: number): string => {
  if (percent === 0) return 'does not count';
  if (percent < 100) return 'counts less';
  return percent === 100 ? 'counts as usual' : `counts ${percent / 100} times as much`;
};
const points = computed(() => {
  const weights = weightsOf(home.value, proposing.ask.value.character);
  const got = new Map(proposing.proposal.value?.terms.map((one) => [one.term, one.points]));
  return (Object.keys(DRAFT_TERMS) as DraftTerm[]).map((term) => ({
    ...{ term, ...DRAFT_TERMS[term] },
    weight: Math.round(weights[term] * 100) / 100,
    here: Math.round((got.get(term) ?? 0) * 10) / 10,
  }));
});
</script>

<template>
  <PlankSheet
    v-model="isOpen"
    title="What weighs how much"
    hint="Kept for the home: every draft from now on."
    :width="760"
  >
    <p v-for="[id, name] in sliders" :key="id" class="slider">
      <label :for="id">{{ name }}</label>
      <input
        :id="id"
        type="range"
        :min="STARTING_VALUES[id].min"
        :max="STARTING_VALUES[id].max"
        :step="STEP"
        :value="valueOf(id)"
        :aria-valuetext="wordOf(valueOf(id))"
        @change="take(id, $event)"
      />
      <span class="soft">{{ wordOf(valueOf(id)) }}</span>
    </p>
    <h3>What must hold</h3>
    <ul>
      <li v-for="one in DRAFT_MUST" :key="one">{{ one }}</li>
    </ul>
    <h3>What would be nice</h3>
    <table>
      <thead>
        <tr>
          <th scope="col">So that</th>
          <th scope="col">Points</th>
          <th scope="col">For each</th>
          <th scope="col">In this draft</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="one in points" :key="one.term">
          <th scope="row">{{ one.name }}</th>
          <td class="figures">{{ one.weight }}</td>
          <td>{{ one.per }}</td>
          <td class="figures">{{ one.here }}</td>
        </tr>
      </tbody>
    </table>
  </PlankSheet>
</template>

<style scoped>
.slider {
  display: grid;
  grid-template-columns: 210px 1fr 190px;
  gap: var(--gap-4);
  align-items: center;
  min-height: 36px;
}
input {
  accent-color: var(--plum);
}
h3 {
  margin: var(--gap-4) 0 var(--gap-2);
  font: 700 14px var(--display);
}
ul {
  list-style: disc inside;
}
table {
  width: 100%;
  border-collapse: collapse;
  font-size: 13px;
}
th,
td {
  padding: var(--gap-2) var(--gap-3) var(--gap-2) 0;
  border-top: 1px dashed var(--line);
  font-weight: 400;
  text-align: left;
  vertical-align: top;
}
thead th {
  border-top: 0;
  font-weight: 600;
}
@media (max-width: 900px) {
  .slider {
    grid-template-columns: 1fr;
    gap: 0;
  }
}
</style>
