<script setup lang="ts">
import type { Placement } from '@kobby/core';
import { computed } from 'vue';
import PageBar from '../../parts/PageBar.vue';
import DayStrip from '../../parts/DayStrip.vue';
import { useReading } from '../../state/unit.ts';

/** The numbered days: what is done with everyone and what with a few, each in a block of the day. */
const emit = defineEmits<{ open: [placement: Placement]; add: [day: number] }>();
const reading = useReading();
const hint = computed(() => {
  const closed = reading.value.frame.calendar.skipped.length;
  const skipped = closed === 0 ? '' : ` · ${closed} closed ${closed === 1 ? 'day' : 'days'} skipped`;
  return `one thing for everyone, one for a few; numbered, so that a closure only moves the dates${skipped}`;
});
</script>

<template>
  <PageBar title="Days" :hint="hint" />
  <DayStrip tall @open="emit('open', $event)" @add="emit('add', $event)" />
</template>
