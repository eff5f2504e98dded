<script setup lang="ts">
import { daysAhead, formatDay, formatMinutes, isWorkKnown, listed, type DayAhead } from '@kobby/core';
import { computed } from 'vue';
import { useBook } from '../state/book.ts';
import ShelfCard from './ShelfCard.vue';

/** Who is there in the days ahead: children and adults through each day, held against the home's own rule. */
const props = defineProps<{
  /** Adults by name instead of by number. */
  byName?: boolean;
}>();
const store = useBook();
const WEEK = 7;
const days = computed(() => daysAhead(store.book, store.today!, WEEK));

const isKnown = computed(() => isWorkKnown(Object.values(store.book.people)));
const adultsText = (names: readonly string[]): string => {
  if (!props.byName) return `${names.length} ${names.length === 1 ? 'adult' : 'adults'}`;
  return names.length === 0 ? 'nobody at work' : listed(names);
};
const spanText = ({ from, to, children, atWork }: DayAhead['spans'][number]): string =>
  [
    `${formatMinutes(from)} to ${formatMinutes(to)}: ${children} ${children === 1 ? 'child' : 'children'}`,
    // Before anybody's work was entered nobody can say.
    ...(!isKnown.value ? [] : [adultsText(atWork)]),
  ].join(', ');
</script>

<template>
  <ShelfCard title="The days ahead">
    <table>
      <tbody>
        <tr v-for="day in days" :key="day.date">
          <th scope="row">{{ formatDay(day.date, 'brief') }}</th>
          <td v-if="day.closed" class="soft">closed: {{ day.closed }}</td>
          <td v-else-if="day.spans.length === 0" class="soft">nobody comes</td>
          <td v-else class="figures">
            <p v-for="span in day.spans" :key="span.from">
              {{ spanText(span) }}
              <b v-if="span.beyond.length" class="beyond">{{ span.beyond.join(', ') }}</b>
            </p>
          </td>
        </tr>
      </tbody>
    </table>
  </ShelfCard>
</template>

<style scoped>
table {
  border-collapse: collapse;
}
th,
td {
  padding: var(--gap-2) var(--gap-4) var(--gap-2) 0;
  border-top: 1px dashed var(--line);
  text-align: left;
  vertical-align: top;
}
th {
  width: 64px;
  white-space: nowrap;
}
.beyond {
  padding: 0 var(--gap-3);
  background: var(--care-bg);
  border-radius: 3px;
  color: var(--care);
}
</style>
