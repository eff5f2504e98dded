<script setup lang="ts">
import { addDays, daysBetween, formatDay, watchedIn } from '@kobby/core';
import { computed } from 'vue';
import { useRoute } from 'vue-router';
import SheetPage from '../../parts/SheetPage.vue';
import { useBook } from '../../state/book.ts';

/** A strip of days for the children to cross off, from the first to the last that it may take: 18 mm a day. */
const store = useBook();
const route = useRoute();
const forecast = computed(
  () =>
    watchedIn(store.forOthers, store.today!).find(
      ({ observation }) => observation.id === route.params.observationId,
    ) ?? null,
);
const days = computed(() => {
  if (!forecast.value) return [];
  const { observation, endsLatest, stages } = forecast.value;
  const count = daysBetween(observation.startedOn, endsLatest) + 1;
  return Array.from({ length: count }, (_, i) => {
    const date = addDays(observation.startedOn, i);
    return {
      number: i + 1,
      date,
      // The first day on which a stage may begin is named.
      stages: stages.filter((one) => (one.began ?? one.earliest) === date),
    };
  });
});
</script>

<template>
  <SheetPage
    :back="{ name: 'watch', params: { observationId: String(route.params.observationId) } }"
    back-to="Back"
  >
    <p v-if="!forecast" class="empty">This is not watched any more.</p>
    <template v-else>
      <h1>{{ forecast.observation.title }}</h1>
      <ol>
        <li v-for="day in days" :key="day.date" data-test="strip-day">
          <b>{{ day.number }}</b>
          <small>{{ formatDay(day.date, 'brief') }}</small>
          <em v-for="one in day.stages" :key="one.stage.id">
            {{ one.stage.name }}{{ one.began === null && one.earliest !== one.latest ? '?' : '' }}
          </em>
        </li>
      </ol>
    </template>
  </SheetPage>
</template>

<style scoped>
h1 {
  margin-bottom: 4mm;
  font-size: 18pt;
}
ol {
  display: flex;
  flex-wrap: wrap;
  max-width: 180mm;
}
li {
  display: flex;
  flex-direction: column;
  width: 18mm;
  height: 24mm;
  margin: 0 -0.4mm -0.4mm 0;
  padding: 1mm;
  border: 0.4mm solid #555;
  break-inside: avoid;
}
li b {
  font: 700 17pt/1.1 var(--display);
}
li small {
  font-size: 8pt;
}
li em {
  font-weight: 700;
  font-size: 7.5pt;
  font-style: normal;
  line-height: 1.05;
  overflow-wrap: anywhere;
}
</style>
