<script setup lang="ts">
import {
  bringsText,
  CAUTION_LINE,
  isWet,
  minutesOutdoors,
  weatherTells,
  weatherText,
  type PlanBreaker,
  type ProgramDay,
  type Unit,
  type Weather,
} from '@kobby/core';
import { mdiWeatherCloudy, mdiWeatherRainy, mdiWeatherSnowy, mdiWeatherSunny } from '@mdi/js';
import { computed, ref } from 'vue';
import CautionStrip from '../../parts/CautionStrip.vue';
import { useBook } from '../../state/book.ts';
import { provideReading } from '../../state/unit.ts';
import BlockCard from './BlockCard.vue';
import BreakCard from './BreakCard.vue';
import ByTheWayCard from './ByTheWayCard.vue';
import HereCard from './HereCard.vue';
import KeepsakeCard from './KeepsakeCard.vue';
import LaterList from './LaterList.vue';
import RungsCard from './RungsCard.vue';
import TellCard from './TellCard.vue';
import { useRoom, useWeather } from './room.ts';
import WordsCard from './WordsCard.vue';

/** The day of a unit in the room: what is on, who is here, what comes, and what has to be seen to. */
const props = defineProps<{ unit: Unit; day: ProgramDay }>();
const store = useBook();
const reading = provideReading(() => props.unit.id);
// What was is told, and changed no more: who came and went, the weather, a change of plan are of today.
const isToday = computed(() => props.day.date === store.today);
const { minutes, plan, rows, here, adults, clock, focus, isLookedAt, look } = useRoom(
  reading,
  () => props.day.number,
  () => isToday.value,
);
const weather = useWeather();
const home = computed(() => reading.value.frame.home);
const told = computed(() =>
  weather.value ? weatherTells(weather.value, home.value, minutesOutdoors(plan.value)) : [],
);
const SKIES: Readonly<Record<Weather['sky'], string>> = {
  clear: mdiWeatherSunny,
  cloudy: mdiWeatherCloudy,
  rain: mdiWeatherRainy,
  snow: mdiWeatherSnowy,
};
const breaking = ref<PlanBreaker | null>(null);
const outdoors = computed(() =>
  plan.value.blocks.some(({ items }) =>
    items.some(({ session }) => session.placement.content.place === 'outdoors'),
  ),
);
</script>

<template>
  <main class="today">
    <div class="day">
      <p v-if="weather && isToday" class="weather">
        <v-icon :icon="SKIES[weather.sky]" size="20" aria-hidden="true" />
        {{ weatherText(weather, home.units) }}
        <button v-if="isWet(weather) && outdoors" type="button" class="text" @click="breaking = 'weather'">
          What comes in?
        </button>
      </p>
      <CautionStrip v-for="one in isToday ? told : []" :key="one.text" :level="one.level">
        <b>{{ one.text }}.</b> {{ one.instead }}
      </CautionStrip>
      <section v-for="event in plan.events" :key="event.id" class="special">
        <h2>{{ event.title }}</h2>
        <p v-for="line in event.plan" :key="line.start">{{ line.start }} {{ line.text }}</p>
        <p v-if="event.guests">Who comes: {{ event.guests }}</p>
        <p v-if="event.brings">{{ bringsText(event) }}</p>
      </section>
      <TellCard v-if="!isToday" :plan="plan" :here="here" />
      <BlockCard
        v-if="focus && (isToday || isLookedAt)"
        :key="focus.block.id"
        :block="focus"
        :is-now="focus === clock.now"
        :is-next="focus === clock.next"
        :here="here"
        :plan="plan"
      />
      <p v-else-if="!focus" class="soft">Nothing is planned at a set time on this day.</p>
      <LaterList :plan="plan" :focus="isToday || isLookedAt ? focus : null" :minutes="minutes" @look="look" />
      <p v-if="home.emergencyNumber || home.poisonCentreNumber" class="call">
        <a v-if="home.emergencyNumber" :href="`tel:${home.emergencyNumber}`">
          Emergency <b class="figures">{{ home.emergencyNumber }}</b>
        </a>
        <a v-if="home.poisonCentreNumber" :href="`tel:${home.poisonCentreNumber}`">
          Poison centre <b class="figures">{{ home.poisonCentreNumber }}</b>
        </a>
      </p>
      <p class="line soft">{{ CAUTION_LINE }}</p>
    </div>
    <HereCard v-if="isToday" class="who" :rows="rows" :date="store.today!" :adults="adults" />
    <aside aria-label="In the room">
      <WordsCard :unit-id="unit.id" :day="day.number" />
      <BreakCard v-if="isToday" v-model="breaking" :plan="plan" :minutes="minutes" :here="here" />
      <KeepsakeCard :here="here" />
      <RungsCard :here="here" />
      <ByTheWayCard v-if="isToday" :plan="plan" />
    </aside>
  </main>
</template>

<style scoped>
.call {
  display: flex;
  flex-wrap: wrap;
  gap: var(--gap-3);
}
.call a {
  display: inline-flex;
  gap: var(--gap-3);
  align-items: center;
  min-height: 52px;
  padding: 0 var(--gap-4);
  background: var(--card);
  border: 2px solid var(--stop);
  border-radius: var(--radius);
  color: var(--ink);
  font-weight: 600;
  text-decoration: none;
}
.call b {
  font: 700 22px var(--display);
}
.today {
  display: grid;
  flex: 1;
  grid-template: auto 1fr / minmax(0, 1.45fr) minmax(320px, 1fr);
  gap: var(--gap-4) var(--gap-5);
  align-items: start;
  padding: var(--gap-4) var(--gap-5) calc(2 * var(--gap-4));
  font-size: 16px;
}
.day,
aside {
  display: grid;
  gap: var(--gap-4);
}
.day {
  grid-row: 1 / 3;
}
.weather {
  display: flex;
  gap: var(--gap-3);
  align-items: center;
}
.text {
  min-height: var(--touch);
  padding: 0;
  background: none;
  border: 0;
  color: var(--ink);
  text-decoration: underline;
  text-underline-offset: 3px;
}
.special {
  padding: var(--gap-3) var(--gap-4);
  background: var(--note-bg);
  border-radius: var(--radius);
}
.line {
  font-size: 13px;
}
/* A tablet stands beside the room: what is to be done by nap is seen without scrolling. */
@media (max-width: 900px) {
  .today {
    grid-template-columns: minmax(0, 1.3fr) minmax(230px, 1fr);
    gap: var(--gap-4);
  }
}
@media (max-width: 600px) {
  .today {
    grid-template: none / minmax(0, 1fr);
    padding: var(--gap-3) var(--gap-4) var(--gap-5);
  }
  .day {
    grid-row: auto;
  }
  .who {
    order: -1;
  }
}
</style>
