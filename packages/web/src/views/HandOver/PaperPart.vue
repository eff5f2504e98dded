<script setup lang="ts">
import { PRINTED, type PrintedId } from '@kobby/core';
import { computed, ref } from 'vue';
import { RouterLink, type RouteLocationRaw } from 'vue-router';
import ShelfCard from '../../parts/ShelfCard.vue';
import { useBook } from '../../state/book.ts';
import { useReading } from '../../state/unit.ts';

/** Everything that can be printed of this unit; each opens as a sheet with the browser's own print. */
const store = useBook();
const reading = useReading();
const unitId = computed(() => reading.value.frame.unit.id);
const days = computed(() => reading.value.frame.calendar.days);
const day = ref<number | 'all'>(days.value.find(({ date }) => date >= store.today!)?.number ?? 1);
const circle = computed(() => reading.value.circles.blocks[0] ?? null);

// What is there for one day only.
const cardDay = computed(() => (day.value === 'all' ? (days.value[0]?.number ?? 1) : day.value));
const toSheet = (sheet: PrintedId): RouteLocationRaw => ({
  name: 'print',
  params: { unitId: unitId.value, sheet },
  query: PRINTED[sheet].perDay ? { day: day.value } : {},
});
const others = computed((): { name: string; hint: string; to: RouteLocationRaw }[] => [
  {
    name: 'Cards of the theme’s things',
    hint: 'pairs, words, halves, shadows, in order, counting: cut from the sheet',
    to: { name: 'print-shop', params: { unitId: unitId.value } },
  },
  {
    name: 'Labels',
    hint: 'for folders, baskets and bins, to be cut apart',
    to: { name: 'labels', params: { unitId: unitId.value } },
  },
  ...(circle.value
    ? [
        {
          name: 'Circle card',
          hint: 'the run of the day with all its words',
          to: {
            name: 'circle-card',
            params: { unitId: unitId.value, day: cardDay.value, blockId: circle.value.id },
          },
        },
        {
          name: 'Song sheet',
          hint: 'in large letters',
          to: {
            name: 'circle-songs',
            params: { unitId: unitId.value, day: cardDay.value, blockId: circle.value.id },
          },
        },
      ]
    : []),
]);
</script>

<template>
  <div class="paper">
    <v-select
      v-if="days.length"
      v-model="day"
      class="day"
      :items="[
        { title: 'All days', value: 'all' },
        ...days.map(({ number }) => ({ title: `Day ${number}`, value: number })),
      ]"
      label="For the sheets of a day"
      hide-details
    />
    <ShelfCard title="On paper" label="Sheets">
      <ul>
        <li v-for="(sheet, id) in PRINTED" :key="id">
          <RouterLink :to="toSheet(id)">{{ sheet.name }}</RouterLink>
          <small class="soft"
            >{{ sheet.hint
            }}{{ sheet.perDay ? (day === 'all' ? ' · all days' : ` · Day ${day}`) : '' }}</small
          >
        </li>
        <li v-for="one in others" :key="one.name">
          <RouterLink :to="one.to">{{ one.name }}</RouterLink> <small class="soft">{{ one.hint }}</small>
        </li>
      </ul>
    </ShelfCard>
  </div>
</template>

<style scoped>
.paper {
  display: grid;
  gap: var(--gap-4);
}
.day {
  max-width: 260px;
}
ul {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(min(260px, 100%), 1fr));
  gap: 0 var(--gap-5);
}
li {
  padding: var(--gap-3) 0;
  border-top: 1px dashed var(--line);
}
a {
  color: var(--ink);
  font-weight: 700;
}
small {
  display: block;
}
</style>
