<script setup lang="ts">
import type { CardJob } from '@kobby/core';
import { computed } from 'vue';

/** In which order a pile of sheets is cut: through whole sheets first, then the strips, laid on each other. */
const props = defineProps<{ job: CardJob }>();
const grid = computed(() => props.job.grid);
const lines = computed(() => {
  const { left, top, across, rows, page, first } = grid.value;
  const { width, height } = props.job.card;
  const between = Array.from({ length: rows + 1 }, (_, i) => {
    const y = top + i * height;
    return { x1: 0, x2: page.width, y1: y, y2: y, isFirst: first === 'rows' };
  });
  const apart = Array.from({ length: across + 1 }, (_, i) => {
    const x = left + i * width;
    return { x1: x, x2: x, y1: top, y2: top + rows * height, isFirst: first === 'columns' };
  });
  return [...between, ...apart];
});
const way = (isFirst: boolean): string =>
  (grid.value.first === 'rows') === isFirst ? 'across the sheet' : 'along the sheet';
const count = (isFirst: boolean): number => lines.value.filter((line) => line.isFirst === isFirst).length;
</script>

<template>
  <div class="plan" data-test="cuts">
    <svg :viewBox="`-2 -2 ${grid.page.width + 4} ${grid.page.height + 4}`" aria-hidden="true">
      <rect :width="grid.page.width" :height="grid.page.height" />
      <line
        v-for="(line, i) in lines"
        :key="i"
        :x1="line.x1"
        :x2="line.x2"
        :y1="line.y1"
        :y2="line.y2"
        :class="{ then: !line.isFirst }"
      />
    </svg>
    <ol>
      <li>Whole sheets in a pile: {{ count(true) }} cuts {{ way(true) }}.</li>
      <li>The strips on each other: {{ count(false) }} cuts {{ way(false) }}.</li>
    </ol>
  </div>
</template>

<style scoped>
.plan {
  display: grid;
  grid-template-columns: 76px minmax(0, 1fr);
  gap: var(--gap-4);
  align-items: start;
}
svg {
  width: 100%;
}
rect {
  fill: #fff;
  stroke: var(--shelf);
  stroke-width: 2;
}
line {
  stroke: var(--plum);
  stroke-width: 3;
}
.then {
  stroke-dasharray: 9 7;
}
ol {
  padding-left: var(--gap-4);
  font-size: 14px;
  list-style: decimal;
}
</style>
