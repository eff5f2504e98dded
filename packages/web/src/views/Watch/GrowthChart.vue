<script setup lang="ts">
import { LineChart } from 'echarts/charts';
import { GridComponent } from 'echarts/components';
import { use } from 'echarts/core';
import { SVGRenderer } from 'echarts/renderers';
import { formatDay, WATCH_MEASURES, type PlainDay, type WatchMeasure } from '@kobby/core';
import { computed } from 'vue';
import VChart from 'vue-echarts';

/** A measure over the days. The same figures stand in the log beside it. */
use([LineChart, GridComponent, SVGRenderer]);
const props = defineProps<{
  kind: WatchMeasure;
  points: readonly { readonly on: PlainDay; readonly value: number }[];
}>();
const unit = computed(() => WATCH_MEASURES[props.kind].unit);
const label = computed(
  () =>
    `${WATCH_MEASURES[props.kind].name}: ${props.points.map(({ on, value }) => `${formatDay(on, 'brief')} ${value} ${unit.value}`).join(', ')}`,
);
const colour = (name: string): string =>
  getComputedStyle(document.documentElement).getPropertyValue(name).trim();
const option = computed(() => {
  const text = { color: colour('--ink'), fontFamily: 'Atkinson Hyperlegible Next', fontSize: 12 };
  return {
    animation: false,
    grid: { left: 46, right: 18, top: 22, bottom: 24 },
    xAxis: {
      type: 'time',
      axisLabel: {
        ...text,
        formatter: (at: number) => formatDay(new Date(at).toISOString().slice(0, 10) as PlainDay, 'brief'),
      },
      axisLine: { lineStyle: { color: colour('--edge') } },
      minInterval: 86_400_000,
    },
    yAxis: {
      type: 'value',
      axisLabel: { ...text, formatter: `{value} ${unit.value}` },
      splitLine: { lineStyle: { color: colour('--line') } },
      scale: props.kind === 'temperature',
    },
    series: [
      {
        type: 'line',
        data: props.points.map(({ on, value }) => [`${on}T12:00:00Z`, value]),
        lineStyle: { color: colour('--plum'), width: 2.5 },
        itemStyle: { color: colour('--plum') },
        symbol: 'diamond',
        symbolSize: 9,
        label: {
          show: true,
          position: 'top',
          ...text,
          formatter: ({ value }: { value: [string, number] }) => String(value[1]),
        },
      },
    ],
  };
});
</script>

<template>
  <VChart class="chart" role="img" :aria-label="label" :option="option" autoresize />
</template>

<style scoped>
.chart {
  height: 190px;
}
</style>
