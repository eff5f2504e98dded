<script setup lang="ts">
import { type UnitId } from '@kobby/core';
import { computed } from 'vue';
import DrawerChest, { type Drawer } from '../../parts/DrawerChest.vue';
import { useBook } from '../../state/book.ts';
import { useReading } from '../../state/unit.ts';

/** The pages of a unit. */
const props = defineProps<{ unitId: UnitId }>();

const store = useBook();
const reading = useReading();

const dayText = (count: number): string => (count === 1 ? '1 day' : `${count} days`);

const drawers = computed((): Drawer[] => {
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
  const to = (name: string) => ({ name, params: { unitId: props.unitId } });
  return [
    { to: to('spark'), name: 'Spark', figure: `${frame.calendar.days.length} program days` },
    { to: to('corners'), name: 'Corners', figure: `${filled} of ${shelf.length} filled`, warns: inCorners },
    {
      to: to('days'),
      name: 'Days',
      figure:
        onDays.length === 0 ? 'nothing planned yet' : `${onDays.length} planned on ${dayText(plannedDays)}`,
      warns: onDaysToo,
    },
    {
      to: to('gather'),
      name: 'Gather',
      figure: `${toBuy} to buy · ${supplies.length - toBuy} here`,
    },
    {
      to: to('hand-over'),
      name: 'Hand over',
      figure: links === 1 ? '1 link out' : `${links} links out`,
    },
  ];
});
</script>

<template>
  <DrawerChest label="Pages of this unit" :drawers="drawers" />
</template>
