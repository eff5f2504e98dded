<script setup lang="ts">
import { mattersOf, type Finding, type Spot, type UnitPage } from '@kobby/core';
import { computed } from 'vue';
import { useRoute } from 'vue-router';
import HeadsUps from '../../parts/HeadsUps.vue';
import LedgeList from '../../parts/LedgeList.vue';
import { useReading } from '../../state/unit.ts';

/** Beside every page of a unit: what it should know about itself, or what could be put into it. */
export type SidePage = 'heads-ups' | 'ledge';
const page = defineModel<SidePage>('page', { required: true });
const spot = defineModel<Spot>('spot', { required: true });
const emit = defineEmits<{ show: [finding: Finding] }>();
const reading = useReading();
const route = useRoute();
const open = computed(() => mattersOf(reading.value.headsUps.filter(({ kept }) => !kept)).length);
const PAGES = new Set<unknown>([
  'spark',
  'corners',
  'days',
  'circle',
  'trays',
  'gather',
  'ready',
] satisfies UnitPage[]);
const pulled = computed(() => (PAGES.has(route.name) ? (route.name as UnitPage) : null));
</script>

<template>
  <aside class="side" aria-label="Beside the plan">
    <div class="turn" role="group" aria-label="What lies beside the plan">
      <button type="button" :aria-pressed="page === 'heads-ups'" @click="page = 'heads-ups'">
        Heads-ups <span class="figures" data-test="heads-up-count">{{ open }}</span>
      </button>
      <button type="button" :aria-pressed="page === 'ledge'" data-test="open-ledge" @click="page = 'ledge'">
        Ideas
      </button>
    </div>
    <HeadsUps
      v-if="page === 'heads-ups'"
      :findings="reading.headsUps"
      :placements="reading.placements"
      :page="pulled"
      @show="emit('show', $event)"
    />
    <LedgeList v-else v-model="spot" />
  </aside>
</template>

<style scoped>
.side {
  display: flex;
  flex-direction: column;
  gap: var(--gap-3);
  padding: var(--gap-3) var(--gap-4) var(--gap-4);
  overflow: auto;
  background: var(--card);
  border-left: 1.5px solid var(--line);
}
.turn {
  display: grid;
  grid-template-columns: 1.25fr 1fr;
  gap: var(--gap-3);
}
.turn button {
  display: flex;
  justify-content: space-between;
  align-items: center;
  min-height: 34px;
  padding: var(--gap-1) var(--gap-3);
  background: none;
  border: 0;
  border-bottom: 4px solid var(--line);
  font: 700 15px var(--display);
}
.turn button[aria-pressed='true'] {
  border-color: var(--shelf);
}
.turn button span {
  color: var(--ink-soft);
}
@media (max-width: 900px) {
  .turn button {
    min-height: var(--touch);
  }
}
</style>
