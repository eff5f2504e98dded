<script setup lang="ts">
import { HeatmapChart } from 'echarts/charts';
import { GridComponent, VisualMapComponent } from 'echarts/components';
import { use } from 'echarts/core';
import { SVGRenderer } from 'echarts/renderers';
import { computed } from 'vue';
import VChart from 'vue-echarts';

/** Rows and columns as a field of tints with the figures in it. The same must stand beside it as text. */
use([HeatmapChart, GridComponent, VisualMapComponent, SVGRenderer]);

const props = defineProps<{
  label: string;
  rows: readonly string[];
  columns: readonly string[];
  /** By row, then by column. */
  values: readonly (readonly number[])[];
}>();
const emit = defineEmits<{ cell: [row: number, column: number] }>();

// The picture takes the colours of the light that is on.
const colour = (name: string): string =>
  getComputedStyle(document.documentElement).getPropertyValue(name).trim();
const option = computed(() => {
  const most = Math.max(1, ...props.values.flat());
  const ink = colour('--ink');
  const axis = { type: 'category', axisTick: { show: false }, axisLine: { show: false } };
  const text = { color: ink, fontFamily: 'Atkinson Hyperlegible Next', fontSize: 13 };
  return {
    animation: false,
    grid: { left: 168, right: 8, top: 26, bottom: 4 },
    xAxis: { ...axis, position: 'top', data: [...props.columns], axisLabel: { ...text, interval: 0 } },
    yAxis: {
      ...axis,
      inverse: true,
      data: [...props.rows],
      axisLabel: { ...text, width: 156, overflow: 'truncate' },
    },
    visualMap: {
      show: false,
      min: 0,
      max: most,
      inRange: { color: [colour('--well'), colour('--tint'), colour('--plum')] },
    },
    series: [
      {
        type: 'heatmap',
        data: props.values.flatMap((row, y) =>
          row.map((value, x) => ({
            value: [x, y, value],
            label: { color: value > most * 0.75 ? colour('--on-plum') : ink },
          })),
        ),
        label: {
          show: true,
          fontFamily: text.fontFamily,
          fontSize: 12,
          formatter: ({ value }: { value: readonly number[] }) => (value[2] ? String(value[2]) : '–'),
        },
        itemStyle: { borderColor: colour('--card'), borderWidth: 3, borderRadius: 4 },
        emphasis: { itemStyle: { borderColor: ink } },
      },
    ],
  };
});
const onClick = ({ value }: { value?: unknown }): void => {
  if (Array.isArray(value)) emit('cell', Number(value[1]), Number(value[0]));
};
</script>

<template>
  <VChart
    role="img"
    :aria-label="label"
    :option="option"
    :style="{ height: `${rows.length * 27 + 34}px` }"
    autoresize
    @click="onClick"
  />
</template>
