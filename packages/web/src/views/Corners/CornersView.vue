<script setup lang="ts">
import { mdiTable, mdiScaleBalance, mdiSwapHorizontal, mdiTrayArrowUp } from '@mdi/js';
import { beforeUnit, type Cubby } from '@kobby/core';
import { computed, ref } from 'vue';
import { RouterLink } from 'vue-router';
import BalanceSheet from '../../parts/BalanceSheet.vue';
import DayStrip from '../../parts/DayStrip.vue';
import DraftButton from '../../parts/DraftButton.vue';
import PageBar from '../../parts/PageBar.vue';
import { useBook } from '../../state/book.ts';
import { useReading } from '../../state/unit.ts';
import CarrySheet from './CarrySheet.vue';
import ChangeOverSheet from './ChangeOverSheet.vue';
import CubbyCard from './CubbyCard.vue';
import LeaveEmptySheet from './LeaveEmptySheet.vue';

/** The shelf: what stands in each learning centre, and the numbered days below it. */
const store = useBook();
const reading = useReading();
const PER_ROW = 5;
const sheet = ref<'balance' | 'change-over' | 'carry' | null>(null);
const leaving = ref<Cubby['corner'] | null>(null);

const hint = computed(() => {
  const { length } = reading.value.frame.calendar.days;
  return length === 0
    ? 'an idea: give it a first day in Spark'
    : `what stands in each corner, Day 1 to ${length}`;
});
const minutes = computed(() => reading.value.changeOvers.reduce((sum, one) => sum + one.minutes, 0));
const before = computed(() => beforeUnit(store.book, reading.value.frame.unit.id));
</script>

<template>
  <PageBar title="The shelf" :hint="hint">
    <DraftButton />
    <v-btn
      v-if="before?.left.length"
      class="is-side"
      size="small"
      :prepend-icon="mdiTrayArrowUp"
      @click="sheet = 'carry'"
    >
      From last time
    </v-btn>
    <v-btn class="is-side" size="small" :prepend-icon="mdiSwapHorizontal" @click="sheet = 'change-over'">
      Changing over: {{ minutes }} min
    </v-btn>
    <v-btn class="is-side" size="small" :prepend-icon="mdiScaleBalance" @click="sheet = 'balance'">
      Balance
    </v-btn>
    <v-btn
      class="is-side"
      size="small"
      :prepend-icon="mdiTable"
      :to="{ name: 'one-page', params: { unitId: reading.frame.unit.id } }"
    >
      On one page
    </v-btn>
  </PageBar>
  <ul class="shelf" aria-label="Corners">
    <CubbyCard
      v-for="cubby in reading.shelf"
      :key="cubby.corner.id"
      :cubby="cubby"
      @leave="leaving = cubby.corner"
    />
    <li v-if="reading.shelf.length % PER_ROW" class="new">
      <RouterLink :to="{ name: 'house-corners' }">+ a new corner</RouterLink>
    </li>
  </ul>
  <DayStrip class="strip" />
  <BalanceSheet v-if="sheet === 'balance'" @close="sheet = null" />
  <ChangeOverSheet v-if="sheet === 'change-over'" @close="sheet = null" />
  <CarrySheet v-if="sheet === 'carry' && before" :before="before" @close="sheet = null" />
  <LeaveEmptySheet v-if="leaving" :corner="leaving" @close="leaving = null" />
</template>

<style scoped>
.shelf {
  display: grid;
  grid-template-columns: repeat(5, minmax(0, 1fr));
  grid-auto-rows: minmax(124px, auto);
  background: var(--shelf);
  border: 5px solid var(--shelf);
  border-radius: 7px;
}
/* The rest of the last board. */
.new {
  display: grid;
  place-items: center;
  background: var(--well);
  border: 3px solid var(--shelf);
  font-weight: 600;
}
.strip {
  margin-top: var(--gap-3);
}
@media (max-width: 900px) {
  .shelf {
    grid-template-columns: repeat(2, minmax(0, 1fr));
  }
}
</style>
