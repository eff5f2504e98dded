<script setup lang="ts">
import { mdiLightbulbOnOutline, mdiPlus } from '@mdi/js';
import {
  CAUTION_LINE,
  formatDay,
  homeOf,
  mattersOf,
  openStops,
  read,
  STYLES,
  yearOf,
  type YearUnit,
} from '@kobby/core';
import { computed, ref } from 'vue';
import { RouterLink } from 'vue-router';
import InkBand from '../../parts/InkBand.vue';
import PageBar from '../../parts/PageBar.vue';
import ShelfCard from '../../parts/ShelfCard.vue';
import TapeLabel from '../../parts/TapeLabel.vue';
import { useBook } from '../../state/book.ts';
import FeaturedTable from './FeaturedTable.vue';
import StartSheet from './StartSheet.vue';
import TakeUnitSheet from './TakeUnitSheet.vue';
import NextStepCard from './NextStepCard.vue';
import YearRibbon from './YearRibbon.vue';

/** The year at a glance: what the room was, is and will be about, what was featured, and what is only an idea. */
const store = useBook();
const starting = ref(false);
const taking = ref(false);

const year = computed(() => yearOf(store.book, store.today!));
const units = computed(() => year.value.units.filter(({ phase }) => phase === 'now' || phase === 'to-come'));
const ideas = computed(() => year.value.units.filter(({ phase }) => phase === 'idea'));
const over = computed(() => year.value.units.filter(({ phase }) => phase === 'over').toReversed());

function summary({ unit, phase, span }: YearUnit) {
  const { frame, shelf, headsUps, supplies } = read(store.book, unit.id, store.today!);
  const now = frame.calendar.days.find((day) => day.date === store.today)?.number;
  return {
    unit,
    span: span ? `${formatDay(span.first)} to ${formatDay(span.last)}` : 'no program days',
    state: now ? `Day ${now} today` : phase === 'now' ? 'now' : 'to come',
    isNow: phase === 'now',
    filled: shelf.filter((cubby) => cubby.setUps.length > 0).length,
    corners: shelf.length,
    stops: openStops({ headsUps }).length,
    headsUps: mattersOf(headsUps.filter(({ kept }) => !kept)).length,
    toBuy: supplies.filter((line) => line.buy.amount > 0).length,
  };
}
const summaries = computed(() => units.value.map(summary));
const BEFORE_SHOWN = 6;
</script>

<template>
  <div class="page">
    <InkBand is-page :title="homeOf(store.book).name" :detail="formatDay(store.today!, 'full')" />
    <main class="wide">
      <PageBar title="Units" hint="what the room is about, and when">
        <v-btn class="is-side" :to="{ name: 'year' }">The year</v-btn>
        <v-btn class="is-side" @click="taking = true">Take one in</v-btn>
        <v-btn class="is-main" :prepend-icon="mdiPlus" @click="starting = true">Start a unit</v-btn>
      </PageBar>
      <NextStepCard @start="starting = true" />
      <YearRibbon v-if="year.units.some(({ span }) => span)" :year="year" :today="store.today!" />
      <ul class="rack">
        <li v-for="one in summaries" :key="one.unit.id" :class="{ now: one.isNow }">
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
        <li v-for="{ unit } in ideas" :key="unit.id" class="idea">
          <TapeLabel :glyph="mdiLightbulbOnOutline">idea</TapeLabel>
          <RouterLink :to="{ name: 'spark', params: { unitId: unit.id } }">
            <h2>{{ unit.title }}</h2>
            <p class="soft">{{ unit.about || 'no dates yet' }}</p>
          </RouterLink>
        </li>
      </ul>
      <div v-if="year.units.length" class="more">
        <ShelfCard title="Featured so far"><FeaturedTable :year="year" /></ShelfCard>
        <ShelfCard v-if="over.length" :title="`Done · ${over.length}`">
          <ul class="over">
            <li v-for="{ unit, span } in over.slice(0, BEFORE_SHOWN)" :key="unit.id">
              <RouterLink :to="{ name: 'corners', params: { unitId: unit.id } }">{{ unit.title }}</RouterLink>
              <span class="soft">{{ span ? formatDay(span.first) : '' }}</span>
            </li>
            <li v-if="over.length > BEFORE_SHOWN" class="soft">
              and {{ over.length - BEFORE_SHOWN }} more on the ribbon above
            </li>
          </ul>
        </ShelfCard>
      </div>
      <p class="line soft">{{ CAUTION_LINE }}</p>
    </main>
    <StartSheet v-if="starting" @close="starting = false" />
    <TakeUnitSheet v-if="taking" @close="taking = false" />
  </div>
</template>

<style scoped>
.rack {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(min(310px, 100%), 1fr));
  gap: calc(2 * var(--gap-4)) var(--gap-5);
}
.rack li {
  position: relative;
  padding: calc(2 * var(--gap-4)) var(--gap-5) var(--gap-4);
  background: var(--card);
  border: 1.5px solid var(--line);
  border-bottom: 8px solid var(--shelf);
  border-radius: var(--radius);
}
.rack li.now {
  border-color: var(--plum);
  border-bottom-color: var(--shelf-dark);
}
.rack li.idea {
  border-style: dashed;
  border-bottom: 8px solid var(--line);
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
  margin-bottom: var(--gap-2);
  overflow-wrap: anywhere;
}
.rack dl {
  display: grid;
  grid-template-columns: repeat(3, auto);
  gap: var(--gap-3);
  margin-top: var(--gap-4);
  padding-top: var(--gap-3);
  border-top: 1px dashed var(--line);
}
.rack dl div {
  display: flex;
  flex-direction: column-reverse;
}
.rack dt {
  font-size: 12px;
  color: var(--ink-soft);
}
.rack dd {
  font: 600 17px var(--display);
}
.stops {
  color: var(--stop);
  font-size: 14px;
}
.more {
  display: grid;
  grid-template-columns: minmax(0, 2fr) minmax(240px, 1fr);
  gap: var(--gap-5);
  align-items: start;
  margin-top: calc(2 * var(--gap-5));
}
.over li {
  display: flex;
  justify-content: space-between;
  padding: var(--gap-2) 0;
  border-top: 1px dashed var(--line);
}
.line {
  margin-top: calc(2 * var(--gap-4));
  font-size: 12.5px;
}
@media (max-width: 900px) {
  .more {
    grid-template-columns: 1fr;
  }
}
</style>
