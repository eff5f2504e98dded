<script setup lang="ts">
import { computed } from 'vue';
import { useHand, type Held } from '../state/plan-hand.ts';
import GripHandle from './GripHandle.vue';

/** Takes something of the plan in hand. */
const props = defineProps<{ held: Held }>();
const hand = useHand();
const isHeld = computed(() => hand.isHeld(props.held));
</script>

<template>
  <GripHandle
    :name="`Move ${held.placement.content.title}`"
    :held="isHeld"
    @grab="hand.grab($event, held)"
    @take="hand.take(held)"
  />
</template>
