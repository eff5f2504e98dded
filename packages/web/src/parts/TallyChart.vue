<script setup lang="ts">
import { OUTCOMES, type DoneOutcome } from '@kobby/core';
import { BarChart } from 'echarts/charts';
import { AriaComponent, GridComponent, LegendComponent } from 'echarts/components';
import { use } from 'echarts/core';
import { SVGRenderer } from 'echarts/renderers';
import { computed } from 'vue';
import VChart from 'vue-echarts';

/** How things went, as standing bars beside each other, each outcome with a pattern of its own. The same must stand beside it as text. */
use([BarChart, GridComponent, LegendComponent, AriaComponent, SVGRenderer]);

const props = defineProps<{
  label: string;
  columns: readonly { readonly name: string; readonly tally: Readonly<Record<DoneOutcome, number>> }[];
}>();
const colour = (name: string): string =>
  getComputedStyle(document.documentElement).getPropertyValue(name).trim();
const TINTS: Readonly<Record<DoneOutcome, string>> = {
  loved: '--plum',
  fine: '--teal',
  lost: '--stop',
  skipped: '--line',
};
const option = computed(() => {
  const text = { color: colour('--ink'), fontFamily: 'Atkinson Hyperlegible Next', fontSize: 12 };
  return {
    animation: false,
    aria: { enabled: true, decal: { show: true } },
    grid: { left: 26, right: 8, top: 34, bottom: 24 },
    legend: {
      top: 0,
      left: 0,
      itemWidth: 16,
      itemHeight: 12,
      itemGap: 14,
      selectedMode: false,
      textStyle: text,
    },
    xAxis: {
      type: 'category',
      data: props.columns.map(({ name }) => name),
      axisTick: { show: false },
      axisLine: { lineStyle: { color: colour('--line') } },
      axisLabel: { ...text, interval: 0 },
    },
    yAxis: {
      type: 'value',
      minInterval: 1,
      axisLabel: text,
      splitLine: { lineStyle: { color: colour('--line') } },
    },
    series: (Object.keys(OUTCOMES) as DoneOutcome[]).map((outcome) => ({
      type: 'bar',
      name: OUTCOMES[outcome].name,
      stack: 'all',
      barMaxWidth: 26,
      itemStyle: { color: colour(TINTS[outcome]) },
      data: props.columns.map(({ tally }) => tally[outcome]),
    })),
  };
});
</script>

<template>
  <VChart role="img" :aria-label="label" :option="option" :style="{ height: '186px' }" autoresize />
</template>
