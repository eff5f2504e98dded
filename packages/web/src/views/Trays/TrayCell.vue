<script setup lang="ts">
import type { TrayPiece } from '@kobby/core';
import { computed } from 'vue';

/** How many things of an area fit a child: a figure over a bar, hatched when there is none, marked when chosen by hand. */
const props = defineProps<{
  pieces: readonly TrayPiece[];
  label: string;
  on: boolean;
  bin?: boolean;
}>();
const emit = defineEmits<{ press: [] }>();

const fitting = computed(() => props.pieces.filter(({ parts }) => parts.length > 0).length);
const byHand = computed(() => props.pieces.some((piece) => piece.byHand));
const misses = computed(() => props.pieces.length - fitting.value);
const text = computed(
  () =>
    `${props.label}: ${fitting.value} fitting${misses.value ? `, ${misses.value} without a version` : ''}${byHand.value ? ', chosen by hand' : ''}`,
);
// More than this look alike.
const MOST = 6;
</script>

<template>
  <button
    type="button"
    class="cell"
    :class="{ none: fitting === 0, on, bin }"
    :aria-label="text"
    :aria-pressed="on"
    @click="emit('press')"
  >
    <span class="figures">{{ fitting || (bin ? '+' : '–') }}<i v-if="byHand">*</i></span>
    <span class="bar" aria-hidden="true">
      <i v-for="n in Math.min(fitting, MOST)" :key="n" />
    </span>
  </button>
</template>

<style scoped>
.cell {
  display: flex;
  flex-direction: column;
  align-items: center;
  justify-content: center;
  gap: var(--gap-1);
  width: 100%;
  min-height: 40px;
  padding: var(--gap-1);
  background: none;
  border: 0;
  font-weight: 600;
}
.none:not(.bin) {
  background: repeating-linear-gradient(
    135deg,
    var(--well),
    var(--well) 7px,
    var(--card-past) 7px,
    var(--card-past) 14px
  );
}
.none.bin {
  color: var(--ink-soft);
}
.on {
  box-shadow: inset 0 0 0 3px var(--plum);
}
.cell:hover {
  background: var(--well);
}
.bar {
  display: flex;
  gap: var(--gap-1);
  height: 5px;
}
.bar i {
  width: 5px;
  background: var(--plum);
  border-radius: 2px;
}
.bin .bar i {
  background: var(--teal);
}
</style>
