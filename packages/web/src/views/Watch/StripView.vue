<script setup lang="ts">
import { crossingCalendar, formatDay, watchedIn } from '@kobby/core';
import { computed } from 'vue';
import { useRoute } from 'vue-router';
import SheetPage from '../../parts/SheetPage.vue';
import { useBook } from '../../state/book.ts';

/** A calendar for the children to cross off: weeks as rows, today framed, the goal circled, closed days shaded. */
const store = useBook();
const route = useRoute();
const forecast = computed(
  () =>
    watchedIn(store.forOthers, store.today!).find(
      ({ observation }) => observation.id === route.params.observationId,
    ) ?? null,
);
const calendar = computed(() =>
  forecast.value ? crossingCalendar(store.forOthers, forecast.value, store.today!) : null,
);
</script>

<template>
  <SheetPage
    title="Strip to watch by"
    :back="{ name: 'watch', params: { observationId: String(route.params.observationId) } }"
    back-to="Back"
  >
    <p v-if="!forecast || !calendar" class="empty">This is not watched any more.</p>
    <template v-else>
      <h1>{{ forecast.observation.title }}</h1>
      <table>
        <thead>
          <tr>
            <th v-for="name in calendar.weekdays" :key="name" scope="col">{{ name }}</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="week in calendar.weeks" :key="week[0]!.date">
            <td
              v-for="day in week"
              :key="day.date"
              :class="{ closed: day.closed, today: day.isToday, beside: day.number === null }"
              data-test="strip-day"
            >
              <template v-if="day.number !== null">
                <b :class="{ goal: day.isGoal }">{{ day.number }}</b>
                <span v-if="day.isGoal" class="sr-only">the goal</span>
                <small>{{ formatDay(day.date, 'brief') }}</small>
                <em v-for="name in day.stages" :key="name">{{ name }}</em>
                <small v-if="day.closed" class="why">closed</small>
                <small v-if="day.isToday" class="why">today</small>
              </template>
              <small v-else>{{ formatDay(day.date, 'brief') }}</small>
            </td>
          </tr>
        </tbody>
      </table>
    </template>
  </SheetPage>
</template>

<style scoped>
h1 {
  margin-bottom: 4mm;
  font-size: 18pt;
}
table {
  width: 180mm;
  border-collapse: collapse;
  table-layout: fixed;
}
th {
  padding: 1mm;
  font-size: 9pt;
  text-align: left;
}
tr {
  break-inside: avoid;
}
td {
  height: 24mm;
  padding: 1mm;
  border: 0.4mm solid #555;
  vertical-align: top;
}
td > * {
  display: block;
}
td b {
  width: 10mm;
  height: 10mm;
  font: 700 17pt/10mm var(--display);
  text-align: center;
}
/* Shaded by lines, so that it is seen on any printer. */
td.closed {
  background: repeating-linear-gradient(135deg, #fff 0 1.4mm, #d5d5d5 1.4mm 1.8mm);
  print-color-adjust: exact;
}
td.today {
  outline: 1mm solid #111;
  outline-offset: -1mm;
}
td.beside {
  color: #767676;
}
b.goal {
  border: 0.7mm solid #111;
  border-radius: 50%;
  line-height: 8.6mm;
}
small {
  font-size: 8pt;
}
.why {
  font-weight: 600;
}
em {
  font-weight: 700;
  font-size: 7.5pt;
  font-style: normal;
  line-height: 1.05;
  overflow-wrap: anywhere;
}
</style>
