<script setup lang="ts">
import { mdiAccountOutline, mdiHandBackLeftOutline, mdiHumanChild, mdiTimerPlusOutline } from '@mdi/js';
import {
  formatDuration,
  OWNERS,
  timetableOf,
  type ClockTime,
  type Mix,
  type Owner,
  type Recipe,
} from '@kobby/core';
import { computed, ref } from 'vue';
import ShelfCard from '../../parts/ShelfCard.vue';
import { useTimers } from '../../state/timers.ts';

/** What is done, by whom, for how long and until when it looks how; timers; and whether it all fits before its time. */
const props = defineProps<{ recipe: Recipe; mix: Mix | null }>();
const { start } = useTimers();
const felt = ref<number | null>(null);
const readyBy = ref('09:40');
const from = ref('');

const GLYPHS: Readonly<Record<Owner, string>> = {
  adult: mdiAccountOutline,
  child: mdiHumanChild,
  together: mdiHandBackLeftOutline,
};
const isTime = (text: string): boolean => /^([01]\d|2[0-3]):[0-5]\d$/.test(text);
const minutesOf = (text: string): number => Number(text.slice(0, 2)) * 60 + Number(text.slice(3));
const table = computed(() =>
  isTime(readyBy.value)
    ? timetableOf(props.recipe, readyBy.value as ClockTime, isTime(from.value) ? minutesOf(from.value) : null)
    : null,
);
// Times before midnight lie on the day before.
function timeText(minutes: number): string {
  const day = Math.floor(minutes / 1440);
  const rest = ((minutes % 1440) + 1440) % 1440;
  const text = `${String(Math.floor(rest / 60)).padStart(2, '0')}:${String(rest % 60).padStart(2, '0')}`;
  return day === 0 ? text : day === -1 ? `${text} the day before` : `${text}, ${-day} days before`;
}
const goesIn = (step: number): string[] =>
  (props.mix?.lines ?? []).flatMap(({ steps, portions, rounded }) => {
    const at = steps.indexOf(step);
    if (at < 0) return [];
    const amount = steps.length > 1 ? portions[at] : rounded.text;
    return [`${amount} ${rounded.portion.supply.name}`];
  });
const minutesText = (minutes: number): string => (minutes > 0 ? formatDuration(minutes) : '');
const begin = (label: string, minutes: number): void =>
  start(`${props.recipe.title}: ${label}`.slice(0, 118), minutes, props.recipe.id);
</script>

