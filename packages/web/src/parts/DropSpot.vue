<script setup lang="ts">
import { spotKey, type PutSpot } from '@kobby/core';
import { computed, onBeforeUnmount, watch } from 'vue';
import { useHand } from '../state/plan-hand.ts';
import PutHere from './PutHere.vue';

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
const text = computed(() => {
  const [first] = breaks.value;
  if (first === undefined) return props.small ? 'here' : 'Put it here';
  if (!props.small) return first;
  return props.spot.kind === 'day' ? 'clashes' : 'unusual';
});
const point = (): void => void (hand.over.value = key.value);
</script>

<template>
  <PutHere
    v-if="hand.held.value"
    :name="name"
    :doubt="breaks.length > 0 ? breaks.join('. ') : null"
    :pointed="hand.over.value === key"
    @put="hand.put(spot)"
    @focus="point"
    @pointerenter="point"
  >
    {{ text }}
  </PutHere>
</template>
