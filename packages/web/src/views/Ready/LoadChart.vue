<script setup lang="ts">
import { BarChart } from 'echarts/charts';
import { GridComponent } from 'echarts/components';
import { use } from 'echarts/core';
import { SVGRenderer } from 'echarts/renderers';
import { formatDay, type SlotLoad } from '@kobby/core';
import { computed } from 'vue';
import VChart from 'vue-echarts';

/** How full each time is, against its minutes. The same stands beside each time as text. */
use([BarChart, GridComponent, SVGRenderer]);
const props = defineProps<{ loads: readonly SlotLoad[] }>();
const colour = (name: string): string =>
  getComputedStyle(document.documentElement).getPropertyValue(name).trim();
const label = computed(
  () =>
    `Minutes in each time: ${props.loads.map(({ slot, minutes }) => `${formatDay(slot.date, 'brief')} ${slot.name} ${minutes} of ${slot.minutes}`).join('; ')}`,
);
const option = computed(() => {
  const text = { color: colour('--ink'), fontFamily: 'Atkinson Hyperlegible Next', fontSize: 12 };
  const bar = { type: 'bar', stack: 'time', barMaxWidth: 34, barMinHeight: 0 };
  const loads = props.loads;
  const within = loads.map(({ minutes, over }) => minutes - over);
  const free = loads.map(({ slot, minutes }) => Math.max(0, (slot.minutes ?? 0) - minutes));
  return {
    animation: false,
    grid: { left: 6, right: 6, top: 20, bottom: 50 },
    xAxis: {
      type: 'category',
      data: loads.map(({ slot }) => `${formatDay(slot.date, 'brief')}\n${slot.name}`),
      axisTick: { show: false },
      axisLine: { lineStyle: { color: colour('--edge') } },
      axisLabel: { ...text, interval: 0, fontSize: 11.5, lineHeight: 14, width: 62, overflow: 'break' },
    },
    yAxis: { type: 'value', show: false },
    series: [
      { ...bar, data: within, itemStyle: { color: colour('--plum') } },
      {
        ...bar,
        data: loads.map(({ over }) => over),
        itemStyle: { color: colour('--care-edge'), decal: null },
      },
      {
        ...bar,
        data: free,
        itemStyle: {
          color: colour('--well'),
          borderColor: colour('--edge'),
          borderWidth: 1,
          borderType: 'dashed',
        },
        label: {
          show: true,
          position: 'top',
          ...text,
          formatter: ({ dataIndex }: { dataIndex: number }) => {
            const { minutes, slot } = loads[dataIndex]!;
            return `${minutes}/${slot.minutes ?? 0}`;
          },
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
/* The page is a column that would press it flat. */
.chart {
  flex: none;
  height: 168px;
  margin-bottom: var(--gap-3);
}
</style>
