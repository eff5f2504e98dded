<script setup lang="ts">
import { BarChart, ScatterChart } from 'echarts/charts';
import { GridComponent } from 'echarts/components';
import { use } from 'echarts/core';
import { SVGRenderer } from 'echarts/renderers';
import { computed } from 'vue';
import VChart from 'vue-echarts';

/** A few amounts as lying bars, each with its name and its figure. The same must stand beside it as text. */
use([BarChart, ScatterChart, GridComponent, SVGRenderer]);

const props = defineProps<{
  label: string;
  bars: readonly {
    readonly name: string;
    readonly value: number;
    readonly text: string;
    /** Each value that the bar is the middle of, as a dot on it. */
    readonly points?: readonly number[];
  }[];
  /** Of less weight than a chart beside it. */
  quiet?: boolean;
}>();
const colour = (name: string): string =>
  getComputedStyle(document.documentElement).getPropertyValue(name).trim();
const axisOf = (data: readonly string[], axisLabel: object) => ({
  type: 'category',
  inverse: true,
  data,
  axisTick: { show: false },
  axisLine: { show: false },
  axisLabel,
});
const option = computed(() => {
  // Dots would lie on the figures: those stand at the edge then.
  const hasDots = props.bars.some(({ points }) => points?.length);
  const text = { color: colour('--ink'), fontFamily: 'Atkinson Hyperlegible Next', fontSize: 13 };
  return {
    animation: false,
    grid: { left: 118, right: 64, top: 2, bottom: 2 },
    xAxis: { type: 'value', show: false },
    yAxis: [
      axisOf(
        props.bars.map(({ name }) => name),
        { ...text, width: 116, overflow: 'break' },
      ),
      axisOf(
        props.bars.map((bar) => (hasDots ? bar.text : '')),
        text,
      ),
    ],
    series: [
      {
        type: 'bar',
        data: props.bars.map(({ value }) => value),
        barMaxWidth: 18,
        itemStyle: { color: colour(props.quiet ? '--line' : '--plum'), borderRadius: [0, 4, 4, 0] },
        label: {
          show: !hasDots,
          position: 'right',
          ...text,
          formatter: ({ dataIndex }: { dataIndex: number }) => props.bars[dataIndex]?.text ?? '',
        },
      },
      {
        type: 'scatter',
        symbolSize: 7,
        itemStyle: { color: colour('--card'), borderColor: colour('--ink'), borderWidth: 1.5 },
        data: props.bars.flatMap(({ points }, i) => (points ?? []).map((value) => [value, i])),
        silent: true,
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