<template>
  <div class="stack">
    <ShelfCard :title="recipe.kind === 'science' ? 'How it goes' : 'Steps'" label="Steps">
      <p v-if="recipe.summary" class="soft">{{ recipe.summary }}</p>
      <p v-if="recipe.shows"><b>Shows:</b> {{ recipe.shows }}</p>
      <p v-if="recipe.repeats > 1" class="soft">
        Have it ready {{ recipe.repeats }} times: they want it again. Two groups need it twice as often.
      </p>
      <ol>
        <li v-for="(step, i) in recipe.steps" :key="i">
          <span class="who" :title="`by the ${OWNERS[step.owner]}`">
            <v-icon :icon="GLYPHS[step.owner]" size="20" aria-hidden="true" />
            <small>{{ step.owner === 'together' ? 'all' : step.owner }}</small>
          </span>
          <div>
            <span
              ><b class="figures">{{ i + 1 }}</b> {{ step.text }}</span
            >
            <small v-if="goesIn(i + 1).length" class="in">{{ goesIn(i + 1).join(' · ') }}</small>
            <small v-if="step.sign" class="sign">until {{ step.sign }}</small>
          </div>
          <div class="times figures">
            <span v-if="table?.steps[i]" class="soft">{{ timeText(table.steps[i].from) }}</span>
            <button
              v-if="step.minutes > 0"
              type="button"
              :aria-label="`Timer, ${minutesText(step.minutes)}: ${step.text}`"
              @click="begin(step.text, step.minutes)"
            >
              <v-icon :icon="mdiTimerPlusOutline" size="16" /> {{ minutesText(step.minutes) }}
            </button>
            <button
              v-if="step.waitMinutes > 0"
              type="button"
              :aria-label="`Timer, wait ${minutesText(step.waitMinutes)}: ${step.text}`"
              @click="begin(`wait, ${step.text}`, step.waitMinutes)"
            >
              <v-icon :icon="mdiTimerPlusOutline" size="16" /> wait {{ minutesText(step.waitMinutes) }}
            </button>
          </div>
        </li>
      </ol>
      <p v-if="recipe.steps.length === 0" class="soft">No steps are written yet.</p>
      <div class="fit">
        <label>Ready by <input v-model="readyBy" type="time" name="readyBy" /></label>
        <label>Can begin at <input v-model="from" type="time" name="from" /></label>
        <p v-if="table" data-test="timetable">
          <b>Begin at {{ timeText(table.from) }}.</b>
          {{ formatDuration(table.busyMinutes) }} of hands, {{ formatDuration(table.waitMinutes) }} of
          waiting.
          <span v-if="table.spareMinutes !== null && table.spareMinutes < 0" class="late">
            {{ formatDuration(-table.spareMinutes) }} are missing: begin earlier, or make it the day before.
          </span>
          <span v-else-if="table.spareMinutes !== null">
            It fits, with {{ formatDuration(table.spareMinutes) }} to spare.
          </span>
        </p>
      </div>
    </ShelfCard>
    <ShelfCard v-if="recipe.feels.length" title="How does it feel?" label="By feel">
      <div class="signs">
        <button
          v-for="(feel, i) in recipe.feels"
          :key="feel.sign"
          type="button"
          :aria-expanded="felt === i"
          @click="felt = felt === i ? null : i"
        >
          {{ feel.sign }}
        </button>
      </div>
      <p v-if="felt !== null && recipe.feels[felt]" aria-live="polite">
        {{ recipe.feels[felt]!.then }}
        <b v-if="recipe.feels[felt]!.limit">At most {{ recipe.feels[felt]!.limit }} a batch.</b>
      </p>
    </ShelfCard>
  </div>
</template>

<style scoped>
.stack {
  display: grid;
  gap: var(--gap-5);
}
ol li {
  display: grid;
  grid-template-columns: 44px minmax(0, 1fr) auto;
  gap: var(--gap-3);
  padding: var(--gap-2) 0;
  border-top: 1px dashed var(--line);
}
.who {
  display: grid;
  justify-items: center;
  align-content: start;
  color: var(--ink-soft);
}
.who small,
li small {
  font-size: 12.5px;
}
li div > small {
  display: block;
}
.in {
  color: var(--teal);
  font-weight: 600;
}
.sign {
  color: var(--ink-soft);
}
.times {
  display: grid;
  gap: var(--gap-2);
  justify-items: end;
  align-content: start;
  font-size: 12.5px;
}
.times button,
.signs button {
  display: inline-flex;
  align-items: center;
  gap: var(--gap-2);
  min-height: 30px;
  padding: 0 var(--gap-3);
  background: var(--well);
  border: 1.5px solid var(--edge);
  border-radius: var(--radius);
}
.signs {
  display: flex;
  flex-wrap: wrap;
  gap: var(--gap-3);
}
.signs button[aria-expanded='true'] {
  border-color: var(--plum);
  box-shadow: inset 0 -3px 0 var(--plum);
}
.fit {
  display: flex;
  flex-wrap: wrap;
  gap: var(--gap-2) var(--gap-5);
  align-items: center;
  padding-top: var(--gap-3);
  border-top: 2px solid var(--line);
}
.fit p {
  flex-basis: 100%;
}
input[type='time'] {
  padding: var(--gap-2) var(--gap-3);
  background: var(--card);
  color: var(--ink);
  border: 1.5px solid var(--edge);
  border-radius: var(--radius);
  font: inherit;
}
.late {
  color: var(--stop);
  font-weight: 600;
}
@media (max-width: 900px) {
  .times button,
  .signs button,
  input[type='time'] {
    min-height: var(--touch);
  }
}
</style>
