<script setup lang="ts">
import { BarChart } from 'echarts/charts';
import { GridComponent } from 'echarts/components';
import { use } from 'echarts/core';
import { SVGRenderer } from 'echarts/renderers';
import { computed } from 'vue';
import VChart from 'vue-echarts';

/** A few amounts as lying bars, each with its name and its figure. The same must stand beside it as text. */
use([BarChart, GridComponent, SVGRenderer]);

const props = defineProps<{
  label: string;
  bars: readonly { readonly name: string; readonly value: number; readonly text: string }[];
}>();
const colour = (name: string): string =>
  getComputedStyle(document.documentElement).getPropertyValue(name).trim();
const option = computed(() => {
  const text = { color: colour('--ink'), fontFamily: 'Atkinson Hyperlegible Next', fontSize: 13 };
  return {
    animation: false,
    grid: { left: 118, right: 64, top: 2, bottom: 2 },
    xAxis: { type: 'value', show: false },
    yAxis: {
      type: 'category',
      inverse: true,
      data: props.bars.map(({ name }) => name),
      axisTick: { show: false },
      axisLine: { show: false },
      axisLabel: { ...text, width: 110, overflow: 'truncate' },
    },
    series: [
      {
        type: 'bar',
        data: props.bars.map(({ value }) => value),
        barMaxWidth: 18,
        itemStyle: { color: colour('--plum'), borderRadius: [0, 4, 4, 0] },
        label: {
          show: true,
          position: 'right',
          ...text,
          formatter: ({ dataIndex }: { dataIndex: number }) => props.bars[dataIndex]?.text ?? '',
        },
      },
    ],
  };
});
</script>

<template>
  <VChart
    role="img"
    :aria-label="label"
    :option="option"
    :style="{ height: `${bars.length * 27 + 6}px` }"
    autoresize
  />
</template>
