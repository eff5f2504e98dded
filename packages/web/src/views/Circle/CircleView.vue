<script setup lang="ts">
import { fillerOf, lineHoldsOn, addPiece, formatDay, aboutSeconds, placeFor } from '@kobby/core';
import { computed, defineAsyncComponent, watch } from 'vue';
import { RouterLink, useRoute } from 'vue-router';
import HandTrail from '../../parts/HandTrail.vue';
import DraftButton from '../../parts/DraftButton.vue';
import PageBar from '../../parts/PageBar.vue';
import { newId } from '../../state/api.ts';
import { useReading } from '../../state/unit.ts';
import AddPieceSheet from './AddPieceSheet.vue';
import { provideCircleDesk } from './circle-desk.ts';
import FitCard from './FitCard.vue';
import PieceSheet from './PieceSheet.vue';
import RunList from './RunList.vue';
import SeamsCard from './SeamsCard.vue';
import StayCard from './StayCard.vue';
import WentCard from './WentCard.vue';

const EnergyChart = defineAsyncComponent(() => import('./EnergyChart.vue'));

/** The circle of a day: its run, its energy, who sits through it, and what stands between the blocks. */
const reading = useReading();
const route = useRoute();
const desk = provideCircleDesk(reading);
const { day, block, run, reach } = desk;
// A heads-up may ask for another day while the page is open.
watch(
  () => Number(route.query.day),
  (asked) => {
    if (reading.value.frame.calendar.days.some(({ number }) => number === asked)) day.value = asked;
  },
  { immediate: true },
);

const days = computed(() => reading.value.frame.calendar.days);
const blocks = computed(() => reading.value.circles.blocks);
const hint = computed(() => {
  if (!run.value || !block.value) return 'nothing to plan yet';
  const when = `Day ${day.value} · ${formatDay(run.value.day.date)}`;
  return run.value.parts.length === 0
    ? when
    : `${when} · ${aboutSeconds(run.value.seconds)} of ${block.value.minutes} min`;
});
const opened = computed(() => {
  const parts = [...(run.value?.parts ?? []), ...desk.seams.value.flatMap((seam) => seam.parts)];
  return parts.find(({ piece }) => piece.id === desk.openId.value) ?? null;
});
const noted = computed(() =>
  reading.value.lines.filter(
    (line) => line.kind === 'circle' && line.words !== '' && lineHoldsOn(line, day.value),
  ),
);
// What is noted for one day stands on that day, whatever else changes hold for.
function intoRun({ day: on, words }: (typeof noted.value)[number]): void {
  if (!run.value) return;
  const at = {
    index: placeFor(run.value, 'talk'),
    reach: on === null ? 'every-day' : 'day',
    id: `piece-${newId()}`,
  } as const;
  desk.perform(
    addPiece(run.value, reading.value.frame.unit.id, { kind: 'talk', words }, at),
    `${words} is in the circle.`,
  );
}
// On a day that an event fills nothing is put into a circle that nobody holds.
const filler = computed(() => fillerOf(reading.value.specials, day.value));
const params = computed(() => ({
  unitId: reading.value.frame.unit.id,
  day: day.value,
  blockId: block.value?.id ?? 'none',
}));
</script>

