<script setup lang="ts">
import { LineChart } from 'echarts/charts';
import { GridComponent, MarkLineComponent } from 'echarts/components';
import { use } from 'echarts/core';
import { SVGRenderer } from 'echarts/renderers';
import { aboutSeconds, secondsUntil, staysIn, type CircleRun } from '@kobby/core';
import { computed } from 'vue';
import VChart from 'vue-echarts';
import { useCircleDesk } from './circle-desk.ts';
import { ENERGY_LEVELS } from './kinds.ts';

/** How lively a circle is from minute to minute, and where children are done. The same stands beside it as text. */
use([LineChart, GridComponent, MarkLineComponent, SVGRenderer]);
const props = defineProps<{ run: CircleRun }>();
const desk = useCircleDesk();

const colour = (name: string): string =>
  getComputedStyle(document.documentElement).getPropertyValue(name).trim();
const label = computed(
  () =>
    `Energy of the circle: ${props.run.parts.map(({ title, energy, length }) => `${title} ${energy}, ${aboutSeconds(length.seconds)}`).join('; ')}`,
);
const points = computed(() => {
  const list = props.run.parts.map(({ energy }, i): [number, number] => [
    secondsUntil(props.run, i) / 60,
    ENERGY_LEVELS[energy],
  ]);
  const last = list.at(-1);
  return last ? [...list, [props.run.seconds / 60, last[1]] as [number, number]] : list;
});
// Who is done at the same moment shares a line.
const leaving = computed(() => {
  const { frame, circles } = desk.reading.value;
  const byMoment = new Map<number, string[]>();
  for (const { toTheEnd, untilSeconds, child } of staysIn(props.run, frame.home, circles.patience.factor))
    if (!toTheEnd) byMoment.set(untilSeconds, [...(byMoment.get(untilSeconds) ?? []), child.shownAs]);
  return [...byMoment].map(([seconds, names]) => ({ xAxis: seconds / 60, name: names.join(', ') }));
});
const option = computed(() => {
  const text = { color: colour('--ink'), fontFamily: 'Atkinson Hyperlegible Next', fontSize: 12 };
  const levels: Readonly<Record<number, string>> = { 1: 'calm', 2: 'middling', 3: 'lively' };
  return {
    animation: false,
    grid: { left: 58, right: 14, top: 18, bottom: 22 },
    xAxis: {
      type: 'value',
      min: 0,
      max: Math.max(1, Math.ceil(props.run.seconds / 60)),
      splitLine: { show: false },
      axisLine: { lineStyle: { color: colour('--edge') } },
      axisLabel: {
        ...text,
        formatter: (minute: number) => (minute === 0 ? '0' : `${minute} min`),
        hideOverlap: true,
      },
    },
    yAxis: {
      type: 'value',
      min: 0,
      max: 3.4,
      interval: 1,
      splitLine: { lineStyle: { color: colour('--line') } },
      axisLabel: { ...text, formatter: (level: number) => levels[level] ?? '' },
    },
    series: [
      {
        type: 'line',
        step: 'end',
        data: points.value,
        symbol: 'rect',
        symbolSize: 7,
        lineStyle: { color: colour('--plum'), width: 3 },
        itemStyle: { color: colour('--plum') },
        areaStyle: { color: colour('--tint'), opacity: 0.35 },
        markLine: {
          silent: true,
          symbol: 'none',
          lineStyle: { color: colour('--care-edge'), type: 'dashed', width: 2 },
          label: { ...text, formatter: ({ name }: { name: string }) => name, position: 'end', distance: 2 },
          data: leaving.value,
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
  flex: none;
  height: 150px;
}
</style>
