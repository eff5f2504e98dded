<script setup lang="ts">
import { mdiAlertOutline, mdiTrayArrowDown } from '@mdi/js';
import { spotKey, type PutSpot } from '@kobby/core';
import { computed, onBeforeUnmount, watch } from 'vue';
import { useHand } from '../state/hand.ts';

/** Where what is in hand can be put: says before the drop what would break there. */
const props = defineProps<{ spot: PutSpot; name: string; small?: boolean }>();
const hand = useHand();

const key = computed(() => spotKey(props.spot));
let takeBack = (): void => {};
watch(
  key,
  () => {
    takeBack();
    takeBack = hand.offer(props.spot);
  },
  { immediate: true },
);
onBeforeUnmount(() => takeBack());

const breaks = computed(() => hand.breaksAt(props.spot));
const point = (): void => void (hand.over.value = key.value);
</script>

<template>
  <button
    v-if="hand.held.value"
    type="button"
    class="put"
    :class="{ breaks: breaks.length > 0, over: hand.over.value === key }"
    :aria-label="`Put it here: ${name}${breaks.length ? `. ${breaks.join('. ')}` : ''}`"
    :title="breaks.join('. ')"
    @click="hand.put(spot)"
    @focus="point"
    @pointerenter="point"
  >
    <v-icon :icon="breaks.length ? mdiAlertOutline : mdiTrayArrowDown" size="15" aria-hidden="true" />
    <span>{{
      breaks.length
        ? small
          ? spot.kind === 'day'
            ? 'clashes'
            : 'unusual'
          : breaks[0]
        : small
          ? 'here'
          : 'Put it here'
    }}</span>
  </button>
</template>

<style scoped>
.put {
  display: flex;
  gap: 4px;
  align-items: center;
  justify-content: center;
  align-self: stretch;
  min-height: 28px;
  padding: 2px 5px;
  background: var(--ok-bg);
  border: 1.5px dashed var(--ok);
  border-radius: 4px;
  color: var(--ok);
  font-weight: 600;
  font-size: 12.5px;
  line-height: 1.15;
  text-align: left;
}
.put.breaks {
  background: var(--care-bg);
  border-color: var(--care-edge);
  color: var(--care);
}
.put.over {
  border-style: solid;
  box-shadow: 0 0 0 2px var(--plum);
}
@media (max-width: 900px) {
  .put {
    min-height: var(--touch);
  }
}
</style>
