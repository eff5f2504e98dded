<script setup lang="ts">
import { type UnitId } from '@kobby/core';
import { computed } from 'vue';
import { RouterLink } from 'vue-router';
import { useBook } from '../../state/book.ts';
import { useReading } from '../../state/unit.ts';

/** The pages of a unit as a chest of drawers: each front carries the one figure that matters now. */
type UnitPage = 'spark' | 'corners' | 'days' | 'gather' | 'hand-over';

const props = defineProps<{ unitId: UnitId }>();

const store = useBook();
const reading = useReading();

const dayText = (count: number): string => (count === 1 ? '1 day' : `${count} days`);

const drawers = computed((): { page: UnitPage; name: string; figure: string; warns: boolean }[] => {
  const { frame, shelf, placements, supplies, headsUps } = reading.value;
  const filled = shelf.filter((cubby) => cubby.setUps.length > 0).length;
  const onDays = placements.filter(({ where }) => where.kind === 'day');
  const plannedDays = new Set(onDays.map(({ where }) => (where.kind === 'day' ? where.day : 0))).size;
  const toBuy = supplies.filter((line) => line.buy.amount > 0).length;
  const links = Object.values(store.book.shares).filter(
    (s) => s.unitId === props.unitId && !s.revokedAt,
  ).length;
  const stops = headsUps.filter((finding) => finding.level === 'stop');
  const inCorners = stops.some((finding) => finding.cornerIds.length > 0);
  const onDaysToo = stops.some((finding) => finding.cornerIds.length === 0);
  return [
    { page: 'spark', name: 'Spark', figure: `${frame.calendar.days.length} program days`, warns: false },
    { page: 'corners', name: 'Corners', figure: `${filled} of ${shelf.length} filled`, warns: inCorners },
    {
      page: 'days',
      name: 'Days',
      figure:
        onDays.length === 0 ? 'nothing planned yet' : `${onDays.length} planned on ${dayText(plannedDays)}`,
      warns: onDaysToo,
    },
    {
      page: 'gather',
      name: 'Gather',
      figure: `${toBuy} to buy · ${supplies.length - toBuy} here`,
      warns: false,
    },
    {
      page: 'hand-over',
      name: 'Hand over',
      figure: links === 1 ? '1 link out' : `${links} links out`,
      warns: false,
    },
  ];
});
</script>

<template>
  <nav aria-label="Pages of this unit">
    <RouterLink
      v-for="drawer in drawers"
      :key="drawer.page"
      class="drawer"
      :class="{ warns: drawer.warns }"
      :to="{ name: drawer.page, params: { unitId } }"
    >
      <b>{{ drawer.name }}</b>
      <span class="figures">{{ drawer.figure }}</span>
      <i aria-hidden="true" />
      <span v-if="drawer.warns" class="sr-only">has a stop</span>
    </RouterLink>
  </nav>
</template>

<style scoped>
nav {
  display: flex;
  flex-direction: column;
  gap: 6px;
  padding: 8px;
  background: var(--shelf);
  border-right: 5px solid var(--shelf-dark);
  z-index: 1;
}
.drawer {
  position: relative;
  display: flex;
  flex-direction: column;
  justify-content: center;
  min-height: 74px;
  padding: 7px 20px 8px 10px;
  background: var(--drawer);
  border: 1.5px solid var(--shelf-dark);
  border-radius: 5px;
  color: var(--drawer-ink);
  text-decoration: none;
}
.drawer b {
  font: 700 15px var(--display);
}
.drawer span {
  font-size: 12px;
  line-height: 1.25;
  color: var(--drawer-soft);
}
.drawer i {
  position: absolute;
  right: 8px;
  top: 50%;
  width: 9px;
  height: 9px;
  margin-top: -5px;
  border-radius: 9px;
  background: var(--shelf-dark);
}
.drawer.warns i {
  background: var(--stop);
}
.drawer:hover {
  filter: brightness(1.05);
}
.router-link-active {
  margin-right: -13px;
  background: var(--paper);
  border-right: 0;
  border-radius: 5px 0 0 5px;
  color: var(--ink);
}
.router-link-active span {
  color: var(--ink-soft);
}
.router-link-active i {
  display: none;
}
@media (max-width: 900px) {
  nav {
    flex-direction: row;
    overflow-x: auto;
    border-right: 0;
    border-bottom: 5px solid var(--shelf-dark);
  }
  .drawer {
    flex: none;
    min-width: 128px;
    min-height: 56px;
  }
  .router-link-active {
    margin-right: 0;
    border-radius: 5px;
  }
}
</style>
