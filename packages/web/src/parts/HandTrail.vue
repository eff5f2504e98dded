<script setup lang="ts" generic="T extends object">
import { computed } from 'vue';
import type { Hand } from '../state/hand.ts';

/** What follows a hand over its page: the name of what is dragged, and what was done for those who cannot see it. */
const props = defineProps<{ hand: Hand<T> }>();
// At the right edge it stays in sight.
const GHOST_PIXELS = 210;
const at = computed(() => {
  const point = props.hand.point.value;
  return point && { left: `${Math.min(point.x, window.innerWidth - GHOST_PIXELS)}px`, top: `${point.y}px` };
});
const name = computed(() => (props.hand.held.value ? props.hand.nameOf(props.hand.held.value) : ''));
const said = computed(() => props.hand.said.value);
</script>

<template>
  <div v-if="at" class="ghost" aria-hidden="true" :style="at">
    {{ name }}
  </div>
  <p class="sr-only" role="status">{{ said }}</p>
</template>

<style scoped>
.ghost {
  position: fixed;
  z-index: 40;
  max-width: 190px;
  padding: var(--gap-2) var(--gap-4);
  transform: translate(8px, 8px) rotate(-1.5deg);
  background: var(--tape);
  color: var(--tape-ink);
  font-weight: 600;
  pointer-events: none;
}
</style>
