<script setup lang="ts">
import { mdiArrowRightThin, mdiCheck } from '@mdi/js';
import {
  formatAge,
  aboutSeconds,
  halfGoneAfter,
  patienceText,
  staysIn,
  valueIn,
  type CircleRun,
  type Stay,
} from '@kobby/core';
import { computed, ref } from 'vue';
import HowCome from '../../parts/HowCome.vue';
import ShelfCard from '../../parts/ShelfCard.vue';
import { useCircleDesk } from './circle-desk.ts';

/** How long each child who is there sits, and when it makes sense to let one go. */
const props = defineProps<{ run: CircleRun }>();
const desk = useCircleDesk();
const told = ref(false);
const patience = computed(() => desk.reading.value.circles.patience);
const stays = computed(() => staysIn(props.run, desk.reading.value.frame.home, patience.value.factor));
const sitters = computed(() => stays.value.filter(({ toTheEnd }) => toTheEnd).length);
const half = computed(() => halfGoneAfter(stays.value));

const untilText = ({ parts }: Stay): string =>
  parts === 0 ? 'a lap, or something to hold' : `until ${props.run.parts[parts - 1]!.title} is over`;
const thenText = ({ goesTo, restSeconds }: Stay): string =>
  goesTo ? `then to ${goesTo.name}` : `${aboutSeconds(restSeconds)} would be left`;
const factorText = computed(() => {
  const { factor, steps } = patience.value;
  return steps.length === 0
    ? patienceText(factor)
    : `${patienceText(factor)}, by what you told of ${steps.length} ${steps.length === 1 ? 'circle' : 'circles'}`;
});
const minutes = computed(() => valueIn(desk.reading.value.frame.home, 'sittingMinutesPerYear'));
</script>

<template>
  <ShelfCard title="Who sits how long" class="stay">
    <p v-if="stays.length === 0" class="soft">Nobody comes at this time on this day.</p>
    <template v-else>
      <p class="sum">
        <b>{{ sitters }} of {{ stays.length }}</b> sit to the end.
        <button type="button" class="turn" :aria-expanded="told" @click="told = !told">How come</button>
      </p>
      <HowCome
        v-if="told"
        :sentences="[
          `${minutes} minutes for each year of age, times the group: ${factorText}.`,
          'Sitting adds up from piece to piece; what is lively is not sat through and gives some of it back.',
        ]"
      />
      <ul>
        <li v-for="stay in stays" :key="stay.child.id" data-test="stay">
          <v-icon
            :icon="stay.toTheEnd ? mdiCheck : mdiArrowRightThin"
            size="17"
            :class="stay.toTheEnd ? 'ok' : 'goes'"
            aria-hidden="true"
          />
          <span class="who"
            ><b>{{ stay.child.shownAs }}</b> {{ formatAge(stay.months) }}, sits about
            {{ aboutSeconds(stay.seconds) }}</span
          >
          <small v-if="stay.toTheEnd">to the end</small>
          <small v-else>{{ untilText(stay) }}, {{ thenText(stay) }}</small>
        </li>
      </ul>
      <p v-if="half !== null" class="half">
        {{
          half === 0
            ? 'Half of them cannot sit through the first piece.'
            : `Half of them are done before ${run.parts[half]!.title}: make that shorter, or end there.`
        }}
      </p>
    </template>
  </ShelfCard>
</template>

<style scoped>
.stay {
  gap: var(--gap-3);
}
.sum {
  display: flex;
  gap: var(--gap-3);
  align-items: baseline;
}
.turn {
  margin-left: auto;
  padding: var(--gap-1) 0;
  background: none;
  border: 0;
  color: var(--ink);
  text-decoration: underline dotted;
  text-underline-offset: 3px;
}
ul {
  display: flex;
  flex-direction: column;
  gap: var(--gap-2);
  padding: 0;
  list-style: none;
}
li {
  display: grid;
  grid-template-columns: auto minmax(0, 1fr);
  column-gap: var(--gap-2);
  line-height: 1.25;
}
li small {
  grid-column: 2;
  color: var(--ink-soft);
}
.ok {
  color: var(--ok);
}
.goes {
  color: var(--care);
}
.half {
  color: var(--note);
  font-weight: 600;
}
@media (max-width: 900px) {
  .turn {
    min-height: var(--touch);
  }
}
</style>
