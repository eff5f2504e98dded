<script setup lang="ts">
import { addDays, daysBetween, formatDay, type PlainDay, type Year } from '@kobby/core';
import { computed } from 'vue';
import { RouterLink } from 'vue-router';

/** The units of a year as strips of tape along its months; units that overlap lie below each other. */
const props = defineProps<{ year: Year; today: PlainDay }>();

const dated = computed(() => props.year.units.filter(({ span }) => span !== null));
// A year at most: from a little before the first unit, or half a year back, to two months ahead of the last.
const DAYS_BACK = 190;
const LEAST_DAYS = 240;
const range = computed(() => {
  const first = dated.value[0]?.span?.first ?? props.today;
  const last = dated.value.reduce((end, { span }) => (span!.last > end ? span!.last : end), props.today);
  const back = addDays(props.today, -DAYS_BACK);
  const from = monthStart(first > back ? first : back);
  const least = addDays(from, LEAST_DAYS);
  return { from, to: last > least ? last : least };
});
const monthStart = (day: PlainDay): PlainDay => `${day.slice(0, 8)}01` as PlainDay;
const length = computed(() => daysBetween(range.value.from, range.value.to) + 1);
const at = (day: PlainDay): number => (daysBetween(range.value.from, day) / length.value) * 100;
const months = computed(() => {
  const found: { start: PlainDay; name: string }[] = [];
  for (let day = range.value.from; day <= range.value.to; day = monthStart(addDays(day, 32)))
    found.push({
      start: day,
      name: new Intl.DateTimeFormat('en', { month: 'short', timeZone: 'UTC' }).format(
        Date.parse(`${day}T00:00:00Z`),
      ),
    });
  return found;
});
// A short unit gets room for its name where nothing follows close by. In hundredths of the ribbon.
const ROOM = 6.2;
const shown = computed(() => {
  const laid = dated.value
    .filter(({ span }) => span!.last >= range.value.from)
    .map((one) => {
      const left = Math.max(0, at(one.span!.first));
      return { ...one, left, width: at(addDays(one.span!.last, 1)) - left };
    });
  return laid.map((one) => {
    const next = laid.find(({ lane, left }) => lane === one.lane && left > one.left);
    const free = (next?.left ?? 100) - one.left;
    return { ...one, room: Math.max(one.width, Math.min(ROOM, free)) };
  });
});
const lanes = computed(() => Math.max(1, ...shown.value.map(({ lane }) => lane + 1)));
</script>

<template>
  <div class="ribbon" tabindex="0" role="region" aria-label="The year, month by month">
    <div class="year" :style="{ '--lanes': lanes }">
      <span
        v-for="month in months"
        :key="month.start"
        class="month"
        :style="{ left: `${at(month.start)}%` }"
        aria-hidden="true"
        >{{ month.name }}</span
      >
      <i class="today" :style="{ left: `${at(today)}%` }" title="today" />
      <ul aria-label="The year">
        <li
          v-for="{ unit, span, phase, lane, left, room } in shown"
          :key="unit.id"
          :style="{ left: `${left}%`, width: `${room}%`, '--lane': lane }"
        >
          <RouterLink
            :to="{ name: 'corners', params: { unitId: unit.id } }"
            :class="phase"
            :title="`${unit.title}, ${formatDay(span!.first)} to ${formatDay(span!.last)}`"
            >{{ unit.title }}</RouterLink
          >
        </li>
      </ul>
    </div>
  </div>
</template>

<style scoped>
.ribbon {
  margin-bottom: var(--gap-5);
  overflow-x: auto;
  background: var(--card);
  border: 1.5px solid var(--line);
  border-bottom: 8px solid var(--shelf);
  border-radius: var(--radius);
}
/* On a narrow screen the year is pulled along. */
.year {
  position: relative;
  min-width: 1100px;
  height: calc(34px + var(--lanes) * 54px);
  overflow: hidden;
}
.month {
  position: absolute;
  top: 0;
  bottom: 0;
  padding: var(--gap-2) var(--gap-2);
  border-left: 1.5px solid var(--line);
  color: var(--ink-soft);
  font-size: 12px;
}
.today {
  position: absolute;
  top: 0;
  bottom: 0;
  z-index: 2;
  width: 3px;
  background: var(--plum);
}
li {
  position: absolute;
  top: calc(26px + var(--lane) * 54px);
  height: 52px;
  padding-right: var(--gap-1);
}
a {
  display: block;
  height: 100%;
  padding: var(--gap-2) var(--gap-2);
  overflow: hidden;
  background: var(--tape);
  color: var(--tape-ink);
  font-size: 12px;
  font-weight: 600;
  line-height: 1.15;
  text-decoration: none;
}
a.over {
  background: var(--well);
  color: var(--ink);
}
a.now {
  box-shadow: inset 0 -6px 0 var(--plum);
}
a:hover {
  text-decoration: underline;
}
</style>
