<script setup lang="ts">
import { formatMonth, type Month } from '@kobby/core';
import { computed, onMounted, ref } from 'vue';

/** Figures month by month, each as a number and as a shade: where much is and where nothing is, is seen before it is read. */
const props = defineProps<{
  label: string;
  /** What stands above the names of the rows. */
  of: string;
  months: readonly Month[];
  rows: readonly {
    readonly id: string;
    readonly name: string;
    readonly byMonth: readonly number[];
    /** What stands behind the months, in a few words. */
    readonly note?: string;
    readonly isMarked?: boolean;
  }[];
}>();
const most = computed(() => Math.max(1, ...props.rows.flatMap(({ byMonth }) => byMonth)));
// Months before anything was known say nothing; a few stand all the same.
const LEAST = 3;
const from = computed(() => {
  const first = props.months.findIndex((_, at) => props.rows.some(({ byMonth }) => byMonth[at]! > 0));
  return Math.max(0, Math.min(first < 0 ? props.months.length : first, props.months.length - LEAST));
});
const shown = computed(() => props.months.slice(from.value));
// On a narrow screen it begins with what is newest.
const frame = ref<HTMLElement | null>(null);
onMounted(() => {
  if (frame.value) frame.value.scrollLeft = frame.value.scrollWidth;
});
const hasNotes = computed(() => props.rows.some(({ note }) => note !== undefined));
// Of the year only where one begins.
const yearOf = (month: Month, at: number): string =>
  at === 0 || month.endsWith('-01') ? month.slice(0, 4) : '';
// No darker than what ink is still read on.
const NONE = 5;
const MOST = 50;
const shade = (count: number): string => `${NONE + Math.round(((MOST - NONE) * count) / most.value)}%`;
</script>

<template>
  <div ref="frame" class="months" role="region" :aria-label="label" tabindex="0">
    <table>
      <caption class="sr-only">
        {{
          label
        }}
      </caption>
      <thead>
        <tr>
          <th scope="col">{{ of }}</th>
          <th v-for="(month, at) in shown" :key="month" scope="col" :aria-label="formatMonth(month)">
            {{ formatMonth(month).slice(0, 3) }}<small>{{ yearOf(month, at) }}</small>
          </th>
          <th v-if="hasNotes" scope="col">last</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="row in rows" :key="row.id">
          <th scope="row">{{ row.name }}</th>
          <td
            v-for="(count, at) in row.byMonth.slice(from)"
            :key="at"
            class="figures"
            :style="{ '--shade': shade(count) }"
          >
            <span :class="{ 'sr-only': count === 0 }">{{ count }}</span>
          </td>
          <td v-if="hasNotes" class="note" :class="{ marked: row.isMarked }">{{ row.note }}</td>
        </tr>
      </tbody>
    </table>
  </div>
</template>

<style scoped>
.months {
  /* What is only read aloud is rolled with the table, and does not widen the page. */
  position: relative;
  overflow-x: auto;
}
table {
  border-spacing: 3px;
  border-collapse: separate;
}
th {
  padding: 0 var(--gap-2);
  font-weight: 600;
  text-align: left;
  white-space: nowrap;
}
/* What a row is of stays beside its months. */
tr > :first-child {
  position: sticky;
  left: 0;
  background: var(--card);
}
thead th {
  color: var(--ink-soft);
  font-size: 12px;
  vertical-align: bottom;
}
thead small {
  display: block;
  min-height: 14px;
  font-size: 12px;
  line-height: 14px;
  font-weight: 400;
}
td.figures {
  min-width: 46px;
  height: 26px;
  background: color-mix(in srgb, var(--plum) var(--shade), var(--card));
  border-radius: 3px;
  color: var(--ink);
  font-size: 12px;
  text-align: center;
}
.note {
  padding-left: var(--gap-3);
  color: var(--ink-soft);
  font-size: 13px;
  white-space: nowrap;
}
.marked {
  color: var(--ink);
  font-weight: 700;
}
</style>
