<script setup lang="ts">
import { formatDay, type Finding, type Placement, type Unit } from '@kobby/core';
import { computed, ref } from 'vue';
import { RouterView } from 'vue-router';
import HeadsUps from '../../parts/HeadsUps.vue';
import InkBand from '../../parts/InkBand.vue';
import PickSheet from '../../parts/PickSheet.vue';
import PlacementSheet from '../../parts/PlacementSheet.vue';
import { useBook } from '../../state/book.ts';
import { provideReading } from '../../state/unit.ts';
import UnitDrawers from './UnitDrawers.vue';

/** The desk on which a unit is planned: its drawers at the left, a page, the heads-ups at the right. */
const props = defineProps<{ unit: Unit }>();

const store = useBook();
const reading = provideReading(() => props.unit.id);
const openId = ref<Placement['id'] | null>(null);
const picking = ref<{ readonly cornerId: string } | { readonly day: number } | null>(null);

const open = computed(() => (openId.value && store.book.placements[openId.value]) || null);
const detail = computed(() => {
  const { days } = reading.value.frame.calendar;
  const now = days.find((day) => day.date === store.today);
  if (now) return `Day ${now.number} of ${days.length} · ${formatDay(now.date)}`;
  const first = days[0];
  return first ? `${days.length} days from ${formatDay(first.date)}` : 'no program days';
});

function show(finding: Finding): void {
  const [cornerId] = finding.cornerIds;
  if (finding.placementId) openId.value = finding.placementId;
  else if (cornerId) picking.value = { cornerId };
}
</script>

<template>
  <div class="desk">
    <InkBand :title="unit.title" :detail="detail" />
    <UnitDrawers :unit-id="unit.id" />
    <main>
      <RouterView v-slot="{ Component }">
        <component
          :is="Component"
          @open="(placement: Placement) => (openId = placement.id)"
          @fill="(cornerId: string) => (picking = { cornerId })"
          @add="(day: number) => (picking = { day })"
        />
      </RouterView>
    </main>
    <HeadsUps :findings="reading.headsUps" @show="show" />
    <PlacementSheet v-if="open" :placement="open" @close="openId = null" />
    <PickSheet v-if="picking" :target="picking" @close="picking = null" />
  </div>
</template>

<style scoped>
.desk {
  display: grid;
  grid-template: auto minmax(0, 1fr) / 150px minmax(0, 1fr) 252px;
  height: 100vh;
}
.desk > :deep(.band) {
  grid-column: 1 / 4;
}
main {
  display: flex;
  flex-direction: column;
  min-width: 0;
  min-height: 0;
  padding: 12px 14px 10px;
  overflow: auto;
}
@media (max-width: 900px) {
  .desk {
    display: block;
    height: auto;
  }
  main {
    overflow: visible;
  }
}
</style>
