<script setup lang="ts">
import { mdiHandBackRightOutline } from '@mdi/js';
import { computed } from 'vue';
import { useHand, type Held } from '../state/hand.ts';

/** Takes something in hand: dragged by mouse or finger, or pressed, and then where it goes. */
const props = defineProps<{ held: Held }>();
const hand = useHand();
const isHeld = computed(() => hand.held.value?.placement.id === props.held.placement.id);
</script>

<template>
  <button
    type="button"
    class="grip"
    :aria-label="`Take ${held.placement.content.title} in hand`"
    :aria-pressed="isHeld"
    title="Take it in hand: drag it, or press where it goes"
    @pointerdown="hand.grab($event, held)"
    @click.stop="hand.take(held)"
  >
    <v-icon :icon="mdiHandBackRightOutline" size="15" aria-hidden="true" />
  </button>
</template>

<style scoped>
.grip {
  display: grid;
  flex: none;
  place-items: center;
  width: 24px;
  min-height: 24px;
  padding: 0;
  background: none;
  border: 0;
  border-radius: 4px;
  color: var(--ink-soft);
  cursor: grab;
  touch-action: none;
}
.grip:hover,
.grip[aria-pressed='true'] {
  background: var(--tape);
  color: var(--tape-ink);
}
@media (max-width: 900px), (pointer: coarse) {
  .grip {
    width: var(--touch);
    min-height: var(--touch);
  }
}
</style>
