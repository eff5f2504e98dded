<script setup lang="ts">
import { mdiHandBackRightOutline } from '@mdi/js';

/** The handle by which something is taken in hand: dragged by mouse or finger, or pressed, and then where it goes. */
defineProps<{ name: string; held: boolean }>();
defineEmits<{ grab: [event: PointerEvent]; take: [] }>();
</script>

<template>
  <button
    type="button"
    class="grip"
    :aria-label="name"
    :aria-pressed="held"
    title="Move it: drag it, or press it and then where it goes"
    @pointerdown="$emit('grab', $event)"
    @click.stop="$emit('take')"
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
