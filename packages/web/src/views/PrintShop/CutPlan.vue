<script setup lang="ts">
import { cutLines, type CardJob } from '@kobby/core';
import { computed } from 'vue';

/** In which order a pile of sheets is cut: through whole sheets first, then the strips, laid on each other. */
const props = defineProps<{ job: CardJob }>();
const grid = computed(() => props.job.grid);
const lines = computed(() => cutLines(grid.value, props.job.card, props.job.sheets[0]!.length));
const way = (isFirst: boolean): string =>
  (grid.value.first === 'rows') === isFirst ? 'across the sheet' : 'along the sheet';
const count = (isFirst: boolean): number => lines.value.filter((line) => line.isFirst === isFirst).length;
</script>

<template>
  <div class="plan" data-test="cuts">
    <svg :viewBox="`-2 -2 ${grid.page.width + 4} ${grid.page.height + 4}`" aria-hidden="true">
      <rect :width="grid.page.width" :height="grid.page.height" />
      <line
        v-for="({ from, to, isFirst }, i) in lines"
        :key="i"
        :x1="from[0]"
        :y1="from[1]"
        :x2="to[0]"
        :y2="to[1]"
        :class="{ then: !isFirst }"
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
