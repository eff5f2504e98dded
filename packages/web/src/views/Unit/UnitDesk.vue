<script setup lang="ts">
import { formatDay, placementAt, type Finding, type Placement, type Spot, type Unit } from '@kobby/core';
import { computed, ref } from 'vue';
import { RouterView, useRouter } from 'vue-router';
import InkBand from '../../parts/InkBand.vue';
import PickSheet from '../../parts/PickSheet.vue';
import ProposalBand from '../../parts/ProposalBand.vue';
import PlacementSheet from '../../parts/PlacementSheet.vue';
import { useBook } from '../../state/book.ts';
import { provideDesk, type Desk, type PickTarget } from '../../state/desk.ts';
import { provideHand } from '../../state/plan-hand.ts';
import { provideProposing } from '../../state/proposing.ts';
import { provideReading } from '../../state/unit.ts';
import HandBar from './HandBar.vue';
import SideColumn, { type SidePage } from './SideColumn.vue';
import UnitDrawers from './UnitDrawers.vue';

/** The desk on which a unit is planned: its drawers at the left, a page, and at the right what lies beside the plan. */
const props = defineProps<{ unit: Unit }>();

const store = useBook();
const router = useRouter();
const reading = provideReading(() => props.unit.id);
const openId = ref<Placement['id'] | null>(null);
const picking = ref<{ readonly target: PickTarget; readonly activityId?: string | undefined } | null>(null);
const side = ref<SidePage>('heads-ups');
const spot = ref<Spot>({});

const desk: Desk = {
  open: (placementId) => (openId.value = placementId),
  pick: (target, activityId) => (picking.value = { target, activityId }),
  look: (wanted) => {
    spot.value = wanted;
    side.value = 'ledge';
  },
};
provideDesk(desk);
provideHand(reading, desk);
provideProposing(reading);

const open = computed(() => placementAt(store.book, openId.value));
const detail = computed(() => {
  const { unit, calendar } = reading.value.frame;
  const { days } = calendar;
  if (unit.start === null) return 'an idea, without dates';
  const now = days.find((day) => day.date === store.today);
  if (now) return `Day ${now.number} of ${days.length} · ${formatDay(now.date)}`;
  const first = days[0];
  return first ? `${days.length} days from ${formatDay(first.date)}` : 'no program days';
});

function show(finding: Finding): void {
  const [cornerId] = finding.cornerIds;
  if (finding.placementId) openId.value = finding.placementId;
  else if (cornerId) desk.pick({ cornerId });
  else if (finding.pieceIds?.length)
    void router.push({ name: 'circle', params: { unitId: props.unit.id }, query: { day: finding.days[0] } });
}
</script>

<template>
  <div class="desk">
    <InkBand :title="unit.title" :detail="detail" />
    <UnitDrawers :unit-id="unit.id" />
    <main><ProposalBand /><RouterView /></main>
    <SideColumn v-model:page="side" v-model:spot="spot" @show="show" />
    <HandBar />
    <PlacementSheet v-if="open" :placement="open" @close="openId = null" />
    <PickSheet
      v-if="picking"
      :target="picking.target"
      :activity-id="picking.activityId"
      @close="picking = null"
    />
  </div>
</template>

<style scoped>
.desk {
  display: grid;
  grid-template: auto minmax(0, 1fr) / 150px minmax(0, 1fr) 252px;
  height: 100vh;
}
.desk > :deep(.top) {
  grid-column: 1 / 4;
}
main {
  display: flex;
  flex-direction: column;
  min-width: 0;
  min-height: 0;
  padding: var(--gap-4) var(--gap-4) var(--gap-3);
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
