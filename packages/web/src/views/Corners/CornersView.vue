<script setup lang="ts">
import type { Placement } from '@kobby/core';
import { computed } from 'vue';
import PageBar from '../../parts/PageBar.vue';
import DayStrip from '../../parts/DayStrip.vue';
import { useReading } from '../../state/unit.ts';
import CubbyCard from './CubbyCard.vue';

/** The shelf: what stands in each learning centre, and the numbered days below it. */
const emit = defineEmits<{ open: [placement: Placement]; fill: [cornerId: string]; add: [day: number] }>();

const reading = useReading();
const dayCount = computed(() => reading.value.frame.calendar.days.length);
</script>

<template>
  <PageBar title="The shelf" :hint="`what stands in each corner, Day 1 to ${dayCount}`" />
  <ul class="shelf" aria-label="Corners">
    <CubbyCard
      v-for="cubby in reading.shelf"
      :key="cubby.corner.id"
      :cubby="cubby"
      @open="emit('open', $event)"
      @fill="emit('fill', cubby.corner.id)"
    />
  </ul>
  <DayStrip class="strip" @open="emit('open', $event)" @add="emit('add', $event)" />
</template>

<style scoped>
.shelf {
  display: grid;
  grid-template-columns: repeat(5, minmax(0, 1fr));
  grid-auto-rows: minmax(124px, auto);
  background: var(--shelf);
  border: 5px solid var(--shelf);
  border-radius: 7px;
}
.strip {
  margin-top: 10px;
}
@media (max-width: 900px) {
  .shelf {
    grid-template-columns: repeat(2, minmax(0, 1fr));
  }
}
</style>
