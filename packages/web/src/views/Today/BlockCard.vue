<script setup lang="ts">
import type { BlockPlan, Child, DayPlan } from '@kobby/core';
import { formatMinutes, aboutSeconds } from '@kobby/core';
import { computed } from 'vue';
import { RouterLink } from 'vue-router';
import TapeLabel from '../../parts/TapeLabel.vue';
import WentCard from '../Circle/WentCard.vue';
import ThingOfBlock from './ThingOfBlock.vue';

/** What is on in a block: its things with who does what, its circle, and how it went. */
const props = defineProps<{
  block: BlockPlan;
  isNow: boolean;
  isNext: boolean;
  here: readonly Child[];
  plan: DayPlan;
}>();
const label = computed(() => {
  const { block, span } = props.block;
  const until = `until about ${formatMinutes(span.to)}`;
  if (props.isNow) return `Now · ${block.name}, ${until}`;
  return props.isNext
    ? `Next · ${block.start} ${block.name}, ${until}`
    : `${block.start} ${block.name}, ${until}`;
});
const isOpen = computed(() => {
  const { items, circle, lines } = props.block;
  return items.length + lines.length === 0 && !circle;
});
</script>

<template>
  <section class="focus" :aria-label="label" data-test="block-now">
    <TapeLabel>{{ label }}</TapeLabel>
    <p v-for="line in block.lines" :key="line">{{ line }}</p>
    <div v-if="block.circle" class="circle">
      <h2>{{ block.circle.parts.length }} pieces, {{ aboutSeconds(block.circle.seconds) }}</h2>
      <p>{{ block.circle.parts.map(({ title }) => title).join(' · ') }}</p>
      <RouterLink
        class="lead"
        :to="{
          name: 'circle-lead',
          params: {
            unitId: block.circle.parts[0]!.piece.unitId,
            day: plan.day.number,
            blockId: block.block.id,
          },
        }"
        >Lead it, full screen</RouterLink
      >
      <WentCard :run="block.circle" />
    </div>
    <ThingOfBlock
      v-for="thing in block.items"
      :key="thing.session.placement.id"
      :thing="thing"
      :here="here"
      :day="plan.day.number"
    />
    <p v-if="isOpen">Nothing of its own: what is out all day is open.</p>
    <p v-if="block.after" class="soft">
      Then, on the way: {{ block.after.parts.map(({ title }) => title).join(', ') }}
    </p>
  </section>
</template>

<style scoped>
.focus {
  display: grid;
  gap: var(--gap-3);
  padding: 0 var(--gap-5) var(--gap-4);
  background: var(--card);
  border: 1.5px solid var(--line);
  border-bottom: 8px solid var(--shelf);
  border-radius: 8px;
}
.focus > .tape {
  justify-self: start;
  margin: calc(-1 * var(--gap-2)) 0 0 calc(-1 * var(--gap-3));
  font-size: 15px;
}
.circle {
  display: grid;
  gap: var(--gap-3);
}
h2 {
  font-size: 22px;
}
.lead {
  display: inline-flex;
  align-items: center;
  justify-self: start;
  min-height: 48px;
  padding: 0 var(--gap-5);
  background: var(--plum);
  border-radius: 8px;
  color: var(--on-plum);
  font-weight: 700;
  text-decoration: none;
}
</style>
