<script setup lang="ts">
import { cutLines, dashesOf, TONES, type CardJob, type Mark } from '@kobby/core';
import { computed, useId } from 'vue';
import { pictureAddress, usePictures } from '../../state/pictures.ts';

/** One sheet of a job, drawn true to size: on the screen, on paper and in a file it is the same drawing. */
const props = defineProps<{ job: CardJob; page: number; name: string }>();
const ways = usePictures();
const id = useId();
// A sheet as high as its page, to the last fraction, would be followed by an empty one: it is cut a little, not made smaller.
const LESS_MM = 0.4;
const size = computed(() => props.job.grid.page);
const laid = computed(() => props.job.sheets[props.page] ?? []);

const addressOf = (mark: Extract<Mark, { kind: 'picture' }>): string | undefined =>
  (ways && pictureAddress(mark.of, ways)) ?? undefined;

// Where the cutter goes; a page that stays whole is not cut.
const cuts = computed(() => {
  const { grid, card, isPages } = props.job;
  return isPages ? [] : cutLines(grid, card, laid.value.length);
});
const grey = (tone: number): string =>
  `rgb(${Array(3)
    .fill(Math.round(255 * tone))
    .join(' ')})`;
</script>

<template>
  <svg
    class="sheet"
    role="img"
    :aria-label="name"
    :viewBox="`0 0 ${size.width} ${size.height}`"
    :width="`${size.width}mm`"
    :height="`${size.height - LESS_MM}mm`"
    preserveAspectRatio="xMinYMin slice"
  >
    <defs>
      <clipPath :id="`${id}-left`" clipPathUnits="objectBoundingBox">
        <rect width="0.5" height="1" />
      </clipPath>
      <clipPath :id="`${id}-right`" clipPathUnits="objectBoundingBox">
        <rect x="0.5" width="0.5" height="1" />
      </clipPath>
    </defs>
    <line
      v-for="({ from, to }, i) in cuts"
      :key="i"
      class="cut"
      :x1="from[0]"
      :y1="from[1]"
      :x2="to[0]"
      :y2="to[1]"
    />
    <g v-for="({ card, x, y }, i) in laid" :key="i" :transform="`translate(${x} ${y})`">
      <title>{{ card.name }}</title>
      <template v-for="(mark, k) in card.marks" :key="k">
        <image
          v-if="mark.kind === 'picture'"
          :href="addressOf(mark)"
          :x="mark.x"
          :y="mark.y"
          :width="mark.size"
          :height="mark.size"
          :class="mark.as"
          :clip-path="mark.as === 'left' || mark.as === 'right' ? `url(#${id}-${mark.as})` : undefined"
        />
        <text v-else-if="mark.kind === 'words'" :x="mark.x" :y="mark.y" :font-size="mark.size">
          {{ mark.text }}
        </text>
        <circle
          v-else-if="mark.kind === 'dot'"
          :cx="mark.x"
          :cy="mark.y"
          :r="mark.r"
          :class="{ filled: mark.isFilled }"
        />
        <polyline
          v-else-if="mark.kind === 'line'"
          :points="mark.points.map(([px, py]) => `${px.toFixed(2)},${py.toFixed(2)}`).join(' ')"
          :stroke="grey(TONES[mark.tone])"
          :stroke-width="mark.width"
          :stroke-dasharray="dashesOf(mark).join(' ') || undefined"
        />
        <rect v-else class="frame" :x="mark.x" :y="mark.y" :width="mark.width" :height="mark.height" />
      </template>
    </g>
    <g v-if="page === 0" class="measure">
      <line :x1="10" :x2="110" :y1="size.height - 5" :y2="size.height - 5" />
      <text class="told" :x="112" :y="size.height - 4" font-size="2.8">
        This line is 100 mm long when it is printed true to size.
      </text>
    </g>
  </svg>
</template>

<style scoped>
.sheet {
  display: block;
  background: #fff;
  color: #111;
}
text {
  fill: #111;
  font-family: 'Atkinson Hyperlegible Next', sans-serif;
  font-weight: 600;
  text-anchor: middle;
}
.told {
  font-weight: 400;
  text-anchor: start;
}
line {
  stroke: #111;
  stroke-width: 0.4;
}
.cut {
  stroke: #777;
  stroke-width: 0.25;
  stroke-dasharray: 2 1.5;
}
circle {
  fill: none;
  stroke: #111;
  stroke-width: 0.4;
}
circle.filled {
  fill: #111;
}
polyline {
  fill: none;
  stroke-linecap: round;
  stroke-linejoin: round;
}
.frame {
  fill: none;
  stroke: #111;
  stroke-width: 0.4;
}
.shadow {
  filter: brightness(0);
}
</style>