<template>
  <PageBar title="Circle" :hint="hint">
    <DraftButton v-if="run && run.parts.length === 0" :ask="{ parts: ['circles'] }" shown="days">
      Draft the circles
    </DraftButton>
    <template v-if="run && run.parts.length">
      <v-btn class="is-side" :to="{ name: 'circle-card', params }">Circle card</v-btn>
      <v-btn class="is-side" :to="{ name: 'circle-songs', params }">Songs, large</v-btn>
      <v-btn class="is-main" :to="{ name: 'circle-lead', params }" data-test="lead">Sing it</v-btn>
    </template>
  </PageBar>
  <p v-if="days.length === 0" class="empty">
    An idea has no days yet. Give it a start, and its circles are planned here.
  </p>
  <p v-else-if="!block || !run" class="empty">
    No block of your day is kept for circle time.
    <RouterLink :to="{ name: 'rules' }">Keep one for it</RouterLink>, and its run is planned here.
  </p>
  <template v-else>
    <div class="choices">
      <ol class="days" aria-label="Days">
        <li v-for="one in days" :key="one.number">
          <button type="button" :aria-pressed="one.number === day" @click="day = one.number">
            {{ one.number }}<span class="sr-only"> {{ formatDay(one.date) }}</span>
          </button>
        </li>
      </ol>
      <div v-if="blocks.length > 1" class="days" role="group" aria-label="Which circle">
        <button
          v-for="one in blocks"
          :key="one.id"
          type="button"
          :aria-pressed="one.id === block.id"
          @click="desk.blockId.value = one.id"
        >
          {{ one.name }}
        </button>
      </div>
      <fieldset class="reach">
        <legend>What I change holds for</legend>
        <label><input v-model="reach" type="radio" value="every-day" /> every day</label>
        <label><input v-model="reach" type="radio" value="day" /> Day {{ day }} only</label>
      </fieldset>
    </div>
    <p v-if="desk.wrong.value" class="wrong" role="alert">{{ desk.wrong.value }}</p>
    <p v-if="filler" class="empty" data-test="filled">
      {{ filler.title }} fills Day {{ day }}: its circle and what stands between the blocks step back. What is
      sung in it stands in its own plan.
    </p>
    <p v-for="line in filler ? [] : noted" :key="line.id" class="noted">
      Noted for this circle: {{ line.words }}
      <button
        v-if="!run.parts.some(({ title }) => title === line.words)"
        type="button"
        @click="intoRun(line)"
      >
        Put it into the run
      </button>
    </p>
    <div v-if="!filler" class="columns">
      <div class="beside">
        <RunList :run="run" />
        <SeamsCard :seams="desk.seams.value" />
      </div>
      <div class="beside">
        <EnergyChart v-if="run.parts.length" :run="run" />
        <FitCard :run="run" />
        <StayCard v-if="run.parts.length" :run="run" />
        <WentCard v-if="run.parts.length" :run="run" />
      </div>
    </div>
  </template>
  <HandTrail :hand="desk.hand" />
  <AddPieceSheet v-if="desk.wanted.value" :wanted="desk.wanted.value" @close="desk.wanted.value = null" />
  <PieceSheet v-if="opened" :key="opened.piece.id" :part="opened" @close="desk.openId.value = null" />
</template>

<style scoped>
.choices {
  display: flex;
  flex-wrap: wrap;
  gap: var(--gap-2) var(--gap-5);
  align-items: center;
  margin-bottom: var(--gap-3);
}
.days {
  display: flex;
  flex-wrap: wrap;
  gap: var(--gap-2);
  padding: 0;
  list-style: none;
}
.days button {
  min-width: 34px;
  min-height: 32px;
  padding: var(--gap-1) var(--gap-3);
  background: var(--card);
  border: 1.5px solid var(--edge);
  border-bottom: 4px solid var(--shelf);
  border-radius: 5px;
  color: var(--ink);
  font-weight: 600;
}
.days button[aria-pressed='true'] {
  background: var(--plum);
  border-color: var(--plum);
  border-bottom-color: var(--shelf-dark);
  color: var(--on-plum);
}
.reach {
  display: flex;
  flex-wrap: wrap;
  gap: var(--gap-1) var(--gap-4);
  align-items: center;
  margin-left: auto;
  padding: 0;
  border: 0;
}
.reach legend {
  float: left;
  color: var(--ink-soft);
}
.reach label {
  display: flex;
  gap: var(--gap-2);
  align-items: center;
  min-height: 28px;
  font-weight: 600;
}
.reach input {
  width: 18px;
  height: 18px;
  accent-color: var(--plum);
}
.noted {
  margin-bottom: var(--gap-3);
}
.noted button {
  margin-left: var(--gap-3);
  padding: var(--gap-1) 0;
  background: none;
  border: 0;
  color: var(--plum);
  font-weight: 600;
  text-decoration: underline;
  text-underline-offset: 3px;
}
.columns {
  display: grid;
  grid-template-columns: minmax(0, 1.5fr) minmax(0, 1fr);
  gap: var(--gap-4);
  align-items: start;
}
.beside {
  display: flex;
  flex-direction: column;
  gap: var(--gap-3);
}
@media (max-width: 1100px) {
  .columns {
    grid-template-columns: minmax(0, 1fr);
  }
}
@media (max-width: 900px) {
  .reach {
    margin-left: 0;
  }
  .days button,
  .reach label,
  .noted button {
    min-width: var(--touch);
    min-height: var(--touch);
  }
}
</style>
