<script setup lang="ts">
import { formatQuantity, quantity, type Filling, type UnitSystem } from '@kobby/core';
import { computed } from 'vue';

/** The tub from the side, true in its proportions, with how far it is filled. */
const props = defineProps<{ filling: Filling; units: UnitSystem }>();
const WIDE = 300;
const TALL = 150;
const sides = computed(() => {
  const inside = props.filling.tub.inside!;
  const widthMm = inside.kind === 'box' ? inside.lengthMm : inside.acrossMm;
  const scale = Math.min(WIDE / widthMm, TALL / inside.heightMm);
  const [w, h] = [widthMm * scale, inside.heightMm * scale];
  return { w, h, fill: props.filling.depthMm * scale, widthMm, heightMm: inside.heightMm };
});
const mm = (length: number): string => formatQuantity(quantity(Math.round(length), 'mm'), props.units);
</script>

<template>
  <svg
    :viewBox="`0 0 400 ${Math.ceil(sides.h) + 44}`"
    role="img"
    :aria-label="`${filling.tub.name}, filled ${mm(filling.depthMm)} of ${mm(sides.heightMm)} deep`"
  >
    <g :transform="`translate(${(330 - sides.w) / 2}, 10)`">
      <rect class="filled" x="0" :y="sides.h - sides.fill" :width="sides.w" :height="sides.fill" />
      <path class="wall" :d="`M0 0 V${sides.h} H${sides.w} V0`" />
      <line class="shelf" x1="-14" :x2="sides.w + 14" :y1="sides.h + 5" :y2="sides.h + 5" />
      <text :x="sides.w / 2" :y="sides.h + 27" text-anchor="middle">{{ mm(sides.widthMm) }}</text>
      <text :x="sides.w + 10" :y="Math.min(sides.h - 4, sides.h - sides.fill / 2 + 5)">
        {{ mm(filling.depthMm) }}
      </text>
      <text :x="sides.w + 10" y="12" class="soft">{{ mm(sides.heightMm) }}</text>
    </g>
  </svg>
</template>

<style scoped>
svg {
  width: 100%;
  max-height: 190px;
}
.filled {
  fill: var(--tint);
}
.wall {
  fill: none;
  stroke: var(--ink);
  stroke-width: 3;
  stroke-linejoin: round;
}
.shelf {
  stroke: var(--shelf);
  stroke-width: 7;
}
text {
  fill: var(--ink);
  font: 600 14px var(--text);
}
text.soft {
  fill: var(--ink-soft);
  font-weight: 400;
}
</style>
