<script setup lang="ts">
import { mdiPlus } from '@mdi/js';
import {
  addDays,
  CAUTION_LINE,
  calendarOf,
  formatDay,
  homeOf,
  phaseOf,
  programDays,
  read,
  STYLES,
  type FieldProblem,
  type Unit,
} from '@kobby/core';
import { computed, ref } from 'vue';
import { RouterLink, useRouter } from 'vue-router';
import InkBand from '../../parts/InkBand.vue';
import PageBar from '../../parts/PageBar.vue';
import PlankSheet from '../../parts/PlankSheet.vue';
import TapeLabel from '../../parts/TapeLabel.vue';
import UnitForm, { type UnitFields } from '../../parts/UnitForm.vue';
import { messagesBeside, newId } from '../../state/api.ts';
import { useBook } from '../../state/book.ts';

const store = useBook();
const router = useRouter();
const starting = ref(false);
const errors = ref<readonly FieldProblem[]>([]);
const fields = ref<UnitFields>(emptyFields());

const units = computed(() =>
  Object.values(store.book.units)
    .map((unit) => summary(unit))
    .toSorted((a, b) => ((a.unit.start ?? '9') < (b.unit.start ?? '9') ? -1 : 1)),
);

const PHASE_WORDS = { idea: 'an idea', 'to-come': 'to come', now: 'now', over: 'done' } as const;

function summary(unit: Unit) {
  const { frame, shelf, headsUps, supplies } = read(store.book, unit.id, store.today!);
  const days = frame.calendar.days;
  const first = days[0]?.date ?? unit.start;
  const last = days.at(-1)?.date ?? unit.start;
  const now = days.find((day) => day.date === store.today)?.number;
  const phase = phaseOf(frame, store.today!);
  return {
    unit,
    span: first && last ? `${formatDay(first)} to ${formatDay(last)}` : 'no days yet',
    state: now ? `Day ${now} today` : PHASE_WORDS[phase],
    isNow: phase === 'now',
    filled: shelf.filter((cubby) => cubby.setUps.length > 0).length,
    corners: shelf.length,
    stops: headsUps.filter((finding) => finding.level === 'stop').length,
    headsUps: headsUps.length,
    toBuy: supplies.filter((line) => line.buy.amount > 0).length,
  };
}

function emptyFields(): UnitFields {
  const calendar = calendarOf(homeOf(store.book), Object.values(store.book.closures));
  const tomorrow = addDays(store.today!, 1);
  const start = programDays(tomorrow, 1, calendar).days[0]?.date ?? tomorrow;
  return { title: '', style: 'theme', start, dayCount: String(STYLES.theme.days) };
}

function begin(): void {
  fields.value = emptyFields();
  errors.value = [];
  starting.value = true;
}

function start(): void {
  const id = `unit-${newId()}`;
  const { title, style, start: first, dayCount } = fields.value;
  const count = dayCount === '' ? Number.NaN : Number(dayCount);
  const result = store.perform([
    { type: 'unit/start', unit: { id, title, style, start: first, dayCount: count } },
  ]);
  errors.value = result.done ? [] : result.errors;
  if (result.done) void router.push({ name: 'corners', params: { unitId: id } });
}
</script>

<template>
  <div class="page">
    <InkBand :title="homeOf(store.book).name" :detail="formatDay(store.today!, 'full')" />
    <main class="wide">
      <PageBar title="Units" hint="what the room is about, and when">
        <v-btn class="is-main" :prepend-icon="mdiPlus" @click="begin">Start a unit</v-btn>
      </PageBar>
      <p v-if="Object.keys(store.book.children).length === 0" class="nobody">
        Nobody comes yet, so every amount would be nothing.
        <RouterLink to="/house">Add the children in the house</RouterLink>
      </p>
      <p v-if="units.length === 0" class="empty">
        No unit yet. Start one with whatever the children are wild about just now.
      </p>
      <ul class="rack">
        <li v-for="one in units" :key="one.unit.id" :class="{ now: one.isNow }">
          <TapeLabel>{{ one.state }}</TapeLabel>
          <RouterLink :to="{ name: 'corners', params: { unitId: one.unit.id } }">
            <h2>{{ one.unit.title }}</h2>
            <p class="soft">{{ one.span }} · {{ one.unit.dayCount }} days</p>
            <p class="soft">{{ STYLES[one.unit.style].name }}</p>
          </RouterLink>
          <dl class="figures">
            <div>
              <dt>corners filled</dt>
              <dd>{{ one.filled }} of {{ one.corners }}</dd>
            </div>
            <div>
              <dt>to buy</dt>
              <dd>{{ one.toBuy }}</dd>
            </div>
            <div>
              <dt>heads-ups</dt>
              <dd>
                {{ one.headsUps
                }}<span v-if="one.stops" class="stops">
                  · {{ one.stops === 1 ? '1 stop' : `${one.stops} stops` }}</span
                >
              </dd>
            </div>
          </dl>
        </li>
      </ul>
      <p class="line soft">{{ CAUTION_LINE }}</p>
    </main>
    <PlankSheet v-model="starting" title="Start a unit" hint="All of it can be changed later.">
      <form id="start-unit" novalidate @submit.prevent="start">
        <UnitForm v-model="fields" :errors="errors" />
        <p
          v-for="message in messagesBeside(errors, ['title', 'style', 'start', 'dayCount'])"
          :key="message"
          role="alert"
        >
          {{ message }}
        </p>
      </form>
      <template #foot>
        <v-btn class="is-main" type="submit" form="start-unit">Put it on the shelf</v-btn>
        <v-btn class="is-quiet" @click="starting = false">Not now</v-btn>
      </template>
    </PlankSheet>
  </div>
</template>

<style scoped>
.rack {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(310px, 1fr));
  gap: 26px 18px;
}
.rack li {
  position: relative;
  padding: 22px 16px 12px;
  background: var(--card);
  border: 1.5px solid var(--line);
  border-bottom: 8px solid var(--shelf);
  border-radius: var(--radius);
}
.rack li.now {
  border-color: var(--plum);
  border-bottom-color: var(--shelf-dark);
}
.rack li:hover {
  background: var(--card-past);
}
.rack .tape {
  position: absolute;
  top: -10px;
  left: 10px;
}
.rack a {
  display: block;
  text-decoration: none;
}
.rack a::after {
  content: '';
  position: absolute;
  inset: 0;
}
.rack h2 {
  font-size: 20px;
  margin-bottom: 3px;
  overflow-wrap: anywhere;
}
dl {
  display: grid;
  grid-template-columns: repeat(3, auto);
  gap: 8px;
  margin-top: 14px;
  padding-top: 9px;
  border-top: 1px dashed var(--line);
}
dl div {
  display: flex;
  flex-direction: column-reverse;
}
dt {
  font-size: 12px;
  color: var(--ink-soft);
}
dd {
  font: 600 17px var(--display);
}
.stops {
  color: var(--stop);
  font-size: 14px;
}
.empty {
  padding: 30px;
  border: 2px dashed var(--edge);
  border-radius: var(--radius);
  text-align: center;
}
.nobody {
  margin-bottom: 22px;
  padding: 10px 14px;
  background: var(--note-bg);
  border-left: 5px solid var(--note-edge);
  border-radius: 5px;
}
.line {
  margin-top: 34px;
  font-size: 12.5px;
}
</style>
