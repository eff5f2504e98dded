<script setup lang="ts">
import type { Placement } from '@kobby/core';
import { computed } from 'vue';
import DayStrip from '../../parts/DayStrip.vue';
import { useReading } from '../../state/unit.ts';

/** The numbered days: what is done with everyone and what with a few, each in a block of the day. */
const emit = defineEmits<{ open: [placement: Placement]; add: [day: number] }>();
const reading = useReading();
const closed = computed(() => reading.value.frame.calendar.skipped.length);
</script>

<template>
  <div class="bar">
    <h1>Days</h1>
    <span class="soft">
      one thing for everyone, one for a few; numbered, so that a closure only moves the dates<template
        v-if="closed"
      >
        · {{ closed }} closed {{ closed === 1 ? 'day' : 'days' }} skipped</template
      >
    </span>
  </div>
  <DayStrip tall @open="emit('open', $event)" @add="emit('add', $event)" />
</template>

<style scoped>
.bar {
  display: flex;
  flex-wrap: wrap;
  align-items: baseline;
  gap: 0 10px;
  margin-bottom: 10px;
}
</style>
