<script setup lang="ts">
import type { Child, DayPlan } from '@kobby/core';
import { computed } from 'vue';
import TapeLabel from '../../parts/TapeLabel.vue';
import RecordRow from './RecordRow.vue';

/** Of a day that is over: everything that was planned under each other, each told in one press. */
const props = defineProps<{ plan: DayPlan; here: readonly Child[] }>();
const blocks = computed(() => props.plan.blocks.filter(({ items }) => items.length > 0));
</script>

<template>
  <section v-if="blocks.length" class="tell" aria-label="How the day went">
    <TapeLabel class="tape">How the day went</TapeLabel>
    <div v-for="{ block, items } in blocks" :key="block.id" :data-test="`tell-${block.id}`">
      <h2>{{ block.name }}</h2>
      <ul>
        <li v-for="thing in items" :key="thing.session.placement.id">
          <b>{{ thing.session.placement.content.title }}</b>
          <RecordRow :thing="thing" :here="here" :day="plan.day.number" />
        </li>
      </ul>
    </div>
  </section>
</template>

<style scoped>
.tell {
  display: grid;
  gap: var(--gap-4);
  padding: 0 var(--gap-5) var(--gap-4);
  background: var(--card);
  border: 1.5px solid var(--line);
  border-bottom: 8px solid var(--shelf);
  border-radius: 8px;
}
.tape {
  justify-self: start;
  margin: calc(-1 * var(--gap-2)) 0 0 calc(-1 * var(--gap-3));
  font-size: 15px;
}
h2 {
  font-size: 16px;
}
ul {
  display: grid;
  gap: var(--gap-3);
}
li {
  display: grid;
  gap: var(--gap-2);
  padding-top: var(--gap-2);
}
</style>
