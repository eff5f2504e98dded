<script setup lang="ts">
import { formatDay, programDateBefore, programDaysOn, unitsByNearness, type PlainDay } from '@kobby/core';
import { computed, ref } from 'vue';
import { RouterLink } from 'vue-router';
import InkBand from '../../parts/InkBand.vue';
import { useBook } from '../../state/book.ts';
import TodayDesk from './TodayDesk.vue';

/** Today in the room, or a day before it that is still to be told: the unit whose day it is; where two overlap, the one that is chosen. */
const store = useBook();
const past = ref<PlainDay | null>(null);
const date = computed(() => past.value ?? store.today!);
const before = computed(() => programDateBefore(store.book, date.value));
const running = computed(() => programDaysOn(store.book, date.value));
const chosen = ref<string | null>(null);
const shown = computed(
  () => running.value.find(({ unit }) => unit.id === chosen.value) ?? running.value.at(-1) ?? null,
);
const next = computed(
  () => unitsByNearness(store.book, store.today!).find(({ phase }) => phase === 'to-come')?.unit ?? null,
);
</script>

<template>
  <div class="page">
    <InkBand
      is-page
      :title="shown ? `Day ${shown.day.number}` : 'Today'"
      :detail="`${formatDay(date)}${shown ? ` · ${shown.unit.title}` : ''}`"
    />
    <nav v-if="running.length > 1" class="units" aria-label="Units of today">
      <button
        v-for="{ unit, day } in running"
        :key="unit.id"
        type="button"
        :aria-pressed="unit.id === shown?.unit.id"
        @click="chosen = unit.id"
      >
        {{ unit.title }}, Day {{ day.number }}
      </button>
    </nav>
    <nav v-if="before || past" class="units" aria-label="Days before">
      <button v-if="before" type="button" data-test="day-before" @click="past = before">
        Tell of {{ formatDay(before) }}
      </button>
      <button v-if="past" type="button" @click="past = null">Back to today</button>
    </nav>
    <TodayDesk v-if="shown" :key="`${shown.unit.id} ${date}`" :unit="shown.unit" :day="shown.day" />
    <main v-else class="none">
      <h2>No program day today</h2>
      <p v-if="next">
        Next is
        <RouterLink :to="{ name: 'corners', params: { unitId: next.id } }">{{ next.title }}</RouterLink>
        {{ next.start ? `from ${formatDay(next.start)}` : '' }}.
      </p>
      <p v-else>No unit is planned for the days ahead. <RouterLink to="/units">See all units</RouterLink></p>
    </main>
  </div>
</template>

<style scoped>
.page {
  display: flex;
  flex-direction: column;
  min-height: 100vh;
}
.units {
  display: flex;
  gap: var(--gap-3);
  padding: var(--gap-3) var(--gap-5) 0;
}
.units button {
  min-height: var(--touch);
  padding: 0 var(--gap-4);
  background: var(--card);
  border: 1.5px solid var(--edge);
  border-radius: var(--radius);
  font-weight: 600;
}
.units button[aria-pressed='true'] {
  background: var(--plum);
  color: var(--on-plum);
}
.none {
  display: grid;
  gap: var(--gap-3);
  padding: calc(2 * var(--gap-5)) calc(2 * var(--gap-4));
}
</style>
